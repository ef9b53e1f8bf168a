import { sql } from 'drizzle-orm';
import { check, foreignKey, index, integer, pgTable, primaryKey, text, uuid, date } from 'drizzle-orm/pg-core';
import type { z } from 'zod';
import type { Frozen } from '@rose/core/document/frozen';
import { wineDocument } from '@rose/core/wine/facts-schema';
import { document, tsvector } from './json';
import { documentColumns } from './venue';

/** A wine without its lots: those are rows. */
export const storedWine = wineDocument.omit({ lots: true });
export type StoredWine = Frozen<z.output<typeof storedWine>>;

/** A wine. The columns beside the document are written by the save command and serve filters and sorting only. */
export const wine = pgTable(
  'wine',
  {
    ...documentColumns,
    name: text('name').notNull(),
    producer: text('producer').notNull(),
    colour: text('colour'),
    bubbles: text('bubbles'),
    vintage: integer('vintage'),
    country: text('country'),
    abvPermille: integer('abv_permille'),
    document: document('document', storedWine).notNull(),
    /** Folded text for searching. */
    search: text('search').notNull(),
    words: tsvector('words').generatedAlwaysAs(sql`to_tsvector('simple', "search")`),
    /** Folded producer, name and vintage: the same wine twice has the same key. */
    sameKey: text('same_key').notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.venueId, table.id] }),
    index('wine_same').on(table.venueId, table.sameKey),
    index('wine_name').on(table.venueId, sql`lower(${table.name})`),
    index('wine_words').using('gin', table.words),
  ],
);

/** A lot of bottles: format, number and price. Written whole with its wine. */
export const lot = pgTable(
  'lot',
  {
    venueId: uuid('venue_id').notNull(),
    id: uuid('id').notNull(),
    wineId: uuid('wine_id').notNull(),
    formatMl: integer('format_ml').notNull(),
    held: integer('held').notNull(),
    priceMinor: integer('price_minor'),
    currency: text('currency'),
    merchant: text('merchant'),
    bought: date('bought'),
  },
  (table) => [
    primaryKey({ columns: [table.venueId, table.id] }),
    foreignKey({ columns: [table.venueId, table.wineId], foreignColumns: [wine.venueId, wine.id] }),
    index('lot_wine').on(table.venueId, table.wineId),
    check('stock_not_negative', sql`${table.held} >= 0`),
    check('price_with_currency', sql`(${table.priceMinor} is null) = (${table.currency} is null)`),
  ],
);
