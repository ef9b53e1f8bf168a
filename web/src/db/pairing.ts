import { pgTable, primaryKey, text } from 'drizzle-orm/pg-core';
import { dishDocument } from '@rose/core/pairing/dish-schema';
import { document } from './json';
import { documentColumns } from './venue';

export const dish = pgTable('dish', { ...documentColumns, name: text('name').notNull(), document: document('document', dishDocument).notNull() }, (table) => [
  primaryKey({ columns: [table.venueId, table.id] }),
]);
