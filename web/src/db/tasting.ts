import { boolean, foreignKey, integer, pgEnum, pgTable, primaryKey, text, unique, uuid } from 'drizzle-orm/pg-core';
import { tastingKinds } from '../contract/tasting';
import { at, venue } from './venue';
import { flight } from './flight';
import { user } from './auth';
import { json } from './json';

export const tastingKind = pgEnum('tasting_kind', tastingKinds);

/** One sitting: an evening with a flight, or one person with one glass. */
export const tasting = pgTable(
  'tasting',
  {
    venueId: uuid('venue_id')
      .notNull()
      .references(() => venue.id),
    id: uuid('id').notNull(),
    kind: tastingKind('kind').notNull(),
    flightId: uuid('flight_id'),
    name: text('name').notNull(),
    /** Rises with every act; a tick, not a clock, decides what came before what. */
    tick: integer('tick').notNull().default(0),
    joinCode: text('join_code'),
    /** Who dealt its hidden glasses. */
    dealtBy: text('dealt_by').references(() => user.id),
    startedAt: at('started_at').notNull().defaultNow(),
    closedAt: at('closed_at'),
  },
  (table) => [
    primaryKey({ columns: [table.venueId, table.id] }),
    foreignKey({ columns: [table.venueId, table.flightId], foreignColumns: [flight.venueId, flight.id] }),
    unique('tasting_join_code').on(table.joinCode),
  ],
);

/** A glass is a place in a tasting with a code that tells nothing. Ids are random: a time-ordered one would tell the order. */
export const glass = pgTable(
  'glass',
  {
    venueId: uuid('venue_id').notNull(),
    id: uuid('id').notNull(),
    tastingId: uuid('tasting_id').notNull(),
    place: integer('place').notNull(),
    code: text('code').notNull(),
    rejectedAt: at('rejected_at'),
    revealedAt: at('revealed_at'),
    /** The tick of the act that uncovered it: what was written on it before is blind. */
    revealedTick: integer('revealed_tick'),
  },
  (table) => [
    primaryKey({ columns: [table.venueId, table.id] }),
    foreignKey({ columns: [table.venueId, table.tastingId], foreignColumns: [tasting.venueId, tasting.id] }),
    unique('glass_code').on(table.venueId, table.tastingId, table.code),
  ],
);

/** Who tastes: a member, or a guest known by a name and a secret token only. */
export const participant = pgTable(
  'participant',
  {
    venueId: uuid('venue_id').notNull(),
    id: uuid('id').notNull(),
    tastingId: uuid('tasting_id').notNull(),
    userId: text('user_id').references(() => user.id),
    name: text('name').notNull(),
    seat: integer('seat').notNull(),
    tokenHash: text('token_hash').unique(),
    simulated: boolean('simulated').notNull().default(false),
  },
  (table) => [
    primaryKey({ columns: [table.venueId, table.id] }),
    foreignKey({ columns: [table.venueId, table.tastingId], foreignColumns: [tasting.venueId, tasting.id] }),
    unique('participant_seat').on(table.venueId, table.tastingId, table.seat),
  ],
);

/** What happened in a tasting, in the order of its ticks. */
export const tastingLog = pgTable(
  'tasting_log',
  {
    venueId: uuid('venue_id').notNull(),
    tastingId: uuid('tasting_id').notNull(),
    tick: integer('tick').notNull(),
    act: text('act').notNull(),
    detail: json<Record<string, string>>('detail').notNull(),
    at: at('at').notNull().defaultNow(),
  },
  (table) => [
    primaryKey({ columns: [table.venueId, table.tastingId, table.tick] }),
    foreignKey({ columns: [table.venueId, table.tastingId], foreignColumns: [tasting.venueId, tasting.id] }),
  ],
);
