import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { listSchedule, timetable, type Capacities, type Starts, type Task } from './timetable';

const capacities: Capacities = { hands: 2, fridge: 1 };
const anyTasks = (least: number, most: number, longest: number, horizon: number): fc.Arbitrary<Task[]> =>
  fc.integer({ min: least, max: most }).chain((n) =>
    fc.tuple(
      ...Array.from({ length: n }, (_, i) =>
        fc
          .record({
            minutes: fc.integer({ min: 1, max: longest }),
            hands: fc.nat(2),
            fridge: fc.nat(1),
            after: fc.subarray(
              Array.from({ length: i }, (_, j) => `t${j}`),
              { maxLength: Math.min(2, i) },
            ),
            gap: fc.nat(1),
            latestEnd: fc.integer({ min: -3, max: 1 }),
            window: fc.option(fc.integer({ min: 4, max: horizon }), { nil: undefined }),
          })
          .map(({ minutes, hands, fridge, after, gap, latestEnd, window }) => ({
            id: `t${i}`,
            minutes,
            uses: { ...(hands > 0 ? { hands } : {}), ...(fridge > 0 ? { fridge } : {}) },
            after: after.map((task) => ({ task, gap })),
            latestEnd,
            earliestStart: window === undefined ? -Infinity : -window,
          })),
      ),
    ),
  );

/** An independent check: precedence, windows, resources minute by minute. */
function broken(tasks: readonly Task[], starts: Starts, places: Capacities): string[] {
  const wrong: string[] = [];
  for (const task of tasks) {
    const start = starts[task.id]!;
    if (start + task.minutes > task.latestEnd || start < task.earliestStart) wrong.push(`${task.id} leaves its window`);
    for (const entry of task.after) {
      const before = tasks.find((other) => other.id === entry.task)!;
      if (starts[before.id]! + before.minutes + entry.gap > start) wrong.push(`${task.id} starts before ${before.id} is over`);
    }
    for (let minute = start; minute < start + task.minutes; minute++)
      for (const resource of Object.keys(task.uses)) {
        const used = tasks
          .filter((other) => starts[other.id]! <= minute && starts[other.id]! + other.minutes > minute)
          .reduce((sum, other) => sum + (other.uses[resource] ?? 0), 0);
        if (used > places[resource]!) wrong.push(`${resource} is overfull at ${minute}`);
      }
  }
  return wrong;
}
const spanOf = (tasks: readonly Task[], starts: Starts) => -Math.min(0, ...tasks.map((task) => starts[task.id]!));

/** The least span over every start of every task, or undefined when nothing fits: plain enumeration. */
function enumerate(tasks: readonly Task[], horizon: number): number | undefined {
  let least: number | undefined;
  const starts: Record<string, number> = {};
  const usage = new Map<string, number>();
  const bump = (task: Task, start: number, by: number) => {
    for (const [resource, amount] of Object.entries(task.uses))
      for (let minute = start; minute < start + task.minutes; minute++)
        usage.set(`${resource} ${minute}`, (usage.get(`${resource} ${minute}`) ?? 0) + by * amount);
  };
  const fits = (task: Task, start: number) =>
    Object.entries(task.uses).every(([resource, amount]) => {
      for (let minute = start; minute < start + task.minutes; minute++)
        if ((usage.get(`${resource} ${minute}`) ?? 0) + amount > capacities[resource]!) return false;
      return true;
    });
  const go = (i: number): void => {
    if (i === tasks.length) {
      least = Math.min(least ?? Infinity, spanOf(tasks, starts));
      return;
    }
    const task = tasks[i]!;
    const from = Math.max(
      -horizon,
      task.earliestStart,
      ...task.after.map((entry) => starts[entry.task]! + tasks.find((other) => other.id === entry.task)!.minutes + entry.gap),
    );
    for (let start = task.latestEnd - task.minutes; start >= from; start--) {
      if (least !== undefined && -start >= least) break;
      if (!fits(task, start)) continue;
      starts[task.id] = start;
      bump(task, start, 1);
      go(i + 1);
      bump(task, start, -1);
    }
  };
  go(0);
  return least;
}

describe('the timetable', () => {
  it('has the span and the feasibility of plain enumeration: 200 instances of up to seven tasks', () => {
    let conflicts = 0;
    for (const tasks of fc.sample(anyTasks(1, 7, 3, 9), { numRuns: 200, seed: 31 })) {
      const horizon = tasks.reduce((sum, task) => sum + task.minutes + 1, 4);
      const least = enumerate(tasks, horizon);
      const found = timetable(tasks, capacities);
      expect(found.conflicts.length === 0, JSON.stringify(tasks)).toBe(least !== undefined);
      if (least === undefined) {
        conflicts++;
        expect(found.conflicts.every((conflict) => conflict.by > 0)).toBe(true);
        continue;
      }
      expect(found.span).toBe(least);
      expect(found.exact).toBe(true);
      expect(broken(tasks, found.starts, capacities)).toEqual([]);
    }
    expect(conflicts).toBeGreaterThan(20);
    expect(conflicts).toBeLessThan(150);
  });
  it('no task could start later, whatever its size; the bound is never above the span', () => {
    for (const tasks of fc.sample(anyTasks(9, 24, 12, 400), { numRuns: 60, seed: 5 })) {
      const found = timetable(tasks, capacities);
      expect(found.bound).toBeLessThanOrEqual(found.span);
      if (found.conflicts.length > 0) continue;
      expect(broken(tasks, found.starts, capacities)).toEqual([]);
      const plain = listSchedule(tasks, capacities).starts;
      if (broken(tasks, plain, capacities).length === 0) expect(found.span).toBeLessThanOrEqual(spanOf(tasks, plain));
      for (const task of tasks)
        for (let later = 1; later <= 12; later++)
          expect(
            broken(tasks, { ...found.starts, [task.id]: found.starts[task.id]! + later }, capacities).length,
            `${task.id} could start ${later} min later`,
          ).toBeGreaterThan(0);
    }
  });
  it('a bound below eight tasks is met or the solver says it is not exact beyond', () => {
    const tasks: Task[] = Array.from({ length: 12 }, (_, i) => ({
      id: `t${i}`,
      minutes: 5,
      uses: { hands: 1 },
      after: [],
      latestEnd: 0,
      earliestStart: -Infinity,
    }));
    const found = timetable(tasks, { hands: 2 });
    expect(found).toMatchObject({ span: 30, bound: 30, exact: true });
  });
  it('names the resource that is too small, and the minutes that lack', () => {
    const chill = (id: string): Task => ({ id, minutes: 60, uses: { fridge: 1 }, after: [], latestEnd: -10, earliestStart: -90 });
    expect(timetable([chill('a')], { fridge: 0 }).conflicts).toEqual([{ task: 'a', by: 60, resource: 'fridge' }]);
    const both = timetable([chill('a'), chill('b')], { fridge: 1 });
    expect(both.conflicts).toMatchObject([{ by: 40, resource: 'fridge' }]);
    expect(timetable([chill('a'), chill('b')], { fridge: 2 }).conflicts).toEqual([]);
  });
  it('a task done or under way stays where it stands, and the rest is planned round it', () => {
    const tasks: Task[] = [
      { id: 'a', minutes: 30, uses: { hands: 1 }, after: [], latestEnd: 0, earliestStart: -Infinity, fixedAt: -40 },
      { id: 'b', minutes: 20, uses: { hands: 1 }, after: [], latestEnd: 0, earliestStart: -20 },
      { id: 'c', minutes: 5, uses: { hands: 1 }, after: [{ task: 'a', gap: 0 }], latestEnd: 0, earliestStart: -20 },
    ];
    const found = timetable(tasks, { hands: 2 });
    expect(found.starts).toEqual({ a: -40, b: -20, c: -5 });
    expect(found.conflicts).toEqual([]);
  });
  it('the chain that makes the span long is critical, a task with room before it and an appointment are not', () => {
    const tasks: Task[] = [
      { id: 'long', minutes: 50, uses: {}, after: [], latestEnd: 0, earliestStart: -Infinity },
      { id: 'tail', minutes: 10, uses: {}, after: [{ task: 'long', gap: 0 }], latestEnd: 0, earliestStart: -Infinity },
      { id: 'short', minutes: 5, uses: {}, after: [], latestEnd: 0, earliestStart: -Infinity },
      { id: 'pour', minutes: 2, uses: {}, after: [], latestEnd: 2, earliestStart: 0 },
    ];
    expect(timetable(tasks, {})).toMatchObject({ span: 60, critical: ['long', 'tail'] });
  });
  it('does not depend on the order of the tasks it is given, as far as span goes, and is the same every time', () => {
    for (const tasks of fc.sample(anyTasks(2, 7, 3, 9), { numRuns: 30, seed: 2 })) {
      expect(timetable([...tasks].reverse(), capacities).span).toBe(timetable(tasks, capacities).span);
      expect(timetable(tasks, capacities)).toEqual(timetable(tasks, capacities));
    }
  });
});
