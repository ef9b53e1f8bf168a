import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { published } from '../testing/published';
import { byRanking, chiSquareTail, friedman, rankSums } from './friedman';

describe('orders against luck', () => {
  published('Exact distribution of Friedman’s statistic, table of Hollander & Wolfe (three and four things), recomputed for five', 'the tail is exact', () => {
    for (const [sums, n, statistic, chance] of [
      [[4, 8, 12], 4, 8, 0.00463],
      [[15, 19, 26], 10, 6.2, 0.04556],
      [[7, 11, 14, 18], 5, 7.8, 0.04434],
      [[5, 5, 9, 13, 13], 3, 8.5333, 0.045486],
    ] as const) {
      expect(friedman(sums, n)).toBeCloseTo(statistic, 4);
      expect(byRanking(sums, n)).toBeCloseTo(chance, 5);
    }
  });
  published('Siegel, Nonparametric Statistics (1956): three executives, six applicants', 'sums and statistic', () => {
    const ranks = [
      [1, 6, 3, 2, 5, 4],
      [1, 5, 6, 4, 2, 3],
      [6, 3, 2, 5, 4, 1],
    ];
    const orders = ranks.map((row) => row.map((_, place) => row.indexOf(place + 1)));
    const sums = rankSums(orders);
    expect(sums).toEqual([8, 14, 11, 11, 11, 8]);
    expect(friedman(sums, 3)).toBeCloseTo(2.4286, 4);
    expect(byRanking(sums, 3)).toBeCloseTo(0.787, 3);
  });
  published('5 % points of χ², any statistical table', 'are where the tail is a twentieth', () => {
    [3.841, 5.991, 7.815, 9.488, 11.07, 12.592, 14.067].forEach((point, i) => expect(chiSquareTail(point, i + 1)).toBeCloseTo(0.05, 4));
  });
  it('the tail is a chance, never falls with agreement, and is one where nobody agrees', () => {
    expect(byRanking([6, 6, 6], 3)).toBe(1);
    expect(byRanking([], 0)).toBe(1);
    const order = fc.shuffledSubarray([0, 1, 2, 3], { minLength: 4 });
    fc.assert(
      fc.property(fc.array(order, { minLength: 2, maxLength: 7 }), (orders) => {
        const chance = byRanking(rankSums(orders), orders.length);
        expect(chance).toBeGreaterThan(0);
        expect(chance).toBeLessThanOrEqual(1);
        const all = orders.map(() => orders[0]!);
        expect(byRanking(rankSums(all), all.length)).toBeLessThanOrEqual(chance + 1e-9);
      }),
    );
  });
  it('is close to its limit where the exact count ends', () => {
    // 40 people, four wines: beyond the exact count; 12 people within it.
    const sums = (n: number) => [n * 2.2, n * 2.4, n * 2.6, n * 2.8];
    const limit = (n: number) => chiSquareTail(friedman(sums(n), n), 3);
    expect(byRanking(sums(10), 10)).toBeCloseTo(limit(10), 1);
    expect(byRanking(sums(40), 40)).toBe(limit(40));
  });
});
