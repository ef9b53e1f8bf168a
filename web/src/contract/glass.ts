import { z } from 'zod';
import { mostPairs } from '@rose/core/order/pairs';
import { keysOf } from '@rose/core/wine/keys';
import { moments, pairQuestions } from '@rose/core/wine/note';
import { act, done, nothing, read } from './contract';

const moment = z.enum(keysOf(moments));
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

/** The glass a note is of: opened, dealt hidden, uncovered, looked at again, and what its taster called. */
export const glass = {
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
        .max(mostPairs),
      taster: z.email().optional(),
    }),
    output: z.object({ pairs: z.array(dealtGlasses).max(mostPairs) }),
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
    input: nothing,
    output: z.object({ looks: z.array(laterLook) }),
  }),
  calls: read({
    name: 'note.calls',
    method: 'GET',
    path: '/pair-calls',
    summary:
      'The caller’s locked calls on pairs whose glasses are uncovered, latest first, each with what it was and what it cost; nothing on record says where right is null',
    allow: 'note.write',
    input: nothing,
    output: z.object({ calls: z.array(pairCalled) }),
  }),
  repeatability: read({
    name: 'note.repeatability',
    method: 'GET',
    path: '/repeatability',
    summary:
      'How far two of the caller’s readings of one wine lie apart by chance, from their own notes of the same wine; the usual figure until enough are there',
    allow: 'note.write',
    input: nothing,
    output: z.object({ limit: z.number(), from: z.number() }),
  }),
};
