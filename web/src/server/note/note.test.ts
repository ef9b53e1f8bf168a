import { v4, v7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { and, eq } from 'drizzle-orm';
import { emptyNote } from '@rose/core/wine/note';
import { connections } from '../../db/client';
import { glass, glassIdentity, note, participant, tasting } from '../../db/schema';
import { newWorld, type World } from '../testing/world';
import { newMember, ownDatabase, run } from '../testing/venue';
import { listNotes } from '../notebook/queries';
import { glassCode, openNote } from './glasses';
import { listDescriptors } from './vocabulary';
import { composed, consistencyOf, scores, triageOf } from './judgements';
import { deleteNote, getNote, restoreNote, saveNote } from './operations';

let drop: () => Promise<void>;
let world: World;
beforeAll(async () => {
  drop = await ownDatabase();
  world = await newWorld();
});
afterAll(() => drop());

describe('every note is on a glass', () => {
  it('opening a wine alone makes a tasting of one participant and one glass, and says which wine in one place only', async () => {
    const id = v7();
    await run(openNote, world.owner, { id, wineId: world.wineId });
    const { db } = connections();
    const [row] = await db.select().from(note).where(eq(note.id, id));
    const [poured] = await db.select().from(glass).where(eq(glass.id, row!.glassId));
    const [sitting] = await db.select().from(tasting).where(eq(tasting.id, poured!.tastingId));
    const people = await db.select().from(participant).where(eq(participant.tastingId, sitting!.id));
    expect([sitting!.kind, people.length, people[0]!.userId]).toEqual(['solo', 1, world.owner.userId]);
    expect(await db.select().from(glassIdentity).where(eq(glassIdentity.glassId, poured!.id))).toHaveLength(1);
    // Nothing beside the identity tells the wine.
    expect(JSON.stringify([row, poured, sitting, people])).not.toMatch(new RegExp(`${world.wineId}|Caldera`));
  });
  it('a wine that is not there, or is deleted, opens nothing', async () => {
    await expect(run(openNote, world.owner, { id: v7(), wineId: v7() })).rejects.toMatchObject({ status: 404 });
  });
  it('the same person on the same glass at the same moment has one note', async () => {
    const { db } = connections();
    const [row] = await db.select().from(note).where(eq(note.id, world.noteId));
    const { words: _words, ...again } = row!;
    await expect(db.insert(note).values({ ...again, id: v7() })).rejects.toThrow();
  });
  it('a code is three different digits and no pattern', () => {
    for (let i = 0; i < 300; i++) {
      const code = glassCode();
      expect(code).toMatch(/^[1-9]\d\d$/);
      expect(new Set(code).size).toBe(3);
      expect(['100', '111', '123', '321', '666', '999']).not.toContain(code);
    }
  });
});
describe('a note', () => {
  it('is deleted and brought back by its taster; while deleted it takes no writes and stands in no list', async () => {
    const id = v7();
    await run(openNote, world.owner, { id, wineId: world.wineId });
    await run(deleteNote, world.owner, { id });
    await expect(run(getNote, world.owner, { id })).rejects.toMatchObject({ status: 404 });
    await expect(run(saveNote, world.owner, { id, writeId: v4(), baseRevision: 1, document: emptyNote })).rejects.toMatchObject({ status: 410 });
    const listed = (await run(listNotes, world.owner, {})) as { items: { id: string }[] };
    expect(listed.items.map((item) => item.id)).not.toContain(id);
    await run(restoreNote, world.owner, { id });
    expect(await run(getNote, world.owner, { id })).toMatchObject({ id, mine: true });
  });
  it('of a guest without an account is typed in by a host, never by a helper', async () => {
    const { db } = connections();
    const guest = v7();
    const [row] = await db
      .select({ glassId: note.glassId, tastingId: glass.tastingId })
      .from(note)
      .innerJoin(glass, and(eq(glass.venueId, note.venueId), eq(glass.id, note.glassId)))
      .where(eq(note.id, world.noteId));
    await db.insert(participant).values({ venueId: world.owner.venueId, id: guest, tastingId: row!.tastingId, name: 'A guest on paper', seat: 2 });
    const id = v7();
    await db.insert(note).values({
      venueId: world.owner.venueId,
      id,
      revision: 1,
      writes: [],
      glassId: row!.glassId,
      participantId: guest,
      moment: 'first',
      document: emptyNote,
      evidence: { observed: {}, chips: [] },
      search: '',
    });
    const input = { id, writeId: v4(), baseRevision: 1, document: { ...emptyNote, observed: { acidity: 60 } } };
    const helper = await newMember('helper', world.owner.venueId);
    await expect(run(saveNote, helper, input)).rejects.toMatchObject({ status: 403 });
    const host = await newMember('host', world.owner.venueId);
    expect(await run(saveNote, host, input)).toEqual({ id, revision: 2 });
    expect(await run(composed, host, { id })).toEqual({
      statements: [{ id: 'palate', text: 'Fresh.', rewritten: false, outdated: false, changed: [] }],
    });
  });
});

describe('a hidden glass', () => {
  it('the same record of two different wines gives the same text, draft marks, triage and consistency; uncovered, the wine is read', async () => {
    const { db } = connections();
    const document = {
      ...emptyNote,
      observed: {
        health: 'doubtful' as const,
        clarity: 'hazy' as const,
        sweetness: 5,
        alcohol: 8,
        acidity: 70,
        tannin: 5,
        tanninGrain: 'dust' as const,
        quality: 91,
      },
      chips: [{ id: 'a', term: 'damp-cellar', layer: 'first' as const, strength: 2 as const }],
    };
    const answers = async (wineId: string) => {
      const id = v7();
      await run(openNote, world.owner, { id, wineId });
      const [row] = await db.select().from(note).where(eq(note.id, id));
      await db.update(glass).set({ revealedAt: null }).where(eq(glass.id, row!.glassId));
      await run(saveNote, world.owner, { id, writeId: v4(), baseRevision: 1, document });
      const all = async () =>
        JSON.stringify(await Promise.all([composed, scores, triageOf, consistencyOf].map((operation) => run(operation, world.owner, { id }))));
      const { id: _id, code: _code, tastedAt: _at, tasting: _tasting, ...view } = (await run(getNote, world.owner, { id })) as Record<string, unknown>;
      const hidden = await all();
      await db.update(glass).set({ revealedAt: new Date() }).where(eq(glass.id, row!.glassId));
      return { hidden, view: JSON.stringify(view), uncovered: await all() };
    };
    const [a, b] = [await answers(world.wineId), await answers(world.otherWineId)];
    expect(a.hidden).toBe(b.hidden);
    expect(a.view).toBe(b.view);
    expect(a.hidden).toContain('cork-taint');
    expect(a.hidden).toContain('no-tannin-but-grain');
    // The label of the other says 14 % vol: only now may that be held against what was recorded.
    expect(b.uncovered).toContain('faint-but-strong-label');
    expect(b.hidden).not.toContain('label says');
  });
});

describe('the words for smells', () => {
  it('are told with family, origin and explanation, all of them or what completes a word, by a synonym too', async () => {
    const all = ((await run(listDescriptors, world.owner, {})) as { descriptors: { id: string; explained: string | null }[] }).descriptors;
    expect(all.length).toBeGreaterThanOrEqual(220);
    expect(all.every((entry) => entry.explained !== null)).toBe(true);
    const { descriptors } = (await run(listDescriptors, world.owner, { q: 'lemon zest' })) as { descriptors: unknown[] };
    expect(descriptors[0]).toMatchObject({ name: 'lemon peel', family: 'citrus', origin: 'the grape' });
  });
});
