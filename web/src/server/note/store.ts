import { and, eq, isNull, sql } from 'drizzle-orm';
import { midpoint } from '@rose/core/wine/observables';
import { noteSearch } from './search';
import type { Moment, NoteDocument } from '@rose/core/wine/note';
import type { Tx } from '../../db/client';
import { note } from '../../db/note';
import { glass, tasting } from '../../db/tasting';
import type { Write } from '@rose/core/document/protocol';
import type { Reply } from '../command';
import { notFound } from '../problem';
import { saveDocument, type Store } from '../document';

/** Saves a note of a participant's own, by its id: the door for guests. It answers with a revision or a refusal. */
export async function saveOwn(
  tx: Tx,
  { venueId, participantId }: { readonly venueId: string; readonly participantId: string },
  { id, ...write }: Write<NoteDocument> & { readonly id: string },
  reply: Reply,
): Promise<{ id: string; revision: number }> {
  const [own] = await tx
    .select({ id: note.id })
    .from(note)
    .where(and(eq(note.venueId, venueId), eq(note.id, id), eq(note.participantId, participantId)));
  if (own === undefined) throw notFound('note');
  return saveDocument(tx, noteStore, venueId, id, write, reply);
}

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

/** Whether the label came in sight after the note was begun, and nothing was kept of it before. */
async function comesInSight(tx: Tx, venueId: string, id: string): Promise<{ readonly tick: number; readonly at: Date } | undefined> {
  const [row] = await tx
    .select({ tick: glass.revealedTick, at: glass.revealedAt, begun: note.begunTick })
    .from(note)
    .innerJoin(glass, and(eq(glass.venueId, note.venueId), eq(glass.id, note.glassId)))
    .where(and(eq(note.venueId, venueId), eq(note.id, id), isNull(note.lockedAt)));
  return row === undefined || row.tick === null || row.at === null || row.tick <= row.begun ? undefined : { tick: row.tick, at: row.at };
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
