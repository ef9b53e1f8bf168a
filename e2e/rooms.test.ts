import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import { choose, fill, press, select, textOf, visit, waitForText } from './browser';
import { demoJourney } from './journey';

const { base, browser, page } = await demoJourney();
const order = () => page.$$eval('[role=row] .name a', (links) => links.map((link) => link.textContent));

describe('the cellar', () => {
  it('imports a list: columns are guessed, errors named row by row, the same list twice asks', async () => {
    const file = path.join(mkdtempSync(path.join(tmpdir(), 'rose-list-')), 'list.csv');
    writeFileSync(file, '\uFEFFCuvée;Winery;Year;Alcohol;Bottles\n"Night; Signal";Pier Nine;2021;12,5;3\nDay Signal;Pier Nine;soon;12;2\n');
    await visit(page, `${base}/wines/import`);
    const take = async () => {
      const [chooser] = await Promise.all([page.waitForFileChooser(), press(page, 'Choose the file')]);
      await chooser.accept([file]);
    };
    await take();
    await waitForText(page, '1 of 2 rows can be read');
    expect(await textOf(page)).toContain('“soon” is not a year');
    writeFileSync(file, '\uFEFFCuvée;Winery;Year;Alcohol;Bottles\n"Night; Signal";Pier Nine;2021;12,5;3\nDay Signal;Pier Nine;2020;12;2\n');
    await take();
    await waitForText(page, '2 of 2 rows can be read');
    expect(await textOf(page)).toContain('alcohol 12.5');
    await waitForText(page, 'Say first where the facts of this list come from');
    await select(page, 'The facts of this list come from', 'invoice');
    await press(page, 'Import 2 wines');
    await waitForText(page, '2 wines added');
    await take();
    await waitForText(page, 'Same wine?');
    await select(page, 'What to do with them', 'skip');
    await press(page, 'Import 2 wines');
    await waitForText(page, 'no wines added');
  });
  it('deletes a wine after saying what hangs on it, and brings it back', async () => {
    await visit(page, `${base}/cellar?q=night+signal`);
    await press(page, 'Night; Signal');
    await press(page, 'Delete');
    await waitForText(page, '3 bottles');
    await press(page, 'Delete it');
    await waitForText(page, 'is deleted');
    await press(page, 'Bring it back');
    await waitForText(page, 'In law');
    await press(page, 'Delete');
    await press(page, 'Delete it');
    await waitForText(page, 'is deleted');
    await visit(page, `${base}/cellar?deleted=yes&q=night+signal`);
    await press(page, 'Bring it back');
    await waitForText(page, 'no wines of what');
  });
  it('filters, sorts and counts', async () => {
    await visit(page, `${base}/cellar`);
    await select(page, 'Colour', 'amber');
    await waitForText(page, '2 wines of what you asked for');
    await page.keyboard.press('/');
    await page.keyboard.type('rkatsitéli');
    await page.waitForFunction(() => location.search.includes('rkatsit'));
    await waitForText(page, 'Quay Jar');
  });
});

describe('the Chart', () => {
  it('moves a wine by Alt and an arrow, and by dragging, and judges it at once; pins hold', async () => {
    await visit(page, `${base}/flights`);
    await press(page, 'Fire and salt');
    await waitForText(page, 'strain');
    await page.waitForSelector('[role=row] .name a');
    const before = await order();
    await page.focus('[role=row]');
    await page.keyboard.down('Alt');
    await page.keyboard.press('ArrowDown');
    await page.keyboard.up('Alt');
    await page.waitForFunction((first) => document.querySelector('[role=row] .name a')?.textContent !== first, {}, before[0]);
    expect((await order()).slice(0, 2)).toEqual([before[1], before[0]]);
    await press(page, 'Undo');
    await page.waitForFunction((first) => document.querySelector('[role=row] .name a')?.textContent === first, {}, before[0]);
    const [grip, target] = [(await page.$$('[role=row] .grip'))[0]!, (await page.$$('[role=row]'))[2]!];
    await grip.evaluate((element) => element.scrollIntoView({ block: 'center' }));
    const [from, to] = [(await grip.boundingBox())!, (await target.boundingBox())!];
    await page.mouse.move(from.x + 8, from.y + 8);
    await page.mouse.down();
    await page.mouse.move(from.x + 8, from.y + 30, { steps: 4 });
    await page.mouse.move(to.x + 40, to.y + to.height - 3, { steps: 8 });
    await page.mouse.up();
    await page.waitForFunction((first) => document.querySelector('[role=row] .name a')?.textContent !== first, { timeout: 8000 }, before[0]);
    await press(page, 'Undo');
    await page.waitForFunction((first) => document.querySelector('[role=row] .name a')?.textContent === first, {}, before[0]);
    await choose(page, 'Pin, move or take out Lamplighter', 'pin first');
    await waitForText(page, 'the best is');
    await press(page, 'Take the best order');
    await page.waitForFunction(() => document.querySelector('[role=row] .name a')?.textContent === 'Lamplighter');
    await choose(page, 'Pin, move or take out Salt Lamp', 'pin last');
    await waitForText(page, 'strain');
    await choose(page, 'Pin, move or take out Lamplighter', 'pin beside', 'Caldera Ledge');
    await waitForText(page, 'strain');
    await press(page, 'Undo');
  });
});

describe('the notebook', () => {
  it('lays two notes side by side', async () => {
    await visit(page, `${base}/notebook?q=slate`);
    const boxes = await page.$$('label:has(input[type=checkbox])');
    await boxes[0]!.click();
    await boxes[1]!.click();
    await press(page, 'Compare the two');
    await waitForText(page, 'Left and right');
    const text = await textOf(page);
    expect(text).toContain('Only left');
    expect(text).toMatch(/more, by \d|less, by \d|the same/);
  });
});

describe('the settings', () => {
  it('make a token that a program can use, invite a member by the demo’s post, and the stranger comes in as helper', async () => {
    await visit(page, `${base}/settings/programs`);
    await fill(page, 'A new token for', 'a spreadsheet');
    await press(page, 'Make it');
    await waitForText(page, 'it is shown once');
    const token = /rose_[\w-]{20,}/.exec(await textOf(page))![0];
    const wines = (await (await fetch(`${base}/api/v1/wines?limit=2`, { headers: { authorization: `Bearer ${token}` } })).json()) as { items: unknown[] };
    expect(wines.items).toHaveLength(2);
    await visit(page, `${base}/settings/people`);
    await fill(page, 'Invite by email', 'mira@example.invalid');
    await select(page, 'as', 'helper');
    await press(page, 'Invite');
    await press(page, 'to mira@example.invalid');
    const letter = await page.waitForFunction(
      () => [...document.querySelectorAll('pre')].find((body) => body.textContent!.includes('/invitation/'))?.textContent,
    );
    const link = (await letter.jsonValue())!;
    const code = /\/invitation\/(\S+)/.exec(link)![1]!;
    const context = await browser.createBrowserContext();
    const guest = await context.newPage();
    await visit(guest, `${base}/invitation/${code}`);
    await fill(guest, 'Your name', 'Mira');
    await fill(guest, 'Email', 'mira@example.invalid');
    await fill(guest, 'Password', 'a long pass phrase');
    await press(guest, 'Make the account');
    await guest.waitForFunction(() => location.pathname === '/', { timeout: 15_000 });
    await visit(guest, `${base}/cellar`);
    await waitForText(guest, 'Quay Jar');
    expect(await textOf(guest)).not.toContain('Add a wine');
    await context.close();
  });
});
