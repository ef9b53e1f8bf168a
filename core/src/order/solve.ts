import { costTables, judgeOrder, type OrderJudgement } from './judge';
import type { OrderWine, Rest, RestKind } from './order-wine';
import { brokenPins, contradiction, keptOrder, pinRule, type Pin } from './pins';
import { drained, partOf, type Solver } from '../solver/solver';
import type { School } from './ordering-rules';

export interface Rests {
  /** How many rests the evening may have, 0–4. */
  readonly most: number;
  /** Whether a rest may be cheese. */
  readonly cheese: boolean;
}
export const noRests: Rests = { most: 0, cheese: false };
export const mostRests = 4;

export type OrderSolution =
  | {
      readonly kind: 'best';
      readonly judgement: OrderJudgement;
      /** The sections a long flight was solved in: best within each, not proven best over all. */
      readonly sections?: readonly (readonly string[])[];
    }
  | { readonly kind: 'impossible'; readonly pins: readonly Pin[] };

/** Above this many wines the order is exact by sections only. */
export const mostExact = 16;
export const mostWines = 40;

/**
 * The order of least strain. Up to 16 wines exact, by dynamic programming over subsets (Held & Karp 1962, with precedence costs over the set and
 * the rests inside the same program): cost[k][S][last] = the least strain of tasting the wines of S with `last` at the end and k rests taken.
 * O(k·2ⁿ·n²) time, O(k·2ⁿ·n) memory. Ties go to fewer rests, then to the wine that comes first by id: the input order never matters.
 * Above 16 wines: exact by sections with a rest between them.
 * @param wines 0–40 wines
 * @yields the share done, 0–1
 */
export function* solveOrder(wines: readonly OrderWine[], pins: readonly Pin[], school: School, rests: Rests = noRests): Solver<OrderSolution> {
  const sorted = [...wines].sort((a, b) => (a.id < b.id ? -1 : 1));
  const ids = sorted.map((wine) => wine.id);
  const clash = pins.length === 0 ? [] : contradiction(ids, pins);
  if (clash.length > 0) return { kind: 'impossible', pins: clash };
  if (sorted.length > mostExact) return yield* solveSections(sorted, pins, school, rests);
  return { kind: 'best', judgement: yield* solveExact(sorted, pins, school, rests, undefined) };
}

/** `before`: the wine, across a rest, that this section follows. */
function* solveExact(sorted: readonly OrderWine[], pins: readonly Pin[], school: School, rests: Rests, before: OrderWine | undefined): Solver<OrderJudgement> {
  const n = sorted.length;
  if (n === 0) return judgeOrder([], [], school);
  const ids = sorted.map((wine) => wine.id);
  const { neighbour, rested, earlier } = costTables(sorted, school);
  const rule = pinRule(ids, n, pins);
  const layers = Math.min(rests.most, n - 1, mostRests) + 1;
  const full = (1 << n) - 1;
  const layer = (full + 1) * n;
  const rest = new Float64Array(n * n);
  for (let i = 0; i < n * n; i++) rest[i] = rests.cheese ? Math.min(rested.bread[i]!, rested.cheese[i]!) : rested.bread[i]!;
  const cost = new Float64Array(layers * layer).fill(Infinity);
  /** The wine before, plus 32 when a rest lies between. */
  const previous = new Int8Array(layers * layer).fill(-1);
  for (let j = 0; j < n; j++)
    if (rule.allows(0, 0, j)) cost[(1 << j) * n + j] = before === undefined ? 0 : costTables([before, sorted[j]!], school).rested.bread[1]!;
  let position = 0;
  for (let set = 1; set < full; set++) {
    if ((set & 0x7ff) === 0) yield set / full;
    position = bits(set);
    for (let j = 0; j < n; j++) {
      if (set & (1 << j) || !rule.allows(set, position, j)) continue;
      let fixed = 0;
      for (let i = 0; i < n; i++) if (set & (1 << i)) fixed += earlier[i * n + j]!;
      const target = (set | (1 << j)) * n + j;
      for (let k = 0; k < layers; k++) {
        const here = k * layer + set * n;
        let least = Infinity;
        let from = -1;
        for (let last = 0; last < n; last++) {
          if (!(set & (1 << last)) || !rule.follows(set, last, j)) continue;
          const plain = cost[here + last]! + neighbour[last * n + j]!;
          if (plain < least - 1e-12) {
            least = plain;
            from = last;
          }
          if (k === 0) continue;
          const across = cost[here - layer + last]! + rest[last * n + j]!;
          if (across < least - 1e-12) {
            least = across;
            from = last + 32;
          }
        }
        cost[k * layer + target] = least + fixed;
        previous[k * layer + target] = from;
      }
    }
  }
  let best = -1;
  for (let k = 0; k < layers; k++)
    for (let j = 0; j < n; j++) {
      const at = k * layer + full * n + j;
      if (cost[at]! < Infinity && (best < 0 || cost[at]! < cost[best]! - 1e-9)) best = at;
    }
  const order: string[] = [];
  const taken: Rest[] = [];
  let k = Math.floor(best / layer);
  let last = best % n;
  for (let set = full; last >= 0;) {
    order.unshift(ids[last]!);
    const from = previous[k * layer + set * n + last]!;
    set &= ~(1 << last);
    const earlierWine = from < 0 ? -1 : from & 31;
    if (from >= 32) {
      taken.unshift({ after: ids[earlierWine]!, kind: kindOf(rested, earlierWine * n + last, rests.cheese) });
      k--;
    }
    last = earlierWine;
  }
  return judgeOrder(sorted, order, school, taken);
}
const kindOf = (rested: Readonly<Record<RestKind, Float64Array>>, at: number, cheese: boolean): RestKind =>
  cheese && rested.cheese[at]! < rested.bread[at]! ? 'cheese' : 'bread';
function bits(set: number): number {
  let count = 0;
  for (let rest = set; rest; rest &= rest - 1) count++;
  return count;
}

/** Drains the solver. */
export const bestOrder = (wines: readonly OrderWine[], pins: readonly Pin[], school: School, rests: Rests = noRests): OrderSolution =>
  drained(solveOrder(wines, pins, school, rests));

const sectionSize = 12;

/** Wines ranked by what it costs to pour them late, cut into sections of at most 16 that split no pair or group, each solved exactly. */
function* solveSections(sorted: readonly OrderWine[], pins: readonly Pin[], school: School, rests: Rests): Solver<OrderSolution> {
  const n = sorted.length;
  const { neighbour, earlier } = costTables(sorted, school);
  const late = sorted.map((_, i) =>
    sorted.reduce((sum, __, j) => (i === j ? sum : sum + earlier[i * n + j]! + neighbour[i * n + j]! / n - earlier[j * n + i]! - neighbour[j * n + i]! / n), 0),
  );
  const index = new Map(sorted.map((wine, i) => [wine.id, i]));
  const block = sorted.map((_, i) => i);
  for (const pin of pins) {
    if (pin.kind !== 'adjacent' && pin.kind !== 'group') continue;
    const [a, b] = [index.get(pin.wine), index.get(pin.other)];
    if (a === undefined || b === undefined) continue;
    const [keep, gone] = [block[a]!, block[b]!];
    for (let i = 0; i < n; i++) if (block[i] === gone) block[i] = keep;
  }
  const rank = (i: number): number => {
    const pin = pins.find(
      (entry) => block[index.get(entry.wine) ?? -1] === block[i] && (entry.kind === 'first' || entry.kind === 'last' || entry.kind === 'place'),
    );
    if (pin?.kind === 'first') return -Infinity;
    if (pin?.kind === 'last') return Infinity;
    const mates = late.filter((_, j) => block[j] === block[i]);
    const mean = mates.reduce((sum, value) => sum + value, 0) / mates.length;
    return pin?.kind === 'place' ? [...late].sort((a, b) => a - b)[Math.min(n, pin.place) - 1]! : mean;
  };
  const ranked = sorted.map((wine, i) => ({ wine, rank: rank(i), block: block[i]! })).sort((a, b) => a.rank - b.rank || a.block - b.block);
  const count = Math.ceil(n / sectionSize);
  const sections: OrderWine[][] = [[]];
  for (let i = 0; i < n; i++) {
    const here = sections.at(-1)!;
    const together = i > 0 && ranked[i]!.block === ranked[i - 1]!.block;
    if (here.length >= Math.ceil(n / count) && (!together || here.length >= mostExact)) sections.push([]);
    sections.at(-1)!.push(ranked[i]!.wine);
  }
  const order: string[] = [];
  const taken: Rest[] = [];
  for (const [s, section] of sections.entries()) {
    const before = sorted[index.get(order.at(-1) ?? '') ?? -1];
    const offset = order.length;
    const mine = pins.flatMap((pin): Pin[] => {
      if (pin.kind === 'first') return s === 0 ? [pin] : [];
      if (pin.kind === 'last') return s === sections.length - 1 ? [pin] : [];
      if (pin.kind === 'place') return pin.place > offset && pin.place <= offset + section.length ? [{ ...pin, place: pin.place - offset }] : [];
      return [pin];
    });
    const byId = [...section].sort((a, b) => (a.id < b.id ? -1 : 1));
    const fits = contradiction(
      byId.map((wine) => wine.id),
      mine,
    );
    const kept = fits.length > 0 ? mine.filter((pin) => !fits.includes(pin)) : mine;
    const solved = yield* partOf(solveExact(byId, kept, school, rests, before), s / sections.length, 1 / sections.length);
    if (order.length > 0) taken.push({ after: order.at(-1)!, kind: 'bread' });
    order.push(...solved.order);
    taken.push(...solved.rests);
  }
  const kept = keepPins(order, pins, (some) => judgeOrder(sorted, some, school, taken).strain);
  return { kind: 'best', judgement: judgeOrder(sorted, kept, school, taken), sections: sections.map((section) => section.map((wine) => wine.id)) };
}

/** Pins that reach over the sections: the nearest order that keeps all, then the best move of a run of up to three wines that breaks none, until none helps. */
function keepPins(start: readonly string[], pins: readonly Pin[], strainOf: (order: readonly string[]) => number): readonly string[] {
  if (brokenPins(start, pins).length === 0) return start;
  let order = keptOrder(start, pins) ?? start;
  let strain = strainOf(order);
  for (let round = 0; round < start.length; round++) {
    let best: { readonly order: readonly string[]; readonly strain: number } | undefined;
    for (let from = 0; from < order.length; from++)
      for (let length = 1; length <= Math.min(3, order.length - from); length++) {
        const run = order.slice(from, from + length);
        const rest = [...order.slice(0, from), ...order.slice(from + length)];
        for (let to = 0; to <= rest.length; to++) {
          const tried = [...rest.slice(0, to), ...run, ...rest.slice(to)];
          if (to === from || brokenPins(tried, pins).length > 0) continue;
          const costs = strainOf(tried);
          if (costs < (best?.strain ?? strain) - 1e-9) best = { order: tried, strain: costs };
        }
      }
    if (best === undefined) break;
    ({ order, strain } = best);
  }
  return order;
}
