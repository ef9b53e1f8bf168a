import { z } from 'zod';
import { arrival, guestCard } from '@rose/core/tasting/guest-schema';
import { carriedRoutine } from '@rose/core/routine/routine-schema';
import { stop } from '@rose/core/tasting/program-schema';
import { stages } from '@rose/core/call/call';
import { uncoverable } from '@rose/core/tasting/program';
import { blindKinds } from '@rose/core/flight/flight';
import { keysOf } from '@rose/core/wine/keys';
import { act, done, nothing, one, read } from './contract';
import { tableState } from './live';

const fact = z.enum(keysOf(uncoverable));
/** What every act of a host carries: the tick it was decided at, and an id of its own, so that sent twice it is done once. */
const based = { id: z.uuid(), basedOn: z.number().int().min(0), actId: z.uuid() };
const ticked = z.object({ tick: z.number() });

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
  /** Places at which something in sight gave the wine away. */
  clues: z.array(z.number()),
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
export const tasting = {
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
  clue: act({
    name: 'tasting.clue',
    method: 'PUT',
    path: '/tastings/{id}/clues',
    summary:
      'Logs that something in sight gave the wine at a place away, a label, a bottle, a word, or that it was nothing: calls of it are marked, and left out unless asked for',
    allow: 'tasting.lead',
    input: z.strictObject({ ...based, place: z.number().int().min(0).max(100), is: z.boolean() }),
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
  uncover: act({
    name: 'tasting.uncover',
    method: 'POST',
    path: '/tastings/{id}/uncoverings',
    summary: 'Uncovers a fact of a glass for everybody; with its name the glass is revealed. From the first fact on nothing written on it counts as blind',
    allow: 'tasting.lead',
    input: z.strictObject({ ...based, glassId: z.uuid(), fact }),
    output: ticked,
  }),
  cover: act({
    name: 'tasting.cover',
    method: 'POST',
    path: '/tastings/{id}/coverings',
    summary: 'Takes a fact from the screens again; who saw it has seen it, and the glass stays closed. A name cannot be taken back',
    allow: 'tasting.lead',
    input: z.strictObject({ ...based, glassId: z.uuid(), fact }),
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
  ask: act({
    name: 'tasting.ask',
    method: 'POST',
    path: '/tastings/{id}/polls',
    summary: 'Puts a question to the table, with what the host expects; the one before it is counted',
    allow: 'tasting.lead',
    input: z.strictObject({
      ...based,
      pollId: z.uuid(),
      place: z.number().int().min(0).max(100).nullable(),
      question: z.string().trim().min(1, 'ask something').max(200),
      options: z.array(z.string().trim().min(1).max(60)).min(2).max(6),
      /** In a panel, the places an option each is about: two are a pair, three a triangle with one odd glass. */
      places: z.array(z.number().int().min(0).max(100)).min(2).max(3).optional(),
      forecast: z.number().int().min(0).max(5).nullable(),
    }),
    output: ticked,
  }),
  count: act({
    name: 'tasting.count',
    method: 'POST',
    path: '/tastings/{id}/counts',
    summary: 'Ends the open question; its answers are counted and kept',
    allow: 'tasting.lead',
    input: z.strictObject(based),
    output: ticked,
  }),
  asked: read({
    name: 'tasting.asked',
    method: 'GET',
    path: '/tastings/{id}/polls',
    summary: 'What was put to the table, how it answered, and how the host’s own expectations did against guessing',
    allow: 'tasting.lead',
    input: one,
    output: z.object({
      polls: z.array(
        z.object({
          id: z.string(),
          place: z.number().nullable(),
          question: z.string(),
          options: z.array(z.string()),
          counts: z.array(z.number()),
          forecast: z.number().nullable(),
          /** Whether most chose what the host expected; null where nothing was expected, nobody answered, or two came out alike. */
          right: z.boolean().nullable(),
          open: z.boolean(),
          /** Of a set of glasses in a panel, how it came out, once the wines are uncovered; '' before, and of other questions. */
          result: z.string(),
        }),
      ),
      tally: z.string(),
    }),
  }),
  park: act({
    name: 'tasting.park',
    method: 'POST',
    path: '/tastings/{id}/parked-questions',
    summary: 'Parks a question from the table for later, or takes one that was parked away',
    allow: 'tasting.lead',
    input: z.strictObject({ ...based, text: z.string().trim().min(1, 'write the question').max(300).optional(), away: z.uuid().optional() }),
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
  close: act({
    name: 'tasting.close',
    method: 'POST',
    path: '/tastings/{id}/closings',
    summary: 'Closes the evening: nothing is written any more, and nobody joins. The bottles named as opened leave the cellar',
    allow: 'tasting.lead',
    input: z.strictObject({
      ...based,
      opened: z
        .array(z.strictObject({ wineId: z.uuid(), bottles: z.number().int().min(0).max(500) }))
        .max(60)
        .refine((opened) => new Set(opened.map((entry) => entry.wineId)).size === opened.length, 'names a wine twice')
        .optional(),
    }),
    output: ticked,
  }),
  bottles: read({
    name: 'tasting.bottles',
    method: 'GET',
    path: '/tastings/{id}/bottles',
    summary: 'How many bottles of each wine were probably opened, by who came and what was put aside, and how many the cellar holds',
    allow: 'tasting.lead',
    input: one,
    output: z.object({
      wines: z.array(z.object({ wineId: z.string(), name: z.string(), bottles: z.number(), held: z.number(), formatMl: z.number(), because: z.string() })),
    }),
  }),
  faultSheet: read({
    name: 'tasting.faultSheet',
    method: 'GET',
    path: '/tastings/{id}/glasses/{glassId}/fault-sheet',
    summary: 'A sheet about a bottle that was put aside, for its merchant: what it was, what was found by how many, and what was done',
    allow: 'tasting.lead',
    budget: 'long work',
    files: ['application/pdf'],
    input: z.strictObject({ id: z.uuid(), glassId: z.uuid() }),
    output: nothing,
  }),
  recap: read({
    name: 'tasting.recap',
    method: 'GET',
    path: '/tastings/{id}/recap',
    summary: 'An evening looked back on: how the wines went, what the table smelt, a food with each, who came, and what was promised',
    allow: 'tasting.lead',
    input: one,
    output: z.object({
      wines: z.array(
        z.object({
          place: z.number(),
          code: z.string(),
          wine: z.object({ id: z.string(), name: z.string(), producer: z.string() }).nullable(),
          quality: z.object({ middle: z.number(), low: z.number(), high: z.number(), people: z.number() }).nullable(),
          liking: z.object({ middle: z.number(), people: z.number() }).nullable(),
          smells: z.array(z.object({ name: z.string(), people: z.number() })),
          food: z.string(),
        }),
      ),
      says: z.array(z.string()),
      came: z.array(z.object({ seat: z.number(), name: z.string() })),
      course: z.object({ id: z.string(), name: z.string() }).nullable(),
      promised: z.string(),
      opened: z.array(z.object({ name: z.string(), bottles: z.number() })),
      aside: z.array(z.object({ glassId: z.string(), place: z.number(), code: z.string() })),
    }),
  }),
  belongs: act({
    name: 'tasting.belongs',
    method: 'PUT',
    path: '/tastings/{id}/course',
    summary: 'Puts an evening into a course, or takes it out, and keeps what was promised for next time',
    allow: 'tasting.lead',
    input: z.strictObject({ id: z.uuid(), courseId: z.uuid().nullable(), promised: z.string().trim().max(2000) }),
    output: done,
  }),
  calls: read({
    name: 'tasting.calls',
    method: 'GET',
    path: '/tastings/{id}/glasses/{glassId}/calls',
    summary: 'What the table called of a glass, fact by fact as far as it is uncovered, against guessing; nobody is named',
    allow: 'tasting.lead',
    input: z.strictObject({ id: z.uuid(), glassId: z.uuid(), simulated: z.enum(['yes']).optional(), marked: z.enum(['yes']).optional() }),
    output: z.object({
      /** Calls that were helped, or made with a clue in sight: counted only where `marked` asks for them. */
      helped: z.number(),
      locked: z.number(),
      people: z.number(),
      facts: z.array(
        z.object({
          fact,
          truth: z.string(),
          calls: z.array(z.object({ says: z.string(), people: z.number(), credit: z.number(), why: z.string() })),
          none: z.number(),
          /** How many had it right, near or wrong after each look, where somebody left more than one idea. */
          moved: z.array(z.object({ at: z.enum(stages), whole: z.number(), near: z.number(), wrong: z.number(), none: z.number() })),
          verdict: z.string(),
          luck: z.string(),
        }),
      ),
      /** Why it costs what it costs, by what is on record; null until its name is known. */
      costs: z.array(z.object({ way: z.enum(['dearer', 'cheaper']), says: z.string(), because: z.string() })).nullable(),
    }),
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
