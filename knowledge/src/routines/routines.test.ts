import { describe, expect, it } from 'vitest';
import { guidedPath } from '@rose/core/routine/guided';
import { carriedRoutine } from '@rose/core/routine/routine-schema';
import { sipsOf } from '@rose/core/routine/routine';
import { published } from '@rose/core/testing/published';
import { routineNamed, routines, usualRoutine } from './index';

describe('the routines that ship', () => {
  it('are routines a plan can carry, each under a name of its own', () => {
    for (const routine of routines) expect(carriedRoutine.parse(routine)).toEqual(routine);
    expect(new Set(routines.map(({ id }) => id)).size).toBe(routines.length);
    expect(routineNamed('nobody’s')).toBe(usualRoutine);
  });
  it('twelve questions are twelve of a red and of a hidden glass; of an open still white neither tannin nor more', () => {
    const asks = (...known: Parameters<typeof guidedPath> extends [unknown, ...infer Rest] ? Rest : never) =>
      guidedPath(routineNamed('twelve'), ...known).map(({ ask }) => ask);
    expect(asks({})).toEqual(['eye', 'health', 'smells', 'sweetness', 'acidity', 'tannin', 'body', 'bitterness', 'watch', 'balance', 'quality', 'buy']);
    expect(asks({}, { colour: 'red', still: true })).toHaveLength(12);
    expect(asks({}, { colour: 'white', still: true })).not.toContain('tannin');
  });
  published('common practice', 'three sniffs and three sips: a smell at a time, and a first sip that only rinses', () => {
    const routine = routineNamed('sniffs-and-sips');
    const path = guidedPath(routine, {});
    expect(path.filter(({ ask }) => ask === 'smells').map(({ time }) => time)).toEqual([1, 2, 3].map((n) => ({ n, of: 3 })));
    expect(sipsOf(routine)).toBe(3);
    expect([...new Set(path.flatMap(({ sip }) => (sip === undefined ? [] : [sip.task])))]).toEqual(['clear', 'work', 'judge']);
    expect(routine.steps.reduce((sum, step) => sum + step.sniffs, 0)).toBe(3);
  });
  it('quick begins with one row for the eye', () => expect(guidedPath(routineNamed('quick'), {})[0]!.ask).toBe('eye'));
});
