import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { emptyNote } from '../wine/note';
import { bearings } from '../wine/observables';
import { anyObserved } from '../testing/any-note';
import { bearingValue, kite, petalsOfNote, polar, roseInWords, turn } from './rose';

const tipOf = (path: string) => path.split('L')[1]!.split(',').map(Number) as [number, number];

describe('the rose', () => {
  it('north is up, and the bearings go round clockwise, evenly', () => {
    expect(polar(0, 10)[0]).toBeCloseTo(0);
    expect(polar(0, 10)[1]).toBeCloseTo(-10);
    expect(polar(turn(2, 8), 10)[0]).toBeCloseTo(10);
    expect(polar(turn(4, 8), 10)[1]).toBeCloseTo(10);
  });
  it('a petal is as long as its value, whatever its bearing', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 7 }), fc.integer({ min: 0, max: 100 }), (at, value) => {
        const [x, y] = tipOf(kite(at, 8, value, 100).dark);
        expect(Math.hypot(x, y)).toBeCloseTo(value, 1);
      }),
    );
  });
  it('what was not looked at has no value, and a span reaches to its upper end', () => {
    fc.assert(
      fc.property(anyObserved, (observed) => {
        for (const petal of petalsOfNote({ ...emptyNote, observed })) {
          const reading = petal.key === 'length' ? observed.finish : observed[petal.key as 'acidity'];
          expect(petal.value === null).toBe(reading === undefined);
          if (petal.upTo !== undefined) expect(petal.upTo).toBeGreaterThanOrEqual(petal.value!);
        }
      }),
    );
  });
  it('a finish fills its petal by the short ruler: half at ten seconds, all of it at three quarters of a minute, and a longer one no more', () => {
    const length = (seconds: number) => bearingValue({ ...emptyNote, observed: { finish: { seconds } } }, 'length');
    expect([10, 45, 600].map(length)).toEqual([50, 100, 100]);
  });
  it('is told in words, bearing by bearing', () => {
    const petals = petalsOfNote({ ...emptyNote, observed: { acidity: 70, body: [40, 60] } });
    expect(petals).toHaveLength(bearings.length);
    expect(roseInWords(petals)).toMatch(/^acidity 70, sweetness not assessed, .*body 50, up to 60/);
  });
});
