import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { published } from '../testing/published';
import { kaplanMeier } from './survival';

const plus = (seconds: number) => ({ seconds, atLeast: true });
const ended = (seconds: number) => ({ seconds });
/** Weeks of remission: 21 pairs, 6-MP against placebo. */
const mercaptopurine = [...[6, 6, 6, 7, 10, 13, 16, 22, 23].map(ended), ...[6, 9, 10, 11, 17, 19, 20, 25, 32, 32, 34, 35].map(plus)];
const placebo = [1, 1, 2, 2, 3, 4, 4, 5, 5, 8, 8, 8, 8, 11, 11, 12, 12, 15, 17, 22, 23].map(ended);
describe('how long a finish lasts when some were broken off', () => {
  published('Freireich et al. 1963, Blood 21:699 (remission times, from memory)', 'the medians are 23 and 8', () => {
    expect(kaplanMeier(mercaptopurine)).toEqual({ median: 23, notes: 21, brokenOff: 12 });
    expect(kaplanMeier(placebo)).toEqual({ median: 8, notes: 21, brokenOff: 0 });
  });
  it('with none broken off it is the plain median from below, breaking off never shortens it, and all broken off is not known', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 1, max: 90 }), { minLength: 1, maxLength: 15 }), fc.nat(14), (seconds, which) => {
        const sorted = [...seconds].sort((a, b) => a - b);
        const all = seconds.map(ended);
        expect(kaplanMeier(all).median).toBe(sorted[Math.ceil(sorted.length / 2) - 1]);
        const broken = all.map((stop, i) => (i === which % all.length ? plus(stop.seconds) : stop));
        expect(kaplanMeier(broken).median ?? Infinity).toBeGreaterThanOrEqual(kaplanMeier(all).median!);
        expect(kaplanMeier(seconds.map(plus)).median).toBeUndefined();
      }),
    );
    expect(kaplanMeier([])).toEqual({ median: undefined, notes: 0, brokenOff: 0 });
  });
});
