import fc from 'fast-check';
import highsLoader from 'highs';
import { describe, expect, it } from 'vitest';
import { asProgram } from '../testing/order-program';
import { published } from '../testing/published';
import { profileKeys, type Loads } from '../wine/profile';
import { totalPush } from '../wine/reason';
import { orderWording } from './wording';
import { bestOrder, brokenPins, costTables, judgeOrder, schoolOf, schools, type OrderWine, type Pin, type Rung } from './order';

const loadsOf = (change: Partial<Loads>): Loads => ({
  ...(Object.fromEntries(profileKeys.map((key) => [key, 40])) as Record<keyof Loads, number>),
  sweetness: 8,
  tannin: 0,
  bubbles: 0,
  oak: 0,
  ...change,
});
const wine = (id: string, change: Partial<Loads> = {}, rung: Rung = 'white', age?: number): OrderWine => {
  const loads = loadsOf(change);
  return { id, name: id, loads, rung, alcoholSpan: [loads.alcohol - 5, loads.alcohol + 5], age };
};
const anyWine = (id: string): fc.Arbitrary<OrderWine> =>
  fc
    .record({
      loads: fc.array(fc.integer({ min: 0, max: 100 }), { minLength: 10, maxLength: 10 }),
      rung: fc.constantFrom<Rung>('sparkling', 'white', 'rose', 'amber', 'red', 'sweet', 'fortified'),
      age: fc.option(fc.nat(40), { nil: undefined }),
    })
    .map(({ loads, rung, age }) => {
      const all = Object.fromEntries(profileKeys.map((key, i) => [key, loads[i]!])) as unknown as Loads;
      return { id, name: id, loads: all, rung, age, alcoholSpan: [all.alcohol - 4, all.alcohol + 4] };
    });
const flight = (least: number, most: number) =>
  fc.integer({ min: least, max: most }).chain((n) => fc.tuple(...Array.from({ length: n }, (_, i) => anyWine(`w${i}`))));
const permutations = (items: readonly string[]): string[][] =>
  items.length === 0 ? [[]] : items.flatMap((item) => permutations(items.filter((other) => other !== item)).map((rest) => [item, ...rest]));
const weight = schoolOf('weight');

describe('the best order', () => {
  it('equals brute force over all orders up to seven wines, under every school and with pins', () => {
    fc.assert(
      fc.property(flight(2, 6), fc.constantFrom(...schools), fc.nat(3), (wines, school, kind) => {
        const ids = wines.map((entry) => entry.id);
        const pins: Pin[] =
          kind === 1
            ? [{ kind: 'first', wine: ids[1]! }]
            : kind === 2
              ? [{ kind: 'last', wine: ids[0]! }]
              : kind === 3
                ? [{ kind: 'before', wine: ids[1]!, other: ids[0]! }]
                : [];
        const allowed = permutations(ids).filter((order) =>
          pins.every((pin) =>
            pin.kind === 'first'
              ? order[0] === pin.wine
              : pin.kind === 'last'
                ? order.at(-1) === pin.wine
                : 'other' in pin
                  ? order.indexOf(pin.wine) < order.indexOf(pin.other)
                  : true,
          ),
        );
        const least = Math.min(...allowed.map((order) => judgeOrder(wines, order, school).strain));
        const found = bestOrder(wines, pins, school);
        expect(found.kind).toBe('best');
        if (found.kind === 'best') expect(found.judgement.strain).toBeCloseTo(least, 8);
      }),
      { numRuns: 60, seed: 11 },
    );
  });
  it('eight wines equal brute force', () => {
    const wines = fc.sample(fc.tuple(...Array.from({ length: 8 }, (_, i) => anyWine(`w${i}`))), { numRuns: 2, seed: 5 });
    for (const instance of wines) {
      const { neighbour, earlier } = costTables(instance, weight);
      let least = Infinity;
      for (const order of permutations(instance.map((entry) => entry.id))) {
        let sum = 0;
        for (let j = 1; j < 8; j++) {
          const to = Number(order[j]!.slice(1));
          sum += neighbour[Number(order[j - 1]!.slice(1)) * 8 + to]!;
          for (let i = 0; i < j; i++) sum += earlier[Number(order[i]!.slice(1)) * 8 + to]!;
        }
        least = Math.min(least, sum);
      }
      const found = bestOrder(instance, [], weight);
      expect(found.kind === 'best' && found.judgement.strain).toBeCloseTo(least, 8);
    }
  });
  it('does not depend on the order the wines are given in', () => {
    fc.assert(
      fc.property(flight(2, 9), fc.infiniteStream(fc.nat()), (wines, stream) => {
        const shuffled = [...wines]
          .map((entry) => ({ entry, key: stream.next().value as number }))
          .sort((a, b) => a.key - b.key)
          .map(({ entry }) => entry);
        const [a, b] = [bestOrder(wines, [], weight), bestOrder(shuffled, [], weight)];
        expect(a.kind === 'best' && a.judgement.order).toEqual(b.kind === 'best' && b.judgement.order);
      }),
      { numRuns: 40 },
    );
  });
  it('every step’s reasons add up to its strain, the steps to the total, and every reason has its sentence', () => {
    fc.assert(
      fc.property(flight(1, 8), fc.constantFrom(...schools), (wines, school) => {
        const judged = judgeOrder(
          wines,
          wines.map((entry) => entry.id),
          school,
        );
        for (const step of judged.steps) {
          expect(totalPush(step.reasons)).toBeCloseTo(step.strain, 9);
          for (const reason of step.reasons) {
            expect(reason.push).toBeGreaterThanOrEqual(0);
            expect(orderWording[reason.id](reason.args)).not.toMatch(/undefined|NaN/);
          }
        }
        expect(judged.steps.reduce((sum, step) => sum + step.strain, 0)).toBeCloseTo(judged.strain, 9);
      }),
    );
  });
  it('keeps an adjacent pair together, the simpler first, and names pins that contradict', () => {
    const wines = [wine('a', { body: 80, intensity: 80 }), wine('b', { body: 20, intensity: 20 }), wine('c'), wine('d', { tannin: 70 }, 'red')];
    const found = bestOrder(wines, [{ kind: 'adjacent', wine: 'a', other: 'b' }], weight);
    expect(found.kind === 'best' && found.judgement.order.indexOf('a') - found.judgement.order.indexOf('b')).toBe(1);
    expect(
      bestOrder(
        wines,
        [
          { kind: 'first', wine: 'a' },
          { kind: 'first', wine: 'b' },
        ],
        weight,
      ).kind,
    ).toBe('impossible');
    expect(bestOrder([], [], weight)).toMatchObject({ kind: 'best', judgement: { strain: 0, order: [] } });
  });
  it('the best order breaks no pin, and a broken pin is found in any other', () => {
    fc.assert(
      fc.property(flight(3, 7), fc.nat(2), (wines, kind) => {
        const [a, b] = [wines[0]!.id, wines[1]!.id];
        const pins: Pin[] = [kind === 0 ? { kind: 'first', wine: a } : kind === 1 ? { kind: 'last', wine: a } : { kind: 'adjacent', wine: a, other: b }];
        const found = bestOrder(wines, pins, weight);
        expect(found.kind === 'best' && brokenPins(found.judgement.order, pins)).toEqual([]);
        const rest = wines.map((entry) => entry.id).filter((id) => id !== a);
        expect(brokenPins(kind === 0 ? [...rest, a] : kind === 1 ? [a, ...rest] : [a, ...rest.slice(1), b], pins)).toEqual(rest.length > 1 ? pins : []);
      }),
    );
  });
  it('sixteen wines are solved', () => {
    const [wines] = fc.sample(fc.tuple(...Array.from({ length: 16 }, (_, i) => anyWine(`w${String(i).padStart(2, '0')}`))), { numRuns: 1, seed: 3 });
    const found = bestOrder(wines!, [], weight);
    expect(found.kind === 'best' && found.judgement.order.length).toBe(16);
  });
});

describe('what handbooks agree on', () => {
  const pairs: [string, OrderWine, OrderWine][] = [
    ['sparkling before white', wine('a', { bubbles: 85 }, 'sparkling'), wine('b')],
    ['white before red', wine('a'), wine('b', { tannin: 40, body: 50 }, 'red')],
    ['rosé before red', wine('a', {}, 'rose'), wine('b', { tannin: 45, body: 55 }, 'red')],
    ['red before sweet', wine('a', { tannin: 50 }, 'red'), wine('b', { sweetness: 85, intensity: 75 }, 'sweet')],
    ['sweet before fortified', wine('a', { sweetness: 80 }, 'sweet'), wine('b', { sweetness: 80, alcohol: 92, body: 75 }, 'fortified')],
    ['dry before sweet', wine('a', { sweetness: 5 }), wine('b', { sweetness: 80 }, 'sweet')],
    ['light before full', wine('a', { body: 25 }), wine('b', { body: 75 })],
    ['low before high alcohol', wine('a', { alcohol: 25 }), wine('b', { alcohol: 75 })],
    ['low before high tannin', wine('a', { tannin: 20 }, 'red'), wine('b', { tannin: 85 }, 'red')],
    ['unoaked before oaked', wine('a'), wine('b', { oak: 70 })],
  ];
  for (const [says, first, second] of pairs) {
    published('handbooks of tasting: order of a flight (Peynaud; Jackson)', says, () => {
      const found = bestOrder([second, first], [], weight);
      expect(found.kind === 'best' && found.judgement.order).toEqual(['a', 'b']);
    });
  }
  published('handbooks of tasting: order of a flight (Peynaud; Jackson)', 'young before old, where a school says so; old first is the other school', () => {
    const wines = [wine('a', {}, 'red', 3), wine('b', {}, 'red', 25)];
    const young = bestOrder(wines, [], schoolOf('young'));
    const old = bestOrder(wines, [], schoolOf('old'));
    expect(young.kind === 'best' && young.judgement.order).toEqual(['a', 'b']);
    expect(old.kind === 'best' && old.judgement.order).toEqual(['b', 'a']);
  });
  published('EU 2019/33 art. 44 (tolerance of the alcohol on a label)', 'alcohol figures whose spans overlap only break a tie', () => {
    const judged = judgeOrder([wine('a', { alcohol: 44 }), wine('b', { alcohol: 40 })], ['a', 'b'], weight);
    expect(judged.steps[1]!.reasons.find((reason) => reason.id === 'alcohol-not-proven')!.push).toBeLessThan(0.01);
    expect(judged.steps[1]!.reasons.some((reason) => reason.id === 'masks-alcohol')).toBe(false);
  });
});

describe('against an outside solver', () => {
  for (const [n, seed] of [
    [6, 1],
    [7, 2],
    [8, 3],
  ] as const) {
    published('HiGHS 1.15 (mixed-integer optimum)', `the strain of the best order of ${n} wines, instance ${seed}`, async () => {
      const [wines] = fc.sample(fc.tuple(...Array.from({ length: n }, (_, i) => anyWine(`w${i}`))), { numRuns: 1, seed });
      const { neighbour, earlier } = costTables(wines!, weight);
      const highs = await highsLoader();
      const solved = highs.solve(asProgram(neighbour, earlier, n), { time_limit: 60, mip_rel_gap: 0 });
      expect(solved.Status).toBe('Optimal');
      const found = bestOrder(wines!, [], weight);
      expect(found.kind === 'best' && found.judgement.strain).toBeCloseTo(solved.ObjectiveValue, 4);
    });
  }
});
