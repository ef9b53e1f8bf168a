import { type Loads, profileKeys, type ProfileKey } from '../wine/profile';
import { totalPush, type Reason } from '../wine/reason';

/** Where a wine stands on the ladder of classes: a step back costs. */
export const rungs = ['sparkling', 'white', 'rose', 'amber', 'red', 'sweet', 'fortified'] as const;
export type Rung = (typeof rungs)[number];

export interface OrderWine {
  readonly id: string;
  readonly name: string;
  readonly loads: Loads;
  /** The span of the alcohol load that the label's tolerance allows (± 0.5 % vol in the EU). */
  readonly alcoholSpan: readonly [number, number];
  readonly rung: Rung;
  /** Completed years, when the vintage is known. */
  readonly age?: number | undefined;
}

/** A way of ordering a flight, as weights. */
export interface School {
  readonly id: string;
  readonly label: string;
  readonly says: string;
  /** Strain for a drop from 100 to 0 in one load between neighbours. */
  readonly masking: Readonly<Record<ProfileKey, number>>;
  /** Strain for each rung of the ladder an earlier wine stands above a later one. */
  readonly ladder: number;
  /** Strain for a drop of 100 in palate load over any earlier pair. */
  readonly precedence: number;
  /** Positive: young before old, for each ten years the wrong way; negative: old first. */
  readonly youngFirst: number;
  /** A sweet wine of little alcohol stands on the white rung. */
  readonly sweetWelcome: boolean;
  /** Weights of the palate load. */
  readonly height: Readonly<Record<ProfileKey, number>>;
}

const masking: Record<ProfileKey, number> = {
  sweetness: 34,
  tannin: 24,
  oak: 12,
  intensity: 16,
  body: 14,
  alcohol: 12,
  acidity: 6,
  bubbles: 1,
  length: 0,
  fragility: 0,
};
const height: Record<ProfileKey, number> = {
  body: 4,
  intensity: 3,
  tannin: 3,
  alcohol: 3,
  sweetness: 3,
  oak: 1.5,
  acidity: 1,
  bubbles: 0,
  length: 0,
  fragility: 0,
};
const base = { masking, height, ladder: 4, precedence: 5, youngFirst: 0.5, sweetWelcome: false };

/** The schools a host can choose. All are in use; the weights are our own. */
export const schools: readonly School[] = [
  { ...base, id: 'weight', label: 'weight first', says: 'Light before full decides; colour gives way.', ladder: 1.5, precedence: 9 },
  { ...base, id: 'ladder', label: 'colour ladder', says: 'Bubbles, white, rosé, amber, red, sweet, fortified, strictly.', ladder: 14, precedence: 3 },
  {
    ...base,
    id: 'sweet',
    label: 'sweet welcome',
    says: 'One light sweet wine of little alcohol may open.',
    sweetWelcome: true,
    masking: { ...masking, sweetness: 14 },
  },
  { ...base, id: 'young', label: 'young first', says: 'Young before old, so that fruit does not drown age.', youngFirst: 6 },
  { ...base, id: 'old', label: 'old first', says: 'Old before young, while the palate is fresh.', youngFirst: -6 },
];
export const schoolOf = (id: string): School => schools.find((school) => school.id === id) ?? schools[0]!;

export type Pin =
  | { readonly kind: 'first' | 'last'; readonly wine: string }
  | { readonly kind: 'adjacent'; readonly wine: string; readonly other: string }
  | { readonly kind: 'before'; readonly wine: string; readonly other: string };

export type OrderReasonId = `masks-${ProfileKey}` | 'alcohol-not-proven' | 'ladder' | 'heavier-earlier' | 'older-earlier' | 'younger-earlier';
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

/** How easily a wine is masked, 0.25–1.3: a loud or sweet wine holds its own. */
const delicacy = (to: OrderWine) => Math.min(1.3, Math.max(0.25, 1.7 - Math.max(to.loads.intensity, to.loads.sweetness) / 65));

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
        source: 'EU 2019/33 art. 44',
      });
      continue;
    }
    const push = weight * delicacy(to) * drop(from.loads[key], to.loads[key]);
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

/**
 * Judges a given order: each step's strain with the reasons that add up to it.
 * @returns strain ≥ 0; 0 for an order in which nothing masks anything
 */
export function judgeOrder(wines: readonly OrderWine[], order: readonly string[], school: School): OrderJudgement {
  const byId = new Map(wines.map((wine) => [wine.id, wine]));
  const placed: OrderWine[] = [];
  const steps = order.flatMap((id) => {
    const wine = byId.get(id);
    if (wine === undefined) return [];
    const before = placed.at(-1);
    const reasons = [
      ...(before === undefined ? [] : neighbourReasons(before, wine, school)),
      ...placed.flatMap((earlier) => precedenceReasons(earlier, wine, school)),
    ];
    placed.push(wine);
    return [{ wine: id, height: palateLoad(wine.loads, school), strain: totalPush(reasons), reasons }];
  });
  return { order: steps.map((step) => step.wine), strain: steps.reduce((sum, step) => sum + step.strain, 0), steps };
}

/** The two cost tables of an instance, n × n, row = earlier wine: neighbours, and any earlier pair. */
export function costTables(wines: readonly OrderWine[], school: School): { readonly neighbour: Float64Array; readonly earlier: Float64Array } {
  const n = wines.length;
  const neighbour = new Float64Array(n * n);
  const earlier = new Float64Array(n * n);
  for (let i = 0; i < n; i++) {
    for (let j = 0; j < n; j++) {
      if (i === j) continue;
      neighbour[i * n + j] = totalPush(neighbourReasons(wines[i]!, wines[j]!, school));
      earlier[i * n + j] = totalPush(precedenceReasons(wines[i]!, wines[j]!, school));
    }
  }
  return { neighbour, earlier };
}

export type OrderSolution = { readonly kind: 'best'; readonly judgement: OrderJudgement } | { readonly kind: 'impossible'; readonly pins: readonly Pin[] };

export const mostWines = 16;

/**
 * The order of least strain, exact, by dynamic programming over subsets (Held & Karp 1962, with precedence costs over the set):
 * cost[S][last] = the least strain of tasting the wines of S with `last` at the end. O(2ⁿ·n²) time, O(2ⁿ·n) memory. Ties go to the
 * wine that comes first by id, so the input order never matters.
 * @param wines 0–16 wines
 * @yields the share done, 0–1
 */
export function* solveOrder(wines: readonly OrderWine[], pins: readonly Pin[], school: School): Generator<number, OrderSolution> {
  const sorted = [...wines].sort((a, b) => (a.id < b.id ? -1 : 1));
  const n = sorted.length;
  if (n === 0) return { kind: 'best', judgement: judgeOrder([], [], school) };
  const { neighbour, earlier } = costTables(sorted, school);
  const rule = pinTables(sorted, pins, school);
  const full = (1 << n) - 1;
  const cost = new Float64Array((full + 1) * n).fill(Infinity);
  const previous = new Int8Array((full + 1) * n).fill(-1);
  const setCost = new Float64Array(n);
  for (let j = 0; j < n; j++) if (rule.allows(0, -1, j)) cost[(1 << j) * n + j] = 0;
  for (let set = 1; set < full; set++) {
    if ((set & 0x7ff) === 0) yield set / full;
    for (let j = 0; j < n; j++) {
      let sum = 0;
      if (!(set & (1 << j))) for (let i = 0; i < n; i++) if (set & (1 << i)) sum += earlier[i * n + j]!;
      setCost[j] = sum;
    }
    for (let last = 0; last < n; last++) {
      const here = cost[set * n + last]!;
      if (here === Infinity) continue;
      for (let j = 0; j < n; j++) {
        if (set & (1 << j) || !rule.allows(set, last, j)) continue;
        const next = (set | (1 << j)) * n + j;
        const total = here + neighbour[last * n + j]! + setCost[j]!;
        if (total < cost[next]! - 1e-12) {
          cost[next] = total;
          previous[next] = last;
        }
      }
    }
  }
  let last = -1;
  for (let j = 0; j < n; j++) if (cost[full * n + j]! < Infinity && (last < 0 || cost[full * n + j]! < cost[full * n + last]! - 1e-12)) last = j;
  if (last < 0) return { kind: 'impossible', pins };
  const order: string[] = [];
  for (let set = full; last >= 0;) {
    order.unshift(sorted[last]!.id);
    const before = previous[set * n + last]!;
    set &= ~(1 << last);
    last = before;
  }
  return { kind: 'best', judgement: judgeOrder(sorted, order, school) };
}

/** The pins that an order breaks. Wines that are not in the order break nothing. */
export function brokenPins(order: readonly string[], pins: readonly Pin[]): readonly Pin[] {
  return pins.filter((pin) => {
    const at = order.indexOf(pin.wine);
    if (at < 0) return false;
    if (!('other' in pin)) return at !== (pin.kind === 'first' ? 0 : order.length - 1);
    const other = order.indexOf(pin.other);
    if (other < 0) return false;
    return pin.kind === 'before' ? at > other : Math.abs(at - other) !== 1;
  });
}

/** Drains the solver. */
export function bestOrder(wines: readonly OrderWine[], pins: readonly Pin[], school: School): OrderSolution {
  const solver = solveOrder(wines, pins, school);
  for (let step = solver.next(); ; step = solver.next()) if (step.done) return step.value;
}

/** Whether the pins let wine `j` follow the set whose last wine is `last` (−1 for an empty set). */
function pinTables(wines: readonly OrderWine[], pins: readonly Pin[], school: School) {
  const n = wines.length;
  const index = (id: string) => wines.findIndex((wine) => wine.id === id);
  const must = new Int32Array(n);
  const follows = new Int8Array(n).fill(-1);
  const followed = new Int8Array(n).fill(-1);
  const first: number[] = [];
  const last: number[] = [];
  let contradiction = false;
  for (const pin of pins) {
    const a = index(pin.wine);
    if (a < 0) continue;
    if (pin.kind === 'first') first.push(a);
    if (pin.kind === 'last') last.push(a);
    if (pin.kind === 'adjacent' || pin.kind === 'before') {
      const b = index(pin.other);
      if (b < 0 || a === b) continue;
      if (pin.kind === 'before') must[b]! |= 1 << a;
      else {
        // The simpler of a pair comes first.
        const simple = palateLoad(wines[a]!.loads, school) <= palateLoad(wines[b]!.loads, school) ? a : b;
        const other = simple === a ? b : a;
        if ((follows[other]! >= 0 && follows[other] !== simple) || (followed[simple]! >= 0 && followed[simple] !== other)) contradiction = true;
        follows[other] = simple;
        followed[simple] = other;
      }
    }
  }
  const full = (1 << n) - 1;
  return {
    allows(set: number, before: number, j: number): boolean {
      if (contradiction) return false;
      if (set === 0 ? first.some((f) => f !== j) : first.includes(j)) return false;
      const isLast = (set | (1 << j)) === full;
      if (isLast ? last.some((l) => l !== j) : last.includes(j)) return false;
      if ((must[j]! & set) !== must[j]) return false;
      if (follows[j]! >= 0 && follows[j] !== before) return false;
      if (before >= 0 && followed[before]! >= 0 && followed[before] !== j) return false;
      return true;
    },
  };
}

/** The word for a step's strain. */
export function strainWord(strain: number): 'easy' | 'a step' | 'a jolt' | 'a shock' {
  return strain < 2 ? 'easy' : strain < 6 ? 'a step' : strain < 14 ? 'a jolt' : 'a shock';
}
