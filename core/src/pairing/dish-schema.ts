import { z } from 'zod';
import { byId } from '../document/merge-marks';
import { keysOf } from '../wine/keys';
import { mostTries } from './dish-document';
import { verdictNames } from './verdict';
import { pairingWine } from './wine-schema';

/** Ways of cooking by id, in the order they are done. */
export const ways = z.array(z.string().min(1).max(64)).max(4);
/** The parts of a dish. `cooked` is done to the part alone; a way of cooking that is a row of its own is done to the bases. */
export const dishParts = z
  .array(
    z.strictObject({
      id: z.string().min(1).max(64),
      part: z.string().min(1).max(64),
      grams: z.number().min(0).max(2000).optional(),
      cooked: ways.optional(),
    }),
  )
  .max(40);
const text = (most: number) => z.string().min(1).max(most);
/** A wine that was tried with the dish, both as they were then, with what was found. */
const tried = z.strictObject({
  id: text(64),
  wine: z.strictObject({
    ...pairingWine.shape,
    id: text(64),
    name: text(300),
    loads: z.record(pairingWine.shape.loads.keyType, z.number().min(0).max(100)),
    echoes: pairingWine.shape.echoes.max(20),
    homes: z.array(text(8)).max(12).optional(),
  }),
  parts: z
    .array(dishParts.element.omit({ id: true }))
    .min(1)
    .max(40),
  verdict: z.enum(keysOf(verdictNames)),
  on: z.iso.date(),
});
/** The stored dish. */
export const dishDocument = z.strictObject({
  schema: z.literal(1),
  name: z.string().trim().min(1, 'give the dish a name').max(200),
  parts: byId(dishParts),
  remark: z.string().max(10_000),
  /** The kitchen it comes from, by name. */
  cuisine: z.string().max(60).optional(),
  tries: byId(z.array(tried).max(mostTries)).optional(),
});
