import { copyFileSync, rmSync, statSync, truncateSync } from 'node:fs';
import path from 'node:path';
import { nameless } from '@rose/core/tasting/guest';
import { lt, sql } from 'drizzle-orm';
import type { NodePgDatabase } from 'drizzle-orm/node-postgres';
import { rateLimit, session, verification } from '../db/auth';
import { participant, tasting } from '../db/tasting';
import { mail } from '../db/venue';
import { letterFile } from './account/letters';
import { errorText, log } from './log';
import { dataFolder } from './environment';

const hour = 60 * 60_000;
const day = 24 * hour;
/** Days a letter of the simulated post is kept. What it asks for, an invitation or a new password, is over long before. */
const lettersFor = 90;
/** Bytes of a log; with the one before it twice as many stand on the disk. */
const longestLog = 5_000_000;

/** Days after the close of an evening that a guest's name is kept, unless they kept a key; what they said on arrival, their shared card and their device's secret go then in any case. */
const guestsFor = 30;

/** What is over and of use to nobody: sessions, codes, counts of calls, old letters. Documents are kept until somebody deletes them, deleted ones to be brought back. */
export async function clearExpired(db: Pick<NodePgDatabase, 'delete' | 'execute'>, now: Date = new Date()): Promise<void> {
  await db.delete(session).where(lt(session.expiresAt, now));
  await db.delete(verification).where(lt(verification.expiresAt, now));
  await db.delete(rateLimit).where(lt(rateLimit.expire, now.getTime()));
  const old = await db
    .delete(mail)
    .where(lt(mail.sentAt, new Date(now.getTime() - lettersFor * day)))
    .returning({ id: mail.id });
  await db.execute(sql`update ${participant} p set arrival = null, card = null, token_hash = null, name = case when p.key_hash is null then ${nameless} else p.name end
    from ${tasting} t where t.venue_id = p.venue_id and t.id = p.tasting_id and p.user_id is null and t.closed_at < ${new Date(now.getTime() - guestsFor * day).toISOString()}
      and (p.arrival is not null or p.card is not null or p.token_hash is not null or (p.key_hash is null and p.name <> ${nameless}))`);
  for (const { id } of old) rmSync(letterFile(id), { force: true });
}

/** Begins a log anew when it is too long; what it held stands beside it until the next time. Lines written in that very moment may be lost. */
export function turnLog(file: string, longest = longestLog): void {
  if ((statSync(file, { throwIfNoEntry: false })?.size ?? 0) <= longest) return;
  copyFileSync(file, `${file}.before`);
  truncateSync(file);
}

let cleared = Date.now();
let turned = Date.now();
/** Clears at the first call after a day, and looks at the log after an hour; the call it happens in does not wait for it. A start does both too. */
export function keepTidy(db: Pick<NodePgDatabase, 'delete' | 'execute'>, now = Date.now()): void {
  if (now - turned >= hour) {
    turned = now;
    try {
      turnLog(path.join(dataFolder(), 'server.log'));
    } catch (error) {
      log.warn({ log: errorText(error) });
    }
  }
  if (now - cleared < day) return;
  cleared = now;
  clearExpired(db).catch((error: unknown) => log.warn({ expired: errorText(error) }));
}
