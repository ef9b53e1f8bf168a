import { and, eq, inArray, sql } from 'drizzle-orm';
import { factInWords, type FactId, type FactValue, type Lot, type WineDocument, type WineFacts } from '@rose/core/wine/facts';
import { factOf } from '@rose/core/wine/stated';
import { fold } from '@rose/core/wine/search-folding';
import type { Reader, Tx } from '../../db/client';
import { glassIdentity, lot, wine } from '../../db/schema';
import type { StoredWine } from '../../db/cellar';
import type { Store } from '../document';
import { saved } from '../live/announce';
import { badField } from '../problem';

/** Columns written beside the document, for filters and sorting. */
export function wineColumns(document: WineDocument) {
  const vintage = factOf(document.facts, 'vintage');
  const abv = factOf(document.facts, 'abv');
  return {
    name: document.name,
    producer: document.producer,
    colour: factOf(document.facts, 'colour') ?? null,
    bubbles: factOf(document.facts, 'bubbles') ?? null,
    vintage: vintage?.kind === 'year' ? vintage.year : null,
    country: factOf(document.facts, 'country')?.toUpperCase() ?? null,
    abvPermille: abv === undefined ? null : Math.round(abv * 10),
    search: wineSearch(document),
    sameKey: sameKey(document),
  };
}
/** Producer, name and vintage folded: what makes two entries the same wine. Formats are told apart by their lots. */
export function sameKey(document: Pick<WineDocument, 'name' | 'producer' | 'facts'>): string {
  const vintage = factOf(document.facts, 'vintage');
  return [fold(document.producer), fold(document.name), vintage === undefined ? '' : vintage.kind === 'year' ? vintage.year : vintage.kind].join('|');
}
const searched: readonly FactId[] = ['colour', 'bubbles', 'grapes', 'vintage', 'country', 'region', 'site', 'appellation', 'closure'];
export function wineSearch(document: { name: string; producer: string; facts: WineFacts }): string {
  const facts = searched.flatMap((id) => {
    const value = factOf(document.facts, id);
    return value === undefined ? [] : [factInWords(id, value as FactValue<FactId>)];
  });
  return fold([document.name, document.producer, ...facts].join(' '));
}
const stored = ({ lots: _lots, ...document }: WineDocument): StoredWine => document;

export async function readLots(db: Reader, venueId: string, wineIds: readonly string[]): Promise<Map<string, Lot[]>> {
  const lots = new Map<string, Lot[]>();
  if (wineIds.length === 0) return lots;
  const rows = await db
    .select()
    .from(lot)
    .where(and(eq(lot.venueId, venueId), inArray(lot.wineId, [...wineIds])))
    .orderBy(lot.id);
  for (const row of rows) {
    const entry: Lot = {
      id: row.id,
      formatMl: row.formatMl,
      held: row.held,
      ...(row.priceMinor === null ? {} : { priceMinor: row.priceMinor }),
      ...(row.currency === null ? {} : { currency: row.currency }),
      ...(row.merchant === null ? {} : { merchant: row.merchant }),
      ...(row.bought === null ? {} : { bought: row.bought }),
    };
    lots.set(row.wineId, [...(lots.get(row.wineId) ?? []), entry]);
  }
  return lots;
}

async function writeLots(tx: Tx, venueId: string, wineId: string, lots: readonly Lot[]): Promise<void> {
  const keep = lots.map((entry) => entry.id);
  // A lot that a glass was poured from is kept, empty: the glass still refers to it.
  await tx
    .delete(lot)
    .where(
      and(
        eq(lot.venueId, venueId),
        eq(lot.wineId, wineId),
        keep.length === 0 ? undefined : sql`${lot.id} not in ${keep}`,
        sql`not exists (select 1 from ${glassIdentity} where ${glassIdentity.venueId} = ${lot.venueId} and ${glassIdentity.lotId} = ${lot.id})`,
      ),
    );
  for (const entry of lots) {
    const values = {
      formatMl: entry.formatMl,
      held: entry.held,
      priceMinor: entry.priceMinor ?? null,
      currency: entry.currency ?? null,
      merchant: entry.merchant ?? null,
      bought: entry.bought ?? null,
    };
    const written = await tx
      .insert(lot)
      .values({ venueId, id: entry.id, wineId, ...values })
      .onConflictDoUpdate({ target: [lot.venueId, lot.id], set: values, setWhere: eq(lot.wineId, wineId) })
      .returning({ id: lot.id });
    // The bottles of another wine are not moved by naming them here.
    if (written.length === 0) throw badField('document.lots', 'has the id of a lot of another wine: give it a new one');
  }
}

export const wineStore: Store<WineDocument> = {
  tell: saved('wine'),
  async lock(tx, venueId, id) {
    const [row] = await tx
      .select()
      .from(wine)
      .where(and(eq(wine.venueId, venueId), eq(wine.id, id)))
      .for('update');
    if (row === undefined) return undefined;
    const lots = (await readLots(tx, venueId, [id])).get(id) ?? [];
    return { revision: row.revision, writes: row.writes, document: { ...row.document, lots }, deleted: row.deletedAt !== null };
  },
  async insert(tx, venueId, id, { document, ...rest }) {
    const made = await tx
      .insert(wine)
      .values({ venueId, id, ...rest, writes: [...rest.writes], ...wineColumns(document), document: stored(document) })
      .onConflictDoNothing()
      .returning({ id: wine.id });
    if (made.length > 0) await writeLots(tx, venueId, id, document.lots);
    return made.length > 0;
  },
  async update(tx, venueId, id, { document, ...rest }, tell) {
    await tell([
      tx
        .update(wine)
        .set({ ...rest, writes: [...rest.writes], ...wineColumns(document), document: stored(document), updatedAt: new Date() })
        .where(and(eq(wine.venueId, venueId), eq(wine.id, id))),
    ]);
    await writeLots(tx, venueId, id, document.lots);
  },
};
