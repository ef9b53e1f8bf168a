import { z } from 'zod';
import { mostWines } from '../order/solve';
import type { FlightDocument } from './flight';

const id = z.uuid();
const pin = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.enum(['first', 'last']), wine: id }),
  z.strictObject({ kind: z.enum(['adjacent', 'before']), wine: id, other: id }),
]);

export const flightDocument = z.strictObject({
  schema: z.literal(1),
  name: z.string().trim().min(1, 'give the flight a name').max(200),
  wines: z
    .array(id)
    .max(mostWines, `a flight has at most ${mostWines} wines`)
    .refine((wines) => new Set(wines).size === wines.length, 'a wine stands in a flight once'),
  pins: z.array(pin).max(40),
  school: z.enum(['weight', 'ladder', 'sweet', 'young', 'old']),
  guests: z.number().int().min(0).max(500),
  pourMl: z.number().min(5).max(500),
  hostPour: z.boolean(),
  lossPercent: z.number().min(0).max(50),
  starts: z.union([z.literal(''), z.iso.datetime({ local: true, offset: true })]),
  remark: z.string().max(10_000),
}) as unknown as z.ZodType<FlightDocument>;
