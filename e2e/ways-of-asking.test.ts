import { describe, expect, it } from 'vitest';
import { desktop, fill, phone, press, select, textOf, visit, waitForText } from './browser';
import { demoJourney } from './journey';

const { base, page } = await demoJourney();
const ask = <T>(method: string, path: string): Promise<T> =>
  page.evaluate(async (how, where) => (await (await fetch(`/api/v1${where}`, { method: how })).json()) as never, method, path);
const noteId = () => new URL(page.url()).pathname.split('/').at(-1)!;
interface Kept {
  document: { observed: Record<string, unknown>; chips: { term?: string; words?: string; layer: string }[]; buyUpTo?: unknown; ruler?: unknown };
}
const stored = () => ask<Kept>('GET', `/notes/${noteId()}`);
const saved = () => waitForText(page, 'Saved', 20_000);
const assess = async (wine: string) => {
  await visit(page, `${base}/cellar`);
  await press(page, wine);
  await waitForText(page, 'Assess a glass');
  await press(page, 'Assess a glass');
  await page.waitForFunction(() => location.pathname.startsWith('/notes/'), { timeout: 15_000 });
};

describe('the twelve questions on a phone', () => {
  it('take at most 34 taps and two screens of scrolling, with one thumb', async () => {
    await page.setViewport(phone);
    await assess('Black Scree');
    let taps = 0;
    let scrolled = 0;
    const count = async (doing: Promise<unknown>) => {
      taps += 1;
      await doing;
    };
    /** Taps what is asked for; what stands below the screen, or under the bar at its foot, is scrolled to, and that is counted. */
    const tap = async (selector: string) => {
      const element = (await page.waitForSelector(selector, { visible: true }))!;
      scrolled += await element.evaluate((found) => {
        const before = scrollY;
        const { top, bottom } = found.getBoundingClientRect();
        if (top < 0 || bottom > innerHeight - 90) found.scrollIntoView({ block: 'center' });
        return Math.abs(scrollY - before);
      });
      await count(element.tap());
    };
    const onScale = async (id: string, share: number) => {
      const box = await (await page.waitForSelector(`#${id}-range`))!.evaluate((element) => {
        const { left, top, bottom, width, height } = element.getBoundingClientRect();
        return { left, width, y: top + height / 2, seen: top >= 0 && bottom <= innerHeight - 90 };
      });
      expect(box.seen, `${id} is on the screen`).toBe(true);
      await count(page.touchscreen.tap(box.left + box.width * share, box.y));
    };
    const next = async (question: string) => {
      await count(press(page, (await textOf(page)).includes('Leave it, next') ? 'Leave it, next' : 'Next'));
      await waitForText(page, question);
    };
    await count(press(page, 'Twelve'));
    await waitForText(page, 'Question 1 of 12');
    await tap('label:has(input[name="eye-clarity"][value="clear"])');
    await tap('label:has(input[name="eye-browning"][value="none"])');
    await next('Is it healthy?');
    await tap('label:has(input[name="health"][value="sound"])');
    await next('What do you smell?');
    await tap('input[placeholder^="sour cherry"]');
    await page.keyboard.type('cherry');
    await page.waitForSelector('[role="option"]');
    await count(page.keyboard.press('Enter'));
    await page.waitForSelector('[aria-label="Smells found"] button');
    await next('Is there sugar?');
    await onScale('sweetness', 0.1);
    await next('How sharp is it?');
    await onScale('acidity', 0.6);
    await next('Do your cheeks dry?');
    await onScale('tannin', 0.5);
    await next('How heavy is it?');
    await onScale('body', 0.6);
    await next('Is it bitter?');
    await onScale('bitterness', 0.1);
    await next('How long does it stay?');
    await tap('::-p-xpath(//button[normalize-space(.)="long"])');
    await next('Does anything stick out?');
    await onScale('balance', 0.8);
    await next('Quality');
    await tap('#own-mark');
    await page.keyboard.type('87');
    await next('Would you buy it?');
    await tap('label:has(input[name="buy"][value="yes"])');
    await saved();
    const { document: kept } = await stored();
    expect(Object.keys(kept.observed).sort()).toEqual(
      ['acidity', 'balance', 'bitterness', 'body', 'browning', 'buy', 'clarity', 'finish', 'health', 'quality', 'sweetness', 'tannin'].sort(),
    );
    expect(kept.observed['finish']).toEqual({ seconds: 15, between: [10, 20] });
    await count(press(page, 'Done'));
    await page.waitForFunction(() => location.pathname === '/notebook', { timeout: 15_000 });
    expect(taps).toBeLessThanOrEqual(34);
    expect(scrolled).toBeLessThanOrEqual(2 * phone.height);
  });
  it('what one would buy has a ceiling, and stands in the list to buy again', async () => {
    await page.setViewport(desktop);
    await page.goBack();
    await page.waitForFunction(() => location.pathname.startsWith('/notes/'), { timeout: 15_000 });
    await press(page, 'Quick');
    await fill(page, 'At no more than, a bottle', '18');
    await waitForText(page, 'at no more than 18 EUR', 20_000);
    await saved();
    await visit(page, `${base}/notebook?buy=yes`);
    await waitForText(page, 'I would buy it, at no more than 18 EUR.');
  });
});

describe('three sniffs and three sips, by a routine of one’s own', () => {
  it('asks for smells by layer with a card in the host’s own words, rinses with the first sip, and says the finish by the host’s ruler', async () => {
    await page.setViewport(desktop);
    await visit(page, `${base}/settings/routines`);
    await (await page.waitForSelector('button[aria-label="Begin from three sniffs, three sips"]'))!.click();
    await fill(page, 'Name of the routine', 'Lighthouse round');
    await select(page, 'Ruler of the finish', 'own');
    await fill(page, 'Name of the ruler', 'our ruler');
    await fill(page, 'Length 1', 'a blink');
    await select(page, 'A card in your own words for', 'acidity');
    await fill(page, 'What is read at “Acidity”, in place of our card', 'Think of the harbour wall at low tide.');
    await press(page, 'Keep it');
    await waitForText(page, 'Kept as version 1.');
    await assess('Black Scree');
    await press(page, 'Guided');
    const value = await (await page.waitForSelector('::-p-xpath(//option[contains(., "Lighthouse round")])'))!.evaluate(
      (option) => (option as HTMLOptionElement).value,
    );
    await select(page, 'Routine', value);
    const smells = async (word: string) => {
      await page.waitForSelector('input[placeholder^="sour cherry"]');
      await page.type('input[placeholder^="sour cherry"]', word);
      await page.waitForSelector('[role="option"]');
      await page.keyboard.press('Enter');
      await page.waitForFunction(
        (name) => [...document.querySelectorAll('[aria-label="Smells found"] button')].some((chip) => chip.textContent?.includes(name)),
        {},
        word,
      );
    };
    const told = new Set<string>();
    let named = 0;
    for (let i = 0; i < 40; i++) {
      const text = await textOf(page);
      const where = /Question (\d+) of (\d+) · ([^\n]*)/.exec(text)!;
      for (const says of ['sniff 1 of 3', 'sniff 2 of 3', 'sniff 3 of 3', 'First, a sip to rinse', 'harbour wall at low tide'])
        if (text.includes(says)) told.add(says);
      if (/sniff \d of 3/.test(where[3]!)) await smells(['cherry', 'thyme', 'leather'][named++]!);
      if (text.includes('How long does it stay?')) {
        await waitForText(page, 'Without the watch');
        if ((await textOf(page)).includes('a blink')) told.add('a blink');
        await press(page, 'a blink');
      }
      if (where[1] === where[2]) break;
      await press(page, text.includes('Leave it, next') ? 'Leave it, next' : 'Next');
      await waitForText(page, `Question ${Number(where[1]) + 1} of`);
    }
    expect([...told].sort()).toEqual(['First, a sip to rinse', 'a blink', 'harbour wall at low tide', 'sniff 1 of 3', 'sniff 2 of 3', 'sniff 3 of 3'].sort());
    await saved();
    const { document: kept } = await stored();
    expect(kept.chips.map(({ layer }) => layer)).toEqual(['first', 'swirled', 'later']);
    expect(kept.ruler).toMatchObject({ label: 'our ruler' });
    await press(page, 'Full');
    await waitForText(page, 'A blink finish, by feel.', 20_000);
  });
});

describe('the pairs of a flight', () => {
  it('are dealt hidden in one act, called one after the other, and unwrapped on the pair page', async () => {
    await page.setViewport(desktop);
    await visit(page, `${base}/flights`);
    await press(page, 'Fire and salt');
    await page.waitForFunction(() => location.pathname.startsWith('/flights/'));
    const flight = new URL(page.url()).pathname.split('/').at(-1)!;
    await visit(page, `${base}/notes/deal?flight=${flight}`);
    const wines = await page.$$eval('[aria-label="Pairs"] li', (found) =>
      found.map((entry) => (entry.textContent ?? '').split(' beside ').map((name) => name.trim())),
    );
    expect(wines.length).toBeGreaterThanOrEqual(3);
    await press(page, `Deal ${wines.length} pairs`);
    await waitForText(page, 'Taste pair 1');
    await press(page, 'Taste pair 1');
    for (const [at, names] of wines.entries()) {
      await waitForText(page, `Pair ${at + 1} of ${wines.length}`, 20_000);
      expect(await textOf(page)).not.toContain(names[0]!);
      await press(page, 'Lock the pair');
      await waitForText(page, 'Which wine was in the bag on the left?');
      for (const [i, name] of names.entries()) {
        const box = (await page.waitForSelector('input[placeholder="name, maker, grape or place"]'))!;
        await box.evaluate((element) => element.scrollIntoView({ block: 'center' }));
        await box.click();
        await box.type(name);
        await (await page.waitForSelector(`::-p-xpath(//*[@role="option"][starts-with(., "${name}")])`, { timeout: 15_000 }))!.click();
        await waitForText(page, `On the ${i === 0 ? 'left' : 'right'}: ${name}`);
      }
      await press(page, 'Unwrap both');
      await waitForText(page, 'The pair is locked.', 20_000);
      for (const name of names) await waitForText(page, name);
      if (at + 1 < wines.length) await press(page, `On to pair ${at + 2}`);
    }
    await waitForText(page, 'That was the last.');
  }, 180_000);
});

describe('a note in everyday words', () => {
  it('is typed by keyboard alone: each word finds its term, one nobody has is asked for once and known from then on', async () => {
    await page.setViewport(desktop);
    await assess('Lamplighter');
    await press(page, 'Full');
    await page.keyboard.press('2');
    const box = 'input[placeholder^="sour cherry"]';
    await page.waitForSelector(box);
    const chips = () => page.$$eval('[aria-label="Smells found"] button', (found) => found.map((chip) => (chip.textContent ?? '').trim()));
    for (const word of ['cherries', 'smoky', 'like a basement', 'forest floor', 'harbour ropes']) {
      await page.focus(box);
      await page.keyboard.type(word);
      await page.waitForSelector('[role="option"]');
      const before = (await chips()).length;
      await page.keyboard.press('Enter');
      await page.waitForFunction((was) => document.querySelectorAll('[aria-label="Smells found"] button').length > was, {}, before);
    }
    await waitForText(page, '“harbour ropes” is nearest to');
    await select(page, '“harbour ropes” is nearest to', 'family-earth');
    await saved();
    expect((await stored()).document.chips.map(({ term, words }) => [words, term])).toEqual([
      ['cherries', 'red-cherry'],
      ['smoky', 'smoke'],
      ['like a basement', 'damp-cellar'],
      ['forest floor', 'wet-leaves'],
      ['harbour ropes', 'family-earth'],
    ]);
    await waitForText(page, 'It smells smoky, of cherries, basement, forest floor and harbour ropes.', 20_000);
    await assess('Lamplighter');
    await page.keyboard.press('2');
    await page.waitForSelector(box);
    await page.type(box, 'Harbour ropes');
    await waitForText(page, 'so your venue says');
  });
});

describe('the glasses of a flight, one after the other', () => {
  it('lead on from each note to the next wine poured', async () => {
    await page.setViewport(desktop);
    await visit(page, `${base}/flights`);
    await press(page, 'Fire and salt');
    await page.waitForFunction(() => location.pathname.startsWith('/flights/'));
    await press(page, 'Assess its glasses in turn');
    await page.waitForFunction(() => location.pathname.startsWith('/notes/'), { timeout: 15_000 });
    await press(page, 'Quick');
    // The button is named by the wine it leads to.
    const button = (await page.waitForSelector('::-p-xpath(//button[starts-with(normalize-space(.), "Done, on to ")])', { timeout: 15_000 }))!;
    const next = (await button.evaluate((found) => found.textContent ?? '')).replace('Done, on to ', '').trim();
    await press(page, 'Done, on to');
    await page.waitForFunction((name) => document.querySelector('h1')?.textContent?.includes(name), { timeout: 20_000 }, next);
    expect(page.url()).toContain('flight=');
  });
});
