import { z } from 'zod';
import { byId } from '../document/merge-marks';

/** The stored dish. */
export const dishDocument = z.strictObject({
  schema: z.literal(1),
  name: z.string().trim().min(1, 'give the dish a name').max(200),
  parts: byId(
    z.array(z.strictObject({ id: z.string().min(1).max(64), part: z.string().min(1).max(64), grams: z.number().min(0).max(2000).optional() })).max(40),
  ),
  remark: z.string().max(10_000),
});
