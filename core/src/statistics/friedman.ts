import { normalBelow } from './normal';

/**
 * Sums of ranks over people who each put the same things in order, 1 for the first.
 * @param orders for each person the things from the first to the last, each of 0 to k − 1 once
 */
export function rankSums(orders: readonly (readonly number[])[]): readonly number[] {
  const sums: number[] = Array.from(orders[0] ?? [], () => 0);
  for (const order of orders) order.forEach((thing, at) => (sums[thing]! += at + 1));
  return sums;
}
/** Sum of the squared distances of rank sums from their mean: Friedman's statistic up to a factor. */
function apart(sums: readonly number[]): number {
  const mean = sums.reduce((total, sum) => total + sum, 0) / sums.length;
  return sums.reduce((total, sum) => total + (sum - mean) ** 2, 0);
}
/** Friedman's statistic of rank sums without ties (ISO 8587): 12 S / (n k (k + 1)). */
export const friedman = (sums: readonly number[], n: number): number => (12 * apart(sums)) / (n * sums.length * (sums.length + 1));

/** Ways the exact tail may go through at most; beyond it the limit is close enough. Own choice. */
const mostWays = 400_000;
function ordersOf(k: number): readonly (readonly number[])[] {
  const all: number[][] = [];
  const put = (taken: readonly number[]): void => {
    if (taken.length === k) all.push([...taken]);
    for (let next = 1; next <= k; next++) if (!taken.includes(next)) put([...taken, next]);
  };
  put([]);
  return all;
}
/**
 * The chance that `n` people who put the things in order at random come out at least so far apart. Exact: how many ways lead to each set of rank sums, person after
 * person, sums in any order being one; undefined where those are too many.
 */
function exactTail(sums: readonly number[], n: number): number | undefined {
  const k = sums.length;
  if (k > 5) return undefined;
  const orders = ordersOf(k);
  let ways = new Map<string, { readonly sums: readonly number[]; chance: number }>([['', { sums: sums.map(() => 0), chance: 1 }]]);
  let gone = 0;
  for (let person = 0; person < n; person++) {
    const next: typeof ways = new Map();
    gone += ways.size * orders.length;
    if (gone > mostWays) return undefined;
    for (const way of ways.values())
      for (const order of orders) {
        const to = way.sums.map((sum, i) => sum + order[i]!).sort((a, b) => a - b);
        const key = to.join();
        const known = next.get(key);
        const chance = way.chance / orders.length;
        if (known === undefined) next.set(key, { sums: to, chance });
        else known.chance += chance;
      }
    ways = next;
  }
  const least = apart(sums) - 1e-9;
  return Math.min(
    1,
    [...ways.values()].reduce((sum, way) => sum + (apart(way.sums) >= least ? way.chance : 0), 0),
  );
}
/** The upper tail of χ² for a whole number of degrees of freedom, in closed form (Abramowitz & Stegun 26.4.4 and 26.4.5). */
export function chiSquareTail(x: number, degrees: number): number {
  if (x <= 0) return 1;
  const odd = degrees % 2 === 1;
  let term = odd ? Math.sqrt((2 * x) / Math.PI) * Math.exp(-x / 2) : Math.exp(-x / 2);
  let tail = odd ? 2 * (1 - normalBelow(Math.sqrt(x))) : 0;
  for (let r = degrees % 2; r < degrees; r += 2) {
    if (r > 1) term *= x / r;
    tail += term;
  }
  return Math.min(1, Math.max(0, tail));
}
/**
 * The chance that orders made at random come out at least as far apart as these (Friedman's test, ISO 8587): exact for as few people and things as a panel has,
 * by the limit beyond.
 */
export const byRanking = (sums: readonly number[], n: number): number =>
  n === 0 ? 1 : (exactTail(sums, n) ?? chiSquareTail(friedman(sums, n), sums.length - 1));
