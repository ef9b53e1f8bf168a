import { execFileSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import ICAL from 'ical.js';
import { v4, v7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { emptyFlight, type FlightDocument } from '@rose/core/flight/flight';
import { published } from '@rose/core/testing/published';
import { schools } from '@rose/core/order/ordering-rules';
import { glassShape } from '@rose/knowledge/glasses/index';
import { connections } from '../../db/client';
import { saveWine } from '../cellar/commands';
import type { Operation, Reply } from '../command';
import { openNote } from '../note/glasses';
import { saveNote } from '../note/operations';
import { emptyNote } from '@rose/core/wine/note';
import { perform } from '../http';
import { hashFacts } from '../print/hash';
import { drawPrint, printFacts } from '../print/kinds';
import { printKinds, type PrintKind } from '../../contract/prints';
import { addProbe, listProbes, removeProbe, simulateProbe } from '../prepare/probes';
import { assyrtiko, newWorld, type World } from '../testing/world';
import { firstWrite, ownDatabase, run } from '../testing/venue';
import { asCalendar, calendarState, feed, makeFeed, nextEvents, revokeFeed, sendCalendar } from './calendar';
import { designOf, listsOf, temperatureOf, timetableOf } from './afternoon';
import type { TimetableView } from '../../contract/answers';
import { copyFlight, getFlight, moveView, saveFlight, shared } from './operations';
import { doubtsOf, orderOf, proposeWines, schoolsOf } from './order';
import { print, printsOf, sourceOf } from './prints';
import { instantIn, wallTime } from '../wall-time';

let drop: () => Promise<void>;
let world: World;
const wines: string[] = [];
const folder = mkdtempSync(path.join(tmpdir(), 'rose-prints-'));
const named = ['Kékfrankos Tűz', 'Ash & Ember', 'Ruder Stein', 'Vela Blanca'];
beforeAll(async () => {
  drop = await ownDatabase();
  world = await newWorld();
  const made: [string, Record<string, unknown>][] = [
    ['red', { abv: 13, closure: 'cork' }],
    ['red', { abv: 14.5, closure: 'cork', oak: 'new', woodMonths: 18 }],
    ['white', { abv: 12, closure: 'screw', fining: 'egg' }],
    ['white', { abv: 11.5, closure: 'mushroom', bubbles: 'sparkling', pressure: 5.2 }],
  ];
  for (const [i, [colour, facts]] of made.entries()) {
    const id = v7();
    const stated = Object.fromEntries(Object.entries({ colour, ...facts }).map(([key, value]) => [key, { value, origin: 'label' as const }]));
    await run(
      saveWine,
      world.owner,
      firstWrite(
        { ...assyrtiko, name: named[i]!, facts: stated, lots: [{ id: v7(), formatMl: 750, held: 3, priceMinor: 1800, currency: 'EUR', merchant: 'Mole' }] },
        id,
      ),
    );
    wines.push(id);
  }
});
afterAll(() => drop());

async function newFlight(change: Partial<FlightDocument> = {}): Promise<string> {
  const id = v7();
  const document = {
    ...emptyFlight,
    name: 'An evening',
    wines: wines.map((wine) => ({ id: wine })),
    order: wines,
    guests: 6,
    starts: '2026-12-03T19:00',
    ...change,
  };
  await run(saveFlight, world.owner, firstWrite(document, id));
  return id;
}
async function change(id: string, next: Partial<FlightDocument>): Promise<void> {
  const { revision, document } = (await run(getFlight, world.owner, { id })) as { revision: number; document: FlightDocument };
  await run(saveFlight, world.owner, { id, writeId: v4(), baseRevision: revision, document: { ...document, ...next } });
}
async function fileOf(operation: Operation, input: unknown, actor: Parameters<typeof perform>[1] = world.owner): Promise<NonNullable<Reply['file']>> {
  const reply: Reply = { cookies: [] };
  await perform(operation, actor, input, reply);
  return reply.file!;
}
const kinds = Object.keys(printKinds) as PrintKind[];
/** Opened by poppler, a reader that is not ours. */
function opened(pdf: Uint8Array, name = 'print'): { text: string; info: string; svg: string; file: string } {
  const file = path.join(folder, `${name}-${v4().slice(0, 6)}.pdf`);
  writeFileSync(file, pdf);
  const tool = (command: string, ...args: string[]) => execFileSync(command, args, { encoding: 'utf8' });
  return { file, text: tool('pdftotext', '-layout', file, '-'), info: tool('pdfinfo', file), svg: tool('pdftocairo', '-svg', '-f', '1', '-l', '1', file, '-') };
}
const drawn = async (id: string, kind: PrintKind, paper: 'a4' | 'letter' = 'a4') => {
  const facts = printFacts(kind, await sourceOf(connections().db, world.owner.venueId, id));
  return drawPrint(kind, facts, paper, { plan: 3, on: new Date('2026-11-26T08:00:00Z'), day: '2026-11-26', id: 'same' });
};

describe('prints', () => {
  published(
    'ISO 216 and ANSI: A4 is 210 × 297 mm, Letter 8.5 × 11 inches',
    'every print opens in another reader with its name, and on the paper asked for',
    async () => {
      const id = await newFlight();
      for (const kind of kinds)
        for (const [paper, size] of [
          ['a4', /595\.\d+ x 841\.\d+ pts \(A4\)/],
          ['letter', /612 x 792 pts \(letter\)/],
        ] as const) {
          const { text, info } = opened(await drawn(id, kind, paper), kind);
          expect(text).toContain('An evening');
          expect(text).toContain('plan 3');
          expect(info).toMatch(size);
          expect(text).not.toMatch(/undefined|NaN|null|\[object/);
        }
    },
  );
  it('everything a print is hashed by is drawn: a change of any part changes the page', async () => {
    const id = await newFlight({ blind: 'open', rests: [{ after: wines[0]!, kind: 'cheese' }] });
    const source = await sourceOf(connections().db, world.owner.venueId, id);
    const on = { plan: 3, on: new Date('2026-11-26T08:00:00Z'), day: '2026-11-26', id: 'same' };
    /** Some other value of the same shape. */
    const other = (value: unknown): unknown =>
      typeof value === 'string'
        ? `${value} and more`
        : typeof value === 'number'
          ? value + 1
          : Array.isArray(value)
            ? value.length === 0
              ? undefined
              : value.slice(0, -1)
            : undefined;
    const same: string[] = [];
    for (const kind of kinds) {
      const facts = printFacts(kind, source);
      const page = Buffer.from(await drawPrint(kind, facts, 'a4', on));
      expect(Buffer.from(await drawPrint(kind, facts, 'a4', on)).equals(page)).toBe(true);
      for (const [part, value] of Object.entries(facts)) {
        const changed = other(value);
        if (changed === undefined) continue;
        if (Buffer.from(await drawPrint(kind, { ...facts, [part]: changed } as typeof facts, 'a4', on)).equals(page)) same.push(`${kind}: ${part}`);
      }
    }
    expect(same).toEqual([]);
  });
  it('names with letters of other tongues are printed whole; an open handout names wines, food and temperatures', async () => {
    const id = await newFlight();
    const { text } = opened(await drawn(id, 'handout'));
    for (const name of named) expect(text).toContain(name);
    expect(text).toMatch(/Serve at 1\d–1\d °C/);
    expect(text).toMatch(/Cheese: /);
    expect(text).toContain('egg');
  });
  published(
    'ISO 3591:1977 (foot of 65 ± 5 mm)',
    'the circles of the mat are true to size, a little larger than the foot, and carry a ruler of 100 mm',
    async () => {
      const { svg, text } = opened(await drawn(await newFlight(), 'mat'), 'mat');
      const foot = glassShape('tasting').footMm;
      // Each circle is a path of curves; its width is the span of its x coordinates, in points.
      const widths = [...svg.matchAll(/ d="(M [^"]*C [^"]*)"/g)].flatMap(([, d]) => {
        const xs = [...d!.matchAll(/(-?[\d.]+) (-?[\d.]+)/g)].map(([, x]) => Number(x));
        return xs.length > 8 ? [((Math.max(...xs) - Math.min(...xs)) * 25.4) / 72] : [];
      });
      const circles = widths.filter((mm) => mm > 40);
      expect(circles.length).toBe(4);
      for (const mm of circles) expect(Math.abs(mm - (foot + 4))).toBeLessThan(0.3);
      expect(text).toMatch(/100 %/);
      const lines = [...svg.matchAll(/d="M (-?[\d.]+) (-?[\d.]+) L (-?[\d.]+) (-?[\d.]+)/g)].map(([, x1, , x2]) => ((Number(x2) - Number(x1)) * 25.4) / 72);
      expect(lines.some((mm) => Math.abs(mm - 100) < 0.1)).toBe(true);
    },
  );
  it('of a blind flight: swapping two wines leaves every guest’s file byte-equal, and none names a wine', async () => {
    for (const evening of ['table', 'panel'] as const) {
      const id = await newFlight({ blind: 'single', evening });
      const before = new Map<PrintKind, Uint8Array>();
      for (const kind of kinds) before.set(kind, await drawn(id, kind));
      await change(id, { order: [wines[2]!, wines[1]!, wines[3]!, wines[0]!] });
      for (const kind of kinds) {
        const after = await drawn(id, kind);
        const same = Buffer.from(after).equals(Buffer.from(before.get(kind)!));
        expect(same, `${evening} ${kind}`).toBe(printKinds[kind].guests);
        if (!printKinds[kind].guests) continue;
        // The page of words for smells is the same for every evening.
        const text = opened(after).text.split('Words for smells')[0]!;
        for (const secret of [...named, 'cork', 'screw', '13 %', '14.5', 'Assyrtiko', 'red', 'oak'])
          expect(text.includes(secret), `${kind} says ${secret}`).toBe(false);
      }
    }
  });
  it('an open sheet asks of each glass what its wine has; a hidden one asks the same of all', async () => {
    const asks = async (blind: 'open' | 'single') =>
      opened(await drawn(await newFlight({ blind }), 'sheet'))
        .text.split('Words for smells')[0]!
        .split('Tannin').length - 1;
    const [open, hidden] = [await asks('open'), await asks('single')];
    expect(open).toBeGreaterThan(0);
    expect(open).toBeLessThan(hidden);
    expect(hidden).toBe(wines.length);
  });
  it('a panel’s sheets, mats and pour list carry each seat’s own codes; a table’s the letters of the places', async () => {
    const panel = await newFlight({ evening: 'panel', blind: 'single', guests: 4 });
    const design = (await run(designOf, world.owner, { id: panel })) as { seats: { glasses: { label: string; wine: string }[] }[] };
    expect(design.seats.length).toBe(4);
    const sheet = opened(await drawn(panel, 'sheet')).text;
    const cues = opened(await drawn(panel, 'cues')).text;
    for (const seat of design.seats)
      for (const glass of seat.glasses) {
        expect(glass.label).toMatch(/^\d{3}$/);
        expect(sheet).toContain(glass.label);
        expect(cues).toContain(glass.label);
      }
    const table = (await run(designOf, world.owner, { id: await newFlight() })) as { seats: { glasses: { label: string }[] }[] };
    expect(table.seats[0]!.glasses.map((glass) => glass.label)).toEqual(['A', 'B', 'C', 'D']);
  });
  it('out of date means that facts it drew changed, and says which; the plan number rises only when something is printed of a changed flight', async () => {
    const id = await newFlight();
    const state = async () =>
      (await run(printsOf, world.owner, { id })) as {
        plan: number;
        prints: { kind: string; made: { plan: number; outOfDate: boolean; changed: string[] } | null }[];
      };
    const of = async (kind: string) => (await state()).prints.find((entry) => entry.kind === kind)!.made;
    expect((await state()).plan).toBe(0);
    expect((await fileOf(print, { id, kind: 'handout', paper: 'a4' })).name).toBe('handout-plan-1.pdf');
    await fileOf(print, { id, kind: 'mat', paper: 'letter' });
    expect((await state()).plan).toBe(1);
    await change(id, { remark: 'nothing that is drawn' });
    expect(await of('handout')).toMatchObject({ outOfDate: false, changed: [] });
    await change(id, { order: [...wines].reverse() });
    expect((await state()).plan).toBe(1);
    expect(await of('handout')).toMatchObject({ plan: 1, outOfDate: true, changed: ['the wines or their food'] });
    // The mat of an open flight names its glasses.
    expect(await of('mat')).toMatchObject({ outOfDate: true, changed: ['the glasses'] });
    await fileOf(print, { id, kind: 'handout', paper: 'a4' });
    expect((await state()).plan).toBe(2);
    expect(await of('handout')).toMatchObject({ plan: 2, outOfDate: false });
  });
  it('the hash is of the facts alone: key order does not matter, a changed value does', () => {
    const facts = { title: 'a', subtitle: 'b', when: 'c', seats: [], more: { x: 1, y: [2] } };
    expect(hashFacts(facts).hash).toBe(hashFacts({ more: { y: [2], x: 1 }, seats: [], when: 'c', subtitle: 'b', title: 'a' } as never).hash);
    expect(hashFacts({ ...facts, more: { x: 1, y: [3] } }).hash).not.toBe(hashFacts(facts).hash);
  });
});

describe('the calendar', () => {
  const events = (ics: string) =>
    new ICAL.Component(ICAL.parse(ics) as never).getAllSubcomponents('vevent').map((component) => {
      const event = new ICAL.Event(component);
      return {
        uid: event.uid,
        title: event.summary,
        start: event.startDate.toJSDate().toISOString(),
        minutes: event.duration.toSeconds() / 60,
        sequence: event.sequence,
        status: component.getFirstPropertyValue('status'),
        alarms: component.getAllSubcomponents('valarm').length,
      };
    });
  /** The calendar as it is sent: a file. */
  const send = async (id: string): Promise<string> => {
    const reply: Reply = { cookies: [] };
    await perform(sendCalendar, world.owner, { id }, reply);
    expect(reply.file!.type).toContain('text/calendar');
    return String(reply.file!.body);
  };
  it('read by another library: one entry a task at its instant, with an alarm', async () => {
    const id = await newFlight();
    const sent = await send(id);
    const { tasks, firstPour } = (await run(timetableOf, world.owner, { id })) as TimetableView;
    expect(firstPour).toBe('2026-12-03T17:00:00.000Z');
    const read = events(sent);
    expect(read.length).toBe(tasks.length);
    for (const task of tasks)
      expect(read.find((event) => event.start === task.at && event.title === task.text)).toMatchObject({
        minutes: task.minutes,
        sequence: 0,
        status: 'CONFIRMED',
        alarms: 1,
      });
  });
  it('sent again: ids stay, what moved rises in sequence, what is dropped is cancelled, and comes back under its id', async () => {
    const id = await newFlight();
    const first = events(await send(id));
    await change(id, { starts: '2026-12-03T20:00' });
    const later = events(await send(id));
    expect(later.map((event) => event.uid).sort()).toEqual(first.map((event) => event.uid).sort());
    expect(new Set(later.map((event) => event.sequence))).toEqual(new Set([1]));
    await change(id, { wines: wines.slice(0, 3).map((wine) => ({ id: wine })) });
    const dropped = await send(id);
    const gone = events(dropped).filter((event) => event.uid.includes(wines[3]!));
    expect(gone.length).toBeGreaterThan(0);
    expect(await run(calendarState, world.owner, { id })).toMatchObject({ cancelled: gone.length });
    for (const event of gone) expect(event).toMatchObject({ status: 'CANCELLED', sequence: 2, alarms: 0 });
    await change(id, { wines: wines.map((wine) => ({ id: wine })) });
    const back = events(await send(id)).filter((event) => event.uid.includes(wines[3]!));
    for (const event of back) expect(event).toMatchObject({ status: 'CONFIRMED', sequence: 3 });
  });
  it('by its secret link anybody may read what was sent last, until the link is revoked', async () => {
    const id = await newFlight({ name: 'By the link' });
    await run(sendCalendar, world.owner, { id });
    const { link } = (await run(makeFeed, world.owner, { id })) as { link: string };
    const code = link.split('/').at(-1)!;
    const file = await fileOf(feed, { code }, { kind: 'anyone' });
    expect(file.type).toContain('text/calendar');
    expect(events(String(file.body)).length).toBeGreaterThan(10);
    const second = ((await run(makeFeed, world.owner, { id })) as { link: string }).link.split('/').at(-1)!;
    await expect(perform(feed, { kind: 'anyone' }, { code }, { cookies: [] })).rejects.toMatchObject({ status: 404 });
    expect(await run(calendarState, world.owner, { id })).toMatchObject({ feed: true });
    await run(revokeFeed, world.owner, { id });
    await expect(perform(feed, { kind: 'anyone' }, { code: second }, { cookies: [] })).rejects.toMatchObject({ status: 404 });
  });
  it('a flight without a date is told so; no events make a calendar without any', async () => {
    await expect(run(sendCalendar, world.owner, { id: await newFlight({ starts: '' }) })).rejects.toMatchObject({ status: 422 });
    expect(events(asCalendar('x', []))).toEqual([]);
    expect(nextEvents([], [])).toEqual([]);
  });
  published(
    'IANA time zones: Europe/Athens leaves summer time on 25 October 2026',
    'a pour at a wall time is one instant; chilling over the change of clocks keeps its minutes',
    () => {
      expect(instantIn('2026-10-24T19:00', 'Europe/Athens').toISOString()).toBe('2026-10-24T16:00:00.000Z');
      expect(instantIn('2026-10-25T19:00', 'Europe/Athens').toISOString()).toBe('2026-10-25T17:00:00.000Z');
      // The clocks go back from 4 to 3: seven hours before the pour at 06:00 is 00:00 by the clock.
      const pour = instantIn('2026-10-25T06:00', 'Europe/Athens');
      expect(wallTime(new Date(pour.getTime() - 7 * 3_600_000), 'Europe/Athens')).toBe('2026-10-25T00:00');
      // An hour that the spring change skips is read as the one after it.
      expect(wallTime(instantIn('2027-03-28T03:30', 'Europe/Athens'), 'Europe/Athens')).toBe('2027-03-28T04:30');
    },
  );
});

describe('the afternoon by the interface for programs', () => {
  it('temperature, lists and timetable agree with each other', async () => {
    const id = await newFlight({ tasteFirst: false });
    const { wines: curves } = (await run(temperatureOf, world.owner, { id })) as {
      wines: { wine: string; atPour: number; off: number; band: { low: number; high: number } }[];
    };
    for (const curve of curves) {
      expect(curve.off).toBe(0);
      expect(curve.atPour).toBeGreaterThan(curve.band.low - 0.1);
    }
    const lists = (await run(listsOf, world.owner, { id })) as {
      opening: { name: string; pressure: { over: number } | null }[];
      blindness: unknown[];
      shopping: { id: string }[];
    };
    expect(lists.opening.filter((card) => card.pressure !== null).map((card) => card.name)).toEqual(['Vela Blanca']);
    expect(lists.blindness).toEqual([]);
    const table = (await run(timetableOf, world.owner, { id, now: '2026-12-03T16:50:00.000Z' })) as TimetableView;
    const inConflict = new Set(table.conflicts.map((conflict) => conflict.task));
    // A bottle whose chilling does not fit comes out at its own time.
    expect(table.tasks.every((task) => task.minute >= -10 || inConflict.has(task.id) || inConflict.has(task.id.replace('out:', 'chill:')))).toBe(true);
    expect(table.conflicts.length).toBeGreaterThan(0);
  });
  it('the afternoon’s taste replaces assumed values and is felt in the order; a fault found calls for the spare', async () => {
    const id = await newFlight({ order: wines });
    const strain = async () => ((await run(orderOf, world.owner, { id })) as { now: { strain: number } }).now.strain;
    const before = await strain();
    const note = v7();
    await run(openNote, world.owner, { id: note, wineId: wines[2] });
    await run(saveNote, world.owner, {
      id: note,
      writeId: v4(),
      baseRevision: 1,
      document: { ...emptyNote, observed: { health: 'sound', sweetness: 96, acidity: 90, intensity: 96, body: 90 } },
    });
    expect(await strain()).not.toBeCloseTo(before, 2);
    const faulty = v7();
    await run(openNote, world.owner, { id: faulty, wineId: wines[1] });
    await run(saveNote, world.owner, { id: faulty, writeId: v4(), baseRevision: 1, document: { ...emptyNote, observed: { health: 'faulty' } } });
    const { wines: views } = (await run(getFlight, world.owner, { id })) as { wines: { summary: { id: string }; evening: { faultFound?: string } }[] };
    expect(views.filter((view) => view.evening.faultFound !== undefined).map((view) => view.summary.id)).toEqual([wines[1]]);
  });
  it('order with rests and another order to judge, schools, doubts', async () => {
    const id = await newFlight({
      pins: [
        { kind: 'first', wine: wines[0]! },
        { kind: 'place', wine: wines[0]!, place: 2 },
      ],
    });
    expect(await run(orderOf, world.owner, { id })).toMatchObject({ impossible: true, contradicting: [{ kind: 'first' }, { kind: 'place' }] });
    await change(id, { pins: [] });
    interface Judged {
      now: { order: string[]; strain: number };
      best: { strain: number; rests: unknown[] };
      move: { fall: number } | null;
    }
    const plain = (await run(orderOf, world.owner, { id })) as Judged;
    const rested = (await run(orderOf, world.owner, { id, rests: '3' })) as Judged;
    expect(rested.best.strain).toBeLessThanOrEqual(plain.best.strain);
    const other = (await run(orderOf, world.owner, { id, order: [...wines].reverse().join(',') })) as Judged;
    expect(other.now.order).toEqual([...wines].reverse());
    expect(((await run(schoolsOf, world.owner, { id })) as { schools: unknown[] }).schools.length).toBe(schools.length);
    expect(((await run(doubtsOf, world.owner, { id })) as { tooMany: boolean }).tooMany).toBe(false);
  });
  it('proposes from the cellar with reasons, a copy starts afresh, a move tells what it meets, shared bottles are told', async () => {
    const found = (await run(proposeWines, world.owner, { theme: 'free', most: 3, dish: null, held: false })) as {
      proposals: { wines: unknown[]; because: string }[];
    };
    expect(found.proposals[0]!.wines.length).toBe(3);
    expect(
      ((await run(proposeWines, world.owner, { theme: 'pair', most: 2, dish: null, held: false })) as { nearest: { because: string } | null }).nearest,
    ).not.toBeNull();
    const id = await newFlight({ name: 'Far ahead', starts: '2031-05-01T19:00', done: { polish: '2031-05-01T15:00:00Z' }, poured: wines });
    const copy = v7();
    await run(copyFlight, world.owner, { id, newId: copy, starts: '2031-05-02T18:00' });
    const { document } = (await run(getFlight, world.owner, { id: copy })) as { document: FlightDocument };
    expect(document).toMatchObject({ name: 'Far ahead, again', starts: '2031-05-02T18:00', done: {}, poured: null, guests: 6 });
    expect(await run(moveView, world.owner, { id, starts: '2031-05-02T12:00' })).toMatchObject({ sameDay: [{ id: copy }], done: 1, printed: false });
    const both = (await run(shared, world.owner, { id })) as { wines: { wine: string; needed: number; held: number; flights: { id: string }[] }[] };
    expect(both.wines.map((entry) => entry.wine).sort()).toEqual([...wines].sort());
    for (const entry of both.wines) {
      expect(entry.flights.some((other) => other.id === copy)).toBe(true);
      expect(entry.needed).toBeGreaterThanOrEqual(2);
    }
  });
  it('probe readings give the venue its own time constants, with an interval; taken away, the handbook’s are back', async () => {
    const inUse = async () =>
      ((await run(listProbes, world.owner, {})) as { inUse: { medium: string; tau: number; from: string }[]; runs: { id: string }[] }).inUse.find(
        (entry) => entry.medium === 'fridge',
      )!;
    const before = await inUse();
    const { ambientC, readings } = (await run(simulateProbe, world.owner, {
      medium: 'fridge',
      formatMl: 1500,
      startC: 21,
      minutes: 180,
      count: 12,
      seed: 42,
    })) as { ambientC: number; readings: { minutes: number; celsius: number }[] };
    const id = v7();
    await run(addProbe, world.owner, { id, medium: 'fridge', formatMl: 1500, ambientC, on: '2026-11-26', readings });
    expect(await inUse()).toMatchObject({ from: 'your own readings' });
    expect((await inUse()).tau).not.toBe(before.tau);
    await run(removeProbe, world.owner, { id });
    expect(await inUse()).toEqual(before);
    await expect(run(removeProbe, world.owner, { id })).rejects.toMatchObject({ status: 404 });
  });
});
