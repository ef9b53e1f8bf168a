import type { Reason, Wording } from '../wine/reason';
import { classOfHue } from '../wine/observables';
import { dimensions, valueOn, type Archetype, type Dimension, type Making } from './archetype';
import { likelihood } from './likelihood';
import { ceilingOf, type Cue, type End, type Evidence } from './evidence';

/**
 * How far the cues are believed as if they were independent, 0–1. They are not (a ripe wine is riper in every bearing, a generous taster is generous
 * throughout), so each counts for less. Fitted on simulated tasters with a shared offset and halo; see docs/methods.md.
 */
export const tempering = 0.85;

/** Kinds of wine with their chance, in the order they were given; sums to 1. */
export type Posterior = readonly number[];

/** The kinds a glass can be at all: the colour that was seen settles that, it is not an inference. */
function inPlay(archetypes: readonly Archetype[], evidence: Evidence): readonly boolean[] {
  const colour = evidence.observed.colour ?? (evidence.observed.hue === undefined ? undefined : classOfHue(evidence.observed.hue));
  const seen = archetypes.map((archetype) => colour === undefined || archetype.colour === colour);
  return seen.some(Boolean) ? seen : archetypes.map(() => true);
}

/** What an answer is worth for each kind, bits, tempered, 0 for the likeliest and never below minus the cue's ceiling: no target moves by more. */
function bitsOf(cue: Cue, archetypes: readonly Archetype[], answer: string, play: readonly boolean[], temper: number): readonly number[] {
  const { bits } = likelihood(archetypes, cue, answer);
  let top = -Infinity;
  for (let i = 0; i < bits.length; i++) if (play[i] && bits[i]! > top) top = bits[i]!;
  const ceiling = ceilingOf(cue, answer);
  return Array.from(bits, (value) => Math.max(-ceiling, Math.min(0, temper * (value - top))));
}

const normalised = (bits: readonly number[]): Posterior => {
  const top = Math.max(...bits);
  const weights = bits.map((value) => 2 ** (value - top));
  const whole = weights.reduce((sum, weight) => sum + weight, 0);
  return weights.map((weight) => weight / whole);
};

interface Weighed {
  readonly prior: readonly number[];
  readonly pushes: readonly { readonly cue: Cue; readonly answer: string; readonly bits: readonly number[] }[];
}
function weigh(evidence: Evidence, archetypes: readonly Archetype[], cues: readonly Cue[], end: End, temper: number): Weighed {
  const play = inPlay(archetypes, evidence);
  return {
    prior: play.map((possible) => (possible ? 0 : -Infinity)),
    pushes: cues.flatMap((cue) => {
      const answer = cue.read(evidence, end);
      return answer === undefined ? [] : [{ cue, answer, bits: bitsOf(cue, archetypes, answer, play, temper) }];
    }),
  };
}
const totalled = ({ prior, pushes }: Weighed) => pushes.reduce((sum, push) => sum.map((value, i) => value + push.bits[i]!), prior as readonly number[]);

/**
 * The chance of each kind of wine: naive Bayes in bits from equal chances over the kinds of the colour seen, each cue held to its ceiling, all of them
 * tempered because they hang together.
 */
export function posterior(evidence: Evidence, archetypes: readonly Archetype[], cues: readonly Cue[], end: End = 'middle', temper = tempering): Posterior {
  return normalised(totalled(weigh(evidence, archetypes, cues, end, temper)));
}

/** Chance of each value of a dimension, the likeliest first. */
export function marginal(
  chances: Posterior,
  archetypes: readonly Archetype[],
  dimension: Dimension,
): readonly { readonly value: string; readonly chance: number }[] {
  const sums = new Map<string, number>();
  archetypes.forEach((archetype, i) => sums.set(valueOn(archetype, dimension), (sums.get(valueOn(archetype, dimension)) ?? 0) + chances[i]!));
  return [...sums].map(([value, chance]) => ({ value, chance })).sort((a, b) => b.chance - a.chance || (a.value < b.value ? -1 : 1));
}
/** Chance that a wine was made so. */
export const makingChance = (chances: Posterior, archetypes: readonly Archetype[], making: Making): number =>
  archetypes.reduce((sum, archetype, i) => sum + (archetype.making.includes(making) ? chances[i]! : 0), 0);

export type DeduceReasonId = 'start' | 'cue';
export interface Deduced {
  readonly dimension: Dimension;
  readonly values: readonly { readonly value: string; readonly chance: number }[];
  /** The likeliest value, when it is likelier than not, holds at both ends of every span, and the record speaks for it; else null: cannot tell. */
  readonly leader: string | null;
  /** Why it cannot be told; empty when it can. */
  readonly why: '' | 'open' | 'spans' | 'start' | 'nothing';
  /** How each observation moved the log-odds of the likeliest value, bits, one after the other; start and pushes add up to the log-odds. */
  readonly reasons: readonly Reason<DeduceReasonId>[];
}
export interface Deduction {
  readonly kinds: readonly { readonly archetype: Archetype; readonly chance: number }[];
  readonly dimensions: readonly Deduced[];
}

const logOdds = (chance: number) => Math.log2(Math.max(1e-9, chance) / Math.max(1e-9, 1 - chance));
const chanceOn = (chances: Posterior, archetypes: readonly Archetype[], dimension: Dimension, value: string) =>
  archetypes.reduce((sum, archetype, i) => sum + (valueOn(archetype, dimension) === value ? chances[i]! : 0), 0);

/**
 * What the record speaks for: kinds of wine and, on each dimension, the values with their chances, what pushed, and an honest "cannot tell" when
 * nothing is likelier than not, the two ends of the taster's spans disagree, or a value leads only because most kinds have it to begin with.
 */
export function deduce(evidence: Evidence, archetypes: readonly Archetype[], cues: readonly Cue[]): Deduction {
  const weighed = weigh(evidence, archetypes, cues, 'middle', tempering);
  const chances = normalised(totalled(weighed));
  const ends = (['low', 'high'] as const).map((end) => posterior(evidence, archetypes, cues, end));
  const deduced = (['climate', 'age', 'vessel', 'grape', 'price'] as const).map((dimension): Deduced => {
    const values = marginal(chances, archetypes, dimension);
    const first = values[0]!;
    const held = ends.every((end) => marginal(end, archetypes, dimension)[0]!.value === first.value);
    let bits = weighed.prior;
    let stands = logOdds(chanceOn(normalised(bits), archetypes, dimension, first.value));
    const reasons: Reason<DeduceReasonId>[] = [{ id: 'start', push: stands, unit: 'bits', args: {} }];
    for (const push of weighed.pushes) {
      bits = bits.map((value, i) => value + push.bits[i]!);
      const next = logOdds(chanceOn(normalised(bits), archetypes, dimension, first.value));
      reasons.push({ id: 'cue', push: next - stands, unit: 'bits', args: { cue: push.cue.label } });
      stands = next;
    }
    const why = weighed.pushes.length === 0 ? 'nothing' : first.chance < 0.5 ? 'open' : !held ? 'spans' : stands < reasons[0]!.push - 1e-9 ? 'start' : '';
    return { dimension, values, leader: why === '' ? first.value : null, why, reasons };
  });
  const kinds = archetypes
    .map((archetype, i) => ({ archetype, chance: chances[i]! }))
    .sort((a, b) => b.chance - a.chance || (a.archetype.id < b.archetype.id ? -1 : 1));
  return { kinds, dimensions: deduced };
}

const entropy = (chances: readonly number[]) => chances.reduce((sum, chance) => (chance > 0 ? sum - chance * Math.log2(chance) : sum), 0);

/**
 * How much looking at a cue is expected to tell of a dimension (or of the kind of wine, when none is named), bits: the entropy now less its mean
 * over every answer that can be given, by the cue's own chances (ceilings and tempering are not applied: they bound what is believed, not what is worth
 * asking). Never negative beyond rounding.
 */
export function expectedInformation(chances: Posterior, archetypes: readonly Archetype[], cue: Cue, dimension?: Dimension): number {
  const spreadOf = (some: Posterior) => (dimension === undefined ? entropy(some) : entropy(marginal(some, archetypes, dimension).map((entry) => entry.chance)));
  let after = 0;
  for (const answer of cue.answers) {
    const { chance } = likelihood(archetypes, cue, answer);
    const joint = chances.map((value, i) => value * chance[i]!);
    const mass = joint.reduce((sum, value) => sum + value, 0);
    if (mass > 1e-12) after += mass * spreadOf(joint.map((value) => value / mass));
  }
  return spreadOf(chances) - after;
}

/** The cue not yet looked at that tells most, with its bits; undefined when every cue was looked at. The first of equals. */
export function nextLook(
  evidence: Evidence,
  archetypes: readonly Archetype[],
  cues: readonly Cue[],
  dimension?: Dimension,
): { readonly cue: Cue; readonly bits: number } | undefined {
  const chances = posterior(evidence, archetypes, cues);
  let best: { cue: Cue; bits: number } | undefined;
  for (const cue of cues) {
    if (cue.read(evidence, 'middle') !== undefined) continue;
    const bits = expectedInformation(chances, archetypes, cue, dimension);
    if (best === undefined || bits > best.bits + 1e-12) best = { cue, bits };
  }
  return best;
}

/** A value of a dimension as words; a grape is its own name. */
export const valueWord = (dimension: Dimension, value: string): string =>
  dimension === 'grape' ? value : (dimensions[dimension] as Readonly<Record<string, string>>)[value]!;

export const deduceWording: Wording<DeduceReasonId> = {
  start: () => 'before anything was looked at, but the colour',
  cue: ({ cue }) => String(cue),
};
