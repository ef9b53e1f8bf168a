import { v7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { emptyDish } from '@rose/core/pairing/dish-document';
import { emptyFlight } from '@rose/core/flight/flight';
import { emptyNote, type NoteDocument } from '@rose/core/wine/note';
import type { AnswerOf } from '../../contract/answers';
import { saveWine } from '../cellar/commands';
import { listWines } from '../cellar/queries';
import { loadSample, sampleHangsOn, takeSampleOut } from '../cellar/sample';
import type { Member } from '../command';
import { dealGlasses, openNote } from '../note/glasses';
import { saveNote } from '../note/operations';
import { saveDish } from '../pairing/operations';
import { deleteFlight, flightHangsOn, listFlights, saveFlight } from '../flight/operations';
import { saveVenue } from '../account/venue-commands';
import { me } from '../account/queries';
import { firstWrite, newMember, ownDatabase, plainWine, run } from '../testing/venue';
import { getToday, search } from './queries';

let drop: () => Promise<void>;
let owner: Member;
beforeAll(async () => {
  drop = await ownDatabase();
});
afterAll(() => drop());

type View = AnswerOf<'today', 'get'>;
const today = async (who = owner): Promise<View> => run(getToday, who, {});
const find = async (q: string, who = owner): Promise<AnswerOf<'today', 'search'>['found']> => ((await run(search, who, { q })) as { found: never }).found;
const wine = async (name: string, facts = {}) => {
  const id = v7();
  await run(saveWine, owner, firstWrite(plainWine(name, facts), id));
  return id;
};
const note = async (wineId: string, document: Partial<NoteDocument>) => {
  const id = v7();
  await run(openNote, owner, { id, wineId });
  await run(saveNote, owner, { ...firstWrite({ ...emptyNote, ...document }, id), baseRevision: 1 });
  return id;
};
const inDays = (days: number) => `${new Date(Date.now() + days * 86_400_000).toISOString().slice(0, 11)}19:00`;
const flight = async (name: string, starts: string, wines: readonly string[] = []) => {
  const id = v7();
  await run(saveFlight, owner, firstWrite({ ...emptyFlight, name, starts, wines: wines.map((entry) => ({ id: entry })) }, id));
  return id;
};

describe('today', () => {
  it('an empty venue has nothing, and says so', async () => {
    owner = await newMember();
    expect(await today()).toEqual({ flight: null, unfinished: [], again: [], toFindOut: [], has: { wines: 0, flights: 0, notes: 0 }, toPlayWith: 0 });
  });
  it('shows the next evening, not one that has been; without one the plan that has no date', async () => {
    owner = await newMember();
    await flight('Long ago', inDays(-30));
    const undated = await flight('Some day', '');
    expect((await today()).flight?.id).toBe(undated);
    const later = await flight('Later', inDays(20));
    const next = await flight('Next', inDays(3));
    expect((await today()).flight).toEqual({ id: next, name: 'Next' });
    await run(deleteFlight, owner, { id: next });
    expect((await today()).flight?.id).toBe(later);
  });
  it('the list of flights is narrowed by a name and by what is still to come; one that is being poured is', async () => {
    owner = await newMember();
    await flight('Long ago', inDays(-30));
    await flight('Being poured', new Date(Date.now() - 3_600_000).toISOString().slice(0, 16));
    await flight('Soirée d’été', inDays(20));
    await flight('Some day', '');
    const listed = async (input: object) => ((await run(listFlights, owner, input)) as AnswerOf<'flight', 'list'>).flights.map((entry) => entry.name);
    expect(await listed({ when: 'poured' })).toEqual(['Long ago']);
    expect(await listed({ when: 'coming' })).toEqual(['Soirée d’été', 'Being poured', 'Some day']);
    expect(await listed({ q: 'ete soiree' })).toEqual(['Soirée d’été']);
    expect(await listed({ q: 'ete', when: 'poured' })).toEqual([]);
  });
  it('a note without a mark is unfinished until it is put down; a glass of which the year has come is to come back to', async () => {
    owner = await newMember();
    const id = await wine('Black Scree');
    const open = await note(id, {});
    await note(id, { done: true });
    await note(id, { observed: { quality: 88 } });
    await note(id, { done: true, lookAgain: new Date().getFullYear() + 4 });
    const due = await note(id, { done: true, lookAgain: new Date().getFullYear() });
    const view = await today();
    expect(view.unfinished.map((entry) => entry.id)).toEqual([open]);
    expect(view.unfinished[0]!.title).toBe('Black Scree');
    expect(view.again.map((entry) => [entry.id, entry.year])).toEqual([[due, new Date().getFullYear()]]);
  });
  it('asks first for what a coming flight needs', async () => {
    owner = await newMember();
    const [rest, needed] = [await wine('A rest'), await wine('Needed', { abv: { value: 12, origin: 'label' } })];
    await flight('Next', inDays(2), [needed]);
    const asked = (await today()).toFindOut;
    expect(asked.map((entry) => [entry.wine, entry.inFlight])).toEqual([
      [needed, true],
      [rest, false],
    ]);
    expect(asked[0]!.fact).not.toBe('abv');
  });
  it('another member’s unfinished notes are not one’s own', async () => {
    owner = await newMember();
    await note(await wine('Black Scree'), {});
    const other = await newMember('helper', owner.venueId);
    expect((await today(other)).unfinished).toEqual([]);
  });
});

describe('going to anything by its name', () => {
  it('finds wines by maker and name, flights, dishes and notes; what begins with the words comes first', async () => {
    owner = await newMember();
    const [slate, old] = [await wine('Slate Wire'), await wine('Old Slate')];
    const evening = await flight('Slate and iron', inDays(4));
    const dish = v7();
    await run(saveDish, owner, firstWrite({ ...emptyDish, name: 'Trout on slate' }, dish));
    const written = await note(slate, {});
    expect((await find('slate')).map((entry) => [entry.kind, entry.id])).toEqual([
      ['wine', slate],
      ['wine', old],
      ['flight', evening],
      ['dish', dish],
      ['note', written],
    ]);
    expect((await find('VIGLA wire')).map((entry) => entry.id)).toEqual([slate, written]);
    expect(await find('   ')).toEqual([]);
    expect(await find('100%_')).toEqual([]);
  });
  it('a covered glass is not found by what is in it, and nothing of another venue is', async () => {
    owner = await newMember();
    const hidden = await wine('Deep Secret');
    await run(dealGlasses, owner, { wineIds: [hidden, await wine('Another')], notes: [v7(), v7()] });
    expect((await find('secret')).map((entry) => entry.kind)).toEqual(['wine']);
    expect(await find('secret', await newMember())).toEqual([]);
  });
});

describe('wines to play with', () => {
  it('come once however often they are asked for, in the venue’s money, and go and come back as one act', async () => {
    owner = await newMember();
    await run(saveVenue, owner, { settings: { currency: 'GBP' } });
    await run(loadSample, owner, {});
    await run(loadSample, owner, {});
    const all = (await run(listWines, owner, { limit: 100 })) as AnswerOf<'wine', 'list'>;
    expect(all.count).toBe(26);
    expect(all.items.every((entry) => entry.price.startsWith('£'))).toBe(true);
    expect((await today()).toPlayWith).toBe(26);
    const own = await wine('My own');
    await flight('With them', inDays(1), [all.items[0]!.id]);
    await note(all.items[0]!.id, {});
    expect(await run(sampleHangsOn, owner, {})).toEqual({ wines: 26, notes: 1, flights: ['With them'] });
    await run(takeSampleOut, owner, {});
    expect(((await run(listWines, owner, {})) as AnswerOf<'wine', 'list'>).items.map((entry) => entry.id)).toEqual([own]);
    await run(loadSample, owner, {});
    expect((await today()).toPlayWith).toBe(26);
  });
  it('those of one venue are not those of another', async () => {
    const [a, b] = [await newMember(), await newMember()];
    await run(loadSample, a, {});
    await run(loadSample, b, {});
    await run(takeSampleOut, a, {});
    expect((await today(b)).toPlayWith).toBe(26);
  });
});

describe('what hangs on a thing, and what is changed alone', () => {
  it('a flight says its tastings, notes and prints before it goes', async () => {
    owner = await newMember();
    const id = await flight('Alone', inDays(1));
    expect(await run(flightHangsOn, owner, { id })).toEqual({ tastings: 0, notes: 0, prints: 0 });
    await expect(run(flightHangsOn, await newMember(), { id })).rejects.toMatchObject({ status: 404 });
  });
  it('two owners who change different choices do not undo each other', async () => {
    owner = await newMember();
    const second = await newMember('owner', owner.venueId);
    await run(saveVenue, owner, { settings: { temperature: 'F' } });
    await run(saveVenue, second, { name: 'The quay', settings: { volume: 'oz' } });
    const { venue } = (await run(me, owner, {})) as AnswerOf<'account', 'me'>;
    expect([venue!.name, venue!.settings.temperature, venue!.settings.volume, venue!.settings.country]).toEqual(['The quay', 'F', 'oz', 'GR']);
    await expect(run(saveVenue, owner, { settings: { currency: 'euro' } })).rejects.toMatchObject({ status: 422 });
    // Devices name their zone in their own way: by an older name of the tz database, or UTC.
    for (const timeZone of ['UTC', 'Asia/Calcutta', 'Asia/Kolkata', 'Europe/Kiev']) await run(saveVenue, owner, { settings: { timeZone } });
    for (const timeZone of ['', 'Mars/Base', '+05:30']) await expect(run(saveVenue, owner, { settings: { timeZone } })).rejects.toMatchObject({ status: 422 });
  });
});
