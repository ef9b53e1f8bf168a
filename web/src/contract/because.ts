import { z } from 'zod';
import { reasonUnits } from '@rose/core/wine/reason';

/** Why a judgement came out as it did: how far each reason pushed, in which unit, in words, and by whose word where one is named. */
export const because = z.array(
  z.object({
    id: z.string(),
    push: z.number(),
    unit: z.enum(reasonUnits),
    text: z.string(),
    source: z.string().optional(),
  }),
);
