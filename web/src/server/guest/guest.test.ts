import { v4 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { and, eq } from 'drizzle-orm';
import type { FlightDocument } from '@rose/core/flight/flight';
import { emptyNote } from '@rose/core/wine/note';
import type { AnswerOf } from '../../contract/answers';
import { contract } from '../../contract';
import { guest as said } from '../../contract/guest';
import { connections } from '../../db/client';
import { note, participant } from '../../db/schema';
import { guestOfRequest } from '../actor-of-request';
import { serve } from '../command';
import { perform } from '../http';
import { codeSpace, linkKey, rehearsalKey, wrongCodes } from '../join-code';
import { forgetLimiters } from '../limits';
import { operations } from '../registry';
import { Device, Host, begun, eveningOf, glassAt, saved, withoutIds } from '../testing/evening';
import { newMember, ownDatabase } from '../testing/venue';
import { exampleInputs } from '../testing/example-inputs';
import { newWorld, type World } from '../testing/world';
import { rateLimit } from '../../db/auth';

let drop: () => Promise<void>;
let world: World;
beforeAll(async () => {
  drop = await ownDatabase();
  world = await newWorld();
});
afterAll(() => drop());

const evening = (names: readonly string[], order = [world.otherWineId, world.wineId], more: Partial<FlightDocument> = {}) =>
  eveningOf(world.owner, names, order, more);
const rowOf = async (id: string) => (await connections().db.select().from(note).where(eq(note.id, id)))[0]!;
const secrets = /Caldera|Ledge|Lamplighter|Mikri|Péfka|Assyrtiko|Xinomavro|volcanic|Harbour merchant|2400/;

describe('joining', () => {
  it('takes a name and a code, small letters and dashes as well; two of one name are told apart by their seats', async () => {
    const { host } = await evening([]);
    const code = await host.code();
    const one = new Device();
    const found = await one.ask('POST', '/joins/found', { code: `${code.slice(0, 3)}-${code.slice(3).toLowerCase()}` });
    expect(JSON.parse(found.text)).toEqual({
      name: 'Two of them',
      venue: 'A room',
      allergens: ['sulphites'],
      started: true,
      drinkingAge: 18,
      invitation: null,
    });
    expect(JSON.parse((await one.join(code, 'Ana')).text)).toEqual({ seat: 1, name: 'Ana' });
    await new Device().join(code, ' ana ');
    await new Device().join(code, 'Bram');
    const { people } = await host.ask<AnswerOf<'tasting', 'people'>>('people');
    expect(people.map(({ name }) => name)).toEqual(['Ana, seat 1', 'ana, seat 2', 'Bram']);
  });
  it('twice by one device is one seat; with a key of their own somebody comes back on another phone, and is never doubled', async () => {
    const { host } = await evening([]);
    const code = await host.code();
    const [seat, own] = ['s'.repeat(24), 'k'.repeat(24)];
    const phone = new Device();
    await phone.join(code, 'Ana', { seat, own });
    await phone.join(code, 'Ana', { seat, own });
    const { id } = await begun(phone);
    const other = new Device();
    expect(JSON.parse((await other.join(code, 'Somebody', { own })).text)).toEqual({ seat: 1, name: 'Ana' });
    expect((await other.table()).notes.map((entry) => entry.id)).toEqual([id]);
    expect((await host.ask<AnswerOf<'tasting', 'people'>>('people')).people).toHaveLength(1);
    // The phone before it is out: one seat is on one device.
    expect((await phone.ask('GET', '/guest/tasting')).status).toBe(401);
  });
  it('in mid-flight shows what is poured from now on, and nothing that was before', async () => {
    const { host, guests } = await evening(['Ana']);
    await host.act('uncover', { glassId: glassAt(await guests[0]!.state(), 0).id, fact: 'price' });
    await host.pour(1);
    const [late] = await host.seat('Late');
    expect((await late!.state()).glasses.map((glass) => glass.place)).toEqual([1]);
    const early = glassAt(await guests[0]!.state(), 0);
    expect((await late!.ask('POST', '/guest/notes', { noteId: v4(), glassId: early.id })).status).toBe(404);
  });
  it('five hundred right codes from one address in a minute all get in', async () => {
    const { host } = await evening([]);
    const code = await host.code();
    const joins = await Promise.all(Array.from({ length: 500 }, (_, i) => new Device('198.51.100.9').join(code, `Guest ${i}`)));
    expect(joins.filter(({ status }) => status !== 200)).toEqual([]);
    const seats = joins.map(({ text }) => (JSON.parse(text) as { seat: number }).seat);
    expect(new Set(seats).size).toBe(500);
  });
  it('wrong codes alone are counted; who has tried too many is not told of a right one, and a link guesses nothing', async () => {
    await connections().db.delete(rateLimit);
    forgetLimiters();
    const { host } = await evening([]);
    const code = await host.code();
    const guesser = new Device('203.0.113.5');
    const tries = await Promise.all(
      Array.from({ length: wrongCodes.anAddress + 15 }, (_, i) =>
        guesser.ask('POST', '/joins/found', { code: `2222${String(i).padStart(3, '3').replace(/[01]/g, '4')}` }),
      ),
    );
    expect(tries.filter(({ status }) => status === 404)).toHaveLength(wrongCodes.anAddress);
    expect(tries.filter(({ status }) => status === 429)).toHaveLength(15);
    expect((await guesser.ask('POST', '/joins/found', { code })).status).toBe(429);
    expect((await guesser.ask('POST', '/joins/found', { code, key: linkKey(code) })).status).toBe(200);
    expect((await new Device('203.0.113.6').ask('POST', '/joins/found', { code })).status).toBe(200);
  });
  it('a day of guessing at the limit hits one of twenty live evenings less than once in ten thousand', () => {
    const guesses = wrongCodes.together * (86_400 / wrongCodes.seconds);
    expect((20 * guesses) / codeSpace).toBeLessThan(1e-4);
  });
});

describe('a guest', () => {
  it('sees places and codes, and facts as they are uncovered: not a byte of them before, by any way there is', async () => {
    const { host, guests } = await evening(['Ana', 'Bram']);
    const [ana] = guests;
    const { id, glassId } = await begun(ana!);
    await saved(ana!, id, 1, { ...emptyNote, observed: { acidity: 60 }, ideas: [{ id: 'i', at: 'finish', grape: 'Merlot', certainty: 50 }] });
    await ana!.ask('POST', '/guest/locks', { glassId, locked: true });
    const ways: readonly (readonly [string, string, unknown?])[] = [
      ['GET', '/guest/tasting'],
      ['GET', `/guest/notes/${id}`],
      ['GET', '/guest/marks'],
      ['POST', '/guest/tables', { glassId }],
      ['PUT', `/guest/notes/${id}`, { writeId: 'x', baseRevision: 0, document: emptyNote }],
      ['PUT', '/guest/arrival', { arrival: { cold: true } }],
      ['POST', '/guest/waits', {}],
      ['POST', '/guest/notes', { noteId: v4(), glassId: v4() }],
      ['GET', `/wines/${world.wineId}`],
      ['GET', '/notes'],
      ['GET', `/tastings/${host.id}`],
      ['GET', `/tastings/${host.id}/pour-list`],
      ['GET', `/tastings/${host.id}/glasses/${glassId}/calls`],
      ['POST', `/tastings/${host.id}/uncoverings`, { glassId, fact: 'name', basedOn: host.tick, actId: v4() }],
    ];
    for (const [method, path, body] of ways) {
      const answer = await ana!.ask(method, path, body);
      expect(answer.status, path).toBeLessThan(500);
      expect(answer.text, path).not.toMatch(secrets);
      for (const wine of [world.wineId, world.otherWineId]) if (!path.includes(wine)) expect(answer.text, path).not.toContain(wine);
    }
    await host.act('uncover', { glassId, fact: 'grape' });
    const after = glassAt(await ana!.state(), 0);
    expect(after).toMatchObject({ closed: true, revealed: false, facts: [{ fact: 'grape', says: 'Xinomavro' }] });
    expect((await ana!.ask('GET', '/guest/tasting')).text).not.toMatch(/Lamplighter|Péfka/);
    await host.act('uncover', { glassId, fact: 'name' });
    expect(glassAt(await ana!.state(), 0).facts.map(({ says }) => says)).toContain('Lamplighter, Trís Péfka');
  });
  it('gets the same bytes whichever wine is in which glass', async () => {
    /** One evening, scripted; ids, codes and times told apart from what says something. */
    const bytes = async (order: readonly string[]) => {
      const { host, guests } = await evening(['Ana', 'Bram'], [...order]);
      const said: string[] = [];
      for (const place of [0, 1]) {
        if (place > 0) await host.pour(place);
        for (const guest of guests) {
          const { id, glassId } = await begun(guest, place);
          said.push((await saved(guest, id, 1, { ...emptyNote, observed: { acidity: 40 + place, quality: 80 } })).text);
          said.push((await guest.ask('POST', '/guest/locks', { glassId, locked: true })).text);
          for (const way of ['/guest/tasting', `/guest/notes/${id}`, '/guest/marks']) said.push((await guest.ask('GET', way)).text);
          said.push((await guest.ask('POST', '/guest/tables', { glassId })).text);
        }
      }
      return withoutIds(said.join('\n'));
    };
    expect(await bytes([world.wineId, world.otherWineId])).toBe(await bytes([world.otherWineId, world.wineId]));
  });
  it('writes their own note and no other’s; begun twice it is one note', async () => {
    const { guests } = await evening(['Ana', 'Bram']);
    const [ana, bram] = guests;
    const { id, glassId } = await begun(ana!);
    expect(JSON.parse((await ana!.ask('POST', '/guest/notes', { noteId: v4(), glassId })).text)).toEqual({ id, revision: 1 });
    expect(JSON.parse((await saved(ana!, id, 1, { ...emptyNote, remark: 'mine' })).text)).toEqual({ id, revision: 2 });
    expect((await saved(bram!, id, 2, emptyNote)).status).toBe(404);
    expect((await bram!.ask('GET', `/guest/notes/${id}`)).status).toBe(404);
    const stale = await saved(ana!, id, 1, emptyNote);
    expect(stale.status).toBe(409);
    expect(stale.text).not.toMatch(secrets);
  });
  it('sees what the table found after their own lock alone; from then on the lock stands, and what they write is a second version', async () => {
    const { guests } = await evening(['Ana', 'Bram', 'Chidi']);
    const notes = [];
    for (const [i, guest] of guests.entries()) {
      const { id, glassId } = await begun(guest);
      await saved(guest, id, 1, { ...emptyNote, observed: { acidity: [20, 60, 80][i] }, chips: [{ id: 'c', term: 'lemon', layer: 'first', strength: 2 }] });
      notes.push({ id, glassId });
    }
    const [ana, bram, chidi] = guests;
    const { glassId, id } = notes[0]!;
    expect((await ana!.ask('POST', '/guest/tables', { glassId })).status).toBe(409);
    const lock = (guest: Device, locked: boolean) => guest.ask('POST', '/guest/locks', { glassId, locked });
    for (const guest of [bram!, chidi!]) await lock(guest, true);
    expect(JSON.parse((await lock(ana!, true)).text)).toEqual({ locked: true });
    expect(JSON.parse((await lock(ana!, false)).text)).toEqual({ locked: false });
    expect((await rowOf(id)).blindDocument).toBeNull();
    await lock(ana!, true);
    const table = JSON.parse((await ana!.ask('POST', '/guest/tables', { glassId })).text) as AnswerOf<'guest', 'table'>;
    expect(table).toMatchObject({ people: 2, readings: [{ label: 'Acidity', mine: 'soft (20)', table: 'lively (70)' }], smells: ['lemon (2 of 2)'] });
    // Taken back it is not any more: what was locked stays what counts.
    expect(JSON.parse((await lock(ana!, false)).text)).toEqual({ locked: true });
    await saved(ana!, id, 2, { ...emptyNote, observed: { acidity: 70 } });
    const row = await rowOf(id);
    expect([row.blindDocument?.observed.acidity, row.document.observed.acidity]).toEqual([20, 70]);
  });
  it('what comes after the reveal from a device that had not seen it is kept apart, and what stood at the reveal counts', async () => {
    const { host, guests } = await evening(['Ana']);
    const [ana] = guests;
    const { id, glassId } = await begun(ana!);
    const before = (await ana!.state()).tick;
    await saved(ana!, id, 1, { ...emptyNote, observed: { acidity: 30 } }, before);
    await host.act('uncover', { glassId, fact: 'price' });
    await saved(ana!, id, 2, { ...emptyNote, observed: { acidity: 50 } }, before);
    let row = await rowOf(id);
    expect([row.blindDocument?.observed.acidity, row.unprovenDocument?.observed.acidity]).toEqual([30, 50]);
    await saved(ana!, id, 3, { ...emptyNote, observed: { acidity: 90 } }, host.tick);
    row = await rowOf(id);
    expect([row.blindDocument?.observed.acidity, row.unprovenDocument?.observed.acidity, row.document.observed.acidity]).toEqual([30, 50, 90]);
  });
  it('is told how their call did, fact by fact, from what stood before the first fact', async () => {
    const { host, guests } = await evening(['Ana']);
    const { id, glassId } = await begun(guests[0]!);
    const idea = { id: 'i', at: 'palate', certainty: 75 } as const;
    await saved(guests[0]!, id, 1, {
      ...emptyNote,
      ideas: [
        { ...idea, id: 'h', at: 'before', grape: 'Merlot' },
        { ...idea, grape: 'Nebbiolo' },
      ],
    });
    expect((await guests[0]!.get<AnswerOf<'guest', 'marks'>>('/guest/marks')).marks).toEqual([]);
    await host.act('uncover', { glassId, fact: 'grape' });
    // Corrected too late.
    await saved(guests[0]!, id, 2, { ...emptyNote, ideas: [{ ...idea, grape: 'Xinomavro' }] }, host.tick);
    const { marks } = await guests[0]!.get<AnswerOf<'guest', 'marks'>>('/guest/marks');
    expect(marks).toMatchObject([
      { fact: 'grape', truth: 'Xinomavro', call: { says: 'Nebbiolo', credit: 0.5, certainty: 75, turned: { at: 'palate', better: true } } },
    ]);
  });
  it('answers what the table is asked, once each, and the last answer counts', async () => {
    const { host, guests } = await evening(['Ana', 'Bram']);
    const pollId = v4();
    await host.act('ask', { pollId, place: 0, question: 'Sweet or dry?', options: ['sweet', 'dry'], forecast: 1 });
    const shown = (await guests[0]!.state()).poll;
    expect(shown).toEqual({ id: pollId, place: 0, question: 'Sweet or dry?', options: ['sweet', 'dry'], ranked: false });
    for (const option of [0, 1]) expect((await guests[0]!.ask('PUT', `/guest/answers/${pollId}`, { option })).status).toBe(200);
    await guests[1]!.ask('PUT', `/guest/answers/${pollId}`, { option: 1 });
    expect((await host.ask<AnswerOf<'tasting', 'people'>>('people')).answers).toEqual({ pollId, counts: [0, 2] });
    expect((await guests[1]!.ask('PUT', `/guest/answers/${pollId}`, { option: 5 })).status).toBe(404);
    await host.act('count');
    const asked = await host.ask<AnswerOf<'tasting', 'asked'>>('asked');
    expect(asked).toMatchObject({ polls: [{ question: 'Sweet or dry?', counts: [0, 2], forecast: 1, right: true, open: false }], tally: '' });
    for (const [option, forecast] of [
      [0, 0],
      [1, 0],
    ] as const) {
      const next = v4();
      await host.act('ask', { pollId: next, place: 0, question: 'For me?', options: ['yes', 'no'], forecast });
      for (const guest of guests) await guest.ask('PUT', `/guest/answers/${next}`, { option });
    }
    await host.act('count');
    expect((await host.ask<AnswerOf<'tasting', 'asked'>>('asked')).tally).toBe(
      'You expected 2 of 3 as the table chose: by luck 2 or more happen 5 times in ten.',
    );
    expect((await guests[1]!.ask('PUT', `/guest/answers/${pollId}`, { option: 0 })).status).toBe(409);
    expect((await guests[0]!.state()).poll).toBeNull();
  });
  it('may call nothing else: every operation of members refuses them, and tells nothing', async () => {
    const { guests } = await evening(['Ana']);
    const actor = await guestOfRequest(new Headers({ cookie: guests[0]!.cookie }));
    expect(actor).toMatchObject({ kind: 'guest', name: 'Ana' });
    const inputs = exampleInputs(world);
    for (const operation of operations.filter(({ contract: { allow } }) => allow !== 'anyone' && allow !== 'guest')) {
      const answer = await perform(operation, actor, inputs[operation.contract.name], { cookies: [] }).then(JSON.stringify, (error: unknown) => error);
      expect(answer, operation.contract.name).toMatchObject({ status: 403 });
      expect(JSON.stringify(answer)).not.toMatch(secrets);
    }
  });
  it('is sent what the contract says and not a field more, in production too', async () => {
    const { guests } = await evening(['Ana']);
    const actor = await guestOfRequest(new Headers({ cookie: guests[0]!.cookie }));
    const leaky = serve(said.arrive, async () => ({ ok: true, wineIds: [world.wineId] }) as never);
    const mode = process.env['NODE_ENV'];
    Object.assign(process.env, { NODE_ENV: 'production' });
    try {
      expect(await perform(leaky, actor, { arrival: {} }, { cookies: [] })).toEqual({ ok: true });
    } finally {
      Object.assign(process.env, { NODE_ENV: mode });
    }
    expect(contract.guest).toBe(said);
  });
  it('who was asked to leave, or left, is nobody; who asked to be forgotten leaves notes under no name', async () => {
    const { host, guests } = await evening(['Ana', 'Bram']);
    const [ana, bram] = guests;
    const { id } = await begun(bram!);
    const { people } = await host.ask<AnswerOf<'tasting', 'people'>>('people');
    await host.act('remove', { participantId: people[0]!.id });
    expect((await ana!.ask('GET', '/guest/tasting')).status).toBe(401);
    await bram!.ask('PUT', '/guest/card', { card: { allergies: 'walnuts' } });
    expect((await bram!.ask('POST', '/guest/departures', { forget: true })).status).toBe(200);
    expect((await saved(bram!, id, 1, emptyNote)).status).toBe(401);
    const [row] = await connections()
      .db.select()
      .from(participant)
      .where(and(eq(participant.tastingId, host.id), eq(participant.seat, 2)));
    expect([row!.name, row!.card, row!.tokenHash]).toEqual(['A guest', null, null]);
  });
  it('after the close reads what is theirs, writes what their device still held, and does nothing else', async () => {
    const { host, guests } = await evening(['Ana']);
    const { id, glassId } = await begun(guests[0]!);
    await host.act('close');
    expect((await guests[0]!.state()).over).toBe(true);
    expect((await saved(guests[0]!, id, 1, { ...emptyNote, remark: 'from a phone that slept' })).status).toBe(200);
    expect((await guests[0]!.ask('POST', '/guest/locks', { glassId, locked: true })).status).toBe(409);
    expect(JSON.parse((await guests[0]!.ask('POST', '/guest/notes', { noteId: v4(), glassId })).text)).toMatchObject({ id });
    expect((await guests[0]!.ask('POST', '/guest/notes', { noteId: v4(), glassId, moment: 'air' })).status).toBe(409);
    expect((await new Device().join(await host.code(), 'Too late')).status).toBe(404);
  });
});

describe('the host', () => {
  it('is refused an act that was decided before another, and is told what happened since; sent twice it is done once', async () => {
    const { host } = await evening([]);
    const actId = v4();
    const based = host.tick;
    const tick = await host.act('pause', { paused: true, actId });
    expect(await host.act('pause', { paused: true, actId, basedOn: based })).toBe(tick);
    await expect(host.act('pause', { paused: false, basedOn: based })).rejects.toMatchObject({ status: 409, slug: 'moved-on', more: { since: ['paused'] } });
  });
  it('hands over the lead at once: late acts of who led before are refused, and who does not lead acts on nothing', async () => {
    const { host } = await evening([]);
    const other = new Host(await newMember('host', world.owner.venueId), host.id);
    other.tick = host.tick;
    await expect(other.act('pause', { paused: true })).rejects.toMatchObject({ slug: 'not-leading' });
    const taken = (await other.ask<{ tick: number }>('takeWheel', { actId: v4() })).tick;
    await expect(host.act('pause', { paused: true })).rejects.toMatchObject({ slug: 'moved-on', more: { since: ['led'] } });
    other.tick = taken;
    await other.act('pause', { paused: true });
    host.tick = other.tick;
    await expect(host.act('pause', { paused: false })).rejects.toMatchObject({ slug: 'not-leading' });
  });
  it('sees how far each guest is, and never what they wrote', async () => {
    const { host, guests } = await evening(['Ana', 'Bram']);
    const { id, glassId } = await begun(guests[0]!);
    await saved(guests[0]!, id, 1, { ...emptyNote, observed: { clarity: 'clear', colour: 'red', depth: 55 }, remark: 'quillwort' });
    await guests[0]!.ask('POST', '/guest/locks', { glassId, locked: true });
    await guests[1]!.ask('POST', '/guest/waits', {});
    const answer = await host.ask<AnswerOf<'tasting', 'people'>>('people');
    expect(answer.people.map(({ quarters, locked, waits }) => ({ quarters, locked, waits }))).toEqual([
      { quarters: [1, 0, 0, 0], locked: true, waits: false },
      { quarters: [0, 0, 0, 0], locked: false, waits: true },
    ]);
    expect(JSON.stringify(answer)).not.toContain('quillwort');
  });
  it('has simulated guests marked and in no result unless they are asked for', async () => {
    const { host } = await evening([]);
    const code = await host.code();
    const device = new Device();
    await device.join(code, 'Wren', { key: rehearsalKey(code) });
    const { id, glassId } = await begun(device);
    await saved(device, id, 1, { ...emptyNote, ideas: [{ id: 'i', at: 'finish', grape: 'Merlot', certainty: 50 }] });
    expect((await host.ask<AnswerOf<'tasting', 'people'>>('people')).people).toMatchObject([{ name: 'Wren', simulated: true }]);
    await host.act('uncover', { glassId, fact: 'grape' });
    expect((await host.ask<AnswerOf<'tasting', 'calls'>>('calls', { glassId })).people).toBe(0);
    expect(await host.ask<AnswerOf<'tasting', 'calls'>>('calls', { glassId, simulated: 'yes' })).toMatchObject({
      people: 1,
      facts: [{ calls: [{ says: 'Merlot' }] }],
    });
  });
  it('reads calls against guessing, and the pour list only after taking that part', async () => {
    const { host, guests } = await evening(['Ana', 'Bram', 'Chidi']);
    let glassId = '';
    for (const [i, guest] of guests.entries()) {
      const begin = await begun(guest);
      glassId = begin.glassId;
      await saved(guest, begin.id, 1, { ...emptyNote, ideas: [{ id: 'i', at: 'finish', grape: ['Xinomavro', 'Xinomavro', 'Merlot'][i], certainty: 50 }] });
    }
    expect((await host.ask<AnswerOf<'tasting', 'calls'>>('calls', { glassId })).facts).toEqual([]);
    await host.act('uncover', { glassId, fact: 'grape' });
    const { facts, people } = await host.ask<AnswerOf<'tasting', 'calls'>>('calls', { glassId });
    expect(people).toBe(3);
    expect(facts[0]).toMatchObject({
      fact: 'grape',
      truth: 'Xinomavro',
      verdict: 'Two of three had it.',
      calls: [
        { says: 'Xinomavro', people: 2, credit: 1 },
        { says: 'Merlot', people: 1, credit: 0 },
      ],
    });
    expect(facts[0]!.luck).toMatch(/^Guessing among 3\d\d, two or more would be right about one time in \d+,000\. Hardly luck\.$/);
    await expect(host.ask('pourList')).rejects.toMatchObject({ status: 403 });
    await host.ask('pour', { actId: v4() });
    const list = await host.ask<AnswerOf<'tasting', 'pourList'>>('pourList');
    expect(list.glasses.map(({ place, wine }) => [place, wine])).toEqual([
      [0, 'Lamplighter'],
      [1, 'Caldera Ledge'],
    ]);
  });
  it('is told of a doubt with where it points, puts the bottle aside, and its readings are kept apart', async () => {
    const { host, guests } = await evening(['Ana', 'Bram', 'Chidi', 'Dorte', 'Eli']);
    const { id, glassId } = await begun(guests[0]!);
    await guests[0]!.ask('PUT', '/guest/doubts', { glassId, smells: 'cellar' });
    const told = async () => (await host.ask<AnswerOf<'tasting', 'people'>>('people')).doubts;
    expect(await told()).toMatchObject([{ glassId, place: 0, suspect: 'glass', smells: ['a damp cellar, wet card'] }]);
    await guests[1]!.ask('PUT', '/guest/doubts', { glassId, smells: 'cellar' });
    expect(await told()).toMatchObject([{ suspect: 'bottle' }]);
    await host.act('reject', { glassId });
    expect(await told()).toEqual([]);
    const { glasses } = await guests[0]!.state();
    expect(glasses.map(({ place, rejected }) => [place, rejected])).toEqual(
      expect.arrayContaining([
        [0, true],
        [0, false],
      ]),
    );
    const fresh = await begun(guests[0]!);
    expect(fresh.glassId).not.toBe(glassId);
    expect((await rowOf(id)).glassId).toBe(glassId);
  });
  it('is warned of what a shared card meets, by seat and place; a card that is not shared is nobody’s business', async () => {
    const { host, guests } = await evening(['Ana', 'Bram']);
    await guests[0]!.ask('PUT', '/guest/card', { card: { allergies: 'asthma, sulphites' } });
    const warned = async () => (await host.ask<AnswerOf<'tasting', 'people'>>('people')).warnings;
    expect(await warned()).toEqual([0, 1].map((place) => ({ seat: 1, name: 'Ana', place, holds: ['sulphites'] })));
    await guests[0]!.ask('PUT', '/guest/card', { card: null });
    expect(await warned()).toEqual([]);
  });
});

describe('a flight that is blind to the host too', () => {
  const wines = /Caldera|Lamplighter|Mikri|Péfka/;
  it('begins with a second person who pours, and tells the host of no glass what is in it before it is uncovered', async () => {
    const { host, flightId } = await evening([], undefined, { blind: 'double' });
    await expect(host.act('move', { to: 1 })).rejects.toMatchObject({ slug: 'no-pourer' });
    // Who leads and pours as well is not a second person.
    await host.ask('pour', { actId: v4() });
    host.tick = (await host.state()).tick;
    await expect(host.act('move', { to: 1 })).rejects.toMatchObject({ slug: 'no-pourer' });
    const helper = new Host(await newMember('helper', world.owner.venueId), host.id);
    await helper.ask('pour', { actId: v4() });
    host.tick = (await host.state()).tick;
    await host.pour(0);
    const other = new Host(await newMember('host', world.owner.venueId), host.id);
    expect(JSON.stringify(await other.state())).not.toMatch(wines);
    expect(JSON.stringify(await other.ask('people'))).not.toMatch(wines);
    await expect(other.ask('pourList')).rejects.toMatchObject({ status: 403 });
    const { glasses } = await helper.ask<AnswerOf<'tasting', 'pourList'>>('pourList');
    expect(glasses.map(({ wine }) => wine).sort()).toEqual(['Caldera Ledge', 'Lamplighter']);
    const glassId = glassAt(await host.state(), 0).id;
    await host.act('uncover', { glassId, fact: 'name' });
    expect(JSON.stringify(await other.state())).toContain(glasses[0]!.wine);
    expect(JSON.stringify(await other.state())).not.toContain(glasses[1]!.wine);
    expect(flightId).not.toBe('');
  });
  it('deals its wines to places anew each time; in a flight whose list is known the list is told in no order', async () => {
    const first = new Set<string>();
    for (let times = 0; times < 12; times++) {
      const { host } = await evening([], undefined, { blind: 'half' });
      const state = await host.state();
      expect(state.list).toEqual([
        { name: 'Caldera Ledge', producer: 'Mikri Vigla' },
        { name: 'Lamplighter', producer: 'Trís Péfka' },
      ]);
      first.add(state.identities[0]!.wine!.name);
    }
    expect([...first].sort()).toEqual(['Caldera Ledge', 'Lamplighter']);
  });
});
