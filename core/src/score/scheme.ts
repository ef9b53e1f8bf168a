import { midpoint, observables, valueInWords, type ObservableId, type Observed, type ValueOf } from '../wine/observables';
import type { Chip } from '../wine/note';
import type { Told } from '../wine/reason';
import { reasonsOf, rule } from '../wine/rule';
import { anchors } from '../wine/profile';
import { clamp, throughAnchors } from '../wine/units';

/** What a criterion may read of a note: an observation, or the number of smells and flavours found. */
export type Cue = ObservableId | 'descriptors';

/** One thing a criterion looks at: how good it is, 0 (worst) to 1 (best), or undefined when nothing was recorded. */
export interface Look {
  readonly cue: Cue;
  readonly weight: number;
}
export interface Criterion {
  readonly id: string;
  readonly label: string;
  readonly section: string;
  /** Allowed marks from the best to the worst. */
  readonly marks: readonly number[];
  readonly looks: readonly Look[];
}
/** A way of giving marks, as data. */
export interface Scheme {
  readonly id: string;
  readonly label: string;
  readonly source: string;
  readonly criteria: readonly Criterion[];
  readonly classes: readonly { readonly from: number; readonly word: string }[];
  /** Totals are rounded to the nearest multiple; absent for none. */
  readonly rounding?: number | undefined;
}

const look = (cue: Cue, weight = 1): Look => ({ cue, weight });

/** What both sheets of the international competition standard look at; effervescence stands on the sparkling one only. */
const competitionLooks: readonly Omit<Criterion, 'marks'>[] = [
  { id: 'limpidity', label: 'limpidity', section: 'appearance', looks: [look('clarity', 3), look('particles')] },
  { id: 'aspect', label: 'other aspect', section: 'appearance', looks: [look('hue', 2), look('clarity')] },
  { id: 'effervescence', label: 'effervescence', section: 'appearance', looks: [look('bead', 2), look('bubbles')] },
  { id: 'nose-genuine', label: 'genuineness', section: 'aroma', looks: [look('health')] },
  { id: 'nose-intensity', label: 'positive intensity', section: 'aroma', looks: [look('noseSwirled', 2), look('noseStill')] },
  { id: 'nose-quality', label: 'quality', section: 'aroma', looks: [look('noseFineness')] },
  { id: 'taste-genuine', label: 'genuineness', section: 'palate', looks: [look('palateHealth')] },
  { id: 'taste-intensity', label: 'positive intensity', section: 'palate', looks: [look('intensity')] },
  { id: 'persistence', label: 'harmonious persistence', section: 'palate', looks: [look('finish', 3), look('after')] },
  { id: 'taste-quality', label: 'quality', section: 'palate', looks: [look('balance', 2), look('palateFineness', 2), look('complexity'), look('finish')] },
  { id: 'overall', label: 'overall judgement', section: 'overall', looks: [look('balance'), look('complexity'), look('finish', 2), look('typicity')] },
];
const competitionSheet = (marks: Readonly<Record<string, readonly number[]>>): readonly Criterion[] =>
  competitionLooks.flatMap((entry) => (marks[entry.id] === undefined ? [] : [{ ...entry, marks: marks[entry.id]! }]));

/** Medals of the same standard by the mean of a jury; one taster's draft only says in which class it would fall. From memory: check. */
const medals: Scheme['classes'] = [
  { from: 92, word: 'as a grand gold' },
  { from: 85, word: 'as a gold' },
  { from: 82, word: 'as a silver' },
  { from: 80, word: 'as a bronze' },
  { from: 0, word: 'below the medals' },
];

/** The 100-point sheet of the international competition standard for still wines. */
export const competitionStill: Scheme = {
  id: 'competition-still',
  label: '100-point competition sheet, still wine',
  source: 'OIV-CONCOURS 332A-2009, annex (from memory; columns checked to sum to 100, 86, 72, 56 and 40)',
  criteria: competitionSheet({
    limpidity: [5, 4, 3, 2, 1],
    aspect: [10, 8, 6, 4, 2],
    'nose-genuine': [6, 5, 4, 3, 2],
    'nose-intensity': [8, 7, 6, 4, 2],
    'nose-quality': [16, 14, 12, 10, 8],
    'taste-genuine': [6, 5, 4, 3, 2],
    'taste-intensity': [8, 7, 6, 4, 2],
    persistence: [8, 7, 6, 5, 4],
    'taste-quality': [22, 19, 16, 13, 10],
    overall: [11, 10, 9, 8, 7],
  }),
  classes: medals,
};

/** The 100-point sheet of the same standard for sparkling wines. */
export const competitionSparkling: Scheme = {
  id: 'competition-sparkling',
  label: '100-point competition sheet, sparkling wine',
  source: 'OIV-CONCOURS 332A-2009, annex (from memory; columns checked to sum to 100, 85, 70, 55 and 40)',
  criteria: competitionSheet({
    limpidity: [5, 4, 3, 2, 1],
    aspect: [10, 8, 6, 4, 2],
    effervescence: [10, 8, 6, 4, 2],
    'nose-genuine': [7, 6, 5, 4, 3],
    'nose-intensity': [7, 6, 5, 4, 3],
    'nose-quality': [14, 12, 10, 8, 6],
    'taste-genuine': [7, 6, 5, 4, 3],
    'taste-intensity': [7, 6, 5, 4, 3],
    persistence: [7, 6, 5, 4, 3],
    'taste-quality': [14, 12, 10, 8, 6],
    overall: [12, 11, 10, 9, 8],
  }),
  classes: medals,
};

/** The older 20-point card. */
export const universityCard: Scheme = {
  id: 'university-20',
  label: '20-point university card, the older one',
  source: 'Amerine & Roessler, Wines: Their Sensory Evaluation; Amerine & Joslyn (from memory; maxima checked to sum to 20)',
  criteria: [
    { id: 'appearance', label: 'appearance', section: 'appearance', marks: [2, 1, 0], looks: [look('clarity', 2), look('particles')] },
    { id: 'colour', label: 'colour', section: 'appearance', marks: [2, 1, 0], looks: [look('hue')] },
    {
      id: 'aroma',
      label: 'aroma and bouquet',
      section: 'aroma',
      marks: [4, 3, 2, 1, 0],
      looks: [look('noseFineness', 2), look('noseSwirled')],
    },
    { id: 'volatile', label: 'volatile acidity', section: 'aroma', marks: [2, 1, 0], looks: [look('health')] },
    { id: 'acidity', label: 'total acidity', section: 'palate', marks: [2, 1, 0], looks: [look('acidity')] },
    { id: 'sugar', label: 'sweetness', section: 'palate', marks: [1, 0], looks: [look('balance')] },
    { id: 'body', label: 'body', section: 'palate', marks: [1, 0], looks: [look('body')] },
    { id: 'flavour', label: 'flavour', section: 'palate', marks: [2, 1, 0], looks: [look('palateFineness', 2), look('intensity')] },
    { id: 'bitterness', label: 'bitterness and astringency', section: 'palate', marks: [2, 1, 0], looks: [look('bitterness', 2), look('tanninGrain')] },
    { id: 'general', label: 'general quality', section: 'overall', marks: [2, 1, 0], looks: [look('balance'), look('complexity'), look('finish')] },
  ],
  classes: [
    { from: 17, word: 'outstanding, no marked defect' },
    { from: 13, word: 'standard, neither outstanding merit nor defect' },
    { from: 9, word: 'commercially acceptable, with a noticeable defect' },
    { from: 5, word: 'below commercial acceptability' },
    { from: 0, word: 'completely spoiled' },
  ],
};
export const schemes: readonly Scheme[] = [competitionStill, competitionSparkling, universityCard];
/** The sheet that fits what was recorded: the sparkling one when bubbles were seen steadily or felt. Never read from the label. */
export const sheetFor = (observed: Observed): Scheme =>
  (observed.bubbles !== undefined && midpoint(observed.bubbles) >= 40) ||
  (observed.bubbles === undefined && (observed.bead === 'fine' || observed.bead === 'medium' || observed.bead === 'coarse'))
    ? competitionSparkling
    : competitionStill;

const ranks = (order: readonly string[]) => (value: unknown) => {
  const at = order.indexOf(value as string);
  return at < 0 ? undefined : order.length === 1 ? 1 : at / (order.length - 1);
};
const rising = (value: unknown) => midpoint(value as number) / 100;
/** Best between `from` and `to`, falling to `edge` at 0 and 100. */
const plateau = (from: number, to: number, edge: number) => (value: unknown) => {
  const x = midpoint(value as number);
  if (x < from) return edge + ((1 - edge) * x) / from;
  if (x > to) return 1 - ((1 - edge) * (x - to)) / (100 - to);
  return 1;
};

/** How good each observation is, 0–1, worst to best. Colour words that speak of decline in most wines rank lower; style decides the rest. */
const goodness: Partial<Record<Cue, (value: unknown) => number | undefined>> = {
  clarity: ranks(['cloudy', 'hazy', 'dull', 'clear', 'brilliant']),
  particles: (value) => ({ none: 1, crystals: 0.9, deposit: 0.9, cork: 0.5, flakes: 0.2 })[value as string],
  // Brown is decline in one kind and the right colour of another: a hue is neither good nor bad without its kind.
  hue: () => 0.95,
  bead: ranks(['none', 'wall', 'coarse', 'medium', 'fine']),
  bubbles: plateau(55, 90, 0.2),
  health: ranks(['faulty', 'doubtful', 'trace', 'sound']),
  palateHealth: ranks(['faulty', 'doubtful', 'trace', 'sound']),
  noseStill: rising,
  noseSwirled: rising,
  noseFineness: rising,
  intensity: rising,
  palateFineness: rising,
  balance: rising,
  complexity: rising,
  typicity: rising,
  finish: (value) => throughAnchors(anchors.finish, (value as { seconds: number }).seconds) / 100,
  after: (value) => 1 - clamp((value as { seconds: number }).seconds / 60, 0, 1),
  acidity: plateau(35, 85, 0.1),
  body: plateau(15, 90, 0.3),
  bitterness: (value) => 1 - rising(value),
  tanninGrain: ranks(['coarse', 'chalk', 'dust', 'velvet', 'silk']),
  // How many words a taster has says nothing of the wine. Sheets of before may still name it; it is not judged.
  descriptors: () => undefined,
};

/** What a criterion can look at. */
export const scorable = Object.keys(goodness) as readonly Cue[];

/** How good an observation is, 0–1; undefined when nothing was recorded. Exported so that the law "better never lowers" can be tested. */
export function goodnessOf(cue: Cue, observed: Observed, chips: readonly Chip[]): number | undefined {
  const value = cue === 'descriptors' ? (chips.length === 0 ? undefined : chips.length) : observed[cue];
  return value === undefined ? undefined : goodness[cue]?.(value);
}

/** A criterion that is marked: one observation it looked at with its share of the mark, or none. */
interface Marked {
  readonly criterion: Criterion;
  readonly seen: { readonly cue: Cue; readonly said: string; readonly share: number; readonly marks: number } | undefined;
}
export const scoreRules = [
  rule({
    id: 'looked',
    title: 'what was recorded',
    unit: 'marks',
    source: 'the sheet',
    when: ({ seen }: Marked) => (seen === undefined ? undefined : { cue: cueLabel(seen.cue), said: seen.said, share: seen.share, marks: seen.marks }),
    push: ({ marks }) => marks,
    says: ({ cue, said }) => `${cue}: ${said}`,
  }),
  rule({
    id: 'not-judged',
    title: 'what was not',
    unit: 'marks',
    source: 'the sheet',
    when: ({ criterion, seen }: Marked) => (seen === undefined ? { reads: criterion.looks.map((entry) => cueLabel(entry.cue)).join(', ') } : undefined),
    push: () => 0,
    says: ({ reads }) => `not judged: it reads ${reads}`,
  }),
];
export type ScoreReasonId = (typeof scoreRules)[number]['id'];
export interface CriterionScore {
  readonly id: string;
  readonly label: string;
  readonly section: string;
  /** Null when none of its observations was recorded. */
  readonly mark: number | null;
  readonly best: number;
  readonly least: number;
  /** The level of the sheet, 1 for the best column. */
  readonly level: number | null;
  readonly reasons: readonly Told<ScoreReasonId>[];
}
export interface DraftScore {
  readonly scheme: string;
  /** Equal ends when every criterion was judged. */
  readonly low: number;
  readonly high: number;
  readonly best: number;
  readonly criteria: readonly CriterionScore[];
  /** The class both ends fall into, when the scheme names classes and they agree. */
  readonly word: string | null;
  /** Called faulty by the taster: out of competition, and drafted at its least. */
  readonly out: boolean;
}

/**
 * The draft mark of a note by a scheme. A criterion's level is the fifth (or third, or half) of the range in which the weighted mean goodness of its
 * recorded observations falls; a criterion with none is "not judged" and widens the total from its least to its best mark.
 */
export function draftScore(scheme: Scheme, observed: Observed, chips: readonly Chip[]): DraftScore {
  const criteria = scheme.criteria.map((criterion) => scoreCriterion(criterion, observed, chips));
  const sum = (pick: (score: CriterionScore) => number) => criteria.reduce((total, score) => total + pick(score), 0);
  const rounded = (marks: number) => (scheme.rounding === undefined ? marks : Math.round(marks / scheme.rounding) * scheme.rounding);
  const out = observed.health === 'faulty' || observed.palateHealth === 'faulty';
  const low = rounded(sum((score) => (out ? score.least : (score.mark ?? score.least))));
  const high = rounded(sum((score) => (out ? score.least : (score.mark ?? score.best))));
  const wordAt = (marks: number) => scheme.classes.find((entry) => marks >= entry.from)?.word ?? null;
  return { scheme: scheme.id, low, high, best: sum((score) => score.best), criteria, word: wordAt(low) === wordAt(high) ? wordAt(low) : null, out };
}

function scoreCriterion(criterion: Criterion, observed: Observed, chips: readonly Chip[]): CriterionScore {
  const seen = criterion.looks.flatMap((entry) => {
    const good = goodnessOf(entry.cue, observed, chips);
    return good === undefined ? [] : [{ ...entry, good }];
  });
  const best = criterion.marks[0]!;
  const least = criterion.marks.at(-1)!;
  const shared = { id: criterion.id, label: criterion.label, section: criterion.section, best, least };
  if (seen.length === 0) {
    return { ...shared, mark: null, level: null, reasons: reasonsOf(scoreRules, { criterion, seen: undefined }) };
  }
  const weight = seen.reduce((sum, entry) => sum + entry.weight, 0);
  const mean = seen.reduce((sum, entry) => sum + entry.weight * entry.good, 0) / weight;
  const count = criterion.marks.length;
  const level = Math.min(count - 1, Math.floor((1 - mean) * count + 1e-9));
  const mark = criterion.marks[level]!;
  // Each observation takes its share of the marks above the least one; the shares add up to the mark.
  const reasons = seen.flatMap(({ cue, weight: own, good }) =>
    reasonsOf(scoreRules, {
      criterion,
      seen: {
        cue,
        said: cueInWords(cue, observed, chips),
        share: Math.round((100 * own) / weight),
        marks: mean === 0 ? mark / seen.length : (mark * own * good) / (weight * mean),
      },
    }),
  );
  return { ...shared, mark, level: level + 1, reasons };
}

/** A cue as a criterion names it. */
export const cueLabel = (cue: Cue) => (cue === 'descriptors' ? 'number of smells' : observables[cue].label.toLowerCase());
function cueInWords(cue: Cue, observed: Observed, chips: readonly Chip[]): string {
  if (cue === 'descriptors') return `${chips.length} found`;
  return valueInWords(cue, observed[cue] as ValueOf<ObservableId>);
}

/** The grade word, from the mean of balance, length, intensity and complexity; undefined below three of the four. */
export function gradeWord(observed: Observed): { readonly word: string; readonly mean: number; readonly from: readonly string[] } | undefined {
  const parts: [string, number | undefined][] = [
    ['balance', observed.balance === undefined ? undefined : midpoint(observed.balance)],
    ['length', observed.finish === undefined ? undefined : throughAnchors(anchors.finish, observed.finish.seconds)],
    ['intensity', observed.intensity === undefined ? undefined : midpoint(observed.intensity)],
    ['complexity', observed.complexity === undefined ? undefined : midpoint(observed.complexity)],
  ];
  const seen = parts.filter((part): part is [string, number] => part[1] !== undefined);
  if (seen.length < 3) return undefined;
  const mean = seen.reduce((sum, part) => sum + part[1], 0) / seen.length;
  const word = mean >= 80 ? 'remarkable' : mean >= 62 ? 'very good' : mean >= 45 ? 'good' : mean >= 28 ? 'modest' : 'poor';
  return { word, mean, from: seen.map((part) => `${part[0]} ${Math.round(part[1])}`) };
}
