import { foreignKey, index, integer, pgTable, primaryKey, text, uuid } from 'drizzle-orm/pg-core';
import { storedFlight } from '@rose/core/flight/flight-schema';
import { document, json } from './json';
import { at, documentColumns } from './venue';
import { wine } from './cellar';

export const flight = pgTable(
  'flight',
  {
    ...documentColumns,
    name: text('name').notNull(),
    /** First pour. */
    startsAt: at('starts_at'),
    /** As it was saved; brought to the present shape when it is read. */
    document: document('document', storedFlight).notNull(),
    /** The number of the plan: rises when the host prints, exports or sends something of a changed flight. */
    plan: integer('plan').notNull().default(0),
    /** The revision that plan was made of. */
    planRevision: integer('plan_revision').notNull().default(0),
  },
  (table) => [primaryKey({ columns: [table.venueId, table.id] }), index('flight_starts').on(table.venueId, table.startsAt)],
);

/** The cellar wines of a flight, for what must find them: which flights need a bottle, and what hangs on a wine. Written whole under the flight's revision. */
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
    index('flight_wine_of').on(table.venueId, table.wineId),
  ],
);

/** What was printed of a flight: a hash of exactly the facts that were drawn, and the facts by name so that a change can be named. */
export const flightPrint = pgTable(
  'flight_print',
  {
    venueId: uuid('venue_id').notNull(),
    flightId: uuid('flight_id').notNull(),
    /** Which print, and on which paper. */
    kind: text('kind').notNull(),
    paper: text('paper').notNull(),
    plan: integer('plan').notNull(),
    hash: text('hash').notNull(),
    /** A short hash of each named part of the facts. */
    parts: json<Readonly<Record<string, string>>>('parts').notNull(),
    printedAt: at('printed_at').notNull().defaultNow(),
  },
  (table) => [
    primaryKey({ columns: [table.venueId, table.flightId, table.kind] }),
    foreignKey({ columns: [table.venueId, table.flightId], foreignColumns: [flight.venueId, flight.id] }),
  ],
);

export interface CalendarEvent {
  readonly uid: string;
  readonly sequence: number;
  readonly cancelled: boolean;
  readonly title: string;
  /** ISO instants. */
  readonly start: string;
  readonly minutes: number;
}
/** The calendar of a flight as it was last sent: events keep their ids, a dropped one is cancelled. The secret link reads this. */
export const flightCalendar = pgTable(
  'flight_calendar',
  {
    venueId: uuid('venue_id').notNull(),
    flightId: uuid('flight_id').notNull(),
    events: json<readonly CalendarEvent[]>('events').notNull(),
    /** SHA-256 of the secret in the link; null when it was revoked or never made. */
    codeHash: text('code_hash').unique(),
    sentAt: at('sent_at').notNull().defaultNow(),
  },
  (table) => [
    primaryKey({ columns: [table.venueId, table.flightId] }),
    foreignKey({ columns: [table.venueId, table.flightId], foreignColumns: [flight.venueId, flight.id] }),
  ],
);
