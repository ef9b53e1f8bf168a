import { afterAll, describe, expect, inject, it } from 'vitest';
import { Client } from 'pg';
import { axe } from './axe';
import { fill, pick, press, textOf, until, visit, waitForText } from './browser';
import { lay } from './cable';
import { flightOfThree } from './covered-flight';
import { guestBy, openEvening, toTheEnd } from './guests';
import { demoJourney } from './journey';

const { base, browser, page: host } = await demoJourney();
const cable = await lay(Number(new URL(base).port));
const database = new Client({ connectionString: inject('databaseUrl') });
await database.connect();
afterAll(async () => {
  await cable.close();
  await database.end();
});
const notesOf = async (name: string, flightId: string) =>
  (
    await database.query<{ place: number; observed: Record<string, unknown> }>(
      `select g.place, n.document -> 'observed' as observed from note n join participant p on p.id = n.participant_id join glass g on g.id = n.glass_id
       join tasting t on t.id = g.tasting_id where p.name = $1 and t.flight_id = $2 order by g.place`,
      [name, flightId],
    )
  ).rows;
const heldIn = async (wines: readonly string[]) =>
  (await database.query<{ held: number }>('select coalesce(sum(held), 0)::int as held from lot where wine_id = any($1)', [wines])).rows[0]!.held;

describe('an evening at home, and what comes after it', () => {
  it('a guest goes on by themselves, pauses, loses the network, reloads, and takes home what they wrote', async () => {
    const flight = await flightOfThree(host);
    await host.evaluate(async (id) => {
      const address = `/api/v1/flights/${id}`;
      const { revision, document } = (await (await fetch(address)).json()) as {
        revision: number;
        document: { starts: string; wines: { id: string; told?: object }[] };
      };
      document.starts = '2027-02-05T19:00';
      document.wines[0]!.told = { text: 'From the second terrace.', hint: 'Think of the wind.' };
      await fetch(address, {
        method: 'PUT',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ writeId: 'told', baseRevision: revision, document }),
      });
    }, flight);
    const link = await openEvening(host, base, flight);
    const through = link.replace(/:\d+/, `:${cable.port}`);
    // Asked to the evening before it begins: what to have ready, and no wine.
    const asked = await browser.newPage();
    await visit(asked, through);
    await waitForText(asked, 'until about');
    await press(asked, 'What to have ready');
    await waitForText(asked, 'plain bread');
    expect(await textOf(asked)).not.toMatch(/Salt Lamp|Caldera/);
    expect(await axe(asked)).toEqual([]);
    await asked.close();

    // A phone whose clock is a day ahead: nothing is decided by it, and what it shows is right.
    const cleo = await guestBy(browser, through, 'Cleo', { ahead: 86_400_000 });
    await until(() => cleo.evaluate(async () => (await navigator.serviceWorker.getRegistration('/seat'))?.active != null), 'the seat is kept on the device');
    await host.bringToFront();
    await press(host, 'All is well');
    await waitForText(host, 'Found well');
    await press(host, 'Begin: pour wine A');
    await waitForText(host, 'Pour it');
    await press(host, 'Through all');
    await waitForText(host, 'through all by themselves');
    await cleo.bringToFront();
    await waitForText(cleo, 'Is it clear?');
    await host.bringToFront();
    await press(host, 'Poured: on to');
    await cleo.bringToFront();
    await until(async () => /0:\d\d of/.test(await textOf(cleo)), 'the time of the table, by a clock that is a day ahead');
    await cleo.locator('::-p-text(Follow the table)').click();
    await pick(cleo, 'clarity', 'clear');
    expect(await textOf(cleo)).toContain('Name one thing you smell or taste first');
    await press(cleo, 'Pause here');
    await waitForText(cleo, 'You pause at wine A');
    expect(await axe(cleo)).toEqual([]);
    // A phone that was closed opens where it was.
    await cleo.reload();
    await waitForText(cleo, 'You pause at wine A');
    await press(cleo, 'Go on');
    await waitForText(cleo, 'On to wine B');
    await until(async () => (await notesOf('Cleo', flight))[0]?.observed['clarity'] === 'clear', 'what was written is kept');
    // What comes later is fetched when the page has come to rest.
    await new Promise((resolve) => setTimeout(resolve, 6000));
    cable.mode = 'cut';
    await press(cleo, 'On to wine B');
    await waitForText(cleo, 'Is it clear?');
    await pick(cleo, 'clarity', 'hazy');
    await waitForText(cleo, 'On this device, will send');
    await cleo.reload();
    await waitForText(cleo, 'Wine B', 30_000);
    await waitForText(cleo, 'Is it clear?');
    expect(await notesOf('Cleo', flight)).toHaveLength(1);
    cable.mode = 'whole';
    await until(async () => (await notesOf('Cleo', flight))[1]?.observed['clarity'] === 'hazy', 'a glass begun without a network is kept');

    // Somebody writes on paper; it is typed in by the keyboard alone.
    await host.bringToFront();
    await press(host, 'From paper');
    await fill(host, 'A guest with a sheet', 'Ida');
    await press(host, 'Give a seat');
    await waitForText(host, 'seat 2');
    await host.focus('[data-cell="0 0"] input');
    for (const mark of ['10', '70', '', '50']) {
      await host.keyboard.type(mark);
      await host.keyboard.press('Enter');
    }
    await host.keyboard.press('Tab');
    await host.focus('input[name="name"]');
    await waitForText(host, 'kept');
    expect(await axe(host)).toEqual([]);
    expect((await notesOf('Ida', flight))[0]!.observed).toMatchObject({ sweetness: 10, acidity: 70, alcohol: 50 });

    // The close: bottles leave the cellar, the evening is looked back on, and joins a course.
    await toTheEnd(host, flight);
    await visit(host, `${base}/flights/${flight}/pour`);
    await waitForText(host, 'Bottles opened');
    expect(await axe(host)).toEqual([]);
    const wines = (await database.query<{ wine_id: string }>('select wine_id from flight_wine where flight_id = $1', [flight])).rows.map((row) => row.wine_id);
    const before = await heldIn(wines);
    const opened = await host.$$eval('[aria-label="Bottles opened"] input', (fields) => fields.map((field) => Number((field as HTMLInputElement).value)));
    expect(opened).toHaveLength(wines.length);
    await press(host, 'Close the evening');
    await waitForText(host, 'This evening is closed');
    expect(await heldIn(wines)).toBe(before - opened.reduce((sum, n) => sum + n, 0));
    await press(host, 'Look back on it');
    await waitForText(host, 'left the cellar');
    await fill(host, 'Begin a course', 'Winter on the quay');
    await fill(host, 'What was promised', 'A sweet one.');
    await press(host, 'Keep it');
    await waitForText(host, 'evening by evening');
    expect(await axe(host)).toEqual([]);
    await press(host, 'evening by evening');
    await waitForText(host, 'A sweet one.');
    expect(await textOf(host)).toContain('Cleo');
    expect(await axe(host)).toEqual([]);

    await cleo.bringToFront();
    await waitForText(cleo, 'To take home');
    await press(cleo, 'Make my page');
    await waitForText(cleo, '/takeaway/');
    const taken = /http:\S+\/takeaway\/\S+/.exec(await textOf(cleo))![0];
    const anyone = await (await browser.createBrowserContext()).newPage();
    await visit(anyone, taken);
    await waitForText(anyone, 'What Cleo wrote');
    expect(await axe(anyone)).toEqual([]);
    await press(anyone, 'End this link');
    await waitForText(anyone, 'opens nothing any more');
    await anyone.reload();
    expect(await textOf(anyone)).not.toContain('Cleo');
    for (const page of [cleo, anyone]) await page.close();
  }, 480_000);

  it('a phone whose store is full says so, and what is written goes to the server all the same', async () => {
    const flight = await flightOfThree(host);
    const link = await openEvening(host, base, flight);
    const dag = await guestBy(browser, link.replace(/:\d+/, `:${cable.port}`), 'Dag', { full: true });
    await host.bringToFront();
    await press(host, 'Begin: pour wine A');
    await dag.bringToFront();
    await waitForText(dag, 'Is it clear?');
    cable.mode = 'cut';
    await pick(dag, 'clarity', 'dull');
    await waitForText(dag, 'Only in this page');
    cable.mode = 'whole';
    await until(async () => (await notesOf('Dag', flight))[0]?.observed['clarity'] === 'dull', 'a full store loses nothing');
    await dag.close();
  }, 90_000);
});
