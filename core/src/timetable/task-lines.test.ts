import { describe, expect, it } from 'vitest';
import { lineInWords, taskLines } from './task-lines';

const task = (id: string, done = false) => ({ id, done, text: `do ${id}` });
const nameOf = (wine: string) => wine.toUpperCase();

describe('lines of what is to do', () => {
  it('bottles to set upright are one act of the hand, other tasks a line each', () => {
    const lines = taskLines([task('stand:a'), task('stand:b'), task('stand:c'), task('open:a'), task('open:b')]);
    expect(lines.map((line) => line.tasks.length)).toEqual([3, 1, 1]);
    expect(lineInWords(lines[0]!, nameOf)).toBe('Set A, B and C upright');
    expect(lineInWords(lines[1]!, nameOf)).toBe('do open:a');
  });
  it('what is done already stands apart from what is not', () => {
    const lines = taskLines([task('stand:a', true), task('stand:b'), task('stand:c')]);
    expect(lines.map((line) => line.tasks.map((entry) => entry.id))).toEqual([['stand:a'], ['stand:b', 'stand:c']]);
  });
  it('tasks apart in the order stay apart: nothing is told sooner or later than it is planned', () => {
    expect(taskLines([task('stand:a'), task('room'), task('stand:b')]).map((line) => line.tasks.length)).toEqual([1, 1, 1]);
  });
});
