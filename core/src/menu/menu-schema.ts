import { z } from 'zod';
import { byId } from '../document/merge-marks';
import { keysOf } from '../wine/keys';
import { mostCourses, pourings, thrifts } from './menu-document';
import { dishParts } from '../pairing/dish-schema';

/** Which wines a menu is chosen from. */
export const among = z.string().regex(/^(cellar|styles|flight:[0-9a-f-]{36})$/, 'cellar, styles or flight:… with its id');

/** The stored menu. A course holds its dish as it was when it was put there. Seats are numbers: what a guest must not eat is kept without a name. */
export const menuDocument = z.strictObject({
  schema: z.literal(1),
  name: z.string().trim().min(1, 'give the menu a name').max(200),
  courses: byId(
    z
      .array(
        z.strictObject({
          id: z.string().min(1).max(64),
          name: z.string().max(300),
          parts: dishParts,
          /** A wine by id that has to be poured with it, or "none". */
          pin: z.string().min(1).max(64).optional(),
          /** Whether it may go without a wine. */
          dry: z.boolean().optional(),
        }),
      )
      .max(mostCourses),
  ),
  seats: byId(
    z
      .array(
        z.strictObject({
          id: z.string().min(1).max(64),
          seat: z.number().int().min(1).max(200),
          allergens: z.array(z.string().max(32)).max(14),
          diets: z.array(z.string().max(32)).max(12),
          /** False for who drinks no alcohol. */
          drinks: z.boolean(),
        }),
      )
      .max(200),
  ),
  guests: z.number().int().min(1).max(200),
  among,
  /** How many wines at most. */
  most: z.number().int().min(1).max(12),
  pourMl: z.number().int().min(20).max(300),
  pouring: z.enum(keysOf(pourings)),
  /** Minor units of the venue’s currency for the whole table; absent: none is set. */
  budgetMinor: z.number().int().min(0).max(100_000_000).optional(),
  thrift: z.enum(keysOf(thrifts)),
  remark: z.string().max(10_000),
});
