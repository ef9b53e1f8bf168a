import { describe, expect, it } from 'vitest';
import { guidedPath } from '@rose/core/routine/guided';
import { routineAgain } from './again';
import { routines } from './index';

const asksOf = (routine: Parameters<typeof guidedPath>[0]) => guidedPath(routine, { tannin: 40 }).map((question) => question.ask);
describe('a glass looked at once more', () => {
  it('asks a few of the questions of its routine, and none that its routine does not ask', () => {
    for (const routine of routines)
      for (const moment of ['air', 'food'] as const) {
        const again = asksOf(routineAgain(routine, moment));
        expect(again.length, routine.id).toBeGreaterThan(1);
        expect(again.length, routine.id).toBeLessThanOrEqual(11);
        for (const ask of again) expect(asksOf(routine)).toContain(ask);
        expect(again.filter((ask) => ['eye', 'clarity', 'hue', 'depth', 'clear', 'idea'].includes(ask))).toEqual([]);
      }
  });
  it('asks of a bite what is in the mouth, of air what is in the nose too; the first time and a day later it asks everything', () => {
    const routine = routines.find((entry) => entry.id === 'four')!;
    expect(asksOf(routineAgain(routine, 'food'))).not.toContain('smells');
    expect(asksOf(routineAgain(routine, 'food'))).toContain('acidity');
    expect(asksOf(routineAgain(routine, 'air'))).toContain('smells');
    expect(routineAgain(routine, 'air', 'bite')).toEqual(routineAgain(routine, 'food'));
    for (const moment of ['first', 'next'] as const) expect(routineAgain(routine, moment)).toBe(routine);
  });
  it('goes through a routine whole that asks of nothing that may change', () => {
    const looks = {
      id: 'own@1',
      name: 'looks',
      says: '',
      steps: [{ name: 'look', quarter: 'appearance', sniffs: 0, sips: 0, minutes: 1, asks: ['eye' as const] }],
    } as const;
    expect(routineAgain(looks, 'food')).toBe(looks);
  });
});
