import { and, asc, eq, gt, sql } from 'drizzle-orm';
import type { Tx } from '../../db/client';
import { tasting, tastingLog } from '../../db/tasting';
import { announce } from '../live/announce';
import { Problem, notFound } from '../problem';

/**
 * The tasting owns its glasses, its guests, its ticks and its locks: whatever happens in one is an act, one function over a transaction, the tasting and
 * the tick it was based on. An act takes ids, and answers with a tick or a refusal; what a glass holds is never in an answer. The smallest tasting is one
 * person with one glass, and goes through the same acts.
 */
export interface On {
  readonly venueId: string;
  readonly tastingId: string;
  /** The tick the act was decided at; a tasting that has moved on refuses it. 'now' for who cannot have seen another. */
  readonly basedOn: number | 'now';
  /** Who acts, where only the host who leads may. */
  readonly by?: string;
  /** The act's own id: sent twice, it is done once. */
  readonly actId?: string;
  /** When it happened; the clock's own time where none is given. */
  readonly at?: Date;
}
export interface Ticked {
  readonly tick: number;
}
export type ActKind =
  | 'opened'
  | 'poured'
  | 'dealt'
  | 'uncovered'
  | 'uncovered-fact'
  | 'covered-fact'
  | 'rejected'
  | 'moved'
  | 'paused'
  | 'went-on'
  | 'granted'
  | 'shortened'
  | 'let'
  | 'room'
  | 'clue'
  | 'led'
  | 'asked'
  | 'counted'
  | 'parked'
  | 'knows'
  | 'removed'
  | 'closed';

const here = ({ venueId, tastingId }: Pick<On, 'venueId' | 'tastingId'>) => and(eq(tasting.venueId, venueId), eq(tasting.id, tastingId));

/** A tasting as it stands while an act of it runs, under a lock. */
export type Standing = Pick<typeof tasting.$inferSelect, 'tick' | 'closedAt' | 'wheel' | 'plan' | 'run' | 'parked'>;
type Changed = Partial<Pick<typeof tasting.$inferInsert, 'wheel' | 'run' | 'parked' | 'closedAt' | 'opened'>>;

/**
 * Runs an act: the tasting is locked, its tick compared and raised, and what was done goes to the log in the same transaction.
 * @param write does what the act does, and answers what it changes of the tasting itself
 */
export async function act(
  tx: Tx,
  on: On,
  kind: ActKind,
  detail: Readonly<Record<string, string>>,
  write: (tick: number, at: Date, row: Standing) => Promise<Changed | void>,
): Promise<Ticked> {
  const [row] = await tx
    .select({ tick: tasting.tick, closedAt: tasting.closedAt, wheel: tasting.wheel, plan: tasting.plan, run: tasting.run, parked: tasting.parked })
    .from(tasting)
    .where(here(on))
    .for('update');
  if (row === undefined) throw notFound('tasting');
  // An act that was done before raised the tick: one that is based on the present tick is new.
  const done = on.actId === undefined || on.basedOn === row.tick ? undefined : await doneBefore(tx, on, on.actId);
  if (done !== undefined) return { tick: done };
  if (on.basedOn !== 'now' && on.basedOn !== row.tick)
    throw new Problem(409, 'moved-on', 'The tasting has moved on meanwhile. Look again; nothing was changed.', {
      tick: row.tick,
      since: await since(tx, on, on.basedOn),
    });
  if (row.closedAt !== null) throw new Problem(409, 'closed', 'This tasting is closed.', { tick: row.tick });
  if (on.by !== undefined && row.wheel !== null && row.wheel !== on.by && kind !== 'led')
    throw new Problem(409, 'not-leading', 'Another host leads just now. Take over first; nothing was changed.', { tick: row.tick });
  const tick = row.tick + 1;
  const at = on.at ?? new Date();
  const changed = await write(tick, at, row);
  const said = on.actId === undefined ? detail : { ...detail, actId: on.actId };
  // The whole table waits for this: one statement.
  await announce(tx, { what: 'tick', venueId: on.venueId, tastingId: on.tastingId, tick }, [
    tx
      .update(tasting)
      .set({ ...changed, tick })
      .where(here(on)),
    tx.insert(tastingLog).values({ venueId: on.venueId, tastingId: on.tastingId, tick, act: kind, detail: { ...said }, at }),
  ]);
  return { tick };
}
async function doneBefore(tx: Tx, { venueId, tastingId }: On, actId: string): Promise<number | undefined> {
  const [row] = await tx
    .select({ tick: tastingLog.tick })
    .from(tastingLog)
    .where(and(eq(tastingLog.venueId, venueId), eq(tastingLog.tastingId, tastingId), sql`${tastingLog.detail} ->> 'actId' = ${actId}`));
  return row?.tick;
}
/** What happened after a tick, for who did not see it. */
const since = async (tx: Tx, { venueId, tastingId }: On, tick: number) =>
  (
    await tx
      .select({ act: tastingLog.act })
      .from(tastingLog)
      .where(and(eq(tastingLog.venueId, venueId), eq(tastingLog.tastingId, tastingId), gt(tastingLog.tick, tick)))
      .orderBy(asc(tastingLog.tick))
      .limit(20)
  ).map(({ act: kind }) => kind);

/**
 * What people at the table do by themselves: they sit down, lock a note, answer. It is stamped with the present tick and raises none, so a table that is busy
 * does not hold up its host; and it stands before or after every act, never beside one.
 * @param whole waits for others who do the same, where what is written depends on what they wrote
 */
export async function doing(tx: Tx, on: Omit<On, 'basedOn'>, write: (tick: number, at: Date) => Promise<void>, whole = false): Promise<Ticked> {
  const [row] = await tx
    .select({ tick: tasting.tick, closedAt: tasting.closedAt })
    .from(tasting)
    .where(here(on))
    .for(whole ? 'update' : 'share');
  if (row === undefined) throw notFound('tasting');
  if (row.closedAt !== null) throw new Problem(409, 'closed', 'This tasting is closed.', { tick: row.tick });
  await write(row.tick, on.at ?? new Date());
  await announce(tx, { what: 'people', venueId: on.venueId, tastingId: on.tastingId });
  return { tick: row.tick };
}
