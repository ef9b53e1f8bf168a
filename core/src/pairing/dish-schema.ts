import { z } from 'zod';
import { byId } from '../document/merge-marks';

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
/** The stored dish. */
export const dishDocument = z.strictObject({
  schema: z.literal(1),
  name: z.string().trim().min(1, 'give the dish a name').max(200),
  parts: byId(dishParts),
  remark: z.string().max(10_000),
});
