import { describe, expect, it } from 'vitest';
import { published } from '../testing/published';
import { byGuessing } from './binomial';

describe('guessing between two', () => {
  published('ISO 5495: paired comparison, one-sided, α = 0.05', '12 of 16, 15 of 20 and 20 of 30 are the least that guessing seldom does', () => {
    for (const [right, of] of [
      [12, 16],
      [15, 20],
      [20, 30],
    ] as const) {
      expect(byGuessing(right, of)).toBeLessThanOrEqual(0.05);
      expect(byGuessing(right - 1, of)).toBeGreaterThan(0.05);
    }
  });
  it('is certain to get none or more, and halves with every call that must be right', () => {
    expect(byGuessing(0, 0)).toBe(1);
    expect(byGuessing(0, 9)).toBe(1);
    for (let n = 1; n < 30; n++) expect(byGuessing(n, n)).toBeCloseTo(0.5 ** n, 12);
  });
});
