import { randomUUID } from 'node:crypto';
import { comeIn, fill, phone, pick, press, visit, waitForText } from '../e2e/browser';
import { flightOfThree } from '../e2e/covered-flight';
import type { Figure } from './measure';
import { ScriptsLog } from './scripts-log';
import { served } from './served';

/** A cellar's network: bits a second, and milliseconds there and back. */
const slow = { bits: 400_000, latency: 300 };
/** Milliseconds a guest has patience for, from the link to the first question. */
const patience = 10_000;
const mostScript = 250;

/** A guest's phone from the link to the first question on a slow network, and the script it takes to the first saved change, by the browser's own network log. */
export async function seat(): Promise<Figure[]> {
  return served(async ({ base, browser }) => {
    const host = await browser.newPage();
    await comeIn(host, base);
    const flight = await flightOfThree(host);
    // An evening at its first step: whoever sits down is asked at once. Each call is written out: an inner function would be given a name the page does not know.
    const id = randomUUID();
    const ask = <T>(method: string, path: string, body?: object) =>
      host.evaluate(
        async (how, at, said) =>
          (await (
            await fetch(`/api/v1${at}`, { method: how, headers: { 'content-type': 'application/json' }, ...(said === null ? {} : { body: said }) })
          ).json()) as unknown,
        method,
        path,
        body === undefined ? null : JSON.stringify(body),
      ) as Promise<T>;
    let { tick } = await ask<{ tick: number }>('POST', `/flights/${flight}/tastings`, { tastingId: id });
    for (const to of [1, 2]) ({ tick } = await ask<{ tick: number }>('POST', `/tastings/${id}/moves`, { basedOn: tick, actId: randomUUID(), to }));
    const { joinCode, joinKey } = await ask<{ joinCode: string; joinKey: string }>('GET', `/tastings/${id}`);
    const link = `/join/${joinCode}?k=${joinKey}`;
    const context = await browser.createBrowserContext();
    const page = await context.newPage();
    await page.setViewport(phone);
    const client = await page.createCDPSession();
    const scripts = await ScriptsLog.of(client);
    await client.send('Network.emulateNetworkConditions', {
      offline: false,
      latency: slow.latency,
      downloadThroughput: slow.bits / 8,
      uploadThroughput: slow.bits / 8,
    });
    const from = performance.now();
    await visit(page, base + link);
    await fill(page, 'Your name', 'Mira');
    await press(page, 'Sit down');
    await waitForText(page, 'Is it clear?', 60_000);
    const asked = performance.now() - from;
    const saved = page.waitForResponse((response) => response.request().method() === 'PUT' && response.ok(), { timeout: 60_000 });
    await pick(page, 'clarity', 'clear');
    await saved;
    return [
      {
        name: 'seat-time',
        says: `a guest’s phone from the link to the first question at ${slow.bits / 1000} kbit/s and ${slow.latency} ms`,
        figure: Math.round(asked),
        unit: 'ms',
        reference: patience,
        ratio: asked / patience,
        goal: '≤ 1',
        met: asked <= patience,
      },
      scripts.figure('seat-bytes', 'script on a guest’s phone from the link to the first saved change', mostScript),
    ];
  });
}
