import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { Client } from 'pg';
import { end, serve, prepare } from '../e2e/application';
import { comeIn, desktop, openBrowser, phone } from '../e2e/browser';
import { freePort, startCluster } from '../web/src/server/testing/throwaway';
import type { Figure } from './measure';

/** Script as served, compressed, from navigation to the first saved change of a note, by the browser's own network log. */
export async function bytes(): Promise<Figure[]> {
  const cluster = await startCluster();
  const data = mkdtempSync(path.join(tmpdir(), 'rose-bench-'));
  const port = await freePort();
  await prepare(cluster.url('postgres'), cluster.url('rose'), data, port);
  const server = await serve(cluster.url('rose'), data, port);
  const { browser, close } = await openBrowser();
  try {
    const base = `http://127.0.0.1:${port}`;
    const db = new Client({ connectionString: cluster.url('rose') });
    await db.connect();
    const note = (
      await db.query<{ id: string }>("select note.id from note join participant on participant.id = note.participant_id where participant.name = 'Ines'")
    ).rows[0]!.id;
    await db.end();
    const figures: Figure[] = [];
    for (const [name, viewport, most] of [
      ['bytes-phone', phone, 190],
      ['bytes-desk', desktop, 260],
    ] as const) {
      const context = await browser.createBrowserContext();
      const page = await context.newPage();
      await page.setViewport(viewport);
      await comeIn(page, base);
      await page.close();
      const fresh = await context.newPage();
      await fresh.setViewport(viewport);
      const client = await fresh.createCDPSession();
      await client.send('Network.enable');
      await client.send('Network.setCacheDisabled', { cacheDisabled: true });
      const scripts = new Set<string>();
      let sum = 0;
      client.on('Network.responseReceived', (event) => event.type === 'Script' && scripts.add(event.requestId));
      client.on('Network.loadingFinished', (event) => {
        if (scripts.has(event.requestId)) sum += event.encodedDataLength;
      });
      await fresh.goto(`${base}/notes/${note}`, { waitUntil: 'load' });
      const radio = (await fresh.waitForSelector('input[name="tears"][value="quick"]'))!;
      const saved = fresh.waitForResponse((response) => response.request().method() === 'PUT' && response.ok(), { timeout: 30_000 });
      await radio.evaluate((element) => (element as HTMLInputElement).click());
      await saved;
      figures.push({
        name,
        says: `script to the first saved change of a note, ${name.split('-')[1]}`,
        figure: Math.round(sum / 1024),
        unit: 'KiB',
        reference: most,
        ratio: sum / 1024 / most,
        goal: '≤ 1',
        met: sum / 1024 <= most,
      });
      await context.close();
    }
    return figures;
  } finally {
    await close();
    await end(server);
    cluster.stop();
    rmSync(data, { recursive: true, force: true });
  }
}
