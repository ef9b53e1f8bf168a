import { execFileSync } from 'node:child_process';
import { v4, v7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { eq } from 'drizzle-orm';
import type { FlightDocument } from '@rose/core/flight/flight';
import { emptyNote } from '@rose/core/wine/note';
import { emptyRow } from '@rose/core/tasting/paper';
import type { AnswerOf } from '../../contract/answers';
import { connections } from '../../db/client';
import { lot, participant } from '../../db/schema';
import { clearExpired } from '../expired';
import type { Reply } from '../command';
import { perform } from '../http';
import { operations } from '../registry';
import { Device, Host, begun, coveredFlight, eveningOf, glassAt, saved } from '../testing/evening';
import { newMember, ownDatabase, run } from '../testing/venue';
import { newWorld, type World } from '../testing/world';

let drop: () => Promise<void>;
let world: World;
beforeAll(async () => {
  drop = await ownDatabase();
  world = await newWorld();
});
afterAll(() => drop());

const evening = (names: readonly string[], more: Partial<FlightDocument> = {}, order = [world.otherWineId, world.wineId]) =>
  eveningOf(world.owner, names, order, more);
const ask = <T>(name: string, input: Readonly<Record<string, unknown>>, member = world.owner): Promise<T> =>
  run(
    operations.find((entry) => entry.contract.name === name)!,
    member,
    input,
  );
const held = async (wineId: string) =>
  (await connections().db.select({ held: lot.held }).from(lot).where(eq(lot.wineId, wineId))).reduce((sum, row) => sum + row.held, 0);
/** A note with a mark and a smell, locked. */
async function wrote(guest: Device, place: number, quality: number, words = 'lemon') {
  const { id, glassId } = await begun(guest, place);
  const document = { ...emptyNote, observed: { quality, liking: quality }, chips: [{ id: 'a', words, layer: 'first', strength: 2 }] };
  await saved(guest, id, 1, document);
  await guest.ask('POST', '/guest/locks', { glassId, locked: true });
  return { id, glassId };
}
const opensName = async (host: Host, guest: Device, place: number) => host.act('uncover', { glassId: glassAt(await guest.state(), place).id, fact: 'name' });

describe('the close', () => {
  it('proposes bottles by who came and what was put aside, and what is confirmed leaves the cellar once', async () => {
    const { host, guests } = await evening(['Ana', 'Bram', 'Cleo'], { pourMl: 50, lossPercent: 0 });
    await host.pour(1);
    await host.act('reject', { glassId: glassAt(await guests[0]!.state(), 1).id });
    const { wines } = await host.ask<AnswerOf<'tasting', 'bottles'>>('bottles');
    // Three guests and the host's own pour, 50 mL each: one bottle of 750 mL; of the second wine one more was put aside.
    expect(wines.map(({ wineId, bottles, because }) => ({ wineId, bottles, because })).sort((a, b) => a.bottles - b.bottles)).toEqual([
      { wineId: world.otherWineId, bottles: 1, because: '4 pours of 50 mL from bottles of 750 mL' },
      { wineId: world.wineId, bottles: 2, because: '4 pours of 50 mL from bottles of 750 mL, and 1 put aside' },
    ]);
    const before = await held(world.wineId);
    const close = { id: host.id, basedOn: host.tick, actId: v4(), opened: [{ wineId: world.wineId, bottles: 2 }] };
    await ask('tasting.close', close);
    await ask('tasting.close', close);
    expect(await held(world.wineId)).toBe(before - 2);
    expect((await host.ask<AnswerOf<'tasting', 'recap'>>('recap')).opened).toEqual([{ name: 'Caldera Ledge', bottles: 2 }]);
  });
  it('another bottle takes the time of another pour, and the pace knows', async () => {
    const { host, guests } = await evening(['Ana']);
    const { program, at, more } = await host.state();
    await host.act('reject', { glassId: glassAt(await guests[0]!.state(), 0).id });
    expect((await host.state()).more - more).toBe(program[at]!.minutes);
  });
  it('a bottle that was put aside has a sheet for its merchant, that names nobody at the table', async () => {
    const { host, guests } = await evening(['Ana', 'Bram']);
    const { id: glassId } = glassAt(await guests[0]!.state(), 0);
    for (const guest of guests) await guest.ask('PUT', '/guest/doubts', { glassId, smells: 'cellar' });
    const sheet = async () => {
      const reply = { cookies: [] } as Reply;
      await perform(
        operations.find((entry) => entry.contract.name === 'tasting.faultSheet')!,
        world.owner,
        { id: host.id, glassId },
        reply,
      );
      // Opened by poppler, a reader that is not ours.
      return execFileSync('pdftotext', ['-', '-'], { input: reply.file!.body as Uint8Array, encoding: 'utf8' }).replace(/\s+/g, ' ');
    };
    await expect(sheet()).rejects.toThrow('put aside');
    await host.act('reject', { glassId });
    const text = await sheet();
    expect(text).toContain('Put aside: Lamplighter');
    expect(text).toContain('2 tasters told the host of it, each alone: a damp cellar, wet card (2).');
    expect(text).not.toMatch(/Ana|Bram/);
  });
  it('opens no bottle of a wine that was not there, and leaves the evening open then', async () => {
    const { host } = await evening([], {}, [world.otherWineId]);
    await expect(host.act('close', { opened: [{ wineId: world.wineId, bottles: 1 }] })).rejects.toThrow('not in this evening');
    expect((await host.state()).over).toBe(false);
  });
  it('of a flight that is blind to its host tells by no number which glass was put aside', async () => {
    const { host, guests } = await evening(['Ana'], { blind: 'double' });
    const pourer = await newMember('helper', world.owner.venueId);
    await ask('tasting.pour', { id: host.id, actId: v4() }, pourer);
    host.tick = (await host.state()).tick;
    await host.pour(0);
    await host.act('reject', { glassId: glassAt(await guests[0]!.state(), 0).id });
    const { wines } = await host.ask<AnswerOf<'tasting', 'bottles'>>('bottles');
    expect(new Set(wines.map(({ bottles, because }) => `${bottles} ${because}`)).size).toBe(1);
  });
});

describe('the evening looked back on', () => {
  it('tells how the wines went by what was locked, and names only wines that are known', async () => {
    const { host, guests } = await evening(['Ana', 'Bram', 'Cleo']);
    for (const [i, guest] of guests.entries()) await wrote(guest, 0, 80 + i);
    await host.pour(1);
    for (const [i, guest] of guests.entries()) await wrote(guest, 1, 90 + i);
    await opensName(host, guests[0]!, 1);
    const recap = await host.ask<AnswerOf<'tasting', 'recap'>>('recap');
    expect(recap.says).toEqual(['The marks climbed from first to last: A 81, B 91.', 'Best liked was B.']);
    expect(recap.wines.map(({ wine, food }) => [wine?.name ?? null, food])).toEqual([
      [null, ''],
      ['Caldera Ledge', 'Octopus on coals'],
    ]);
    expect(recap.wines[0]!.smells).toEqual([{ name: 'lemon', people: 3 }]);
    expect(recap.came.map(({ name }) => name)).toEqual(['Ana', 'Bram', 'Cleo']);
  });
  it('does not count what was begun after the first fact, by mark or by call', async () => {
    const { host, guests } = await evening(['Ana', 'Bram']);
    const { glassId, id } = await begun(guests[0]!);
    await saved(guests[0]!, id, 1, { ...emptyNote, observed: { quality: 80 }, ideas: [{ id: 'i', at: 'aroma', grape: 'Nebbiolo', certainty: 50 }] });
    await host.act('uncover', { glassId, fact: 'grape' });
    const late = await begun(guests[1]!);
    await saved(guests[1]!, late.id, 1, { ...emptyNote, observed: { quality: 99 }, ideas: [{ id: 'i', at: 'aroma', grape: 'Xinomavro', certainty: 90 }] });
    const calls = await host.ask<AnswerOf<'tasting', 'calls'>>('calls', { glassId });
    expect(calls.facts[0]!.calls.map(({ says }) => says)).toEqual(['Nebbiolo']);
    expect((await host.ask<AnswerOf<'tasting', 'recap'>>('recap')).wines[0]!.quality?.people).toBe(1);
    expect((await guests[1]!.get<AnswerOf<'guest', 'marks'>>('/guest/marks')).marks).toEqual([]);
  });
});

describe('a course', () => {
  it('knows who came by their key whatever they call themselves, and others by their name', async () => {
    const courseId = v7();
    await ask('course.save', { id: courseId, name: 'Fire and salt' });
    const own = 'k'.repeat(24);
    for (const [name, promised] of [
      ['Ana', 'sweet wines next'],
      ['Anna', ''],
    ] as const) {
      const { host } = await evening(['Bram']);
      await new Device().join(await host.code(), name, { own });
      await ask('tasting.belongs', { id: host.id, courseId, promised });
      await host.act('close');
    }
    const { courses } = await ask<AnswerOf<'course', 'list'>>('course.list', {});
    const mine = courses.find((entry) => entry.id === courseId)!;
    expect(mine.evenings.map((entry) => entry.promised)).toEqual(['sweet wines next', '']);
    expect(mine.people).toEqual([
      { name: 'Anna', at: [0, 1] },
      { name: 'Bram', at: [0, 1] },
    ]);
  });
  it('of another venue takes no evening of this one', async () => {
    const courseId = v7();
    await ask('course.save', { id: courseId, name: 'Elsewhere' }, await newMember('owner'));
    const { host } = await evening([]);
    await expect(ask('tasting.belongs', { id: host.id, courseId, promised: '' })).rejects.toThrow('course');
  });
});

describe('what a guest takes home', () => {
  it('is their own words and what was uncovered, by a link that ends after 90 days or when they say so', async () => {
    const { host, guests } = await evening(['Ana', 'Bram'], {
      wines: [{ id: world.otherWineId, told: { text: 'From the second terrace.', hint: 'Think of tea.' } }, { id: world.wineId }],
    });
    const [ana, bram] = guests as [Device, Device];
    await wrote(ana, 0, 88, 'rose petals');
    await wrote(bram, 0, 70, 'wet dog');
    const { code } = JSON.parse((await ana.ask('POST', '/guest/takeaways', { on: true })).text) as { code: string };
    const stranger = new Device();
    const covered = await stranger.ask('GET', `/takeaways/${code}`);
    expect(covered.status).toBe(200);
    expect(covered.text).toContain('rose petals');
    expect(covered.text).not.toMatch(/wet dog|Bram|Lamplighter|Xinomavro|terrace|tea/);
    await opensName(host, ana, 0);
    await host.act('close');
    const page = await stranger.get<AnswerOf<'guest', 'takeaway'>>(`/takeaways/${code}`);
    expect(page.wines[0]).toMatchObject({ wine: { name: 'Lamplighter' }, told: { text: 'From the second terrace.', link: '' } });
    expect(page.wines[0]!.serve).toMatch(/°C.*°F/);
    expect(page.wines[0]!.food).not.toBe('');
    // Thirty days on the name is gone and the page stays, for ninety.
    await clearExpired(connections().db, new Date(Date.now() + 31 * 86_400_000));
    expect((await stranger.get<AnswerOf<'guest', 'takeaway'>>(`/takeaways/${code}`)).guest).toBe('A guest');
    await connections()
      .db.update(participant)
      .set({ takeawayUntil: new Date(Date.now() - 1000) })
      .where(eq(participant.tastingId, host.id));
    expect((await stranger.ask('GET', `/takeaways/${code}`)).status).toBe(404);
  });
  it('is one link at a time, ended from the table or by who has it', async () => {
    const { guests } = await evening(['Ana']);
    const made = async () => (JSON.parse((await guests[0]!.ask('POST', '/guest/takeaways', { on: true })).text) as { code: string }).code;
    const [first, second] = [await made(), await made()];
    const opens = async (code: string) => (await new Device().ask('GET', `/takeaways/${code}`)).status;
    expect([await opens(first), await opens(second)]).toEqual([404, 200]);
    await new Device().ask('POST', `/takeaways/${second}/endings`, {});
    expect(await opens(second)).toBe(404);
    const third = await made();
    await guests[0]!.ask('POST', '/guest/takeaways', { on: false });
    expect(await opens(third)).toBe(404);
    expect(await opens('x'.repeat(32))).toBe(404);
  });
});

describe('at home and at one’s own pace', () => {
  it('is asked to the evening with what to have ready, of a blind flight nothing that tells a wine', async () => {
    const flightId = await coveredFlight(world.owner, [world.otherWineId, world.wineId], { starts: '2026-12-03T19:00' });
    const host = await Host.open(world.owner, flightId);
    const code = await host.code();
    const { text } = await new Device().ask('POST', '/joins/found', { code });
    const { invitation } = JSON.parse(text) as AnswerOf<'guest', 'find'>;
    expect(invitation).toMatchObject({ starts: '19:00', wines: [] });
    expect(invitation!.ready.length).toBeGreaterThan(2);
    expect(text).not.toMatch(/Caldera|Lamplighter|Assyrtiko|Xinomavro/);
    await host.pour(0);
    expect((JSON.parse((await new Device().ask('POST', '/joins/found', { code })).text) as AnswerOf<'guest', 'find'>).invitation).toBeNull();
  });
  it('of an open flight says which bottle and when into the own fridge', async () => {
    const flightId = await coveredFlight(world.owner, [world.wineId], { starts: '2026-12-03T19:00', blind: 'open' });
    const host = await Host.open(world.owner, flightId);
    const { invitation } = JSON.parse((await new Device().ask('POST', '/joins/found', { code: await host.code() })).text) as AnswerOf<'guest', 'find'>;
    expect(invitation!.wines).toHaveLength(1);
    expect(invitation!.wines[0]!.name).toBe('Caldera Ledge');
    expect(invitation!.wines[0]!.fridge).toMatch(/^Into your fridge at 1[678]:\d\d, \d+ min before it is poured/);
  });
  it('goes on as far as the host lets, and is held again', async () => {
    const { host, guests } = await evening(['Ana']);
    const places = async () => (await guests[0]!.state()).glasses.map((glass) => glass.place);
    expect(await places()).toEqual([0]);
    await host.act('letGoOn', { to: 7 });
    expect((await host.state()).letTo).toBe(1);
    expect(await places()).toEqual([0, 1]);
    await host.act('letGoOn', { to: -1 });
    expect(await places()).toEqual([0]);
  });
  it('a bottle that is another is kept apart from the table’s', async () => {
    const { host, guests } = await evening(['Ana', 'Bram', 'Cleo', 'Dora']);
    for (const [i, guest] of guests.entries()) await wrote(guest, 0, [80, 82, 84, 40][i]!);
    const { id: glassId } = glassAt(await guests[3]!.state(), 0);
    await guests[3]!.ask('PUT', '/guest/bottles', { glassId, says: 'the year after' });
    expect((await guests[3]!.table()).bottles).toEqual([{ glassId, says: 'the year after' }]);
    expect((await guests[0]!.table()).bottles).toEqual([]);
    expect((await host.ask<AnswerOf<'tasting', 'recap'>>('recap')).wines[0]!.quality).toMatchObject({ low: 80, people: 3 });
    const table = JSON.parse((await guests[0]!.ask('POST', '/guest/tables', { glassId })).text) as AnswerOf<'guest', 'table'>;
    expect(table.people).toBe(2);
    await guests[3]!.ask('PUT', '/guest/bottles', { glassId, says: null });
    expect((await host.ask<AnswerOf<'tasting', 'recap'>>('recap')).wines[0]!.quality).toMatchObject({ low: 40, people: 4 });
  });
  it('a hint is for who has named something, and marks the call made with it', async () => {
    const told = { hint: 'Think of tea.', text: 'From the second terrace.' };
    const { host, guests } = await evening(['Ana'], { wines: [{ id: world.otherWineId, told }, { id: world.wineId }] });
    const [ana] = guests as [Device];
    expect((await ana.table()).hints).toBe(true);
    const { id, glassId } = await begun(ana);
    expect((await ana.ask('POST', '/guest/hints', { glassId })).status).toBe(409);
    const chips = [{ id: 'a', words: 'rose', layer: 'first', strength: 2 }];
    await saved(ana, id, 1, { ...emptyNote, chips, ideas: [{ id: 'i', at: 'aroma', grape: 'Xinomavro', certainty: 50 }] });
    expect(JSON.parse((await ana.ask('POST', '/guest/hints', { glassId })).text)).toEqual({ hint: 'Think of tea.' });
    await host.act('uncover', { glassId, fact: 'grape' });
    const calls = await host.ask<AnswerOf<'tasting', 'calls'>>('calls', { glassId });
    expect(calls.facts[0]!.verdict).toContain('Nobody called it');
    // What is told with the name comes with the name, not before.
    expect((await ana.get<AnswerOf<'guest', 'told'>>('/guest/told')).told).toEqual([]);
    await opensName(host, ana, 0);
    expect((await ana.get<AnswerOf<'guest', 'told'>>('/guest/told')).told).toMatchObject([{ name: 'Lamplighter', text: told.text, link: '' }]);
  });
  it('no hint is there in a flight that is blind to its host', async () => {
    const { guests } = await evening(['Ana'], { blind: 'double', wines: [{ id: world.otherWineId, told: { hint: 'Think of tea.' } }, { id: world.wineId }] });
    expect((await guests[0]!.table()).hints).toBe(false);
  });
});

describe('on paper', () => {
  it('a sheet is typed in by a host, who is named with it; after the first fact it is marked and left out', async () => {
    const { host, guests } = await evening(['Ana']);
    const participantId = v4();
    await ask('paper.seat', { id: host.id, participantId, name: 'Ida' });
    await ask('paper.seat', { id: host.id, participantId, name: 'Ida' });
    const { id: glassId } = glassAt(await guests[0]!.state(), 0);
    const row = { ...emptyRow, quality: 85, acidity: 70, smells: 'lemon, wet slate', grape: 'Nebbiolo' };
    await ask('paper.type', { id: host.id, participantId, glassId, row });
    await ask('paper.type', { id: host.id, participantId, glassId, row: { ...row, quality: 86 } });
    const sheet = await ask<AnswerOf<'paper', 'sheet'>>('paper.sheet', { id: host.id });
    expect(sheet.guests).toMatchObject([{ id: participantId, seat: 2, name: 'Ida', glasses: [{ id: glassId, place: 0 }] }]);
    expect(sheet.rows).toEqual([{ participantId, glassId, row: { ...row, quality: 86 }, typedBy: world.owner.name, after: false }]);
    await host.act('uncover', { glassId, fact: 'grape' });
    expect((await host.ask<AnswerOf<'tasting', 'calls'>>('calls', { glassId })).facts[0]!.calls.map(({ says }) => says)).toEqual(['Nebbiolo']);
    await host.pour(1);
    const second = glassAt(await guests[0]!.state(), 1).id;
    await opensName(host, guests[0]!, 1);
    await host.act('close');
    await ask('paper.type', { id: host.id, participantId, glassId: second, row });
    expect((await ask<AnswerOf<'paper', 'sheet'>>('paper.sheet', { id: host.id })).rows.find((entry) => entry.glassId === second)?.after).toBe(true);
    expect((await host.ask<AnswerOf<'tasting', 'recap'>>('recap')).wines[1]!.quality).toBeNull();
  });
  it('nothing is typed in for a guest who has a phone, nor for a glass of another evening', async () => {
    const { host, guests } = await evening(['Ana']);
    const { id: glassId } = glassAt(await guests[0]!.state(), 0);
    const [ana] = await connections().db.select({ id: participant.id }).from(participant).where(eq(participant.tastingId, host.id));
    await expect(ask('paper.type', { id: host.id, participantId: ana!.id, glassId, row: emptyRow })).rejects.toThrow('guest');
    const other = await evening([]);
    const participantId = v4();
    await ask('paper.seat', { id: other.host.id, participantId, name: 'Ida' });
    await expect(ask('paper.type', { id: other.host.id, participantId, glassId, row: emptyRow })).rejects.toThrow('glass');
  });
});

describe('the room', () => {
  it('that was found dim or smelling marks the notes that are begun from then on, and no other', async () => {
    const { host, guests } = await evening(['Ana', 'Bram']);
    const bentBy = async (guest: Device) => {
      const { id } = await begun(guest);
      return (await guest.get<AnswerOf<'guest', 'note'>>(`/guest/notes/${id}`)).document.circumstances ?? {};
    };
    expect(await bentBy(guests[0]!)).toEqual({});
    await host.act('room', { light: false, air: true });
    expect(await bentBy(guests[1]!)).toEqual({ light: true });
    expect((await host.state()).room).toEqual({ light: false, air: true });
  });
});
describe('Ready of a flight that is blind to its host', () => {
  it('is for who pours while the evening goes on, by the host’s own token too, and open again when it is closed', async () => {
    const { host, flightId } = await evening([], { blind: 'double', starts: '2026-12-03T19:00' });
    const pourer = await newMember('host', world.owner.venueId);
    await ask('tasting.pour', { id: host.id, actId: v4() }, pourer);
    const withToken = { ...world.owner, via: 'token' } as const;
    const tasks = (member: typeof world.owner) => ask<AnswerOf<'flight', 'timetable'>>('flight.timetable', { id: flightId }, member);
    for (const name of ['flight.timetable', 'flight.lists', 'flight.temperature', 'flight.prints'])
      for (const member of [world.owner, withToken]) await expect(ask(name, { id: flightId }, member), name).rejects.toThrow('blind to you');
    expect((await tasks(pourer)).tasks.length).toBeGreaterThan(0);
    host.tick = (await host.state()).tick;
    await host.act('close');
    expect((await tasks(world.owner)).tasks.length).toBeGreaterThan(0);
  });
});

describe('a list whose order is not known', () => {
  it('is matched to the glasses, and told against luck by permutations when all is uncovered', async () => {
    const { host, guests } = await evening(['Ana', 'Bram'], { blind: 'half' });
    const names = (await guests[0]!.state()).list!.map((entry) => `${entry.name}, ${entry.producer}`);
    expect(names).toHaveLength(2);
    const inGlass: string[] = [];
    for (const place of [0, 1]) {
      await host.pour(place);
      const { identities } = await host.state();
      const here = glassAt(await guests[0]!.state(), place).id;
      const wine = identities.find((entry) => entry.glassId === here)!.wine!;
      inGlass.push(`${wine.name}, ${wine.producer}`);
      for (const [i, guest] of guests.entries()) {
        const { id } = await begun(guest, place);
        // Ana has both right, Bram both wrong.
        const called = i === 0 ? inGlass[place] : names.find((name) => name !== inGlass[place]);
        await saved(guest, id, 1, { ...emptyNote, ideas: [{ id: 'i', at: 'finish', wine: called, certainty: 75 }] });
      }
    }
    for (const place of [0, 1]) await opensName(host, guests[0]!, place);
    const matched = async (guest: Device) => (await guest.get<AnswerOf<'guest', 'marks'>>('/guest/marks')).matched;
    expect(await matched(guests[0]!)).toEqual({ right: 2, of: 2, luck: 'By luck two or more would be right 5 times in ten.' });
    expect(await matched(guests[1]!)).toMatchObject({ right: 0, of: 2 });
    const calls = await host.ask<AnswerOf<'tasting', 'calls'>>('calls', { glassId: glassAt(await guests[0]!.state(), 0).id });
    expect(calls.facts.find((entry) => entry.fact === 'name')).toMatchObject({ verdict: 'One of two had it.' });
  });
});

describe('a bite with a wine', () => {
  it('is a stop of the evening by its place, and the note of it knows what was eaten', async () => {
    const bite = { food: 'an oyster', crossed: true };
    const { host, guests } = await evening(['Ana'], { wines: [{ id: world.otherWineId, bite }, { id: world.wineId }] });
    const { program } = await host.state();
    const at = program.findIndex((stop) => stop.kind === 'again' && stop.after === 'bite');
    expect(program[at]).toMatchObject({ place: 0, ...bite });
    await host.act('move', { to: at });
    const glassId = glassAt(await guests[0]!.state(), 0).id;
    const note = async (moment: string) => {
      const id = v4();
      await guests[0]!.ask('POST', '/guest/notes', { noteId: id, glassId, moment });
      return (await guests[0]!.get<AnswerOf<'guest', 'note'>>(`/guest/notes/${id}`)).document.food;
    };
    expect(await note('food')).toBe('an oyster');
    expect(await note('air')).toBeUndefined();
  });
});

describe('a clue in sight', () => {
  it('marks the calls of that wine: they are left out, and counted when they are asked for', async () => {
    const { host, guests } = await evening(['Ana', 'Bram']);
    for (const guest of guests) {
      const { id } = await begun(guest);
      await saved(guest, id, 1, { ...emptyNote, ideas: [{ id: 'i', at: 'aroma', grape: 'Xinomavro', certainty: 50 }] });
    }
    const { id: glassId } = glassAt(await guests[0]!.state(), 0);
    await host.act('clue', { glassId, is: true });
    expect((await host.state()).clues).toEqual([glassId]);
    await host.act('uncover', { glassId, fact: 'grape' });
    const verdict = async (more: object = {}) => (await host.ask<AnswerOf<'tasting', 'calls'>>('calls', { glassId, ...more })).facts[0]!.verdict;
    expect(await verdict()).toBe('Nobody called it.');
    expect(await verdict({ marked: 'yes' })).toBe('Two of two had it.');
    await host.act('clue', { glassId, is: false });
    expect(await verdict()).toBe('Two of two had it.');
    expect(JSON.stringify(await guests[0]!.state())).not.toContain('clue');
  });
});
