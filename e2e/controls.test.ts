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
      says: `${at.getAttribute('aria-label') ?? ''} ${names.join(' ')} ${at.textContent.slice(0, 120)}`,
      open: at.getAttribute('aria-expanded'),
    };
  });
/** What the focus has come back to, which it does a frame after what lay over the page is gone. */
const focusBack = () => page.waitForFunction(() => document.activeElement !== document.body).then(focused);
/** Goes on with Tab until the focus is where it is wanted. */
async function tabTo(wanted: (at: Awaited<ReturnType<typeof focused>>) => boolean, most = 80): Promise<void> {
  for (let i = 0; i < most; i++) {
    if (wanted(await focused())) return;
    await key('Tab');
  }
  throw new Error('the keyboard did not get there');
}
const gone = (selector: string) => page.waitForFunction((wanted) => document.querySelector(wanted) === null, {}, selector);
const address = (has: string) => page.waitForFunction((text) => location.search.includes(text), { timeout: 10_000 }, has);

// The keys of each pattern: WAI-ARIA Authoring Practices 1.2 (from memory).
describe('by keyboard alone', () => {
  it('a list opens by an arrow, finds by letters, takes by Enter, and is left by Escape with nothing changed', async () => {
    await visit(page, `${base}/cellar`);
    await tabTo((at) => at.role === 'button' && at.says.includes('Colour'));
    await key('ArrowDown');
    await page.waitForSelector('[role=listbox]');
    await key('Escape');
    await gone('[role=listbox]');
    expect(await focusBack()).toMatchObject({ says: expect.stringContaining('Colour'), open: 'false' });
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
    await gone('[role=dialog]');
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
  it('a day is picked from a month: arrows go by day and week, a page by month, Escape leaves it as it was', async () => {
    await visit(page, `${base}/notebook?from=2026-02-27`);
    await tabTo((at) => at.role === 'button' && at.says.includes('Calendar'));
    await key('Enter');
    await page.waitForSelector('[role=dialog] [role=grid]');
    await page.waitForFunction(() => document.activeElement?.getAttribute('aria-label')?.includes('27 February 2026') === true);
    await key('ArrowDown', 'ArrowRight');
    await page.waitForFunction(() => document.activeElement?.getAttribute('aria-label')?.includes('7 March 2026') === true);
    await key('Escape');
    await gone('[role=dialog]');
    expect(new URL(page.url()).search).toBe('?from=2026-02-27');
    expect((await focusBack()).says).toContain('Calendar');
    await key('Enter');
    await page.waitForFunction(() => document.activeElement?.getAttribute('aria-label')?.includes('27 February 2026') === true);
    await key('PageUp', 'Enter');
    await gone('[role=dialog]');
    await address('from=2026-01-27');
  });
  it('several boxes are one group with a name; a space ticks each', async () => {
    await visit(page, `${base}/pairing`);
    const dishes = () => page.$$eval('main ul > li', (rows) => rows.length);
    const all = await dishes();
    await press(page, 'A diet, or without an allergen');
    await page.waitForSelector('[role=dialog] [role=group]');
    const group = await page.$eval('[role=dialog] [role=group]', (element) => document.getElementById(element.getAttribute('aria-labelledby')!)?.textContent);
    expect(group).toBe('Without');
    await page.$eval('[role=dialog] input[value=eggs]', (input) => input.focus());
    await key('Space');
    await page.$eval('[role=dialog] input[value=milk]', (input) => input.focus());
    await key('Space');
    // The second is ticked before the list that leaves out the first has come.
    await address('without=eggs%2Cmilk');
    await page.$eval('[role=dialog] input[value=eggs]', (input) => input.focus());
    await key('Space');
    await page.waitForFunction(() => location.search === '?without=milk');
    await page.waitForFunction((before) => document.querySelectorAll('main ul > li').length < before, {}, all);
    expect(await page.$eval('main', (main) => /allergens:[^.]*milk/.test(main.textContent))).toBe(false);
    await key('Escape');
    await press(page, 'Without milk');
    await page.waitForSelector('[role=dialog] input[value=milk]');
    await page.$eval('[role=dialog] input[value=milk]', (input) => input.focus());
    await key('Space');
    await page.waitForFunction((before) => document.querySelectorAll('main ul > li').length === before, {}, all);
    await key('Escape');
    await gone('[role=dialog]');
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
describe('the controls of the gallery, by keyboard alone', () => {
  it('a menu opens on its first act, goes round by arrows, leads further in and back, and acts by Enter', async () => {
    await visit(page, `${base}/gallery`);
    await tabTo((at) => at.role === 'button' && at.says.trim().startsWith('A menu'), 120);
    await key('ArrowDown');
    await page.waitForSelector('[role=menu]');
    expect((await focused()).says).toContain('an act');
    await key('ArrowUp');
    expect((await focused()).says).toContain('take out');
    await key('m');
    await page.waitForFunction(() => document.activeElement?.textContent === 'more');
    await key('ArrowRight');
    await page.waitForFunction(() => document.activeElement?.textContent === 'an act further in');
    await key('ArrowLeft');
    await page.waitForFunction(() => document.activeElement?.textContent === 'more');
    await key('Escape');
    await gone('[role=menu]');
    expect((await focusBack()).says).toContain('A menu');
    await key('Enter');
    await page.waitForSelector('[role=menu]');
    await key('Enter');
    await waitForText(page, 'It was done.');
    // What was done is said in a region of its own, and gone to by F6.
    expect(await page.$eval('[role=region][aria-label*="just done"]', (region) => region.textContent)).toContain('It was done.');
  });
  it('what can be undone is undone from where it is said', async () => {
    await key('ArrowDown');
    await page.waitForSelector('[role=menu]');
    await key('End', 'Enter');
    await waitForText(page, 'It is out.');
    await press(page, 'Undo');
    await waitForText(page, 'It is back.');
  });
  it('a switch goes by Space; one that is not to be changed stays', async () => {
    await visit(page, `${base}/gallery`);
    await page.focus('input[role=switch]');
    const on = () => page.$eval('input[role=switch]', (input) => (input as HTMLInputElement).checked);
    const before = await on();
    await key('Space');
    expect(await on()).toBe(!before);
    expect(await page.$$eval('input[role=switch]', (inputs) => inputs.map((input) => (input as HTMLInputElement).disabled))).toEqual([false, true]);
  });
  it('a scale has one thumb for a reading and two for a span; arrows move by five, Shift by one, Alt widens, Delete clears, a span can be typed', async () => {
    const said = () => page.$$eval('[id^="g1-range"]', (inputs) => inputs.map((input) => input.getAttribute('aria-valuetext')));
    await page.focus('#g1-range');
    expect(await said()).toEqual(['62, fresh']);
    await key('ArrowRight', 'ArrowUp', 'ArrowLeft');
    expect(await said()).toEqual(['67, lively']);
    await page.keyboard.down('Shift');
    await key('ArrowLeft', 'ArrowLeft');
    await page.keyboard.up('Shift');
    expect(await said()).toEqual(['65, lively']);
    await page.keyboard.down('Alt');
    await key('ArrowUp');
    await page.keyboard.up('Alt');
    expect(await said()).toEqual(['60, between 60 and 70', '70, between 60 and 70']);
    await page.focus('#g1-range-high');
    await key('ArrowRight');
    expect(await said()).toEqual(['60, between 60 and 75', '75, between 60 and 75']);
    await key('Home');
    // An end goes as far as the other: a span of no width is a reading.
    expect(await said()).toEqual(['60, fresh']);
    await page.focus('#g1-range');
    await key('Delete');
    expect(await said()).toEqual(['not set']);
    await page.focus('input[aria-label^="Acidity, number"]');
    await page.keyboard.type('40-60');
    expect(await said()).toEqual(['40, between 40 and 60', '60, between 40 and 60']);
    await key('Tab');
    expect((await focused()).says).toContain('Less sure');
  });
  it('a scale is set by a press on its line, and a mark is dragged', async () => {
    const line = (await page.$('[id="g2-range"]'))!;
    const box = (await (await line.evaluateHandle((input) => input.closest('.line-track')!)).asElement()!.boundingBox())!;
    await page.mouse.click(box.x + box.width * 0.25, box.y + box.height / 2);
    const said = () => page.$eval('#g2-range', (input) => input.getAttribute('aria-valuetext'));
    expect(await said()).toBe('25, light');
    await page.mouse.move(box.x + box.width * 0.25, box.y + box.height / 2);
    await page.mouse.down();
    await page.mouse.move(box.x + box.width * 0.6, box.y + box.height / 2, { steps: 6 });
    await page.mouse.up();
    expect(await said()).toBe('60, moderate');
  });
  it('a number steps by arrows and page keys and stays in its range; nonsense stays with its reason', async () => {
    const label = (await page.waitForSelector('::-p-xpath(//label[starts-with(., "A number")])'))!;
    const id = await label.evaluate((element) => element.getAttribute('for')!);
    // The gallery's number is fixed: the keys are taken, and the text stays.
    await page.focus(`[id="${id}"]`);
    await key('ArrowUp');
    await page.keyboard.type('x');
    await waitForText(page, 'not a number');
  });
  it('tabs go by arrows, a table by arrows and sorts by Enter, a word opens its explanation', async () => {
    await visit(page, `${base}/gallery`);
    await page.focus('[role=tab][aria-selected=true]');
    await key('ArrowRight');
    await waitForText(page, 'What the second says.');
    await key('Home');
    await waitForText(page, 'What the first part says.');
    const cells = () => page.$$eval('[role=grid][aria-label="A table"] [role=rowheader]', (headers) => headers.map((header) => header.textContent));
    expect(await cells()).toEqual(['Slate', 'Anvil', 'Kiln']);
    await (await page.$$('[role=grid][aria-label="A table"] [role=columnheader]'))[1]!.focus();
    await key('Enter');
    await page.waitForFunction(() => document.querySelector('[role=columnheader][aria-sort=ascending]') !== null);
    expect(await cells()).toEqual(['Slate', 'Kiln', 'Anvil']);
    await key('Enter');
    expect(await cells()).toEqual(['Anvil', 'Kiln', 'Slate']);
    await key('ArrowDown');
    expect(await page.evaluate(() => document.activeElement?.closest('[role=row]') !== null)).toBe(true);
    await tabTo((at) => at.says.trim() === 'strain' && at.role === 'button', 160).catch(() =>
      visit(page, `${base}/gallery`).then(() => tabTo((at) => at.says.trim() === 'strain', 160)),
    );
    // What lies over the page goes when the page is scrolled under it, as it may be to reach the next control.
    await page.evaluate(() => document.activeElement!.scrollIntoView({ block: 'center' }));
    await key('Enter');
    await page.waitForSelector('[role=dialog]');
    await waitForText(page, 'How much one glass spoils the next');
    await key('Escape');
    await gone('[role=dialog]');
    expect((await focusBack()).says).toContain('strain');
    await key('Tab');
    await page.waitForSelector('[role=tooltip]');
    await key('Escape');
    await gone('[role=tooltip]');
  });
  it('free text is kept as it stands, a completion is taken by arrows and Enter; a form’s refusal stands at its field and has the focus', async () => {
    const field = (await page.waitForSelector('::-p-xpath(//label[starts-with(., "Free text")])'))!;
    const id = await field.evaluate((element) => element.getAttribute('for')!);
    const value = () => page.$eval(`[id="${id}"]`, (input) => (input as HTMLInputElement).value);
    await page.focus(`[id="${id}"]`);
    await key('End');
    await page.keyboard.type('r');
    await page.waitForSelector('[role=option]');
    await key('ArrowDown', 'Enter');
    expect(await value()).toBe('Merlot');
    await page.keyboard.type('x');
    await key('Tab');
    expect(await value()).toBe('Merlotx');
    await press(page, 'Send it, and be refused');
    await waitForText(page, 'write a word');
    expect(await page.evaluate(() => [(document.activeElement as HTMLInputElement).name, document.activeElement?.getAttribute('aria-invalid')])).toEqual([
      'word',
      'true',
    ]);
    // What was mended loses its complaint when the field is left.
    await page.keyboard.type('y');
    await key('Tab');
    await page.waitForFunction(() => !document.body.innerText.includes('write a word'));
  });
  it('anything is gone to by one key, by a beginning of its name', async () => {
    await visit(page, `${base}/notebook`);
    // Typed at once, faster than the sheet can come: nothing of it is lost.
    await page.keyboard.type('glampl');
    await page.waitForFunction(() => document.querySelector('[role=dialog] [role=option]')?.textContent?.startsWith('Lamplighter') === true);
    await key('ArrowDown', 'Enter');
    await page.waitForFunction(() => location.pathname.startsWith('/wines/'), { timeout: 15_000 });
    await page.keyboard.type('gsettings prog');
    await page.waitForFunction(() => document.querySelector('[role=dialog] [role=option]')?.textContent === 'Settings: programs');
    await key('ArrowDown', 'Enter');
    await page.waitForFunction(() => location.pathname === '/settings/programs', { timeout: 15_000 });
    await page.keyboard.type('gzzzz');
    await waitForText(page, 'Nothing is called that here.');
    await key('Escape');
    await gone('[role=dialog]');
  });
  it('an act is undone by one key, and a list is come back to as it was left', async () => {
    await visit(page, `${base}/settings/tasting`);
    await waitForText(page, 'Saved as you edit');
    const school = () => page.$eval('button[aria-haspopup=listbox]', (button) => button.textContent);
    const before = await school();
    await (await page.$('button[aria-haspopup=listbox]'))!.focus();
    await key('ArrowDown');
    await page.waitForSelector('[role=option]');
    await key('ArrowDown', 'Enter');
    await page.waitForFunction((was) => document.querySelector('button[aria-haspopup=listbox]')!.textContent !== was, {}, before);
    await waitForText(page, 'Saved as you edit');
    await page.keyboard.down('Control');
    await key('z');
    await page.keyboard.up('Control');
    await page.waitForFunction((was) => document.querySelector('button[aria-haspopup=listbox]')!.textContent === was, {}, before);
    await waitForText(page, 'Saved as you edit');

    await visit(page, `${base}/notebook?mine=yes&q=scree`);
    await visit(page, `${base}/notebook`);
    await press(page, 'Show more');
    await page.waitForFunction(() => document.querySelectorAll('main ul > li').length > 30);
    const last = await page.$$eval('main ul > li .name', (names) => names.at(-1)!.getAttribute('href')!);
    await page.evaluate((href) => document.querySelector(`a[href="${href}"]`)!.scrollIntoView({ block: 'center' }), last);
    await new Promise((resolve) => setTimeout(resolve, 200));
    const place = await page.evaluate(() => window.scrollY);
    await page.evaluate((href) => document.querySelector<HTMLElement>(`a[href="${href}"]`)!.click(), last);
    await page.waitForFunction(() => location.pathname.startsWith('/notes/'), { timeout: 15_000 });
    await page.goBack();
    await page.waitForFunction(() => document.querySelectorAll('main ul > li').length > 30, { timeout: 15_000 });
    await page.waitForFunction((was) => Math.abs(window.scrollY - was) < 200, { timeout: 10_000 }, place);
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
  await gone('[role=dialog]');
  await page.setViewport(desktop);
});
