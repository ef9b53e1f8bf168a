import { and, eq, inArray, isNull, or } from 'drizzle-orm';
import { contract } from '../contract';
import { may } from '../contract/roles';
import { dish, flight, note, participant, wine } from '../db/schema';
import { serve } from './command';

/** One question for all that a page has open: four cheap reads of revisions, and only of what the caller may read. */
export const changedDocuments = serve(contract.document.changed, async (db, actor, { open }) => {
  const revisions = new Map<string, number>();
  const keep = (kind: string) => (rows: readonly { id: string; revision: number }[]) => {
    for (const row of rows) revisions.set(`${kind}/${row.id}`, row.revision);
  };
  for (const [kind, table] of [
    ['wine', wine],
    ['flight', flight],
    ['dish', dish],
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
        .innerJoin(participant, and(eq(participant.venueId, note.venueId), eq(participant.id, note.participantId)))
        .where(
          and(
            eq(note.venueId, actor.venueId),
            inArray(note.id, notes),
            or(eq(participant.userId, actor.userId), may(actor, 'note.others') ? or(eq(note.shared, true), isNull(participant.userId)) : undefined),
          ),
        ),
    );
  return {
    changed: open.flatMap(({ kind, id, revision }) => {
      const now = revisions.get(`${kind}/${id}`);
      return now === undefined || now === revision ? [] : [{ kind, id }];
    }),
  };
});
