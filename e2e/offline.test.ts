import { v7 } from 'uuid';
import { afterAll, beforeAll, beforeEach, describe, expect, inject, it } from 'vitest';
import { Client } from 'pg';
import type { Page } from 'puppeteer-core';
import { comeIn, phone, pick, press, textOf, until, visit, waitForText } from './browser';
import { journey } from './journey';
import { lay, type Cable } from './cable';

const { base, browser } = await journey();
// At the usual pace: what this journey is about is the waiting itself.
let page = await browser.newPage();
let cable: Cable;
let through: string;
let database: Client;
beforeAll(async () => {
  cable = await lay(Number(new URL(base).port));
  through = `http://127.0.0.1:${cable.port}`;
  database = new Client({ connectionString: inject('databaseUrl') });
  await database.connect();
  await page.setViewport(phone);
  await comeIn(page, through);
});
afterAll(async () => {
  await cable.close();
  await database.end();
});
beforeEach(() => {
  cable.mode = 'whole';
});

const stored = async (id: string) =>
  (await database.query<{ document: { observed: Record<string, unknown> }; revision: number }>('select document, revision from note where id = $1', [id]))
    .rows[0]!;
/** A fresh note on a wine of the demo, opened on this page. */
async function openNote(on: Page): Promise<string> {
  const id = v7();
  await on.evaluate(async (noteId) => {
    const wines = (await (await fetch('/api/v1/wines?limit=1')).json()) as { items: { id: string }[] };
    await fetch('/api/v1/notes', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ id: noteId, wineId: wines.items[0]!.id }),
    });
  }, id);
  await visit(on, `${through}/notes/${id}`);
  return id;
}
/** Leaves the page for a moment, which sends at once. */
const send = (on: Page) => on.evaluate(() => window.dispatchEvent(new Event('blur')));

describe('a note with bad wifi', () => {
  it('is kept on the device while the cable is cut, survives a closed tab, and goes up once', async () => {
    const id = await openNote(page);
    cable.mode = 'cut';
    await pick(page, 'clarity', 'hazy');
    await pick(page, 'colour', 'amber');
    await send(page);
    await waitForText(page, 'On this device, will send');
    expect((await stored(id)).document.observed).toEqual({});
    // The page is killed, not closed politely; the draft is in the browser's own storage.
    const other = await browser.newPage();
    await other.setViewport(phone);
    const client = await page.createCDPSession();
    // The answer never comes: the page is gone.
    void client.send('Page.crash').catch(() => undefined);
    await new Promise((resolve) => setTimeout(resolve, 500));
    page = other;
    cable.mode = 'whole';
    await visit(page, `${through}/notes/${id}`);
    await until(async () => (await stored(id)).document.observed['clarity'] === 'hazy', 'the draft of the dead tab is sent');
    await waitForText(page, 'Saved');
    expect(await stored(id)).toMatchObject({ revision: 2, document: { observed: { clarity: 'hazy', colour: 'amber' } } });
  });

  it('a deaf cable (the answer is lost) doubles nothing, and no clash of one’s own is shown', async () => {
    const id = await openNote(page);
    cable.mode = 'deaf';
    await pick(page, 'clarity', 'brilliant');
    await send(page);
    await until(async () => (await stored(id)).revision === 2, 'the write arrives');
    await pick(page, 'clarity', 'dull');
    cable.mode = 'cut';
    await new Promise((resolve) => setTimeout(resolve, 300));
    cable.mode = 'whole';
    await until(async () => (await stored(id)).document.observed['clarity'] === 'dull', 'the next change is sent');
    expect((await stored(id)).revision).toBe(3);
    expect(await textOf(page)).not.toContain('Changed in two places');
  });

  it('a slow cable keeps up with typing', async () => {
    const id = await openNote(page);
    cable.mode = 'slow';
    for (const value of ['brilliant', 'clear', 'dull', 'hazy']) {
      await pick(page, 'clarity', value);
      await send(page);
    }
    await until(async () => (await stored(id)).document.observed['clarity'] === 'hazy', 'the last value arrives');
  });

  it('two tabs on one note: each sees the other’s change field by field, and the same field is shown from both', async () => {
    const id = await openNote(page);
    const second = await browser.newPage();
    await second.setViewport(phone);
    await visit(second, `${through}/notes/${id}`);
    await pick(page, 'clarity', 'clear');
    await send(page);
    await until(async () => (await stored(id)).document.observed['clarity'] === 'clear', 'the first tab is saved');
    await pick(second, 'colour', 'red');
    await second.evaluate(() => window.dispatchEvent(new Event('focus')));
    await until(async () => (await stored(id)).document.observed['colour'] === 'red', 'the second tab is saved');
    expect((await stored(id)).document.observed).toEqual({ clarity: 'clear', colour: 'red' });
    expect(await second.$eval('input[name="clarity"][value="clear"]', (element) => (element as HTMLInputElement).checked)).toBe(true);
    // Both change the same field while the first cannot see the second.
    cable.mode = 'cut';
    await pick(page, 'tears', 'none');
    await pick(second, 'tears', 'slow');
    cable.mode = 'whole';
    await send(second);
    await until(async () => (await stored(id)).document.observed['tears'] === 'slow', 'the second tab is first');
    await page.bringToFront();
    await send(page);
    await waitForText(page, 'Changed in two places at once');
    await press(page, 'none here');
    await send(page);
    await until(async () => (await stored(id)).document.observed['tears'] === 'none', 'the choice is sent');
    await second.close();
  });
});
