import fc from 'fast-check';
import highsLoader from 'highs';
import { describe, expect, it } from 'vitest';
import { seededRandom } from '../chance/seeded-random';
import { drained } from '../solver/solver';
import { menuProgram } from '../testing/menu-program';
import { allocate, bottlesFor, oneForAll, type MenuQuestion } from './allocate';

/** A menu of chance: prices by the bottle, so that one wine over two courses may be the cheaper. */
function anyMenu(seed: number, courses: number, n: number, more: Partial<MenuQuestion> = {}): MenuQuestion {
  const random = seededRandom(seed);
  const price = Array.from({ length: n }, () => Math.round(8 + random() * 60));
  const need = 100 + random() * 500;
  return {
    worth: Array.from({ length: courses }, () => Array.from({ length: n }, () => random() * 100)),
    without: Array.from({ length: courses }, () => (random() < 0.3 ? 30 : -Infinity)),
    step: Array.from({ length: n }, () => Array.from({ length: n }, () => (random() < 0.5 ? 0 : random() * 30))),
    money: (w, from, to) => Math.ceil((need * (to - from + 1)) / 750) * price[w]!,
    pointsPerMoney: random() < 0.3 ? 0 : random(),
    budget: random() < 0.5 ? undefined : 20 + random() * 150,
    most: 1 + Math.floor(random() * courses),
    pins: Array.from({ length: courses }, () => (random() < 0.15 ? Math.floor(random() * n) : undefined)),
    ...more,
  };
}
/** What a menu is worth by the rules themselves; undefined where it breaks one. */
function valueOf(question: MenuQuestion, wines: readonly (number | undefined)[]): number | undefined {
  const { worth, without, step, money, pointsPerMoney, budget, most, pins } = question;
  let value = 0;
  let spent = 0;
  let last: number | undefined;
  const used = new Set<number>();
  for (let course = 0; course < wines.length;) {
    const w = wines[course];
    const pin = pins[course];
    if (w === undefined) {
      if (pin !== undefined && pin !== 'none') return undefined;
      value += without[course]!;
      course += 1;
      continue;
    }
    if (used.has(w)) return undefined;
    used.add(w);
    let to = course;
    while (wines[to + 1] === w) to += 1;
    for (let c = course; c <= to; c++) {
      if (pins[c] !== undefined && pins[c] !== w) return undefined;
      value += worth[c]![w]!;
    }
    if (last !== undefined) value -= step[last]![w]!;
    spent += money(w, course, to);
    last = w;
    course = to + 1;
  }
  if (used.size > most || (budget !== undefined && spent > budget)) return undefined;
  return value - pointsPerMoney * spent;
}
function byTryingAll(question: MenuQuestion): number | undefined {
  const courses = question.worth.length;
  const n = question.worth[0]!.length;
  let best: number | undefined;
  const wines: (number | undefined)[] = [];
  const go = (): void => {
    if (wines.length === courses) {
      const value = valueOf(question, wines);
      if (value !== undefined && value > -Infinity && (best === undefined || value > best)) best = value;
      return;
    }
    for (const w of [undefined, ...Array.from({ length: n }, (_, i) => i)]) {
      wines.push(w);
      go();
      wines.pop();
    }
  };
  go();
  return best;
}

describe('which wine with which course', () => {
  it('is what trying every menu finds, for 200 menus of chance, and its points are those of the rules', () => {
    for (let seed = 1; seed <= 200; seed++) {
      const courses = 2 + (seed % 4);
      const question = anyMenu(seed, courses, courses >= 5 ? 5 : courses === 4 ? 7 : 10);
      const found = drained(allocate(question));
      const best = byTryingAll(question);
      if (best === undefined) expect(found.kind, String(seed)).toBe('impossible');
      else {
        expect(found.kind, String(seed)).toBe('best');
        if (found.kind !== 'best') continue;
        expect(found.proven).toBe(true);
        expect(found.best.points, String(seed)).toBeCloseTo(best, 6);
        expect(valueOf(question, found.best.wines), String(seed)).toBeCloseTo(best, 6);
      }
    }
  });
  for (let seed = 1; seed <= 10; seed++)
    it(`is what HiGHS finds for six courses and twenty-five wines (seed ${seed})`, async () => {
      const question = anyMenu(seed * 77, 6, 25, {
        without: Array.from({ length: 6 }, () => -Infinity),
        pins: [],
        budget: seed % 2 === 0 ? 150 + seed * 20 : undefined,
      });
      const highs = await highsLoader();
      const solved = highs.solve(menuProgram(question), { time_limit: 120, mip_rel_gap: 0 });
      const found = drained(allocate(question));
      if (found.kind === 'impossible') expect(solved.Status).toBe('Infeasible');
      else {
        expect(solved.Status).toBe('Optimal');
        expect(found.proven).toBe(true);
        expect(found.best.points).toBeCloseTo(solved.ObjectiveValue, 4);
      }
    });
  it('a dearer budget never makes a worse menu, one wine more never, and a forbidden wine never a better one', () =>
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e6 }), (seed) => {
        const question = anyMenu(seed, 4, 12, { pins: [], without: [0, 0, 0, 0] });
        const points = (more: Partial<MenuQuestion>) => {
          const found = drained(allocate({ ...question, ...more }));
          return found.kind === 'best' ? found.best.points : -Infinity;
        };
        expect(points({ budget: 200 })).toBeGreaterThanOrEqual(points({ budget: 100 }) - 1e-9);
        expect(points({ most: 3 })).toBeGreaterThanOrEqual(points({ most: 2 }) - 1e-9);
        expect(points({ never: { course: 1, wine: 3 } })).toBeLessThanOrEqual(points({}) + 1e-9);
      }),
      { numRuns: 60 },
    ));
  it('no wine, no budget, a pin that cannot be: a plain answer', () => {
    const none = { worth: [[], []], without: [10, 10], step: [], money: () => 0, pointsPerMoney: 1, budget: undefined, most: 2, pins: [undefined, undefined] };
    expect(drained(allocate(none))).toMatchObject({ kind: 'best', best: { wines: [undefined, undefined], points: 20 } });
    expect(drained(allocate({ ...none, without: [-Infinity, 10] })).kind).toBe('impossible');
    expect(drained(allocate(anyMenu(5, 3, 4, { budget: 0, without: [-Infinity, 1, 1], pins: [] }))).kind).toBe('impossible');
  });
  it('two hundred wines and six courses are proven within the nodes it may look at', () => {
    for (const seed of [3, 8, 21]) {
      const found = drained(allocate(anyMenu(seed, 6, 200, { pins: [], budget: undefined, without: Array.from({ length: 6 }, () => -Infinity) })));
      expect(found).toMatchObject({ kind: 'best', proven: true });
    }
  });
});

describe('one wine for a whole table', () => {
  it('is fairest by its worst plate, best by the mean', () => {
    expect(
      oneForAll([
        [90, 60, 10],
        [20, 55, 10],
      ]),
    ).toEqual({ fairest: 1, best: 1 });
    expect(
      oneForAll([
        [99, 60],
        [40, 55],
      ]),
    ).toEqual({ fairest: 1, best: 0 });
    expect(oneForAll([[]])).toBeUndefined();
  });
});
describe('bottles', () => {
  it('are the cheapest mix of sizes that holds enough', () => {
    const sizes = [
      { ml: 750, price: 20 },
      { ml: 375, price: 12 },
    ];
    expect(bottlesFor(750, sizes)).toEqual({ money: 20, counts: [1, 0] });
    expect(bottlesFor(300, sizes)).toEqual({ money: 12, counts: [0, 1] });
    expect(bottlesFor(1000, sizes)).toEqual({ money: 32, counts: [1, 1] });
    expect(bottlesFor(0, sizes).money).toBe(0);
    expect(bottlesFor(100, []).money).toBe(Infinity);
    expect(bottlesFor(1500, [{ ml: 750, price: 20, held: 1 }]).money).toBe(Infinity);
  });
});
