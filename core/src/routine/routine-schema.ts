import { z } from 'zod';
import { quarters } from '../wine/observables';
import { guidedSteps } from './guided';

const words = (max: number) => z.string().trim().min(1, 'give it a name').max(max);
/** One step: a name, where on the compass it stands, what it takes, and what it asks. */
export const routineStep = z.strictObject({
  name: words(60),
  quarter: z.enum(quarters),
  sniffs: z.number().int().min(0).max(20),
  sips: z.number().int().min(0).max(10),
  minutes: z.number().min(0).max(60),
  /** The questions of this step alone; absent, the step takes what no other step asks of its quarter and of later quarters without a step. */
  asks: z.array(z.enum(guidedSteps)).max(guidedSteps.length).optional(),
});
/** Steps of a routine: one to twelve, at most twenty sips, no question asked twice. */
export const routineSteps = z
  .array(routineStep)
  .min(1, 'one step at least')
  .max(12, 'twelve steps at most')
  .refine((steps) => {
    const asks = steps.flatMap((step) => step.asks ?? []);
    return new Set(asks).size === asks.length;
  }, 'a question is asked twice')
  .refine((steps) => steps.reduce((sum, step) => sum + step.sips, 0) <= 20, 'twenty sips of one wine at most');
export const ownRoutine = z.strictObject({
  schema: z.literal(1),
  name: words(80),
  says: z.string().trim().max(200),
  steps: routineSteps,
});
/** A routine under its name, as a plan carries it. */
export const carriedRoutine = z.strictObject({
  id: z.string().min(1).max(80),
  name: words(80),
  says: z.string().max(200),
  steps: routineSteps,
});
