import { and, asc, eq } from 'drizzle-orm';
import { creditInWords, type Truth } from '@rose/core/call/call';
import type { NoteDocument } from '@rose/core/wine/note';
import { callOf, whatSpoke } from '@rose/knowledge/calls/index';
import type { Reader } from '../../db/client';
import { guestNote, publicFact } from '../../db/public';

const spokeOf = (note: NoteDocument, truth: Truth) => {
  const { helped, misled } = whatSpoke(note, truth);
  return { helped: helped.map((entry) => ({ ...entry })), misled: misled.map((entry) => ({ ...entry })) };
};
/** Somebody's own calls, with their mark for every fact that is uncovered. */
export async function marksOf(
  db: Reader,
  { venueId, tastingId, participantId }: { readonly venueId: string; readonly tastingId: string; readonly participantId: string },
) {
  const facts = await db
    .select()
    .from(publicFact)
    .where(and(eq(publicFact.venueId, venueId), eq(publicFact.tastingId, tastingId)))
    .orderBy(asc(publicFact.place));
  const notes = await db
    .select({ glassId: guestNote.glassId, blind: guestNote.blind, hinted: guestNote.hinted })
    .from(guestNote)
    .where(and(eq(guestNote.venueId, venueId), eq(guestNote.participantId, participantId), eq(guestNote.moment, 'first'), eq(guestNote.begunBlind, true)));
  return facts.flatMap(({ glassId, fact, says, truth }) => {
    const note = notes.find((entry) => entry.glassId === glassId);
    if (note === undefined) return [];
    const call = callOf(note.blind, truth, note.hinted);
    return [
      {
        glassId,
        fact,
        truth: says,
        spoke: spokeOf(note.blind, truth),
        call: call === undefined ? null : { ...call, why: creditInWords[call.why], path: [...call.path], turned: call.turned ?? null },
      },
    ];
  });
}
