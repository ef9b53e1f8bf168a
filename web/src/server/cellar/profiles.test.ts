import { v4, v7 } from 'uuid';
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { eq } from 'drizzle-orm';
import { emptyNote } from '@rose/core/wine/note';
import type { Observed } from '@rose/core/wine/observables';
import { connections } from '../../db/client';
import { glass, note } from '../../db/schema';
import type { Member } from '../command';
import { openNote } from '../note/glasses';
import { saveNote } from '../note/operations';
import { lamplighter } from '../testing/world';
import { firstWrite, newMember, ownDatabase, run } from '../testing/venue';
import { saveWine } from './commands';
import { asOrderWine, asPairingWine, knownWines, medianOf } from './profiles';

let drop: () => Promise<void>;
let owner: Member;
let wineId: string;
beforeAll(async () => {
  drop = await ownDatabase();
});
afterAll(() => drop());
beforeEach(async () => {
  owner = await newMember('owner');
  wineId = v7();
  await run(saveWine, owner, firstWrite(lamplighter, wineId));
});

const write = async (who: Member, observed: Observed, chips: (typeof emptyNote)['chips'] = []): Promise<string> => {
  const id = v7();
  await run(openNote, who, { id, wineId });
  await run(saveNote, who, { id, writeId: v4(), baseRevision: 1, document: { ...emptyNote, observed, chips } });
  return id;
};
const profile = async () => (await knownWines(connections().db, owner.venueId, [wineId]))[0]!.profile;

describe('what is known of a wine', () => {
  it('is the style’s where nothing was tasted and no fact speaks, and the fact’s where one does', async () => {
    const known = await profile();
    expect(known.tannin).toMatchObject({ from: 'style', why: 'pale, sharp, gripping red' });
    expect(known.alcohol).toMatchObject({ from: 'facts', why: '14 % vol' });
    expect(known.bubbles).toMatchObject({ value: 0, from: 'facts' });
  });
  it('is what a host tasted, before what helpers tasted, whoever was first', async () => {
    const helper = await newMember('helper', owner.venueId);
    await write(owner, { tannin: 70 });
    await write(helper, { tannin: 20, acidity: 44 });
    const known = await profile();
    expect(known.tannin).toMatchObject({ value: 70, from: 'tasted' });
    expect(known.acidity.from).toBe('style');
  });
  it('is the latest sound note: a doubtful or faulty bottle does not speak for the wine', async () => {
    const first = await write(owner, { tannin: 70, health: 'sound' });
    await connections()
      .db.update(note)
      .set({ tastedAt: new Date('2026-01-01') })
      .where(eq(note.id, first));
    await write(owner, { tannin: 10, health: 'faulty' });
    expect((await profile()).tannin.value).toBe(70);
    await write(owner, { tannin: 60, health: 'trace' });
    expect((await profile()).tannin.value).toBe(60);
  });
  it('is never what was tasted after food, and what was after air only where nothing else is', async () => {
    const { db } = connections();
    const later = async (moment: string, tannin: number) => {
      const id = await write(owner, { tannin });
      await db.update(note).set({ moment }).where(eq(note.id, id));
    };
    await later('food', 12);
    expect((await profile()).tannin.from).toBe('style');
    await later('air', 44);
    expect((await profile()).tannin).toMatchObject({ value: 44, from: 'tasted' });
    await write(owner, { tannin: 70 });
    await later('next', 30);
    expect((await profile()).tannin).toMatchObject({ value: 70, from: 'tasted' });
  });
  it('is the middle of the others when no host has tasted', async () => {
    const helper = await newMember('helper', owner.venueId);
    for (const tannin of [20, 50, 80]) await write(helper, { tannin });
    expect((await profile()).tannin).toMatchObject({ value: 50, from: 'tasted' });
  });
  it('learns nothing from a glass whose label is still hidden, or that was rejected', async () => {
    const id = await write(owner, { tannin: 5 });
    const { db } = connections();
    const [row] = await db.select({ glassId: note.glassId }).from(note).where(eq(note.id, id));
    await db.update(glass).set({ revealedAt: null }).where(eq(glass.id, row!.glassId));
    expect((await profile()).tannin.from).toBe('style');
    await db.update(glass).set({ revealedAt: new Date(), rejectedAt: new Date() }).where(eq(glass.id, row!.glassId));
    expect((await profile()).tannin.from).toBe('style');
  });
  it('goes into order and pairing: the same numbers, the smells found and those of its kind, the rung of its class', async () => {
    await write(owner, { tannin: 70, sweetness: 6 }, [{ id: 'a', term: 'thyme', layer: 'first', strength: 2 }]);
    const [known] = await knownWines(connections().db, owner.venueId, [wineId]);
    expect(asOrderWine(known!)).toMatchObject({ id: wineId, rung: 'red', loads: { tannin: 70, sweetness: 6 } });
    const wine = asPairingWine(known!);
    expect(wine).toMatchObject({ colour: 'red', loads: { tannin: 70 } });
    // Thyme named does not say that the smells of its kind are not there.
    expect(wine.echoes).toEqual(expect.arrayContaining(['dried-herb', ...known!.style.style.echoes]));
  });
});
describe('the middle of several notes', () => {
  it('is the median of each scale that anybody set, spans by their midpoint', () => {
    expect(medianOf([{ acidity: 20 }, { acidity: [60, 80] }, { acidity: 90, tannin: 10 }])).toMatchObject({ acidity: 70, tannin: 10 });
    expect(medianOf([{ finish: { seconds: 10 } }, { finish: { seconds: 30 } }]).finish).toEqual({ seconds: 20 });
    expect(medianOf([])).toEqual({});
  });
});
