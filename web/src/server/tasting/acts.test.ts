import { and, eq, sql } from 'drizzle-orm';
import { v4, v7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { emptyNote } from '@rose/core/wine/note';
import { connections } from '../../db/client';
import { glass, note, tasting, tastingLog } from '../../db/schema';
import { knownWines } from '../cellar/profiles';
import { dealGlasses, openNote } from '../note/glasses';
import { saveNote } from '../note/operations';
import { listNotes } from '../notebook/queries';
import { begin } from '../note/store';
import { newMember, ownDatabase, run } from '../testing/venue';
import { newWorld, type World } from '../testing/world';
import * as acts from './acts';
import { setLock } from './seat-acts';

let drop: () => Promise<void>;
let world: World;
beforeAll(async () => {
  drop = await ownDatabase();
  world = await newWorld();
});
afterAll(() => drop());

const inTx = <T>(act: (tx: Parameters<typeof acts.open>[0]) => Promise<T>) => connections().db.transaction(act);
/** An evening with so many guests, one hidden glass, and a note of each guest's on it. */
async function evening(guests: number) {
  const { venueId } = world.owner;
  const [tastingId, glassId] = [acts.newTasting(), v4()];
  const on = { venueId, tastingId, basedOn: 'now' as const };
  const seats = Array.from({ length: guests }, (_, i) => ({ participantId: v7(), name: `Guest ${i + 1}`, seat: i + 1 }));
  const notes = seats.map(() => v7());
  await inTx(async (tx) => {
    await acts.open(tx, { venueId, tastingId, kind: 'table', name: 'An evening' });
    for (const seat of seats) await acts.join(tx, on, seat);
    await acts.pour(tx, on, [{ glassId, place: 0, code: '417', wineId: world.otherWineId }], false);
    for (const [i, { participantId }] of seats.entries())
      await begin(tx, venueId, {
        noteId: notes[i]!,
        glassId,
        participantId,
        moment: 'first',
        tastedAt: new Date(),
        document: { ...emptyNote, observed: { acidity: 50 + (i % 5), health: 'sound' }, remark: 'quillwort' },
      });
  });
  return { on, tastingId, glassId, notes, seats };
}
/** Rows inserted, updated and deleted so far, over all tables, once PostgreSQL has counted them. */
async function rowsWritten(): Promise<number> {
  const { db } = connections();
  await db.execute(sql`select pg_stat_force_next_flush()`);
  const { rows } = await db.execute<{ n: number }>(sql`select sum(n_tup_ins + n_tup_upd + n_tup_del)::int as n from pg_stat_user_tables`);
  return rows[0]!.n;
}
const tickOf = async (id: string) => (await connections().db.select({ tick: tasting.tick }).from(tasting).where(eq(tasting.id, id)))[0]!.tick;

describe('a tasting', () => {
  it('raises its tick by one with every act and writes the act to its log, the smallest tasting too', async () => {
    const id = v7();
    await run(openNote, world.owner, { id, wineId: world.wineId });
    const { db } = connections();
    const [of] = await db.select({ tastingId: glass.tastingId }).from(note).innerJoin(glass, eq(glass.id, note.glassId)).where(eq(note.id, id));
    const log = await db
      .select({ tick: tastingLog.tick, act: tastingLog.act })
      .from(tastingLog)
      .where(eq(tastingLog.tastingId, of!.tastingId))
      .orderBy(tastingLog.tick);
    expect(log).toEqual([
      { tick: 1, act: 'opened' },
      { tick: 2, act: 'poured' },
    ]);
    expect(await tickOf(of!.tastingId)).toBe(2);
  });
  it('refuses an act that was based on an earlier tick, and one after the close; nothing of it is written', async () => {
    const { on, tastingId, glassId } = await evening(1);
    const tick = await tickOf(tastingId);
    await expect(inTx((tx) => acts.uncover(tx, { ...on, basedOn: tick - 1 }, [glassId]))).rejects.toMatchObject({
      status: 409,
      slug: 'moved-on',
      more: { tick },
    });
    expect(await tickOf(tastingId)).toBe(tick);
    expect(await inTx((tx) => acts.close(tx, { ...on, basedOn: tick }))).toEqual({ tick: tick + 1 });
    await expect(inTx((tx) => acts.uncover(tx, on, [glassId]))).rejects.toMatchObject({ status: 409, slug: 'closed' });
  });
  it('answers with a tick and nothing else: what a glass holds is in no answer', async () => {
    const { on, glassId } = await evening(1);
    const instead = v4();
    for (const answer of [
      await inTx((tx) => acts.reject(tx, on, [glassId], () => ({ glassId: instead, code: '512' }))),
      await inTx((tx) => acts.uncover(tx, on, [instead])),
    ])
      expect(Object.keys(answer)).toEqual(['tick']);
    // The other bottle stands at the same place, hidden under a code of its own until it was uncovered.
    const rows = await connections()
      .db.select({ id: glass.id, place: glass.place, rejected: glass.rejectedAt, revealed: glass.revealedAt })
      .from(glass)
      .where(eq(glass.tastingId, on.tastingId));
    expect(rows.find((row) => row.id === glassId)).toMatchObject({ place: 0, revealed: null });
    expect(rows.find((row) => row.id === glassId)!.rejected).not.toBeNull();
    expect(rows.find((row) => row.id === instead)).toMatchObject({ place: 0, rejected: null });
  });
  it('uncovers a glass of 500 notes by as many rows as one of five; a late save keeps what stood, and the statistic does not move', async () => {
    const written: number[] = [];
    const evenings = [];
    for (const guests of [5, 500]) {
      const made = await evening(guests);
      evenings.push(made);
      const before = await rowsWritten();
      await inTx((tx) => acts.uncover(tx, made.on, [made.glassId]));
      written.push((await rowsWritten()) - before);
    }
    expect(written[1]).toBe(written[0]);
    expect(written[1]).toBeLessThanOrEqual(4);
    // The wine's words find its notes at once, though no note was written.
    expect((await run(listNotes, world.owner, { q: 'lamplighter quillwort' })) as { count: number }).toMatchObject({ count: 505 });
    const statistic = async () => {
      const [known] = await knownWines(connections().db, world.owner.venueId, [world.otherWineId]);
      return known!.profile.acidity;
    };
    const before = await statistic();
    const { notes } = evenings[1]!;
    for (const id of notes.slice(0, 300))
      await run(saveNote, world.owner, {
        id,
        writeId: v4(),
        baseRevision: 1,
        document: { ...emptyNote, observed: { acidity: 99, quality: 95, health: 'sound' } },
      });
    expect(await statistic()).toEqual(before);
    const [late] = await connections()
      .db.select()
      .from(note)
      .where(and(eq(note.venueId, world.owner.venueId), eq(note.id, notes[0]!)));
    expect(late).toMatchObject({
      quality: null,
      blindDocument: { observed: { acidity: 50 } },
      evidence: { observed: { acidity: 50 } },
      document: { observed: { acidity: 99 } },
    });
  });
  it('locked by its taster, a note is kept as it stood, and what comes after is a second version while the glass is still hidden', async () => {
    const { on, glassId, notes, seats } = await evening(2);
    await inTx((tx) => setLock(tx, { ...on, participantId: seats[0]!.participantId }, glassId, true));
    for (const id of notes) await run(saveNote, world.owner, { id, writeId: v4(), baseRevision: 1, document: { ...emptyNote, observed: { acidity: 90 } } });
    const rows = await connections().db.select().from(note).where(eq(note.glassId, glassId));
    expect(rows.find((row) => row.id === notes[0])!.blindDocument).toMatchObject({ observed: { acidity: 50 } });
    expect(rows.find((row) => row.id === notes[1])!.blindDocument).toBeNull();
    expect(rows.find((row) => row.id === notes[0])!.evidence).toEqual({ observed: { acidity: 50, health: 'sound' }, chips: [] });
    expect(rows.find((row) => row.id === notes[1])!.evidence).toMatchObject({ observed: { acidity: 90 } });
  });
});

describe('the same thing asked for at the very same moment', () => {
  it('is made once, and each is answered as done', async () => {
    const helper = await newMember('helper', world.owner.venueId);
    const id = v7();
    const opened = await Promise.all(Array.from({ length: 4 }, () => run(openNote, world.owner, { id, wineId: world.wineId })));
    expect(new Set(opened.map((answer) => JSON.stringify(answer))).size).toBe(1);
    const input = { notes: [v7(), v7()], wineIds: [world.wineId, world.otherWineId], taster: world.owner.email };
    const dealt = await Promise.all(Array.from({ length: 4 }, () => run(dealGlasses, helper, input)));
    expect(new Set(dealt.map((answer) => JSON.stringify(answer))).size).toBe(1);
  });
});
