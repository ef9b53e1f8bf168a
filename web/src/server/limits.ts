import { RateLimiterPostgres, RateLimiterRes } from 'rate-limiter-flexible';
import { connections } from '../db/client';
import { hashCode } from './secret-code';
import { Problem } from './problem';

const limiters = new Map<string, RateLimiterPostgres>();

/** Counts a call; throws 429 when its key has had enough. Keys are hashed: the table holds no addresses. */
export async function count(name: string, points: number, seconds: number, key: string): Promise<void> {
  const id = `${name}:${points}:${seconds}`;
  let limiter = limiters.get(id);
  if (limiter === undefined) {
    limiter = new RateLimiterPostgres({
      storeClient: connections().pool,
      storeType: 'client',
      tableName: 'rate_limit',
      tableCreated: true,
      keyPrefix: name,
      points,
      duration: seconds,
      clearExpiredByTimeout: false,
    });
    limiters.set(id, limiter);
  }
  try {
    await limiter.consume(hashCode(key).slice(0, 40));
  } catch (refused) {
    if (!(refused instanceof RateLimiterRes)) throw refused;
    const wait = Math.ceil(refused.msBeforeNext / 1000);
    throw new Problem(429, 'too-often', `Too many tries. Wait ${wait} seconds and try again.`, { retryAfter: wait }, { 'retry-after': String(wait) });
  }
}
export const forgetLimiters = () => limiters.clear();
