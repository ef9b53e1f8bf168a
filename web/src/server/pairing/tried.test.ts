import { v4, v7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { DishDocument } from '@rose/core/pairing/dish-document';
import { emptyNote, type NoteDocument } from '@rose/core/wine/note';
import { styleWines } from '@rose/knowledge/pairing';
import type { AnswerOf } from '../../contract/answers';
import type { Member } from '../command';
import { newMoment, openNote } from '../note/glasses';
import { saveNote } from '../note/operations';
import { firstWrite, newMember, ownDatabase, run } from '../testing/venue';
import { newWorld, type World } from '../testing/world';
import { deleteDish, restoreDish, saveDish } from './operations';
import { pairingFindings } from './tried';

let drop: () => Promise<void>;
let world: World;
let stranger: Member;
beforeAll(async () => {
  drop = await ownDatabase();
  [world, stranger] = [await newWorld(), await newMember('owner')];
});
afterAll(() => drop());
const found = async (who: Member) => (await run(pairingFindings, who, {})) as AnswerOf<'pairing', 'findings'>;

const parts = [{ part: 'oysters', grams: 90 }];
type Tried = NonNullable<DishDocument['tries']>[number];
const tried = (verdict: Tried['verdict'], on: string, style = styleWines[0]!): Tried => ({
  id: v4(),
  wine: { id: style.id, name: style.name, loads: style.loads, colour: style.colour, echoes: [...new Set(style.echoes)] },
  parts,
  verdict,
  on,
});
const dishOf = (tries: readonly unknown[]) => ({ schema: 1, name: 'Oysters', parts: [{ id: 'a', ...parts[0]! }], remark: '', tries });

describe('what was tried with a dish', () => {
  it('is kept with the dish, listed newest first beside what the rules say, and is nobody else’s', async () => {
    const id = v7();
    await run(saveDish, world.owner, firstWrite(dishOf([tried('made', '2026-03-01'), tried('poor', '2026-04-02', styleWines[3])]), id));
    const { tries } = await found(world.owner);
    expect(tries.map((one) => [one.dish, one.wine.name, one.found, one.on])).toEqual([
      [{ id, name: 'Oysters' }, styleWines[3]!.name, 'hardly goes', '2026-04-02'],
      [{ id, name: 'Oysters' }, styleWines[0]!.name, 'made for it', '2026-03-01'],
    ]);
    for (const { expected } of tries) expect(expected.shown).toBeGreaterThan(0);
    expect((await found(stranger)).tries).toEqual([]);
    await run(deleteDish, world.owner, { id });
    expect((await found(world.owner)).tries).toEqual([]);
    await run(restoreDish, world.owner, { id });
    expect((await found(world.owner)).tries).toHaveLength(2);
  });
  it('saved over an older dish is a conflict, and what stands there is kept', async () => {
    const [id, one, other] = [v7(), tried('good', '2026-05-01'), tried('clash', '2026-05-01', styleWines[5])];
    await run(saveDish, world.owner, firstWrite(dishOf([]), id));
    await run(saveDish, world.owner, { id, writeId: v4(), baseRevision: 1, document: dishOf([one]) });
    const { tries } = await found(world.owner);
    expect(tries.filter((entry) => entry.dish.id === id).map((entry) => entry.id)).toEqual([one.id]);
    await expect(run(saveDish, world.owner, { id, writeId: v4(), baseRevision: 1, document: dishOf([other]) })).rejects.toMatchObject({
      status: 409,
    });
  });
  it('is refused where it is no verdict, no day, or no wine', async () => {
    for (const wrong of [
      { ...tried('good', '2026-05-01'), verdict: 'splendid' },
      tried('good', 'yesterday'),
      { ...tried('good', '2026-05-01'), parts: [] },
      { ...tried('good', '2026-05-01'), wine: { id: 'x', name: 'x', loads: {}, colour: 'white', echoes: [] } },
    ])
      await expect(run(saveDish, world.owner, firstWrite(dishOf([wrong]), v7()))).rejects.toMatchObject({ status: 422 });
  });
  it('says nothing of the rules before there are enough tries, and then of the one that fails', async () => {
    const owner = await newMember('owner');
    // Every dry white is found to be made for a chocolate cake, which is as far from the rules as can be.
    const sweet = [{ part: 'dark-chocolate', grams: 80 }];
    const dry = styleWines.filter(({ loads }) => loads.sweetness < 20).slice(0, 24);
    const tries = dry.map((style) => ({ ...tried('made', '2026-06-01', style), parts: sweet }));
    const id = v7();
    await run(saveDish, owner, firstWrite(dishOf(tries.slice(0, 3)), id));
    expect((await found(owner)).own).toBeUndefined();
    await run(saveDish, owner, { id, writeId: v4(), baseRevision: 1, document: dishOf(tries) });
    const { findings, own } = await found(owner);
    expect(findings.filter(({ says }) => says === 'less').map(({ family }) => family)).toContain('sugar');
    expect(own!.sugar).toBeLessThan(0.8);
    expect(findings.find(({ family }) => family === 'rinds')!.text).toContain('never tried');
  });
});

describe('a wine tasted alone and then with a bite', () => {
  it('tells how liking changed, held against what the rules expect, once the label is in sight', async () => {
    const note = (liking: number, more: Partial<NoteDocument> = {}): NoteDocument => ({ ...emptyNote, observed: { liking }, ...more });
    const [first, food] = [v7(), v7()];
    await run(openNote, world.owner, { id: first, wineId: world.wineId });
    await run(saveNote, world.owner, { id: first, writeId: v4(), baseRevision: 1, document: note(50) });
    await run(newMoment, world.owner, { id: first, noteId: food, moment: 'food' });
    expect((await found(world.owner)).bites).toEqual([]);
    await run(saveNote, world.owner, { id: food, writeId: v4(), baseRevision: 1, document: note(70, { food: 'an oyster' }) });
    const [bite, ...more] = (await found(world.owner)).bites;
    expect(more).toEqual([]);
    expect(bite).toMatchObject({ wine: { id: world.wineId }, food: 'an oyster', tasters: 1, measured: 20 });
    expect(bite!.low).toBeLessThan(bite!.now.shown);
    expect(bite!.now.shown).toBeLessThan(bite!.high);
    // A bite that is no food we know tells nothing.
    await run(saveNote, world.owner, { id: food, writeId: v4(), baseRevision: 2, document: note(70, { food: 'xyzzy' }) });
    expect((await found(world.owner)).bites).toEqual([]);
    expect((await found(stranger)).bites).toEqual([]);
    // Nor is one person’s liking told to who may not read their note.
    await run(saveNote, world.owner, { id: food, writeId: v4(), baseRevision: 3, document: note(70, { food: 'an oyster' }) });
    expect((await found(world.owner)).bites).toHaveLength(1);
    expect((await found(await newMember('host', world.owner.venueId))).bites).toEqual([]);
  });
});
