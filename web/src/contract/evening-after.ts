import { z } from 'zod';
import { act, done, nothing, one, read } from './contract';
import { based, ticked } from './evening';

/** The close of an evening, and what comes after it. */
export const ending = {
  close: act({
    name: 'tasting.close',
    method: 'POST',
    path: '/tastings/{id}/closings',
    summary: 'Closes the evening: nothing is written any more, and nobody joins. The bottles named as opened leave the cellar',
    allow: 'tasting.lead',
    input: z.strictObject({
      ...based,
      opened: z
        .array(z.strictObject({ wineId: z.uuid(), bottles: z.number().int().min(0).max(500) }))
        .max(60)
        .refine((opened) => new Set(opened.map((entry) => entry.wineId)).size === opened.length, 'names a wine twice')
        .optional(),
    }),
    output: ticked,
  }),
  bottles: read({
    name: 'tasting.bottles',
    method: 'GET',
    path: '/tastings/{id}/bottles',
    summary: 'How many bottles of each wine were probably opened, by who came and what was put aside, and how many the cellar holds',
    allow: 'tasting.lead',
    input: one,
    output: z.object({
      wines: z.array(z.object({ wineId: z.string(), name: z.string(), bottles: z.number(), held: z.number(), formatMl: z.number(), because: z.string() })),
    }),
  }),
  faultSheet: read({
    name: 'tasting.faultSheet',
    method: 'GET',
    path: '/tastings/{id}/glasses/{glassId}/fault-sheet',
    summary: 'A sheet about a bottle that was put aside, for its merchant: what it was, what was found by how many, and what was done',
    allow: 'tasting.lead',
    budget: 'long work',
    files: ['application/pdf'],
    input: z.strictObject({ id: z.uuid(), glassId: z.uuid() }),
    output: nothing,
  }),
  recap: read({
    name: 'tasting.recap',
    method: 'GET',
    path: '/tastings/{id}/recap',
    summary: 'An evening looked back on: how the wines went, what the table smelt, a food with each, who came, and what was promised',
    allow: 'tasting.lead',
    input: one,
    output: z.object({
      /** A panel has no common order: a wine stands at its place in the flight, and has no one code. */
      panel: z.boolean(),
      wines: z.array(
        z.object({
          place: z.number(),
          code: z.string(),
          wine: z.object({ id: z.string(), name: z.string(), producer: z.string() }).nullable(),
          quality: z.object({ middle: z.number(), low: z.number(), high: z.number(), people: z.number() }).nullable(),
          liking: z.object({ middle: z.number(), people: z.number() }).nullable(),
          smells: z.array(z.object({ name: z.string(), people: z.number() })),
          food: z.string(),
        }),
      ),
      says: z.array(z.string()),
      came: z.array(z.object({ seat: z.number(), name: z.string() })),
      course: z.object({ id: z.string(), name: z.string() }).nullable(),
      promised: z.string(),
      opened: z.array(z.object({ name: z.string(), bottles: z.number() })),
      /** Bottles that were put aside, by a glass of each; in a panel it stands at no one place, and `name` is there once the wine is known. */
      aside: z.array(z.object({ glassId: z.string(), place: z.number().nullable(), code: z.string(), name: z.string().nullable() })),
    }),
  }),
  belongs: act({
    name: 'tasting.belongs',
    method: 'PUT',
    path: '/tastings/{id}/course',
    summary: 'Puts an evening into a course, or takes it out, and keeps what was promised for next time',
    allow: 'tasting.lead',
    input: z.strictObject({ id: z.uuid(), courseId: z.uuid().nullable(), promised: z.string().trim().max(2000) }),
    output: done,
  }),
};
