import { z } from 'zod';
import { moments } from '@rose/core/wine/note';
import { keysOf } from '@rose/core/wine/keys';
import { factIds } from '@rose/core/wine/facts';
import { act, done, nothing, read } from './contract';

/** A fact to find out of a wine, and why it is asked for first. */
const asked = z.object({ wine: z.string(), name: z.string(), fact: z.enum(factIds), label: z.string(), more: z.number(), inFlight: z.boolean() });
const noted = z.object({ id: z.string(), title: z.string(), moment: z.enum(keysOf(moments)), day: z.string() });

export const today = {
  get: read({
    name: 'today.get',
    method: 'GET',
    path: '/today',
    summary: 'What waits for the caller: the next evening, unfinished notes, glasses to come back to, bottles to find out about',
    allow: 'read',
    input: nothing,
    output: z.object({
      /** The next flight with a date, or the one changed last that has none. */
      flight: z.object({ id: z.string(), name: z.string() }).nullable(),
      unfinished: z.array(noted),
      again: z.array(noted.extend({ year: z.number() })),
      toFindOut: z.array(asked),
      has: z.object({ wines: z.number(), flights: z.number(), notes: z.number() }),
      /** How many of the wines to play with are in the cellar. */
      toPlayWith: z.number(),
    }),
  }),
  search: read({
    name: 'today.search',
    method: 'GET',
    path: '/search',
    summary: 'Wines, flights, dishes, menus and notes by name: those that begin with the words first',
    allow: 'read',
    input: z.strictObject({ q: z.string().max(200).default('') }),
    output: z.object({
      found: z.array(z.object({ kind: z.enum(['wine', 'flight', 'dish', 'menu', 'note']), id: z.string(), name: z.string(), says: z.string() })),
    }),
  }),
};

export const sample = {
  load: act({
    name: 'sample.load',
    method: 'POST',
    path: '/wines/to-play-with',
    summary: 'Puts invented wines into the cellar to play with; those that are there already stay as they are',
    allow: 'cellar.edit',
    input: nothing,
    output: z.object({ wines: z.number() }),
  }),
  takeOut: act({
    name: 'sample.takeOut',
    method: 'DELETE',
    path: '/wines/to-play-with',
    summary: 'Takes the invented wines out of the cellar again; notes on them stay',
    allow: 'cellar.edit',
    input: nothing,
    output: done,
  }),
  hangsOn: read({
    name: 'sample.hangsOn',
    method: 'GET',
    path: '/wines/to-play-with/dependents',
    summary: 'What hangs on the invented wines',
    allow: 'cellar.edit',
    input: nothing,
    output: z.object({ wines: z.number(), notes: z.number(), flights: z.array(z.string()) }),
  }),
};
