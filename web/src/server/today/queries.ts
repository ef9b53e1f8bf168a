import { and, asc, desc, eq, inArray, isNotNull, isNull, like, or, sql, type SQL } from 'drizzle-orm';
import type { AnyPgColumn } from 'drizzle-orm/pg-core';
import { dayIn, dayInWords } from '@rose/core/wine/day';
import { glassTitle, moments, type Moment } from '@rose/core/wine/note';
import { fold } from '@rose/core/wine/search-folding';
import { contract } from '../../contract';
import type { Reader } from '../../db/client';
import { dish, flight, flightWine, glass, glassIdentity, menu, note, wine } from '../../db/schema';
import { settingsOf } from '../account/settings';
import { knownWines } from '../cellar/profiles';
import { samplePresent } from '../cellar/sample';
import { missingFacts } from '../cellar/view';
import { serve, type Member } from '../command';
import { coming } from '../flight/store';
import { ownNotes, readableNotes } from '../note/whose';

/** Wines looked through for what to find out: those of coming evenings, then so many of the last changed. */
const lookedThrough = 40;
const shown = 5;

async function nextFlight(db: Reader, venueId: string) {
  const here = and(eq(flight.venueId, venueId), isNull(flight.deletedAt));
  const columns = { id: flight.id, name: flight.name };
  const [dated] = await db.select(columns).from(flight).where(and(here, coming())).orderBy(asc(flight.startsAt)).limit(1);
  if (dated !== undefined) return dated;
  const [undated] = await db
    .select(columns)
    .from(flight)
    .where(and(here, isNull(flight.startsAt)))
    .orderBy(desc(flight.updatedAt))
    .limit(1);
  return undated ?? null;
}
/** Notes with the name of what is in the glass; a label that is still covered is told by its code. */
function titled(db: Reader, condition: SQL | undefined) {
  return db
    .select({
      id: note.id,
      moment: note.moment,
      tastedAt: note.tastedAt,
      code: glass.code,
      revealedAt: glass.revealedAt,
      name: wine.name,
      year: sql<number | null>`(${note.document}->>'lookAgain')::int`,
    })
    .from(note)
    .innerJoin(glass, and(eq(glass.venueId, note.venueId), eq(glass.id, note.glassId)))
    .leftJoin(glassIdentity, and(eq(glassIdentity.venueId, glass.venueId), eq(glassIdentity.glassId, glass.id)))
    .leftJoin(wine, and(eq(wine.venueId, glassIdentity.venueId), eq(wine.id, glassIdentity.wineId)))
    .where(condition)
    .$dynamic();
}
type Titled = Awaited<ReturnType<typeof titled>>[number];
const title = ({ revealedAt, name, code }: Titled) => glassTitle({ wine: revealedAt === null || name === null ? null : { name }, code });

async function toFindOut(db: Reader, venueId: string) {
  const inFlights = await db
    .selectDistinct({ id: flightWine.wineId })
    .from(flightWine)
    .innerJoin(flight, and(eq(flight.venueId, flightWine.venueId), eq(flight.id, flightWine.flightId)))
    .where(and(eq(flightWine.venueId, venueId), isNull(flight.deletedAt), or(coming(), isNull(flight.startsAt))))
    .limit(100);
  const latest = await db
    .select({ id: wine.id })
    .from(wine)
    .where(and(eq(wine.venueId, venueId), isNull(wine.deletedAt)))
    .orderBy(desc(wine.updatedAt))
    .limit(lookedThrough);
  const needed = new Set(inFlights.map((row) => row.id));
  const known = await knownWines(db, venueId, [...new Set([...needed, ...latest.map((row) => row.id)])]);
  return known
    .flatMap((entry) => {
      const missing = missingFacts(entry);
      const [first] = missing;
      return first === undefined
        ? []
        : [{ wine: entry.id, name: entry.document.name, fact: first.id, label: first.label, more: missing.length - 1, inFlight: needed.has(entry.id) }];
    })
    .sort((a, b) => Number(b.inFlight) - Number(a.inFlight) || b.more - a.more || (a.name < b.name ? -1 : 1))
    .slice(0, shown);
}

export const getToday = serve(contract.today.get, async (db, actor) => {
  const { venueId } = actor;
  const { timeZone } = await settingsOf(db, venueId);
  const own = and(eq(note.venueId, venueId), isNull(note.deletedAt), ownNotes(actor));
  const unfinished = await titled(db, and(own, isNull(note.quality), sql`not coalesce((${note.document}->>'done')::boolean, false)`))
    .orderBy(desc(note.tastedAt))
    .limit(shown);
  const again = await titled(db, and(own, sql`(${note.document}->>'lookAgain')::int <= ${new Date().getFullYear()}`))
    .orderBy(sql`(${note.document}->>'lookAgain')::int`, desc(note.tastedAt))
    .limit(shown);
  const counted = await db.execute<{ wines: number; flights: number; notes: number }>(sql`select
    (select count(*)::int from ${wine} where ${wine.venueId} = ${venueId} and ${wine.deletedAt} is null) as wines,
    (select count(*)::int from ${flight} where ${flight.venueId} = ${venueId} and ${flight.deletedAt} is null) as flights,
    (select count(*)::int from (select 1 from ${note} where ${and(eq(note.venueId, venueId), isNull(note.deletedAt), readableNotes(actor))} limit 1000) as readable) as notes`);
  const noted = (row: Titled) => ({ id: row.id, title: title(row), moment: row.moment as Moment, day: dayIn(row.tastedAt, timeZone) });
  return {
    flight: await nextFlight(db, venueId),
    unfinished: unfinished.map(noted),
    again: again.map((row) => ({ ...noted(row), year: row.year! })),
    toFindOut: await toFindOut(db, venueId),
    has: { wines: counted.rows[0]!.wines, flights: counted.rows[0]!.flights, notes: counted.rows[0]!.notes },
    toPlayWith: (await samplePresent(db, venueId)).length,
  };
});

/** Of each kind so many at most: what is looked for is named more closely than by scrolling. */
const ofAKind = 6;
export const search = serve(contract.today.search, async (db, actor, { q }) => {
  const words = fold(q)
    .split(' ')
    .filter((word) => word !== '');
  if (words.length === 0) return { found: [] };
  const { timeZone } = await settingsOf(db, actor.venueId);
  const begins = q
    .trim()
    .toLowerCase()
    .replace(/[%_\\]/g, '\\$&');
  const by = (name: AnyPgColumn, folded: SQL | AnyPgColumn) => ({
    has: and(...words.map((word) => like(folded as AnyPgColumn, `%${word}%`))),
    order: [sql`(lower(${name}) like ${`${begins}%`}) desc`, sql`(lower(${name}) like ${`% ${begins}%`}) desc`, sql`lower(${name})`],
  });
  const lower = (name: AnyPgColumn) => sql`lower(${name})`;
  const [inWines, inFlights, inDishes, inMenus] = [
    by(wine.name, wine.search),
    by(flight.name, lower(flight.name)),
    by(dish.name, lower(dish.name)),
    by(menu.name, lower(menu.name)),
  ];
  const [wines, flights, dishes, menus, notes] = await Promise.all([
    db
      .select({ id: wine.id, name: wine.name, producer: wine.producer, vintage: wine.vintage })
      .from(wine)
      .where(and(eq(wine.venueId, actor.venueId), isNull(wine.deletedAt), inWines.has))
      .orderBy(...inWines.order)
      .limit(ofAKind),
    db
      .select({ id: flight.id, name: flight.name, startsAt: flight.startsAt })
      .from(flight)
      .where(and(eq(flight.venueId, actor.venueId), isNull(flight.deletedAt), inFlights.has))
      .orderBy(...inFlights.order)
      .limit(ofAKind),
    db
      .select({ id: dish.id, name: dish.name })
      .from(dish)
      .where(and(eq(dish.venueId, actor.venueId), isNull(dish.deletedAt), inDishes.has))
      .orderBy(...inDishes.order)
      .limit(ofAKind),
    db
      .select({ id: menu.id, name: menu.name })
      .from(menu)
      .where(and(eq(menu.venueId, actor.venueId), isNull(menu.deletedAt), inMenus.has))
      .orderBy(...inMenus.order)
      .limit(ofAKind),
    notesOn(db, actor, words),
  ]);
  const said = (parts: readonly (string | number | null)[]) => parts.filter((part) => part !== null && part !== '').join(' · ');
  return {
    found: [
      ...wines.map((row) => ({ kind: 'wine' as const, id: row.id, name: row.name, says: said([row.producer, row.vintage]) })),
      ...flights.map((row) => ({
        kind: 'flight' as const,
        id: row.id,
        name: row.name,
        says: row.startsAt === null ? 'no date yet' : dayInWords(dayIn(row.startsAt, timeZone)),
      })),
      ...dishes.map((row) => ({ kind: 'dish' as const, id: row.id, name: row.name, says: '' })),
      ...menus.map((row) => ({ kind: 'menu' as const, id: row.id, name: row.name, says: '' })),
      ...notes.map((row) => ({
        kind: 'note' as const,
        id: row.id,
        name: title(row),
        says: said([row.moment === 'first' ? '' : moments[row.moment as Moment], dayIn(row.tastedAt, timeZone)]),
      })),
    ],
  };
});
/** Notes on wines that have these words, of labels in sight only: a covered one is not found by its wine. */
async function notesOn(db: Reader, actor: Member, words: readonly string[]) {
  const wines = db
    .select({ id: wine.id })
    .from(wine)
    .where(and(eq(wine.venueId, actor.venueId), ...words.map((word) => like(wine.search, `%${word}%`))));
  return titled(
    db,
    and(eq(note.venueId, actor.venueId), isNull(note.deletedAt), readableNotes(actor), isNotNull(glass.revealedAt), inArray(glassIdentity.wineId, wines)),
  )
    .orderBy(desc(note.tastedAt))
    .limit(ofAKind);
}
