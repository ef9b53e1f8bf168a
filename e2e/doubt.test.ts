import { describe, expect, it } from 'vitest';
import { press, select, textOf, visit, waitForText } from './browser';
import { demoJourney } from './journey';

const { base, page } = await demoJourney();
const choose = async (name: string, value: string) =>
  (await page.waitForSelector(`input[name="${name}"][value="${value}"]`))!.evaluate((element) => (element as HTMLInputElement).click());

describe('a faulty bottle', () => {
  it('is looked into question by question, with reasons and what to do; "I would not taste this" is a whole note', async () => {
    await visit(page, `${base}/cellar`);
    await press(page, 'Lamplighter');
    await press(page, 'Assess a glass');
    await page.waitForFunction(() => location.pathname.startsWith('/notes/'), { timeout: 15_000 });
    await press(page, 'Aroma');
    await choose('health', 'doubtful');
    await waitForText(page, 'What do you notice?');
    await select(page, 'Something else you notice', 'musty');
    await press(page, 'It is there');
    await waitForText(page, 'cork taint: likely');
    expect(await textOf(page)).toContain('Open the spare and compare');
    const before = await page.$eval('[aria-label="What may be wrong"] .ask', (element) => element.textContent);
    await (await page.$('::-p-xpath(//section[@aria-label="What may be wrong"]//button[. = "No"])'))!.evaluate((element) => (element as HTMLElement).click());
    await page.waitForFunction((asked) => document.querySelector('[aria-label="What may be wrong"] .ask')?.textContent !== asked, {}, before);
    await page.$eval('section[aria-label="What may be wrong"] .disclosure-line', (element) => (element as HTMLElement).click());
    await waitForText(page, 'about 2 in a hundred bottles under cork have it');
    await press(page, 'I would not taste this');
    await waitForText(page, 'Saved', 20_000);
    await page.reload();
    await waitForText(page, 'You said:', 20_000);
    expect(await textOf(page)).toContain('a damp cellar or wet cardboard');
  });
  it('two statements that cannot both hold stand side by side, and both may be kept', async () => {
    await choose('health', 'sound');
    await press(page, 'Judgement');
    await press(page, 'Appearance');
    await choose('colour', 'white');
    await choose('hue', 'gold').catch(() => undefined);
    await press(page, 'Palate');
    // Of a white what grips is seldom asked: it stands with what else can be recorded.
    await (await page.waitForSelector('::-p-xpath(//button[contains(., "More to record")])'))!.click();
    await page.waitForSelector('#tannin-range');
    for (let i = 0; i < 15; i++) await (await page.$('#tannin-range'))!.press('ArrowRight');
    await waitForText(page, 'a white rarely grips');
    await press(page, 'Keep both');
    await page.waitForFunction(() => !document.body.innerText.includes('a white rarely grips'));
    await waitForText(page, 'Saved', 20_000);
  });
});
