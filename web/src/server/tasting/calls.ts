import { and, eq } from 'drizzle-orm';
import { uncoverable } from '@rose/core/tasting/program';
import { keysOf } from '@rose/core/wine/keys';
import { callOf, callsOfTable } from '@rose/knowledge/calls/index';
import { costReasons } from '@rose/knowledge/costs/index';
import { revealedWine, uncoveredFact } from '../../db/schema';
import { contract } from '../../contract';
import { serve } from '../command';
import { blindNotesOf } from './blind-notes';

/** What the table called of a glass, fact by fact as far as it is uncovered, against guessing. Who knew what was in it is left out, and nobody is named. */
export const callsOnGlass = serve(contract.tasting.calls, async (db, actor, { id, glassId, simulated, marked }) => {
  const { venueId } = actor;
  const rows = await blindNotesOf(db, venueId, id, { glassId, simulated: simulated === 'yes' });
  const facts = await db
    .select({ fact: uncoveredFact.fact, says: uncoveredFact.says, truth: uncoveredFact.truth })
    .from(uncoveredFact)
    .where(and(eq(uncoveredFact.venueId, venueId), eq(uncoveredFact.glassId, glassId)));
  const [known] = await db
    .select({ document: revealedWine.document })
    .from(revealedWine)
    .where(and(eq(revealedWine.venueId, venueId), eq(revealedWine.glassId, glassId)));
  const inOrder = keysOf(uncoverable).flatMap((fact) => facts.filter((entry) => entry.fact === fact));
  const called = inOrder.map((entry) => rows.flatMap(({ blind, helped }) => callOf(blind, entry.truth, helped) ?? []));
  return {
    helped: Math.max(0, ...called.map((calls) => calls.filter((call) => call.helped).length)),
    locked: rows.filter((row) => row.locked).length,
    people: rows.length,
    facts: inOrder.map(({ fact, says }, at) => {
      const calls = called[at]!;
      const none = rows.length - calls.length;
      // With the marked ones, each call stands as it was made.
      const { moved, ...told } = callsOfTable(fact, marked === 'yes' ? calls.map((call) => ({ ...call, helped: false })) : calls, none);
      return { fact, truth: says, none, moved: moved.map((stage) => ({ ...stage })), ...told };
    }),
    costs: known === undefined ? null : costReasons(known.document.facts).map((reason) => ({ ...reason })),
  };
});
