import { and, eq, gt, inArray, isNull } from 'drizzle-orm';
import { pouringOrder, type FlightDocument } from '@rose/core/flight/flight';
import type { Reader, Tx } from '../../db/client';
import { flight, flightWine, wine } from '../../db/schema';
import { settingsOf } from '../account/settings';
import type { Store } from '../document';
import { saved } from '../live/announce';
import { Problem, notFound } from '../problem';
import { instantIn } from '../wall-time';

async function writeWines(tx: Tx, venueId: string, flightId: string, document: FlightDocument): Promise<void> {
  await tx.delete(flightWine).where(and(eq(flightWine.venueId, venueId), eq(flightWine.flightId, flightId)));
  const bought = new Set(document.wines.filter((entry) => entry.buy !== undefined).map((entry) => entry.id));
  const wines = pouringOrder(document).filter((id) => !bought.has(id));
  if (wines.length === 0) return;
  const here = await tx
    .select({ id: wine.id })
    .from(wine)
    .where(and(eq(wine.venueId, venueId), inArray(wine.id, [...wines])));
  if (here.length < wines.length)
    throw new Problem(422, 'invalid', 'A wine of this flight is not in the cellar.', {
      errors: [{ field: 'document.wines', message: 'names a wine that is not in the cellar' }],
    });
  await tx.insert(flightWine).values(wines.map((wineId, place) => ({ venueId, flightId, wineId, place })));
}
/** An evening is still today's for so many hours after its first pour. */
const stillOn = 6;
/** A flight that is still to be poured, or being poured. */
export const coming = () => gt(flight.startsAt, new Date(Date.now() - stillOn * 3_600_000));

export async function timeZoneOf(db: Reader, venueId: string): Promise<string> {
  return (await settingsOf(db, venueId)).timeZone;
}
async function columns(tx: Tx, venueId: string, document: FlightDocument) {
  const startsAt = document.starts === '' ? null : instantIn(document.starts, await timeZoneOf(tx, venueId));
  return { name: document.name, startsAt, document };
}

export const flightStore: Store<FlightDocument> = {
  tell: saved('flight'),
  async lock(tx, venueId, id) {
    const [row] = await tx
      .select()
      .from(flight)
      .where(and(eq(flight.venueId, venueId), eq(flight.id, id)))
      .for('update');
    if (row === undefined) return undefined;
    return { revision: row.revision, writes: row.writes, document: row.document, deleted: row.deletedAt !== null };
  },
  async insert(tx, venueId, id, { document, ...rest }) {
    const made = await tx
      .insert(flight)
      .values({ venueId, id, ...rest, writes: [...rest.writes], ...(await columns(tx, venueId, document)) })
      .onConflictDoNothing()
      .returning({ id: flight.id });
    if (made.length > 0) await writeWines(tx, venueId, id, document);
    return made.length > 0;
  },
  async update(tx, venueId, id, { document, ...rest }, tell) {
    const own = await columns(tx, venueId, document);
    await tell([
      tx
        .update(flight)
        .set({ ...rest, writes: [...rest.writes], ...own, updatedAt: new Date() })
        .where(and(eq(flight.venueId, venueId), eq(flight.id, id))),
    ]);
    await writeWines(tx, venueId, id, document);
  },
};

export interface FlightView {
  readonly id: string;
  readonly revision: number;
  readonly document: FlightDocument;
  readonly plan: number;
  readonly planRevision: number;
}
/** Reads a flight that is not deleted, in its present shape. */
export async function readFlight(db: Reader, venueId: string, id: string): Promise<FlightView> {
  const [view] = await readFlights(db, venueId, [id]);
  if (view === undefined) throw notFound('flight');
  return view;
}
/** Those of several flights that are not deleted. */
export async function readFlights(db: Reader, venueId: string, ids: readonly string[]): Promise<readonly FlightView[]> {
  if (ids.length === 0) return [];
  return db
    .select({ id: flight.id, revision: flight.revision, document: flight.document, plan: flight.plan, planRevision: flight.planRevision })
    .from(flight)
    .where(and(eq(flight.venueId, venueId), inArray(flight.id, [...ids]), isNull(flight.deletedAt)));
}
