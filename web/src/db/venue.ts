import { foreignKey, index, integer, pgTable, primaryKey, text, timestamp, uuid } from 'drizzle-orm/pg-core';
import type { Role } from '../contract/roles';
import type { VenueSettings } from '../contract/venue-settings';
import { json } from './json';
import { user } from './auth';

export const at = (name: string) => timestamp(name, { withTimezone: true });

/** A tenant: everything else belongs to one. */
export const venue = pgTable('venue', {
  id: uuid('id').primaryKey(),
  name: text('name').notNull(),
  /** Stored as it was set; what was added since is completed when it is read. */
  settings: json<Partial<VenueSettings>>('settings').notNull(),
  createdAt: at('created_at').notNull().defaultNow(),
});

export const member = pgTable(
  'member',
  {
    venueId: uuid('venue_id')
      .notNull()
      .references(() => venue.id),
    userId: text('user_id')
      .notNull()
      .references(() => user.id),
    role: text('role').$type<Role>().notNull(),
    joinedAt: at('joined_at').notNull().defaultNow(),
  },
  (table) => [primaryKey({ columns: [table.venueId, table.userId] }), index('member_user').on(table.userId)],
);

export const invitation = pgTable(
  'invitation',
  {
    venueId: uuid('venue_id')
      .notNull()
      .references(() => venue.id),
    id: uuid('id').notNull(),
    email: text('email').notNull(),
    role: text('role').$type<Role>().notNull(),
    /** SHA-256 of the secret in the link. */
    codeHash: text('code_hash').notNull().unique(),
    expiresAt: at('expires_at').notNull(),
    usedAt: at('used_at'),
    revokedAt: at('revoked_at'),
  },
  (table) => [primaryKey({ columns: [table.venueId, table.id] })],
);

export const apiToken = pgTable(
  'api_token',
  {
    venueId: uuid('venue_id').notNull(),
    id: uuid('id').notNull(),
    userId: text('user_id').notNull(),
    name: text('name').notNull(),
    tokenHash: text('token_hash').notNull().unique(),
    createdAt: at('created_at').notNull().defaultNow(),
    usedAt: at('used_at'),
    revokedAt: at('revoked_at'),
  },
  (table) => [
    primaryKey({ columns: [table.venueId, table.id] }),
    foreignKey({ columns: [table.venueId, table.userId], foreignColumns: [member.venueId, member.userId] }).onDelete('cascade'),
  ],
);

/** The simulated post: letters the application would send stand here and in the mail folder. */
export const mail = pgTable(
  'mail',
  {
    id: uuid('id').primaryKey(),
    to: text('to').notNull(),
    subject: text('subject').notNull(),
    body: text('body').notNull(),
    sentAt: at('sent_at').notNull().defaultNow(),
    /** When the post had it; a letter of a call that was killed waits for the next one. */
    deliveredAt: at('delivered_at'),
    /** The venue in whose name it was sent; a letter about an account is nobody's but its reader's. */
    venueId: uuid('venue_id').references(() => venue.id),
  },
  (table) => [index('mail_to').on(table.to)],
);

/** What every document of a venue has. */
export const documentColumns = {
  venueId: uuid('venue_id')
    .notNull()
    .references(() => venue.id),
  id: uuid('id').notNull(),
  revision: integer('revision').notNull(),
  /** Ids of the latest writes that were applied, newest last. */
  writes: text('writes').array().notNull(),
  updatedAt: at('updated_at').notNull().defaultNow(),
  deletedAt: at('deleted_at'),
};
