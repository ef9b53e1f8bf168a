import { RateLimiterPostgres, RateLimiterRes } from 'rate-limiter-flexible';
import { sql } from 'drizzle-orm';
import { connections, type Tx } from '../db/client';
import type { Actor, Budget, Contract } from '../contract/contract';
import { deviceOf } from './device';
import { hashCode } from './secret-code';
import { Problem } from './problem';

const limiters = new Map<string, RateLimiterPostgres>();

const limiterOf = (name: string, points: number, seconds: number): RateLimiterPostgres => {
  const id = `${name}:${points}:${seconds}`;
  const found = limiters.get(id);
  if (found !== undefined) return found;
  const made = new RateLimiterPostgres({
    storeClient: connections().pool,
    storeType: 'client',
    tableName: 'rate_limit',
    tableCreated: true,
    keyPrefix: name,
    points,
    duration: seconds,
    clearExpiredByTimeout: false,
  });
  limiters.set(id, made);
  return made;
};

/** Counts a call; throws 429 when its key has had enough. Keys are hashed: the table holds no addresses. What it returns takes the count back. */
export async function count(name: string, points: number, seconds: number, key: string): Promise<() => Promise<void>> {
  const limiter = limiterOf(name, points, seconds);
  const counted = hashCode(key).slice(0, 40);
  try {
    await limiter.consume(counted);
  } catch (refused) {
    if (!(refused instanceof RateLimiterRes)) throw refused;
    throw tooOften(Math.ceil(refused.msBeforeNext / 1000));
  }
  return async () => {
    await limiter.reward(counted);
  };
}
/**
 * Looks something up by a secret that is short enough to be guessed. Only wrong ones count, against each of the keys; who has had enough of those is not even
 * told of a right one. Those who look under one key do it one after the other, so that many at once are counted like many in a row.
 * @param keys what is counted, with how many wrong ones it may have in the span
 */
export async function guarded<T>(
  name: string,
  seconds: number,
  keys: readonly { readonly key: string; readonly points: number }[],
  look: (tx: Tx) => Promise<T | undefined>,
): Promise<T | undefined> {
  const counted = keys.map(({ key, points }) => ({ row: `${name}:${hashCode(key).slice(0, 40)}`, points })).sort((a, b) => a.row.localeCompare(b.row));
  const found = await connections().db.transaction(async (tx) => {
    const now = Date.now();
    for (const { row } of counted) await tx.execute(sql`select pg_advisory_xact_lock(hashtextextended(${row}, 0))`);
    for (const { row, points } of counted) {
      const { rows } = await tx.execute<{ points: number; expire: string }>(sql`select points, expire from rate_limit where key = ${row} and expire > ${now}`);
      const had = rows[0];
      if (had !== undefined && had.points >= points) return { wait: Math.ceil((Number(had.expire) - now) / 1000) };
    }
    const it = await look(tx);
    if (it === undefined)
      for (const { row } of counted)
        await tx.execute(sql`insert into rate_limit (key, points, expire) values (${row}, 1, ${now + seconds * 1000}) on conflict (key) do update set
          points = case when rate_limit.expire > ${now} then rate_limit.points + 1 else 1 end,
          expire = case when rate_limit.expire > ${now} then rate_limit.expire else ${now + seconds * 1000} end`);
    return { it };
  });
  if ('wait' in found) throw tooOften(found.wait!);
  return found.it;
}
const tooOften = (wait: number) =>
  new Problem(429, 'too-often', `Too many tries. Wait ${wait} seconds and try again.`, { retryAfter: wait }, { 'retry-after': String(wait) });
export const forgetLimiters = () => limiters.clear();

/** Calls a minute: of everybody together for the way in, where each costs 19 MiB and a tenth of a second; of each person for long work. */
const budgets = { 'way in': 120, 'long work': 300 } as const satisfies Record<Budget, number>;

/** Counts a call against the limit and the budget of its contract; what it returns is called when the call went well. */
export async function spend({ name, limit, budget }: Contract, input: unknown, actor: Actor, cookies: string | null): Promise<() => Promise<void>> {
  const key = limit?.key(input, actor);
  const device = limit?.byDevice === true ? deviceOf(cookies, key!) : undefined;
  const back = limit === undefined ? async () => {} : await count(name, limit.points, limit.seconds, device === undefined ? key! : `${key!} ${device}`);
  // A device that is known is not kept out by the crowd either; who was refused by their own limit costs the crowd nothing.
  if (budget !== undefined && device === undefined)
    await count(budget, budgets[budget], 60, budget === 'long work' && 'userId' in actor ? actor.userId : '').catch(async (refused: unknown) => {
      await back();
      throw refused;
    });
  return limit?.failuresOnly === true ? back : async () => {};
}
