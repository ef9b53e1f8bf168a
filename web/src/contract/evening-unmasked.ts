import { z } from 'zod';
import { stages } from '@rose/core/call/call';
import { uncoverable } from '@rose/core/tasting/program';
import { keysOf } from '@rose/core/wine/keys';
import { act, read } from './contract';
import { based, ticked } from './evening';

const fact = z.enum(keysOf(uncoverable));
/** Labels lifted fact by fact, with what the table called. */
export const unmasking = {
  uncover: act({
    name: 'tasting.uncover',
    method: 'POST',
    path: '/tastings/{id}/uncoverings',
    summary: 'Uncovers a fact of a glass for everybody; with its name the glass is revealed. From the first fact on nothing written on it counts as blind',
    allow: 'tasting.lead',
    input: z.strictObject({ ...based, glassId: z.uuid(), fact }),
    output: ticked,
  }),
  cover: act({
    name: 'tasting.cover',
    method: 'POST',
    path: '/tastings/{id}/coverings',
    summary: 'Takes a fact from the screens again; who saw it has seen it, and the glass stays closed. A name cannot be taken back',
    allow: 'tasting.lead',
    input: z.strictObject({ ...based, glassId: z.uuid(), fact }),
    output: ticked,
  }),
  clue: act({
    name: 'tasting.clue',
    method: 'PUT',
    path: '/tastings/{id}/clues',
    summary:
      'Logs that something in sight gave the wine in a glass away, a label, a bottle, a word, or that it was nothing: calls of it are marked, and left out unless asked for; in a panel, of the wine in all its glasses',
    allow: 'tasting.lead',
    input: z.strictObject({ ...based, glassId: z.uuid(), is: z.boolean() }),
    output: ticked,
  }),
  calls: read({
    name: 'tasting.calls',
    method: 'GET',
    path: '/tastings/{id}/glasses/{glassId}/calls',
    summary: 'What the table called of a glass, fact by fact as far as it is uncovered, against guessing; nobody is named',
    allow: 'tasting.lead',
    input: z.strictObject({ id: z.uuid(), glassId: z.uuid(), simulated: z.enum(['yes']).optional(), marked: z.enum(['yes']).optional() }),
    output: z.object({
      /** Calls that were helped, or made with a clue in sight: counted only where `marked` asks for them. */
      helped: z.number(),
      locked: z.number(),
      people: z.number(),
      facts: z.array(
        z.object({
          fact,
          truth: z.string(),
          calls: z.array(z.object({ says: z.string(), people: z.number(), credit: z.number(), why: z.string() })),
          none: z.number(),
          /** How many had it right, near or wrong after each look, where somebody left more than one idea. */
          moved: z.array(z.object({ at: z.enum(stages), whole: z.number(), near: z.number(), wrong: z.number(), none: z.number() })),
          verdict: z.string(),
          luck: z.string(),
        }),
      ),
      /** Why it costs what it costs, by what is on record; null until its name is known. */
      costs: z.array(z.object({ way: z.enum(['dearer', 'cheaper']), says: z.string(), because: z.string() })).nullable(),
    }),
  }),
};
