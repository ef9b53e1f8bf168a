import { and, eq } from 'drizzle-orm';
import { midpoint } from '@rose/core/wine/observables';
import type { NoteDocument } from '@rose/core/wine/note';
import type { Tx } from '../../db/client';
import { note } from '../../db/schema';
import type { Store } from '../document';
import { rewriteSearch } from './search';

/** What stands in columns beside a note's document. */
export const noteColumns = (document: NoteDocument) => ({
  document,
  quality: document.observed.quality ?? null,
  liking: document.observed.liking === undefined ? null : Math.round(midpoint(document.observed.liking)),
});

/** Notes are made by opening a glass, never by a save: a note without its glass has no home. */
export const noteStore: Store<NoteDocument> = {
  async lock(tx: Tx, venueId, id) {
    const [row] = await tx
      .select()
      .from(note)
      .where(and(eq(note.venueId, venueId), eq(note.id, id)))
      .for('update');
    return row === undefined ? undefined : { revision: row.revision, writes: row.writes, document: row.document, deleted: row.deletedAt !== null };
  },
  insert: async () => false,
  async update(tx, venueId, id, { document, ...rest }) {
    await tx
      .update(note)
      .set({ ...rest, writes: [...rest.writes], ...noteColumns(document), updatedAt: new Date() })
      .where(and(eq(note.venueId, venueId), eq(note.id, id)));
    await rewriteSearch(tx, venueId, [id]);
  },
};
