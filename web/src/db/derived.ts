import { integer, pgTable, text } from 'drizzle-orm/pg-core';

/** Columns whose text is worked out from other columns, with the version of the working: a newer program writes them anew when it starts. */
export const derived = pgTable('derived', { name: text('name').primaryKey(), version: integer('version').notNull() });
