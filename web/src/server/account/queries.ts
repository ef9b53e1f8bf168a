import { and, desc, eq, gt, isNull, or } from 'drizzle-orm';
import { may } from '../../contract/roles';
import type { Reader } from '../../db/client';
import { apiToken, invitation, mail, member, user, venue } from '../../db/schema';
import { contract } from '../../contract';
import { serve } from '../command';
import { demoOpen } from '../environment';
import { demoEmail } from './demo';
import { completed } from './settings';

export const me = serve(contract.account.me, async (db, actor) => {
  const venues = await db
    .select({ id: venue.id, name: venue.name, role: member.role, settings: venue.settings })
    .from(member)
    .innerJoin(venue, eq(venue.id, member.venueId))
    .where(eq(member.userId, actor.userId))
    .orderBy(member.joinedAt);
  const here = actor.kind === 'member' ? venues.find((entry) => entry.id === actor.venueId) : undefined;
  return {
    userId: actor.userId,
    name: actor.name,
    email: actor.email,
    role: here?.role ?? null,
    venue: here === undefined ? null : { id: here.id, name: here.name, settings: completed(here.settings) },
    venues: venues.map(({ id, name, role: part }) => ({ id, name, role: part })),
  };
});

export const listMembers = serve(contract.member.list, async (db, actor) => {
  const members = await db
    .select({ userId: user.id, name: user.name, email: user.email, role: member.role })
    .from(member)
    .innerJoin(user, eq(user.id, member.userId))
    .where(eq(member.venueId, actor.venueId))
    .orderBy(member.joinedAt);
  const mayInvite = may(actor, 'people.edit');
  const open = !mayInvite
    ? []
    : await db
        .select()
        .from(invitation)
        .where(and(eq(invitation.venueId, actor.venueId), isNull(invitation.usedAt), isNull(invitation.revokedAt), gt(invitation.expiresAt, new Date())));
  return {
    members: members.map((entry) => ({ ...entry, email: mayInvite || entry.userId === actor.userId ? entry.email : '' })),
    invitations: open.map((entry) => ({ id: entry.id, email: entry.email, role: entry.role, expiresAt: entry.expiresAt.toISOString() })),
  };
});

export const listTokens = serve(contract.token.list, async (db, actor) => {
  const rows = await db
    .select()
    .from(apiToken)
    .where(and(eq(apiToken.venueId, actor.venueId), eq(apiToken.userId, actor.userId), isNull(apiToken.revokedAt)))
    .orderBy(desc(apiToken.createdAt));
  return { tokens: rows.map((row) => ({ id: row.id, name: row.name, createdAt: row.createdAt.toISOString(), usedAt: row.usedAt?.toISOString() ?? null })) };
});

/** Whether the demo's host owns this venue. */
async function isDemoVenue(db: Reader, venueId: string): Promise<boolean> {
  const [found] = await db
    .select({ id: user.id })
    .from(member)
    .innerJoin(user, eq(user.id, member.userId))
    .where(and(eq(member.venueId, venueId), eq(member.role, 'owner'), eq(user.email, demoEmail)));
  return found !== undefined;
}
/** The demo's own letters on a page. Letters of a real venue are read by whoever may open the data folder, never over the network. */
export const listMail = serve(contract.mail.list, async (db, actor) => {
  if (!demoOpen() || !(await isDemoVenue(db, actor.venueId))) return { letters: [] };
  const rows = await db
    .select({ id: mail.id, to: mail.to, subject: mail.subject, body: mail.body, sentAt: mail.sentAt })
    .from(mail)
    .where(or(eq(mail.venueId, actor.venueId), eq(mail.to, demoEmail)))
    .orderBy(desc(mail.sentAt))
    .limit(50);
  return { letters: rows.map((row) => ({ ...row, sentAt: row.sentAt.toISOString() })) };
});
