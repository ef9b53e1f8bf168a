import type { Solver } from '../solver/solver';

/** A menu as the solver takes it: courses by wines, all in points, money in the venue’s currency. */
export interface MenuQuestion {
  /** Points of a wine with a course, [course][wine]. */
  readonly worth: readonly (readonly number[])[];
  /** Points of a course with no wine; −Infinity where one has to be poured. */
  readonly without: readonly number[];
  /** Points one wine after another costs, [earlier][later]; never negative. */
  readonly step: readonly ArrayLike<number>[];
  /** Money for a wine poured from one course to another, both included; never less for more. */
  readonly money: (wine: number, from: number, to: number) => number;
  /** Points that one unit of money counts for. */
  readonly pointsPerMoney: number;
  readonly budget: number | undefined;
  /** How many wines there may be. */
  readonly most: number;
  /** By course: a wine that has to be poured, 'none', or undefined. */
  readonly pins: readonly (number | 'none' | undefined)[];
  /** A wine that must not be poured with a course: what an alternative costs is asked so. */
  readonly never?: { readonly course: number; readonly wine: number } | undefined;
}
export interface Allocation {
  /** By course; undefined where none is poured. */
  readonly wines: readonly (number | undefined)[];
  readonly points: number;
  readonly money: number;
}
export type MenuAnswer =
  { readonly kind: 'best'; readonly best: Allocation; /** Whether nothing better can be. */ readonly proven: boolean } | { readonly kind: 'impossible' };

/** How many part menus are looked at before the best so far is given without a proof. */
const mostLooked = 60_000;
/** Prices on the budget by which the bound is tightened, in points a unit of money, beside none. */
const shadowPrices = [0.25, 1, 4, 16] as const;

interface Node {
  readonly course: number;
  readonly last: number;
  readonly left: number;
  readonly value: number;
  readonly spent: number;
  readonly bound: number;
  readonly wine: number | undefined;
  readonly from: number;
  readonly before: Node | undefined;
}

/**
 * Which wine with which course, exactly: the most points of courses, less what the order of the wines and the money cost. A wine is poured over courses that follow
 * one another and does not come back. Best-first search; the bound is the same problem without "does not come back", solved backwards by dynamic programming over
 * course, last wine and wines left (O(courses · wines²) a layer), with the budget priced out by Lagrange multipliers.
 * @param question 1–12 courses, 0–250 wines
 * @yields the share done, 0–1
 */
export function* allocate(question: MenuQuestion): Solver<MenuAnswer> {
  const { worth, without, step, money, pointsPerMoney, budget, pins, never } = question;
  const courses = worth.length;
  const n = worth[0]?.length ?? 0;
  const most = Math.min(question.most, courses);
  const start = n;
  // One wine over courses `from` to `to`: points without money, and money. Where a pin forbids it, never.
  const segment = (from: number, to: number) => from * courses + to;
  const points: Float64Array[] = [];
  const cost: Float64Array[] = [];
  for (let from = 0; from < courses; from++)
    for (let to = from; to < courses; to++) {
      const own = new Float64Array(n).fill(-Infinity);
      const price = new Float64Array(n);
      for (let w = 0; w < n; w++) {
        const pin = pins[to];
        if ((pin !== undefined && pin !== w) || (never?.course === to && never.wine === w)) continue;
        own[w] = (from === to ? 0 : points[segment(from, to - 1)]![w]!) + worth[to]![w]!;
        price[w] = money(w, from, to);
      }
      points[segment(from, to)] = own;
      cost[segment(from, to)] = price;
    }
  const noneOf = (course: number) => (pins[course] === undefined || pins[course] === 'none' ? without[course]! : -Infinity);

  const width = n + 1;
  /** The most points from a course on, by wines left and last wine, with money at a price. */
  function backwards(perMoney: number): Float64Array[][] {
    const table: Float64Array[][] = Array.from({ length: courses + 1 }, () => []);
    for (let left = 0; left <= most; left++) table[courses]![left] = new Float64Array(width);
    for (let course = courses - 1; course >= 0; course--)
      for (let left = 0; left <= most; left++) {
        const row = new Float64Array(width);
        const none = noneOf(course);
        for (let last = 0; last < width; last++) row[last] = none + table[course + 1]![left]![last]!;
        if (left > 0) {
          const begin = new Float64Array(n).fill(-Infinity);
          for (let to = course; to < courses; to++) {
            const [own, price, after] = [points[segment(course, to)]!, cost[segment(course, to)]!, table[to + 1]![left - 1]!];
            for (let w = 0; w < n; w++) begin[w] = Math.max(begin[w]!, own[w]! - perMoney * price[w]! + after[w]!);
          }
          // Row by row of the steps, as they lie in memory.
          for (let last = 0; last < n; last++) {
            const apart = step[last]!;
            let best = row[last]!;
            for (let w = 0; w < n; w++) {
              const value = begin[w]! - apart[w]!;
              if (value > best && w !== last) best = value;
            }
            row[last] = best;
          }
          for (let w = 0; w < n; w++) if (begin[w]! > row[start]!) row[start] = begin[w]!;
        }
        table[course]![left] = row;
      }
    return table;
  }
  const bounds = (budget === undefined ? [0] : [0, ...shadowPrices]).map((shadow) => ({ shadow, table: backwards(pointsPerMoney + shadow) }));
  yield 0.5;
  const boundOf = (course: number, left: number, last: number, value: number, spent: number): number => {
    if (budget !== undefined && spent > budget) return -Infinity;
    let least = Infinity;
    for (const { shadow, table } of bounds) least = Math.min(least, value + table[course]![left]![last]! + (shadow === 0 ? 0 : shadow * (budget! - spent)));
    return least;
  };

  const heap = new Heap();
  const push = (
    course: number,
    last: number,
    left: number,
    value: number,
    spent: number,
    wine: number | undefined,
    from: number,
    before: Node | undefined,
  ): void => {
    const bound = boundOf(course, left, last, value, spent);
    if (bound > -Infinity) heap.push({ course, last, left, value, spent, wine, from, before, bound });
  };
  push(0, start, most, 0, 0, undefined, 0, undefined);
  const poured = (node: Node, w: number): boolean => {
    for (let one: Node | undefined = node; one !== undefined; one = one.before) if (one.wine === w) return true;
    return false;
  };
  for (let looked = 0; ; looked++) {
    const node = heap.pop();
    if (node === undefined) return { kind: 'impossible' };
    if (node.course === courses || looked >= mostLooked) {
      const done = node.course === courses ? node : heap.firstDone(courses);
      if (done === undefined) return { kind: 'impossible' };
      return { kind: 'best', best: allocationOf(done, courses), proven: node.course === courses };
    }
    if (looked % 500 === 0) yield 0.5 + (0.5 * looked) / mostLooked;
    const { course, last, left, value, spent } = node;
    push(course + 1, last, left, value + noneOf(course), spent, undefined, course, node);
    if (left === 0) continue;
    for (let w = 0; w < n; w++) {
      if (w === last || poured(node, w)) continue;
      const apart = last === start ? 0 : step[last]![w]!;
      for (let to = course; to < courses; to++) {
        const own = points[segment(course, to)]![w]!;
        if (own === -Infinity) break;
        const price = cost[segment(course, to)]![w]!;
        push(to + 1, w, left - 1, value + own - apart - pointsPerMoney * price, spent + price, w, course, node);
      }
    }
  }
}
function allocationOf(done: Node, courses: number): Allocation {
  const wines: (number | undefined)[] = Array.from({ length: courses }, () => undefined);
  for (let node: Node | undefined = done; node?.before !== undefined; node = node.before) for (let c = node.from; c < node.course; c++) wines[c] = node.wine;
  return { wines, points: done.value, money: done.spent };
}

/** Nodes by their bound, the highest first; of equals the one that is further. */
class Heap {
  private readonly nodes: Node[] = [];
  private before(a: Node, b: Node): boolean {
    return a.bound > b.bound || (a.bound === b.bound && a.course > b.course);
  }
  push(node: Node): void {
    const { nodes } = this;
    let at = nodes.push(node) - 1;
    while (at > 0) {
      const up = (at - 1) >> 1;
      if (!this.before(node, nodes[up]!)) break;
      nodes[at] = nodes[up]!;
      at = up;
    }
    nodes[at] = node;
  }
  pop(): Node | undefined {
    const { nodes } = this;
    const top = nodes[0];
    const moved = nodes.pop();
    if (moved === undefined || nodes.length === 0) return top;
    let at = 0;
    for (;;) {
      const left = 2 * at + 1;
      if (left >= nodes.length) break;
      const down = left + 1 < nodes.length && this.before(nodes[left + 1]!, nodes[left]!) ? left + 1 : left;
      if (!this.before(nodes[down]!, moved)) break;
      nodes[at] = nodes[down]!;
      at = down;
    }
    nodes[at] = moved;
    return top;
  }
  /** The best whole menu met so far. */
  firstDone(courses: number): Node | undefined {
    return this.nodes
      .filter((node) => node.course === courses)
      .reduce<Node | undefined>((best, node) => (best === undefined || node.value > best.value ? node : best), undefined);
  }
}

/** One wine for a whole table that eats different plates: the best at its worst, and the best on the whole. Undefined where there is no wine or no plate. */
export function oneForAll(worth: readonly (readonly number[])[]): { readonly fairest: number; readonly best: number } | undefined {
  const n = worth[0]?.length ?? 0;
  if (n === 0) return undefined;
  const wines = Array.from({ length: n }, (_, w) => w);
  const least = (w: number) => Math.min(...worth.map((row) => row[w]!));
  const mean = (w: number) => worth.reduce((sum, row) => sum + row[w]!, 0) / worth.length;
  const most = (of: (w: number) => number) => wines.reduce((best, w) => (of(w) > of(best) ? w : best));
  return { fairest: most((w) => least(w) + mean(w) / 1000), best: most(mean) };
}

/** What bottles cost that hold so much, mL: the cheapest mix of sizes, halves among them. Infinity where nothing is known of its price. */
export function bottlesFor(
  ml: number,
  formats: readonly { readonly ml: number; readonly price: number; readonly held?: number | undefined }[],
): { readonly money: number; readonly counts: readonly number[] } {
  if (ml <= 0) return { money: 0, counts: formats.map(() => 0) };
  const sorted = formats.map((format, at) => ({ ...format, at })).sort((a, b) => b.ml - a.ml);
  let best = { money: Infinity, counts: formats.map(() => 0) };
  const counts = formats.map(() => 0);
  const fill = (i: number, need: number, money: number): void => {
    if (money >= best.money) return;
    if (need <= 0) {
      best = { money, counts: [...counts] };
      return;
    }
    const format = sorted[i];
    if (format === undefined) return;
    const most = Math.min(Math.ceil(need / format.ml), format.held ?? Infinity);
    for (let count = most; count >= 0; count--) {
      counts[format.at] = count;
      fill(i + 1, need - count * format.ml, money + count * format.price);
    }
    counts[format.at] = 0;
  };
  fill(0, ml, 0);
  return best;
}
