import { z } from 'zod';
import { rankable } from '@rose/core/call/sets';
import { act, one, read } from './contract';
import { based, ticked } from './evening';

/** What a host puts to the table, and questions of the table that wait. */
export const asking = {
  ask: act({
    name: 'tasting.ask',
    method: 'POST',
    path: '/tastings/{id}/polls',
    summary: 'Puts a question to the table, with what the host expects; the one before it is counted',
    allow: 'tasting.lead',
    input: z.strictObject({
      ...based,
      pollId: z.uuid(),
      place: z.number().int().min(0).max(100).nullable(),
      question: z.string().trim().min(1, 'ask something').max(200),
      options: z.array(z.string().trim().min(1).max(60)).min(2).max(6),
      /** In a panel, the places an option each is about: two are a pair, three a triangle with one odd glass, or three and more to be put in order. */
      places: z.array(z.number().int().min(0).max(100)).min(2).max(rankable.most).optional(),
      /** The glasses of the set are put in order, from the best down. */
      ranked: z.boolean().optional(),
      forecast: z.number().int().min(0).max(5).nullable(),
    }),
    output: ticked,
  }),
  count: act({
    name: 'tasting.count',
    method: 'POST',
    path: '/tastings/{id}/counts',
    summary: 'Ends the open question; its answers are counted and kept',
    allow: 'tasting.lead',
    input: z.strictObject(based),
    output: ticked,
  }),
  asked: read({
    name: 'tasting.asked',
    method: 'GET',
    path: '/tastings/{id}/polls',
    summary: 'What was put to the table, how it answered, and how the host’s own expectations did against guessing',
    allow: 'tasting.lead',
    input: one,
    output: z.object({
      polls: z.array(
        z.object({
          id: z.string(),
          place: z.number().nullable(),
          question: z.string(),
          options: z.array(z.string()),
          /** A set that was put in order; `counts` is how often each came first. */
          ranked: z.boolean(),
          counts: z.array(z.number()),
          forecast: z.number().nullable(),
          /** Whether most chose what the host expected; null where nothing was expected, nobody answered, or two came out alike. */
          right: z.boolean().nullable(),
          open: z.boolean(),
          /** Of a set of glasses in a panel, how it came out, once the wines are uncovered; '' before, and of other questions. */
          result: z.string(),
        }),
      ),
      tally: z.string(),
    }),
  }),
  park: act({
    name: 'tasting.park',
    method: 'POST',
    path: '/tastings/{id}/parked-questions',
    summary: 'Parks a question from the table for later, or takes one that was parked away',
    allow: 'tasting.lead',
    input: z.strictObject({ ...based, text: z.string().trim().min(1, 'write the question').max(300).optional(), away: z.uuid().optional() }),
    output: ticked,
  }),
};
