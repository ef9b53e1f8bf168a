import { describe, expect, it } from 'vitest';
import { desktop, phone, press, visit, waitForText } from './browser';
import { demoJourney } from './journey';

const { base, page } = await demoJourney();
const key = (...keys: Parameters<typeof page.keyboard.press>[0][]) =>
  keys.reduce((before, one) => before.then(() => page.keyboard.press(one)), Promise.resolve());
/** What has the focus: its role, what it says, and its state. */
const focused = () =>
  page.evaluate(() => {
    const at = document.activeElement as HTMLElement;
    const names = (at.getAttribute('aria-labelledby') ?? '').split(' ').map((id) => document.getElementById(id)?.textContent ?? '');
    return {
      role: at.getAttribute('role') ?? at.tagName.toLowerCase(),
      says: `${at.getAttribute('aria-label') ?? ''} ${names.join(' ')} ${at.textContent}`,
      open: at.getAttribute('aria-expanded'),
    };
  });
/** Goes on with Tab until the focus is where it is wanted. */
async function tabTo(wanted: (at: Awaited<ReturnType<typeof focused>>) => boolean, most = 80): Promise<void> {
  for (let i = 0; i < most; i++) {
    if (wanted(await focused())) return;
    await key('Tab');
  }
  throw new Error('the keyboard did not get there');
}
const address = (has: string) => page.waitForFunction((text) => location.search.includes(text), { timeout: 10_000 }, has);

// The keys of each pattern: WAI-ARIA Authoring Practices 1.2 (from memory).
describe('by keyboard alone', () => {
  it('a list opens by an arrow, finds by letters, takes by Enter, and is left by Escape with nothing changed', async () => {
    await visit(page, `${base}/cellar`);
    await tabTo((at) => at.role === 'button' && at.says.includes('Colour'));
    await key('ArrowDown');
    await page.waitForSelector('[role=listbox]');
    await key('Escape');
    await page.waitForFunction(() => document.querySelector('[role=listbox]') === null);
    expect(await focused()).toMatchObject({ says: expect.stringContaining('Colour'), open: 'false' });
    expect(new URL(page.url()).search).toBe('');
    await key('ArrowDown');
    await page.waitForSelector('[role=listbox]');
    await page.keyboard.type('ros');
    await page.waitForFunction(() => document.activeElement?.textContent === 'rosé');
    await key('Enter');
    await address('colour=rose');
    await waitForText(page, 'Ember Rosado');
  });
  it('the sheet of keys takes the focus, holds it, and gives it back', async () => {
    await visit(page, `${base}/cellar`);
    await tabTo((at) => at.role === 'button' && at.says.includes('Keys'));
    await key('Enter');
    await page.waitForSelector('[role=dialog]');
    for (let i = 0; i < 4; i++) {
      await key('Tab');
      expect(await page.evaluate(() => document.activeElement!.closest('[role=dialog]') !== null)).toBe(true);
    }
    await key('Escape');
    await page.waitForFunction(() => document.querySelector('[role=dialog]') === null);
    await page.waitForFunction(() => document.activeElement?.textContent?.includes('Keys') === true);
  });
  it('a country is found by a part of its name, and what is none is not taken', async () => {
    await visit(page, `${base}/settings`);
    await tabTo((at) => at.role === 'combobox');
    const shown = () => page.$eval('input[role=combobox]', (input) => (input as HTMLInputElement).value);
    const before = await shown();
    await page.keyboard.type('swit');
    await page.waitForSelector('[role=option]');
    expect(await page.$$eval('[role=option]', (options) => options.map((option) => option.textContent))).toEqual(['Switzerland, CH']);
    await key('ArrowDown', 'Enter');
    expect(await shown()).toBe('Switzerland, CH');
    await key('Tab');
    await page.focus('input[role=combobox]');
    await page.keyboard.type('Atlantis');
    await key('Tab');
    expect(await shown()).toBe('Switzerland, CH');
    expect(before).toBe('Greece, GR');
  });
  it('a day is set part by part, day first; arrows count it on', async () => {
    await visit(page, `${base}/notebook`);
    await tabTo((at) => at.role === 'spinbutton' && at.says.includes('day'));
    await page.keyboard.type('01022026');
    await address('from=2026-02-01');
    expect((await focused()).role).toBe('spinbutton');
    await key('ArrowUp');
    await address('from=2027-02-01');
  });
  it('quarters are tabs: one stop, arrows go round, and the keys of the desk still work', async () => {
    await visit(page, `${base}/notebook?q=slate`);
    await press(page, 'Slate Wire');
    await page.waitForSelector('[role=tab][aria-selected=true]');
    await page.focus('[role=tab][aria-selected=true]');
    await key('ArrowRight');
    await page.waitForFunction(() => document.querySelector('[role=tab][aria-selected=true]')?.textContent?.startsWith('Aroma') === true);
    await key('End');
    await page.waitForFunction(() => document.querySelector('[role=tab][aria-selected=true]')?.textContent?.startsWith('Judgement') === true);
    await key('ArrowRight');
    await page.waitForFunction(() => document.querySelector('[role=tab][aria-selected=true]')?.textContent?.startsWith('Appearance') === true);
    const panel = await page.$eval('[role=tabpanel]', (element) => document.getElementById(element.getAttribute('aria-labelledby')!)?.textContent);
    expect(panel).toMatch(/^Appearance/);
    await page.evaluate(() => (document.activeElement as HTMLElement).blur());
    await key('3');
    await page.waitForFunction(() => document.querySelector('[role=tab][aria-selected=true]')?.textContent?.startsWith('Palate') === true);
  });
  it('a line that opens more does so by Enter and says so', async () => {
    await visit(page, `${base}/flights`);
    await press(page, 'Fire and salt');
    await page.waitForFunction(() => /^\/flights\/[0-9a-f-]{36}$/.test(location.pathname));
    await tabTo((at) => at.role === 'button' && at.says.includes('Purpose'));
    expect((await focused()).open).toBe('false');
    await key('Enter');
    expect((await focused()).open).toBe('true');
    await waitForText(page, 'Kind of evening');
  });
});
it('on a phone the filters are one line that says how many are set, and a sheet', async () => {
  await page.setViewport(phone);
  await visit(page, `${base}/cellar?colour=red&held=yes`);
  await waitForText(page, 'Filters, 2 set');
  expect(await page.$$eval('button[aria-haspopup=listbox]', (buttons) => buttons.filter((button) => button.getClientRects().length > 0).length)).toBe(0);
  await press(page, 'Filters, 2 set');
  await page.waitForSelector('[role=dialog]');
  await waitForText(page, 'Sorted by');
  await press(page, 'Show what fits');
  await page.waitForFunction(() => document.querySelector('[role=dialog]') === null);
  await page.setViewport(desktop);
});
