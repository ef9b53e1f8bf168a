import { randomUUID } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { emptyMenu, type MenuDocument } from '@rose/core/menu/menu-document';
import { fill, phone, press, select, textOf, visit, waitForText } from './browser';
import { demoJourney, hurried } from './journey';

const { base, page, browser } = await demoJourney();
const saved = () => waitForText(page, 'Saved', 20_000);
const tick = (label: string) =>
  page.evaluate((wanted) => {
    const found = [...document.querySelectorAll('[role=dialog] label')].find((entry) => entry.textContent.trim() === wanted);
    found!.querySelector('input')!.click();
  }, label);

describe('from one typed line to a wine', () => {
  it('reads the line, tells what it did not understand, builds the dish and gives reasons', async () => {
    await visit(page, `${base}/pairing`);
    await fill(page, 'What do we drink with', 'lamb with rosemary, grilled, potatoes in goose fat, moonlight');
    await waitForText(page, 'lamb (grilled)');
    await waitForText(page, '“moonlight”');
    await page.reload();
    await waitForText(page, 'lamb (grilled)');
    await press(page, 'Build it');
    await waitForText(page, 'The best of every class');
    await waitForText(page, 'together');
    const text = await textOf(page);
    for (const said of ['a surprise', 'no alcohol', 'Why ', 'Stay away', 'In the kitchen']) expect(text).toContain(said);
    await saved();
  });
  it('tells what a change did, and the smallest change for a wine that does not fit', async () => {
    const box = (await page.waitForSelector('input[placeholder^="octopus"]'))!;
    await box.click();
    await box.type('vinegar, fresh chilli');
    await waitForText(page, 'As a line');
    await page.keyboard.press('Enter');
    await waitForText(page, 'The last change');
    expect(await textOf(page)).toMatch(/The last change (takes|gives) \d+ (from|to) [a-z ]+/);
    await press(page, 'All 103');
    await waitForText(page, 'A wine · its name');
    await press(page, 'off-dry Riesling');
    await waitForText(page, 'for off-dry Riesling');
  });
  it('is suited to a guest: what breaks a need is swapped, what depends on a maker is asked', async () => {
    await press(page, 'For a guest who');
    await page.waitForSelector('[role=dialog]');
    await tick('vegetarian');
    await waitForText(page, 'instead of lamb');
    await press(page, 'Swap them in this dish');
    await page.waitForFunction(() => document.querySelector('[role=dialog]') === null);
    await page.waitForFunction(() => ![...document.querySelectorAll('section[aria-label="The dish"] button')].some((button) => button.textContent === 'lamb'));
    await saved();
  });
});

describe('a menu of five courses', () => {
  it('is made of pasted lines, each course with a wine and why', async () => {
    await visit(page, `${base}/pairing`);
    await fill(
      page,
      'What do we drink with',
      'Oysters, mignonette 14.50\nSole meunière £22\nRoast lamb with rosemary, potato gratin\nCheese plate\nCrème brûlée',
    );
    await waitForText(page, 'Build 5 dishes');
    await press(page, 'Make a menu of them');
    await waitForText(page, 'What is opened', 30_000);
    const text = await textOf(page);
    expect(text).toContain('No menu of this list has more');
    expect(text).toContain('One wine for all of it');
  });
  it('a late change for one seat re-plans: other plates, told in a sentence', async () => {
    await press(page, 'A seat with needs');
    await page.waitForSelector('[role=dialog]');
    await tick('no fish or seafood');
    await press(page, 'Done');
    await waitForText(page, 'For seat 1:');
    await waitForText(page, 'instead of flat fish');
    await waitForText(page, 'The last change');
    await saved();
  });
  it('is there after a reload, is found by its name, and has a card for the cook', async () => {
    await visit(page, page.url());
    await waitForText(page, 'For seat 1:', 30_000);
    const id = page.url().split('/').at(-1)!.split('?')[0]!;
    const card = await page.evaluate(async (of) => {
      const answer = await fetch(`/api/v1/menus/${of}/files/pdf`);
      return { type: answer.headers.get('content-type'), size: (await answer.arrayBuffer()).byteLength };
    }, id);
    expect(card.type).toContain('application/pdf');
    expect(card.size).toBeGreaterThan(10_000);
    await visit(page, `${base}/pairing`);
    await waitForText(page, '5 courses for 4 guests');
  });
  it('two people on one menu: what each changed is kept', async () => {
    const id = randomUUID();
    const menu = (more: Partial<MenuDocument>) => ({ ...emptyMenu, name: 'Two hands', ...more });
    const put = (document: object, baseRevision: number) =>
      page.evaluate(
        async (of, body) =>
          (await fetch(`/api/v1/menus/${of}`, { method: 'PUT', headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) })).status,
        id,
        { writeId: randomUUID(), baseRevision, document },
      );
    expect(await put(menu({}), 0)).toBe(200);
    await visit(page, `${base}/pairing/menus/${id}`);
    await waitForText(page, 'No courses yet');
    expect(await put(menu({ guests: 9 }), 1)).toBe(200);
    await fill(page, 'More courses', 'grilled prawns');
    await press(page, 'Put them on the menu');
    await waitForText(page, '1. Grilled prawns');
    await page.waitForFunction(
      async (of) => {
        const { document } = (await (await fetch(`/api/v1/menus/${of}`)).json()) as { document: { guests: number; courses: unknown[] } };
        return document.guests === 9 && document.courses.length === 1;
      },
      { timeout: 20_000, polling: 500 },
      id,
    );
  });
});

describe('cheese and the wine’s side', () => {
  it('a cheese board for the demo’s flight: every pair says why', async () => {
    await visit(page, `${base}/pairing/cheese`);
    await waitForText(page, 'mild before strong');
    await page.$eval('main td button', (button) => (button as HTMLElement).click());
    await page.waitForFunction(() =>
      /: (made for it|goes well|goes|hardly goes|does not go)\. .{8,}/.test(document.querySelector('main p[role=status]')?.textContent ?? ''),
    );
  });
  it('from a kind of wine, by what it is met as, to its food', async () => {
    await visit(page, `${base}/pairing`);
    const box = (await page.waitForSelector('input[placeholder^="Lamplighter"]'))!;
    await box.click();
    await box.type('chablis');
    await page.waitForSelector('[role=option]');
    await page.keyboard.press('Enter');
    await page.waitForFunction(() => location.pathname.startsWith('/pairing/with/'));
    await waitForText(page, 'stay away from');
    expect(await textOf(page)).toMatch(/oyster|fish|shell|prawn|mussel/i);
  });
  it('on a phone, from a wine to what can be made of the fridge', async () => {
    const hand = await hurried(await browser.newPage());
    await hand.setViewport(phone);
    await visit(hand, `${base}/cellar`);
    await press(hand, 'Lamplighter');
    await waitForText(hand, 'With food');
    await press(hand, 'Narrow it');
    await fill(hand, 'In the fridge', 'aubergine, minced lamb, tomato sauce, feta, moonlight');
    await waitForText(hand, 'out of what is there');
    await waitForText(hand, '“moonlight”');
    expect(await hand.evaluate(() => document.documentElement.scrollWidth <= window.innerWidth + 1)).toBe(true);
    await hand.close();
  });
  it('by keyboard alone, from a line to a dish', async () => {
    await visit(page, `${base}/pairing`);
    const box = (await page.waitForSelector('main textarea'))!;
    await box.focus();
    await page.keyboard.type('grilled octopus with potatoes');
    await waitForText(page, 'octopus (grilled)');
    for (let i = 0; i < 8; i++) {
      await page.keyboard.press('Tab');
      if (await page.evaluate(() => document.activeElement?.textContent?.startsWith('Build it') === true)) break;
    }
    await page.keyboard.press('Enter');
    await waitForText(page, 'The best of every class');
  });
});

describe('what was tried, and food for a flight', () => {
  it('a verdict is given by one tap, stands after a reload, and is set beside the rules', async () => {
    await visit(page, `${base}/pairing`);
    await press(page, 'Mushroom polenta');
    await waitForText(page, 'Tried it today?');
    const option = await page.waitForSelector('::-p-xpath(//label[.//input[@type="radio"]][normalize-space(.)="goes well"])');
    await option!.evaluate((element) => (element as HTMLElement).scrollIntoView({ block: 'center' }));
    await option!.click();
    await saved();
    const dish = page.url();
    await page.reload();
    await waitForText(page, 'Tried it today?');
    expect(await page.evaluate(() => document.querySelector<HTMLInputElement>('input[type=radio]:checked')?.closest('label')?.textContent)).toBe('goes well');
    await visit(page, `${base}/pairing/tried`);
    await waitForText(page, 'Beside the rules');
    await waitForText(page, 'Mushroom polenta with');
    expect(await textOf(page)).toMatch(/Found: goes well the rules: [a-z ]+, \d+ of 100/);
    // Tapped again it is taken back.
    await visit(page, dish);
    await waitForText(page, 'Tried it today?');
    await page.evaluate(() => document.querySelector<HTMLInputElement>('input[type=radio]:checked')!.click());
    await page.waitForFunction(() => document.querySelector('input[type=radio]:checked') === null);
    await saved();
    await visit(page, `${base}/pairing/tried`);
    await waitForText(page, 'Beside the rules');
    expect(await textOf(page)).not.toContain('Mushroom polenta with');
  });
  it('the cellar is narrowed by what a glass may cost, and place leads where it is asked to', async () => {
    await visit(page, `${base}/pairing`);
    await press(page, 'Kid with thyme');
    await select(page, 'Out of', 'cellar');
    await waitForText(page, 'a bottle');
    await select(page, 'Poured', 'glass');
    await fill(page, 'At most, a glass', '4.50');
    await waitForText(page, 'Left out:');
    expect(await textOf(page)).toMatch(/€\d[\d.]* a glass of 120 mL, (none|\d+) held/);
    await fill(page, 'At most, a glass', '0');
    await waitForText(page, 'none in this list');
    await fill(page, 'At most, a glass', '90');
    await press(page, 'Lean the advice');
    await select(page, 'School', 'place');
    await select(page, 'The dish is', 'Greek');
    await waitForText(page, 'of one place +18');
    await saved();
  });
  it('a flight finds its food by one press, and its work stands in the flight’s afternoon', async () => {
    // Other journeys make flights: the one of the demo is chosen by name.
    await visit(page, `${base}/flights`);
    await press(page, 'Fire and salt');
    await page.waitForFunction(() => location.pathname !== '/flights');
    const flight = new URL(page.url()).pathname.split('/')[2]!;
    await visit(page, `${base}/pairing`);
    await select(page, 'Food for a flight', flight);
    await press(page, 'A dish for each wine');
    await waitForText(page, 'What is opened', 30_000);
    const [, first = ''] = /1\. (.+?) [a-z]+.* \d+ g/.exec(await textOf(page)) ?? [];
    expect(first).not.toBe('');
    await visit(page, `${base}/flights/${flight}/ready`);
    await waitForText(page, 'of work', 30_000);
    expect(await textOf(page)).toContain(`Plate ${first.split(' ')[0]!}`);
    await press(page, 'Lists');
    await waitForText(page, 'the menu: ');
  });
});
