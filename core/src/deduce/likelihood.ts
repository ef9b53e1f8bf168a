import type { Archetype } from './archetype';
import type { Cue } from './evidence';

/** How likely an answer is for each kind, and the same in bits; in the order of the kinds. */
export interface Likelihood {
  readonly chance: Float64Array;
  /** log2, with nothing below 1e-12. */
  readonly bits: Float64Array;
}
const kept = new WeakMap<readonly Archetype[], WeakMap<Cue, Map<string, Likelihood>>>();

/** The likelihoods of an answer. A cue and a table of kinds are made once and never change, so they are worked out once. */
export function likelihood(archetypes: readonly Archetype[], cue: Cue, answer: string): Likelihood {
  let cues = kept.get(archetypes);
  if (cues === undefined) kept.set(archetypes, (cues = new WeakMap()));
  let answers = cues.get(cue);
  if (answers === undefined) cues.set(cue, (answers = new Map()));
  let found = answers.get(answer);
  if (found === undefined) {
    const chance = Float64Array.from(archetypes, (archetype) => cue.chance(archetype, answer));
    answers.set(answer, (found = { chance, bits: chance.map((value) => Math.log2(Math.max(1e-12, value))) }));
  }
  return found;
}
