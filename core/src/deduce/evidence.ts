import { normalBetween } from '../statistics/normal';
import { classOfHue, hueLadders, midpoint, observables, type ObservableId, type Observed, type Reading } from '../wine/observables';
import { anchors } from '../wine/profile';
import { clamp, throughAnchors } from '../wine/units';
import { stray, type Archetype, type ArchetypeScale } from './archetype';

/** How much one observation may move a deduction, bits. Strong, moderate, weak (common practice of the trade, weighed by us). */
export const ceilings = { S: 4, M: 2, L: 1.2, W: 0.5 } as const;
export type Strength = keyof typeof ceilings;

/** What the eye reads: under poor light it counts for little. */
const ofTheEye: ReadonlySet<string> = new Set(['hue', 'rimHue', 'depth', 'rim']);
/** The most an answer may move any target, bits. */
export const ceilingOf = (cue: Cue, answer: string, dim = false): number =>
  ceilings[dim && ofTheEye.has(cue.id) ? 'W' : (cue.weaker?.[answer] ?? cue.strength)];

/** What was seen, smelt and tasted, as far as a deduction reads it. A family that was not looked for is absent. */
export interface Evidence {
  readonly observed: Observed;
  /** By family, or by two of which either may be meant: smelt, or looked for and not there. */
  readonly smells: Readonly<Record<string, boolean>>;
  /** Whether three smells or more were named, all of fruit, flower or leaf; undefined below three. */
  readonly onlyPrimary?: boolean | undefined;
  /** The glass was looked at under poor light. */
  readonly dim?: boolean | undefined;
}

/** One thing a deduction reads: what can be answered, how likely each answer is for a kind of wine, and how much it may count. */
export interface Cue {
  readonly id: string;
  readonly label: string;
  readonly strength: Strength;
  /** Answers that count for less than the cue's others. */
  readonly weaker?: Readonly<Record<string, Strength>>;
  /** Every answer that can be given, for weighing what to look at next. */
  readonly answers: readonly string[];
  /** The answer the evidence gives; undefined when it was not looked at. A span gives one answer at each end. */
  readonly read: (evidence: Evidence, end: End) => string | undefined;
  /** Chance of the answer for a wine of the kind, 0–1; over all answers it sums to 1. */
  readonly chance: (archetype: Archetype, answer: string) => number;
}
/** Which end of a span is read. */
export type End = 'low' | 'middle' | 'high';

/** Spread of a bearing within a kind and from one reading to the next, on 0–100; what a taster shares over all bearings is left to the tempering. */
const spread = 10;

const steps = ['0', '1', '2', '3', '4', '5', '6', '7', '8', '9'] as const;
const stepOf = (value: number) => String(Math.min(9, Math.floor(clamp(value, 0, 100) / 10)));
export const endOf = (reading: Reading, end: End) =>
  typeof reading === 'number' ? reading : end === 'middle' ? midpoint(reading) : reading[end === 'low' ? 0 : 1];

/** A bearing read in ten steps; the outer steps take all that lies beyond. */
const scaleCue = (id: string, strength: Strength, label: string, read: Cue['read'], mean: (archetype: Archetype) => number, sd = spread): Cue => ({
  id,
  label,
  strength,
  answers: steps,
  read,
  chance: (archetype, answer) => {
    const step = Number(answer);
    return normalBetween(mean(archetype), sd, step === 0 ? -Infinity : step * 10, step === 9 ? Infinity : step * 10 + 10);
  },
});
const bearing = (id: ObservableId & Exclude<ArchetypeScale, 'length'>, strength: Strength): Cue =>
  scaleCue(
    id,
    strength,
    observables[id].label.toLowerCase(),
    ({ observed }, end) => (observed[id] === undefined ? undefined : stepOf(endOf(observed[id], end))),
    (archetype) => archetype.scales[id],
  );

const rungsOf = (hue: string): readonly string[] => Object.keys(hueLadders[classOfHue(hue) ?? 'white']);
/** How likely each rung of the ladder is, falling with the distance from the usual one. */
function rungChance(usual: string, hue: string, sd: number): number {
  const rungs = rungsOf(usual);
  const weight = (rung: string) => Math.exp(-((rungs.indexOf(rung) - rungs.indexOf(usual)) ** 2) / (2 * sd * sd));
  const whole = rungs.reduce((sum, rung) => sum + weight(rung), 0);
  // A hue of another class is a slip of the finger or a wine between two classes.
  return rungs.includes(hue) ? (0.98 * weight(hue)) / whole : 0.02 / (everyHue.length - rungs.length);
}
const everyHue = Object.values(hueLadders).flatMap((ladder) => Object.keys(ladder));
/** The hue at the rim: a rung on in an old wine. */
const rimOf = (archetype: Archetype) => {
  const rungs = rungsOf(archetype.hue);
  return rungs[Math.min(rungs.length - 1, rungs.indexOf(archetype.hue) + (archetype.age === 'old' ? 1 : 0))]!;
};

/** Slow tears come of alcohol and sugar, and of nothing else. */
const slowTears = (archetype: Archetype) => clamp(0.1 + 0.75 * (Math.max(archetype.scales.alcohol - 35, archetype.scales.sweetness - 45, 0) / 50), 0.1, 0.85);
const yesNo = ['yes', 'no'] as const;
const steady = new Set(['fine', 'medium', 'coarse']);
/** Bubbles, of 100, from which a wine is one with bubbles. */
export const withBubbles = 25;
/** So many rows of the look filled in are a look. */
const aLook = 2;
const lookedAt = (observed: Observed) =>
  (['clarity', 'hue', 'depth', 'rimHue', 'rim', 'tears'] as const).filter((id) => observed[id] !== undefined).length >= aLook;
/** Fine bubbles come with time on the lees, loosely: the surface of the glass matters more. */
const fineness = { lees: { fine: 0.5, medium: 0.36, coarse: 0.14 }, other: { fine: 0.34, medium: 0.36, coarse: 0.3 } } as const;
/** Feel in the mouth: cream from lees and new wood, oil from body without acid. */
function textureChances(archetype: Archetype): Readonly<Record<string, number>> {
  const { body, acidity, tannin } = archetype.scales;
  const weights = {
    lean: 0.1 + Math.max(0, 60 - body) / 60,
    smooth: 0.5,
    oily: 0.1 + Math.max(0, body - acidity) / 50,
    creamy: 0.08 + (archetype.making.includes('lees') || archetype.making.includes('malolactic') ? 0.7 : 0) + (archetype.vessel === 'new' ? 0.5 : 0),
    grainy: 0.05 + tannin / 90,
  };
  const whole = Object.values(weights).reduce((sum, weight) => sum + weight, 0);
  return Object.fromEntries(Object.entries(weights).map(([answer, weight]) => [answer, weight / whole]));
}
const grains = ['silk', 'dust', 'chalk', 'coarse'] as const;

/** Whether a smell of the family is there. */
const smellCue = (family: string, label: string, strength: Strength): Cue => ({
  id: `smell-${family}`,
  label: `a smell of ${label}`,
  strength,
  answers: yesNo,
  read: ({ smells }) => (smells[family] === undefined ? undefined : smells[family] ? 'yes' : 'no'),
  chance: (archetype, answer) => {
    const there = clamp(archetype.smells[family] ?? stray, 0.02, 0.95);
    return answer === 'yes' ? there : 1 - there;
  },
});

/** The name of two families of which either may be meant. */
export const either = (family: string, also: string): string => `${family}|${also}`;
/** A smell that is of one family or of the other. */
const eitherCue = ([family, also]: readonly [string, string], labels: Readonly<Record<string, string>>): Cue => ({
  id: `smell-${either(family, also)}`,
  label: `a smell of ${labels[family]} or of ${labels[also]}`,
  strength: 'S',
  answers: yesNo,
  read: ({ smells }) => (smells[either(family, also)] === true ? 'yes' : undefined),
  chance: (archetype, answer) => {
    const neither = (1 - (archetype.smells[family] ?? stray)) * (1 - (archetype.smells[also] ?? stray));
    const there = clamp(1 - neither, 0.02, 0.95);
    return answer === 'yes' ? there : 1 - there;
  },
});

/** Whether nothing but fruit, flower and leaf was found: the smells of making and of age are all missing. */
const onlyPrimaryCue = (later: readonly string[]): Cue => ({
  id: 'only-primary',
  label: 'fruit and flower only',
  strength: 'S',
  answers: yesNo,
  read: ({ onlyPrimary }) => (onlyPrimary === undefined ? undefined : onlyPrimary ? 'yes' : 'no'),
  chance: (archetype, answer) => {
    const none = clamp(
      later.reduce((product, family) => product * (1 - 0.8 * (archetype.smells[family] ?? stray)), 1),
      0.03,
      0.97,
    );
    return answer === 'yes' ? none : 1 - none;
  },
});

/**
 * Every cue a deduction reads, in the order of the quarters.
 * @param families smell families with their label and strength
 * @param later families that come of making or of age
 * @param doubled pairs of families one word may be of
 */
export function cuesFor(
  families: readonly { readonly id: string; readonly label: string; readonly strength: Strength }[],
  later: readonly string[],
  doubled: readonly (readonly [string, string])[] = [],
): readonly Cue[] {
  const labels = Object.fromEntries(families.map(({ id, label }) => [id, label]));
  return [
    {
      id: 'hue',
      label: 'hue at the core',
      // The ladder of reds tells age plainly; that of the others has more fathers: oak, skins, ripeness.
      strength: 'S',
      weaker: Object.fromEntries(everyHue.filter((hue) => classOfHue(hue) !== 'red').map((hue) => [hue, 'M'])),
      answers: everyHue,
      read: ({ observed }) => observed.hue,
      chance: (archetype, answer) => rungChance(archetype.hue, answer, 0.95),
    },
    {
      id: 'rimHue',
      label: 'hue at the rim',
      strength: 'M',
      answers: everyHue,
      read: ({ observed }) => observed.rimHue,
      chance: (archetype, answer) => rungChance(rimOf(archetype), answer, 1.1),
    },
    scaleCue(
      'depth',
      'M',
      'depth of colour',
      ({ observed }, end) => (observed.depth === undefined ? undefined : stepOf(endOf(observed.depth, end))),
      (a) => a.depth,
      12,
    ),
    scaleCue(
      'rim',
      'W',
      'width of the rim',
      ({ observed }, end) => (observed.rim === undefined ? undefined : stepOf(endOf(observed.rim, end))),
      (a) => clamp(78 - a.depth * 0.6 + (a.climate === 'cool' ? 6 : 0), 5, 85),
      24,
    ),
    {
      id: 'tears',
      label: 'tears',
      strength: 'M',
      weaker: { none: 'W', quick: 'W' },
      answers: ['none', 'quick', 'slow'],
      read: ({ observed }) => (observed.tears === 'middling' ? undefined : observed.tears),
      chance: (archetype, answer) =>
        answer === 'slow' ? slowTears(archetype) : answer === 'quick' ? 0.75 * (1 - slowTears(archetype)) : 0.25 * (1 - slowTears(archetype)),
    },
    {
      id: 'bead',
      label: 'bubbles seen',
      strength: 'S',
      answers: yesNo,
      // A few bubbles on the glass after the pour are no answer.
      read: ({ observed }) => (observed.bead === undefined || observed.bead === 'wall' ? undefined : steady.has(observed.bead) ? 'yes' : 'no'),
      chance: (archetype, answer) => ((answer === 'yes') === archetype.scales.bubbles >= withBubbles ? 0.97 : 0.03),
    },
    {
      id: 'noBead',
      label: 'bubbles not noted where the look was',
      // Who looked at the wine and wrote nothing of bubbles has most likely seen none: weak, for a row is also skipped.
      strength: 'L',
      answers: yesNo,
      read: ({ observed }) => (observed.bead === undefined && observed.bubbles === undefined && lookedAt(observed) ? 'yes' : undefined),
      chance: (archetype, answer) => {
        const skipped = archetype.scales.bubbles >= withBubbles ? 0.25 : 0.9;
        return answer === 'yes' ? skipped : 1 - skipped;
      },
    },
    {
      id: 'beadFineness',
      label: 'how fine the bubbles are',
      strength: 'W',
      answers: [...steady],
      read: ({ observed }) => (observed.bead !== undefined && steady.has(observed.bead) ? observed.bead : undefined),
      chance: (archetype, answer) => fineness[archetype.making.includes('lees') ? 'lees' : 'other'][answer as 'fine'],
    },
    scaleCue(
      'noseSwirled',
      'M',
      'loudness of the nose',
      ({ observed }, end) => (observed.noseSwirled === undefined ? undefined : stepOf(endOf(observed.noseSwirled, end))),
      (a) => a.scales.intensity,
      18,
    ),
    ...families.map((family) => smellCue(family.id, family.label, family.strength)),
    ...doubled.map((pair) => eitherCue(pair, labels)),
    onlyPrimaryCue(later),
    bearing('sweetness', 'S'),
    bearing('acidity', 'S'),
    bearing('tannin', 'S'),
    {
      id: 'tanninGrain',
      label: 'grain of the tannin',
      strength: 'M',
      answers: grains,
      // Velvet is silk with a nap: what speaks for one speaks for the other.
      read: ({ observed }) => (observed.tanninGrain === 'velvet' ? 'silk' : observed.tanninGrain),
      chance: (archetype, answer) => (archetype.grain === undefined ? 0.25 : answer === archetype.grain ? 0.55 : 0.15),
    },
    bearing('alcohol', 'M'),
    bearing('body', 'M'),
    {
      id: 'texture',
      label: 'feel in the mouth',
      strength: 'M',
      answers: Object.keys(observables.texture.options),
      read: ({ observed }) => observed.texture,
      chance: (archetype, answer) => textureChances(archetype)[answer]!,
    },
    bearing('bubbles', 'S'),
    bearing('intensity', 'W'),
    scaleCue(
      // Tasters count by different rulers: the seconds of one are not those of another.
      'finish',
      'L',
      'length of the finish',
      ({ observed }) =>
        observed.finish === undefined || observed.finish.atLeast === true ? undefined : stepOf(throughAnchors(anchors.finish, observed.finish.seconds)),
      (a) => a.scales.length,
      22,
    ),
  ];
}
