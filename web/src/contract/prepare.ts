import { z } from 'zod';
import { instant } from '@rose/core/wine/day-schema';
import { keysOf } from '@rose/core/wine/keys';
import { media } from '@rose/knowledge/cooling-places/index';
import { timetable } from './computed';
import { act, done, nothing, one, read } from './contract';
import { papers, printKinds } from './prints';
import { probeRun } from './venue-settings';

export const listLine = z.object({ id: z.string(), text: z.string(), because: z.string() });
export const printKind = z.enum(keysOf(printKinds));

/** What gets a flight ready: its afternoon, its lists, its seats, its calendar and its prints. */
export const afternoon = {
  timetable: read({
    name: 'flight.timetable',
    budget: 'long work',
    method: 'GET',
    path: '/flights/{id}/timetable',
    summary: 'The timetable counted back from the first pour, its conflicts and the cheapest way out; with `now`, made anew from that instant',
    allow: 'read',
    input: z.strictObject({ id: z.uuid(), now: instant.optional() }),
    output: timetable,
  }),
  temperature: read({
    name: 'flight.temperature',
    budget: 'long work',
    method: 'GET',
    path: '/flights/{id}/temperature',
    summary: 'For each wine: its band, the ways into it, the temperature through the planned evening and what would put it right',
    allow: 'read',
    input: one,
    output: z.object({
      wines: z.array(
        z.object({
          wine: z.string(),
          name: z.string(),
          band: z.object({ name: z.string(), low: z.number(), high: z.number(), source: z.string() }),
          aim: z.number(),
          routes: z.array(z.object({ id: z.string(), medium: z.string(), least: z.number(), most: z.number(), out: z.number(), atPour: z.number() })),
          chosen: z.string().nullable(),
          atPour: z.number(),
          off: z.number(),
          says: z.string(),
          remedy: z.object({ minutes: z.number(), at: z.number() }).nullable(),
          curve: z.array(z.object({ at: z.number(), celsius: z.number() })),
          air: z.object({
            choice: z.string(),
            minutes: z.number(),
            doubt: z.string(),
            risk: z.string(),
            because: z.array(z.string()),
            against: z.array(z.string()),
            others: z.string(),
            test: z.boolean(),
          }),
        }),
      ),
    }),
  }),
  lists: read({
    name: 'flight.lists',
    budget: 'long work',
    method: 'GET',
    path: '/flights/{id}/lists',
    summary: 'Room checks, blindness checklist, packing and shopping lists, and how to open each bottle',
    allow: 'read',
    input: one,
    output: z.object({
      room: z.array(listLine),
      blindness: z.array(listLine),
      packing: z.array(listLine),
      shopping: z.array(listLine.extend({ amount: z.number(), unit: z.string(), costMinor: z.number().nullable() })),
      opening: z.array(
        z.object({
          wine: z.string(),
          name: z.string(),
          closure: z.string(),
          steps: z.array(z.string()),
          pressure: z.object({ over: z.number(), celsius: z.number(), from: z.string(), says: z.string() }).nullable(),
          cautions: z.array(z.string()),
        }),
      ),
    }),
  }),
  design: read({
    name: 'flight.design',
    method: 'GET',
    path: '/flights/{id}/design',
    summary: 'Who tastes what when: letters for a table, an order and three-digit codes a seat for a panel, and how balanced it is',
    allow: 'read',
    input: one,
    output: z.object({
      kind: z.enum(['table', 'panel']),
      seats: z.array(z.object({ seat: z.number(), glasses: z.array(z.object({ label: z.string(), wine: z.string() })) })),
      pairs: z.object({ least: z.number(), most: z.number(), balanced: z.boolean() }).nullable(),
    }),
  }),
  sendCalendar: act({
    name: 'flight.sendCalendar',
    method: 'POST',
    path: '/flights/{id}/calendars',
    summary: 'Makes the calendar of the afternoon anew: ids stay, what changed rises in sequence, what was dropped is cancelled',
    allow: 'flight.edit',
    input: one,
    files: ['text/calendar'],
    output: z.object({}),
  }),
  makeFeed: act({
    name: 'flight.makeFeed',
    method: 'POST',
    path: '/flights/{id}/feeds',
    summary: 'Makes a secret link to the calendar, for reading; a link made before stops working',
    allow: 'flight.edit',
    input: one,
    output: z.object({ link: z.string() }),
  }),
  revokeFeed: act({
    name: 'flight.revokeFeed',
    method: 'DELETE',
    path: '/flights/{id}/feeds',
    summary: 'Revokes the secret link to the calendar',
    allow: 'flight.edit',
    input: one,
    output: done,
  }),
  calendarState: read({
    name: 'flight.calendarState',
    method: 'GET',
    path: '/flights/{id}/calendars',
    summary: 'Whether a calendar was sent, and whether a secret link reads it',
    allow: 'read',
    input: one,
    output: z.object({ events: z.number(), cancelled: z.number(), sentAt: z.string().nullable(), feed: z.boolean() }),
  }),
  feed: read({
    name: 'flight.feed',
    method: 'GET',
    path: '/calendars/{code}',
    summary: 'A calendar by its secret link, as it was last sent',
    allow: 'anyone',
    limit: { points: 120, seconds: 3_600, key: (input) => input.code },
    input: z.strictObject({ code: z.string().min(1).max(200) }),
    files: ['text/calendar'],
    output: z.object({}),
  }),
  print: act({
    name: 'flight.print',
    budget: 'long work',
    method: 'POST',
    path: '/flights/{id}/prints',
    summary: 'Draws a print as PDF and remembers which facts it was drawn from',
    allow: 'flight.edit',
    input: z.strictObject({ id: z.uuid(), kind: printKind, paper: z.enum(keysOf(papers)).default('a4') }),
    files: ['application/pdf'],
    transaction: false,
    output: z.object({}),
  }),
  prints: read({
    name: 'flight.prints',
    method: 'GET',
    path: '/flights/{id}/prints',
    summary: 'The prints of a flight: which were made, of which plan, and what has changed since',
    allow: 'read',
    input: one,
    output: z.object({
      plan: z.number(),
      prints: z.array(
        z.object({
          kind: printKind,
          label: z.string(),
          guests: z.boolean(),
          made: z.object({ plan: z.number(), paper: z.string(), at: z.string(), outOfDate: z.boolean(), changed: z.array(z.string()) }).nullable(),
        }),
      ),
    }),
  }),
};

export const probe = {
  add: act({
    name: 'probe.add',
    method: 'POST',
    path: '/probes',
    summary: 'Keeps the readings of a probe in the venue’s own fridge, bucket, freezer or room',
    allow: 'probe.edit',
    input: probeRun,
    output: done,
  }),
  remove: act({
    name: 'probe.remove',
    method: 'DELETE',
    path: '/probes/{id}',
    summary: 'Forgets the readings of a probe',
    allow: 'probe.edit',
    input: one,
    output: done,
  }),
  list: read({
    name: 'probe.list',
    method: 'GET',
    path: '/probes',
    summary: 'Readings of the venue’s own places, each with the time constant it gives and how sure that is; and the constants in use',
    allow: 'read',
    input: nothing,
    output: z.object({
      runs: z.array(
        probeRun.extend({
          fit: z.object({ tau: z.number(), low: z.number().nullable(), high: z.number().nullable(), scatter: z.number(), says: z.string() }).nullable(),
        }),
      ),
      inUse: z.array(z.object({ medium: z.string(), name: z.string(), tau: z.number(), from: z.string() })),
    }),
  }),
  simulate: read({
    name: 'probe.simulate',
    method: 'POST',
    path: '/probe-simulations',
    summary: 'Readings of the simulated probe: a bottle in a place, read every few minutes with noise of 0.3 °C',
    allow: 'read',
    input: z.strictObject({
      medium: z.enum(keysOf(media)),
      formatMl: z.number().min(50).max(20_000),
      startC: z.number().min(-10).max(40),
      minutes: z.number().min(1).max(600),
      count: z.number().int().min(1).max(60),
      seed: z
        .number()
        .int()
        .min(0)
        .max(2 ** 31),
    }),
    output: z.object({ ambientC: z.number(), readings: z.array(z.object({ minutes: z.number(), celsius: z.number() })) }),
  }),
};
