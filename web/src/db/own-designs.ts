import { integer, pgTable, primaryKey, text, uuid } from 'drizzle-orm/pg-core';
import type { z } from 'zod';
import { ownRoutine } from '@rose/core/routine/routine-schema';
import { ownScheme } from '@rose/core/score/scheme-schema';
import { document } from './json';
import { at, venue } from './venue';

/** What a venue designs for itself. A version is written once and never changed: notes and plans point at it. */
const versioned = <S extends z.ZodType>(of: S) => ({
  venueId: uuid('venue_id')
    .notNull()
    .references(() => venue.id),
  id: uuid('id').notNull(),
  version: integer('version').notNull(),
  document: document('document', of).notNull(),
  madeBy: text('made_by').notNull(),
  madeAt: at('made_at').notNull().defaultNow(),
});

/** Ways of giving marks. */
export const scheme = pgTable('scheme', versioned(ownScheme), (table) => [primaryKey({ columns: [table.venueId, table.id, table.version] })]);
/** What a word of a venue's own is nearest to, by the word folded. */
export const ownWord = pgTable(
  'own_word',
  {
    venueId: uuid('venue_id')
      .notNull()
      .references(() => venue.id),
    word: text('word').notNull(),
    term: text('term').notNull(),
    taughtBy: text('taught_by').notNull(),
    taughtAt: at('taught_at').notNull().defaultNow(),
  },
  (table) => [primaryKey({ columns: [table.venueId, table.word] })],
);
/** Ways through a glass. */
export const routine = pgTable('routine', versioned(ownRoutine), (table) => [primaryKey({ columns: [table.venueId, table.id, table.version] })]);
