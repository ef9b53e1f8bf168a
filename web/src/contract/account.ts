import { z } from 'zod';
import { act, done, nothing, one, read, type Actor } from './contract';
import { email, password, personName, venueName } from './fields';
import { onlyRegistered } from './registered';
import { roleIds } from './roles';
import { venueChoices, venuePlace, venueSettings } from './venue-settings';

const role = z.enum(roleIds);
/** Counted by the person. */
const person = (_input: unknown, actor: Actor) => ('userId' in actor ? actor.userId : '');

export const account = {
  signUp: act({
    name: 'account.signUp',
    method: 'POST',
    path: '/account',
    summary: 'Makes an account, with a venue of its own or by an invitation',
    allow: 'anyone',
    browserOnly: true,
    input: z.strictObject({
      name: personName,
      email,
      password,
      venue: venueName.optional(),
      place: venuePlace.optional(),
      invitation: z.string().max(100).optional(),
    }),
    output: done,
    limit: { points: 10, seconds: 3600, key: (input) => input.email },
    budget: 'way in',
  }),
  signIn: act({
    name: 'account.signIn',
    method: 'POST',
    path: '/session',
    summary: 'Signs in',
    allow: 'anyone',
    browserOnly: true,
    input: z.strictObject({ email, password: z.string().min(1, 'write your password').max(200) }),
    output: done,
    limit: { points: 10, seconds: 300, key: (input) => input.email, failuresOnly: true, byDevice: true },
    budget: 'way in',
    transaction: false,
  }),
  signOut: act({
    name: 'account.signOut',
    method: 'DELETE',
    path: '/session',
    summary: 'Signs out everywhere',
    allow: 'user',
    browserOnly: true,
    input: nothing,
    output: done,
  }),
  askReset: act({
    name: 'account.askReset',
    method: 'POST',
    path: '/account/reset-requests',
    summary: 'Sends a letter with a link to set a new password',
    allow: 'anyone',
    browserOnly: true,
    input: z.strictObject({ email }),
    output: done,
    limit: { points: 5, seconds: 3600, key: (input) => input.email },
    budget: 'way in',
    transaction: false,
  }),
  reset: act({
    name: 'account.reset',
    method: 'POST',
    path: '/account/resets',
    summary: 'Sets a new password with the code of a letter',
    allow: 'anyone',
    browserOnly: true,
    input: z.strictObject({ code: z.string().min(1).max(200), password }),
    output: done,
    limit: { points: 10, seconds: 3600, key: (input) => input.code },
    budget: 'way in',
  }),
  me: read({
    name: 'account.me',
    method: 'GET',
    path: '/me',
    summary: 'Who is calling, and the venues they belong to',
    allow: 'user',
    input: nothing,
    output: z.object({
      userId: z.string(),
      name: z.string(),
      email: z.string(),
      role: role.nullable(),
      venue: z.object({ id: z.string(), name: z.string(), settings: venueSettings }).nullable(),
      venues: z.array(z.object({ id: z.string(), name: z.string(), role })),
    }),
  }),
};

export const demo = {
  comeIn: act({
    name: 'demo.comeIn',
    method: 'POST',
    path: '/demo/session',
    summary: 'Comes in as the host of the demo',
    allow: 'anyone',
    browserOnly: true,
    input: nothing,
    output: done,
    transaction: false,
  }),
};

export const venue = {
  create: act({
    name: 'venue.create',
    method: 'POST',
    path: '/venues',
    summary: 'Makes a venue that the caller owns',
    allow: 'user',
    browserOnly: true,
    input: z.strictObject({ name: venueName, place: venuePlace.optional() }),
    output: z.object({ id: z.string() }),
    limit: { points: 20, seconds: 86_400, key: person },
  }),
  enter: act({
    name: 'venue.enter',
    method: 'POST',
    path: '/venues/{id}/visits',
    summary: 'Works in this venue from now on',
    allow: 'user',
    browserOnly: true,
    input: one,
    output: done,
  }),
  save: act({
    name: 'venue.save',
    method: 'PUT',
    path: '/venue',
    summary: 'Names the venue and sets its country, currency, time zone, school, measures and what it has; what is not sent stays as it is',
    allow: 'venue.edit',
    input: z.strictObject({
      name: venueName.optional(),
      settings: venueChoices.partial().superRefine(onlyRegistered).default({}),
    }),
    output: done,
  }),
};

export const member = {
  accept: act({
    name: 'member.accept',
    method: 'POST',
    path: '/invitations/accepted',
    summary: 'Accepts an invitation with the code of its letter',
    allow: 'user',
    browserOnly: true,
    input: z.strictObject({ code: z.string().min(1).max(100) }),
    output: done,
    limit: { points: 20, seconds: 3600, key: (input) => input.code },
  }),
  invite: act({
    name: 'member.invite',
    method: 'POST',
    path: '/invitations',
    summary: 'Invites somebody into the venue by a letter',
    allow: 'people.edit',
    input: z.strictObject({ email, role }),
    output: z.object({ id: z.string() }),
    limit: { points: 50, seconds: 86_400, key: (_input, actor) => (actor.kind === 'member' ? actor.venueId : '') },
  }),
  revokeInvitation: act({
    name: 'member.revokeInvitation',
    method: 'DELETE',
    path: '/invitations/{id}',
    summary: 'Withdraws an invitation',
    allow: 'people.edit',
    input: one,
    output: done,
  }),
  setRole: act({
    name: 'member.setRole',
    method: 'PUT',
    path: '/members/{userId}',
    summary: 'Changes a member’s part in the venue',
    allow: 'people.edit',
    input: z.strictObject({ userId: z.string().min(1).max(64), role }),
    output: done,
  }),
  remove: act({
    name: 'member.remove',
    method: 'DELETE',
    path: '/members/{userId}',
    summary: 'Removes a member from the venue; their notes stay',
    allow: 'people.edit',
    input: z.strictObject({ userId: z.string().min(1).max(64) }),
    output: done,
  }),
  list: read({
    name: 'member.list',
    method: 'GET',
    path: '/members',
    summary: 'The members of the venue and the open invitations',
    allow: 'read',
    input: nothing,
    output: z.object({
      members: z.array(z.object({ userId: z.string(), name: z.string(), email: z.string(), role })),
      invitations: z.array(z.object({ id: z.string(), email: z.string(), role, expiresAt: z.string() })),
    }),
  }),
};

export const token = {
  create: act({
    name: 'token.create',
    method: 'POST',
    path: '/tokens',
    summary: 'Makes a token for a program; it is shown once',
    allow: 'token.own',
    browserOnly: true,
    input: z.strictObject({ name: z.string().trim().min(1, 'give the token a name').max(100) }),
    output: z.object({ id: z.string(), token: z.string() }),
    limit: { points: 50, seconds: 86_400, key: person },
  }),
  revoke: act({
    name: 'token.revoke',
    method: 'DELETE',
    path: '/tokens/{id}',
    summary: 'Revokes one of the caller’s tokens',
    allow: 'token.own',
    input: one,
    output: done,
  }),
  list: read({
    name: 'token.list',
    method: 'GET',
    path: '/tokens',
    summary: 'The caller’s own tokens',
    allow: 'token.own',
    input: nothing,
    output: z.object({ tokens: z.array(z.object({ id: z.string(), name: z.string(), createdAt: z.string(), usedAt: z.string().nullable() })) }),
  }),
};

export const mail = {
  list: read({
    name: 'mail.list',
    method: 'GET',
    path: '/mail',
    summary: 'Letters of the simulated post, in the demo only',
    allow: 'letters.read',
    browserOnly: true,
    input: nothing,
    output: z.object({ letters: z.array(z.object({ id: z.string(), to: z.string(), subject: z.string(), body: z.string(), sentAt: z.string() })) }),
  }),
};
