import { and, eq, inArray, isNotNull, isNull, sql } from 'drizzle-orm';
import { bandOf, fitOf, shownFit } from '@rose/core/pairing/dish-fit';
import { findingInWords, ownFactors, ownFindings, pairMeasured } from '@rose/core/pairing/own-findings';
import { ruleFamilies } from '@rose/core/pairing/rules/index';
import { verdictNames, verdictSpan } from '@rose/core/pairing/verdict';
import { midpoint } from '@rose/core/wine/observables';
import { readLine } from '@rose/knowledge/dishes/read-line';
import { dishOf } from '@rose/knowledge/pairing';
import { contract } from '../../contract';
import type { Reader } from '../../db/client';
import { dish, glass, glassIdentity, note, participant } from '../../db/schema';
import { asPairingWine, knownWines } from '../cellar/profiles';
import { serve, type Member } from '../command';
import { readableNotes } from '../note/whose';

/** What was found at the venue's table, newest first: a wine with a dish, both as they were, and what the rules say of them today. */
async function triesOf(db: Reader, venueId: string) {
  const rows = await db
    .select({ id: dish.id, document: dish.document })
    .from(dish)
    .where(and(eq(dish.venueId, venueId), isNull(dish.deletedAt)));
  return rows
    .flatMap(({ id, document }) => (document.tries ?? []).map((tried) => ({ dishId: id, dishName: document.name, tried })))
    .map((one) => ({ ...one, fit: fitOf(dishOf(one.tried.parts), one.tried.wine), found: verdictSpan(one.tried.verdict) }))
    .sort((a, b) => (a.tried.on < b.tried.on ? 1 : a.tried.on > b.tried.on ? -1 : 0));
}

/** Wines that were tasted alone and then with a bite, by glasses whose label is lifted: how each taster's liking changed. A bite that is no food we know tells nothing. */
async function bitesOf(db: Reader, actor: Member) {
  const { venueId } = actor;
  const withBite = db
    .select({ id: note.glassId })
    .from(note)
    .where(and(eq(note.venueId, venueId), eq(note.moment, 'food'), isNull(note.deletedAt)));
  const rows = await db
    .select({
      by: note.participantId,
      glassId: note.glassId,
      wineId: glassIdentity.wineId,
      moment: note.moment,
      evidence: note.evidence,
      food: sql<string | null>`${note.document}->>'food'`,
      read: sql<boolean>`${readableNotes(actor)}`,
    })
    .from(note)
    .innerJoin(glass, and(eq(glass.venueId, note.venueId), eq(glass.id, note.glassId)))
    .innerJoin(glassIdentity, and(eq(glassIdentity.venueId, glass.venueId), eq(glassIdentity.glassId, glass.id)))
    .innerJoin(participant, and(eq(participant.venueId, note.venueId), eq(participant.id, note.participantId)))
    .where(
      and(
        eq(note.venueId, venueId),
        isNull(note.deletedAt),
        isNotNull(glass.revealedAt),
        isNull(glass.rejectedAt),
        eq(participant.simulated, false),
        inArray(note.moment, ['first', 'air', 'food']),
        // Of all notes only those of a glass somebody took a bite with.
        inArray(note.glassId, withBite),
      ),
    );
  const key = (by: string, glassId: string, moment: string) => `${by} ${glassId} ${moment}`;
  const liked = new Map(
    rows.flatMap(({ by, glassId, moment, evidence: { observed } }) =>
      observed.liking === undefined ? [] : [[key(by, glassId, moment), midpoint(observed.liking)] as const],
    ),
  );
  const likedAt = ({ by, glassId }: (typeof rows)[number], moment: string) => liked.get(key(by, glassId, moment));
  const pairs = new Map<string, { wineId: string; food: string; changes: number[]; read: boolean }>();
  for (const row of rows.filter(({ moment }) => moment === 'food')) {
    const food = (row.food ?? '').trim();
    // Where the room was crossed the wine was tasted alone once more: that is what the bite is held against.
    const [alone, withIt] = [likedAt(row, 'air') ?? likedAt(row, 'first'), likedAt(row, 'food')];
    if (food === '' || alone === undefined || withIt === undefined) continue;
    const name = `${row.wineId} ${food.toLowerCase()}`;
    const pair = pairs.get(name) ?? { wineId: row.wineId, food, changes: [], read: true };
    pair.changes.push(withIt - alone);
    pair.read &&= row.read;
    pairs.set(name, pair);
  }
  const known = await knownWines(db, venueId, [...new Set([...pairs.values()].map(({ wineId }) => wineId))]);
  return [...pairs.values()].flatMap(({ wineId, food, changes, read }) => {
    const wine = known.find(({ id }) => id === wineId);
    const { parts } = readLine(food);
    // What the table found is told, never one of them.
    if (wine === undefined || parts.length === 0 || (!read && changes.length < aTable)) return [];
    const fit = fitOf(dishOf(parts), asPairingWine(wine));
    return [{ wine: { id: wineId, name: wine.document.name }, food, fit, ...pairMeasured(fit.fit - even, changes) }];
  });
}
/** Tasters from which on none can be told from the rest. */
const aTable = 3;
/** The score of a pair that neither helps nor harms. */
const even = 50;

/** What a venue's own tries and bites come to. */
async function foundBy(db: Reader, actor: Member) {
  const [tries, bites] = await Promise.all([triesOf(db, actor.venueId), bitesOf(db, actor)]);
  const findings = ownFindings([...tries, ...bites.map(({ fit, measured }) => ({ fit, found: even + measured }))]);
  return { tries, bites, findings, own: ownFactors(findings) };
}

const shown = (score: number) => ({ shown: shownFit(score), band: bandOf(score).name });
export const pairingFindings = serve(contract.pairing.findings, async (db, actor) => {
  const { tries, bites, findings, own } = await foundBy(db, actor);
  return {
    tries: tries.map(({ dishId, dishName, tried, fit }) => ({
      id: tried.id,
      dish: { id: dishId, name: dishName },
      wine: { id: tried.wine.id, name: tried.wine.name },
      on: tried.on,
      expected: shown(fit.fit),
      found: verdictNames[tried.verdict],
    })),
    bites: bites.map(({ wine, food, fit, measured, tasters, now }) => ({
      wine,
      food,
      tasters,
      measured,
      expected: shown(fit.fit),
      now: shown(even + now.mean),
      low: shownFit(even + now.low),
      high: shownFit(even + now.high),
    })),
    findings: findings.map(({ family, mean, low, high, tries: count, says }) => ({
      family,
      name: ruleFamilies[family].name,
      mean,
      low,
      high,
      tries: count,
      ...(says === undefined ? {} : { says }),
      text: findingInWords({ family, mean, low, high, tries: count, says }),
    })),
    ...(own === undefined ? {} : { own }),
  };
});
