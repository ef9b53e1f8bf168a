import { z } from 'zod';
import { flightDocument, pin, presentFlight, rest } from '@rose/core/flight/flight-schema';
import { emptyFlight } from '@rose/core/flight/flight';
import { schools } from '@rose/core/order/ordering-rules';
import { mostRests } from '@rose/core/order/solve';
import { themeIds } from '@rose/core/theme/theme';
import { localTime } from '@rose/core/wine/day-schema';
import { amounts, flightWine, venueFacts } from './computed';
import { because } from './because';
import { act, one, read, removal, savedOutput, whole, writeInput } from './contract';
import { afternoon } from './prepare';
import { onlyRegistered } from './registered';

const schoolId = z.enum(schools.map((school) => school.id));
/** The best order at one end of an assumed value, 0–100, and the strain it takes off against the best order of today. */
const doubtEnd = z.object({ value: z.number(), order: z.array(z.string()), gain: z.number() });

export const judgement = z.object({
  order: z.array(z.string()),
  rests: z.array(rest),
  strain: z.number(),
  steps: z.array(
    z.object({
      wine: z.string(),
      height: z.number(),
      strain: z.number(),
      because,
    }),
  ),
});

export const flight = {
  save: act({
    name: 'flight.save',
    method: 'PUT',
    path: '/flights/{id}',
    summary: 'Saves a flight: its wines and order, pins, rests, school, guests, pour, goals and what is done of the afternoon',
    allow: 'flight.edit',
    input: writeInput(flightDocument.superRefine(onlyRegistered)),
    example: { writeId: 'w1', baseRevision: 0, document: { ...emptyFlight, name: 'Fire and salt', starts: '2026-12-03T19:00' } },
    output: savedOutput,
  }),
  ...removal('flight', 'flights', 'flight.edit'),
  hangsOn: read({
    name: 'flight.hangsOn',
    method: 'GET',
    path: '/flights/{id}/dependents',
    summary: 'What hangs on a flight: tastings held by it, the notes of them, and prints',
    allow: 'read',
    input: one,
    output: z.object({ tastings: z.number(), notes: z.number(), prints: z.number() }),
  }),
  list: read({
    name: 'flight.list',
    method: 'GET',
    path: '/flights',
    summary: 'The flights of the venue',
    allow: 'read',
    input: z.strictObject({
      q: z.string().max(200).default(''),
      /** Still to come, or without a date yet; or poured. */
      when: z.enum(['coming', 'poured']).optional(),
    }),
    output: z.object({ flights: z.array(z.object({ id: z.string(), name: z.string(), starts: z.string(), guests: z.number(), wines: z.number() })) }),
  }),
  get: read({
    name: 'flight.get',
    method: 'GET',
    path: '/flights/{id}',
    summary: 'A flight with its wines as the solvers take them, and the venue’s measures and means',
    allow: 'read',
    input: one,
    output: z.object({
      id: z.string(),
      revision: z.number(),
      plan: z.number(),
      document: presentFlight,
      wines: z.array(flightWine),
      venue: venueFacts,
      timeZone: z.string(),
    }),
  }),
  copy: act({
    name: 'flight.copy',
    method: 'POST',
    path: '/flights/{id}/copies',
    summary: 'Copies a flight to another date; what was done, opened or poured stays behind',
    allow: 'flight.edit',
    input: z.strictObject({
      id: z.uuid(),
      newId: z.uuid(),
      name: z.string().trim().min(1).max(200).optional(),
      starts: z.union([z.literal(''), localTime]).optional(),
    }),
    output: savedOutput,
  }),
  shared: read({
    name: 'flight.shared',
    method: 'GET',
    path: '/flights/{id}/shared-bottles',
    summary: 'Wines that other coming flights need too, with bottles needed and held',
    allow: 'read',
    input: one,
    output: z.object({
      wines: z.array(
        z.object({
          wine: z.string(),
          name: z.string(),
          held: z.number(),
          needed: z.number(),
          flights: z.array(z.object({ id: z.string(), name: z.string(), starts: z.string(), needed: z.number() })),
        }),
      ),
    }),
  }),
  moveView: read({
    name: 'flight.moveView',
    method: 'GET',
    path: '/flights/{id}/moves',
    summary: 'What moves when a flight moves to another date: its instant, the ages of its wines, the flights it then meets',
    allow: 'read',
    input: z.strictObject({ id: z.uuid(), starts: localTime }),
    output: z.object({
      from: z.string(),
      to: z.string(),
      instant: z.string(),
      local: z.string(),
      sameDay: z.array(z.object({ id: z.string(), name: z.string(), starts: z.string() })),
      done: z.number(),
      printed: z.boolean(),
    }),
  }),
  order: read({
    name: 'flight.order',
    budget: 'long work',
    method: 'GET',
    path: '/flights/{id}/order',
    summary: 'Judges the order of a flight, finds the best one and the best single move, by the chosen school and number of rests',
    allow: 'read',
    input: z.strictObject({
      id: z.uuid(),
      school: schoolId.optional(),
      rests: whole(0, mostRests).optional(),
      /** Another order to judge: wine ids with commas between. */
      order: z.string().max(2_000).optional(),
    }),
    output: z.object({
      school: z.string(),
      now: judgement,
      best: judgement.nullable(),
      sections: z.array(z.array(z.string())),
      move: z.object({ kind: z.string(), wine: z.string(), other: z.string(), fall: z.number(), order: z.array(z.string()), rests: z.array(rest) }).nullable(),
      impossible: z.boolean(),
      contradicting: z.array(pin),
    }),
  }),
  schools: read({
    name: 'flight.schools',
    method: 'GET',
    path: '/flights/{id}/schools',
    summary: 'What each school would pour, and which wines stand elsewhere than now',
    allow: 'read',
    input: one,
    output: z.object({
      schools: z.array(
        z.object({
          school: z.string(),
          order: z.array(z.string()),
          strain: z.number().nullable(),
          moves: z.array(z.object({ wine: z.string(), from: z.number(), to: z.number() })),
        }),
      ),
    }),
  }),
  doubts: read({
    name: 'flight.doubts',
    method: 'GET',
    path: '/flights/{id}/doubts',
    summary: 'The missing facts on which the best order turns, the most telling first, with the order at either end of the style’s span (up to 11 wines)',
    allow: 'read',
    input: one,
    output: z.object({
      tooMany: z.boolean(),
      doubts: z.array(
        z.object({
          wine: z.string(),
          fact: z.string(),
          assumedFrom: z.string(),
          best: z.array(z.string()),
          low: doubtEnd,
          high: doubtEnd,
        }),
      ),
    }),
  }),
  propose: read({
    name: 'flight.propose',
    budget: 'long work',
    method: 'POST',
    path: '/flight-proposals',
    summary: 'Proposes sets of cellar wines for a theme, each with its reason; with none, what comes nearest and what it lacks',
    allow: 'read',
    input: z.strictObject({
      theme: z.enum(themeIds),
      most: z.number().int().min(2).max(16).default(8),
      dish: z.uuid().nullable().default(null),
      held: z.boolean().default(false),
    }),
    output: z.object({
      proposals: z.array(z.object({ wines: z.array(z.object({ id: z.string(), name: z.string() })), because: z.string() })),
      more: z.number(),
      nearest: z.object({ wines: z.array(z.object({ id: z.string(), name: z.string() })), because: z.string() }).nullable(),
    }),
  }),
  quantities: read({
    name: 'flight.quantities',
    method: 'GET',
    path: '/flights/{id}/quantities',
    summary: 'Bottles by volume and by whole pours, spares, glasses, alcohol a head in grams and standard drinks, water, bread, cost a head, goals',
    allow: 'read',
    input: one,
    output: amounts,
  }),
  ...afternoon,
};
