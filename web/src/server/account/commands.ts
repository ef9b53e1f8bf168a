import { and, eq, isNull, sql } from 'drizzle-orm';
import { v7 } from 'uuid';
import { z } from 'zod';
import { APIError } from 'better-auth/api';
import { connections, type Tx } from '../../db/client';
import { apiToken, invitation, member, role, session, user, venue } from '../../db/schema';
import { accounts } from '../accounts';
import { command, everyRole, owner, type Reply } from '../command';
import { Problem, badField, notFound } from '../problem';
import { hashCode, newCode } from '../secret-code';
import { demoOpen, origin } from '../setting';
import { venueCookie } from '../who';
import { postLetter } from './post';

const email = z.string().trim().toLowerCase().pipe(z.email('write an email address').max(200));
const password = z.string().min(10, 'at least ten characters').max(200);
const personName = z.string().trim().min(1, 'tell us your name').max(100);
const venueName = z.string().trim().min(1, 'give the venue a name').max(100);
const done = z.object({ ok: z.literal(true) });
const ok = { ok: true } as const;
const secure = () => (origin().startsWith('https:') ? '; Secure' : '');
const chooseVenue = (reply: Reply, id: string) => reply.cookies.push(`${venueCookie}=${id}; Path=/; HttpOnly; SameSite=Lax; Max-Age=31536000${secure()}`);

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

async function foundVenue(tx: Tx, userId: string, name: string): Promise<string> {
  const id = v7();
  await tx.insert(venue).values({ id, name, settings: { country: 'EU', currency: 'EUR', timeZone: 'Europe/Athens', school: 'weight' } });
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

export const signUp = command({
  name: 'account.signUp',
  method: 'POST',
  path: '/account',
  summary: 'Makes an account, with a venue of its own or by an invitation',
  allow: 'anyone',
  browserOnly: true,
  input: z.strictObject({ name: personName, email, password, venue: venueName.optional(), invitation: z.string().max(100).optional() }),
  output: done,
  limit: { points: 10, seconds: 3600, key: (input) => input.email },
  async run(tx, _actor, input, reply) {
    if (input.invitation === undefined && input.venue === undefined) throw badField('venue', 'give the venue a name');
    if (input.invitation !== undefined) await openInvitation(tx, input.invitation, input.email);
    const made = await through(
      reply,
      () => accounts().api.signUpEmail({ body: { name: input.name, email: input.email, password: input.password }, returnHeaders: true }),
      'An account with this address exists already. Sign in, or ask for a new password.',
    );
    const userId = made.response.user.id;
    try {
      chooseVenue(
        reply,
        input.invitation === undefined ? await foundVenue(tx, userId, input.venue!) : await takeInvitation(tx, input.invitation, userId, input.email),
      );
    } catch (error) {
      // The account library commits on its own; an account that could not get its venue is taken back there, outside this transaction.
      reply.cookies.length = 0;
      await connections().accounts.delete(user).where(eq(user.id, userId));
      throw error;
    }
    return ok;
  },
});

export const signIn = command({
  name: 'account.signIn',
  method: 'POST',
  path: '/session',
  summary: 'Signs in',
  allow: 'anyone',
  browserOnly: true,
  input: z.strictObject({ email, password: z.string().min(1, 'write your password').max(200) }),
  output: done,
  limit: { points: 10, seconds: 300, key: (input) => input.email },
  async run(_tx, _actor, input, reply) {
    await through(reply, () => accounts().api.signInEmail({ body: input, returnHeaders: true }), 'The address or the password is not right.');
    return ok;
  },
});

export const signOut = command({
  name: 'account.signOut',
  method: 'DELETE',
  path: '/session',
  summary: 'Signs out everywhere',
  allow: 'user',
  browserOnly: true,
  input: z.strictObject({}),
  output: done,
  async run(tx, actor, _input, reply) {
    await tx.delete(session).where(eq(session.userId, actor.userId));
    reply.cookies.push(`rose.session_token=; Path=/; Max-Age=0; HttpOnly; SameSite=Lax`, `${venueCookie}=; Path=/; Max-Age=0; HttpOnly; SameSite=Lax`);
    return ok;
  },
});

export const askReset = command({
  name: 'account.askReset',
  method: 'POST',
  path: '/account/reset-requests',
  summary: 'Sends a letter with a link to set a new password',
  allow: 'anyone',
  browserOnly: true,
  input: z.strictObject({ email }),
  output: done,
  limit: { points: 5, seconds: 3600, key: (input) => input.email },
  async run(_tx, _actor, input) {
    // The answer is the same whether the account exists or not.
    await accounts()
      .api.requestPasswordReset({ body: { email: input.email } })
      .catch(() => undefined);
    return ok;
  },
});

export const reset = command({
  name: 'account.reset',
  method: 'POST',
  path: '/account/resets',
  summary: 'Sets a new password with the code of a letter',
  allow: 'anyone',
  browserOnly: true,
  input: z.strictObject({ code: z.string().min(1).max(200), password }),
  output: done,
  limit: { points: 10, seconds: 3600, key: (input) => input.code },
  async run(_tx, _actor, input, reply) {
    await through(
      reply,
      async () => ({ headers: new Headers(), ...(await accounts().api.resetPassword({ body: { token: input.code, newPassword: input.password } })) }),
      'This link was used or is too old. Ask for a new one.',
    );
    return ok;
  },
});

/** One button to come in as the demo's host; refused unless this is the demo and the server listens on a loopback address. */
export const demoIn = command({
  name: 'demo.comeIn',
  method: 'POST',
  path: '/demo/session',
  summary: 'Comes in as the host of the demo',
  allow: 'anyone',
  browserOnly: true,
  input: z.strictObject({}),
  output: done,
  async run(_tx, _actor, _input, reply) {
    if (!demoOpen()) throw notFound('page');
    await through(
      reply,
      () => accounts().api.signInEmail({ body: { email: demoEmail, password: demoPassword }, returnHeaders: true }),
      'The demo is not there. Run npm run demo:reset.',
    );
    return ok;
  },
});
export const demoEmail = 'host@lantern-quay.invalid';
export const demoPassword = 'the lamp is lit';

export const newVenue = command({
  name: 'venue.create',
  method: 'POST',
  path: '/venues',
  summary: 'Makes a venue that the caller owns',
  allow: 'user',
  browserOnly: true,
  input: z.strictObject({ name: venueName }),
  output: z.object({ id: z.string() }),
  limit: { points: 20, seconds: 86_400, key: (_input, actor) => (actor as { userId: string }).userId },
  async run(tx, actor, input, reply) {
    const id = await foundVenue(tx, actor.userId, input.name);
    chooseVenue(reply, id);
    return { id };
  },
});

export const enterVenue = command({
  name: 'venue.enter',
  method: 'POST',
  path: '/venues/{id}/visits',
  summary: 'Works in this venue from now on',
  allow: 'user',
  browserOnly: true,
  input: z.strictObject({ id: z.uuid() }),
  output: done,
  async run(tx, actor, input, reply) {
    const [found] = await tx
      .select({ id: member.venueId })
      .from(member)
      .where(and(eq(member.venueId, input.id), eq(member.userId, actor.userId)));
    if (found === undefined) throw notFound('venue');
    chooseVenue(reply, found.id);
    return ok;
  },
});

export const saveVenue = command({
  name: 'venue.save',
  method: 'PUT',
  path: '/venue',
  summary: 'Names the venue and sets its country, currency, time zone and school',
  allow: owner,
  input: z.strictObject({
    name: venueName,
    settings: z.strictObject({
      country: z.string().regex(/^[A-Z]{2}$/, 'two capital letters'),
      currency: z.string().regex(/^[A-Z]{3}$/, 'three capital letters, such as EUR'),
      timeZone: z
        .string()
        .max(60)
        .refine((zone) => Intl.supportedValuesOf('timeZone').includes(zone), 'a time zone such as Europe/Athens'),
      school: z.enum(['weight', 'ladder', 'sweet', 'young', 'old']),
    }),
  }),
  output: done,
  async run(tx, actor, input) {
    await tx.update(venue).set({ name: input.name, settings: input.settings }).where(eq(venue.id, actor.venueId));
    return ok;
  },
});

const roleField = z.enum(role.enumValues);
export const invite = command({
  name: 'member.invite',
  method: 'POST',
  path: '/invitations',
  summary: 'Invites somebody into the venue by a letter',
  allow: owner,
  input: z.strictObject({ email, role: roleField }),
  output: z.object({ id: z.string() }),
  limit: { points: 50, seconds: 86_400, key: (_input, actor) => (actor.kind === 'member' ? actor.venueId : '') },
  async run(tx, actor, input) {
    const { code, hash } = newCode();
    const id = v7();
    const [place] = await tx.select({ name: venue.name }).from(venue).where(eq(venue.id, actor.venueId));
    await tx
      .insert(invitation)
      .values({ venueId: actor.venueId, id, email: input.email, role: input.role, codeHash: hash, expiresAt: new Date(Date.now() + 14 * 86_400_000) });
    await postLetter(
      tx,
      input.email,
      `An invitation to ${place!.name}`,
      `${actor.name} invites you to ${place!.name} on Rose Compass, as ${input.role}.\n\nCome in within two weeks: ${origin()}/invitation/${code}`,
    );
    return { id };
  },
});

export const acceptInvitation = command({
  name: 'member.accept',
  method: 'POST',
  path: '/invitations/accepted',
  summary: 'Accepts an invitation with the code of its letter',
  allow: 'user',
  browserOnly: true,
  input: z.strictObject({ code: z.string().min(1).max(100) }),
  output: done,
  limit: { points: 20, seconds: 3600, key: (input) => input.code },
  async run(tx, actor, input, reply) {
    chooseVenue(reply, await takeInvitation(tx, input.code, actor.userId, actor.email));
    return ok;
  },
});

export const revokeInvitation = command({
  name: 'member.revokeInvitation',
  method: 'DELETE',
  path: '/invitations/{id}',
  summary: 'Withdraws an invitation',
  allow: owner,
  input: z.strictObject({ id: z.uuid() }),
  output: done,
  async run(tx, actor, input) {
    const changed = await tx
      .update(invitation)
      .set({ revokedAt: new Date() })
      .where(and(eq(invitation.venueId, actor.venueId), eq(invitation.id, input.id)))
      .returning({ id: invitation.id });
    if (changed.length === 0) throw notFound('invitation');
    return ok;
  },
});

async function keepAnOwner(tx: Tx, venueId: string): Promise<void> {
  const [left] = await tx
    .select({ n: sql<number>`count(*)::int` })
    .from(member)
    .where(and(eq(member.venueId, venueId), eq(member.role, 'owner')));
  if (left!.n === 0) throw new Problem(409, 'last-owner', 'A venue keeps at least one owner.');
}
export const setRole = command({
  name: 'member.setRole',
  method: 'PUT',
  path: '/members/{userId}',
  summary: 'Changes a member’s part in the venue',
  allow: owner,
  input: z.strictObject({ userId: z.string().min(1).max(64), role: roleField }),
  output: done,
  async run(tx, actor, input) {
    const changed = await tx
      .update(member)
      .set({ role: input.role })
      .where(and(eq(member.venueId, actor.venueId), eq(member.userId, input.userId)))
      .returning({ id: member.userId });
    if (changed.length === 0) throw notFound('member');
    await keepAnOwner(tx, actor.venueId);
    return ok;
  },
});
export const removeMember = command({
  name: 'member.remove',
  method: 'DELETE',
  path: '/members/{userId}',
  summary: 'Removes a member from the venue; their notes stay',
  allow: owner,
  input: z.strictObject({ userId: z.string().min(1).max(64) }),
  output: done,
  async run(tx, actor, input) {
    const gone = await tx
      .delete(member)
      .where(and(eq(member.venueId, actor.venueId), eq(member.userId, input.userId)))
      .returning({ id: member.userId });
    if (gone.length === 0) throw notFound('member');
    await keepAnOwner(tx, actor.venueId);
    return ok;
  },
});

export const makeToken = command({
  name: 'token.create',
  method: 'POST',
  path: '/tokens',
  summary: 'Makes a token for a program; it is shown once',
  allow: everyRole,
  browserOnly: true,
  input: z.strictObject({ name: z.string().trim().min(1, 'give the token a name').max(100) }),
  output: z.object({ id: z.string(), token: z.string() }),
  limit: { points: 50, seconds: 86_400, key: (_input, actor) => (actor as { userId: string }).userId },
  async run(tx, actor, input) {
    const { code, hash } = newCode('rose_');
    const id = v7();
    await tx.insert(apiToken).values({ venueId: actor.venueId, id, userId: actor.userId, name: input.name, tokenHash: hash });
    return { id, token: code };
  },
});
export const revokeToken = command({
  name: 'token.revoke',
  method: 'DELETE',
  path: '/tokens/{id}',
  summary: 'Revokes one of the caller’s tokens',
  allow: everyRole,
  input: z.strictObject({ id: z.uuid() }),
  output: done,
  async run(tx, actor, input) {
    const changed = await tx
      .update(apiToken)
      .set({ revokedAt: new Date() })
      .where(and(eq(apiToken.venueId, actor.venueId), eq(apiToken.id, input.id), eq(apiToken.userId, actor.userId)))
      .returning({ id: apiToken.id });
    if (changed.length === 0) throw notFound('token');
    return ok;
  },
});
