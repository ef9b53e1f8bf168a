import { type Loads, profileKeys, type ProfileKey } from '../wine/profile';
import { keysOf } from '../wine/keys';
import { totalPush, type Reason } from '../wine/reason';
import { rungs, type Rung, type School } from './ordering-rules';

export interface OrderWine {
  readonly id: string;
  readonly name: string;
  readonly loads: Loads;
  /** The span of the alcohol load that the label's tolerance allows (0.5 % vol or more, by law). */
  readonly alcoholSpan: readonly [number, number];
  readonly rung: Rung;
  /** Completed years, when the vintage is known. */
  readonly age?: number | undefined;
  /** Loads that nothing but the general style speaks for, with the span the style allows. */
  readonly assumed?: readonly AssumedLoad[] | undefined;
}
export interface AssumedLoad {
  readonly key: ProfileKey;
  readonly low: number;
  readonly high: number;
  /** The style it was taken from. */
  readonly why: string;
}

/**
 * A rest after a wine. What it keeps of the carry-over, by load: bread and water halve everything; the fat and salt of cheese take grip
 * and acid away and leave sugar. Common practice; the shares are our own.
 */
export const restKinds = {
  bread: { label: 'water and bread', minutes: 5, keeps: Object.fromEntries(profileKeys.map((key) => [key, 0.5])) as Record<ProfileKey, number> },
  cheese: {
    label: 'a bite of cheese',
    minutes: 7,
    keeps: { acidity: 0.35, sweetness: 0.7, bubbles: 0.5, tannin: 0.25, alcohol: 0.5, body: 0.5, intensity: 0.5, length: 0.5, oak: 0.4, fragility: 0.5 },
  },
} as const satisfies Record<string, { label: string; minutes: number; keeps: Record<ProfileKey, number> }>;
export type RestKind = keyof typeof restKinds;
export interface Rest {
  /** The wine after which the table rests. */
  readonly after: string;
  readonly kind: RestKind;
}

export type OrderReasonId =
  `masks-${ProfileKey}` | 'alcohol-not-proven' | 'ladder' | 'heavier-earlier' | 'older-earlier' | 'younger-earlier' | `rest-${RestKind}`;
export interface Step {
  readonly wine: string;
  /** Palate load of this wine, 0–100: the height of the course line. */
  readonly height: number;
  /** Strain of coming to this wine after all before it; the sum of its reasons. */
  readonly strain: number;
  readonly reasons: readonly Reason<OrderReasonId>[];
}
export interface OrderJudgement {
  readonly order: readonly string[];
  readonly rests: readonly Rest[];
  readonly strain: number;
  readonly steps: readonly Step[];
}

const source = 'common practice';
/** The exponent that makes a large drop cost more than its share. */
const steepness = 1.6;
const drop = (from: number, to: number) => Math.pow(Math.max(0, from - to) / 100, steepness);

/** The palate load of a wine, 0–100: the school's weighted mean of its loads. */
export function palateLoad(loads: Loads, school: School): number {
  let sum = 0;
  let weight = 0;
  for (const key of profileKeys) {
    sum += school.height[key] * loads[key];
    weight += school.height[key];
  }
  return sum / weight;
}

function rungIndex(wine: OrderWine, school: School): number {
  const light = school.sweetWelcome && wine.rung === 'sweet' && wine.loads.alcohol < 30;
  return rungs.indexOf(light ? 'white' : wine.rung);
}

/** How easily a wine is masked, 0.25–1.6: a loud or sweet wine holds its own, one of great age gives way. */
const delicacy = ({ loads }: OrderWine) =>
  Math.min(1.3, Math.max(0.25, 1.7 - Math.max(loads.intensity, loads.sweetness) / 65)) + Math.max(0, loads.fragility - 50) / 100;
/** How much of the grip, acid or strength before it a sweet wine lets one feel: sugar covers them. */
const uncovered = (key: ProfileKey, to: OrderWine) =>
  key === 'tannin' || key === 'alcohol' || key === 'acidity'
    ? 1 - 0.85 * Math.min(1, Math.max(0, to.loads.sweetness - 25) / 50)
    : // Grip covers the wood of the wine before.
      key === 'oak'
      ? 1 - 0.9 * Math.min(1, to.loads.tannin / 50)
      : 1;
/** A fall below this, of 100, is none that anybody feels; a strain below this is not worth a word. */
export const leastFall = 8;
export const leastStrain = 0.5;

/** The reasons of a step that are worth a word, the strongest first, and what the others come to together. */
export function tellingReasons({ reasons }: Step): { readonly told: readonly Reason<OrderReasonId>[]; readonly others: number; readonly together: number } {
  const told = reasons.filter((reason) => Math.abs(reason.push) >= leastStrain).sort((a, b) => b.push - a.push);
  const rest = reasons.filter((reason) => !told.includes(reason));
  return { told, others: rest.length, together: rest.reduce((sum, reason) => sum + reason.push, 0) };
}
/** Whether an order is as good as another of less strain: nobody feels what lies between. */
export const asGoodAs = (strain: number, best: number): boolean => strain - best < leastStrain;

/** Strain of tasting `to` right after `from`: what the stronger wine masks. */
function neighbourReasons(from: OrderWine, to: OrderWine, school: School): Reason<OrderReasonId>[] {
  const reasons: Reason<OrderReasonId>[] = [];
  for (const key of profileKeys) {
    const weight = school.masking[key];
    if (weight === 0 || from.loads[key] <= to.loads[key]) continue;
    if (key === 'alcohol' && from.alcoholSpan[0] <= to.alcoholSpan[1]) {
      reasons.push({
        id: 'alcohol-not-proven',
        push: 0.001 * (from.loads.alcohol - to.loads.alcohol),
        unit: 'strain',
        args: { from: from.name, to: to.name },
        source: 'EU 2019/33 art. 44; 27 CFR 4.36',
      });
      continue;
    }
    if (from.loads[key] - to.loads[key] <= leastFall) continue;
    const push = weight * delicacy(to) * uncovered(key, to) * drop(from.loads[key] - leastFall, to.loads[key]);
    reasons.push({
      id: `masks-${key}`,
      push,
      unit: 'strain',
      args: { from: from.name, to: to.name, drop: Math.round(from.loads[key] - to.loads[key]) },
      source,
    });
  }
  return reasons;
}

/** Strain of `to` coming at any time after `from`. */
function precedenceReasons(from: OrderWine, to: OrderWine, school: School): Reason<OrderReasonId>[] {
  const reasons: Reason<OrderReasonId>[] = [];
  const back = rungIndex(from, school) - rungIndex(to, school);
  if (back > 0)
    reasons.push({
      id: 'ladder',
      push: school.ladder * back,
      unit: 'strain',
      args: { from: from.name, to: to.name, fromRung: from.rung, toRung: to.rung },
      source,
    });
  const lighter = palateLoad(from.loads, school) - palateLoad(to.loads, school);
  if (lighter > 0)
    reasons.push({
      id: 'heavier-earlier',
      push: school.precedence * drop(lighter, 0),
      unit: 'strain',
      args: { from: from.name, to: to.name, drop: Math.round(lighter) },
      source,
    });
  if (from.age !== undefined && to.age !== undefined) {
    const older = (from.age - to.age) / 10;
    if (school.youngFirst > 0 && older > 0)
      reasons.push({
        id: 'older-earlier',
        push: school.youngFirst * older,
        unit: 'strain',
        args: { from: from.name, to: to.name, years: from.age - to.age },
        source,
      });
    if (school.youngFirst < 0 && older < 0)
      reasons.push({
        id: 'younger-earlier',
        push: school.youngFirst * older,
        unit: 'strain',
        args: { from: from.name, to: to.name, years: to.age - from.age },
        source,
      });
  }
  return reasons;
}

/** What a rest takes off a step, as one reason of negative push. */
function restReason(reasons: readonly Reason<OrderReasonId>[], kind: RestKind): Reason<OrderReasonId> {
  const { keeps, label, minutes } = restKinds[kind];
  const off = reasons.reduce((sum, reason) => {
    const key = reason.id.startsWith('masks-') ? (reason.id.slice('masks-'.length) as ProfileKey) : 'alcohol';
    return sum + reason.push * (1 - keeps[key]);
  }, 0);
  return { id: `rest-${kind}`, push: -off, unit: 'strain', args: { rest: label, minutes }, source };
}

/**
 * Judges a given order: each step's strain with the reasons that add up to it.
 * @param rests at most one after each wine; one after the last wine does nothing
 * @returns strain ≥ 0; 0 for an order in which nothing masks anything
 */
export function judgeOrder(wines: readonly OrderWine[], order: readonly string[], school: School, rests: readonly Rest[] = []): OrderJudgement {
  const byId = new Map(wines.map((wine) => [wine.id, wine]));
  const placed: OrderWine[] = [];
  const steps = order.flatMap((id) => {
    const wine = byId.get(id);
    if (wine === undefined) return [];
    const before = placed.at(-1);
    const masked = before === undefined ? [] : neighbourReasons(before, wine, school);
    const rest = rests.find((entry) => entry.after === before?.id);
    const reasons = [
      ...masked,
      ...(rest === undefined || masked.length === 0 ? [] : [restReason(masked, rest.kind)]),
      ...placed.flatMap((earlier) => precedenceReasons(earlier, wine, school)),
    ];
    placed.push(wine);
    return [{ wine: id, height: palateLoad(wine.loads, school), strain: totalPush(reasons), reasons }];
  });
  const done = steps.map((step) => step.wine);
  return {
    order: done,
    rests: rests.filter((rest) => done.slice(0, -1).includes(rest.after)).sort((a, b) => done.indexOf(a.after) - done.indexOf(b.after)),
    strain: steps.reduce((sum, step) => sum + step.strain, 0),
    steps,
  };
}

/** The cost tables of an instance, n × n, row = earlier wine: neighbours, neighbours across each kind of rest, and any earlier pair. */
export interface CostTables {
  readonly neighbour: Float64Array;
  readonly rested: Readonly<Record<RestKind, Float64Array>>;
  readonly earlier: Float64Array;
}
export function costTables(wines: readonly OrderWine[], school: School): CostTables {
  const n = wines.length;
  const table = () => new Float64Array(n * n);
  const costs = { neighbour: table(), rested: { bread: table(), cheese: table() }, earlier: table() };
  for (let i = 0; i < n; i++) {
    for (let j = 0; j < n; j++) {
      if (i === j) continue;
      const masked = neighbourReasons(wines[i]!, wines[j]!, school);
      const sum = totalPush(masked);
      costs.neighbour[i * n + j] = sum;
      for (const kind of keysOf(restKinds)) costs.rested[kind][i * n + j] = sum + restReason(masked, kind).push;
      costs.earlier[i * n + j] = totalPush(precedenceReasons(wines[i]!, wines[j]!, school));
    }
  }
  return costs;
}

/** The word for a step's strain. */
export function strainWord(strain: number): 'easy' | 'a step' | 'a jolt' | 'a shock' {
  return strain < 2 ? 'easy' : strain < 6 ? 'a step' : strain < 14 ? 'a jolt' : 'a shock';
}
