import { and, eq, isNotNull, sql } from 'drizzle-orm';
import { pgView } from 'drizzle-orm/pg-core';
import type { Told } from '@rose/core/flight/flight';
import type { NoteDocument } from '@rose/core/wine/note';
import { wine } from './cellar';
import { glassIdentity } from './identity';
import { note } from './note';
import { venue } from './venue';
import { glass, ownBottle, participant, poll, pollAnswer, tasting, uncoveredFact } from './tasting';

/** What a guest may know of a glass: its wine, once revealed. Guests' code reads what stands in this file and no table. */
export const revealedWine = pgView('revealed_wine').as((qb) =>
  qb
    .select({
      venueId: glass.venueId,
      glassId: sql<string>`${glass.id}`.as('glass_id'),
      name: wine.name,
      producer: wine.producer,
      document: wine.document,
      told: sql<Omit<Told, 'hint'> | null>`${glassIdentity.told} - 'hint'`.as('told'),
    })
    .from(glass)
    .innerJoin(glassIdentity, and(eq(glassIdentity.venueId, glass.venueId), eq(glassIdentity.glassId, glass.id)))
    .innerJoin(wine, and(eq(wine.venueId, glassIdentity.venueId), eq(wine.id, glassIdentity.wineId)))
    .where(isNotNull(glass.revealedAt)),
);

/** What the host wrote to be asked for: who reads it has named something of the glass first, as the act that reads it sees to. */
export const hiddenHint = pgView('hidden_hint').as((qb) =>
  qb
    .select({
      venueId: glass.venueId,
      tastingId: glass.tastingId,
      glassId: sql<string>`${glass.id}`.as('glass_id'),
      hint: sql<string>`${glassIdentity.told} ->> 'hint'`.as('hint'),
    })
    .from(glass)
    .innerJoin(glassIdentity, and(eq(glassIdentity.venueId, glass.venueId), eq(glassIdentity.glassId, glass.id)))
    .where(sql`${glassIdentity.told} ? 'hint'`),
);
/** Who holds a link to what they take home. */
export const takeawayLink = pgView('takeaway_link').as((qb) =>
  qb
    .select({
      venueId: participant.venueId,
      participantId: sql<string>`${participant.id}`.as('participant_id'),
      tastingId: participant.tastingId,
      guest: sql<string>`${participant.name}`.as('guest'),
      seat: participant.seat,
      hash: participant.takeawayHash,
      until: participant.takeawayUntil,
    })
    .from(participant)
    .where(isNotNull(participant.takeawayHash)),
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
      fromPlace: participant.fromPlace,
      arrival: participant.arrival,
      card: participant.card,
      waitsAt: participant.waitsAt,
      takeawayUntil: participant.takeawayUntil,
      leftAt: participant.leftAt,
      keeps: sql<boolean>`${participant.keyHash} is not null`.as('keeps'),
      tasting: sql<string>`${tasting.name}`.as('tasting'),
      tick: tasting.tick,
      closedAt: tasting.closedAt,
    })
    .from(participant)
    .innerJoin(tasting, and(eq(tasting.venueId, participant.venueId), eq(tasting.id, participant.tastingId))),
);
/** What everybody at a table may know of the evening itself: its plan knows places and no wine. */
export const publicEvening = pgView('public_evening').as((qb) =>
  qb
    .select({
      venueId: tasting.venueId,
      id: tasting.id,
      name: tasting.name,
      tick: tasting.tick,
      plan: tasting.plan,
      run: tasting.run,
      joinCode: tasting.joinCode,
      closedAt: tasting.closedAt,
      venue: sql<string>`${venue.name}`.as('venue'),
      country: sql<string | null>`${venue.settings} ->> 'country'`.as('country'),
    })
    .from(tasting)
    .innerJoin(venue, eq(venue.id, tasting.venueId)),
);
/** What was uncovered, and nothing that is still covered. */
export const publicFact = pgView('public_fact').as((qb) =>
  qb
    .select({
      venueId: uncoveredFact.venueId,
      glassId: uncoveredFact.glassId,
      tastingId: glass.tastingId,
      place: glass.place,
      seat: glass.seat,
      fact: uncoveredFact.fact,
      says: uncoveredFact.says,
      truth: uncoveredFact.truth,
    })
    .from(uncoveredFact)
    .innerJoin(glass, and(eq(glass.venueId, uncoveredFact.venueId), eq(glass.id, uncoveredFact.glassId))),
);
/** Questions put to the table, without what the host expects. */
export const publicPoll = pgView('public_poll').as((qb) =>
  qb
    .select({
      venueId: poll.venueId,
      id: poll.id,
      tastingId: poll.tastingId,
      place: poll.place,
      question: poll.question,
      options: poll.options,
      ranked: poll.ranked,
      askedTick: poll.askedTick,
      closedTick: poll.closedTick,
    })
    .from(poll),
);
export const publicGlass = pgView('public_glass').as((qb) =>
  qb
    .select({
      venueId: glass.venueId,
      id: glass.id,
      tastingId: glass.tastingId,
      place: glass.place,
      seat: glass.seat,
      code: glass.code,
      rejectedAt: glass.rejectedAt,
      revealedTick: glass.revealedTick,
      firstFactTick: glass.firstFactTick,
    })
    .from(glass),
);

/** Notes with their taster: a guest's query names their own. */
export const guestNote = pgView('guest_note').as((qb) =>
  qb
    .select({
      venueId: note.venueId,
      id: note.id,
      participantId: note.participantId,
      tastingId: participant.tastingId,
      simulated: participant.simulated,
      glassId: note.glassId,
      moment: note.moment,
      revision: note.revision,
      document: note.document,
      /** As it stood when it was locked, or when the first fact came in sight. */
      blind: sql<NoteDocument>`coalesce(${note.blindDocument}, ${note.document})`.as('blind'),
      lockedAt: note.lockedAt,
      hinted: sql<boolean>`${note.hintedTick} is not null`.as('hinted'),
      /** It was begun before anything of the wine was uncovered. */
      begunBlind: sql<boolean>`coalesce(${note.begunTick} < coalesce(${glass.firstFactTick}, ${glass.revealedTick}), true)`.as('begun_blind'),
      /** Their bottle is another than the flight's. */
      differs: sql<boolean>`${ownBottle.says} is not null`.as('differs'),
    })
    .from(note)
    .innerJoin(participant, and(eq(participant.venueId, note.venueId), eq(participant.id, note.participantId)))
    .innerJoin(glass, and(eq(glass.venueId, note.venueId), eq(glass.id, note.glassId)))
    .leftJoin(ownBottle, and(eq(ownBottle.venueId, note.venueId), eq(ownBottle.glassId, note.glassId), eq(ownBottle.participantId, note.participantId)))
    .where(sql`${note.deletedAt} is null`),
);
/** Bottles of guests at home that are others than the flight's, by whose they are: a guest's query names their own. */
export const guestBottle = pgView('guest_bottle').as((qb) =>
  qb.select({ venueId: ownBottle.venueId, participantId: ownBottle.participantId, glassId: ownBottle.glassId, says: ownBottle.says }).from(ownBottle),
);
/** Answers to a question, by who gave them: a guest's query names their own. */
export const publicAnswer = pgView('public_answer').as((qb) =>
  qb
    .select({
      venueId: pollAnswer.venueId,
      pollId: pollAnswer.pollId,
      participantId: pollAnswer.participantId,
      option: pollAnswer.option,
      ranking: pollAnswer.ranking,
    })
    .from(pollAnswer),
);
