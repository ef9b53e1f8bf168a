import { and, eq, inArray } from 'drizzle-orm';
import { contract } from '../contract';
import { dish, flight, menu, note, wine } from '../db/schema';
import { serve } from './command';
import { readableNotes } from './note/whose';

/** One question for all that a page has open: five cheap reads of revisions, and only of what the caller may read. */
export const changedDocuments = serve(contract.document.changed, async (db, actor, { open }) => {
  const revisions = new Map<string, number>();
  const keep = (kind: string) => (rows: readonly { id: string; revision: number }[]) => {
    for (const row of rows) revisions.set(`${kind}/${row.id}`, row.revision);
  };
  for (const [kind, table] of [
    ['wine', wine],
    ['flight', flight],
    ['dish', dish],
    ['menu', menu],
  ] as const) {
    const ids = open.filter((entry) => entry.kind === kind).map((entry) => entry.id);
    if (ids.length > 0)
      keep(kind)(
        await db
          .select({ id: table.id, revision: table.revision })
          .from(table)
          .where(and(eq(table.venueId, actor.venueId), inArray(table.id, ids))),
      );
  }
  const notes = open.filter((entry) => entry.kind === 'note').map((entry) => entry.id);
  if (notes.length > 0)
    keep('note')(
      await db
        .select({ id: note.id, revision: note.revision })
        .from(note)
        .where(and(eq(note.venueId, actor.venueId), inArray(note.id, notes), readableNotes(actor))),
    );
  return {
    changed: open.flatMap(({ kind, id, revision }) => {
      const now = revisions.get(`${kind}/${id}`);
      return now === undefined || now === revision ? [] : [{ kind, id }];
    }),
  };
});
