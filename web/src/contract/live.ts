import { z } from 'zod';
import { blindKinds } from '@rose/core/flight/flight';
import { stop } from '@rose/core/tasting/program-schema';
import { uncoverable } from '@rose/core/tasting/program';
import { keysOf } from '@rose/core/wine/keys';

/** A glass as everybody at the table knows it: a place, a code, and what was uncovered. */
const shownGlass = z.object({
  id: z.string(),
  place: z.number(),
  code: z.string(),
  rejected: z.boolean(),
  /** Something of it was uncovered: what is written from now on is not blind. */
  closed: z.boolean(),
  revealed: z.boolean(),
  facts: z.array(z.object({ fact: z.enum(keysOf(uncoverable)), says: z.string() })),
});
/** The whole public state of an evening at one tick, as a seat sees it. Instants are the server's. */
export const tableState = z.object({
  tick: z.number(),
  name: z.string(),
  blind: z.enum(keysOf(blindKinds)),
  over: z.boolean(),
  /** Wines on the table in all; in a panel the glasses of a seat. */
  wines: z.number(),
  /** Each seat has glasses in an order of its own. */
  panel: z.boolean(),
  stop,
  next: stop.nullable(),
  since: z.string(),
  paused: z.string().nullable(),
  rested: z.number(),
  /** Minutes the present stop is given. */
  minutes: z.number(),
  glasses: z.array(shownGlass),
  poll: z.object({ id: z.string(), place: z.number().nullable(), question: z.string(), options: z.array(z.string()), ranked: z.boolean() }).nullable(),
  allergens: z.array(z.string()),
  /** The wines by name, where the list is known and the order is not. */
  list: z.array(z.object({ name: z.string(), producer: z.string() })).nullable(),
});
