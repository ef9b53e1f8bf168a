import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { routesFor, temperatureAfter, tauOf, type Band, type Medium } from '../temperature/temperature';
import { bottleCurve } from './bottle-curve';
import { published } from '../testing/published';
import { eveningPlan, kindOfTask, outOfTheCold, postponed, taskId, taskKinds, wineOfTask, type Evening, type EveningWine } from './afternoon-tasks';
import { taskInWords } from './task-words';
import { timetable } from './timetable';

const medium = (id: string, celsius: number, tau: number): Medium => ({ id, name: id, celsius, tau, source: 'a test' });
const around = { room: medium('room', 21, 110), fridge: medium('fridge', 4, 110), ice: medium('ice', 0, 20), freezer: medium('freezer', -18, 102) };
const bands: readonly Band[] = (
  [
    ['sparkling', 6, 10],
    ['white', 8, 11],
    ['red', 16, 18],
  ] as const
).map(([id, low, high]) => ({ id, name: id, low, high, source: 'a test' }));

const anyWine = (id: string, place: number): fc.Arbitrary<EveningWine> =>
  fc
    .record({
      band: fc.constantFrom(...bands),
      bottles: fc.integer({ min: 1, max: 4 }),
      volumeMl: fc.constantFrom(375, 750, 1500),
      start: fc.integer({ min: 12, max: 24 }),
      air: fc.constantFrom(
        { choice: 'none', minutes: 0 } as const,
        { choice: 'open', minutes: 45 } as const,
        { choice: 'gentle', minutes: 60 } as const,
        { choice: 'double', minutes: 90 } as const,
      ),
      sparkling: fc.boolean(),
      deposit: fc.boolean(),
      fragile: fc.boolean(),
      dish: fc.option(
        fc
          .record({ hands: fc.integer({ min: 0, max: 25 }), alone: fc.integer({ min: 0, max: 150 }) })
          .map(({ hands, alone }) => ({ hands, minutes: hands + alone })),
        { nil: undefined },
      ),
    })
    .map(({ band, start, air, sparkling, deposit, fragile, ...rest }) => {
      const handled = outOfTheCold(
        { openMinutes: 2, bottles: rest.bottles, air: sparkling ? { choice: 'none', minutes: 0 } : air, sparkling, fragile: fragile && !sparkling },
        false,
      );
      const found = routesFor({ start, volumeMl: rest.volumeMl }, band, (band.low + band.high) / 2, around, handled);
      return {
        id,
        name: id,
        pourAt: place * 8,
        band,
        routes: found.kind === 'routes' ? found.routes : [],
        air: sparkling ? { choice: 'none' as const, minutes: 0 } : air,
        openMinutes: 2,
        sparkling,
        deposit: deposit && !sparkling,
        fragile: fragile && !sparkling,
        ...rest,
      };
    });
const anyEvening: fc.Arbitrary<Evening> = fc
  .integer({ min: 1, max: 6 })
  .chain((n) => fc.tuple(...Array.from({ length: n }, (_, i) => anyWine(`w${i}`, i))))
  .chain((wines) =>
    fc.record({
      wines: fc.constant(wines),
      resources: fc.record({
        fridge: fc.integer({ min: 4, max: 24 }),
        ice: fc.integer({ min: 0, max: 6 }),
        freezer: fc.constant(0),
        hands: fc.integer({ min: 1, max: 3 }),
      }),
      guests: fc.integer({ min: 0, max: 16 }),
      glasses: fc.integer({ min: 0, max: 60 }),
      tasteFirst: fc.boolean(),
      tasteLead: fc.constantFrom(30, 60, 150),
      done: fc.constant({}),
    }),
  );

/** Reads a plan as somebody would who had only the tasks and the clock: what is broken, in words. */
function broken({ tasks, timetable: made }: ReturnType<typeof eveningPlan>, resources: Evening['resources']): string[] {
  const named = new Set(made.conflicts.map((conflict) => conflict.task));
  const wrong: string[] = [];
  const byId = new Map(tasks.map((task) => [task.id, task]));
  for (const task of tasks) {
    const start = made.starts[task.id];
    if (start === undefined) {
      if (!named.has(task.id)) wrong.push(`${task.id} has no start and nobody says so`);
      continue;
    }
    if (!Number.isFinite(start)) wrong.push(`${task.id} starts at ${start}`);
    if (start + task.minutes > task.latestEnd + 1e-6 && !named.has(task.id)) wrong.push(`${task.id} ends after its latest end`);
    if (start < task.earliestStart - 1e-6 && !named.has(task.id)) wrong.push(`${task.id} starts before it may`);
    for (const { task: before, gap } of task.after) {
      const first = byId.get(before);
      const began = made.starts[before];
      if (first !== undefined && began !== undefined && began + first.minutes + gap > start + 1e-6) wrong.push(`${task.id} does not wait for ${before}`);
    }
  }
  const capacity = resources as unknown as Record<string, number>;
  for (const at of tasks.flatMap((task) => (made.starts[task.id] === undefined ? [] : [made.starts[task.id]!]))) {
    const used: Record<string, number> = {};
    for (const task of tasks) {
      const start = made.starts[task.id];
      if (start === undefined || named.has(task.id) || start > at || start + task.minutes <= at) continue;
      for (const [resource, amount] of Object.entries(task.uses)) used[resource] = (used[resource] ?? 0) + amount;
    }
    for (const [resource, amount] of Object.entries(used))
      if (amount > capacity[resource]!) wrong.push(`${amount} of ${capacity[resource]} ${resource} at ${at}`);
  }
  return wrong;
}

describe('any evening', () => {
  it('is planned so that an independent reader finds nothing broken that the plan does not name itself', () => {
    fc.assert(
      fc.property(anyEvening, (evening) => {
        expect(broken(eveningPlan(evening), evening.resources)).toEqual([]);
      }),
      { numRuns: 150 },
    );
  });
  it('nothing is opened, checked, tasted or decanted while it stands in the cold', () => {
    fc.assert(
      fc.property(anyEvening, fc.option(fc.integer({ min: -400, max: 0 }), { nil: undefined }), (evening, dayBegins) => {
        const { tasks, timetable: made } = eveningPlan({ ...evening, dayBegins });
        for (const chill of tasks.filter((task) => kindOfTask(task.id) === 'chill'))
          for (const kind of ['open', 'check', 'taste', 'decant'] as const) {
            const handled = tasks.find((task) => task.id === taskId(kind, wineOfTask(chill.id)));
            if (handled === undefined) continue;
            const [from, to] = [made.starts[handled.id]!, made.starts[handled.id]! + handled.minutes];
            const [into, out] = [made.starts[chill.id]!, made.starts[chill.id]! + chill.minutes];
            expect(to <= into + 1e-6 || from >= out - 1e-6, `${handled.id} ${from}–${to} and ${chill.id} ${into}–${out}`).toBe(true);
          }
      }),
      { numRuns: 150 },
    );
  });
  it('every wine that may be tasted early is tasted by the lead that was set, or the plan says that it is not', () => {
    fc.assert(
      fc.property(anyEvening, (evening) => {
        const { tasks, routes, timetable: made } = eveningPlan({ ...evening, tasteFirst: true });
        const named = new Set(made.conflicts.map((conflict) => conflict.task));
        for (const task of tasks.filter(
          (entry) => kindOfTask(entry.id) === 'taste' && !named.has(entry.id) && routes.get(wineOfTask(entry.id)!)?.id !== 'overnight',
        ))
          expect(made.starts[task.id]! + task.minutes).toBeLessThanOrEqual(-evening.tasteLead + 1e-6);
      }),
      { numRuns: 60 },
    );
  });
  it('a bottle that would go into the fridge before the day begins stands there from the evening before', () => {
    const dry = { band: bands.find((band) => band.high <= 11)!, bottles: 1, volumeMl: 750 };
    const handled = outOfTheCold({ openMinutes: 2, bottles: 1, air: { choice: 'none', minutes: 0 }, sparkling: false, fragile: false }, false);
    const found = routesFor({ start: 20, volumeMl: 750 }, dry.band, (dry.band.low + dry.band.high) / 2, around, handled);
    const white: EveningWine = {
      ...dry,
      id: 'w',
      name: 'w',
      pourAt: 0,
      routes: found.kind === 'routes' ? found.routes : [],
      air: { choice: 'none', minutes: 0 },
      openMinutes: 2,
      sparkling: false,
      deposit: false,
      fragile: false,
    };
    const morning: Evening = {
      wines: [white],
      resources: { fridge: 6, ice: 0, freezer: 0, hands: 2 },
      guests: 6,
      glasses: 6,
      tasteFirst: false,
      tasteLead: 60,
      done: {},
    };
    expect(white.routes.map((route) => route.id)).toContain('overnight');
    const late = eveningPlan(morning);
    const early = eveningPlan({ ...morning, dayBegins: -90 });
    expect(late.routes.get('w')!.id).not.toBe('overnight');
    expect(early.routes.get('w')!.id).toBe('overnight');
    expect(early.timetable.span).toBeLessThan(late.timetable.span);
    expect(early.timetable.conflicts).toEqual([]);
  });
  it('a dish is begun so that it is done when its wine is poured, cooks by itself as long as it must, and goes out with the wine, or the plan says what is in the way', () => {
    fc.assert(
      fc.property(anyEvening, (evening) => {
        const { tasks, timetable } = eveningPlan(evening);
        const late = new Set(timetable.conflicts.map(({ task }) => task));
        for (const { id, dish, pourAt } of evening.wines) {
          const [cook, plate] = ['cook' as const, 'plate' as const].map((kind) => tasks.find((task) => task.id === taskId(kind, id)));
          expect(cook === undefined).toBe(dish === undefined);
          expect(plate === undefined).toBe(dish === undefined);
          if (dish === undefined || late.has(taskId('cook', id)) || late.has(taskId('plate', id))) continue;
          const [begun, out] = [timetable.starts[cook!.id]!, timetable.starts[plate!.id]!];
          expect(out - begun).toBeGreaterThanOrEqual(dish.minutes - 1e-6);
          expect(out + plate!.minutes).toBeLessThanOrEqual(pourAt + 2 + 1e-6);
          expect(pourAt - begun).toBeLessThan(dish.minutes + plate!.minutes + 130);
          expect(cook!.uses).toEqual({ hands: 1 });
        }
      }),
      { numRuns: 80 },
    );
  });
  it('is the same planned twice, and every task has its words with the wine’s name', () => {
    fc.assert(
      fc.property(anyEvening, (evening) => {
        const plan = eveningPlan(evening);
        expect(eveningPlan(evening)).toEqual(plan);
        expect(new Set(plan.tasks.map((task) => task.id)).size).toBe(plan.tasks.length);
        for (const task of plan.tasks) {
          expect(Object.keys(taskKinds)).toContain(kindOfTask(task.id));
          const words = taskInWords(task.id, (wine) => `Wine ${wine}`, { minutes: task.minutes, route: undefined });
          expect(words).not.toMatch(/undefined|NaN/);
          if (wineOfTask(task.id) !== undefined) expect(words).toContain(`Wine ${wineOfTask(task.id)!}`);
          expect(task.minutes).toBeGreaterThanOrEqual(1);
        }
      }),
      { numRuns: 60 },
    );
  });
  it('the same tasks with more hands and more room never take longer, where both are proven', () => {
    fc.assert(
      fc.property(anyEvening, (evening) => {
        const { tasks, timetable: tight } = eveningPlan(evening);
        const roomy = timetable(tasks, { hands: evening.resources.hands + 1, fridge: 200, ice: 50, freezer: 50 });
        if (tight.conflicts.length === 0 && tight.exact && roomy.exact) expect(roomy.span).toBeLessThanOrEqual(tight.span + 1e-6);
        expect(roomy.bound).toBeLessThanOrEqual(tight.span + 1e-6);
      }),
      { numRuns: 60 },
    );
  });
  it('put off by some minutes, what is done lies that much further back, and put back again it is as it was', () => {
    fc.assert(
      fc.property(anyEvening, fc.integer({ min: 1, max: 90 }), (evening, minutes) => {
        const begun = { ...evening, now: -200, done: { room: -120, polish: -90 } };
        const later = postponed(begun, minutes);
        expect(later.done).toEqual({ room: -120 - minutes, polish: -90 - minutes });
        expect(postponed(later, -minutes)).toEqual(begun);
      }),
    );
  });
  it('what is done or under way stands where it stands, and nothing else begins before now', () => {
    fc.assert(
      fc.property(anyEvening, (evening) => {
        const first = eveningPlan(evening);
        const opened = first.tasks.find((task) => kindOfTask(task.id) === 'open');
        if (opened === undefined || first.timetable.starts[opened.id] === undefined) return;
        const ended = first.timetable.starts[opened.id]! + opened.minutes;
        const again = eveningPlan({ ...evening, now: -40, done: { [opened.id]: ended } });
        expect(again.timetable.starts[opened.id]).toBeCloseTo(ended - opened.minutes, 6);
        const named = new Set(again.timetable.conflicts.map((conflict) => conflict.task));
        for (const task of again.tasks)
          if (task.id !== opened.id && !named.has(task.id) && again.timetable.starts[task.id] !== undefined)
            expect(again.timetable.starts[task.id]!).toBeGreaterThanOrEqual(-40 - 1e-6);
      }),
      { numRuns: 80 },
    );
  });
});

describe('the curve of a bottle', () => {
  published('Newton’s law of cooling', 'decanted without a way into the cold, it stands in the room for as long as it is decanted', () => {
    const hot = { ...around, room: { ...around.room, celsius: 30 } };
    const wine: EveningWine = {
      id: 'w',
      name: 'w',
      pourAt: 0,
      bottles: 1,
      volumeMl: 750,
      band: bands[0]!,
      routes: [],
      air: { choice: 'gentle', minutes: 39 },
      openMinutes: 2,
      sparkling: false,
      deposit: false,
      fragile: false,
    };
    const curve = bottleCurve(wine, 22, undefined, { tasks: [], starts: {} }, hot, -200);
    expect(curve.atPour).toBeCloseTo(30 + (22 - 30) * Math.exp(-39 / hot.room.tau), 6);
  });
  it('follows Newton’s law from the cold into the room, stage by stage', () => {
    fc.assert(
      fc.property(anyWine('w', 0), fc.integer({ min: 14, max: 24 }), (wine, start) => {
        const route = wine.routes.find((entry) => entry.id === 'fridge');
        if (route === undefined || route.best <= 0) return;
        const plan = {
          tasks: [{ id: taskId('chill', 'w'), minutes: route.best, uses: {}, after: [], latestEnd: -route.out, earliestStart: -Infinity }],
          starts: { [taskId('chill', 'w')]: -route.out - route.best },
        };
        const curve = bottleCurve(wine, start, route, plan, around, -route.out - route.best);
        const cold = temperatureAfter(start, { celsius: route.medium.celsius, tau: tauOf(route.medium.tau, wine.volumeMl), minutes: route.best });
        const warm = temperatureAfter(cold, { celsius: around.room.celsius, tau: tauOf(around.room.tau, wine.volumeMl), minutes: route.out });
        expect(curve.atPour).toBeCloseTo(warm, 6);
        expect(curve.points[0]!.celsius).toBeCloseTo(start, 6);
        for (let i = 1; i < curve.points.length; i++) expect(curve.points[i]!.at).toBeGreaterThanOrEqual(curve.points[i - 1]!.at);
        const { low, high } = wine.band;
        // A twentieth of a degree is nothing anybody could taste or measure.
        expect(Math.abs(curve.off - (warm > high ? warm - high : warm < low ? warm - low : 0))).toBeLessThanOrEqual(0.051);
        if (curve.off > 0.5 && curve.remedy !== undefined) expect(curve.remedy.minutes).toBeGreaterThan(0);
      }),
      { numRuns: 80 },
    );
  });
});
