import { and, eq, isNull, like } from 'drizzle-orm';
import { v7 } from 'uuid';
import { APIError } from 'better-auth/api';
import { connections, type Tx } from '../../db/client';
import { apiToken, invitation, member, session, user, venue, verification } from '../../db/schema';
import { accounts } from '../accounts';
import { contract } from '../../contract';
import { ok, serve, type Reply } from '../command';
import { deviceCookie } from '../device';
import { Problem, badField, notFound } from '../problem';
import { hashCode } from '../secret-code';
import { demoOpen, origin, secureMark } from '../environment';
import { venueCookie } from '../actor-of-request';
import type { VenueSettings } from '../../contract/venue-settings';
import { demoEmail, demoPassword } from './demo';

import { usualSettings } from './settings';

const chooseVenue = (reply: Reply, id: string) => reply.cookies.push(`${venueCookie}=${id}; Path=/; HttpOnly; SameSite=Lax; Max-Age=31536000${secureMark()}`);

/** Calls the account library and hands its cookies on; its refusals become sentences. */
async function through<T extends { headers: Headers }>(reply: Reply, call: () => Promise<T>, refusal: string): Promise<T> {
  try {
    const result = await call();
    reply.cookies.push(...result.headers.getSetCookie());
    return result;
  } catch (error) {
    if (error instanceof APIError)
      throw new Problem(error.statusCode === 500 ? 500 : 422, 'account', refusal, { errors: [{ field: 'email', message: refusal }] });
    throw error;
  }
}

async function foundVenue(tx: Tx, userId: string, name: string, place: Partial<VenueSettings> = {}): Promise<string> {
  const id = v7();
  await tx.insert(venue).values({ id, name, settings: { ...usualSettings, ...place } });
  await tx.insert(member).values({ venueId: id, userId, role: 'owner' });
  return id;
}
/** The open invitation of a code, locked until the transaction ends; refused when it is used, withdrawn, too old or for another address. */
async function openInvitation(tx: Tx, code: string, address: string) {
  const [found] = await tx
    .select()
    .from(invitation)
    .where(and(eq(invitation.codeHash, hashCode(code)), isNull(invitation.usedAt), isNull(invitation.revokedAt)))
    .for('update');
  if (found === undefined || found.expiresAt < new Date())
    throw new Problem(410, 'invitation', 'This invitation was used, withdrawn or is too old. Ask for a new one.');
  if (found.email !== address) throw new Problem(403, 'invitation', `This invitation is for another address. Come in with the one it was sent to.`);
  return found;
}
async function takeInvitation(tx: Tx, code: string, userId: string, address: string): Promise<string> {
  const found = await openInvitation(tx, code, address);
  await tx
    .update(invitation)
    .set({ usedAt: new Date() })
    .where(and(eq(invitation.venueId, found.venueId), eq(invitation.id, found.id)));
  await tx.insert(member).values({ venueId: found.venueId, userId, role: found.role }).onConflictDoNothing();
  return found.venueId;
}

export const signUp = serve(contract.account.signUp, async (tx, _actor, input, reply) => {
  if (input.invitation === undefined && input.venue === undefined) throw badField('venue', 'give the venue a name');
  if (input.invitation !== undefined) await openInvitation(tx, input.invitation, input.email);
  const made = await through(
    reply,
    () => accounts().api.signUpEmail({ body: { name: input.name, email: input.email, password: input.password }, returnHeaders: true }),
    'An account with this address exists already. Sign in, or ask for a new password.',
  );
  reply.cookies.push(deviceCookie(input.email));
  const userId = made.response.user.id;
  try {
    chooseVenue(
      reply,
      input.invitation === undefined
        ? await foundVenue(tx, userId, input.venue!, input.place)
        : await takeInvitation(tx, input.invitation, userId, input.email),
    );
  } catch (error) {
    // The account library commits on its own; an account that could not get its venue is taken back there, outside this transaction.
    reply.cookies.length = 0;
    await connections().accounts.delete(user).where(eq(user.id, userId));
    throw error;
  }
  return ok;
});

export const signIn = serve(contract.account.signIn, async (_db, _actor, input, reply) => {
  await through(reply, () => accounts().api.signInEmail({ body: input, returnHeaders: true }), 'The address or the password is not right.');
  reply.cookies.push(deviceCookie(input.email));
  return ok;
});

export const signOut = serve(contract.account.signOut, async (tx, actor, _input, reply) => {
  await tx.delete(session).where(eq(session.userId, actor.userId));
  const name = origin().startsWith('https:') ? '__Secure-rose.session_token' : 'rose.session_token';
  for (const gone of [name, venueCookie]) reply.cookies.push(`${gone}=; Path=/; Max-Age=0; HttpOnly; SameSite=Lax${secureMark()}`);
  return ok;
});

/** Milliseconds; a letter is written in about twenty. */
const answerAfter = 250;
export const askReset = serve(contract.account.askReset, async (_db, _actor, input) => {
  // The account library answers the same whether the account exists or not; a letter that could not be sent is an error like any other.
  // Not sooner than the slower of the two takes: how long it took tells nothing either.
  await Promise.all([accounts().api.requestPasswordReset({ body: { email: input.email } }), new Promise((resolve) => setTimeout(resolve, answerAfter))]);
  return ok;
});

/** How the account library names the verification of a letter for a new password. */
const resetPrefix = 'reset-password:';
export const reset = serve(contract.account.reset, async (tx, _actor, input, reply) => {
  const [asked] = await tx
    .select({ userId: verification.value })
    .from(verification)
    .where(eq(verification.identifier, `${resetPrefix}${input.code}`));
  await through(
    reply,
    async () => ({ headers: new Headers(), ...(await accounts().api.resetPassword({ body: { token: input.code, newPassword: input.password } })) }),
    'This link was used or is too old. Ask for a new one.',
  );
  // Whoever had the old password loses every other way in as well: older letters and tokens of programs.
  if (asked !== undefined) {
    await tx.delete(verification).where(and(eq(verification.value, asked.userId), like(verification.identifier, `${resetPrefix}%`)));
    await tx
      .update(apiToken)
      .set({ revokedAt: new Date() })
      .where(and(eq(apiToken.userId, asked.userId), isNull(apiToken.revokedAt)));
  }
  return ok;
});

/** One button to come in as the demo's host; refused unless this is the demo and the server listens on a loopback address. */
export const demoIn = serve(contract.demo.comeIn, async (_db, _actor, _input, reply) => {
  if (!demoOpen()) throw notFound('page');
  await through(
    reply,
    () => accounts().api.signInEmail({ body: { email: demoEmail, password: demoPassword }, returnHeaders: true }),
    'The demo is not there. Run npm run demo:reset.',
  );
  return ok;
});
export const newVenue = serve(contract.venue.create, async (tx, actor, input, reply) => {
  const id = await foundVenue(tx, actor.userId, input.name, input.place);
  chooseVenue(reply, id);
  return { id };
});

export const enterVenue = serve(contract.venue.enter, async (tx, actor, input, reply) => {
  const [found] = await tx
    .select({ id: member.venueId })
    .from(member)
    .where(and(eq(member.venueId, input.id), eq(member.userId, actor.userId)));
  if (found === undefined) throw notFound('venue');
  chooseVenue(reply, found.id);
  return ok;
});

export const acceptInvitation = serve(contract.member.accept, async (tx, actor, input, reply) => {
  chooseVenue(reply, await takeInvitation(tx, input.code, actor.userId, actor.email));
  return ok;
});
