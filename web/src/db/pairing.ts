import { pgTable, primaryKey, text } from 'drizzle-orm/pg-core';
import { menuDocument } from '@rose/core/menu/menu-schema';
import { dishDocument } from '@rose/core/pairing/dish-schema';
import { document } from './json';
import { documentColumns } from './venue';

export const dish = pgTable('dish', { ...documentColumns, name: text('name').notNull(), document: document('document', dishDocument).notNull() }, (table) => [
  primaryKey({ columns: [table.venueId, table.id] }),
]);
export const menu = pgTable('menu', { ...documentColumns, name: text('name').notNull(), document: document('document', menuDocument).notNull() }, (table) => [
  primaryKey({ columns: [table.venueId, table.id] }),
]);
