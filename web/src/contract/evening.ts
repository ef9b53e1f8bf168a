import { z } from 'zod';
import { arrival, guestCard } from '@rose/core/tasting/guest-schema';
import { carriedRoutine } from '@rose/core/routine/routine-schema';
import { stop } from '@rose/core/tasting/program-schema';
import { blindKinds } from '@rose/core/flight/flight';
import { uncoverable } from '@rose/core/tasting/program';
import { keysOf } from '@rose/core/wine/keys';
import { act, done, one, read } from './contract';
import { tableState } from './live';

/** What every act of a host carries: the tick it was decided at, and an id of its own, so that sent twice it is done once. */
export const based = { id: z.uuid(), basedOn: z.number().int().min(0), actId: z.uuid() };
export const ticked = z.object({ tick: z.number() });

/** An evening as its hosts see it. In a flight that is blind to the host too, `wine` stays null until the reveal. */
export const hostState = tableState.extend({
  id: z.string(),
  flightId: z.string().nullable(),
  program: z.array(stop),
  at: z.number(),
  far: z.number(),
  started: z.string().nullable(),
  more: z.number(),
  /** The last place guests may go on to by themselves; −1: they stay with the table. */
  letTo: z.number(),
  /** What was found of the room: good light, and nothing that smells; null until somebody looked. */
  room: z.object({ light: z.boolean(), air: z.boolean() }).nullable(),
  /** Glasses whose wine something in sight gave away. */
  clues: z.array(z.string()),
  set: z.record(z.string(), z.number()),
  joinCode: z.string().nullable(),
  /** What a link or a picture code carries besides the code, so that following it guesses nothing. */
  joinKey: z.string().nullable(),
  wheel: z.object({ userId: z.string(), name: z.string() }).nullable(),
  pourers: z.array(z.object({ userId: z.string(), name: z.string() })),
  identities: z.array(z.object({ glassId: z.string(), wine: z.object({ id: z.string(), name: z.string(), producer: z.string() }).nullable() })),
  /** Alcohol of the flight's wines, % vol, from the weakest to the strongest. */
  abv: z.tuple([z.number(), z.number()]),
  /** The way through each glass and the pour, mL, as the evening was opened. */
  routine: carriedRoutine,
  pourMl: z.number(),
  parked: z.array(z.object({ id: z.string(), text: z.string() })),
});
/** Who sits at the table, and how far each is with the present glass: never what they wrote. */
export const people = z.object({
  people: z.array(
    z.object({
      id: z.string(),
      name: z.string(),
      seat: z.number(),
      here: z.boolean(),
      hereAt: z.string().nullable(),
      left: z.boolean(),
      simulated: z.boolean(),
      /** Shares of the four quarters that were looked at, 0–1. */
      quarters: z.array(z.number()).length(4),
      locked: z.boolean(),
      waits: z.boolean(),
      /** What they shared of a card that a host has to know. */
      card: guestCard.nullable(),
      arrival: arrival.nullable(),
    }),
  ),
  /** Glasses somebody does not trust, with where that points and what to do next. */
  doubts: z.array(
    z.object({
      glassId: z.string(),
      place: z.number(),
      suspect: z.enum(['bottle', 'glass', 'room', 'unsure']),
      says: z.string(),
      next: z.string(),
      smells: z.array(z.string()),
    }),
  ),
  /** What a shared card says that a wine of the flight meets; in a flight that is blind to the host too, for no place in particular. */
  warnings: z.array(z.object({ seat: z.number(), name: z.string(), place: z.number().nullable(), holds: z.array(z.string()) })),
  answers: z.object({ pollId: z.string(), counts: z.array(z.number()) }).nullable(),
});

/** An evening that is led: opened from a flight, moved on, uncovered and closed. Only the host at the wheel acts, and each act says the tick it was based on. */
export const leading = {
  open: act({
    name: 'tasting.open',
    method: 'POST',
    path: '/flights/{id}/tastings',
    summary:
      'Opens the evening of a flight: glasses with codes of their own, a code to join by, and the caller at the wheel; the same id again changes nothing',
    allow: 'tasting.lead',
    input: z.strictObject({ id: z.uuid(), tastingId: z.uuid() }),
    output: z.object({ id: z.string(), tick: z.number() }),
  }),
  ofFlight: read({
    name: 'tasting.ofFlight',
    method: 'GET',
    path: '/flights/{id}/tastings',
    summary: 'The evenings of a flight, the latest first',
    allow: 'read',
    input: one,
    output: z.object({
      /** An evening goes on that is blind to the caller too: what is done with its bottles is for who pours. */
      blindToMe: z.boolean(),
      tastings: z.array(z.object({ id: z.string(), startedAt: z.string(), closedAt: z.string().nullable(), blind: z.enum(keysOf(blindKinds)) })),
    }),
  }),
  get: read({
    name: 'tasting.get',
    method: 'GET',
    path: '/tastings/{id}',
    summary: 'An evening as its hosts see it; what is in a covered glass only where the flight is not blind to them too',
    allow: 'tasting.lead',
    input: one,
    output: hostState,
  }),
  wall: read({
    name: 'tasting.wall',
    method: 'GET',
    path: '/tastings/{id}/wall',
    summary: 'An evening as a screen for the whole room shows it: what every seat sees, nobody named, and the code to join by until it begins',
    allow: 'read',
    input: one,
    output: z.object({ state: tableState, code: z.string().nullable() }),
  }),
  people: read({
    name: 'tasting.people',
    method: 'GET',
    path: '/tastings/{id}/people',
    summary: 'Who sits at the table and how far each is with the present glass, never what they wrote',
    allow: 'tasting.lead',
    input: one,
    output: people,
  }),
  move: act({
    name: 'tasting.move',
    method: 'POST',
    path: '/tastings/{id}/moves',
    summary: 'Goes to another stop of the evening, forward or back',
    allow: 'tasting.lead',
    input: z.strictObject({ ...based, to: z.number().int().min(0).max(2000) }),
    output: ticked,
  }),
  pause: act({
    name: 'tasting.pause',
    method: 'POST',
    path: '/tastings/{id}/pauses',
    summary: 'Pauses the room, or goes on',
    allow: 'tasting.lead',
    input: z.strictObject({ ...based, paused: z.boolean() }),
    output: ticked,
  }),
  grant: act({
    name: 'tasting.grant',
    method: 'POST',
    path: '/tastings/{id}/minutes',
    summary: 'Grants the present stop more minutes, or gives a stop to come other minutes than planned',
    allow: 'tasting.lead',
    input: z.strictObject({ ...based, minutes: z.number().min(1).max(60), stop: z.number().int().min(0).max(2000).optional() }),
    output: ticked,
  }),
  letGoOn: act({
    name: 'tasting.letGoOn',
    method: 'POST',
    path: '/tastings/{id}/reach',
    summary: 'Lets guests go on by themselves up to a place, before it is poured for all; −1 holds them where the table is',
    allow: 'tasting.lead',
    input: z.strictObject({ ...based, to: z.number().int().min(-1).max(100) }),
    output: ticked,
  }),
  room: act({
    name: 'tasting.room',
    method: 'PUT',
    path: '/tastings/{id}/room',
    summary:
      'What the host found of the room: whether the light is good at every place, and nothing smells. Notes begun from then on are marked by what is not',
    allow: 'tasting.lead',
    input: z.strictObject({ ...based, light: z.boolean(), air: z.boolean() }),
    output: ticked,
  }),
  takeWheel: act({
    name: 'tasting.takeWheel',
    method: 'POST',
    path: '/tastings/{id}/wheel',
    summary: 'Takes over the lead at once; acts of the host before that are still on their way are refused',
    allow: 'tasting.lead',
    input: z.strictObject({ id: z.uuid(), actId: z.uuid() }),
    output: ticked,
  }),
  reject: act({
    name: 'tasting.reject',
    method: 'POST',
    path: '/tastings/{id}/rejections',
    summary: 'Puts a faulty bottle aside: its glass is rejected, and another with a code of its own takes the place; notes on it are kept apart',
    allow: 'tasting.lead',
    input: z.strictObject({ ...based, glassId: z.uuid() }),
    output: ticked,
  }),
  rehearse: act({
    name: 'tasting.rehearse',
    method: 'POST',
    path: '/tastings/{id}/rehearsals',
    summary:
      'Seats simulated guests of known habits, in a process of their own that knows the code and the public paths alone; the same seed goes on where it was',
    allow: 'tasting.lead',
    input: z.strictObject({ id: z.uuid(), guests: z.number().int().min(1).max(40), seed: z.number().int().min(1).max(1_000_000) }),
    output: done,
  }),
  remove: act({
    name: 'tasting.remove',
    method: 'POST',
    path: '/tastings/{id}/removals',
    summary: 'Asks a guest to leave: their device is let in no more, their notes stay',
    allow: 'tasting.lead',
    input: z.strictObject({ ...based, participantId: z.uuid() }),
    output: ticked,
  }),
  talk: read({
    name: 'tasting.talk',
    method: 'GET',
    path: '/tastings/{id}/glasses/{glassId}/talk',
    summary:
      'What a host may say of the wine in a glass, and how its names are said; nothing where the flight is blind to the host too and the wine is covered',
    allow: 'tasting.lead',
    input: z.strictObject({ id: z.uuid(), glassId: z.uuid() }),
    output: z.object({
      names: z.array(z.object({ name: z.string(), said: z.string() })),
      points: z.array(z.object({ says: z.string(), because: z.string() })),
      /** What gives the wine away when it is said aloud, by the fact it tells. */
      tells: z.array(z.object({ words: z.string(), fact: z.enum(keysOf(uncoverable)) })),
    }),
  }),
  pour: act({
    name: 'tasting.pour',
    method: 'POST',
    path: '/tastings/{id}/pourers',
    summary: 'Takes the pourer’s part: from now on the caller knows what is in the glasses, and what they call is kept apart',
    allow: 'read',
    input: z.strictObject({ id: z.uuid(), actId: z.uuid() }),
    output: done,
  }),
  pourList: read({
    name: 'tasting.pourList',
    method: 'GET',
    path: '/tastings/{id}/pour-list',
    summary: 'What is poured into which glass, for those who took the pourer’s part',
    allow: 'read',
    input: one,
    output: z.object({
      name: z.string(),
      tick: z.number(),
      at: z.number().nullable(),
      pourMl: z.number(),
      seats: z.number(),
      glasses: z.array(
        z.object({
          place: z.number(),
          /** In a panel the seat it stands at; null where a place is the same wine at every seat. */
          seat: z.number().nullable(),
          code: z.string(),
          wine: z.string(),
          producer: z.string(),
          rejected: z.boolean(),
          /** Seats whose shared card names what this wine holds. */
          warnings: z.array(z.object({ seat: z.number(), name: z.string(), holds: z.array(z.string()) })),
        }),
      ),
    }),
  }),
};
