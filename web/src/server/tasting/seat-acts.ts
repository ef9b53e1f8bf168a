import { and, eq, isNotNull, isNull, max, or, sql } from 'drizzle-orm';
import { v4 } from 'uuid';
import { nameless, type Arrival, type GuestCard } from '@rose/core/tasting/guest';
import type { DoubtSmell } from '@rose/core/tasting/doubts';
import { reached } from '@rose/core/tasting/program';
import type { Tx } from '../../db/client';
import { note } from '../../db/note';
import { glassDoubt, ownBottle, participant, poll, pollAnswer, tasting } from '../../db/tasting';
import { Problem } from '../problem';
import { newCode } from '../secret-code';
import { announce } from '../live/announce';
import { doing, type On, type Ticked } from './act';

/** What a guest does from their seat. None of it raises the tick; each is refused once the evening is closed. */
export interface Sitting {
  readonly venueId: string;
  readonly tastingId: string;
  readonly participantId: string;
}
const seatOf = ({ venueId, participantId }: Sitting) => and(eq(participant.venueId, venueId), eq(participant.id, participantId));

export interface SitsDown {
  readonly name: string;
  readonly tokenHash: string;
  readonly keyHash?: string | undefined;
  readonly simulated?: boolean;
}
/** A seat that was taken. */
export interface Seated {
  readonly participantId: string;
  readonly seat: number;
  readonly name: string;
}
/**
 * Sits down at the first free seat; what was poured before is not theirs. Who comes with the key of somebody who sits here already, or with the secret of the
 * same seat, is that somebody: never a second one.
 */
export async function sitDown(tx: Tx, on: Omit<On, 'basedOn'>, { tokenHash, keyHash, ...who }: SitsDown): Promise<Seated> {
  let seated: Seated | undefined;
  const participantId = v4();
  await doing(
    tx,
    on,
    async (tick, at) => {
      const ofTasting = and(eq(participant.venueId, on.venueId), eq(participant.tastingId, on.tastingId));
      const [known] = await tx
        .select({ participantId: participant.id, seat: participant.seat, name: participant.name })
        .from(participant)
        .where(
          and(
            ofTasting,
            or(eq(participant.tokenHash, tokenHash), keyHash === undefined ? undefined : eq(participant.keyHash, keyHash)),
            isNull(participant.userId),
          ),
        );
      if (known !== undefined) {
        await tx
          .update(participant)
          .set({ tokenHash, hereAt: at, leftAt: null })
          .where(and(ofTasting, eq(participant.id, known.participantId)));
        seated = known;
        return;
      }
      const [last] = await tx
        .select({ seat: max(participant.seat) })
        .from(participant)
        .where(ofTasting);
      const [evening] = await tx
        .select({ plan: tasting.plan, run: tasting.run })
        .from(tasting)
        .where(and(eq(tasting.venueId, on.venueId), eq(tasting.id, on.tastingId)));
      const { plan, run } = evening!;
      const seat = (last?.seat ?? 0) + 1;
      if (plan?.panel !== undefined && seat > plan.panel.seats)
        throw new Problem(409, 'full', `This panel has its ${plan.panel.seats} seats: each has glasses of its own.`);
      if (seat > mostSeats) throw new Problem(409, 'full', `This evening has its ${mostSeats} people.`);
      // Who comes while a wine is being tasted tastes it with the others; those before it are over.
      const fromPlace = plan === null || run === null ? 0 : Math.max(0, reached(plan.program, run.far));
      await tx.insert(participant).values({
        venueId: on.venueId,
        tastingId: on.tastingId,
        id: participantId,
        ...who,
        seat,
        tokenHash,
        keyHash: keyHash ?? null,
        joinedTick: tick,
        fromPlace,
        hereAt: at,
      });
      seated = { participantId, seat, name: who.name };
    },
    true,
  );
  return seated!;
}
/** As many as one evening takes. Own choice. */
const mostSeats = 1000;

/**
 * A taster is done with a glass, or not yet after all. Locked, their notes on it are kept as they stand, for the calls and the statistics; that can be taken back
 * until something of others was shown, or the glass was uncovered.
 * @returns whether it is locked now
 */
export async function setLock(tx: Tx, at: Sitting, glassId: string, locked: boolean): Promise<boolean> {
  const own = and(eq(note.venueId, at.venueId), eq(note.glassId, glassId), eq(note.participantId, at.participantId));
  await doing(tx, at, async (tick, now) => {
    if (locked) {
      await tx
        .update(note)
        .set({ lockedAt: now, lockedTick: tick, blindDocument: note.document })
        .where(and(own, isNull(note.lockedAt)));
      return;
    }
    await tx
      .update(note)
      .set({ lockedAt: null, lockedTick: null, blindDocument: null })
      .where(
        and(
          own,
          isNotNull(note.lockedAt),
          isNull(note.seenTick),
          sql`not exists (select 1 from glass g where g.venue_id = ${at.venueId} and g.id = ${glassId} and (g.first_fact_tick is not null or g.revealed_tick is not null))`,
        ),
      );
  });
  const [row] = await tx.select({ lockedAt: note.lockedAt }).from(note).where(own).limit(1);
  return row?.lockedAt != null;
}
/** Something of others is about to be sent for this glass: only to who has locked it, and what they write from here on is a second version. */
export async function sees(tx: Tx, at: Sitting, glassId: string): Promise<void> {
  const own = and(eq(note.venueId, at.venueId), eq(note.glassId, glassId), eq(note.participantId, at.participantId));
  const [row] = await tx.select({ lockedAt: note.lockedAt }).from(note).where(own).limit(1);
  if (row?.lockedAt == null) throw new Problem(409, 'lock-first', 'Lock your own note first; then you see what the table found.');
  const [here] = await tx
    .select({ tick: tasting.tick })
    .from(tasting)
    .where(and(eq(tasting.venueId, at.venueId), eq(tasting.id, at.tastingId)));
  await tx
    .update(note)
    .set({ seenTick: here!.tick })
    .where(and(own, isNull(note.seenTick)));
}

export const arrive = (tx: Tx, at: Sitting, arrival: Arrival): Promise<Ticked> =>
  doing(tx, at, async () => void (await tx.update(participant).set({ arrival }).where(seatOf(at))));
export const share = (tx: Tx, at: Sitting, card: GuestCard | null): Promise<Ticked> =>
  doing(tx, at, async () => void (await tx.update(participant).set({ card }).where(seatOf(at))));
export const wait = (tx: Tx, at: Sitting): Promise<Ticked> =>
  doing(tx, at, async (tick) => void (await tx.update(participant).set({ waitsAt: tick }).where(seatOf(at))));

/** Answers the open question; the last answer counts. Where an order was asked for, all of its options are in it. */
export const answer = (
  tx: Tx,
  at: Sitting,
  pollId: string,
  { option, ranking }: { readonly option: number; readonly ranking?: readonly number[] | undefined },
): Promise<Ticked> =>
  doing(tx, at, async () => {
    const [asked] = await tx
      .select({ options: poll.options, ranked: poll.ranked, closedTick: poll.closedTick })
      .from(poll)
      .where(and(eq(poll.venueId, at.venueId), eq(poll.id, pollId), eq(poll.tastingId, at.tastingId)));
    if (asked === undefined || option >= asked.options.length) throw new Problem(404, 'not-found', 'There is no such question here.');
    if (asked.closedTick !== null) throw new Problem(409, 'counted', 'This question was counted already.');
    const whole = ranking?.length === asked.options.length && ranking.every((entry) => entry < asked.options.length) && ranking[0] === option;
    if (asked.ranked !== (ranking !== undefined) || (asked.ranked && !whole))
      throw new Problem(422, 'no-order', 'This question is answered with all of its glasses in order, and no other question is.');
    const said = { option, ranking: ranking === undefined ? null : [...ranking] };
    await tx
      .insert(pollAnswer)
      .values({ venueId: at.venueId, pollId, participantId: at.participantId, ...said })
      .onConflictDoUpdate({ target: [pollAnswer.venueId, pollAnswer.pollId, pollAnswer.participantId], set: said });
  });

/** Doubts a glass that stands on the table, or no more. */
export const doubt = (tx: Tx, at: Sitting, glassId: string, smells: DoubtSmell | null): Promise<Ticked> =>
  doing(tx, at, async (tick) => {
    const own = and(eq(glassDoubt.venueId, at.venueId), eq(glassDoubt.glassId, glassId), eq(glassDoubt.participantId, at.participantId));
    if (smells === null) {
      await tx.delete(glassDoubt).where(own);
      return;
    }
    await tx
      .insert(glassDoubt)
      .values({ venueId: at.venueId, glassId, participantId: at.participantId, smells, tick })
      .onConflictDoUpdate({ target: [glassDoubt.venueId, glassDoubt.glassId, glassDoubt.participantId], set: { smells, tick } });
  });

/** Somebody's own bottle is another than the flight's, or is the same after all. */
export const ownBottleIs = (tx: Tx, at: Sitting, glassId: string, says: string | null): Promise<Ticked> =>
  doing(tx, at, async (tick) => {
    const own = and(eq(ownBottle.venueId, at.venueId), eq(ownBottle.glassId, glassId), eq(ownBottle.participantId, at.participantId));
    if (says === null) {
      await tx.delete(ownBottle).where(own);
      return;
    }
    await tx
      .insert(ownBottle)
      .values({ venueId: at.venueId, glassId, participantId: at.participantId, says, tick })
      .onConflictDoUpdate({ target: [ownBottle.venueId, ownBottle.glassId, ownBottle.participantId], set: { says, tick } });
  });
/** A hint was given for a glass: what is called of it from now on was helped, and what one writes is a second version once it is locked. */
export async function tookHint(tx: Tx, at: Sitting, glassId: string): Promise<void> {
  const own = and(eq(note.venueId, at.venueId), eq(note.glassId, glassId), eq(note.participantId, at.participantId));
  await tx
    .update(note)
    .set({ hintedTick: sql`coalesce(${note.hintedTick}, (select tick from tasting t where t.venue_id = ${at.venueId} and t.id = ${at.tastingId}))` })
    .where(own);
}

/** Days a link to what somebody takes home opens. */
const takeawayDays = 90;
/** Makes the secret of a link to what somebody takes home, in place of the one before; or ends it. After the close too. */
export async function takeaway(tx: Tx, at: Sitting, on: boolean): Promise<{ readonly code: string | null; readonly until: Date | null }> {
  const made = on ? newCode() : undefined;
  const until = on ? new Date(Date.now() + takeawayDays * 24 * 60 * 60_000) : null;
  await tx
    .update(participant)
    .set({ takeawayHash: made?.hash ?? null, takeawayUntil: until })
    .where(seatOf(at));
  return { code: made?.code ?? null, until };
}
/** Ends a link by its own secret. */
export async function endTakeaway(tx: Tx, hash: string): Promise<void> {
  await tx.update(participant).set({ takeawayHash: null, takeawayUntil: null }).where(eq(participant.takeawayHash, hash));
}

/** Leaves the table. Forgotten, the seat keeps its notes and loses its name, its card, its key and what was said on arrival; that may be asked for after the close too. */
export async function leave(tx: Tx, at: Sitting, forget: boolean): Promise<void> {
  await tx
    .update(participant)
    .set({ leftAt: new Date(), tokenHash: null, ...(forget ? { name: nameless, card: null, arrival: null, keyHash: null } : {}) })
    .where(seatOf(at));
  const { venueId, tastingId, participantId } = at;
  await announce(tx, { what: 'left', venueId, tastingId, participantId });
}
