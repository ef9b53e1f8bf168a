import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { seededRandom } from '../chance/seeded-random';
import { anyFlight } from '../testing/any-flight';
import { bestMove, compareSchools } from './advice';
import { judgeOrder } from './judge';
import type { OrderWine } from './order-wine';
import { brokenPins, type Pin } from './pins';
import { schools, schoolOf } from './ordering-rules';
import { bestOrder, type Rests } from './solve';

const anySchool = fc.constantFrom(...schools);
const best = (wines: readonly OrderWine[], pins: readonly Pin[], school = schoolOf('weight'), rests: Rests = { most: 0, cheese: false }) => {
  const found = bestOrder(wines, pins, school, rests);
  if (found.kind !== 'best') throw new Error('cannot be ordered');
  return found.judgement;
};

describe('laws of the best order', () => {
  it('one more rest never raises the least strain, nor does allowing cheese', () => {
    fc.assert(
      fc.property(anyFlight(2, 7), anySchool, (wines, school) => {
        let last = Infinity;
        for (let most = 0; most <= 4; most++) {
          const { strain: total } = best(wines, [], school, { most, cheese: false });
          expect(total).toBeLessThanOrEqual(last + 1e-9);
          expect(best(wines, [], school, { most, cheese: true }).strain).toBeLessThanOrEqual(total + 1e-9);
          last = total;
        }
      }),
      { numRuns: 25 },
    );
  });
  it('above sixteen wines every pin that can be kept is kept', () => {
    fc.assert(
      fc.property(anyFlight(17, 20), fc.integer({ min: 0, max: 1e6 }), (wines, seed) => {
        // Pins that one order keeps can be kept.
        const random = seededRandom(seed);
        const order = wines.map((wine) => wine.id).sort(() => random() - 0.5);
        const pins = Array.from({ length: 4 }, (_, i): Pin => {
          const [a, b] = [Math.floor(random() * order.length), Math.floor(random() * order.length)];
          if (i === 0) return { kind: 'place', wine: order[a]!, place: a + 1 };
          if (i === 1) return { kind: 'first', wine: order[0]! };
          const [early, late] = a === b ? [0, 1] : [Math.min(a, b), Math.max(a, b)];
          return { kind: 'before', wine: order[early]!, other: order[late]! };
        });
        expect(brokenPins(best(wines, pins).order, pins)).toEqual([]);
      }),
      { numRuns: 12 },
    );
  }, 120_000);
  it('a pin never lowers the least strain, and one that the best order keeps anyway changes nothing', () => {
    fc.assert(
      fc.property(anyFlight(3, 7), anySchool, fc.nat(1000), (wines, school, pick) => {
        const free = best(wines, [], school);
        const pinned = wines[pick % wines.length]!.id;
        for (const kind of ['first', 'last'] as const) {
          const held = best(wines, [{ kind, wine: pinned }], school);
          expect(held.strain).toBeGreaterThanOrEqual(free.strain - 1e-9);
          expect(brokenPins(held.order, [{ kind, wine: pinned }])).toEqual([]);
        }
        expect(best(wines, [{ kind: 'first', wine: free.order[0]! }], school).strain).toBeCloseTo(free.strain, 9);
        expect(best(wines, [{ kind: 'last', wine: free.order.at(-1)! }], school).strain).toBeCloseTo(free.strain, 9);
      }),
      { numRuns: 30 },
    );
  });
  it('is no worse than any order by hand, under its own school', () => {
    fc.assert(
      fc.property(anyFlight(2, 8), anySchool, fc.nat(1_000_000), (wines, school, seed) => {
        const ids = wines.map((wine) => wine.id);
        let state = seed + 1;
        const shuffled = [...ids].sort(() => {
          state = (state * 16_807) % 2_147_483_647;
          return (state % 3) - 1;
        });
        expect(best(wines, [], school).strain).toBeLessThanOrEqual(judgeOrder(wines, shuffled, school).strain + 1e-9);
      }),
      { numRuns: 60 },
    );
  });
  it('judged again it has the strain it was given with, step by step', () => {
    fc.assert(
      fc.property(anyFlight(2, 7), anySchool, fc.nat(2), (wines, school, most) => {
        const found = best(wines, [], school, { most, cheese: true });
        const again = judgeOrder(wines, found.order, school, found.rests);
        expect(again.strain).toBeCloseTo(found.strain, 9);
        expect(again.steps.map((step) => step.strain)).toEqual(found.steps.map((step) => step.strain));
        expect(found.rests.length).toBeLessThanOrEqual(most);
      }),
      { numRuns: 40 },
    );
  });
  it('two wines alike in everything can change places at no cost', () => {
    fc.assert(
      fc.property(anyFlight(3, 6), anySchool, (wines, school) => {
        const twin: OrderWine = { ...wines[0]!, id: 'zz', name: 'zz' };
        const all = [...wines, twin];
        const { order, strain: total } = best(all, [], school);
        const swapped = order.map((id) => (id === 'zz' ? wines[0]!.id : id === wines[0]!.id ? 'zz' : id));
        expect(judgeOrder(all, swapped, school).strain).toBeCloseTo(total, 9);
      }),
      { numRuns: 30 },
    );
  });
  it('a single move that is advised leads to the strain it promises; on the best order only a rest is left', () => {
    fc.assert(
      fc.property(anyFlight(3, 6), anySchool, (wines, school) => {
        const found = best(wines, [], school);
        // Only a rest could still help: no wine stands better elsewhere.
        expect(bestMove(wines, found.order, [], [], school)?.kind ?? 'rest').toBe('rest');
        const worst = [...found.order].reverse();
        const move = bestMove(wines, worst, [], [], school);
        if (move === undefined) return;
        const then = judgeOrder(wines, move.order, school, move.rests);
        expect(judgeOrder(wines, worst, school).strain - then.strain).toBeCloseTo(move.fall, 6);
        expect([...move.order].sort()).toEqual([...worst].sort());
      }),
      { numRuns: 30 },
    );
  });
});

describe('schools', () => {
  it('each one’s own order is the least strained by its own lights', () => {
    fc.assert(
      fc.property(anyFlight(4, 6), (wines) => {
        const ids = wines.map((wine) => wine.id);
        const solver = compareSchools(wines, ids, [], { most: 0, cheese: false });
        let step = solver.next();
        while (step.done !== true) step = solver.next();
        const views = step.value;
        expect(views.length).toBe(schools.length);
        for (const view of views)
          for (const other of views)
            expect(best(wines, [], schoolOf(view.school)).strain).toBeLessThanOrEqual(
              judgeOrder(wines, best(wines, [], schoolOf(other.school)).order, schoolOf(view.school)).strain + 1e-9,
            );
      }),
      { numRuns: 12 },
    );
  });
});
