import { z } from 'zod';
import { act, done, nothing, read } from './contract';

const ownWord = z.string().trim().min(1).max(80);
/** The words for smells, ours and the venue's own. */
export const descriptor = {
  learnt: read({
    name: 'descriptor.learnt',
    method: 'GET',
    path: '/descriptors/own-words',
    summary: 'The venue’s own words for smells, each with the word or family of the vocabulary it was said to be nearest to',
    allow: 'read',
    input: nothing,
    output: z.object({ words: z.array(z.object({ word: z.string(), term: z.string() })) }),
  }),
  learn: act({
    name: 'descriptor.learn',
    method: 'PUT',
    path: '/descriptors/own-words',
    summary: 'Says what a word of one’s own is nearest to, for everybody of the venue; without a term it is forgotten',
    allow: 'note.write',
    input: z.strictObject({ word: ownWord, term: z.string().max(64).optional() }),
    output: done,
  }),
  list: read({
    name: 'descriptor.list',
    method: 'GET',
    path: '/descriptors',
    summary: 'The words for smells, each with its family, where it usually comes from, its synonyms and a plain explanation; with q only what completes it',
    allow: 'read',
    input: z.strictObject({ q: z.string().max(200).default('') }),
    output: z.object({
      descriptors: z.array(
        z.object({ id: z.string(), name: z.string(), family: z.string(), origin: z.string(), synonyms: z.array(z.string()), explained: z.string().nullable() }),
      ),
    }),
  }),
};
