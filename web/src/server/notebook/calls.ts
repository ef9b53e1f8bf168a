import { and, desc, eq, inArray, isNotNull, isNull, sql, type SQL } from 'drizzle-orm';
import { callCost } from '@rose/core/chance/cost-of-a-wrong-answer';
import { dayIn } from '@rose/core/wine/day';
import { keysOf } from '@rose/core/wine/keys';
import { gaveAway, pairQuestions } from '@rose/core/wine/note';
import { dearerOf, pairTruth, type Priced } from '@rose/knowledge/pair-answers/index';
import type { Reader } from '../../db/client';
import { glass, glassIdentity, lot, note, wine } from '../../db/schema';
import { contract } from '../../contract';
import { settingsOf } from '../account/settings';
import { serve, type Member } from '../command';
import { ownNotes } from '../note/whose';

/** So many notes with calls are looked through, the latest first. */
const most = 200;

/** Own notes on uncovered glasses, with what is in them. */
const uncovered = (db: Reader, actor: Member, which: SQL | undefined) =>
  db
    .select({ id: note.id, tastedAt: note.tastedAt, document: note.document, quality: note.quality, wineId: wine.id, name: wine.name, wine: wine.document })
    .from(note)
    .innerJoin(glass, and(eq(glass.venueId, note.venueId), eq(glass.id, note.glassId)))
    .innerJoin(glassIdentity, and(eq(glassIdentity.venueId, glass.venueId), eq(glassIdentity.glassId, glass.id)))
    .innerJoin(wine, and(eq(wine.venueId, glassIdentity.venueId), eq(wine.id, glassIdentity.wineId)))
    .where(and(eq(note.venueId, actor.venueId), isNull(note.deletedAt), isNotNull(glass.revealedAt), ownNotes(actor), which))
    .orderBy(desc(note.tastedAt))
    .limit(2 * most);

/** The latest price of each of these wines. */
async function prices(db: Reader, venueId: string, wines: readonly string[]): Promise<ReadonlyMap<string, Priced>> {
  if (wines.length === 0) return new Map();
  const rows = await db
    .selectDistinctOn([lot.wineId], { wineId: lot.wineId, priceMinor: lot.priceMinor, currency: lot.currency, formatMl: lot.formatMl })
    .from(lot)
    .where(and(eq(lot.venueId, venueId), inArray(lot.wineId, [...wines]), isNotNull(lot.priceMinor)))
    .orderBy(lot.wineId, sql`${lot.bought} desc nulls last`);
  return new Map(rows.map(({ wineId, priceMinor, currency, formatMl }) => [wineId, { amount: priceMinor! / 100, currency: currency!, formatMl }]));
}

export const pairCalls = serve(contract.note.calls, async (db, actor) => {
  const { timeZone } = await settingsOf(db, actor.venueId);
  const lefts = (await uncovered(db, actor, sql`${note.document} ? 'pairs'`)).slice(0, most);
  const others = [...new Set(lefts.flatMap(({ document }) => Object.keys(document.pairs ?? {})))];
  const rights = new Map(others.length === 0 ? [] : (await uncovered(db, actor, inArray(note.id, others))).map((row) => [row.id, row]));
  const priced = await prices(db, actor.venueId, [...new Set([...lefts, ...rights.values()].map(({ wineId }) => wineId))]);
  return {
    calls: lefts.flatMap((left) =>
      Object.entries(left.document.pairs ?? {}).flatMap(([otherId, call]) => {
        const right = rights.get(otherId);
        if (call.locked !== true || right === undefined) return [];
        return keysOf(pairQuestions).flatMap((question) => {
          const called = call[question];
          if (called === undefined) return [];
          // A price is told after the taster's own marks, here as everywhere.
          const marked = left.quality !== null && right.quality !== null;
          const truth =
            question !== 'dearer'
              ? pairTruth(question, left.wine.facts, right.wine.facts)
              : marked
                ? dearerOf(priced.get(left.wineId) ?? null, priced.get(right.wineId) ?? null)
                : null;
          return [
            {
              left: { id: left.id, name: left.name },
              right: { id: right.id, name: right.name },
              day: dayIn(left.tastedAt, timeZone),
              question,
              called,
              wasRight: truth === null || called === 0 ? null : Math.sign(called) === truth,
              cost: truth === null ? null : callCost(called, truth),
              gaveAway: gaveAway(left.document) || gaveAway(right.document),
            },
          ];
        });
      }),
    ),
  };
});
