import { z } from 'zod';
import { paperColumns, type PaperColumn } from './paper';

const numbers = Object.fromEntries(
  Object.entries(paperColumns).map(([id, { low, high }]) => [id, z.number('is no number').int('is a whole number').min(low).max(high).nullable()]),
) as Record<PaperColumn, z.ZodNullable<z.ZodNumber>>;
/** What stands in a row of the grid: whole numbers in the range of their column, and three fields of words. */
export const paperRow = z.strictObject({
  ...numbers,
  smells: z.string().trim().max(500),
  grape: z.string().trim().max(80),
  words: z.string().trim().max(1000),
});
