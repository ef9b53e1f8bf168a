/**
 * The fewest spare bottles so that enough are sound.
 * Faults are independent with the same rate, so the sound bottles of n are binomial: P(sound ≥ needed) = Σₖ C(n, k)(1 − f)ᵏ fⁿ⁻ᵏ, exact.
 */

/** P(X ≥ least) for X binomial(n, p). n ≤ 2,000; p from 0 to 1. */
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
  /** Chance of enough sound bottles with these spares, 0–1. */
  readonly chance: number;
  /** The same with one spare fewer; 0 when there is none to leave out. */
  readonly oneFewer: number;
}

/**
 * @param needed bottles that must be sound
 * @param faultRate share of faulty bottles, 0–1 (below 1)
 * @param level the certainty wished for, 0–1 (below 1)
 */
export function sparesFor(needed: number, faultRate: number, level: number): Spares {
  if (needed <= 0) return { spares: 0, chance: 1, oneFewer: 0 };
  let spares = 0;
  let oneFewer = 0;
  let chance = atLeast(needed, needed, 1 - faultRate);
  while (chance < level && spares < 200) {
    spares++;
    oneFewer = chance;
    chance = atLeast(needed, needed + spares, 1 - faultRate);
  }
  return { spares, chance, oneFewer };
}
