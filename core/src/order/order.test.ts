import fc from 'fast-check';
import highsLoader from 'highs';
import { describe, expect, it } from 'vitest';
import { asProgram } from '../testing/order-program';
import { anyFlight, anyOrderWine } from '../testing/any-flight';
import { published } from '../testing/published';
import { profileKeys, type Loads } from '../wine/profile';
import { totalPush } from '../wine/reason';
import { bestMove, compareSchools, factsThatMatter } from './advice';
import { likePairs } from './pairs';
import { costTables, judgeOrder, leastStrain, tellingReasons } from './judge';
import type { OrderWine, Rest, RestKind } from './order-wine';
import { brokenPins, contradiction, type Pin } from './pins';
import { schoolOf, schools, type Rung } from './ordering-rules';
import { bestOrder, noRests, type Rests } from './solve';

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
const permutations = (items: readonly string[]): string[][] =>
  items.length === 0 ? [[]] : items.flatMap((item) => permutations(items.filter((other) => other !== item)).map((rest) => [item, ...rest]));
const weight = schoolOf('weight');

describe('the best order', () => {
  /** Every way to place at most `most` rests of the allowed kinds in an order. */
  function restings(order: readonly string[], rests: Rests): Rest[][] {
    const kinds: RestKind[] = rests.cheese ? ['bread', 'cheese'] : ['bread'];
    return order
      .slice(0, -1)
      .reduce<Rest[][]>(
        (all, after) => [...all, ...all.filter((some) => some.length < rests.most).flatMap((some) => kinds.map((kind) => [...some, { after, kind }]))],
        [[]],
      );
  }
  const anyPins = (ids: readonly string[]): fc.Arbitrary<Pin[]> => {
    const wine = fc.constantFrom(...ids);
    return fc.array(
      fc.oneof(
        fc.record({ kind: fc.constantFrom('first' as const, 'last' as const), wine }),
        fc.record({ kind: fc.constant('place' as const), wine, place: fc.integer({ min: 1, max: ids.length }) }),
        fc
          .record({ kind: fc.constantFrom('adjacent' as const, 'before' as const, 'group' as const), wine, other: wine })
          .filter((pin) => pin.wine !== pin.other),
      ),
      { maxLength: 3 },
    );
  };
  const keeps = (order: readonly string[], pins: readonly Pin[]) => brokenPins(order, pins).length === 0;
  const instances = (sizes: readonly number[], numRuns: number, seed: number) =>
    fc.sample(
      fc.constantFrom(...sizes).chain((n) =>
        fc.record({
          wines: fc.tuple(...Array.from({ length: n }, (_, i) => anyOrderWine(`w${i}`))),
          pins: anyPins(Array.from({ length: n }, (_, i) => `w${i}`)),
          school: fc.constantFrom(...schools),
          rests: fc.record({ most: fc.nat(2), cheese: fc.boolean() }),
        }),
      ),
      { numRuns, seed },
    );
  it('equals brute force over every order, every rest and every kind of pin: 180 instances of up to six wines', () => {
    let impossible = 0;
    for (const { wines, pins, school, rests } of instances([2, 3, 4, 5, 6], 180, 11)) {
      const ids = wines.map((entry) => entry.id);
      const allowed = permutations(ids).filter((order) => keeps(order, pins));
      const found = bestOrder(wines, pins, school, rests);
      if (allowed.length === 0) {
        impossible++;
        expect(found.kind, JSON.stringify(pins)).toBe('impossible');
        continue;
      }
      const { neighbour, rested, earlier } = costTables(wines, school);
      const n = ids.length;
      const at = (id: string) => Number(id.slice(1));
      let least = Infinity;
      for (const order of allowed) {
        let fixed = 0;
        for (let j = 1; j < n; j++) for (let i = 0; i < j; i++) fixed += earlier[at(order[i]!) * n + at(order[j]!)]!;
        for (const some of restings(order, rests)) {
          let sum = fixed;
          for (let j = 1; j < n; j++) {
            const kind = some.find((rest) => rest.after === order[j - 1])?.kind;
            sum += (kind === undefined ? neighbour : rested[kind])[at(order[j - 1]!) * n + at(order[j]!)]!;
          }
          least = Math.min(least, sum);
        }
      }
      expect(found.kind === 'best' && found.judgement.strain).toBeCloseTo(least, 7);
    }
    expect(impossible).toBeGreaterThan(5);
  });
  it('equals brute force with every kind of pin for eight wines: 20 instances', () => {
    for (const { wines, pins, school } of instances([8], 20, 5)) {
      const { neighbour, earlier } = costTables(wines, school);
      expect(Math.min(...neighbour, ...earlier)).toBeGreaterThanOrEqual(0);
      let least = Infinity;
      // Depth first over places; no cost is negative, so a beginning that costs as much as a whole order is not gone on with.
      const order: number[] = [];
      const place = (sum: number): void => {
        if (sum >= least) return;
        if (order.length === 8) {
          if (
            keeps(
              order.map((i) => `w${i}`),
              pins,
            )
          )
            least = sum;
          return;
        }
        for (let to = 0; to < 8; to++) {
          if (order.includes(to)) continue;
          let more = order.length === 0 ? 0 : neighbour[order.at(-1)! * 8 + to]!;
          for (const from of order) more += earlier[from * 8 + to]!;
          order.push(to);
          place(sum + more);
          order.pop();
        }
      };
      place(0);
      const found = bestOrder(wines, pins, school);
      if (least === Infinity) expect(found.kind).toBe('impossible');
      else expect(found.kind === 'best' && found.judgement.strain).toBeCloseTo(least, 7);
    }
  });
  it('does not depend on the order the wines are given in', () => {
    fc.assert(
      fc.property(anyFlight(2, 9), fc.infiniteStream(fc.nat()), (wines, stream) => {
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
      fc.property(anyFlight(1, 8), fc.constantFrom(...schools), fc.constantFrom<RestKind>('bread', 'cheese'), (wines, school, kind) => {
        const ids = wines.map((entry) => entry.id);
        const judged = judgeOrder(wines, ids, school, [{ after: ids[0]!, kind }]);
        expect(judged.strain).toBeLessThanOrEqual(judgeOrder(wines, ids, school).strain + 1e-9);
        expect(judged.strain).toBeGreaterThanOrEqual(0);
        for (const step of judged.steps) {
          expect(totalPush(step.reasons)).toBeCloseTo(step.strain, 9);
          for (const reason of step.reasons) {
            if (!reason.id.startsWith('rest-')) expect(reason.push).toBeGreaterThanOrEqual(0);
            expect(reason.text).not.toMatch(/undefined|NaN/);
          }
        }
        expect(judged.steps.reduce((sum, step) => sum + step.strain, 0)).toBeCloseTo(judged.strain, 9);
        // What is told and what is left out of a step come to its strain.
        for (const step of judged.steps) {
          const { told, others, together } = tellingReasons(step);
          expect(told.length + others).toBe(step.reasons.length);
          expect(told.reduce((sum, reason) => sum + reason.push, together)).toBeCloseTo(step.strain, 9);
        }
      }),
    );
  });
  it('keeps an adjacent pair together, either way round, and names pins that contradict', () => {
    const wines = [wine('a', { body: 80, intensity: 80 }), wine('b', { body: 20, intensity: 20 }), wine('c'), wine('d', { tannin: 70 }, 'red')];
    const found = bestOrder(wines, [{ kind: 'adjacent', wine: 'a', other: 'b' }], weight);
    expect(found.kind === 'best' && Math.abs(found.judgement.order.indexOf('a') - found.judgement.order.indexOf('b'))).toBe(1);
    // One wine beside two others stands between them, and what must come first of a pair may be the weightier one.
    for (const pins of [
      [
        { kind: 'adjacent', wine: 'b', other: 'a' },
        { kind: 'adjacent', wine: 'b', other: 'c' },
      ],
      [
        { kind: 'adjacent', wine: 'b', other: 'a' },
        { kind: 'before', wine: 'a', other: 'b' },
      ],
    ] satisfies Pin[][]) {
      const kept = bestOrder(wines, pins, weight);
      expect(kept.kind === 'best' && brokenPins(kept.judgement.order, pins)).toEqual([]);
    }
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
    // A third pin that has no part in it is not named.
    const three: Pin[] = [
      { kind: 'before', wine: 'a', other: 'b' },
      { kind: 'place', wine: 'd', place: 4 },
      { kind: 'before', wine: 'b', other: 'c' },
      { kind: 'before', wine: 'c', other: 'a' },
    ];
    expect(bestOrder(wines, three, weight)).toEqual({ kind: 'impossible', pins: [three[0], three[2], three[3]] });
    expect(bestOrder([], [], weight)).toMatchObject({ kind: 'best', judgement: { strain: 0, order: [] } });
  });
  it('the best order breaks no pin, and a broken pin is found in any other', () => {
    fc.assert(
      fc.property(anyFlight(3, 7), fc.nat(2), (wines, kind) => {
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
    const [wines] = fc.sample(fc.tuple(...Array.from({ length: 16 }, (_, i) => anyOrderWine(`w${String(i).padStart(2, '0')}`))), { numRuns: 1, seed: 3 });
    const found = bestOrder(wines!, [], weight);
    expect(found.kind === 'best' && found.judgement.order.length).toBe(16);
  });
});

describe('pins that contradict', () => {
  it('are named by a set that no order keeps, and every smaller set of them can be kept', () => {
    const ids = ['w0', 'w1', 'w2', 'w3', 'w4'];
    const wine = fc.constantFrom(...ids);
    const pin = fc.oneof(
      fc.record({ kind: fc.constantFrom('first' as const, 'last' as const), wine }),
      fc.record({ kind: fc.constant('place' as const), wine, place: fc.integer({ min: 1, max: 5 }) }),
      fc
        .record({ kind: fc.constantFrom('adjacent' as const, 'before' as const, 'group' as const), wine, other: wine })
        .filter((entry) => entry.wine !== entry.other),
    );
    const keptBy = (order: readonly string[], pins: readonly Pin[]) => brokenPins(order, pins).length === 0;
    const all = permutations(ids);
    const possible = (pins: readonly Pin[]) => all.some((order) => keptBy(order, pins));
    let contradictions = 0;
    fc.assert(
      fc.property(fc.array(pin, { minLength: 2, maxLength: 6 }), (pins: Pin[]) => {
        const named = contradiction(ids, pins);
        expect(named.length === 0).toBe(possible(pins));
        if (named.length === 0) return;
        contradictions++;
        expect(possible(named)).toBe(false);
        for (let mask = 0; mask < 1 << pins.length; mask++) {
          const some = pins.filter((_, i) => mask & (1 << i));
          if (some.length < named.length) expect(possible(some)).toBe(true);
        }
      }),
      { numRuns: 60, seed: 8 },
    );
    expect(contradictions).toBeGreaterThan(10);
  });
});
describe('advice on an order', () => {
  it('the best single move takes off what it says, no other single move takes off more, and the best order has none by hand that helps without a rest', () => {
    fc.assert(
      fc.property(anyFlight(3, 6), fc.constantFrom(...schools), (wines, school) => {
        const order = wines.map((entry) => entry.id);
        const now = judgeOrder(wines, order, school).strain;
        const move = bestMove(wines, order, [], [], school);
        if (move !== undefined) expect(now - judgeOrder(wines, move.order, school, move.rests).strain).toBeCloseTo(move.fall, 8);
        for (let i = 0; i < order.length; i++)
          for (let j = i + 1; j < order.length; j++) {
            const swapped = order.with(i, order[j]!).with(j, order[i]!);
            expect(now - judgeOrder(wines, swapped, school).strain).toBeLessThanOrEqual((move?.fall ?? 0) + 1e-8);
          }
        const best = bestOrder(wines, [], school);
        const after = best.kind === 'best' ? bestMove(wines, best.judgement.order, [], [], school) : undefined;
        expect(after === undefined || after.kind === 'rest').toBe(true);
      }),
      { numRuns: 60 },
    );
  });
  const drain = <T>(solver: Generator<number, T>): T => {
    let last = 0;
    for (let step = solver.next(); ; step = solver.next()) {
      if (step.done) return step.value;
      expect(step.value).toBeGreaterThanOrEqual(last - 1e-9);
      last = step.value;
    }
  };
  it('a missing fact is named only when the best order turns on it, with the order at both ends', () => {
    const wines: OrderWine[] = [
      { ...wine('a', { body: 40 }), assumed: [{ key: 'body', low: 30, high: 95, why: 'a style' }] },
      { ...wine('b', { body: 55 }), assumed: [{ key: 'bubbles', low: 0, high: 4, why: 'a style' }] },
      wine('c', { body: 70, tannin: 60 }, 'red'),
    ];
    const found = drain(factsThatMatter(wines, [], weight, noRests));
    expect(found.map((entry) => `${entry.wine} ${entry.key}`)).toEqual(['a body']);
    expect(found[0]!.low.order[0]).toBe('a');
    expect(found[0]!.high.order[0]).toBe('b');
    expect(found[0]!.low.gain).toBeLessThan(leastStrain);
    expect(found[0]!.high.gain).toBeGreaterThanOrEqual(leastStrain);
  });
  it('a fact at whose ends nobody would feel another order is not named, and the most telling comes first', () => {
    const near = (id: string, body: number, by: number): OrderWine => ({
      ...wine(id, { body }),
      assumed: [{ key: 'body', low: body - by, high: body + by, why: 'a style' }],
    });
    expect(drain(factsThatMatter([near('a', 50, 2), near('b', 51, 2), near('c', 52, 2)], [], weight, noRests))).toEqual([]);
    const found = drain(factsThatMatter([near('a', 30, 60), near('b', 50, 30), wine('c', { body: 55 })], [], weight, noRests));
    const stakes = found.map(({ low, high }) => Math.max(low.gain, high.gain));
    expect(stakes.length).toBeGreaterThan(0);
    expect(stakes).toEqual([...stakes].sort((a, b) => b - a));
    for (const stake of stakes) expect(stake).toBeGreaterThanOrEqual(leastStrain);
  });
  it('every school is solved, and its moves lead from the given order to its own', () => {
    const wines = [wine('a', { alcohol: 22, sweetness: 62, body: 30 }, 'sweet'), wine('b', { tannin: 60, body: 70 }, 'red', 3), wine('c', {}, 'white', 30)];
    const views = drain(compareSchools(wines, ['a', 'b', 'c'], [], noRests));
    expect(views.map((view) => view.school)).toEqual(schools.map((school) => school.id));
    for (const view of views) {
      const own = view.solution.kind === 'best' ? view.solution.judgement.order : [];
      const moved = ['a', 'b', 'c'];
      for (const move of view.moves) moved[move.to - 1] = move.wine;
      expect(moved).toEqual(own);
    }
    const order = (school: string) => {
      const view = views.find((entry) => entry.school === school)!;
      return view.solution.kind === 'best' ? view.solution.judgement.order : [];
    };
    expect(order('sweet').indexOf('a')).toBeLessThan(order('weight').indexOf('a'));
  });
});
describe('by pairs', () => {
  it('the two most alike of one class stand side by side, what is pinned stays, and the best order keeps them so', () => {
    const wines = [
      wine('fizz', { bubbles: 80, body: 20 }, 'sparkling'),
      wine('white', { body: 40 }, 'white'),
      wine('fizz too', { bubbles: 80, body: 45 }, 'sparkling'),
      wine('red', { tannin: 60, body: 70 }, 'red'),
      wine('other white', { body: 60 }, 'white'),
    ];
    const pins = likePairs(wines, []);
    expect(pins.map((pin) => ('other' in pin ? [pin.wine, pin.other].sort().join(' and ') : ''))).toEqual(['other white and white', 'fizz and fizz too']);
    const found = bestOrder(wines, pins, weight);
    expect(found.kind === 'best' && brokenPins(found.judgement.order, pins)).toEqual([]);
    const beside: Pin = { kind: 'adjacent', wine: 'fizz', other: 'red' };
    expect(likePairs(wines, [beside]).some((pin) => pin.wine === 'fizz')).toBe(false);
  });
});
describe('a long flight', () => {
  it('is solved by sections with a rest between, keeps its pins, says so, and no order of a section by hand is better', () => {
    const [wines] = fc.sample(fc.tuple(...Array.from({ length: 40 }, (_, i) => anyOrderWine(`w${String(i).padStart(2, '0')}`))), { numRuns: 1, seed: 9 });
    const pins: Pin[] = [
      { kind: 'first', wine: 'w07' },
      { kind: 'last', wine: 'w03' },
      { kind: 'adjacent', wine: 'w11', other: 'w30' },
    ];
    const found = bestOrder(wines!, pins, weight);
    if (found.kind !== 'best') throw new Error('possible');
    expect(found.sections!.flat().sort()).toEqual(wines!.map((entry) => entry.id));
    expect(found.sections!.every((section) => section.length <= 16)).toBe(true);
    expect(brokenPins(found.judgement.order, pins)).toEqual([]);
    expect(found.judgement.rests.length).toBe(found.sections!.length - 1);
    const shuffled = judgeOrder(
      wines!,
      wines!.map((entry) => entry.id),
      weight,
    ).strain;
    expect(found.judgement.strain).toBeLessThan(shuffled * 0.6);
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
    [10, 3],
  ] as const) {
    published('HiGHS 1.15 (mixed-integer optimum)', `the strain of the best order of ${n} wines, instance ${seed}`, async () => {
      const [wines] = fc.sample(fc.tuple(...Array.from({ length: n }, (_, i) => anyOrderWine(`w${i}`))), { numRuns: 1, seed });
      const { neighbour, earlier } = costTables(wines!, weight);
      const highs = await highsLoader();
      const solved = highs.solve(asProgram(neighbour, earlier, n), { time_limit: 60, mip_rel_gap: 0 });
      expect(solved.Status).toBe('Optimal');
      const found = bestOrder(wines!, [], weight);
      expect(found.kind === 'best' && found.judgement.strain).toBeCloseTo(solved.ObjectiveValue, 4);
    });
  }
});
