import { and, eq, isNull, sql } from 'drizzle-orm';
import { uncoverable } from '@rose/core/tasting/program';
import { keysOf } from '@rose/core/wine/keys';
import type { NoteDocument } from '@rose/core/wine/note';
import { callOf, callsOfTable } from '@rose/knowledge/calls/index';
import { note, participant, tastingPart, uncoveredFact } from '../../db/schema';
import { contract } from '../../contract';
import { serve } from '../command';

/** What the table called of a glass, fact by fact as far as it is uncovered, against guessing. Who knew what was in it is left out, and nobody is named. */
export const callsOnGlass = serve(contract.tasting.calls, async (db, actor, { id, glassId, simulated }) => {
  const { venueId } = actor;
  const rows = await db
    .select({ blind: sql<NoteDocument>`coalesce(${note.blindDocument}, ${note.document})`, lockedAt: note.lockedAt })
    .from(note)
    .innerJoin(participant, and(eq(participant.venueId, note.venueId), eq(participant.id, note.participantId)))
    .leftJoin(
      tastingPart,
      and(eq(tastingPart.venueId, participant.venueId), eq(tastingPart.tastingId, participant.tastingId), eq(tastingPart.userId, participant.userId)),
    )
    .where(
      and(
        eq(note.venueId, venueId),
        eq(note.glassId, glassId),
        eq(participant.tastingId, id),
        // A rehearsal counts for itself alone, and only when it is asked for.
        eq(participant.simulated, simulated === 'yes'),
        eq(note.moment, 'first'),
        isNull(note.deletedAt),
        isNull(tastingPart.userId),
      ),
    );
  const facts = await db
    .select({ fact: uncoveredFact.fact, says: uncoveredFact.says, truth: uncoveredFact.truth })
    .from(uncoveredFact)
    .where(and(eq(uncoveredFact.venueId, venueId), eq(uncoveredFact.glassId, glassId)));
  const inOrder = keysOf(uncoverable).flatMap((fact) => facts.filter((entry) => entry.fact === fact));
  return {
    locked: rows.filter((row) => row.lockedAt !== null).length,
    people: rows.length,
    facts: inOrder.map(({ fact, says, truth }) => {
      const calls = rows.flatMap(({ blind }) => callOf(blind, truth) ?? []);
      return { fact, truth: says, none: rows.length - calls.length, ...callsOfTable(fact, calls) };
    }),
  };
});
