import { z } from 'zod';
import { carriedRoutine } from '@rose/core/routine/routine-schema';
import { day, instant } from '@rose/core/wine/day-schema';
import { wineFacts } from '@rose/core/wine/facts-schema';
import { keysOf } from '@rose/core/wine/keys';
import { moments } from '@rose/core/wine/note';
import { noteDocument } from '@rose/core/wine/note-schema';
import { colourClasses } from '@rose/core/wine/observables';
import { act, done, one, page, pageInput, read, savedOutput, whole, writeInput } from './contract';
import { tastingKinds } from './tasting';

const moment = z.enum(keysOf(moments));
/** A note as a file of ours: what it takes to read it back without loss. */
export const noteFile = z.strictObject({
  kind: z.literal('rose-compass/note'),
  version: z.literal(1),
  id: z.uuid(),
  tastedAt: instant,
  moment,
  taster: z.string().max(200),
  wine: z.strictObject({ id: z.uuid(), name: z.string().max(200), producer: z.string().max(200) }).nullable(),
  document: noteDocument,
});

/** What narrows the notebook. */
export const filters = {
  q: z.string().max(300).default(''),
  wineId: z.uuid().optional(),
  /** Days on the venue's calendar. */
  from: day.optional(),
  to: day.optional(),
  least: whole(0, 100).optional(),
  /** What the taster would do with a bottle. */
  buy: z.enum(['yes', 'perhaps']).optional(),
  colour: z.enum(colourClasses).optional(),
  mine: z.enum(['yes']).optional(),
  /** Leaves out notes whose taster had a cold, coffee, toothpaste or perfume about. */
  clear: z.enum(['yes']).optional(),
};
/** A note as the notebook lists it. */
export const item = z.object({
  id: z.string(),
  revision: z.number(),
  tastedAt: z.string(),
  /** The day it was tasted on the venue's calendar. */
  day: z.string(),
  taster: z.string(),
  quality: z.number().nullable(),
  code: z.string(),
  moment,
  wine: z.object({ id: z.string(), name: z.string(), producer: z.string(), vintage: z.number().nullable() }).nullable(),
  text: z.string(),
  document: noteDocument,
  /** A later moment on the same glass its taster is still at: until that is done this one is listed without what it says. */
  hiddenFor: z.object({ id: z.string(), moment }).nullable(),
});

/** The note as a document: written, read, listed, taken along. */
export const note = {
  save: act({
    name: 'note.save',
    method: 'PUT',
    path: '/notes/{id}',
    summary: 'Saves a note under its revision; a repeated write is answered as done',
    allow: 'note.write',
    input: writeInput(noteDocument),
    example: {
      writeId: 'w1',
      baseRevision: 1,
      document: {
        schema: 1,
        observed: { colour: 'white', acidity: 82, body: [40, 50], finish: { seconds: 31 }, quality: 88 },
        chips: [{ id: 'c1', term: 'lemon', layer: 'first', strength: 2 }],
        deck: {},
        markBeforeDraft: null,
        rewritten: {},
        remark: '',
      },
    },
    output: savedOutput,
  }),
  delete: act({
    name: 'note.delete',
    method: 'DELETE',
    path: '/notes/{id}',
    summary: 'Deletes a note; it can be brought back',
    allow: 'note.write',
    input: one,
    output: done,
  }),
  restore: act({
    name: 'note.restore',
    method: 'POST',
    path: '/notes/{id}/returns',
    summary: 'Brings a deleted note back',
    allow: 'note.write',
    input: one,
    output: done,
  }),
  get: read({
    name: 'note.get',
    method: 'GET',
    path: '/notes/{id}',
    summary: 'A note with its glass; the wine only once it is revealed',
    allow: 'read',
    input: one,
    output: z.object({
      id: z.string(),
      revision: z.number(),
      document: noteDocument,
      routine: carriedRoutine,
      mine: z.boolean(),
      mayEdit: z.boolean(),
      taster: z.string(),
      tastedAt: z.string(),
      /** The day it was tasted on the venue's calendar. */
      day: z.string(),
      code: z.string(),
      moment,
      shared: z.boolean(),
      moments: z.array(z.object({ id: z.string(), moment, tastedAt: z.string(), done: z.boolean() })),
      hidden: z.object({ mine: z.boolean(), named: z.boolean() }).nullable(),
      /** Changed after the label was in sight: calls and statistics read it as it stood before. */
      secondVersion: z.boolean(),
      tasting: z.object({ id: z.string(), name: z.string(), kind: z.enum(tastingKinds) }),
      wine: z.object({ id: z.string(), name: z.string(), producer: z.string(), facts: wineFacts, serve: z.string() }).nullable(),
    }),
  }),
  share: act({
    name: 'note.share',
    method: 'PUT',
    path: '/notes/{id}/sharing',
    summary: 'Lets the venue’s hosts read a note, or no longer; only its taster says so',
    allow: 'note.write',
    input: z.strictObject({ id: z.uuid(), shared: z.boolean() }),
    output: z.object({ shared: z.boolean() }),
  }),
  file: read({
    name: 'note.file',
    budget: 'long work',
    method: 'GET',
    path: '/notes/{id}/files/{format}',
    summary: 'One note as JSON (which can be read back), Markdown or PDF, or its later looks as a calendar; of a hidden glass without its wine',
    allow: 'read',
    input: z.strictObject({ id: z.uuid(), format: z.enum(['json', 'md', 'pdf', 'ics']) }),
    files: ['application/json', 'text/markdown', 'application/pdf', 'text/calendar'],
    output: noteFile,
  }),
  import: act({
    name: 'note.import',
    budget: 'long work',
    method: 'POST',
    path: '/notes/imports',
    summary: 'Reads a note file of ours back: as the caller’s own note, on a glass of the wine it names; the same file again changes nothing',
    allow: 'note.write',
    input: z.strictObject({ file: noteFile, wineId: z.uuid().optional() }),
    output: z.object({ id: z.string(), made: z.boolean() }),
  }),
  list: read({
    name: 'note.list',
    method: 'GET',
    path: '/notes',
    summary: 'The notebook: full-text search with filters, newest first',
    allow: 'read',
    input: z.strictObject({ ...pageInput, ...filters }),
    output: page(item),
  }),
  export: read({
    name: 'note.export',
    budget: 'long work',
    method: 'GET',
    path: '/notes/exports/{format}',
    summary: 'The notebook as JSON, CSV or Markdown',
    allow: 'read',
    input: z.strictObject({ format: z.enum(['json', 'csv', 'md']), ...filters }),
    files: ['application/json', 'text/csv', 'text/markdown'],
    output: z.array(item),
  }),
};
