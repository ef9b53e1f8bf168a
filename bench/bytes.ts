import { Client } from 'pg';
import { comeIn, desktop, phone, press, waitForText } from '../e2e/browser';
import type { Figure } from './measure';
import { ScriptsLog } from './scripts-log';
import { served } from './served';

/** Script as served, compressed, from navigation to the first saved change of a note and on through all its quarters, by the browser's own network log. */
export async function bytes(): Promise<Figure[]> {
  return served(async ({ base, database, browser }) => {
    const db = new Client({ connectionString: database });
    await db.connect();
    const note = (
      await db.query<{ id: string }>("select note.id from note join participant on participant.id = note.participant_id where participant.name = 'Ines'")
    ).rows[0]!.id;
    await db.end();
    const figures: Figure[] = [];
    for (const [name, viewport, most, mostOfAll] of [
      ['bytes-phone', phone, 250, 310],
      ['bytes-desk', desktop, 300, 420],
    ] as const) {
      const context = await browser.createBrowserContext();
      const page = await context.newPage();
      await page.setViewport(viewport);
      await comeIn(page, base);
      await page.close();
      const fresh = await context.newPage();
      await fresh.setViewport(viewport);
      const client = await fresh.createCDPSession();
      await client.send('Network.setCacheDisabled', { cacheDisabled: true });
      const scripts = await ScriptsLog.of(client);
      await fresh.goto(`${base}/notes/${note}`, { waitUntil: 'load' });
      const radio = (await fresh.waitForSelector('input[name="tears"][value="quick"]'))!;
      // A press before the page has taken the field over is nobody's.
      await fresh.waitForFunction((element) => Object.keys(element).some((key) => key.startsWith('__react')), { polling: 50 }, radio);
      const saved = fresh.waitForResponse((response) => response.request().method() === 'PUT' && response.ok(), { timeout: 30_000 });
      await radio.evaluate((element) => (element as HTMLInputElement).click());
      await saved;
      const on = name.split('-')[1];
      figures.push(scripts.figure(name, `script to the first saved change of a note, ${on}`, most));
      for (const [quarter, shows] of [
        ['Aroma', 'Name a smell'],
        ['Palate', 'Acidity'],
        ['Finish', 'Pleasant flavour'],
        ['Judgement', 'Balance'],
      ] as const) {
        await press(fresh, quarter);
        await waitForText(fresh, shows);
        await new Promise((resolve) => setTimeout(resolve, 1500));
      }
      figures.push(scripts.figure(`${name}-all`, `script after all quarters of a note, ${on}`, mostOfAll));
      await context.close();
    }
    return figures;
  });
}
