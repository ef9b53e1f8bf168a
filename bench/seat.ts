import { randomUUID } from 'node:crypto';
import { comeIn, fill, phone, pick, press, visit, waitForText } from '../e2e/browser';
import { flightOfThree } from '../e2e/covered-flight';
import type { Figure } from './measure';
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
    // An evening at its first step: whoever sits down is asked at once.
    const link = await host.evaluate(
      async (flightId, ids) => {
        const post = async (path: string, body: object) =>
          (await (await fetch(`/api/v1${path}`, { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) })).json()) as {
            tick: number;
          };
        let { tick } = await post(`/flights/${flightId}/tastings`, { tastingId: ids[0] });
        for (const [i, to] of [1, 2].entries()) ({ tick } = await post(`/tastings/${ids[0]}/moves`, { basedOn: tick, actId: ids[i + 1], to }));
        const { joinCode, joinKey } = (await (await fetch(`/api/v1/tastings/${ids[0]}`)).json()) as { joinCode: string; joinKey: string };
        return `/join/${joinCode}?k=${joinKey}`;
      },
      flight,
      [randomUUID(), randomUUID(), randomUUID()],
    );
    const context = await browser.createBrowserContext();
    const page = await context.newPage();
    await page.setViewport(phone);
    const client = await page.createCDPSession();
    await client.send('Network.enable');
    await client.send('Network.emulateNetworkConditions', {
      offline: false,
      latency: slow.latency,
      downloadThroughput: slow.bits / 8,
      uploadThroughput: slow.bits / 8,
    });
    const scripts = new Set<string>();
    let sum = 0;
    client.on('Network.responseReceived', (event) => event.type === 'Script' && scripts.add(event.requestId));
    client.on('Network.loadingFinished', (event) => {
      if (scripts.has(event.requestId)) sum += event.encodedDataLength;
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
    const kib = sum / 1024;
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
      {
        name: 'seat-bytes',
        says: 'script on a guest’s phone from the link to the first saved change',
        figure: Math.round(kib),
        unit: 'KiB',
        reference: mostScript,
        ratio: kib / mostScript,
        goal: '≤ 1',
        met: kib <= mostScript,
      },
    ];
  });
}
