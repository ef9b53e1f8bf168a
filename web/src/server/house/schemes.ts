import { z } from 'zod';
import { asScheme } from '@rose/core/score/own-scheme';
import { ownScheme } from '@rose/core/score/scheme-schema';
import { draftScore } from '@rose/core/score/scheme';
import { scheme } from '../../db/schema';
import { query } from '../command';
import { recentNotes } from '../notebook/queries';
import { versions } from './versions';

export const schemeHouse = { noun: 'scheme', said: 'sheet', table: scheme, document: ownScheme };
export const { list: listSchemes, get: getScheme, save: saveScheme } = versions(schemeHouse);

export const previewScheme = query({
  name: 'scheme.preview',
  method: 'POST',
  path: '/schemes/previews',
  summary: 'What a sheet would give the latest twenty notes the caller may read, beside the taster’s own marks; stores nothing',
  allow: 'design.edit',
  input: z.strictObject({ document: ownScheme }),
  output: z.object({
    notes: z.array(
      z.object({
        id: z.string(),
        name: z.string(),
        own: z.number().nullable(),
        low: z.number(),
        high: z.number(),
        best: z.number(),
        word: z.string().nullable(),
      }),
    ),
  }),
  async run(db, actor, input) {
    const notes = await recentNotes(db, actor, 20);
    const sheet = asScheme('preview', 0, input.document);
    return {
      notes: notes.map((note) => {
        const { low, high, best, word } = draftScore(sheet, note.document.observed, note.document.chips);
        return { id: note.id, name: note.wine?.name ?? `Glass ${note.code}`, own: note.quality, low, high, best, word };
      }),
    };
  },
});
