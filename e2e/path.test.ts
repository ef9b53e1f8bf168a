import { describe, expect, it } from 'vitest';
import { choose, comeIn, fill, press, select, textOf, visit, waitForText } from './browser';
import { journey } from './journey';

const { base, page } = await journey();
const complaints: string[] = [];
page.on('pageerror', (error) => complaints.push((error as Error).message));
page.on('console', (message) => message.type() === 'error' && complaints.push(message.text()));

const mark = async (name: string, value: string) => {
  const radio = (await page.waitForSelector(`input[type=radio][name="${name}"][value="${value}"]`))!;
  await radio.evaluate((element) => element.scrollIntoView({ block: 'center' }));
  await radio.click();
};
const setScale = async (id: string, value: number) => {
  const range = (await page.waitForSelector(`#${id}-range`))!;
  const box = (await range.evaluateHandle((element) => element.closest('.line')!.parentElement!.querySelector('input[inputmode=numeric]')!)) as never as {
    click(options: object): Promise<void>;
    type(text: string): Promise<void>;
  };
  await range.evaluate((element) => element.scrollIntoView({ block: 'center' }));
  await box.click({ count: 3 });
  await box.type(String(value));
};
const saved = () => waitForText(page, 'Saved', 20_000);

describe('the whole path, from a wine to the notebook', () => {
  it('comes in as the demo’s host', async () => {
    await comeIn(page, base);
    await press(page, 'Cellar');
    await waitForText(page, 'Quay Jar');
  });

  it('adds a wine, and its law is computed beside it', async () => {
    await press(page, 'Add a wine');
    await page.waitForFunction(() => location.pathname.endsWith('/edit'));
    await fill(page, 'Name', 'Night Ferry');
    await (await page.waitForSelector('input[name="wine-colour"][value="white"]'))!.click();
    await fill(page, 'Strength', '12.5');
    await press(page, 'What it is');
    await fill(page, 'maker', 'Haus am Steg');
    await press(page, 'In figures');
    await fill(page, 'sugar', '7');
    await fill(page, 'total acidity', '5');
    await select(page, 'bubbles', 'still');
    await saved();
    await press(page, 'Done');
    await waitForText(page, 'In law');
    const text = await textOf(page);
    expect(text).toContain('7 g/L of sugar less 5 of acidity is at most 2');
    expect(text).toContain('annex III part B, art. 52');
  });

  it('puts it into a flight, and the best order comes with its reasons', async () => {
    await choose(page, 'Add to a flight', 'a new flight');
    await page.waitForFunction(() => location.pathname.startsWith('/flights/'), { timeout: 15_000 });
    await waitForText(page, 'With Night Ferry');
    for (const name of ['Anvil', 'Salt Lamp']) {
      const box = (await page.waitForSelector('input[placeholder="name, maker, grape or place"]'))!;
      await box.evaluate((element) => element.scrollIntoView({ block: 'center' }));
      await box.click();
      await box.type(name);
      await page.waitForFunction(
        (wanted) => [...document.querySelectorAll('[role=option]')].some((option) => option.textContent!.startsWith(wanted)),
        {},
        name,
      );
      const option = await page.$(`::-p-xpath(//*[@role="option"][starts-with(., "${name}")])`);
      await option!.click();
      await waitForText(page, name);
    }
    await press(page, 'Take the best order');
    await waitForText(page, 'the best there is');
    const order = await page.$$eval('[data-wine]', (elements) => elements.map((element) => element.closest('[role=row]')!.textContent));
    expect(order.slice(0, 2).some((row) => row!.includes('Salt Lamp'))).toBe(true);
    expect(order[2]).toContain('Anvil');
    // The gripping red a place earlier: it is judged at once.
    const earlier = await page.$$('::-p-xpath(//button[normalize-space(.)="←"])');
    await earlier.at(-1)!.click();
    await waitForText(page, 'the best is');
    await press(page, 'Undo');
    await waitForText(page, 'the best there is');
    await saved();
  });

  it('assesses a glass: the rose and the note write themselves, and it is saved as one goes', async () => {
    await visit(page, `${base}/cellar?q=Night+Ferry`);
    await press(page, 'Night Ferry');
    await press(page, 'Assess a glass');
    await page.waitForFunction(() => location.pathname.startsWith('/notes/'), { timeout: 15_000 });
    await mark('clarity', 'brilliant');
    await mark('colour', 'white');
    await mark('hue', 'lemon');
    await setScale('depth', 30);
    await waitForText(page, 'Brilliant, a pale lemon');
    await page.keyboard.press('Escape');
    await press(page, 'On to aroma');
    await setScale('noseSwirled', 62);
    await mark('health', 'sound');
    const smell = (await page.waitForSelector('input[placeholder^="sour cherry"]'))!;
    await smell.click();
    await smell.type('Granny Smith');
    await waitForText(page, 'apple and pear');
    await smell.press('Enter');
    await waitForText(page, 'Granny Smith');
    await press(page, 'On to palate');
    await setScale('acidity', 78);
    await setScale('sweetness', 14);
    await setScale('intensity', 60);
    await waitForText(page, 'lively acidity');
    await press(page, 'On to finish');
    await press(page, 'Swallowed');
    await waitForText(page, '0:01');
    await press(page, 'It has gone');
    await press(page, 'On to judgement');
    await setScale('balance', 70);
    await setScale('complexity', 55);
  });

  it('gives the draft mark after the taster’s own', async () => {
    expect(await textOf(page)).not.toContain('100-point competition sheet');
    await fill(page, 'Quality, your mark', '84');
    await press(page, 'Show the draft mark');
    await waitForText(page, 'Your own mark: 84');
    // A sentence put the taster's own way stands, and can be given back.
    await press(page, 'The nose is open after the swirl');
    const line = (await page.waitForSelector('textarea[aria-label="The sentence on nose"]'))!;
    await line.click({ count: 3 });
    await page.keyboard.down('Control');
    await page.keyboard.press('a');
    await page.keyboard.up('Control');
    await line.type('It smells of an orchard after rain.');
    await page.keyboard.press('Tab');
    await waitForText(page, 'It smells of an orchard after rain.');
    await waitForText(page, 'let it write itself again');
    const text = await textOf(page);
    expect(text).toMatch(/\d\d–\d\d of 100, as some criteria are not judged/);
    await saved();
  });

  it('keeps everything through a reload, and finds it in the notebook', async () => {
    await page.reload();
    await waitForText(page, 'Judgement');
    await waitForText(page, '84 of 100');
    await visit(page, `${base}/notebook?q=granny+smith+petrol`);
    expect(await textOf(page)).toContain('No note fits this');
    await visit(page, `${base}/notebook?q=green+apple+lively`);
    await waitForText(page, 'Night Ferry');
  });

  it('builds a dish and sees why each wine fits', async () => {
    await visit(page, `${base}/pairing`);
    await press(page, 'Build a dish');
    await page.waitForFunction(() => location.search.includes('new'));
    await fill(page, 'Name', 'Mussels with lemon');
    for (const part of ['mussels', 'steamed', 'lemon juice']) {
      const box = (await page.waitForSelector('input[placeholder^="octopus"]'))!;
      await box.click();
      // What was picked before leaves the box a moment later: letters typed meanwhile would go with it.
      await page.waitForFunction((element) => (element as HTMLInputElement).value === '', {}, box);
      await box.type(part);
      await page.waitForFunction((wanted) => [...document.querySelectorAll('[role=option]')].some((option) => option.textContent === wanted), {}, part);
      await (await page.$(`::-p-xpath(//*[@role="option"][.="${part}"])`))!.click();
    }
    await waitForText(page, 'molluscs');
    await waitForText(page, 'together');
    await select(page, 'Out of', 'cellar');
    await waitForText(page, 'weight meets weight');
    await saved();
    await waitForText(page, 'The smallest change');
  });

  it('left no complaint in the browser’s console', () => {
    expect(complaints).toEqual([]);
  });
});
