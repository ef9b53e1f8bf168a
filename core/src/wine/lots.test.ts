import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { takeBottles } from './lots';

const lot = fc.record({
  id: fc.uuid(),
  formatMl: fc.constantFrom(375, 750, 1500),
  held: fc.integer({ min: 0, max: 24 }),
  bought: fc.option(fc.constantFrom('2021-05-01', '2023-10-10', '2026-02-02'), { nil: undefined }),
});
const whole = (lots: readonly { readonly held: number }[]) => lots.reduce((sum, entry) => sum + entry.held, 0);

describe('bottles that leave a cellar', () => {
  it('loses exactly as many as it gives, never below none, and says what is short', () => {
    fc.assert(
      fc.property(fc.uniqueArray(lot, { selector: (entry) => entry.id, maxLength: 6 }), fc.integer({ min: 0, max: 60 }), (lots, n) => {
        const after = takeBottles(lots, n, 750);
        expect(whole(lots) - whole(after.lots)).toBe(n - after.short);
        expect(after.short).toBe(Math.max(0, n - whole(lots)));
        expect(after.lots.every((entry, i) => entry.held >= 0 && entry.id === lots[i]!.id)).toBe(true);
      }),
    );
  });
  it('opens the size that was poured first, and of it the oldest', () => {
    const lots = [
      { id: 'late', formatMl: 750, held: 2, bought: '2026-02-02' },
      { id: 'big', formatMl: 1500, held: 1, bought: '2019-01-01' },
      { id: 'early', formatMl: 750, held: 2, bought: '2021-05-01' },
    ];
    expect(takeBottles(lots, 3, 750).lots.map((entry) => entry.held)).toEqual([1, 1, 0]);
  });
});
