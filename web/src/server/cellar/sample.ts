import { and, eq, inArray, isNotNull, isNull, sql } from 'drizzle-orm';
import { v5 } from 'uuid';
import { contract } from '../../contract';
import type { Reader } from '../../db/client';
import { flight, flightWine, glass, glassIdentity, note, wine } from '../../db/schema';
import { demoWines } from '../../demo/wines';
import { settingsOf } from '../account/settings';
import { ok, serve } from '../command';
import { wineStore } from './store';

/** Wines to play with have ids of their own in every venue, always the same ones: loaded twice they are the same wines, and taking them out finds them all. */
const sampleIds = (venueId: string): ReadonlyMap<string, (typeof demoWines)[number]> =>
  new Map(demoWines.map((document) => [v5(document.name, venueId), document]));
const among = (venueId: string) => and(eq(wine.venueId, venueId), inArray(wine.id, [...sampleIds(venueId).keys()]));

/** Those of the wines to play with that are in the cellar now. */
export const samplePresent = async (db: Reader, venueId: string): Promise<readonly string[]> =>
  (
    await db
      .select({ id: wine.id })
      .from(wine)
      .where(and(among(venueId), isNull(wine.deletedAt)))
  ).map((row) => row.id);

export const loadSample = serve(contract.sample.load, async (tx, { venueId }) => {
  const { currency } = await settingsOf(tx, venueId);
  for (const [id, document] of sampleIds(venueId)) {
    // Invented prices are as good in one currency as in another.
    const lots = document.lots.map((lot) => ({ ...lot, id: v5(`bottles of ${document.name}`, venueId), currency }));
    await wineStore.insert(tx, venueId, id, { revision: 1, writes: [], document: { ...document, lots } });
  }
  await tx
    .update(wine)
    .set({ deletedAt: null })
    .where(and(among(venueId), isNotNull(wine.deletedAt)));
  return { wines: demoWines.length };
});

export const takeSampleOut = serve(contract.sample.takeOut, async (tx, { venueId }) => {
  await tx
    .update(wine)
    .set({ deletedAt: new Date() })
    .where(and(among(venueId), isNull(wine.deletedAt)));
  return ok;
});

export const sampleHangsOn = serve(contract.sample.hangsOn, async (db, { venueId }) => {
  const ids = await samplePresent(db, venueId);
  if (ids.length === 0) return { wines: 0, notes: 0, flights: [] };
  const [notes] = await db
    .select({ n: sql<number>`count(*)::int` })
    .from(note)
    .innerJoin(glass, and(eq(glass.venueId, note.venueId), eq(glass.id, note.glassId)))
    .innerJoin(glassIdentity, and(eq(glassIdentity.venueId, glass.venueId), eq(glassIdentity.glassId, glass.id)))
    .where(and(eq(note.venueId, venueId), inArray(glassIdentity.wineId, [...ids]), isNull(note.deletedAt), isNotNull(glass.revealedAt)));
  const flights = await db
    .selectDistinct({ name: flight.name })
    .from(flightWine)
    .innerJoin(flight, and(eq(flight.venueId, flightWine.venueId), eq(flight.id, flightWine.flightId)))
    .where(and(eq(flightWine.venueId, venueId), inArray(flightWine.wineId, [...ids]), isNull(flight.deletedAt)));
  return { wines: ids.length, notes: notes!.n, flights: flights.map((row) => row.name) };
});
