import { z } from 'zod';
import { keysOf } from '../wine/keys';
import { arrivals, drinkings, habits } from './guest';

const line = (max: number) => z.string().trim().max(max);
export const arrival = z.partialRecord(z.enum(keysOf(arrivals)), z.boolean());
export const guestCard = z.strictObject({
  /** Allergies and diet in the guest's own words. */
  allergies: line(300).optional(),
  dislikes: line(300).optional(),
  drinks: z.enum(keysOf(drinkings)).optional(),
  used: z.enum(keysOf(habits)).optional(),
});
