import { z } from 'zod';
import { noteDocument } from '@rose/core/wine/note-schema';
import { act, nothing, read, savedOutput, writeInput } from './contract';

/** What a guest of a tasting may ask and do. A glass is a place and a code until it is uncovered; nothing here is worked out from what it holds. */
export const guest = {
  tasting: read({
    name: 'guest.tasting',
    method: 'GET',
    path: '/guest/tasting',
    summary: 'The tasting a guest sits at: its glasses by place and code, and of those that are uncovered the wine',
    allow: 'guest',
    browserOnly: true,
    input: nothing,
    output: z.object({
      name: z.string(),
      tick: z.number(),
      guest: z.string(),
      seat: z.number(),
      closed: z.boolean(),
      glasses: z.array(
        z.object({
          id: z.string(),
          place: z.number(),
          code: z.string(),
          rejected: z.boolean(),
          wine: z.object({ name: z.string(), producer: z.string() }).nullable(),
        }),
      ),
    }),
  }),
  saveNote: act({
    name: 'guest.saveNote',
    method: 'PUT',
    path: '/guest/notes/{id}',
    summary: 'Saves the guest’s own note under its revision',
    allow: 'guest',
    browserOnly: true,
    input: writeInput(noteDocument),
    output: savedOutput,
  }),
};
