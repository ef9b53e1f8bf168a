import { RateLimiterPostgres, RateLimiterRes } from 'rate-limiter-flexible';
import { connections } from '../db/client';
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
    const wait = Math.ceil(refused.msBeforeNext / 1000);
    throw new Problem(429, 'too-often', `Too many tries. Wait ${wait} seconds and try again.`, { retryAfter: wait }, { 'retry-after': String(wait) });
  }
  return async () => {
    await limiter.reward(counted);
  };
}
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
