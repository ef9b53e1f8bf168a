import { and, eq, isNotNull, sql } from 'drizzle-orm';
import { pgView } from 'drizzle-orm/pg-core';
import { wine } from './cellar';
import { glassIdentity } from './identity';
import { glass } from './tasting';

/** What a guest may know of a glass: its wine, once revealed. Guests' code reads what stands in this file and no table. */
export const revealedWine = pgView('revealed_wine').as((qb) =>
  qb
    .select({ venueId: glass.venueId, glassId: sql<string>`${glass.id}`.as('glass_id'), name: wine.name, producer: wine.producer, document: wine.document })
    .from(glass)
    .innerJoin(glassIdentity, and(eq(glassIdentity.venueId, glass.venueId), eq(glassIdentity.glassId, glass.id)))
    .innerJoin(wine, and(eq(wine.venueId, glassIdentity.venueId), eq(wine.id, glassIdentity.wineId)))
    .where(isNotNull(glass.revealedAt)),
);
