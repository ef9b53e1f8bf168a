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
  z.strictObject({ kind: z.literal('again'), place, after: rest, minutes }),
  z.strictObject({ kind: z.literal('reveal'), places: z.array(place), minutes }),
  z.strictObject({ kind: z.literal('end'), minutes }),
]);
