import { and, eq, sql, type SQL, type SQLWrapper } from 'drizzle-orm';
import { midpoint } from '@rose/core/wine/observables';
import { noteSearch } from './search';
import type { Moment, NoteDocument } from '@rose/core/wine/note';
import type { Tx } from '../../db/client';
import { note } from '../../db/note';
import { glass, participant, tasting } from '../../db/tasting';
import { announceSelected } from '../live/announce';
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
  let unproven = false;
  const own: Store<NoteDocument> = {
    ...noteStore,
    // A full table writes all the time: whose it is, when it was begun and as what it stands is one question.
    async lock() {
      const [row] = await tx
        .select({ ...standing, begun: note.begunTick, closed: closedTick })
        .from(note)
        .innerJoin(glass, and(eq(glass.venueId, note.venueId), eq(glass.id, note.glassId)))
        .where(here)
        .for('update', { of: note });
      if (row === undefined) throw notFound('note');
      unproven = seen !== undefined && row.closed !== null && row.begun < row.closed && seen < row.closed;
      return asStored(row);
    },
  };
  const saved = await saveDocument(tx, own, venueId, id, write, reply);
  if (unproven) await tx.update(note).set({ unprovenDocument: note.document }).where(here);
  return saved;
}
/** The tick from which on nothing written on a glass is blind. */
const closedTick = sql<number | null>`coalesce(${glass.firstFactTick}, ${glass.revealedTick})`;

/** As what a note stands. */
const standing = { revision: note.revision, writes: note.writes, document: note.document, deletedAt: note.deletedAt };
const asStored = ({ revision, writes, document, deletedAt }: Pick<typeof note.$inferSelect, keyof typeof standing>) => ({
  revision,
  writes,
  document,
  deleted: deletedAt !== null,
});

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
const tellOf = (tx: Tx, venueId: string, id: string, revision: number, written: readonly SQLWrapper[] = []): Promise<unknown> =>
  announceSelected(
    tx,
    { what: 'document', venueId, kind: 'note', id, revision },
    { participantId: participant.id, tastingId: participant.tastingId, userId: participant.userId },
    sql`from ${note} join ${participant} on ${participant.venueId} = ${note.venueId} and ${participant.id} = ${note.participantId} where ${note.venueId} = ${venueId} and ${note.id} = ${id}`,
    written,
  );
/** Whether the label came in sight after the note was begun, and nothing was kept of it before. */
const comesInSight = sql`(${note.lockedAt} is null and coalesce(${closedTick} > ${note.begunTick}, false))`;
/** A column as it was where a note counts no more, else as it is now. */
const whileOpen = (now: SQL, before: SQLWrapper) => sql`case when ${note.lockedAt} is null and not ${comesInSight} then ${now} else ${before} end`;
const onceInSight = (then: SQLWrapper, before: SQLWrapper) => sql`case when ${comesInSight} then ${then} else ${before} end`;

export const noteStore: Store<NoteDocument> = {
  async lock(tx: Tx, venueId, id) {
    const [row] = await tx
      .select(standing)
      .from(note)
      .where(and(eq(note.venueId, venueId), eq(note.id, id)))
      .for('update');
    return row === undefined ? undefined : asStored(row);
  },
  insert: async () => false,
  tell: tellOf,
  async update(tx, venueId, id, { document, ...rest }, tell) {
    const present = sorted(document);
    // The first save after the label was seen: what stood before is kept, and what comes now is a second version.
    await tell([
      tx
        .update(note)
        .set({
          ...rest,
          writes: [...rest.writes],
          document,
          lockedAt: onceInSight(sql`coalesce(${glass.revealedAt}, now())`, note.lockedAt),
          lockedTick: onceInSight(closedTick, note.lockedTick),
          blindDocument: onceInSight(note.document, note.blindDocument),
          quality: whileOpen(sql`${present.quality}::int`, note.quality),
          liking: whileOpen(sql`${present.liking}::int`, note.liking),
          evidence: whileOpen(sql`${JSON.stringify(present.evidence)}::jsonb`, note.evidence),
          search: noteSearch(document),
          updatedAt: new Date(),
        })
        .from(glass)
        .where(and(eq(note.venueId, venueId), eq(note.id, id), eq(glass.venueId, note.venueId), eq(glass.id, note.glassId))),
    ]);
  },
};
