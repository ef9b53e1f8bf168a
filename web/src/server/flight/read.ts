import { eq } from 'drizzle-orm';
import { pouringOrder, type FlightDocument } from '@rose/core/flight/flight';
import { boughtView } from '@rose/knowledge/evening/bought';
import { smellsReduced } from '@rose/knowledge/smells/reading';
import type { EveningInput, VenueFacts } from '@rose/knowledge/evening/evening';
import type { Reader } from '../../db/client';
import type { VenueSettings } from '../../contract/venue-settings';
import { venue } from '../../db/schema';
import { completed, factsOfVenue } from '../account/settings';
import { asOrderWine, knownWines, type KnownWine } from '../cellar/profiles';
import type { FlightWineView } from '../../contract/answers';
import { summarise } from '../cellar/queries';
import { dishesBeside } from '../pairing/menu-wines';

export const asEveningInput = (known: KnownWine): EveningInput => ({
  id: known.id,
  name: known.document.name,
  facts: known.document.facts,
  profile: known.profile,
  age: known.age,
  lots: known.document.lots,
  buy: false,
  faultFound: known.faultFound,
  reduced: smellsReduced(known.chips),
});
export const cellarView = (known: KnownWine): FlightWineView => ({
  summary: summarise(known),
  order: asOrderWine(known),
  ...(known.untasted === undefined ? {} : { untasted: asOrderWine(known, known.untasted) }),
  evening: asEveningInput(known),
});

/** {@link winesOf} with the dish that goes out with each. A flight that is blind to its host too is dealt anew: no dish belongs to a wine before. */
export async function servedWinesOf(db: Reader, venueId: string, id: string, flight: FlightDocument, currency: string): Promise<readonly FlightWineView[]> {
  const wines = await winesOf(db, venueId, flight, currency);
  const dishes = flight.blind === 'double' ? undefined : await dishesBeside(db, venueId, id);
  return wines.map((view) => {
    const dish = dishes?.get(view.evening.id);
    return dish === undefined ? view : { ...view, evening: { ...view.evening, dish: { ...dish, food: [...dish.food] } } };
  });
}
/** The wines of a flight in pouring order. A wine that was deleted from the cellar is left out. */
export const winesOf = async (db: Reader, venueId: string, flight: FlightDocument, currency: string): Promise<readonly FlightWineView[]> =>
  (await winesOfEach(db, venueId, [flight], currency))[0]!;

/** {@link winesOf} of several flights at once: their wines are read together. */
export async function winesOfEach(
  db: Reader,
  venueId: string,
  flights: readonly FlightDocument[],
  currency: string,
): Promise<readonly (readonly FlightWineView[])[]> {
  const inCellar = flights.flatMap((flight) => flight.wines.filter((entry) => entry.buy === undefined).map((entry) => entry.id));
  const known = new Map((await knownWines(db, venueId, [...new Set(inCellar)])).map((entry) => [entry.id, entry]));
  return flights.map((flight) => {
    const entries = new Map(flight.wines.map((entry) => [entry.id, entry]));
    return pouringOrder(flight).flatMap((id) => {
      const cellar = entries.get(id)?.buy === undefined ? known.get(id) : undefined;
      if (cellar !== undefined) return [cellarView(cellar)];
      return boughtView(entries.get(id)!, currency) ?? [];
    });
  });
}

export async function readVenue(db: Reader, venueId: string): Promise<{ readonly name: string; readonly settings: VenueSettings; readonly facts: VenueFacts }> {
  const [row] = await db.select({ name: venue.name, settings: venue.settings }).from(venue).where(eq(venue.id, venueId));
  const settings = completed(row!.settings);
  return { name: row!.name, settings, facts: factsOfVenue(settings) };
}
