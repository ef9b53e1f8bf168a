import { and, eq, inArray, isNull } from 'drizzle-orm';
import { v7 } from 'uuid';
import type { Tx } from '../../db/client';
import { glassIdentity } from '../../db/identity';
import { glass, participant, tasting, type tastingKind } from '../../db/tasting';
import type { Told } from '@rose/core/flight/flight';
import type { TastingPlan } from '@rose/core/tasting/program';
import { grant, inReach, type Run } from '@rose/core/tasting/run';
import { Problem, notFound } from '../problem';
import { act, doing, type On, type Ticked } from './act';

export interface Opening {
  readonly venueId: string;
  readonly tastingId: string;
  readonly kind: (typeof tastingKind.enumValues)[number];
  readonly name: string;
  readonly flightId?: string;
  /** Who dealt its hidden glasses: the one person who is told what is in them. */
  readonly dealtBy?: string;
  /** An evening that is led: what it goes through, where it stands, what guests join it by, and who leads. */
  readonly plan?: TastingPlan;
  readonly run?: Run;
  readonly joinCode?: string;
  readonly wheel?: string;
  readonly at?: Date;
}
/** Opens a sitting: the act every other is based on. */
export async function open(tx: Tx, { venueId, tastingId, at = new Date(), ...opening }: Opening): Promise<Ticked> {
  await tx.insert(tasting).values({ venueId, id: tastingId, startedAt: at, ...opening });
  return act(tx, { venueId, tastingId, basedOn: 0, at }, 'opened', {}, async () => undefined);
}

export interface Seat {
  readonly participantId: string;
  readonly name: string;
  readonly seat: number;
  readonly userId?: string;
  /** Invented for the demo or a trial: left out of statistics. */
  readonly simulated?: boolean;
}
/** Somebody sits down. @returns the tick they sat down at */
export const join = (tx: Tx, on: Omit<On, 'basedOn'>, seat: Seat): Promise<Ticked> =>
  doing(tx, on, async (tick) => {
    const { participantId, ...rest } = seat;
    await tx.insert(participant).values({ venueId: on.venueId, id: participantId, tastingId: on.tastingId, joinedTick: tick, ...rest });
  });

export interface Glass {
  /** Random, made by the caller: a time-ordered id would tell the order. */
  readonly glassId: string;
  readonly place: number;
  readonly code: string;
  /** In a panel the seat it stands at. */
  readonly seat?: number | undefined;
  /** Absent while nobody knows: the bottle stands in a bag the taster marked. */
  readonly wineId?: string;
  /** What the host has for guests of this wine. */
  readonly told?: Told | undefined;
}
/** Puts glasses on the table; `inSight` when their labels are seen from the start. */
export const pour = (tx: Tx, on: On, glasses: readonly Glass[], inSight: boolean): Promise<Ticked> => put(tx, on, 'poured', glasses, inSight);
/** Puts hidden glasses on the table: what is in them is known to who dealt them, or to nobody. */
export const deal = (tx: Tx, on: On, glasses: readonly Glass[]): Promise<Ticked> => put(tx, on, 'dealt', glasses, false);

const put = (tx: Tx, on: On, kind: 'poured' | 'dealt', glasses: readonly Glass[], inSight: boolean): Promise<Ticked> =>
  act(tx, on, kind, { glasses: String(glasses.length) }, async (tick, at) => {
    const { venueId, tastingId } = on;
    const seen = inSight ? { revealedAt: at, revealedTick: tick } : {};
    await tx
      .insert(glass)
      .values(glasses.map(({ glassId, place, code, seat }) => ({ venueId, id: glassId, tastingId, place, code, seat: seat ?? null, ...seen })));
    const named = glasses.flatMap(({ glassId, wineId, told = null }) => (wineId === undefined ? [] : [{ venueId, glassId, wineId, told }]));
    if (named.length > 0) await tx.insert(glassIdentity).values(named);
  });

const ofTasting = (on: On, glassIds: readonly string[]) =>
  and(eq(glass.venueId, on.venueId), eq(glass.tastingId, on.tastingId), inArray(glass.id, [...glassIds]));

/**
 * Uncovers glasses. Their notes are closed by this tick and are not touched: however many there are, the rows written are the glasses', the tasting's and the
 * log's. `named` says what was in a bag of one's own.
 */
export const uncover = (tx: Tx, on: On, glassIds: readonly string[], named?: { readonly glassId: string; readonly wineId: string }): Promise<Ticked> =>
  act(tx, on, 'uncovered', { glasses: String(glassIds.length) }, async (tick, at) => {
    if (named !== undefined) await tx.insert(glassIdentity).values({ venueId: on.venueId, ...named });
    await tx
      .update(glass)
      .set({ revealedAt: at, revealedTick: tick })
      .where(and(ofTasting(on, glassIds), isNull(glass.revealedAt)));
  });

/**
 * A bottle was faulty: the glasses of it that stand on the table are rejected, and others with codes of their own take their places. Those that are not poured yet
 * stay as they are.
 * @param glassIds one glass, or in a panel all that hold the wine
 * @param instead ids and codes for the glasses that take the places
 */
export const reject = (tx: Tx, on: On, glassIds: readonly string[], instead: () => Pick<Glass, 'glassId' | 'code'>): Promise<Ticked> =>
  act(tx, on, 'rejected', { glass: glassIds[0] ?? '', glasses: String(glassIds.length) }, async (_tick, at, { plan, run }) => {
    const poured = plan === null || run === null ? Infinity : inReach(plan.program, run);
    const onTable = and(eq(glass.venueId, on.venueId), eq(glass.tastingId, on.tastingId));
    const before = await tx.select().from(glass).where(onTable);
    const standing = before.filter((entry) => glassIds.includes(entry.id) && entry.rejectedAt === null);
    if (standing.length === 0) throw notFound('glass');
    // A glass of a table's may be doubted before it is poured: its bottle was smelt. In a panel the bottle is simply another one then.
    const rejected = standing.filter((entry) => entry.seat === null || entry.place <= poured);
    if (rejected.length === 0) throw new Problem(409, 'not-poured', 'Nobody has this wine before them yet: open another bottle, and pour from that.');
    await tx
      .update(glass)
      .set({ rejectedAt: at })
      .where(
        ofTasting(
          on,
          rejected.map((entry) => entry.id),
        ),
      );
    const held = await tx
      .select({ glassId: glassIdentity.glassId, wineId: glassIdentity.wineId, told: glassIdentity.told })
      .from(glassIdentity)
      .where(and(eq(glassIdentity.venueId, on.venueId), inArray(glassIdentity.glassId, [...glassIds])));
    const taken = before.map(({ seat, code }) => ({ seat, code }));
    const made = rejected.map(({ id, place, seat, givenAway }) => {
      let next = instead();
      while (taken.some((entry) => entry.seat === seat && entry.code === next.code)) next = instead();
      taken.push({ seat, code: next.code });
      return { was: id, row: { venueId: on.venueId, id: next.glassId, tastingId: on.tastingId, place, seat, code: next.code, givenAway } };
    });
    await tx.insert(glass).values(made.map(({ row }) => row));
    const named = made.flatMap(({ was, row }) =>
      held.flatMap(({ glassId, ...what }) => (glassId === was ? [{ venueId: on.venueId, glassId: row.id, ...what }] : [])),
    );
    if (named.length > 0) await tx.insert(glassIdentity).values(named);
    // Another bottle is opened and poured: the table waits for it, and the pace says so.
    const again = plan?.program.find((stop) => stop.kind === 'pour' && rejected.some((entry) => entry.place === stop.place));
    return again === undefined || run === null ? undefined : { run: grant(run, again.minutes) };
  });

export const close = (tx: Tx, on: On): Promise<Ticked> => act(tx, on, 'closed', {}, async (_tick, at) => ({ closedAt: at }));

/** A tasting that nobody has opened yet. */
export const newTasting = (): string => v7();
