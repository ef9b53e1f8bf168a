import { z } from 'zod';

/** A host's own ruler of the finish: two to six words, each from its seconds on, the first from nothing. */
export const ownRuler = z.strictObject({
  label: z.string().trim().min(1, 'name the ruler').max(60),
  words: z
    .array(z.strictObject({ from: z.number().int().min(0).max(600), word: z.string().trim().min(1, 'name each length').max(30) }))
    .min(2, 'two lengths at least')
    .max(6, 'six lengths at most')
    .refine((words) => words[0]?.from === 0, 'the first length begins at 0 seconds')
    .refine((words) => words.every(({ from }, at) => at === 0 || from > words[at - 1]!.from), 'each length begins later than the one before')
    .refine((words) => new Set(words.map(({ word }) => word.toLowerCase())).size === words.length, 'each length has a word of its own'),
});
