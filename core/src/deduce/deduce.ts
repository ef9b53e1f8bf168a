import type { Reason, Wording } from '../wine/reason';
import { classOfHue } from '../wine/observables';
import { dimensions, valueOn, type Archetype, type Dimension, type Making } from './archetype';
import { likelihood } from './likelihood';
import { ceilingOf, endOf, withBubbles, type Cue, type End, type Evidence } from './evidence';
import { priceFactors, speaksOfPrice } from './price';

/**
 * How far the cues are believed as if they were independent, 0–1. They are not (a ripe wine is riper in every bearing, a generous taster is generous
 * throughout), so each counts for less. Fitted on simulated tasters with a shared offset and halo; see docs/methods.md.
 */
export const tempering = 0.95;

/** Kinds of wine with their chance, in the order they were given; sums to 1. */
export type Posterior = readonly number[];

/** The kinds a glass can be at all: the colour that was seen settles that, it is not an inference. */
function inPlay(archetypes: readonly Archetype[], evidence: Evidence): readonly boolean[] {
  const colour = evidence.observed.colour ?? (evidence.observed.hue === undefined ? undefined : classOfHue(evidence.observed.hue));
  const seen = archetypes.map((archetype) => colour === undefined || archetype.colour === colour);
  return seen.some(Boolean) ? seen : archetypes.map(() => true);
}

/** What an answer is worth for each kind, bits, tempered, 0 for the likeliest and never below minus the cue's ceiling: no target moves by more. */
function bitsOf(cue: Cue, archetypes: readonly Archetype[], answer: string, play: readonly boolean[], temper: number, dim = false): readonly number[] {
  const { bits } = likelihood(archetypes, cue, answer);
  let top = -Infinity;
  for (let i = 0; i < bits.length; i++) if (play[i] && bits[i]! > top) top = bits[i]!;
  const ceiling = ceilingOf(cue, answer, dim);
  return Array.from(bits, (value) => Math.max(-ceiling, Math.min(0, temper * (value - top))));
}

const normalised = (bits: readonly number[]): Posterior => {
  const top = Math.max(...bits);
  const weights = bits.map((value) => 2 ** (value - top));
  const whole = weights.reduce((sum, weight) => sum + weight, 0);
  return weights.map((weight) => weight / whole);
};

/**
 * The share, before anything was looked at, of wines that are none of the kinds in the table. It falls as a kind fits what is recorded better than a wine of
 * any kind would, and rises where none does. Our own reading.
 */
export const otherAtFirst = 0.5;

/** Bits of each kind, and last those of a wine that is none of them. */
interface Weighed {
  readonly prior: readonly number[];
  readonly pushes: readonly { readonly cue: Cue; readonly answer: string; readonly bits: readonly number[] }[];
}
/** What an answer is worth for a wine that is none of the kinds: the mean of those it could be taken for. */
function bitsOfOther(bits: readonly number[], play: readonly boolean[]): number {
  const some = bits.filter((_, i) => play[i]);
  return Math.log2(some.reduce((sum, value) => sum + 2 ** value, 0) / some.length);
}
function weigh(evidence: Evidence, archetypes: readonly Archetype[], cues: readonly Cue[], end: End, temper: number): Weighed {
  const play = inPlay(archetypes, evidence);
  const kinds = play.filter(Boolean).length;
  return {
    prior: [...play.map((possible) => (possible ? 0 : -Infinity)), Math.log2((kinds * otherAtFirst) / (1 - otherAtFirst))],
    pushes: cues.flatMap((cue) => {
      const answer = cue.read(evidence, end);
      if (answer === undefined) return [];
      const bits = bitsOf(cue, archetypes, answer, play, temper, evidence.dim);
      return [{ cue, answer, bits: [...bits, bitsOfOther(bits, play)] }];
    }),
  };
}
const totalled = ({ prior, pushes }: Weighed) => pushes.reduce((sum, push) => sum.map((value, i) => value + push.bits[i]!), prior as readonly number[]);

/**
 * The chance of each kind of wine: naive Bayes in bits from equal chances over the kinds of the colour seen, each cue held to its ceiling, all of them
 * tempered because they hang together.
 */
export function posterior(evidence: Evidence, archetypes: readonly Archetype[], cues: readonly Cue[], end: End = 'middle', temper = tempering): Posterior {
  return normalised(totalled(weigh(evidence, archetypes, cues, end, temper)).slice(0, -1));
}

/** {@link posterior} with, last, the chance that it is none of the kinds; sums to 1. */
export const posteriorWithOther = (evidence: Evidence, archetypes: readonly Archetype[], cues: readonly Cue[]): Posterior =>
  normalised(totalled(weigh(evidence, archetypes, cues, 'middle', tempering)));

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
  /** The likeliest value, when it is likely enough to tell, no end of the spans tells another, and the record speaks for it; else null: cannot tell. */
  readonly leader: string | null;
  /** Why it cannot be told; empty when it can. */
  readonly why: '' | 'open' | 'spans' | 'start' | 'nothing';
  /** How each observation moved the log-odds of the likeliest value, bits, one after the other; start and pushes add up to the log-odds. */
  readonly reasons: readonly Reason<DeduceReasonId>[];
}
export interface Deduction {
  readonly kinds: readonly { readonly archetype: Archetype; readonly chance: number }[];
  /** The chance that it is none of them. */
  readonly other: number;
  /** Whether it is sparkling: an even start, whatever most kinds are; null where neither is likely enough to tell. */
  readonly sparkling: { readonly chance: number; readonly leader: boolean | null };
  readonly dimensions: readonly Deduced[];
}

const logOdds = (chance: number) => Math.log2(Math.max(1e-9, chance) / Math.max(1e-9, 1 - chance));
/** The values a wine that is none of the kinds may have, each as likely; of grapes there are too many to name. */
const valuesOf = (dimension: Dimension): readonly string[] => (dimension === 'grape' ? [] : Object.keys(dimensions[dimension]));
/** From this chance on a value is told. */
const told = 0.5;
/** … and from this one, where it is half as likely again as the next. Own choice. */
const [leading, ahead] = [0.45, 1.5];
/** Whether the likeliest of some values, given in order, is told. */
const isTold = ([first, second]: readonly { readonly chance: number }[]) =>
  first!.chance >= told || (first!.chance >= leading && first!.chance >= ahead * (second?.chance ?? 0));
/** Bits the record must add to what most kinds are, before a value is told that is not all but sure. */
const added = 0.3;
const allButSure = 0.75;
/** How a kind's chance lies on the values of a dimension. */
type Lies = (archetype: Archetype) => Readonly<Record<string, number>>;
const asItIs =
  (dimension: Dimension): Lies =>
  (archetype) => ({ [valueOn(archetype, dimension)]: 1 });

/** The chance of each value, kinds and the wine that is none of them together; `all` has the chance of that wine last. */
function spreadOn(all: Posterior, archetypes: readonly Archetype[], dimension: Dimension, lies: Lies): ReadonlyMap<string, number> {
  const other = all.at(-1)!;
  const every = valuesOf(dimension);
  const sums = new Map<string, number>(every.map((value) => [value, other / every.length]));
  archetypes.forEach((archetype, i) => {
    for (const [value, share] of Object.entries(lies(archetype))) sums.set(value, (sums.get(value) ?? 0) + share * all[i]!);
  });
  return sums;
}
const ranked = (chances: ReadonlyMap<string, number>) =>
  [...chances].map(([value, chance]) => ({ value, chance })).sort((a, b) => b.chance - a.chance || (a.value < b.value ? -1 : 1));

/** A kind is met from the climate beside its own as well. Our own reading. */
const grown = {
  cool: { cool: 0.83, moderate: 0.16, warm: 0.01 },
  moderate: { cool: 0.09, moderate: 0.81, warm: 0.1 },
  warm: { cool: 0.01, moderate: 0.16, warm: 0.83 },
} as const;
const anywhere = { cool: 1 / 3, moderate: 1 / 3, warm: 1 / 3 } as const;
/** What air, a veil of yeast, long skins or the taking of its alcohol made of a white covers where it grew. Common practice. */
const covered = ({ colour, vessel, making, scales }: Archetype) =>
  vessel === 'flor' || vessel === 'oxidative' || making.includes('veil') || scales.alcohol < 15 || (colour === 'amber' && scales.tannin >= gripOfLongSkins);
const gripOfLongSkins = 40;
const grownBeside: Lies = (archetype) => (covered(archetype) ? anywhere : grown[archetype.climate]);
/** A wine is seldom of another price than is usual for its kind, and seldomer of a price far from it. Our own reading. */
const beside = {
  cheaper: { cheaper: 0.6, middle: 0.32, dearer: 0.08 },
  middle: { cheaper: 0.22, middle: 0.56, dearer: 0.22 },
  dearer: { cheaper: 0.08, middle: 0.32, dearer: 0.6 },
} as const;
/** Where a price is usual for the kind, and how finely the wine was made speaks for it or against. */
function priceBy(evidence: Evidence): Lies {
  const factors = priceFactors(evidence);
  return ({ price }) => {
    const weights = Object.entries(beside[price]).map(([value, share]) => [value, share * factors[value as Archetype['price']]] as const);
    const whole = weights.reduce((sum, [, weight]) => sum + weight, 0);
    return Object.fromEntries(weights.map(([value, weight]) => [value, weight / whole]));
  };
}

const certainly = 0.7;
const plainlySeen = 0.97;
/** Bubbles that were looked for settle it; for the rest every cue moves an even start by what it says of kinds with bubbles against those without. */
function sparklingBy(evidence: Evidence, weighed: Weighed, archetypes: readonly Archetype[]): Deduction['sparkling'] {
  const bubbly = archetypes.map((archetype) => archetype.scales.bubbles >= withBubbles);
  const oddsOf = (bits: readonly number[]) => {
    const chances = normalised(bits.slice(0, -1));
    const yes = chances.reduce((sum, chance, i) => sum + (bubbly[i] ? chance : 0), 0);
    return logOdds(yes);
  };
  const before = oddsOf(weighed.prior);
  const looked = evidence.observed.bead !== undefined || evidence.observed.bubbles !== undefined;
  if (looked) {
    const { bead, bubbles } = evidence.observed;
    const seen = bead === undefined ? endOf(bubbles!, 'middle') >= withBubbles : bead !== 'none' && bead !== 'wall';
    const chance = seen ? plainlySeen : 1 - plainlySeen;
    return { chance, leader: seen };
  }
  const moved = oddsOf(totalled(weighed)) - before;
  const other = normalised(totalled(weighed)).at(-1)!;
  const chance = 1 / (1 + 2 ** -moved);
  const all = (1 - other) * chance + other * 0.5;
  return { chance: all, leader: all >= certainly ? true : all <= 1 - certainly ? false : null };
}

const liesOn = (dimension: Dimension, evidence: Evidence): Lies =>
  dimension === 'price' ? priceBy(evidence) : dimension === 'climate' ? grownBeside : asItIs(dimension);
/** How each observation moved the log-odds of a value, bits, one after the other from what it was before anything was looked at. */
function pushesOn(evidence: Evidence, weighed: Weighed, archetypes: readonly Archetype[], dimension: Dimension, value: string): Reason<DeduceReasonId>[] {
  const lies = liesOn(dimension, evidence);
  const on = (bits: readonly number[]) => logOdds(spreadOn(normalised(bits), archetypes, dimension, lies).get(value) ?? 0);
  let bits = weighed.prior;
  // A price is read from how finely the wine is made as well: that push comes first.
  const bare = spreadOn(normalised(bits), archetypes, dimension, dimension === 'price' ? ({ price }) => beside[price] : lies);
  let stands = logOdds(bare.get(value) ?? 0);
  const reasons: Reason<DeduceReasonId>[] = [{ id: 'start', push: stands, unit: 'bits', args: {} }];
  const pushed = (label: string, next: number) => {
    reasons.push({ id: 'cue', push: next - stands, unit: 'bits', args: { cue: label } });
    stands = next;
  };
  if (dimension === 'price' && speaksOfPrice(evidence)) pushed('how long, layered and balanced it is', on(bits));
  for (const push of weighed.pushes) {
    bits = bits.map((held, i) => held + push.bits[i]!);
    pushed(push.cue.label, on(bits));
  }
  return reasons;
}
/**
 * How each observation moved the log-odds of a value that turned out to be the right one, bits: what spoke for it and what against. Start and pushes add up to
 * the log-odds of that value. @returns nothing where no kind in the table has the value
 */
export function pushesTo(
  evidence: Evidence,
  archetypes: readonly Archetype[],
  cues: readonly Cue[],
  dimension: Dimension,
  value: string,
): readonly Reason<DeduceReasonId>[] {
  if (!archetypes.some((archetype) => valueOn(archetype, dimension) === value)) return [];
  return pushesOn(evidence, weigh(evidence, archetypes, cues, 'middle', tempering), archetypes, dimension, value);
}

/**
 * What the record speaks for: kinds of wine and, on each dimension, the values with their chances, what pushed, and an honest "cannot tell" when
 * nothing is likelier than not or clearly ahead, the two ends of the taster's spans disagree, or a value leads only because most kinds have it to begin with.
 */
export function deduce(evidence: Evidence, archetypes: readonly Archetype[], cues: readonly Cue[]): Deduction {
  const weighed = weigh(evidence, archetypes, cues, 'middle', tempering);
  const all = normalised(totalled(weighed));
  const ends = (['low', 'high'] as const).map((end) => normalised(totalled(weigh(evidence, archetypes, cues, end, tempering))));
  const deduced = (['climate', 'age', 'vessel', 'grape', 'price'] as const).map((dimension): Deduced => {
    const lies = liesOn(dimension, evidence);
    const on = (some: Posterior) => spreadOn(some, archetypes, dimension, lies);
    const values = ranked(on(all));
    const first = values[0]!;
    // A span holds unless at one of its ends another value would be told.
    const held = ends.every((end) => {
      const there = ranked(on(end));
      return there[0]!.value === first.value || !isTold(there);
    });
    const reasons = pushesOn(evidence, weighed, archetypes, dimension, first.value);
    const start = reasons[0]!.push;
    const stands = reasons.reduce((sum, reason) => sum + reason.push, 0);
    const why =
      reasons.length === 1
        ? 'nothing'
        : !isTold(values)
          ? 'open'
          : !held
            ? 'spans'
            : stands < start + (first.chance >= allButSure ? 0 : added) - 1e-9
              ? 'start'
              : '';
    return { dimension, values, leader: why === '' ? first.value : null, why, reasons };
  });
  const kinds = archetypes
    .map((archetype, i) => ({ archetype, chance: all[i]! }))
    .sort((a, b) => b.chance - a.chance || (a.archetype.id < b.archetype.id ? -1 : 1));
  return { kinds, other: all.at(-1)!, sparkling: sparklingBy(evidence, weighed, archetypes), dimensions: deduced };
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
