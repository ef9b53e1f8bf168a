import { and, asc, eq, inArray } from 'drizzle-orm';
import type { FlightDocument } from '@rose/core/flight/flight';
import type { Reader, Tx } from '../../db/client';
import { flight, flightWine, wine } from '../../db/schema';
import type { Store } from '../document';
import { Problem } from '../problem';

export async function readWines(db: Reader, venueId: string, flightIds: readonly string[]): Promise<Map<string, string[]>> {
  const wines = new Map<string, string[]>();
  if (flightIds.length === 0) return wines;
  const rows = await db
    .select()
    .from(flightWine)
    .where(and(eq(flightWine.venueId, venueId), inArray(flightWine.flightId, [...flightIds])))
    .orderBy(asc(flightWine.place));
  for (const row of rows) wines.set(row.flightId, [...(wines.get(row.flightId) ?? []), row.wineId]);
  return wines;
}
async function writeWines(tx: Tx, venueId: string, flightId: string, wines: readonly string[]): Promise<void> {
  await tx.delete(flightWine).where(and(eq(flightWine.venueId, venueId), eq(flightWine.flightId, flightId)));
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
const columns = ({ wines: _wines, ...document }: FlightDocument) => ({
  name: document.name,
  startsAt: document.starts === '' ? null : new Date(document.starts),
  document,
});

export const flightStore: Store<FlightDocument> = {
  async lock(tx, venueId, id) {
    const [row] = await tx
      .select()
      .from(flight)
      .where(and(eq(flight.venueId, venueId), eq(flight.id, id)))
      .for('update');
    if (row === undefined) return undefined;
    return {
      revision: row.revision,
      writes: row.writes,
      document: { ...row.document, wines: (await readWines(tx, venueId, [id])).get(id) ?? [] },
      deleted: row.deletedAt !== null,
    };
  },
  async insert(tx, venueId, id, { document, ...rest }) {
    const made = await tx
      .insert(flight)
      .values({ venueId, id, ...rest, writes: [...rest.writes], ...columns(document) })
      .onConflictDoNothing()
      .returning({ id: flight.id });
    if (made.length > 0) await writeWines(tx, venueId, id, document.wines);
    return made.length > 0;
  },
  async update(tx, venueId, id, { document, ...rest }) {
    await tx
      .update(flight)
      .set({ ...rest, writes: [...rest.writes], ...columns(document), updatedAt: new Date() })
      .where(and(eq(flight.venueId, venueId), eq(flight.id, id)));
    await writeWines(tx, venueId, id, document.wines);
  },
};
