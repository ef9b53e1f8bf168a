import { foreignKey, index, pgTable, primaryKey, uuid } from 'drizzle-orm/pg-core';
import type { Told } from '@rose/core/flight/flight';
import { lot, wine } from './cellar';
import { json } from './json';
import { glass } from './tasting';

/** Which wine is in a glass stands here and nowhere else. */
export const glassIdentity = pgTable(
  'glass_identity',
  {
    venueId: uuid('venue_id').notNull(),
    glassId: uuid('glass_id').notNull(),
    wineId: uuid('wine_id').notNull(),
    lotId: uuid('lot_id'),
    /** What the host wrote for guests of this wine, as it stood when the glass was poured. */
    told: json<Told>('told'),
  },
  (table) => [
    primaryKey({ columns: [table.venueId, table.glassId] }),
    foreignKey({ columns: [table.venueId, table.glassId], foreignColumns: [glass.venueId, glass.id] }),
    foreignKey({ columns: [table.venueId, table.wineId], foreignColumns: [wine.venueId, wine.id] }),
    foreignKey({ columns: [table.venueId, table.lotId], foreignColumns: [lot.venueId, lot.id] }),
    index('identity_wine').on(table.venueId, table.wineId),
  ],
);
