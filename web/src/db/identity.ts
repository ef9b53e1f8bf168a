import { foreignKey, index, pgTable, primaryKey, uuid } from 'drizzle-orm/pg-core';
import { lot, wine } from './cellar';
import { glass } from './tasting';

/** Which wine is in a glass stands here and nowhere else. */
export const glassIdentity = pgTable(
  'glass_identity',
  {
    venueId: uuid('venue_id').notNull(),
    glassId: uuid('glass_id').notNull(),
    wineId: uuid('wine_id').notNull(),
    lotId: uuid('lot_id'),
  },
  (table) => [
    primaryKey({ columns: [table.venueId, table.glassId] }),
    foreignKey({ columns: [table.venueId, table.glassId], foreignColumns: [glass.venueId, glass.id] }),
    foreignKey({ columns: [table.venueId, table.wineId], foreignColumns: [wine.venueId, wine.id] }),
    foreignKey({ columns: [table.venueId, table.lotId], foreignColumns: [lot.venueId, lot.id] }),
    index('identity_wine').on(table.venueId, table.wineId),
  ],
);
