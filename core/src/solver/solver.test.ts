import { describe, expect, it } from 'vitest';
import { drained, partOf, type Solver } from './solver';

function* counting(steps: number, fail?: number): Solver<string> {
  for (let i = 1; i <= steps; i++) {
    if (i === fail) throw new Error('broke off');
    yield i / steps;
  }
  return `after ${steps}`;
}
const shares = (solver: Solver<unknown>) => {
  const seen: number[] = [];
  for (let step = solver.next(); step.done !== true; step = solver.next()) seen.push(step.value);
  return seen;
};

describe('a solver', () => {
  it('drained gives its answer, of no steps too, and a failure comes through', () => {
    expect(drained(counting(3))).toBe('after 3');
    expect(drained(counting(0))).toBe('after 0');
    expect(() => drained(counting(5, 3))).toThrow('broke off');
  });
  it('as a part of a longer one shows its own progress over its share, and hands its answer on', () => {
    function* whole(): Solver<string> {
      const first = yield* partOf(counting(4), 0, 0.5);
      const second = yield* partOf(counting(2), 0.5, 0.5);
      return `${first}, ${second}`;
    }
    expect(shares(whole())).toEqual([0.125, 0.25, 0.375, 0.5, 0.75, 1]);
    expect(drained(whole())).toBe('after 4, after 2');
  });
  it('can be left between two steps, and is then at its end', () => {
    const solver = counting(100);
    solver.next();
    solver.return('left');
    expect(solver.next()).toEqual({ done: true, value: undefined });
  });
});
