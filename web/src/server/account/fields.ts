import { z } from 'zod';

/** Fields that several acts take. */
export const email = z.string().trim().toLowerCase().pipe(z.email('write an email address').max(200));
export const password = z.string().min(10, 'at least ten characters').max(200);
export const personName = z.string().trim().min(1, 'tell us your name').max(100);
export const venueName = z.string().trim().min(1, 'give the venue a name').max(100);
export const done = z.object({ ok: z.literal(true) });
export const ok = { ok: true } as const;
