import { integer, pgTable, primaryKey, text, uuid } from 'drizzle-orm/pg-core';
import type { OwnScheme } from '@rose/core/score/own-scheme';
import { json } from './json';
import { at, venue } from './venue';

/** A venue's own ways of giving marks. A version is written once and never changed: notes point at it. */
export const scheme = pgTable(
  'scheme',
  {
    venueId: uuid('venue_id')
      .notNull()
      .references(() => venue.id),
    id: uuid('id').notNull(),
    version: integer('version').notNull(),
    document: json<OwnScheme>('document').notNull(),
    madeBy: text('made_by').notNull(),
    madeAt: at('made_at').notNull().defaultNow(),
  },
  (table) => [primaryKey({ columns: [table.venueId, table.id, table.version] })],
);
