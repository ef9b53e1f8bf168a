import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { published } from '../testing/published';
import { millilitres } from '../wine/units';
import { glassPlan, largestPour } from './glasses';
import { sipsOf, type Routine } from '../routine/routine';
import { pourCheck } from './pour-check';
import { atLeast, sparesFor } from './spares';

describe('spare bottles', () => {
  for (const [least, n, p, expected] of [
    [8, 10, 0.5, 0.0546875],
    [5, 5, 0.97, 0.8587340257],
    [1, 2, 0.97, 0.9991],
    [9, 10, 0.9, 0.7360989291],
  ] as const)
    published('binomial distribution, exact (any statistical table)', `P(at least ${least} of ${n}, p ${p}) = ${expected}`, () =>
      expect(atLeast(least, n, p)).toBeCloseTo(expected, 8),
    );
  const one = (needed: number, faultRate: number, level: number) => sparesFor([{ needed, faultRate }], level)[0]!;
  it('the spares of a wine reach the level and one fewer fails it', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 60 }),
        fc.double({ min: 0.001, max: 0.2, noNaN: true }),
        fc.constantFrom(0.8, 0.9, 0.95, 0.99, 0.999),
        (needed, rate, level) => {
          const { spares, chance } = one(needed, rate, level);
          // Summed the other way round: the chance that at most so many are faulty.
          const atMostFaulty = (extra: number) => {
            let sum = 0;
            for (let k = 0; k <= extra; k++) {
              let term = (1 - rate) ** (needed + extra - k) * rate ** k;
              for (let i = 0; i < k; i++) term *= (needed + extra - i) / (i + 1);
              sum += term;
            }
            return sum;
          };
          expect(chance).toBeCloseTo(atMostFaulty(spares), 8);
          expect(chance).toBeGreaterThanOrEqual(level);
          if (spares > 0) expect(atMostFaulty(spares - 1)).toBeLessThan(level);
        },
      ),
    );
  });
  it('for a whole flight no split of one spare fewer reaches the level', () => {
    fc.assert(
      fc.property(
        fc.array(fc.record({ needed: fc.integer({ min: 1, max: 4 }), faultRate: fc.double({ min: 0.005, max: 0.1, noNaN: true }) }), {
          minLength: 1,
          maxLength: 4,
        }),
        fc.constantFrom(0.9, 0.95, 0.99),
        (needs, level) => {
          const found = sparesFor(needs, level);
          const chance = (split: readonly number[]) =>
            needs.reduce((product, need, i) => product * atLeast(need.needed, need.needed + split[i]!, 1 - need.faultRate), 1);
          const total = found.reduce((sum, entry) => sum + entry.spares, 0);
          expect(chance(found.map((entry) => entry.spares))).toBeGreaterThanOrEqual(level);
          const splits = (left: number, wines: number): number[][] =>
            wines === 1 ? [[left]] : Array.from({ length: left + 1 }, (_, k) => splits(left - k, wines - 1).map((rest) => [k, ...rest])).flat();
          if (total > 0) for (const split of splits(total - 1, needs.length)) expect(chance(split)).toBeLessThan(level);
        },
      ),
      { numRuns: 60 },
    );
  });
  it('no bottles need no spares; without faults none is needed; a bottle under cork needs one for 99 in a hundred', () => {
    expect(one(0, 0.03, 0.99).spares).toBe(0);
    expect(one(4, 0, 0.999).spares).toBe(0);
    expect(one(1, 0.03, 0.95).spares).toBe(0);
    expect(one(1, 0.03, 0.99).spares).toBe(1);
    expect(sparesFor([], 0.99)).toEqual([]);
  });
});
describe('glasses', () => {
  const stock = [{ shape: 'tasting', name: 'tasting glass', volumeMl: 215, held: 30 }];
  published('ISO 3591:1977 (a glass of 215 mL takes a pour of 50 mL)', 'a pour of 50 mL is no more than a third of a tasting glass', () =>
    expect(largestPour(millilitres(215))).toBeGreaterThanOrEqual(50),
  );
  it('counts glasses, washes and breakage; a glass for whole wines only', () => {
    const wines = Array.from({ length: 6 }, () => ({ shape: 'tasting', pourMl: 50 }));
    expect(glassPlan(wines, stock, 12)[0]).toMatchObject({ needed: 74, breakage: 2, washes: 2, overfull: false });
    expect(glassPlan(wines, stock, 31)[0]!.washes).toBeUndefined();
    expect(glassPlan(wines, [], 4)[0]).toMatchObject({ held: 0, washes: undefined });
    expect(glassPlan([{ shape: 'tasting', pourMl: 100 }], stock, 2)[0]!.overfull).toBe(true);
    expect(glassPlan(wines, stock, 0)[0]!.needed).toBe(0);
  });
});
describe('the pour and the routine', () => {
  const routine: Routine = {
    id: 'r',
    name: 'r',
    says: '',
    steps: [
      { name: 'smell', quarter: 'aroma', sniffs: 2, sips: 0, minutes: 1 },
      { name: 'taste', quarter: 'palate', sniffs: 0, sips: 3, minutes: 2 },
    ],
  };
  it('the pour covers the sips, the returns and something left to smell', () => {
    expect(sipsOf(routine)).toBe(3);
    expect(pourCheck(routine, 0, 40)).toEqual({ neededMl: 40, sips: 3, enough: true });
    expect(pourCheck(routine, 2, 50)).toEqual({ neededMl: 60, sips: 5, enough: false });
  });
});
