/** P(X ≥ least) for X binomial(n, p), exact: of n bottles with independent faults, at least so many are sound. n ≤ 2,000; p from 0 to 1. */
export function atLeast(least: number, n: number, p: number): number {
  if (least <= 0) return 1;
  if (least > n) return 0;
  if (p <= 0) return 0;
  if (p >= 1) return 1;
  // Summed from the rarer side in logarithms, so that large n neither under- nor overflows.
  let log = n * Math.log1p(-p);
  let below = 0;
  for (let k = 0; k < least; k++) {
    below += Math.exp(log);
    log += Math.log((n - k) / (k + 1)) + Math.log(p) - Math.log1p(-p);
  }
  return Math.min(1, Math.max(0, 1 - below));
}

export interface Spares {
  readonly spares: number;
  /** Chance of enough sound bottles of this wine with these spares, 0–1. */
  readonly chance: number;
}
/** What one wine asks: bottles that must be sound, and the share of faulty ones, 0–1 (below 1). */
export interface SpareNeed {
  readonly needed: number;
  readonly faultRate: number;
}

const most = 200;
/**
 * The fewest spares in all so that every wine of a flight has enough sound bottles with at least this certainty; the wines are independent, so the
 * chances multiply. Each spare goes where it helps most: the logarithm of a wine's chance has falling gains, so no other split needs fewer.
 * @param level the certainty wished for, 0–1 (below 1)
 */
export function sparesFor(needs: readonly SpareNeed[], level: number): readonly Spares[] {
  const chanceOf = (need: SpareNeed, spares: number) => (need.needed <= 0 ? 1 : atLeast(need.needed, need.needed + spares, 1 - need.faultRate));
  const spares = needs.map(() => 0);
  const chances = needs.map((need) => chanceOf(need, 0));
  for (let total = 0; total < most && chances.reduce((product, chance) => product * chance, 1) < level; total++) {
    let best = -1;
    let gain = 1 + 1e-15;
    for (const [i, need] of needs.entries()) {
      const better = chanceOf(need, spares[i]! + 1) / chances[i]!;
      if (better > gain) [best, gain] = [i, better];
    }
    if (best < 0) break;
    spares[best]!++;
    chances[best] = chanceOf(needs[best]!, spares[best]!);
  }
  return needs.map((_, i) => ({ spares: spares[i]!, chance: chances[i]! }));
}
