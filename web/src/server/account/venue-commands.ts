import { and, eq, inArray, sql } from 'drizzle-orm';
import { v7 } from 'uuid';
import { may, rolesThat } from '../../contract/roles';
import { connections, type Tx } from '../../db/client';
import { apiToken, invitation, member, venue } from '../../db/schema';
import { contract } from '../../contract';
import type { VenueSettings } from '../../contract/venue-settings';
import { ok, serve, type Member } from '../command';
import { Problem, forbidden, notFound } from '../problem';
import { newCode } from '../secret-code';
import { origin } from '../environment';

import { lockedSettings } from './settings';
import { deliverLetters, writeLetter } from './letters';

export const saveVenue = serve(contract.venue.save, async (tx, actor, input) => {
  const settings = await lockedSettings(tx, actor.venueId);
  const changed = Object.fromEntries(Object.entries(input.settings).filter(([, value]) => value !== undefined)) as Partial<VenueSettings>;
  await tx
    .update(venue)
    .set({ ...(input.name === undefined ? {} : { name: input.name }), settings: { ...settings, ...changed } })
    .where(eq(venue.id, actor.venueId));
  return ok;
});
export const invite = serve(contract.member.invite, async (tx, actor, input, reply) => {
  const { code, hash } = newCode();
  const id = v7();
  const [place] = await tx.select({ name: venue.name }).from(venue).where(eq(venue.id, actor.venueId));
  await tx
    .insert(invitation)
    .values({ venueId: actor.venueId, id, email: input.email, role: input.role, codeHash: hash, expiresAt: new Date(Date.now() + 14 * 86_400_000) });
  await writeLetter(
    tx,
    input.email,
    `An invitation to ${place!.name}`,
    `${actor.name} invites you to ${place!.name} on Rose Compass, as ${input.role}.\n\nCome in within two weeks: ${origin()}/invitation/${code}`,
    actor.venueId,
  );
  reply.afterwards = () => deliverLetters(connections().db);
  return { id };
});

export const revokeInvitation = serve(contract.member.revokeInvitation, async (tx, actor, input) => {
  const changed = await tx
    .update(invitation)
    .set({ revokedAt: new Date() })
    .where(and(eq(invitation.venueId, actor.venueId), eq(invitation.id, input.id)))
    .returning({ id: invitation.id });
  if (changed.length === 0) throw notFound('invitation');
  return ok;
});

/** Whoever changes parts in a venue waits for whoever does so already: two owners who demote each other at once would leave none. */
const lockParts = (tx: Tx, venueId: string) => lockedSettings(tx, venueId);
async function keepAnOwner(tx: Tx, venueId: string): Promise<void> {
  const [left] = await tx
    .select({ n: sql<number>`count(*)::int` })
    .from(member)
    .where(and(eq(member.venueId, venueId), inArray(member.role, rolesThat('people.edit'))));
  if (left!.n === 0) throw new Problem(409, 'last-owner', 'A venue keeps at least one owner.');
}
/** Asked again under the lock: the part an actor came in with may have been taken away while they waited. */
async function stillOwner(tx: Tx, actor: Member): Promise<void> {
  const [found] = await tx
    .select({ role: member.role })
    .from(member)
    .where(and(eq(member.venueId, actor.venueId), eq(member.userId, actor.userId)));
  if (found === undefined || !may(found, 'people.edit')) throw forbidden();
}
export const setRole = serve(contract.member.setRole, async (tx, actor, input) => {
  await lockParts(tx, actor.venueId);
  await stillOwner(tx, actor);
  const changed = await tx
    .update(member)
    .set({ role: input.role })
    .where(and(eq(member.venueId, actor.venueId), eq(member.userId, input.userId)))
    .returning({ id: member.userId });
  if (changed.length === 0) throw notFound('member');
  await keepAnOwner(tx, actor.venueId);
  return ok;
});
export const removeMember = serve(contract.member.remove, async (tx, actor, input) => {
  await lockParts(tx, actor.venueId);
  await stillOwner(tx, actor);
  const gone = await tx
    .delete(member)
    .where(and(eq(member.venueId, actor.venueId), eq(member.userId, input.userId)))
    .returning({ id: member.userId });
  if (gone.length === 0) throw notFound('member');
  await keepAnOwner(tx, actor.venueId);
  return ok;
});

export const makeToken = serve(contract.token.create, async (tx, actor, input) => {
  const { code, hash } = newCode('rose_');
  const id = v7();
  await tx.insert(apiToken).values({ venueId: actor.venueId, id, userId: actor.userId, name: input.name, tokenHash: hash });
  return { id, token: code };
});
export const revokeToken = serve(contract.token.revoke, async (tx, actor, input) => {
  const changed = await tx
    .update(apiToken)
    .set({ revokedAt: new Date() })
    .where(and(eq(apiToken.venueId, actor.venueId), eq(apiToken.id, input.id), eq(apiToken.userId, actor.userId)))
    .returning({ id: apiToken.id });
  if (changed.length === 0) throw notFound('token');
  return ok;
});
