import { createHash } from 'node:crypto';
import { and, asc, eq, gt, isNull, sql } from 'drizzle-orm';
import { built } from '../db/built';
import { connections } from '../db/client';
import { apiToken, member, participant, session, user } from '../db/schema';
import { accounts } from './accounts';
import type { Actor } from './command';
import { guestCookie } from './guest-device';
import { hashCode } from './secret-code';

export const venueCookie = 'rose_venue';

// Asked at every request.
const seatBehind = built((db) =>
  db
    .select({ venueId: participant.venueId, tastingId: participant.tastingId, participantId: participant.id, name: participant.name })
    .from(participant)
    .where(and(eq(participant.tokenHash, sql.placeholder('tokenHash')), isNull(participant.userId), isNull(participant.leftAt)))
    .prepare('seat-behind'),
);
const membersBehind = built((db) =>
  db
    .select({ userId: user.id, name: user.name, email: user.email, venueId: member.venueId, role: member.role })
    .from(session)
    .innerJoin(user, eq(user.id, session.userId))
    .leftJoin(member, eq(member.userId, user.id))
    .where(and(eq(session.id, sql.placeholder('id')), gt(session.expiresAt, sql.placeholder('now'))))
    .orderBy(asc(member.joinedAt))
    .prepare('members-behind'),
);

/** The guest whose device holds this secret, until they leave. After the close they still read what is theirs. */
async function guestOf(code: string): Promise<Actor> {
  const { db } = connections();
  const [row] = await seatBehind(db).execute({ tokenHash: hashCode(code) });
  return row === undefined ? { kind: 'anyone' } : { kind: 'guest', ...row };
}

const guestCodeIn = (cookie: string | null) => cookie?.match(new RegExp(`${guestCookie}=([\\w-]{20,80})`))?.[1];
/** The guest a request comes from, whoever else its device is signed in as: a host may sit at a table too. */
export async function guestOfRequest(headers: Headers): Promise<Actor> {
  const code = guestCodeIn(headers.get('cookie'));
  return code === undefined ? { kind: 'anyone' } : guestOf(code);
}

/** Milliseconds for which a process remembers whose session a cookie names, and for how many cookies. */
const remembers = 60_000;
const mostRemembered = 5_000;
const sessions = new Map<string, { readonly id: string; readonly until: number }>();
/**
 * The session a signed cookie names. The account library reads the signature, and now and then lengthens the session; within a minute the same cookie names
 * the same session. Whether that still stands is not remembered: it is asked at each request.
 */
async function sessionOf(cookie: string): Promise<string | undefined> {
  const key = createHash('sha256').update(cookie).digest('base64');
  const known = sessions.get(key);
  if (known !== undefined && known.until > Date.now()) return known.id;
  sessions.delete(key);
  const id = (await accounts().api.getSession({ headers: new Headers({ cookie }) }))?.session.id;
  if (id === undefined) return undefined;
  if (sessions.size >= mostRemembered) sessions.clear();
  sessions.set(key, { id, until: Date.now() + remembers });
  return id;
}

/** Who a request comes from: a token for programs, else the session's user with the venue they chose last. */
export async function whoIs(headers: Headers): Promise<Actor> {
  const { db } = connections();
  const bearer = headers.get('authorization')?.match(/^Bearer (.*)$/)?.[1];
  // Who names a token is asked by it alone: a cookie beside it counts for nothing.
  if (bearer !== undefined) {
    const [row] = await db
      .select({
        userId: user.id,
        name: user.name,
        email: user.email,
        venueId: member.venueId,
        role: member.role,
        tokenId: apiToken.id,
        usedAt: apiToken.usedAt,
      })
      .from(apiToken)
      .innerJoin(member, and(eq(member.venueId, apiToken.venueId), eq(member.userId, apiToken.userId)))
      .innerJoin(user, eq(user.id, apiToken.userId))
      .where(and(eq(apiToken.tokenHash, hashCode(bearer)), isNull(apiToken.revokedAt)));
    if (row === undefined) return { kind: 'anyone' };
    // Once a minute is enough to tell which token is still in use.
    if (row.usedAt === null || Date.now() - row.usedAt.getTime() > 60_000)
      await db
        .update(apiToken)
        .set({ usedAt: new Date() })
        .where(and(eq(apiToken.venueId, row.venueId), eq(apiToken.id, row.tokenId)));
    return { kind: 'member', userId: row.userId, name: row.name, email: row.email, venueId: row.venueId, role: row.role, via: 'token' };
  }
  const cookie = headers.get('cookie');
  const guestCode = guestCodeIn(cookie);
  if (cookie === null || !cookie.includes('rose.')) return guestCode === undefined ? { kind: 'anyone' } : guestOf(guestCode);
  const id = await sessionOf(cookie);
  const rows = id === undefined ? [] : await membersBehind(db).execute({ id, now: new Date().toISOString() });
  const [first] = rows;
  if (first === undefined) return guestCode === undefined ? { kind: 'anyone' } : guestOf(guestCode);
  const wanted = cookie.match(new RegExp(`${venueCookie}=([0-9a-f-]{36})`))?.[1];
  const { venueId, role, ...person } = rows.find((row) => row.venueId === wanted) ?? first;
  return venueId === null || role === null ? { kind: 'user', ...person } : { kind: 'member', ...person, venueId, role, via: 'session' };
}
