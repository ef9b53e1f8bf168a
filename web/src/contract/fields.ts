import { z } from 'zod';

/** Fields that several acts take. */
export const email = z.string().trim().toLowerCase().pipe(z.email('write an email address').max(200));
export const password = z.string().min(10, 'at least ten characters').max(200);
/** A name of one line: it stands in the subject of letters. */
const oneLine = (missing: string) =>
  z
    .string()
    .trim()
    .min(1, missing)
    .max(100)
    .regex(/^\P{Cc}*$/u, 'one line, without control characters');
export const personName = oneLine('tell us your name');
export const venueName = oneLine('give the venue a name');
