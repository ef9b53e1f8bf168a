import { z } from 'zod';
import { ownRuler } from '../finish/ruler-schema';
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
/** Steps of a routine: one to twelve, at most twenty sips, no question asked twice but the smells, which come in layers. */
export const routineSteps = z
  .array(routineStep)
  .min(1, 'one step at least')
  .max(12, 'twelve steps at most')
  .refine((steps) => {
    const asks = steps.flatMap((step) => step.asks ?? []).filter((ask) => ask !== 'smells');
    return new Set(asks).size === asks.length;
  }, 'a question is asked twice')
  .refine((steps) => steps.reduce((sum, step) => sum + step.sips, 0) <= 20, 'twenty sips of one wine at most');
/** What a routine brings besides its steps. */
const brought = {
  /** The first sip only rinses. */
  rinse: z.boolean().optional(),
  /** A card of the host's own in place of ours, by question. */
  cards: z.partialRecord(z.enum(guidedSteps), z.string().trim().min(1).max(600)).optional(),
  /** The ruler of the finish; absent, the usual one. */
  ruler: ownRuler.optional(),
};
export const ownRoutine = z.strictObject({
  schema: z.literal(1),
  name: words(80),
  says: z.string().trim().max(200),
  steps: routineSteps,
  ...brought,
});
/** What is asked of a routine from now on, beyond what one that was kept before may be. */
export const routineToKeep = ownRoutine.refine(({ steps }) => steps.every(({ asks }) => asks === undefined || asks.length > 0), {
  path: ['steps'],
  message: 'a step that asks “these questions alone” needs one',
});
/** A routine under its name, as a plan carries it. */
export const carriedRoutine = z.strictObject({
  id: z.string().min(1).max(80),
  name: words(80),
  says: z.string().max(200),
  steps: routineSteps,
  ...brought,
});
