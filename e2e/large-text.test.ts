import { describe, expect, it } from 'vitest';
import { comeIn, desktop, phone, press, settled, visit } from './browser';
import { journey } from './journey';

// A reader who set the browser's text to twice the usual size.
const { base, page } = await journey('--blink-settings=defaultFontSize=32');

/** Texts that end beyond the right edge of the window and cannot be scrolled to. */
const cutOff = (width: number) =>
  page.evaluate((width) => {
    const scrolls = (element: Element | null): boolean =>
      element !== null && (/auto|scroll/.test(getComputedStyle(element).overflowX) || scrolls(element.parentElement));
    return [...document.querySelectorAll<HTMLElement>('main *, header *')]
      .filter(
        (element) =>
          [...element.childNodes].some((node) => node.nodeType === Node.TEXT_NODE && node.textContent!.trim() !== '') &&
          getComputedStyle(element).visibility === 'visible' &&
          element.getClientRects().length > 0 &&
          element.getBoundingClientRect().right > width + 1 &&
          !scrolls(element.parentElement),
      )
      .map((element) => element.textContent!.trim().slice(0, 60));
  }, width);
/** Figures typed into a field too narrow for them. */
const squeezed = () =>
  page.$$eval('main input:not([type="range"])', (inputs) =>
    inputs.filter((input) => input.value !== '' && input.clientWidth > 20 && input.scrollWidth > input.clientWidth + 1).map((input) => input.value),
  );

describe('text at 200 %', () => {
  it('is doubled on every view of a glass, and nothing is cut off', async () => {
    await page.setViewport(desktop);
    await comeIn(page, base);
    const [left, right] = await page.evaluate(async () => {
      const headers = { 'content-type': 'application/json' };
      const { items } = (await (await fetch('/api/v1/wines?limit=2')).json()) as { items: { id: string }[] };
      const notes = [crypto.randomUUID(), crypto.randomUUID()];
      await fetch('/api/v1/deals', { method: 'POST', headers, body: JSON.stringify({ wineIds: items.map((wine) => wine.id), notes }) });
      const document = {
        schema: 1,
        observed: { colour: 'white', hue: 'lemon', sweetness: [20, 40], acidity: 80, body: 45, finish: { seconds: 21 }, quality: 86 },
        chips: [{ id: 'a', term: 'lemon', layer: 'first', strength: 2 }],
        deck: {},
        markBeforeDraft: null,
        rewritten: {},
        remark: '',
      };
      for (const note of notes)
        await fetch(`/api/v1/notes/${note}`, { method: 'PUT', headers, body: JSON.stringify({ writeId: crypto.randomUUID(), baseRevision: 1, document }) });
      return notes;
    });
    const faults: string[] = [];
    for (const [size, viewport] of [
      ['desk', desktop],
      ['phone', phone],
    ] as const) {
      await page.setViewport(viewport);
      const look = async (view: string) => {
        await settled(page);
        // A phone lays a page out as wide as its widest part: the window's own width would agree with it.
        const sideways = await page.evaluate((width) => document.documentElement.scrollWidth - width, viewport.width);
        if (sideways > 1) faults.push(`${size}, ${view}: scrolls sideways by ${sideways} px`);
        faults.push(...(await cutOff(viewport.width)).map((text) => `${size}, ${view}: cut off: ${text}`));
        faults.push(...(await squeezed()).map((text) => `${size}, ${view}: squeezed: ${text}`));
      };
      await visit(page, `${base}/notes/${left}`);
      expect(await page.evaluate(() => Number.parseFloat(getComputedStyle(document.body).fontSize))).toBeGreaterThanOrEqual(30);
      for (const depth of ['Quick', 'Guided', 'Full']) {
        await press(page, depth);
        await look(depth);
      }
      for (const quarter of ['Aroma', 'Palate', 'Finish', 'Judgement']) {
        await press(page, quarter);
        await look(quarter);
      }
      await visit(page, `${base}/notes/pair?left=${left}&right=${right}`);
      await look('pair');
      for (const address of ['/notes/deal', '/notebook', '/settings/routines']) {
        await visit(page, base + address);
        await look(address);
      }
    }
    expect(faults).toEqual([]);
    for (const note of [left, right]) await page.evaluate((id) => fetch(`/api/v1/notes/${id}`, { method: 'DELETE' }).then(() => undefined), note);
  }, 120_000);
});
