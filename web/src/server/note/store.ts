import { and, eq, isNull, sql } from 'drizzle-orm';
import { midpoint } from '@rose/core/wine/observables';
import { noteSearch } from './search';
import type { Moment, NoteDocument } from '@rose/core/wine/note';
import type { Tx } from '../../db/client';
import { note } from '../../db/note';
import { glass, participant, tasting } from '../../db/tasting';
import { announce } from '../live/announce';
import type { Write } from '@rose/core/document/protocol';
import type { Reply } from '../command';
import { notFound } from '../problem';
import { saveDocument, type Store } from '../document';

/**
 * Saves a note of a participant's own, by its id: the door for guests. It answers with a revision or a refusal. `seen` is the last tick the device had seen when
 * it was written: what comes after the glass was uncovered, from a device that had not seen it, is kept apart as not proven blind.
 */
export async function saveOwn(
  tx: Tx,
  { venueId, participantId }: { readonly venueId: string; readonly participantId: string },
  { id, seen, ...write }: Write<NoteDocument> & { readonly id: string; readonly seen?: number | undefined },
  reply: Reply,
): Promise<{ id: string; revision: number }> {
  const here = and(eq(note.venueId, venueId), eq(note.id, id), eq(note.participantId, participantId));
  const [own] = await tx
    .select({ begun: note.begunTick, closed: closedTick })
    .from(note)
    .innerJoin(glass, and(eq(glass.venueId, note.venueId), eq(glass.id, note.glassId)))
    .where(here);
  if (own === undefined) throw notFound('note');
  const saved = await saveDocument(tx, noteStore, venueId, id, write, reply);
  if (seen !== undefined && own.closed !== null && own.begun < own.closed && seen < own.closed)
    await tx.update(note).set({ unprovenDocument: note.document }).where(here);
  return saved;
}
/** The tick from which on nothing written on a glass is blind. */
const closedTick = sql<number | null>`coalesce(${glass.firstFactTick}, ${glass.revealedTick})`;

/** What lists sort and filter by, and what is known of the wine from it; of a note that was closed, as it stood then. */
const sorted = (document: NoteDocument) => ({
  quality: document.observed.quality ?? null,
  liking: document.observed.liking === undefined ? null : Math.round(midpoint(document.observed.liking)),
  evidence: { observed: document.observed, chips: document.chips },
});

export interface Begun {
  readonly noteId: string;
  readonly glassId: string;
  readonly participantId: string;
  readonly moment: Moment;
  readonly document: NoteDocument;
  readonly tastedAt: Date;
}
/** Begins a note on a glass: the one way a note comes to be. A note without its glass has no home. */
export async function begin(tx: Tx, venueId: string, { noteId, document, ...rest }: Begun): Promise<{ readonly revision: number }> {
  const [here] = await tx
    .select({ tick: tasting.tick })
    .from(glass)
    .innerJoin(tasting, and(eq(tasting.venueId, glass.venueId), eq(tasting.id, glass.tastingId)))
    .where(and(eq(glass.venueId, venueId), eq(glass.id, rest.glassId)));
  await tx
    .insert(note)
    .values({ venueId, id: noteId, revision: 1, writes: [], begunTick: here!.tick, document, ...rest, ...sorted(document), search: noteSearch(document) });
  return { revision: 1 };
}

/** A note was saved: its taster's other devices read it, and who leads sees how far they are. */
async function tellOf(tx: Tx, venueId: string, id: string, revision: number): Promise<void> {
  const [whose] = await tx
    .select({ participantId: participant.id, userId: participant.userId, tastingId: participant.tastingId })
    .from(note)
    .innerJoin(participant, and(eq(participant.venueId, note.venueId), eq(participant.id, note.participantId)))
    .where(and(eq(note.venueId, venueId), eq(note.id, id)));
  if (whose === undefined) return;
  const { userId, ...rest } = whose;
  await announce(tx, { what: 'document', venueId, kind: 'note', id, revision, ...rest, ...(userId === null ? {} : { userId }) });
}

/** Whether the label came in sight after the note was begun, and nothing was kept of it before. */
async function comesInSight(tx: Tx, venueId: string, id: string): Promise<{ readonly tick: number; readonly at: Date } | undefined> {
  const [row] = await tx
    .select({ tick: closedTick, at: glass.revealedAt, begun: note.begunTick })
    .from(note)
    .innerJoin(glass, and(eq(glass.venueId, note.venueId), eq(glass.id, note.glassId)))
    .where(and(eq(note.venueId, venueId), eq(note.id, id), isNull(note.lockedAt)));
  return row === undefined || row.tick === null || row.tick <= row.begun ? undefined : { tick: row.tick, at: row.at ?? new Date() };
}

export const noteStore: Store<NoteDocument> = {
  async lock(tx: Tx, venueId, id) {
    const [row] = await tx
      .select({ revision: note.revision, writes: note.writes, document: note.document, deletedAt: note.deletedAt })
      .from(note)
      .where(and(eq(note.venueId, venueId), eq(note.id, id)))
      .for('update');
    return row === undefined ? undefined : { revision: row.revision, writes: row.writes, document: row.document, deleted: row.deletedAt !== null };
  },
  insert: async () => false,
  tell: tellOf,
  async update(tx, venueId, id, { document, ...rest }) {
    const here = and(eq(note.venueId, venueId), eq(note.id, id));
    // The first save after the label was seen: what stood before is kept first, and what comes now is a second version.
    const seen = await comesInSight(tx, venueId, id);
    if (seen !== undefined) await tx.update(note).set({ lockedAt: seen.at, lockedTick: seen.tick, blindDocument: note.document }).where(here);
    const present = sorted(document);
    await tx
      .update(note)
      .set({
        ...rest,
        writes: [...rest.writes],
        document,
        quality: sql`case when ${note.lockedAt} is null then ${present.quality}::int else ${note.quality} end`,
        liking: sql`case when ${note.lockedAt} is null then ${present.liking}::int else ${note.liking} end`,
        evidence: sql`case when ${note.lockedAt} is null then ${JSON.stringify(present.evidence)}::jsonb else ${note.evidence} end`,
        search: noteSearch(document),
        updatedAt: new Date(),
      })
      .where(here);
  },
};
