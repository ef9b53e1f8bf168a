import { and, desc, eq, inArray, isNull, ne, not, or, sql } from 'drizzle-orm';
import { emptyFlight, type FlightDocument } from '@rose/core/flight/flight';
import { flightDocument } from '@rose/core/flight/flight-schema';
import { holdsWords } from '@rose/core/wine/search-folding';
import { amountsOf, type Amounts } from '@rose/knowledge/evening/amounts';
import { flight, flightPrint, flightWine, glass, note, tasting } from '../../db/schema';
import { knownWines } from '../cellar/profiles';
import { contract } from '../../contract';
import { serve } from '../command';
import { removing, saveDocument } from '../document';
import { notFound } from '../problem';
import { cellarView, readVenue, servedWinesOf, winesOfEach } from './read';
import { coming, flightStore, readFlight, readFlights } from './store';
import { instantIn, wallTime } from '../wall-time';

export const saveFlight = serve(contract.flight.save, (tx, actor, input, reply) => saveDocument(tx, flightStore, actor.venueId, input.id, input, reply));
const { remove, restore } = removing('flight', flight);
export const deleteFlight = serve(contract.flight.delete, remove);
export const restoreFlight = serve(contract.flight.restore, restore);

export const flightHangsOn = serve(contract.flight.hangsOn, async (db, actor, { id }) => {
  await readFlight(db, actor.venueId, id);
  const of = and(eq(tasting.venueId, actor.venueId), eq(tasting.flightId, id));
  const [held] = await db
    .select({ n: sql<number>`count(*)::int` })
    .from(tasting)
    .where(of);
  const [notes] = await db
    .select({ n: sql<number>`count(*)::int` })
    .from(note)
    .innerJoin(glass, and(eq(glass.venueId, note.venueId), eq(glass.id, note.glassId)))
    .innerJoin(tasting, and(eq(tasting.venueId, glass.venueId), eq(tasting.id, glass.tastingId)))
    .where(and(of, isNull(note.deletedAt)));
  const [prints] = await db
    .select({ n: sql<number>`count(*)::int` })
    .from(flightPrint)
    .where(and(eq(flightPrint.venueId, actor.venueId), eq(flightPrint.flightId, id)));
  return { tastings: held!.n, notes: notes!.n, prints: prints!.n };
});

/** The local time of the first pour; what an older program stored says seconds too. */
const starts = sql<string>`left(coalesce(${flight.document}->>'starts', ''), 16)`;
const mostListed = 500;
export const listFlights = serve(contract.flight.list, async (db, actor, { q, when }) => {
  const asked = { coming: or(coming(), isNull(flight.startsAt)), poured: not(coming()) };
  // A list shows five things of a flight: they are picked out where they lie, whatever shape it was stored in.
  const rows = await db
    .select({
      id: flight.id,
      name: flight.name,
      starts,
      guests: sql<number>`coalesce((${flight.document}->>'guests')::int, ${emptyFlight.guests})`,
      inCellar: sql<number>`(select count(*)::int from ${flightWine} where ${flightWine.venueId} = ${flight.venueId} and ${flightWine.flightId} = ${flight.id})`,
      toBuy: sql<number>`(select count(*)::int from jsonb_array_elements(${flight.document}->'wines') as entry where jsonb_exists(entry, 'buy'))`,
    })
    .from(flight)
    .where(and(eq(flight.venueId, actor.venueId), isNull(flight.deletedAt), when === undefined ? undefined : asked[when]))
    .orderBy(sql`${flight.startsAt} desc nulls last`, desc(flight.updatedAt));
  const named = rows.filter((row) => holdsWords(row.name, q)).slice(0, mostListed);
  return { flights: named.map(({ inCellar, toBuy, ...row }) => ({ ...row, wines: inCellar + toBuy })) };
});
export const getFlight = serve(contract.flight.get, async (db, actor, input, reply) => {
  const { id, revision, document, plan } = await readFlight(db, actor.venueId, input.id);
  reply.etag = `"${revision}"`;
  const venue = await readVenue(db, actor.venueId);
  const wines = await servedWinesOf(db, actor.venueId, id, document, venue.facts.currency);
  return { id, revision, document, plan, wines: [...wines], venue: venue.facts, timeZone: venue.settings.timeZone };
});

/** A cellar wine as a flight takes it, for a page that adds it. */
export const getOrderWine = serve(contract.wine.orderWine, async (db, actor, input) => {
  const [entry] = await knownWines(db, actor.venueId, [input.id]);
  if (entry === undefined) throw notFound('wine');
  return cellarView(entry);
});

export const copyFlight = serve(contract.flight.copy, async (tx, actor, input, reply) => {
  const { document } = await readFlight(tx, actor.venueId, input.id);
  const copy = flightDocument.parse({
    ...document,
    name: input.name ?? `${document.name}, again`.slice(0, 200),
    starts: input.starts ?? '',
    poured: null,
    done: {},
    opened: {},
    checks: {},
    faulty: {},
  } satisfies FlightDocument);
  return saveDocument(tx, flightStore, actor.venueId, input.newId, { writeId: `copy-${input.newId}`, baseRevision: 0, document: copy }, reply);
});

/** Wines that other coming flights want too. */
export const shared = serve(contract.flight.shared, async (db, actor, input) => {
  const own = await readFlight(db, actor.venueId, input.id);
  const cellar = own.document.wines.filter((entry) => entry.buy === undefined).map((entry) => entry.id);
  if (cellar.length === 0) return { wines: [] };
  const rows = await db
    .select({ flightId: flightWine.flightId, wineId: flightWine.wineId })
    .from(flightWine)
    .innerJoin(flight, and(eq(flight.venueId, flightWine.venueId), eq(flight.id, flightWine.flightId)))
    .where(
      and(
        eq(flightWine.venueId, actor.venueId),
        inArray(flightWine.wineId, cellar),
        ne(flightWine.flightId, input.id),
        isNull(flight.deletedAt),
        sql`coalesce(${flight.startsAt}, now()) >= now() - interval '12 hours'`,
      ),
    );
  const venue = await readVenue(db, actor.venueId);
  const others = await readFlights(db, actor.venueId, [...new Set(rows.map((row) => row.flightId))]);
  const all = [own, ...others];
  const wines = await winesOfEach(
    db,
    actor.venueId,
    all.map((view) => view.document),
    venue.facts.currency,
  );
  const needs = new Map(
    all.map((view, at) => [
      view.id,
      amountsOf(
        view.document,
        wines[at]!.map((entry) => entry.evening),
        venue.facts,
      ),
    ]),
  );
  const mine = needs.get(own.id)!;
  const bottles = (of: Amounts, wine: string) => {
    const amount = of.wines.find((entry) => entry.wine === wine);
    return amount === undefined ? 0 : amount.byPours + amount.spares.spares;
  };
  return {
    wines: [...new Set(rows.map((row) => row.wineId))].flatMap((wine) => {
      const amount = mine.wines.find((entry) => entry.wine === wine);
      if (amount === undefined) return [];
      const flights = rows
        .filter((row) => row.wineId === wine)
        .flatMap((row) => {
          const other = others.find((view) => view.id === row.flightId);
          if (other === undefined) return [];
          return [{ id: other.id, name: other.document.name, starts: other.document.starts, needed: bottles(needs.get(other.id)!, wine) }];
        });
      return [{ wine, name: amount.name, held: amount.held, needed: bottles(mine, wine) + flights.reduce((sum, entry) => sum + entry.needed, 0), flights }];
    }),
  };
});

export const moveView = serve(contract.flight.moveView, async (db, actor, input) => {
  const own = await readFlight(db, actor.venueId, input.id);
  const { settings } = await readVenue(db, actor.venueId);
  const instant = instantIn(input.starts, settings.timeZone);
  const near = await db
    .select({ id: flight.id, name: flight.name, starts })
    .from(flight)
    .where(
      and(
        eq(flight.venueId, actor.venueId),
        ne(flight.id, input.id),
        isNull(flight.deletedAt),
        sql`${flight.startsAt} between ${new Date(instant.getTime() - 86_400_000).toISOString()}::timestamptz and ${new Date(instant.getTime() + 86_400_000).toISOString()}::timestamptz`,
      ),
    );
  return {
    from: own.document.starts,
    to: input.starts,
    instant: instant.toISOString(),
    local: wallTime(instant, settings.timeZone),
    sameDay: near,
    done: Object.keys(own.document.done).length,
    printed: own.plan > 0,
  };
});
