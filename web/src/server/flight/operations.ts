import { and, desc, eq, inArray, isNull, ne, sql } from 'drizzle-orm';
import type { FlightDocument } from '@rose/core/flight/flight';
import { flightDocument } from '@rose/core/flight/flight-schema';
import { amountsOf, type Amounts } from '@rose/knowledge/evening/amounts';
import { flight, flightWine } from '../../db/schema';
import { knownWines } from '../cellar/profiles';
import { contract } from '../../contract';
import { serve } from '../command';
import { removing, saveDocument } from '../document';
import { notFound } from '../problem';
import { cellarView, readVenue, winesOf } from './read';
import { flightStore, readFlight } from './store';
import { instantIn, wallTime } from '../wall-time';

export const saveFlight = serve(contract.flight.save, (tx, actor, input, reply) => saveDocument(tx, flightStore, actor.venueId, input.id, input, reply));
const { remove, restore } = removing('flight', flight);
export const deleteFlight = serve(contract.flight.delete, remove);
export const restoreFlight = serve(contract.flight.restore, restore);

export const listFlights = serve(contract.flight.list, async (db, actor) => {
  const rows = await db
    .select()
    .from(flight)
    .where(and(eq(flight.venueId, actor.venueId), isNull(flight.deletedAt)))
    .orderBy(sql`${flight.startsAt} desc nulls last`, desc(flight.updatedAt))
    .limit(500);
  const counted = await db
    .select({ flightId: flightWine.flightId, n: sql<number>`count(*)::int` })
    .from(flightWine)
    .where(eq(flightWine.venueId, actor.venueId))
    .groupBy(flightWine.flightId);
  const wines = new Map(counted.map((row) => [row.flightId, row.n]));
  return {
    flights: rows.map((row) => ({
      id: row.id,
      name: row.name,
      starts: row.document.starts,
      guests: row.document.guests,
      wines: (wines.get(row.id) ?? 0) + (row.document.wines ?? []).filter((entry) => entry.buy !== undefined).length,
    })),
  };
});
export const getFlight = serve(contract.flight.get, async (db, actor, input, reply) => {
  const { id, revision, document, plan } = await readFlight(db, actor.venueId, input.id);
  reply.etag = `"${revision}"`;
  const venue = await readVenue(db, actor.venueId);
  const wines = await winesOf(db, actor.venueId, document, venue.facts.currency);
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
  const others = new Map<string, { view: Awaited<ReturnType<typeof readFlight>>; amounts: Amounts }>();
  const amounts = async (view: Awaited<ReturnType<typeof readFlight>>) =>
    amountsOf(
      view.document,
      (await winesOf(db, actor.venueId, view.document, venue.facts.currency)).map((entry) => entry.evening),
      venue.facts,
    );
  for (const id of new Set(rows.map((row) => row.flightId))) {
    const view = await readFlight(db, actor.venueId, id);
    others.set(id, { view, amounts: await amounts(view) });
  }
  const mine = await amounts(own);
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
        .map((row) => {
          const other = others.get(row.flightId)!;
          return { id: row.flightId, name: other.view.document.name, starts: other.view.document.starts, needed: bottles(other.amounts, wine) };
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
    .select({ id: flight.id, name: flight.name, document: flight.document })
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
    sameDay: near.map((row) => ({ id: row.id, name: row.name, starts: row.document.starts })),
    done: Object.keys(own.document.done).length,
    printed: own.plan > 0,
  };
});
