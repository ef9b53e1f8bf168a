import fc from 'fast-check';
import { v4, v7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { receive, type Stored } from '@rose/core/document/protocol';
import { same } from '@rose/core/document/merge';
import { emptyNote, type NoteDocument } from '@rose/core/wine/note';
import { openNote } from './note/glasses';
import { getNote, saveNote } from './note/operations';
import { saveWine } from './cellar/commands';
import { Problem } from './problem';
import { newWorld, type World, assyrtiko } from './testing/world';
import { firstWrite, ownDatabase, run } from './testing/venue';

let drop: () => Promise<void>;
let world: World;
beforeAll(async () => {
  drop = await ownDatabase();
  world = await newWorld();
});
afterAll(() => drop());

const note = (acidity: number): NoteDocument => ({ ...emptyNote, observed: { acidity } });
type Outcome = { status: number; revision: number; document?: unknown; applied?: unknown };
const send = (id: string, writeId: string, baseRevision: number, document: NoteDocument): Promise<Outcome> =>
  run(saveNote, world.owner, { id, writeId, baseRevision, document }).then(
    (saved: { revision: number }) => ({ status: 200, revision: saved.revision }),
    (error: Problem) => ({
      status: error.status,
      revision: error.more['revision'] as number,
      document: error.more['document'],
      applied: error.more['applied'],
    }),
  );

describe('the SQL against the model of the save protocol', () => {
  it('answers and stores exactly what the model does, for any sequence of new, stale and repeated writes', async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(fc.record({ write: fc.nat(7), base: fc.nat(5), value: fc.nat(100) }), { minLength: 1, maxLength: 14 }), async (steps) => {
        const id = v7();
        await run(openNote, world.owner, { id, wineId: world.wineId });
        let model: Stored<NoteDocument> = { revision: 1, document: emptyNote, writes: [] };
        for (const step of steps) {
          const writeId = `${id}-${step.write}`;
          const base = Math.max(1, model.revision - step.base + 1);
          const expected = receive(model, { writeId, baseRevision: base, document: note(step.value) });
          const outcome = await send(id, writeId, base, note(step.value));
          model = expected.stored;
          expect(outcome.status).toBe(expected.answer.kind === 'saved' ? 200 : 409);
          expect(outcome.revision).toBe(expected.answer.revision);
          if (expected.answer.kind === 'stale')
            expect([same(outcome.document, expected.answer.document), outcome.applied]).toEqual([true, expected.answer.applied]);
        }
        const found = (await run(getNote, world.owner, { id })) as { revision: number; document: NoteDocument };
        expect(found.revision).toBe(model.revision);
        expect(same(found.document, model.document)).toBe(true);
      }),
      { numRuns: 25 },
    );
  });
  it('of ten writes at the same moment on one revision, one is saved and nine are told', async () => {
    const id = v7();
    await run(openNote, world.owner, { id, wineId: world.wineId });
    const outcomes = await Promise.all(Array.from({ length: 10 }, (_, i) => send(id, v4(), 1, note(i))));
    expect(outcomes.filter((outcome) => outcome.status === 200)).toHaveLength(1);
    expect(outcomes.filter((outcome) => outcome.status === 409)).toHaveLength(9);
  });
  it('the same new document sent twice at once is made once', async () => {
    const write = firstWrite({ ...assyrtiko, lots: [] });
    const results = await Promise.allSettled([run(saveWine, world.owner, write), run(saveWine, world.owner, write), run(saveWine, world.owner, write)]);
    expect(results.every((result) => result.status === 'fulfilled')).toBe(true);
    expect(results.map((result) => (result.status === 'fulfilled' ? (result.value as { revision: number }).revision : 0))).toEqual([1, 1, 1]);
  });
  it('opening the same note twice makes one note', async () => {
    const id = v7();
    await run(openNote, world.owner, { id, wineId: world.wineId });
    expect(await run(openNote, world.owner, { id, wineId: world.wineId })).toEqual({ id, revision: 1 });
  });
});
