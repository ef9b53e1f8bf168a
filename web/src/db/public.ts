import { and, eq, isNotNull, sql } from 'drizzle-orm';
import { pgView } from 'drizzle-orm/pg-core';
import { wine } from './cellar';
import { glassIdentity } from './identity';
import { glass, participant, tasting } from './tasting';

/** What a guest may know of a glass: its wine, once revealed. Guests' code reads what stands in this file and no table. */
export const revealedWine = pgView('revealed_wine').as((qb) =>
  qb
    .select({ venueId: glass.venueId, glassId: sql<string>`${glass.id}`.as('glass_id'), name: wine.name, producer: wine.producer, document: wine.document })
    .from(glass)
    .innerJoin(glassIdentity, and(eq(glassIdentity.venueId, glass.venueId), eq(glassIdentity.glassId, glass.id)))
    .innerJoin(wine, and(eq(wine.venueId, glassIdentity.venueId), eq(wine.id, glassIdentity.wineId)))
    .where(isNotNull(glass.revealedAt)),
);

/** What a guest may know of the tasting they sit at, and of its glasses: places and codes. */
export const guestSeat = pgView('guest_seat').as((qb) =>
  qb
    .select({
      venueId: participant.venueId,
      participantId: sql<string>`${participant.id}`.as('participant_id'),
      tastingId: participant.tastingId,
      guest: sql<string>`${participant.name}`.as('guest'),
      seat: participant.seat,
      tasting: sql<string>`${tasting.name}`.as('tasting'),
      tick: tasting.tick,
      closedAt: tasting.closedAt,
    })
    .from(participant)
    .innerJoin(tasting, and(eq(tasting.venueId, participant.venueId), eq(tasting.id, participant.tastingId))),
);
export const publicGlass = pgView('public_glass').as((qb) =>
  qb
    .select({ venueId: glass.venueId, id: glass.id, tastingId: glass.tastingId, place: glass.place, code: glass.code, rejectedAt: glass.rejectedAt })
    .from(glass),
);
