import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { published } from '../testing/published';
import { median } from './median';
import { normalBelow, normalBetween } from './normal';
import { chanceAt, oddsOf } from './odds';

describe('the normal distribution', () => {
  for (const [z, share] of [
    [0, 0.5],
    [1, 0.84134],
    [1.6449, 0.95],
    [1.96, 0.975],
    [2.5758, 0.995],
    [-1.2816, 0.1],
  ] as const)
    published('any table of the standard normal distribution', `${share} of it lies below ${z}`, () => expect(normalBelow(z)).toBeCloseTo(share, 4));
  it('has all of itself between its ends, and what lies between two points once', () => {
    expect([normalBelow(-Infinity), normalBelow(Infinity), normalBetween(3, 2, -Infinity, Infinity)]).toEqual([0, 1, 1]);
    fc.assert(
      fc.property(
        fc.double({ min: -3, max: 3, noNaN: true }),
        fc.double({ min: -3, max: 3, noNaN: true }),
        fc.double({ min: -3, max: 3, noNaN: true }),
        (...three) => {
          const [a, b, c] = three.sort((x, y) => x - y) as [number, number, number];
          expect(normalBetween(0, 1, a, b) + normalBetween(0, 1, b, c)).toBeCloseTo(normalBetween(0, 1, a, c), 12);
          expect(normalBelow(-a)).toBeCloseTo(1 - normalBelow(a), 6);
        },
      ),
    );
  });
});
describe('the median', () => {
  it('is the middle, or between the two middle ones, whatever the order', () => {
    expect(median([3, 1, 2])).toBe(2);
    expect(median([10, 1, 2, 4])).toBe(3);
    expect(median([])).toBeNaN();
  });
  it('has as many below it as above it', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: -50, max: 50 }), { minLength: 1 }), (values) => {
        const middle = median(values);
        expect(values.filter((value) => value < middle).length).toBeLessThanOrEqual(values.length / 2);
        expect(values.filter((value) => value > middle).length).toBeLessThanOrEqual(values.length / 2);
      }),
    );
  });
});
it('odds in bits: even is none, four to one is two, and back again', () => {
  expect([oddsOf(0.5), oddsOf(0.8), chanceAt(2), chanceAt(-2)]).toEqual([0, expect.closeTo(2, 12), 0.8, 0.2]);
  fc.assert(
    fc.property(fc.double({ min: 0.001, max: 0.999, noNaN: true }), (chance) => {
      expect(chanceAt(oddsOf(chance))).toBeCloseTo(chance, 12);
    }),
  );
});
