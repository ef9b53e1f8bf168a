import { z } from 'zod';
import { scorable } from './scheme';

const words = (max: number) => z.string().trim().min(1, 'give it a name').max(max);
const criterion = z.strictObject({
  id: z.string().min(1).max(64),
  label: words(80),
  section: words(40),
  marks: z
    .array(z.number().min(0).max(1000))
    .min(2, 'at least two marks, from the best to the worst')
    .max(20)
    .refine((marks) => marks.every((mark, i) => i === 0 || mark < marks[i - 1]!), 'each mark is smaller than the one before it'),
  looks: z
    .array(z.strictObject({ cue: z.enum(scorable), weight: z.number().positive().max(100) }))
    .min(1, 'looks at one thing at least')
    .max(12)
    .refine((looks) => new Set(looks.map((look) => look.cue)).size === looks.length, 'looks at the same thing twice'),
});
export const ownScheme = z.strictObject({
  schema: z.literal(1),
  label: words(100),
  source: z.string().max(200),
  criteria: z
    .array(criterion)
    .min(1, 'one criterion at least')
    .max(30)
    .refine((criteria) => new Set(criteria.map((entry) => entry.id)).size === criteria.length, 'two criteria have one id'),
  rounding: z.number().positive().max(100).optional(),
  classes: z
    .array(z.strictObject({ from: z.number().min(0).max(10_000), word: words(80) }))
    .max(12)
    .refine((classes) => classes.every((entry, i) => i === 0 || entry.from < classes[i - 1]!.from), 'thresholds fall from the best class to the worst'),
});
