import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { published } from '../testing/published';
import { callCost, guessCost } from './cost-of-a-wrong-answer';

describe('the cost of a call between two', () => {
  published('Brier, Monthly Weather Review 78 (1950) 1–3: half the two-category score (P − E)² summed over both outcomes', 'the worked corners', () => {
    // His score sums over both outcomes, from 0 for a perfect forecast to 2 for a certain miss; 0.5 for an even one.
    const both = (p: number, truth: -1 | 1) => 2 * callCost(200 * p - 100, truth);
    expect(both(1, 1)).toBe(0);
    expect(both(1, -1)).toBe(2);
    expect(both(0.5, 1)).toBe(0.5);
    expect(both(0.7, 1)).toBeCloseTo(0.18, 12);
    expect(both(0.7, -1)).toBeCloseTo(0.98, 12);
  });
  it('whoever says the certainty they have pays least on average, and cannot tell costs a quarter either way', () => {
    expect(callCost(0, 1)).toBe(guessCost);
    expect(callCost(0, -1)).toBe(guessCost);
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 100 }), fc.integer({ min: -100, max: 100 }), (chance, said) => {
        const p = chance / 100;
        const expected = (sureness: number) => p * callCost(sureness, 1) + (1 - p) * callCost(sureness, -1);
        expect(expected(200 * p - 100)).toBeLessThanOrEqual(expected(said) + 1e-12);
      }),
    );
  });
});
