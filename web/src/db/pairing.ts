import { pgTable, primaryKey, text } from 'drizzle-orm/pg-core';
import type { DishDocument } from '@rose/core/pairing/document';
import { json } from './json';
import { documentColumns } from './venue';

export const dish = pgTable('dish', { ...documentColumns, name: text('name').notNull(), document: json<DishDocument>('document').notNull() }, (table) => [
  primaryKey({ columns: [table.venueId, table.id] }),
]);
