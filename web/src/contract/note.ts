import { z } from 'zod';
import { carriedRoutine } from '@rose/core/routine/routine-schema';
import { day, instant } from '@rose/core/wine/day-schema';
import { wineFacts } from '@rose/core/wine/facts-schema';
import { keysOf } from '@rose/core/wine/keys';
import { moments, pairQuestions } from '@rose/core/wine/note';
import { noteDocument } from '@rose/core/wine/note-schema';
import { colourClasses } from '@rose/core/wine/observables';
import { firmness } from '@rose/knowledge/expectation/index';
import { because } from './because';
import { act, done, one, page, pageInput, read, savedOutput, whole, writeInput } from './contract';
import { tastingKinds } from './tasting';

const moment = z.enum(keysOf(moments));
const criterion = z.object({
  id: z.string(),
  label: z.string(),
  section: z.string(),
  mark: z.number().nullable(),
  best: z.number(),
  least: z.number(),
  because,
});
const passage = z.object({ of: z.string(), says: z.string() });
const dimension = z.object({
  dimension: z.string(),
  leader: z.string().nullable(),
  why: z.string(),
  values: z.array(z.object({ value: z.string(), chance: z.number() })),
  because,
});
const compared = z.object({ what: z.string(), says: z.string(), because: z.string().nullable(), firm: z.enum(keysOf(firmness)).nullable() });
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

/** One question of a pair, called and known. */
const pairCalled = z.object({
  left: z.object({ id: z.string(), name: z.string() }),
  right: z.object({ id: z.string(), name: z.string() }),
  day: z.string(),
  question: z.enum(keysOf(pairQuestions)),
  /** −100 to 100, as it was called. */
  called: z.number(),
  wasRight: z.boolean().nullable(),
  cost: z.number().nullable(),
  /** Something gave a glass away, as the taster said. */
  gaveAway: z.boolean(),
});

/** Hidden glasses as they were dealt. */
const dealtGlasses = z.object({
  /** From left to right: the bag poured there. */
  places: z.array(z.object({ place: z.string(), bag: z.string(), noteId: z.string() })),
  /** For the dealer only, when that is somebody else than the taster. */
  bags: z.array(z.object({ bag: z.string(), wine: z.string() })).nullable(),
});

/** A glass somebody means to look at again. */
const laterLook = z.object({ noteId: z.string(), planId: z.string(), title: z.string(), moment, food: z.string().nullable(), due: z.string() });

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
  dealPairs: act({
    name: 'note.dealPairs',
    method: 'POST',
    path: '/deals/pairs',
    summary: 'Deals one to six pairs of wines in one act, each pair a sitting of two hidden glasses; bags are counted through over all pairs',
    allow: 'note.write',
    input: z.strictObject({
      pairs: z
        .array(z.strictObject({ notes: z.tuple([z.uuid(), z.uuid()]), wineIds: z.tuple([z.uuid(), z.uuid()]) }))
        .min(1)
        .max(6),
      taster: z.email().optional(),
    }),
    output: z.object({ pairs: z.array(dealtGlasses).max(6) }),
  }),
  open: act({
    name: 'note.open',
    method: 'POST',
    path: '/notes',
    summary: 'Opens a glass of a wine for the caller alone, with an empty note; the same id again changes nothing',
    allow: 'note.write',
    input: z.strictObject({ id: z.uuid(), wineId: z.uuid() }),
    output: z.object({ id: z.string(), revision: z.number() }),
  }),
  deal: act({
    name: 'note.deal',
    method: 'POST',
    path: '/deals',
    summary:
      'Deals two to six wines into hidden glasses. Dealt to oneself, the bottles stand in bags one has marked and mixed, and no server knows which is which; dealt by a helper, the helper alone is told which bottle goes into which bag',
    allow: 'note.write',
    input: z.strictObject({ notes: z.array(z.uuid()).min(2).max(6), wineIds: z.array(z.uuid()).min(2).max(6), taster: z.email().optional() }),
    output: dealtGlasses,
  }),
  uncover: act({
    name: 'note.uncover',
    method: 'POST',
    path: '/notes/{id}/uncoverings',
    summary: 'Uncovers a hidden glass of one’s own sitting: the note as it stood is kept for the calls; of a bag of one’s own, one says which wine was in it',
    allow: 'note.write',
    input: z.strictObject({ id: z.uuid(), wineId: z.uuid().optional() }),
    output: done,
  }),
  moment: act({
    name: 'note.moment',
    method: 'POST',
    path: '/notes/{id}/moments',
    summary: 'A new moment of the same taster on the same glass: an empty note, to be laid over the earlier one when it is done',
    allow: 'note.write',
    input: z.strictObject({ id: z.uuid(), noteId: z.uuid(), moment, food: z.string().trim().max(80).optional() }),
    output: z.object({ id: z.string(), revision: z.number() }),
  }),
  planned: read({
    name: 'note.planned',
    method: 'GET',
    path: '/later-looks',
    summary: 'The glasses the caller means to look at again, the first due first; a look that was taken is over',
    allow: 'note.write',
    input: z.strictObject({}),
    output: z.object({ looks: z.array(laterLook) }),
  }),
  calls: read({
    name: 'note.calls',
    method: 'GET',
    path: '/pair-calls',
    summary:
      'The caller’s locked calls on pairs whose glasses are uncovered, latest first, each with what it was and what it cost; nothing on record says where right is null',
    allow: 'note.write',
    input: z.strictObject({}),
    output: z.object({ calls: z.array(pairCalled) }),
  }),
  repeatability: read({
    name: 'note.repeatability',
    method: 'GET',
    path: '/repeatability',
    summary:
      'How far two of the caller’s readings of one wine lie apart by chance, from their own notes of the same wine; the usual figure until enough are there',
    allow: 'note.write',
    input: z.strictObject({}),
    output: z.object({ limit: z.number(), from: z.number() }),
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
  text: read({
    name: 'note.text',
    method: 'GET',
    path: '/notes/{id}/text',
    summary: 'The written note, statement by statement',
    allow: 'read',
    input: one,
    output: z.object({
      statements: z.array(z.object({ id: z.string(), text: z.string(), rewritten: z.boolean(), outdated: z.boolean(), changed: z.array(z.string()) })),
    }),
  }),
  scores: read({
    name: 'note.scores',
    method: 'GET',
    path: '/notes/{id}/scores',
    summary: 'The draft mark by each shipped scheme, and by the own sheets the note was marked with, once the taster’s own mark is set',
    allow: 'read',
    input: one,
    output: z.object({
      own: z.number(),
      schemes: z.array(
        z.object({
          id: z.string(),
          label: z.string(),
          source: z.string(),
          low: z.number(),
          high: z.number(),
          best: z.number(),
          word: z.string().nullable(),
          criteria: z.array(criterion),
        }),
      ),
    }),
  }),
  triage: read({
    name: 'note.triage',
    method: 'GET',
    path: '/notes/{id}/triage',
    summary:
      'What may be wrong with a glass: faults with their chances and reasons, false alarms that fit, and what to look for next; of a hidden glass without its wine',
    allow: 'read',
    input: one,
    output: z.object({
      verdict: z.string(),
      /** What the verdict leaves open, against what the taster says; empty when it says all. */
      remark: z.string(),
      faults: z.array(
        z.object({
          id: z.string(),
          name: z.string(),
          chance: z.number(),
          because,
          now: z.array(z.object({ says: z.string(), wait: z.number().optional(), last: z.boolean().optional() })),
          tellTable: z.boolean(),
        }),
      ),
      alarms: z.array(z.object({ id: z.string(), looks: z.string(), really: z.string(), sure: z.boolean() })),
      next: z.object({ id: z.string(), ask: z.string() }).nullable(),
    }),
  }),
  consistency: read({
    name: 'note.consistency',
    method: 'GET',
    path: '/notes/{id}/consistency',
    summary: 'Statements of a note that pull apart, both passages side by side, and cues of age that do',
    allow: 'read',
    input: one,
    output: z.object({
      contradictions: z.array(z.object({ rule: z.string(), severity: z.string(), a: passage, b: passage, because: z.string(), kept: z.boolean() })),
      pulling: z.object({ young: z.array(z.string()), old: z.array(z.string()), next: z.string() }).nullable(),
    }),
  }),
  deduce: read({
    name: 'note.deduce',
    budget: 'long work',
    method: 'GET',
    path: '/notes/{id}/deduction',
    summary: 'What the record speaks for, after the taster’s own mark and idea; reads nothing of the wine',
    allow: 'read',
    input: one,
    output: z.object({
      dimensions: z.array(dimension),
      kinds: z.array(z.object({ id: z.string(), name: z.string(), chance: z.number() })),
      /** The chance that it is none of the kinds. */
      other: z.number(),
      sparkling: z.object({ chance: z.number(), leader: z.boolean().nullable() }),
      settles: z.object({ cue: z.string(), bits: z.number() }).nullable(),
    }),
  }),
  deck: read({
    name: 'note.deck',
    method: 'GET',
    path: '/notes/{id}/deck',
    summary: 'The family of smells to ask about next: the one expected to tell most, from the note alone',
    allow: 'read',
    input: one,
    output: z.object({ next: z.object({ family: z.string(), bits: z.number() }).nullable() }),
  }),
  expectation: read({
    name: 'note.expectation',
    method: 'GET',
    path: '/notes/{id}/expectation',
    summary: 'A note against what the label let one expect, once the taster’s own mark is set and the wine is known',
    allow: 'read',
    input: one,
    output: z.object({
      style: z.string(),
      why: z.string(),
      found: z.array(compared),
      otherwise: z.array(compared),
      missing: z.array(compared),
      surprising: z.array(compared),
      unlooked: z.array(z.string()),
    }),
  }),
  price: read({
    name: 'note.price',
    method: 'GET',
    path: '/notes/{id}/price',
    summary: 'What a bottle costs and of what size, once the taster’s own mark is set and the wine is known',
    allow: 'read',
    input: one,
    output: z.object({
      /** The latest price on record; null when there is none. */
      price: z.object({ amount: z.number(), currency: z.string(), formatMl: z.number() }).nullable(),
      /** The venue's currency: what a taster names a price in. */
      currency: z.string(),
    }),
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

const ownWord = z.string().trim().min(1).max(80);
export const descriptor = {
  learnt: read({
    name: 'descriptor.learnt',
    method: 'GET',
    path: '/descriptors/own-words',
    summary: 'The venue’s own words for smells, each with the word or family of the vocabulary it was said to be nearest to',
    allow: 'read',
    input: z.strictObject({}),
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
