import { z } from 'zod';
import { restKinds } from '../order/order-wine';
import { keysOf } from '../wine/keys';
import { quarters } from '../wine/observables';

const place = z.number().int().min(0);
const minutes = z.number().min(0);
const rest = z.enum(keysOf(restKinds));
/** One stop of an evening. It knows places and never a wine. */
export const stop = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('gather'), minutes }),
  z.strictObject({ kind: z.literal('pour'), place, minutes }),
  z.strictObject({ kind: z.literal('step'), place, step: place, name: z.string(), quarter: z.enum(quarters), minutes }),
  z.strictObject({ kind: z.literal('rest'), after: place, rest, minutes }),
  z.strictObject({
    kind: z.literal('again'),
    place,
    /** What came between: a rest, air, or a bite with it. */
    after: z.union([rest, z.enum(['air', 'bite'])]),
    /** The bite by its name. */
    food: z.string().optional(),
    /** Half of the room takes the bite first, the other half the wine alone. */
    crossed: z.boolean().optional(),
    minutes,
  }),
  z.strictObject({ kind: z.literal('reveal'), places: z.array(place), minutes }),
  z.strictObject({ kind: z.literal('end'), minutes }),
]);
