import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { seededRandom } from '../chance/seeded-random';
import { judgeOrder, shock } from '../order/judge';
import { schools, schoolOf } from '../order/ordering-rules';
import { brokenPins, type Pin } from '../order/pins';
import { anyFlight } from '../testing/any-flight';
import { dealtOrder } from './dealt-order';

describe('an order that nobody knows', () => {
  it('holds every wine once, keeps the pins the plan keeps, and has no step harder than a shock or than the plan’s hardest', () => {
    fc.assert(
      fc.property(anyFlight(2, 8), fc.constantFrom(...schools), fc.integer({ min: 0, max: 1e6 }), (wines, school, seed) => {
        const order = wines.map((wine) => wine.id);
        const pins: Pin[] = [
          { kind: 'last', wine: order.at(-1)! },
          { kind: 'before', wine: order[0]!, other: order[1]! },
        ];
        const dealt = dealtOrder(wines, order, pins, school, [], seededRandom(seed));
        expect([...dealt].sort()).toEqual([...order].sort());
        expect(brokenPins(dealt, pins)).toEqual([]);
        const hardest = (of: readonly string[]) => Math.max(...judgeOrder(wines, of, school).steps.map((step) => step.strain));
        expect(hardest(dealt)).toBeLessThanOrEqual(Math.max(hardest(order), shock) + 1e-9);
      }),
      { numRuns: 40 },
    );
  });
  it('of wines that are all alike comes out in every order about as often (χ² of 23 degrees of freedom, 99.9 % point 49.7: any statistical table)', () => {
    fc.assert(
      fc.property(anyFlight(1, 1), ([wine]) => {
        const wines = ['a', 'b', 'c', 'd'].map((id) => ({ ...wine!, id }));
        const random = seededRandom(11);
        const counts = new Map<string, number>();
        const many = 2400;
        for (let i = 0; i < many; i++) {
          const dealt = dealtOrder(wines, ['a', 'b', 'c', 'd'], [], schoolOf('weight'), [], random).join('');
          counts.set(dealt, (counts.get(dealt) ?? 0) + 1);
        }
        expect(counts.size).toBe(24);
        const chi = [...counts.values()].reduce((sum, n) => sum + (n - many / 24) ** 2 / (many / 24), 0);
        expect(chi).toBeLessThan(49.7);
      }),
      { numRuns: 1, seed: 3 },
    );
  });
});
