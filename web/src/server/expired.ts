import { lt } from 'drizzle-orm';
import type { NodePgDatabase } from 'drizzle-orm/node-postgres';
import { rateLimit, session, verification } from '../db/auth';
import { errorText, log } from './log';

/** What is over and of use to nobody: sessions, codes sent by letter, and counts of calls. Documents and letters are kept until somebody deletes them. */
export async function clearExpired(db: Pick<NodePgDatabase, 'delete'>, now: Date = new Date()): Promise<void> {
  await db.delete(session).where(lt(session.expiresAt, now));
  await db.delete(verification).where(lt(verification.expiresAt, now));
  await db.delete(rateLimit).where(lt(rateLimit.expire, now.getTime()));
}

const day = 24 * 60 * 60_000;
let cleared = Date.now();
/** Clears at the first call after a day; the call it happens in does not wait for it. A start clears too. */
export function clearOnceADay(db: Pick<NodePgDatabase, 'delete'>, now = Date.now()): void {
  if (now - cleared < day) return;
  cleared = now;
  clearExpired(db).catch((error: unknown) => log.warn({ expired: errorText(error) }));
}
