import { describe, expect, it } from 'vitest';
import { normal, seededRandom } from '../chance/seeded-random';
import { regress, weighed } from './regression';

/** NIST Statistical Reference Datasets, linear regression "Norris" (observed, set), from memory; the certified coefficients below would not come out of a wrong one. */
const norris: readonly (readonly [y: number, x: number])[] = [
  [0.1, 0.2],
  [338.8, 337.4],
  [118.1, 118.2],
  [888.0, 884.6],
  [9.2, 10.1],
  [228.1, 226.5],
  [668.5, 666.3],
  [998.5, 996.3],
  [449.1, 448.6],
  [778.9, 777.0],
  [559.2, 558.2],
  [0.3, 0.4],
  [0.1, 0.6],
  [778.1, 775.5],
  [668.8, 666.9],
  [339.3, 338.0],
  [448.9, 447.5],
  [10.8, 11.6],
  [557.7, 556.0],
  [228.3, 228.1],
  [998.0, 995.8],
  [888.8, 887.6],
  [119.6, 120.2],
  [0.3, 0.3],
  [0.6, 0.3],
  [557.6, 556.8],
  [339.3, 339.1],
  [888.0, 887.2],
  [998.5, 999.0],
  [778.9, 779.0],
  [10.2, 11.1],
  [117.6, 118.3],
  [228.9, 229.2],
  [668.4, 669.1],
  [449.2, 448.9],
  [0.2, 0.5],
];

describe('a regression with a belief', () => {
  it('is least squares where nothing was believed (NIST Norris: −0.262323 and 1.002117, standard deviations 0.232818 and 0.000429797)', () => {
    const [a, b] = regress(
      norris.map(([, x]) => [1, x]),
      norris.map(([y]) => y),
      { mean: [0, 0], deviation: [1e6, 1e6], scatter: 1, worth: 0 },
    );
    expect(a!.mean).toBeCloseTo(-0.262323073774029, 4);
    expect(b!.mean).toBeCloseTo(1.00211681802045, 7);
    // The interval has n degrees here, n − 2 in the handbook: narrower by the square root of 34/36.
    const reach = (c: { low: number; high: number }) => (c.high - c.low) / 2 / (1.95996 + 2.4 / 36);
    expect(reach(a!)).toBeCloseTo(0.232818234301152 * Math.sqrt(34 / 36), 3);
    expect(reach(b!)).toBeCloseTo(0.000429796848199937 * Math.sqrt(34 / 36), 6);
  });
  it('is the belief where nothing was seen', () => {
    const [only] = regress([], [], { mean: [1], deviation: [0.5], scatter: 14, worth: 6 });
    expect(only!.mean).toBeCloseTo(1, 9);
    // Student’s t with 6 degrees reaches 2.447 deviations.
    expect(only!.high - 1).toBeCloseTo(0.5 * 2.447, 9);
  });
  it('is the same by summing over a grid of coefficients, one coefficient and a known scatter', () => {
    const rows = [[3], [-5], [8], [2]];
    const seen = [4, -2, 9, 0.5];
    const [closed] = regress(rows, seen, { mean: [1], deviation: [0.5], scatter: 5, worth: 1e7 });
    let [mass, mean] = [0, 0];
    for (let b = -3; b <= 5; b += 0.0005) {
      const miss = rows.reduce((sum, [x], i) => sum + (seen[i]! - b * x!) ** 2, 0);
      const weight = Math.exp(-0.5 * (((b - 1) / 0.5) ** 2 + miss / 25));
      mass += weight;
      mean += weight * b;
    }
    expect(closed!.mean).toBeCloseTo(mean / mass, 4);
  });
  it('holds the truth in its interval as often as it says, when the truth is drawn from the belief', () => {
    const random = seededRandom(7);
    let held = 0;
    const runs = 600;
    for (let run = 0; run < runs; run++) {
      const truth = [0, 1, 2].map(() => 1 + 0.5 * normal(random));
      const rows = Array.from({ length: 12 }, () => truth.map(() => 12 * normal(random)));
      const seen = rows.map((row) => row.reduce((sum, x, j) => sum + x * truth[j]!, 0) + 14 * normal(random));
      const found = regress(rows, seen, { mean: [1, 1, 1], deviation: [0.5, 0.5, 0.5], scatter: 14, worth: 6 });
      held += found.filter(({ low, high }, j) => low <= truth[j]! && truth[j]! <= high).length;
    }
    const share = held / (3 * runs);
    expect(share).toBeGreaterThan(0.93);
    expect(share).toBeLessThan(0.985);
  });
  it('refuses rows of another length', () => {
    const belief = { mean: [1, 1], deviation: [1, 1], scatter: 1, worth: 1 };
    expect(() => regress([[1]], [1], belief)).toThrow(RangeError);
    expect(() => regress([[1, 2]], [], belief)).toThrow(RangeError);
  });
});

describe('a number believed and then measured', () => {
  it('lies between the two, nearer to the surer, and is surer than either', () => {
    const both = weighed({ mean: 20, deviation: 10 }, { mean: 0, deviation: 5 });
    // Precisions 1/100 and 1/25: the mean is 0.2/0.05, the deviation 1/√0.05.
    expect(both.mean).toBeCloseTo(4, 9);
    expect((both.high - both.low) / 2).toBeCloseTo(1.95996 / Math.sqrt(0.05), 9);
  });
  it('is what was measured when that is beyond doubt, and what was believed when nothing is', () => {
    expect(weighed({ mean: 20, deviation: 10 }, { mean: -3, deviation: 0.001 }).mean).toBeCloseTo(-3, 5);
    expect(weighed({ mean: 20, deviation: 10 }, { mean: -3, deviation: 1e6 }).mean).toBeCloseTo(20, 5);
  });
});
