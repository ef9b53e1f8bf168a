import { and, eq, inArray } from 'drizzle-orm';
import { chipName } from '@rose/knowledge/descriptors/index';
import { composeNote, asText } from '@rose/core/prose/prose';
import type { NoteDocument } from '@rose/core/wine/note';
import { fold } from '@rose/core/wine/text';
import type { Tx } from '../../db/client';
import { glass, glassIdentity, note, wine } from '../../db/schema';

/** The folded words a note is found by. The wine's facts join them once its glass is revealed: no hidden glass is found by its facts. */
export function noteSearch(document: NoteDocument, revealedWine: string | undefined): string {
  return fold([asText(composeNote(document, chipName)), ...document.chips.map(chipName), document.remark, revealedWine ?? ''].join(' '));
}

/** Writes the search text of notes anew: after a save, a change of the wine, or a reveal. */
export async function rewriteSearch(tx: Tx, venueId: string, noteIds: readonly string[]): Promise<void> {
  if (noteIds.length === 0) return;
  const rows = await tx
    .select({ id: note.id, document: note.document, revealedAt: glass.revealedAt, wine: wine.search })
    .from(note)
    .innerJoin(glass, and(eq(glass.venueId, note.venueId), eq(glass.id, note.glassId)))
    .leftJoin(glassIdentity, and(eq(glassIdentity.venueId, glass.venueId), eq(glassIdentity.glassId, glass.id)))
    .leftJoin(wine, and(eq(wine.venueId, glassIdentity.venueId), eq(wine.id, glassIdentity.wineId)))
    .where(and(eq(note.venueId, venueId), inArray(note.id, [...noteIds])));
  for (const row of rows) {
    await tx
      .update(note)
      .set({ search: noteSearch(row.document, row.revealedAt === null ? undefined : (row.wine ?? undefined)) })
      .where(and(eq(note.venueId, venueId), eq(note.id, row.id)));
  }
}
