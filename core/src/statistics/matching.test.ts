import { describe, expect, it } from 'vitest';
import { published } from '../testing/published';
import { byMatching } from './matching';

describe('a list matched to glasses by luck', () => {
  published('Montmort 1713, rencontres numbers (OEIS A008290): of 4! = 24 orders 9, 8, 6, 0, 1 have 0, 1, 2, 3, 4 in place', 'the tails of four', () => {
    expect([0, 1, 2, 3, 4].map((right) => byMatching(right, 4) * 24)).toEqual([24, 15, 7, 1, 1]);
  });
  it('one is right on average, however many there are', () => {
    for (const n of [1, 2, 3, 5, 8]) {
      const mean = Array.from({ length: n }, (_, i) => byMatching(i + 1, n)).reduce((sum, tail) => sum + tail, 0);
      expect(mean).toBeCloseTo(1, 12);
    }
  });
});
