import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { normal, seededRandom } from '../chance/seeded-random';
import { anyObserved } from '../testing/any-note';
import { published } from '../testing/published';
import { movedBeyond, repeatabilityOf } from './repeatability';
import type { Observed } from '../wine/observables';

describe('repeatability', () => {
  published('ISO 5725-6: r = 2.8 s_r', 'the limit is 2.8 standard deviations of repeatability: two honest readings exceed it once in twenty', () => {
    const random = seededRandom(7);
    const look = (): Observed => ({ acidity: 50 + 6 * normal(random), body: 50 + 6 * normal(random), tannin: 50 + 6 * normal(random) });
    const pairs = Array.from({ length: 2000 }, () => [look(), look()] as const);
    const own = repeatabilityOf(pairs);
    expect(own.limit).toBeGreaterThan(2.77 * 6 * 0.97);
    expect(own.limit).toBeLessThan(2.77 * 6 * 1.03);
    const told = pairs.reduce((sum, [a, b]) => sum + movedBeyond(a, b, own).beyond.length, 0);
    expect(told / (pairs.length * 3)).toBeGreaterThan(0.04);
    expect(told / (pairs.length * 3)).toBeLessThan(0.06);
  });
  it('is the usual one until twenty differences are known', () => {
    expect(repeatabilityOf([])).toEqual({ limit: 13.9, from: 0 });
    expect(repeatabilityOf([[{ acidity: 10 }, { acidity: 90 }]]).from).toBe(0);
  });
  it('sorts every scale both looked at, each once, and a look set against itself moved nothing', () => {
    fc.assert(
      fc.property(anyObserved, anyObserved, (a, b) => {
        const usual = repeatabilityOf([]);
        const { beyond, within } = movedBeyond(a, b, usual);
        const all = [...beyond, ...within].map(({ id }) => id);
        expect(new Set(all).size).toBe(all.length);
        for (const { id } of [...beyond, ...within]) expect(a[id] !== undefined && b[id] !== undefined).toBe(true);
        expect(movedBeyond(a, a, usual).beyond).toEqual([]);
      }),
    );
  });
});
