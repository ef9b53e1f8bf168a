import { boolean, foreignKey, index, integer, pgEnum, pgTable, primaryKey, text, unique, uuid } from 'drizzle-orm/pg-core';
import type { TastingPlan, Uncoverable } from '@rose/core/tasting/program';
import type { Run } from '@rose/core/tasting/run';
import type { Arrival, GuestCard } from '@rose/core/tasting/guest';
import { tastingKinds } from '../contract/tasting';
import { at, venue } from './venue';
import { flight } from './flight';
import { user } from './auth';
import type { Truth } from '@rose/core/call/call';
import type { DoubtSmell } from '@rose/core/tasting/doubts';
import { json } from './json';

export const tastingKind = pgEnum('tasting_kind', tastingKinds);

/** Evenings that belong together. */
export const course = pgTable(
  'course',
  {
    venueId: uuid('venue_id')
      .notNull()
      .references(() => venue.id),
    id: uuid('id').notNull(),
    name: text('name').notNull(),
    beganAt: at('began_at').notNull().defaultNow(),
  },
  (table) => [primaryKey({ columns: [table.venueId, table.id] })],
);

/** Bottles of one wine that were opened for an evening. */
export interface OpenedBottles {
  readonly wineId: string;
  readonly bottles: number;
}

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
    /** What guests type to join, until the tasting is closed. */
    joinCode: text('join_code'),
    /** What an evening was opened with, and how far it has come; null for a sitting of one's own. */
    plan: json<TastingPlan>('plan'),
    run: json<Run>('run'),
    /** Questions from the table that wait; for hosts alone. */
    parked: json<readonly { readonly id: string; readonly text: string }[]>('parked'),
    /** The one host who leads just now. */
    wheel: text('wheel').references(() => user.id),
    /** Who dealt its hidden glasses. */
    dealtBy: text('dealt_by').references(() => user.id),
    /** Bottles that were opened for it, as the host closed it: the cellar holds so many less. */
    opened: json<readonly OpenedBottles[]>('opened'),
    /** The course it belongs to, and what was promised for next time. */
    courseId: uuid('course_id'),
    promised: text('promised'),
    startedAt: at('started_at').notNull().defaultNow(),
    closedAt: at('closed_at'),
  },
  (table) => [
    primaryKey({ columns: [table.venueId, table.id] }),
    foreignKey({ columns: [table.venueId, table.flightId], foreignColumns: [flight.venueId, flight.id] }),
    foreignKey({ columns: [table.venueId, table.courseId], foreignColumns: [course.venueId, course.id] }),
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
    /** In a panel the seat it stands at: each has an order and codes of its own. Null where the glass of a place is the same wine at every seat. */
    seat: integer('seat'),
    code: text('code').notNull(),
    rejectedAt: at('rejected_at'),
    revealedAt: at('revealed_at'),
    /** The tick of the act that uncovered it: what was written on it before is blind. */
    revealedTick: integer('revealed_tick'),
    /** The tick at which the first fact of it was uncovered: from then on nothing written on it is blind. */
    firstFactTick: integer('first_fact_tick'),
    /** Something in sight gave its wine away, as a host logged it: calls of it are marked. */
    givenAway: boolean('given_away').notNull().default(false),
  },
  (table) => [
    primaryKey({ columns: [table.venueId, table.id] }),
    foreignKey({ columns: [table.venueId, table.tastingId], foreignColumns: [tasting.venueId, tasting.id] }),
    unique('glass_code').on(table.venueId, table.tastingId, table.seat, table.code).nullsNotDistinct(),
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
    /** The tick at which they sat down, and the first place that is poured for them. */
    joinedTick: integer('joined_tick').notNull().default(0),
    fromPlace: integer('from_place').notNull().default(0),
    /** When their device was last in touch; null before it ever was. */
    hereAt: at('here_at'),
    /** When they left, or were asked to. */
    leftAt: at('left_at'),
    /** Hash of a key of their own that finds them again on another device, and on another evening. */
    keyHash: text('key_hash'),
    /** What they said when they came, and the card they chose to share: gone 30 days after the close, and in no export. */
    arrival: json<Arrival>('arrival'),
    card: json<GuestCard>('card'),
    /** They want a minute more for this tick's stop. */
    waitsAt: integer('waits_at'),
    /** They write on paper, and a host types it in. */
    paper: boolean('paper').notNull().default(false),
    /** Hash of the secret in the link to what they take home, and until when it opens; null when there is none. */
    takeawayHash: text('takeaway_hash').unique(),
    takeawayUntil: at('takeaway_until'),
  },
  (table) => [
    primaryKey({ columns: [table.venueId, table.id] }),
    foreignKey({ columns: [table.venueId, table.tastingId], foreignColumns: [tasting.venueId, tasting.id] }),
    unique('participant_seat').on(table.venueId, table.tastingId, table.seat),
    index('participant_key').on(table.venueId, table.keyHash),
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

/** A fact of a glass as it was uncovered: written out at that moment, so that what guests read holds nothing that is still covered. */
export const uncoveredFact = pgTable(
  'uncovered_fact',
  {
    venueId: uuid('venue_id').notNull(),
    glassId: uuid('glass_id').notNull(),
    fact: text('fact').$type<Uncoverable>().notNull(),
    tick: integer('tick').notNull(),
    says: text('says').notNull(),
    /** The same for a call to be held against. */
    truth: json<Truth>('truth').notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.venueId, table.glassId, table.fact] }),
    foreignKey({ columns: [table.venueId, table.glassId], foreignColumns: [glass.venueId, glass.id] }),
  ],
);

/** A member's part in an evening besides leading it: who pours knows what is in the glasses from this tick on. */
export const tastingPart = pgTable(
  'tasting_part',
  {
    venueId: uuid('venue_id').notNull(),
    tastingId: uuid('tasting_id').notNull(),
    userId: text('user_id')
      .notNull()
      .references(() => user.id),
    part: text('part').$type<'pourer'>().notNull(),
    sinceTick: integer('since_tick').notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.venueId, table.tastingId, table.userId] }),
    foreignKey({ columns: [table.venueId, table.tastingId], foreignColumns: [tasting.venueId, tasting.id] }),
  ],
);

/** A question put to the table, about one wine or none. */
export const poll = pgTable(
  'poll',
  {
    venueId: uuid('venue_id').notNull(),
    id: uuid('id').notNull(),
    tastingId: uuid('tasting_id').notNull(),
    place: integer('place'),
    question: text('question').notNull(),
    options: json<readonly string[]>('options').notNull(),
    /** In a panel, the places of the glasses an option each is about: two are a pair, three a triangle. */
    places: json<readonly number[]>('places'),
    /** The glasses of the set are put in order, from the best down. */
    ranked: boolean('ranked').notNull().default(false),
    /** The option the host expects most to choose, by its place. */
    forecast: integer('forecast'),
    askedTick: integer('asked_tick').notNull(),
    closedTick: integer('closed_tick'),
  },
  (table) => [
    primaryKey({ columns: [table.venueId, table.id] }),
    foreignKey({ columns: [table.venueId, table.tastingId], foreignColumns: [tasting.venueId, tasting.id] }),
    index('poll_tasting').on(table.venueId, table.tastingId),
  ],
);
export const pollAnswer = pgTable(
  'poll_answer',
  {
    venueId: uuid('venue_id').notNull(),
    pollId: uuid('poll_id').notNull(),
    participantId: uuid('participant_id').notNull(),
    /** What was chosen; of a set that is put in order its first. */
    option: integer('option').notNull(),
    /** The whole order, from the best down, where one was asked for. */
    ranking: json<readonly number[]>('ranking'),
  },
  (table) => [
    primaryKey({ columns: [table.venueId, table.pollId, table.participantId] }),
    foreignKey({ columns: [table.venueId, table.pollId], foreignColumns: [poll.venueId, poll.id] }),
    foreignKey({ columns: [table.venueId, table.participantId], foreignColumns: [participant.venueId, participant.id] }),
  ],
);

/** What a guest told the host of a glass they do not trust; for hosts alone. */
export const glassDoubt = pgTable(
  'glass_doubt',
  {
    venueId: uuid('venue_id').notNull(),
    glassId: uuid('glass_id').notNull(),
    participantId: uuid('participant_id').notNull(),
    smells: text('smells').$type<DoubtSmell>().notNull(),
    tick: integer('tick').notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.venueId, table.glassId, table.participantId] }),
    foreignKey({ columns: [table.venueId, table.glassId], foreignColumns: [glass.venueId, glass.id] }),
    foreignKey({ columns: [table.venueId, table.participantId], foreignColumns: [participant.venueId, participant.id] }),
  ],
);

/** A guest at home whose bottle is another than the flight's: what they said of it. Their notes on that glass are kept apart. */
export const ownBottle = pgTable(
  'own_bottle',
  {
    venueId: uuid('venue_id').notNull(),
    glassId: uuid('glass_id').notNull(),
    participantId: uuid('participant_id').notNull(),
    says: text('says').notNull(),
    tick: integer('tick').notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.venueId, table.glassId, table.participantId] }),
    foreignKey({ columns: [table.venueId, table.glassId], foreignColumns: [glass.venueId, glass.id] }),
    foreignKey({ columns: [table.venueId, table.participantId], foreignColumns: [participant.venueId, participant.id] }),
  ],
);
