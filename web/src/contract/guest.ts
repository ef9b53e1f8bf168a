import { z } from 'zod';
import { rankable } from '@rose/core/call/sets';
import { doubtSmells } from '@rose/core/tasting/doubts';
import { arrival, guestCard } from '@rose/core/tasting/guest-schema';
import { uncoverable } from '@rose/core/tasting/program';
import { carriedRoutine } from '@rose/core/routine/routine-schema';
import { keysOf } from '@rose/core/wine/keys';
import { moments } from '@rose/core/wine/note';
import { noteDocument } from '@rose/core/wine/note-schema';
import { act, done, nothing, one, read, savedOutput, writeInput } from './contract';
import { tableState } from './live';

const moment = z.enum(keysOf(moments));
const code = z.string().trim().toUpperCase().max(20);
/** A key of the guest's own, kept on their device: it finds them again and names nobody. */
const key = z.string().regex(/^[\w-]{20,80}$/);

/** An evening as somebody who is asked to it reads it. */
export const invited = z.object({
  when: z.string(),
  starts: z.string(),
  ends: z.string(),
  glasses: z.string(),
  pours: z.string(),
  ready: z.array(z.string()),
  temperatures: z.string(),
  wines: z.array(z.object({ label: z.string(), name: z.string(), about: z.string(), instead: z.string(), fridge: z.string() })),
  caution: z.string(),
});
/** What somebody takes home of an evening: their own words and calls, and the wines as far as they were uncovered. */
const takenHome = z.object({
  evening: z.string(),
  venue: z.string(),
  guest: z.string(),
  until: z.string(),
  wines: z.array(
    z.object({
      place: z.number(),
      code: z.string(),
      rejected: z.boolean(),
      wine: z.object({ name: z.string(), producer: z.string(), about: z.string() }).nullable(),
      note: z.string(),
      calls: z.array(z.object({ fact: z.string(), truth: z.string(), says: z.string(), why: z.string() })),
      costs: z.array(z.string()),
      serve: z.string(),
      food: z.string(),
      told: z.object({ text: z.string(), link: z.string() }).nullable(),
    }),
  ),
});

/** What a guest of a tasting may ask and do. A glass is a place and a code until it is uncovered; nothing here is worked out from what it holds. */
export const guest = {
  find: read({
    name: 'guest.find',
    method: 'POST',
    path: '/joins/found',
    summary: 'The evening a code leads to: its name and what is stated of it before one sits down',
    allow: 'anyone',
    browserOnly: true,
    input: z.strictObject({ code, key: z.string().max(64).optional() }),
    output: z.object({
      name: z.string(),
      venue: z.string(),
      allergens: z.array(z.string()),
      started: z.boolean(),
      drinkingAge: z.number().nullable(),
      /** What to have ready, until the evening has begun; of a blind flight nothing that tells a wine. */
      invitation: invited.nullable(),
    }),
  }),
  join: act({
    name: 'guest.join',
    method: 'POST',
    path: '/joins',
    summary: 'Sits down at a tasting, with a name alone; who was there with the same key comes back to their seat',
    allow: 'anyone',
    browserOnly: true,
    transaction: false,
    input: z.strictObject({
      code,
      key: z.string().max(64).optional(),
      /** A secret the device made for this seat: sent twice, the seat is taken once. */
      seat: key,
      name: z.string().trim().min(1, 'give a name').max(40),
      /** A key the guest keeps, which finds them again on another device and another evening. */
      own: key.optional(),
    }),
    output: z.object({ seat: z.number(), name: z.string() }),
  }),
  tasting: read({
    name: 'guest.tasting',
    method: 'GET',
    path: '/guest/tasting',
    summary: 'The tasting a guest sits at: the evening as their seat sees it, and their own notes',
    allow: 'guest',
    browserOnly: true,
    input: nothing,
    output: z.object({
      /** A word of this evening that tells nothing else, for what a device keeps of it. */
      evening: z.string(),
      state: tableState,
      routine: carriedRoutine,
      guest: z.string(),
      seat: z.number(),
      arrival: arrival.nullable(),
      card: guestCard.nullable(),
      keeps: z.boolean(),
      notes: z.array(
        z.object({
          id: z.string(),
          glassId: z.string(),
          moment,
          revision: z.number(),
          locked: z.boolean(),
        }),
      ),
      answered: z.object({ pollId: z.string(), option: z.number(), ranking: z.array(z.number()).nullable() }).nullable(),
      /** Their own bottles that are others than the flight's. */
      bottles: z.array(z.object({ glassId: z.string(), says: z.string() })),
      /** Whether the host has left hints to ask for: of any wine, so that it tells of none. */
      hints: z.boolean(),
      /** Until when the link to what they take home opens; null where they made none. */
      takeawayUntil: z.string().nullable(),
    }),
  }),
  stream: read({
    name: 'guest.stream',
    method: 'GET',
    path: '/guest/stream',
    summary: 'The evening as it goes, as server-sent events: the whole state at every tick that changes it',
    allow: 'guest',
    browserOnly: true,
    files: ['text/event-stream'],
    input: nothing,
    output: nothing,
  }),
  begin: act({
    name: 'guest.begin',
    method: 'POST',
    path: '/guest/notes',
    summary: 'Begins the guest’s note on a glass that was poured for them; begun before, it is found again',
    allow: 'guest',
    browserOnly: true,
    input: z.strictObject({ noteId: z.uuid(), glassId: z.uuid(), moment: moment.default('first') }),
    output: savedOutput,
  }),
  note: read({
    name: 'guest.note',
    method: 'GET',
    path: '/guest/notes/{id}',
    summary: 'The guest’s own note',
    allow: 'guest',
    browserOnly: true,
    input: one,
    output: z.object({ id: z.string(), glassId: z.string(), moment, revision: z.number(), document: noteDocument, locked: z.boolean() }),
  }),
  saveNote: act({
    name: 'guest.saveNote',
    method: 'PUT',
    path: '/guest/notes/{id}',
    summary: 'Saves the guest’s own note under its revision, with the last tick the device had seen when it was written',
    allow: 'guest',
    browserOnly: true,
    input: writeInput(noteDocument).extend({ seen: z.number().int().min(0).optional() }),
    output: savedOutput,
  }),
  lock: act({
    name: 'guest.lock',
    method: 'POST',
    path: '/guest/locks',
    summary: 'The guest is done with a glass: what they wrote is kept for the calls. Nothing of others having been shown, a lock can be taken back',
    allow: 'guest',
    browserOnly: true,
    input: z.strictObject({ glassId: z.uuid(), locked: z.boolean() }),
    output: z.object({ locked: z.boolean() }),
  }),
  table: act({
    name: 'guest.table',
    method: 'POST',
    path: '/guest/tables',
    summary: 'What the table found in a glass, after one’s own lock: names of nobody. From here on what one writes of it is a second version',
    allow: 'guest',
    browserOnly: true,
    input: z.strictObject({ glassId: z.uuid() }),
    output: z.object({
      people: z.number(),
      readings: z.array(z.object({ label: z.string(), mine: z.string(), table: z.string() })),
      smells: z.array(z.string()),
    }),
  }),
  marks: read({
    name: 'guest.marks',
    method: 'GET',
    path: '/guest/marks',
    summary: 'How the guest’s own calls did, for every fact that is uncovered',
    allow: 'guest',
    browserOnly: true,
    input: nothing,
    output: z.object({
      /** How they matched the list to the glasses, against luck; null where there is no list, or too little to say. */
      matched: z.object({ right: z.number(), of: z.number(), luck: z.string() }).nullable(),
      marks: z.array(
        z.object({
          glassId: z.string(),
          fact: z.enum(keysOf(uncoverable)),
          truth: z.string(),
          call: z
            .object({
              says: z.string(),
              credit: z.number(),
              why: z.string(),
              certainty: z.number(),
              helped: z.boolean(),
              path: z.array(z.object({ at: z.string(), says: z.string(), credit: z.number() })),
              turned: z.object({ at: z.string(), better: z.boolean() }).nullable(),
            })
            .nullable(),
          /** What one wrote that spoke for the truth, and what against it, bits. */
          spoke: z.object({
            helped: z.array(z.object({ what: z.string(), bits: z.number() })),
            misled: z.array(z.object({ what: z.string(), bits: z.number() })),
          }),
        }),
      ),
    }),
  }),
  told: read({
    name: 'guest.told',
    method: 'GET',
    path: '/guest/told',
    summary: 'Wines whose name is known, with what the host wrote of them for guests',
    allow: 'guest',
    browserOnly: true,
    input: nothing,
    output: z.object({ told: z.array(z.object({ glassId: z.string(), name: z.string(), producer: z.string(), text: z.string(), link: z.string() })) }),
  }),
  hint: act({
    name: 'guest.hint',
    method: 'POST',
    path: '/guest/hints',
    summary: 'The host’s hint for a glass, for who has named one thing of it first; a call made with it is marked',
    allow: 'guest',
    browserOnly: true,
    input: z.strictObject({ glassId: z.uuid() }),
    output: z.object({ hint: z.string().nullable() }),
  }),
  bottle: act({
    name: 'guest.bottle',
    method: 'PUT',
    path: '/guest/bottles',
    summary: 'Says that the guest’s own bottle is another than the flight’s, and which; their notes on it are kept apart. Null takes it back',
    allow: 'guest',
    browserOnly: true,
    input: z.strictObject({ glassId: z.uuid(), says: z.string().trim().min(1, 'say which bottle it is').max(200).nullable() }),
    output: done,
  }),
  keep: act({
    name: 'guest.keep',
    method: 'POST',
    path: '/guest/takeaways',
    summary: 'Makes a secret link to what the guest takes home, open for 90 days, or ends it; a new one ends the one before',
    allow: 'guest',
    browserOnly: true,
    input: z.strictObject({ on: z.boolean() }),
    output: z.object({ code: z.string().nullable(), until: z.string().nullable() }),
  }),
  takeaway: read({
    name: 'guest.takeaway',
    method: 'GET',
    path: '/takeaways/{code}',
    summary: 'What somebody takes home of an evening, by the secret of their link',
    allow: 'anyone',
    browserOnly: true,
    input: z.strictObject({ code: z.string().min(20).max(80) }),
    output: takenHome,
  }),
  endTakeaway: act({
    name: 'guest.endTakeaway',
    method: 'POST',
    path: '/takeaways/{code}/endings',
    summary: 'Ends a link to what somebody takes home',
    allow: 'anyone',
    browserOnly: true,
    input: z.strictObject({ code: z.string().min(20).max(80) }),
    output: done,
  }),
  arrive: act({
    name: 'guest.arrive',
    method: 'PUT',
    path: '/guest/arrival',
    summary: 'What bends a reading tonight: a cold, coffee, toothpaste, perfume, or having eaten',
    allow: 'guest',
    browserOnly: true,
    input: z.strictObject({ arrival }),
    output: done,
  }),
  share: act({
    name: 'guest.share',
    method: 'PUT',
    path: '/guest/card',
    summary: 'Shares the guest’s card with the host, or takes it back',
    allow: 'guest',
    browserOnly: true,
    input: z.strictObject({ card: guestCard.nullable() }),
    output: done,
  }),
  doubt: act({
    name: 'guest.doubt',
    method: 'PUT',
    path: '/guest/doubts',
    summary: 'Tells the host alone that a glass seems not sound, or takes that back',
    allow: 'guest',
    browserOnly: true,
    input: z.strictObject({ glassId: z.uuid(), smells: z.enum(keysOf(doubtSmells)).nullable() }),
    output: done,
  }),
  answer: act({
    name: 'guest.answer',
    method: 'PUT',
    path: '/guest/answers/{id}',
    summary: 'Answers the question that was put to the table, with an option, or with all of them in order where that was asked; the last answer counts',
    allow: 'guest',
    browserOnly: true,
    input: z.strictObject({
      id: z.uuid(),
      /** The option; of an order its first. */
      option: z.number().int().min(0).max(5),
      ranking: z
        .array(z.number().int().min(0).max(5))
        .min(rankable.least)
        .max(rankable.most)
        .refine((order) => new Set(order).size === order.length, 'each once')
        .optional(),
    }),
    output: done,
  }),
  wait: act({
    name: 'guest.wait',
    method: 'POST',
    path: '/guest/waits',
    summary: 'Asks the host for a minute more',
    allow: 'guest',
    browserOnly: true,
    input: nothing,
    output: done,
  }),
  leave: act({
    name: 'guest.leave',
    method: 'POST',
    path: '/guest/departures',
    summary: 'Leaves the table; with `forget`, the name and the card are deleted and the notes stay under no name',
    allow: 'guest',
    browserOnly: true,
    input: z.strictObject({ forget: z.boolean() }),
    output: done,
  }),
};
