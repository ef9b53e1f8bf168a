import { foreignKey, index, integer, pgTable, primaryKey, text, uuid } from 'drizzle-orm/pg-core';
import type { FlightDocument } from '@rose/core/flight/flight';
import { json } from './json';
import { at, documentColumns } from './venue';
import { wine } from './cellar';

export const flight = pgTable(
  'flight',
  {
    ...documentColumns,
    name: text('name').notNull(),
    /** First pour. */
    startsAt: at('starts_at'),
    document: json<Omit<FlightDocument, 'wines'>>('document').notNull(),
  },
  (table) => [primaryKey({ columns: [table.venueId, table.id] }), index('flight_starts').on(table.venueId, table.startsAt)],
);

/** The wines of a flight in their order; written whole under the flight's revision. */
export const flightWine = pgTable(
  'flight_wine',
  {
    venueId: uuid('venue_id').notNull(),
    flightId: uuid('flight_id').notNull(),
    wineId: uuid('wine_id').notNull(),
    place: integer('place').notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.venueId, table.flightId, table.wineId] }),
    foreignKey({ columns: [table.venueId, table.flightId], foreignColumns: [flight.venueId, flight.id] }),
    foreignKey({ columns: [table.venueId, table.wineId], foreignColumns: [wine.venueId, wine.id] }),
  ],
);
