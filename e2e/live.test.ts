import { randomUUID } from 'node:crypto';
import { afterAll, describe, expect, inject, it } from 'vitest';
import { Client } from 'pg';
import type { Page } from 'puppeteer-core';
import { comeIn, pick, press, textOf, until, visit, waitForText } from './browser';
import { lay } from './cable';
import { flightOfThree } from './covered-flight';
import { eveningOf, guestBy, moveTo, openEvening } from './guests';
import { demoJourney, hurried } from './journey';
import { axe } from './axe';

const { base, browser, page: host } = await demoJourney();
const cable = await lay(Number(new URL(base).port));
const database = new Client({ connectionString: inject('databaseUrl') });
await database.connect();
afterAll(async () => {
  await cable.close();
  await database.end();
});

const guestOf = (link: string, name: string) => guestBy(browser, link, name);
const noteOf = async (name: string, flightId: string, place: number) =>
  (
    await database.query<{ document: { observed: Record<string, unknown> }; locked_at: Date | null; blind: { observed: Record<string, unknown> } | null }>(
      `select n.document, n.locked_at, n.blind_document as blind from note n join participant p on p.id = n.participant_id join glass g on g.id = n.glass_id
       join tasting t on t.id = g.tasting_id where p.name = $1 and t.flight_id = $2 and g.place = $3 order by g.rejected_at nulls first`,
      [name, flightId, place],
    )
  ).rows[0];

/** Goes on from step to step until the next is the one that is meant. */
const goOnUntil = (next: string) =>
  until(async () => {
    const shown = await host.evaluate(() => document.querySelector('.acts .go')?.textContent ?? '');
    if (shown.includes(next)) return true;
    await host.evaluate(() => document.querySelector<HTMLButtonElement>('.acts .go button:not(:disabled)')?.click());
    await new Promise((resolve) => setTimeout(resolve, 300));
    return false;
  }, next);
/** Lifts every label of a wine that is still covered. */
async function uncoverAll(wine: string): Promise<void> {
  // The page goes on to the wine that is due by itself.
  await waitForText(host, wine);
  await waitForText(host, 'still covered');
  for (const fact of ['price', 'age', 'grape', 'place', 'name']) await press(host, `Uncover the ${fact}`);
  await until(async () => !(await textOf(host)).includes('still covered'), `${wine} is known`);
}

describe('an evening, led live', () => {
  it('from the code to the close: a host, two guests, who pours, a screen for the room, a cut phone, a faulty bottle, a pause, a pair and a third wine, facts one by one', async () => {
    const flight = await flightOfThree(host, { pair: true });
    const link = await openEvening(host, base, flight);
    // The link leads to the address it names; one guest comes over a cable that can be cut.
    const ana = await guestOf(link, 'Ana');
    const bram = await guestOf(link.replace(/:\d+/, `:${cable.port}`), 'Bram');
    const wall = await browser.newPage();
    await visit(wall, `${base}/flights/${flight}/wall`);
    await waitForText(wall, 'join with your phone');
    await host.bringToFront();
    await waitForText(host, 'Bram');
    const secrets = /Salt Lamp|Cold Reach|€/;
    // Who pours has a device of their own, and says so.
    const pourer = await (await browser.createBrowserContext()).newPage();
    await comeIn(pourer, base);
    await visit(pourer, `${base}/flights/${flight}/pouring`);
    await press(pourer, 'I pour this evening');
    await waitForText(pourer, 'Salt Lamp');
    await host.bringToFront();

    await press(host, 'Begin: pour wine A');
    await waitForText(ana, 'being poured');
    await pourer.bringToFront();
    await waitForText(pourer, '– now');
    await pourer.locator('label ::-p-text(poured)').click();
    await host.bringToFront();
    await press(host, 'Poured: on to');
    await waitForText(ana, 'Is it clear?');
    await pick(ana, 'clarity', 'clear');
    await bram.bringToFront();
    await waitForText(bram, 'Is it clear?');
    cable.mode = 'cut';
    await pick(bram, 'clarity', 'hazy');
    await waitForText(bram, 'On this device, will send');
    await host.bringToFront();
    await press(host, 'On to aroma');
    await ana.bringToFront();
    await waitForText(ana, 'aroma');
    expect((await noteOf('Bram', flight, 0))!.document.observed).toEqual({});
    cable.mode = 'whole';
    await until(async () => (await noteOf('Bram', flight, 0))?.document.observed['clarity'] === 'hazy', 'a cut phone sends what it kept');
    await bram.bringToFront();
    await waitForText(bram, 'aroma');
    for (const guest of [ana, bram]) expect(await textOf(guest)).not.toMatch(secrets);

    // A doubt is for the host alone; the bottle is put aside and its notes with it.
    await ana.bringToFront();
    await press(ana, 'Not sure this glass is sound?');
    const glassId = await ana.evaluate(
      async () => ((await (await fetch('/api/v1/guest/tasting')).json()) as { state: { glasses: { id: string }[] } }).state.glasses[0]!.id,
    );
    await pick(ana, `doubt-${glassId}`, 'cellar');
    await waitForText(ana, 'The host knows');
    await host.bringToFront();
    await waitForText(host, 'Seat 1 doubts it');
    expect(await textOf(bram)).not.toContain('cellar');
    await press(host, 'Put the bottle aside');
    await press(host, 'Yes: a new glass');
    await ana.bringToFront();
    await until(async () => (await textOf(ana)).includes('Question 1 of') || (await textOf(ana)).includes('aroma'), 'a fresh glass');
    await until(async () => (await noteOf('Ana', flight, 0))?.document.observed['clarity'] === undefined, 'fresh notes are asked for');

    // Locked, then uncovered fact by fact, on the wall too.
    await press(ana, 'Read what you wrote');
    await press(ana, 'Lock this glass');
    await waitForText(ana, 'Locked.');
    await host.bringToFront();
    await press(host, 'Pause the room');
    await ana.bringToFront();
    await waitForText(ana, 'The host pauses the room');
    await host.bringToFront();
    await waitForText(host, 'The room is paused');
    await press(host, 'Go on');
    await goOnUntil('Pour wine B');
    await press(host, 'Pour wine B');
    await waitForText(host, 'Pour it');
    await pourer.bringToFront();
    await until(
      async () => /Caldera[^\n]* – now/.test(await textOf(pourer)) || (await textOf(pourer)).split('– put aside').length === 2,
      'who pours sees what is next, and what to pour no more of',
    );
    await host.bringToFront();
    await press(host, 'Poured: on to');
    await ana.bringToFront();
    await waitForText(ana, 'Wine B');
    await pick(ana, 'clarity', 'hazy');
    await until(async () => (await noteOf('Ana', flight, 1))?.document.observed['clarity'] === 'hazy', 'the second wine is written of');
    await host.bringToFront();
    await goOnUntil('On to the unmasking');
    await press(host, 'On to the unmasking');
    await waitForText(ana, 'Wines A and B are uncovered');
    await press(host, 'Unmask');
    await waitForText(host, 'still covered');
    await press(host, 'Uncover the price');
    await ana.bringToFront();
    await waitForText(ana, 'a bottle');
    await wall.bringToFront();
    await waitForText(wall, 'a bottle');
    expect(await textOf(wall)).not.toMatch(/Ana|Bram/);
    await host.bringToFront();
    await press(host, 'Uncover the age');
    await press(host, 'Uncover the grape');
    await press(host, 'Uncover the place');
    await press(host, 'Uncover the name');
    await ana.bringToFront();
    await waitForText(ana, 'The wine is known');
    await host.bringToFront();
    expect((await noteOf('Ana', flight, 0))!.locked_at).not.toBeNull();
    // The other wine of the pair, then the third, of which nothing was said before.
    await uncoverAll('Wine B');
    for (const guest of [ana, bram]) expect(await textOf(guest)).not.toContain('Wine C');
    await press(host, 'Pour');
    await goOnUntil('Pour wine C');
    await press(host, 'Pour wine C');
    await waitForText(host, 'Pour it');
    await press(host, 'Poured: on to');
    await ana.bringToFront();
    await waitForText(ana, 'Wine C');
    await waitForText(ana, 'Is it clear?');
    await pick(ana, 'clarity', 'clear');
    await until(async () => (await noteOf('Ana', flight, 2))?.document.observed['clarity'] === 'clear', 'the third wine is written of');
    await host.bringToFront();
    // Past the first wine once more, after its time in the glass.
    await goOnUntil('On to the unmasking');
    await press(host, 'On to the unmasking');
    await press(host, 'Unmask');
    await uncoverAll('Wine C');

    // Two devices drew the same states in rising order.
    const drawn = (guest: Page) =>
      guest.evaluate(() =>
        (globalThis as { roseDrawn?: { tick: number; state: unknown }[] }).roseDrawn!.map(({ tick, state }) => [tick, JSON.stringify(state)] as const),
      );
    const [one, other] = [await drawn(ana), await drawn(bram)];
    for (const list of [one, other]) expect(list.map(([tick]) => tick)).toEqual(list.map(([tick]) => tick).sort((a, b) => a - b));
    const byTick = new Map(one);
    for (const [tick, state] of other) if (byTick.has(tick)) expect(state).toBe(byTick.get(tick));

    await press(host, 'Pour');
    await waitForText(host, 'Guests join');
    // The last stop, and the close.
    await goOnUntil('Close the evening');
    const { id } = (await database.query<{ id: string }>('select id from tasting where flight_id = $1', [flight])).rows[0]!;
    await press(host, 'Close the evening');
    await waitForText(host, 'This evening is closed');
    await ana.bringToFront();
    await waitForText(ana, 'Thank you');
    await press(ana, 'Delete my name and card');
    await waitForText(ana, 'are deleted');
    const names = (await database.query<{ name: string }>('select name from participant where tasting_id = $1 order by seat', [id])).rows.map(
      ({ name }) => name,
    );
    expect(names).toEqual(['A guest', 'Bram']);
    for (const guest of [ana, bram, wall, pourer]) await guest.close();
  }, 480_000);

  it('a page of a seat is the same bytes whichever wine is in which glass: as it is drawn, as it is fetched ahead, and by its length', async () => {
    const bytesOf = async (turned: boolean): Promise<string[]> => {
      const flight = await flightOfThree(host, { turned });
      const link = new URL(await openEvening(host, base, flight));
      const code = link.pathname.split('/').at(-1)!;
      const key = link.searchParams.get('k') ?? '';
      const joined = await fetch(`${base}/api/v1/joins`, {
        method: 'POST',
        headers: { origin: base, 'content-type': 'application/json' },
        body: JSON.stringify({ code, key, seat: randomUUID().replaceAll('-', ''), name: 'Ana' }),
      });
      const cookie = joined.headers.getSetCookie()[0]!.split(';')[0]!;
      const said: string[] = [];
      const look = async () => {
        for (const [address, headers] of [
          ['/seat', {}],
          ['/seat', { RSC: '1' }],
          ['/seat', { RSC: '1', 'Next-Router-Prefetch': '1' }],
          [`/join/${code}?k=${key}`, {}],
        ] as const) {
          const text = await (await fetch(`${base}${address}`, { headers: { cookie, ...headers } })).text();
          said.push(
            text
              .replaceAll(code, 'code')
              .replaceAll(key === '' ? 'no key' : key, 'key')
              .replace(/[0-9a-f]{8}-[0-9a-f-]{27}/g, 'id')
              .replace(/\d{4}-\d\d-\d\dT[\d:.]+Z/g, 'time')
              // The name of a request, which a page fetched ahead carries.
              .replace(/"[\w-]{21}[a-z]?"/g, 'request')
              .replace(/nonce(\\?"?[:=])\\?"[^"\\]+/g, 'nonce$1')
              .replace(/(code\\?":\\?"|<small>)\d{3}(?=\\?"|<)/g, '$1…'),
          );
        }
      };
      const evening = await eveningOf(host, flight);
      let { tick } = evening;
      await look();
      for (const to of evening.program.flatMap((stop, at) => (stop.kind === 'pour' ? [at, at + 1] : []))) {
        tick = await moveTo(host, evening.id, tick, to);
        await look();
      }
      return said;
    };
    const [one, other] = [await bytesOf(false), await bytesOf(true)];
    expect(one.length).toBeGreaterThan(20);
    expect(one.some((text) => text.includes('Three of the quay'))).toBe(true);
    expect(one.join('\n')).not.toMatch(/Salt Lamp|Cold Reach/);
    // Where they differ, the place alone is told: a page is long.
    for (const [i, text] of one.entries()) {
      const at = [...text].findIndex((letter, k) => letter !== other[i]![k]);
      expect(at < 0 ? '' : `look ${i}: ${text.slice(at - 60, at + 60)} / ${other[i]!.slice(at - 60, at + 60)}`).toBe('');
      expect(text.length).toBe(other[i]!.length);
    }
  }, 180_000);
  it('one browser holds one stream however many tabs are open, and each of eight goes on hearing', async () => {
    const flight = await flightOfThree(host);
    const first = await guestOf(await openEvening(host, base, flight), 'Eight tabs');
    const context = first.browserContext();
    const tabs = [first];
    for (let i = 1; i < 8; i++) {
      const tab = await hurried(await context.newPage());
      await visit(tab, `${base}/seat`);
      await waitForText(tab, 'People arrive');
      tabs.push(tab);
    }
    await host.bringToFront();
    await press(host, 'Begin: pour wine A');
    for (const tab of tabs) {
      await tab.bringToFront();
      await waitForText(tab, 'being poured');
    }
    await context.close();
  }, 120_000);

  it('is led on one screen and shown to the room on another of the same browser: both in sight, both hear', async () => {
    const flight = await flightOfThree(host);
    const [console_, wall] = [await hurried(await browser.newPage()), await hurried(await browser.newPage())];
    // Two windows, as on a desk and its projector.
    for (const page of [console_, wall]) await (await page.createCDPSession()).send('Emulation.setFocusEmulationEnabled', { enabled: true });
    await visit(console_, `${base}/flights/${flight}/pour`);
    await press(console_, 'Open the evening');
    await waitForText(console_, 'Guests join');
    await visit(wall, `${base}/flights/${flight}/wall`);
    await waitForText(wall, 'join with your phone');
    await press(console_, 'Begin: pour wine A');
    await waitForText(console_, 'Pour it');
    await waitForText(wall, 'is being poured');
    await press(console_, 'Poured: on to');
    await waitForText(wall, 'Appearance');
    await waitForText(console_, 'On to aroma');
    for (const page of [console_, wall]) await page.close();
  }, 60_000);

  it('is rehearsed with twenty simulated guests, who are marked, write, lock, and count in no result but their own', async () => {
    const flight = await flightOfThree(host);
    await visit(host, `${base}/flights/${flight}/pour`);
    await press(host, 'Open the evening');
    await waitForText(host, 'Guests join');
    try {
      await press(host, 'Rehearse with 20 simulated guests');
      await waitForText(host, 'Maple', 40_000);
      await waitForText(host, '(simulated)');
      await press(host, 'Begin: pour wine A');
      await press(host, 'Poured: on to');
      for (const step of ['On to aroma', 'On to palate', 'On to finish']) {
        await press(host, step);
        await new Promise((resolve) => setTimeout(resolve, 1_500));
      }
      await until(
        async () => /\d+ of 20 guests have locked/.test(await textOf(host)) && !(await textOf(host)).includes('0 of 20 guests'),
        'simulated guests lock what they wrote',
      );
      await press(host, 'On to the unmasking');
      await press(host, 'Unmask');
      await waitForText(host, 'still covered');
      await press(host, 'Uncover the price');
      await press(host, 'Uncover the age');
      await press(host, 'Uncover the grape');
      await waitForText(host, 'Nobody has a note on this glass');
      await (await host.waitForSelector('::-p-text(Show the simulated guests)'))!.click();
      await waitForText(host, 'had it');
    } finally {
      const { id, tick } = await host.evaluate(async (flightId) => {
        const { tastings } = (await (await fetch(`/api/v1/flights/${flightId}/tastings`)).json()) as { tastings: { id: string }[] };
        return (await (await fetch(`/api/v1/tastings/${tastings[0]!.id}`)).json()) as { id: string; tick: number };
      }, flight);
      // They go home when the evening is closed, however far this came.
      const closed = await host.evaluate(
        async (tastingId, basedOn) => {
          const answer = await fetch(`/api/v1/tastings/${tastingId}/closings`, {
            method: 'POST',
            headers: { 'content-type': 'application/json' },
            body: JSON.stringify({ basedOn, actId: crypto.randomUUID() }),
          });
          return answer.status;
        },
        id,
        tick,
      );
      expect(closed).toBe(200);
    }
  }, 180_000);

  it('is read by who sees nothing: no fault of access on any view', async () => {
    const flight = await flightOfThree(host);
    await visit(host, `${base}/flights/${flight}/pour`);
    expect(await axe(host)).toEqual([]);
    await press(host, 'Open the evening');
    await waitForText(host, 'Guests join');
    expect(await axe(host)).toEqual([]);
    await until(async () => (await textOf(host)).includes('/join/'), 'a link to join by');
    const link = /http:\S+\/join\/\S+/.exec(await textOf(host))![0];
    const ana = await guestOf(link, 'Ana');
    expect(await axe(ana)).toEqual([]);
    await press(ana, 'Something is wrong');
    await waitForText(ana, 'local emergency number');
    expect(await axe(ana)).toEqual([]);
    await ana.keyboard.press('Escape');
    await host.bringToFront();
    await press(host, 'Begin: pour wine A');
    await ana.bringToFront();
    await waitForText(ana, 'Is it clear?');
    expect(await axe(ana)).toEqual([]);
    await host.bringToFront();
    await press(host, 'Unmask');
    await waitForText(host, 'still covered');
    expect(await axe(host)).toEqual([]);
    for (const path of ['pouring', 'wall']) {
      await visit(host, `${base}/flights/${flight}/${path}`);
      expect(await axe(host), path).toEqual([]);
    }
    await visit(host, `${base}/join`);
    expect(await axe(host)).toEqual([]);
    await ana.close();
  }, 120_000);
});
