import { leastStrain, costTables, judgeOrder } from './judge';
import { restKinds, type OrderWine, type Rest } from './order-wine';
import { keysOf } from '../wine/keys';
import { brokenPins, type Pin } from './pins';
import { schools, type School } from './ordering-rules';
import { mostRests, solveOrder, type OrderSolution, type Rests } from './solve';
import { partOf, type Solver } from '../solver/solver';
import type { ProfileKey } from '../wine/profile';

export interface Move {
  readonly kind: 'swap' | 'shift' | 'rest';
  readonly wine: string;
  /** The wine it changes places with, or stands behind afterwards (empty: first); the wine after a rest. */
  readonly other: string;
  readonly order: readonly string[];
  readonly rests: readonly Rest[];
  /** Strain taken off, > 0. */
  readonly fall: number;
}

/** The one change of a given order (two wines swapped, one wine shifted, one rest added) that takes most strain off; undefined when none does. Breaks no pin that the order kept. */
export function bestMove(
  wines: readonly OrderWine[],
  order: readonly string[],
  rests: readonly Rest[],
  pins: readonly Pin[],
  school: School,
): Move | undefined {
  const here = wines.filter((wine) => order.includes(wine.id));
  const { neighbour, rested, earlier } = costTables(here, school);
  const at = new Map(here.map((wine, i) => [wine.id, i]));
  const n = here.length;
  const strainOf = (some: readonly string[], pauses: readonly Rest[]) => {
    let sum = 0;
    for (let j = 1; j < some.length; j++) {
      const to = at.get(some[j]!)!;
      const from = at.get(some[j - 1]!)!;
      const rest = pauses.find((entry) => entry.after === some[j - 1]);
      sum += (rest === undefined ? neighbour : rested[rest.kind])[from * n + to]!;
      for (let i = 0; i < j; i++) sum += earlier[at.get(some[i]!)! * n + to]!;
    }
    return sum;
  };
  const now = strainOf(order, rests);
  const broken = brokenPins(order, pins).length;
  let best: Move | undefined;
  const offer = (move: Omit<Move, 'fall'>) => {
    const fall = now - strainOf(move.order, move.rests);
    if (fall >= leastStrain && (best === undefined || fall > best.fall + 1e-9) && brokenPins(move.order, pins).length <= broken) best = { ...move, fall };
  };
  for (let i = 0; i < order.length; i++) {
    for (let j = 0; j < order.length; j++) {
      if (i === j) continue;
      const rest = order.filter((_, k) => k !== i);
      const shifted = [...rest.slice(0, j), order[i]!, ...rest.slice(j)];
      if (Math.abs(i - j) > 1) offer({ kind: 'shift', wine: order[i]!, other: shifted[j - 1] ?? '', order: shifted, rests });
      if (i < j) {
        const swapped = order.with(i, order[j]!).with(j, order[i]!);
        offer({ kind: 'swap', wine: order[i]!, other: order[j]!, order: swapped, rests });
      }
    }
  }
  if (rests.length < mostRests)
    for (let i = 0; i + 1 < order.length; i++) {
      if (rests.some((rest) => rest.after === order[i])) continue;
      for (const kind of keysOf(restKinds))
        offer({ kind: 'rest', wine: order[i]!, other: order[i + 1]!, order, rests: [...rests, { after: order[i]!, kind }] });
    }
  return best;
}

/** What the flight would be at one end of an assumed load's span. */
export interface DoubtEnd {
  readonly value: number;
  /** The best order there. */
  readonly order: readonly string[];
  /** Strain by which that order is better there than the best order of today; under the floor it is not worth a word. */
  readonly gain: number;
}
export interface Uncertainty {
  readonly wine: string;
  readonly key: ProfileKey;
  readonly why: string;
  /** The best order of today. */
  readonly best: readonly string[];
  readonly low: DoubtEnd;
  readonly high: DoubtEnd;
}

/**
 * The missing facts that matter, the most telling first: each assumed load is set to the low and to the high end of its style's span and the order solved
 * again; named where at one end another order would be felt to be better than the best of today.
 * @yields the share done, 0–1
 */
export function* factsThatMatter(wines: readonly OrderWine[], pins: readonly Pin[], school: School, rests: Rests): Solver<readonly Uncertainty[]> {
  const asked = wines.flatMap((wine) =>
    (wine.assumed ?? []).flatMap((assumed) => (school.masking[assumed.key] + school.height[assumed.key] > 0 ? [{ wine, assumed }] : [])),
  );
  const solves = asked.length * 2 + 1;
  const base = yield* partOf(solveOrder(wines, pins, school, rests), 0, 1 / solves);
  if (base.kind === 'impossible') return [];
  const today = base.judgement;
  const { order, rests: pauses } = today;
  function* endAt(wine: OrderWine, key: ProfileKey, value: number, solve: number): Solver<DoubtEnd> {
    const changed = wines.map((entry) => (entry === wine ? withLoad(entry, key, value) : entry));
    const solved = yield* partOf(solveOrder(changed, pins, school, rests), solve / solves, 1 / solves);
    const best = solved.kind === 'best' ? solved.judgement : today;
    return { value, order: best.order, gain: judgeOrder(changed, order, school, pauses).strain - best.strain };
  }
  const found: Uncertainty[] = [];
  for (const [i, { wine, assumed }] of asked.entries()) {
    const low = yield* endAt(wine, assumed.key, assumed.low, 1 + 2 * i);
    const high = yield* endAt(wine, assumed.key, assumed.high, 2 + 2 * i);
    if ([low, high].some((end) => end.gain >= leastStrain && end.order.join() !== order.join()))
      found.push({ wine: wine.id, key: assumed.key, why: assumed.why, best: order, low, high });
  }
  const stake = ({ low, high }: Uncertainty) => Math.max(low.gain, high.gain);
  return found.sort((a, b) => stake(b) - stake(a));
}
function withLoad(wine: OrderWine, key: ProfileKey, value: number): OrderWine {
  const by = value - wine.loads.alcohol;
  return {
    ...wine,
    loads: { ...wine.loads, [key]: value },
    ...(key === 'alcohol' ? { alcoholSpan: [wine.alcoholSpan[0] + by, wine.alcoholSpan[1] + by] as const } : {}),
  };
}

/** A wine that stands elsewhere than in another order, with its places from 1. */
export interface Shift {
  readonly wine: string;
  readonly from: number;
  readonly to: number;
}
/** What stands elsewhere in one order than in another of the same wines. */
export const shiftsBetween = (before: readonly string[], after: readonly string[]): readonly Shift[] =>
  after.flatMap((wine, to) => (before[to] === wine ? [] : [{ wine, from: before.indexOf(wine) + 1, to: to + 1 }]));
export const shiftsInWords = (shifts: readonly Shift[], nameOf: (wine: string) => string): string =>
  shifts.map(({ wine, from, to }) => `${nameOf(wine)} ${from} → ${to}`).join(', ');

export interface SchoolView {
  readonly school: string;
  readonly solution: OrderSolution;
  /** Wines that stand elsewhere than in the order compared with, with their places from 1. */
  readonly moves: readonly Shift[];
}
/** What each school would pour, beside a given order. */
export function* compareSchools(wines: readonly OrderWine[], order: readonly string[], pins: readonly Pin[], rests: Rests): Solver<readonly SchoolView[]> {
  const views: SchoolView[] = [];
  for (const [i, school] of schools.entries()) {
    const solution = yield* partOf(solveOrder(wines, pins, school, rests), i / schools.length, 1 / schools.length);
    const best = solution.kind === 'best' ? solution.judgement.order : order;
    views.push({
      school: school.id,
      solution,
      moves: shiftsBetween(order, best),
    });
  }
  return views;
}
