import { z } from 'zod';
import { keysOf } from '@rose/core/wine/keys';
import { firmness } from '@rose/knowledge/expectation/index';
import { because } from './because';
import { one, read } from './contract';

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
/** What is reckoned from a note, each with its reasons. */
export const judgement = {
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
};
