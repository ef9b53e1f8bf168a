import { describe, expect, it } from 'vitest';
import { programOf } from '@rose/core/tasting/program';
import { routines } from '../routines/index';
import { cueOf } from './index';

describe('what a host says', () => {
  it('at every stop of every routine is a whole sentence, and names no wine', () => {
    for (const routine of routines)
      for (const stop of programOf({
        wines: 3,
        steps: routine.steps,
        pourMinutes: 2,
        rests: [
          { after: 0, kind: 'cheese' },
          { after: 1, kind: 'bread' },
        ],
        reveal: 'pair',
        open: false,
        returns: true,
      })) {
        const { say, unsure } = cueOf(routine, stop);
        expect(say, `${routine.id} ${stop.kind}`).toMatch(/^[A-Z].*[.?]$/);
        if (unsure !== '') expect(unsure).toMatch(/^[A-Z].*[.?]$/);
      }
  });
  it('is a host’s own card where the routine brings one', () => {
    const routine = { ...routines.find(({ id }) => id === 'four')!, cards: { acidity: 'Think of a lemon.' } };
    const palate = programOf({ wines: 1, steps: routine.steps, pourMinutes: 2, rests: [], reveal: 'each', open: false, returns: false }).find(
      (stop) => stop.kind === 'step' && stop.quarter === 'palate',
    )!;
    expect(cueOf(routine, palate)).toEqual({ say: 'Think of a lemon.', unsure: '' });
  });
});
