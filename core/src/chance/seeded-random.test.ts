import { describe, expect, it } from 'vitest';
import { published } from '../testing/published';
import { normal, seededRandom } from './seeded-random';

const many = (n: number, seed: number, draw: (random: () => number) => number) => {
  const random = seededRandom(seed);
  return Array.from({ length: n }, () => draw(random));
};
const mean = (values: readonly number[]) => values.reduce((sum, value) => sum + value, 0) / values.length;
const moment = (values: readonly number[], power: number) => {
  const centre = mean(values);
  return mean(values.map((value) => (value - centre) ** power));
};

describe('seeded chance', () => {
  it('is the same for the same seed, another for another, and stays in [0, 1)', () => {
    expect(many(20, 7, (random) => random())).toEqual(many(20, 7, (random) => random()));
    expect(many(20, 7, (random) => random())).not.toEqual(many(20, 8, (random) => random()));
    for (const value of many(10_000, 3, (random) => random())) {
      expect(value).toBeGreaterThanOrEqual(0);
      expect(value).toBeLessThan(1);
    }
  });
  published('χ² of 19 degrees of freedom, 99.9 % point 43.8 (any statistical table)', 'twenty equal parts are hit alike, for each of ten seeds', () => {
    for (let seed = 1; seed <= 10; seed++) {
      const hits = new Array<number>(20).fill(0);
      for (const value of many(20_000, seed, (random) => random())) hits[Math.floor(value * 20)]! += 1;
      const chi = hits.reduce((sum, count) => sum + (count - 1000) ** 2 / 1000, 0);
      expect(chi).toBeLessThan(43.8);
      expect(chi).toBeGreaterThan(3);
    }
  });
  it('a draw says nothing of the next: no correlation at lags one to five', () => {
    const values = many(50_000, 11, (random) => random());
    const variance = moment(values, 2);
    for (let lag = 1; lag <= 5; lag++) {
      const shifted = values.slice(lag).map((value, i) => (value - 0.5) * (values[i]! - 0.5));
      expect(Math.abs(mean(shifted) / variance)).toBeLessThan(4 / Math.sqrt(values.length));
    }
  });
  published('normal distribution: mean 0, variance 1, third moment 0, fourth 3; 68.27 and 95.45 % within one and two', 'Box & Muller draws have them', () => {
    const values = many(60_000, 5, normal);
    expect(Math.abs(mean(values))).toBeLessThan(0.02);
    expect(moment(values, 2)).toBeCloseTo(1, 1);
    expect(Math.abs(moment(values, 3))).toBeLessThan(0.06);
    expect(Math.abs(moment(values, 4) - 3)).toBeLessThan(0.15);
    expect(mean(values.map((value) => (Math.abs(value) < 1 ? 1 : 0)))).toBeCloseTo(0.6827, 1);
    expect(mean(values.map((value) => (Math.abs(value) < 2 ? 1 : 0)))).toBeCloseTo(0.9545, 1);
  });
});
