import { z } from 'zod';

/** Years that a date of ours may have: outside of them nobody tasted and nobody plans. */
const inOurTime = (text: string) => text >= '1900' && text < '2201';
const says = 'a date between 1900 and 2200';
/** A day: "2026-11-26". */
export const day = z.iso.date().refine(inOurTime, says);
/** An instant: "2026-11-26T18:30:00Z". */
export const instant = z.iso.datetime({ offset: true }).refine(inOurTime, says);
/** A date and a time on the venue's clock: "2026-11-26T18:30". */
export const localTime = z
  .string()
  .regex(/^\d{4}-\d\d-\d\dT\d\d:\d\d$/, 'a date and a time')
  // The thirty-first of February is read as a day of March: what comes back is then not what was said.
  .refine((text) => {
    const at = new Date(`${text}:00Z`);
    return !Number.isNaN(at.getTime()) && at.toISOString().startsWith(text);
  }, 'a date and a time that exist')
  .refine(inOurTime, says);
