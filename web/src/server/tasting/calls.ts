import { and, eq, isNull, sql } from 'drizzle-orm';
import { creditInWords, luckInWords } from '@rose/core/call/call';
import { byGuessing } from '@rose/core/statistics/binomial';
import { uncoverable, type Uncoverable } from '@rose/core/tasting/program';
import { keysOf } from '@rose/core/wine/keys';
import type { NoteDocument } from '@rose/core/wine/note';
import { callOf, chanceOfGuess, type Call } from '@rose/knowledge/calls/index';
import { note, participant, tastingPart, uncoveredFact } from '../../db/schema';
import { contract } from '../../contract';
import { serve } from '../command';

const numbers = ['none', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve'];
const inWords = (n: number) => numbers[n] ?? String(n);
const begun = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

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
      return { fact, truth: says, calls: grouped(calls), none: rows.length - calls.length, ...verdictOf(fact, calls) };
    }),
  };
});
/** Calls that say the same stand together, the best first. */
function grouped(calls: readonly Call[]) {
  const groups = new Map<string, { says: string; people: number; credit: number; why: string }>();
  for (const call of calls) {
    const group = groups.get(call.says);
    if (group === undefined) groups.set(call.says, { says: call.says, people: 1, credit: call.credit, why: creditInWords[call.why] });
    else group.people += 1;
  }
  return [...groups.values()].sort((a, b) => b.credit - a.credit || b.people - a.people || a.says.localeCompare(b.says));
}
/** How many had it, and what guessing would do. What was called with a clue in sight does not count for either. */
function verdictOf(fact: Uncoverable, all: readonly Call[]): { readonly verdict: string; readonly luck: string } {
  const calls = all.filter((call) => !call.helped);
  const clues = all.length - calls.length;
  const right = calls.filter((call) => call.credit === 1).length;
  const near = calls.filter((call) => call.credit > 0 && call.credit < 1).length;
  if (calls.length === 0) return { verdict: fact === 'name' ? '' : 'Nobody called it.', luck: '' };
  const left = clues === 0 ? '' : ` ${begun(inWords(clues))} more saw something that gives it away; they are not counted.`;
  const verdict = `${begun(inWords(right))} of ${inWords(calls.length)} had it${near === 0 ? '' : `, ${inWords(near)} came near`}.${left}`;
  const chance = chanceOfGuess(fact);
  if (chance === undefined || right === 0) return { verdict, luck: '' };
  const tail = byGuessing(right, calls.length, chance);
  const among = Math.round(1 / chance);
  return {
    verdict,
    luck: `Guessing among ${among}, ${inWords(right)} or more would be right ${luckInWords(tail)}.${tail < 0.05 ? ' Hardly luck.' : tail > 0.3 ? ' It may well be luck.' : ''}`,
  };
}
