import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { pairsOf } from './pairs';

describe('a flight as pairs', () => {
  it('keeps what is pinned together, takes the rest two by two, and leaves an odd one alone', () => {
    expect(pairsOf(['a', 'b', 'c', 'd', 'e'], [{ kind: 'adjacent', wine: 'd', other: 'b' }])).toEqual({
      pairs: [
        ['a', 'c'],
        ['b', 'd'],
      ],
      alone: ['e'],
    });
    expect(pairsOf([], [])).toEqual({ pairs: [], alone: [] });
  });
  it('holds every wine once, whatever is pinned', () => {
    const wines = ['a', 'b', 'c', 'd', 'e', 'f', 'g'];
    const pin = fc.record({ kind: fc.constant('adjacent' as const), wine: fc.constantFrom(...wines, 'gone'), other: fc.constantFrom(...wines) });
    fc.assert(
      fc.property(fc.shuffledSubarray(wines), fc.array(pin, { maxLength: 5 }), (order, pins) => {
        const { pairs, alone } = pairsOf(order, pins);
        expect([...pairs.flat(), ...alone].sort()).toEqual([...order].sort());
        expect(alone.length).toBe(order.length % 2);
      }),
    );
  });
});
