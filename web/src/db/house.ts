import { integer, pgTable, primaryKey, text, uuid } from 'drizzle-orm/pg-core';
import type { OwnRoutine } from '@rose/core/routine/routine';
import type { OwnScheme } from '@rose/core/score/own-scheme';
import { json } from './json';
import { at, venue } from './venue';

/** What a venue designs for itself. A version is written once and never changed: notes and plans point at it. */
const versioned = <D>() => ({
  venueId: uuid('venue_id')
    .notNull()
    .references(() => venue.id),
  id: uuid('id').notNull(),
  version: integer('version').notNull(),
  document: json<D>('document').notNull(),
  madeBy: text('made_by').notNull(),
  madeAt: at('made_at').notNull().defaultNow(),
});

/** Ways of giving marks. */
export const scheme = pgTable('scheme', versioned<OwnScheme>(), (table) => [primaryKey({ columns: [table.venueId, table.id, table.version] })]);
/** Ways through a glass. */
export const routine = pgTable('routine', versioned<OwnRoutine>(), (table) => [primaryKey({ columns: [table.venueId, table.id, table.version] })]);
