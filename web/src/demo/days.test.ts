import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { demoDays } from './days';

const day = (text: string) => Date.parse(`${text}T00:00:00Z`) / 86_400_000;

describe('the evenings of the demo', () => {
  it('lie a fortnight behind and some days ahead of the day it is filled, both on Thursdays', () => {
    fc.assert(
      fc.property(fc.date({ min: new Date('2026-01-01'), max: new Date('2099-12-31'), noInvalidDate: true }), (date) => {
        const filled = date.toISOString().split('T')[0]!;
        const { been, coming } = demoDays(filled);
        expect(day(coming) - day(filled)).toBeGreaterThanOrEqual(3);
        expect(day(coming) - day(filled)).toBeLessThan(10);
        expect(day(filled) - day(been)).toBeGreaterThanOrEqual(14);
        expect(day(filled) - day(been)).toBeLessThan(21);
        for (const evening of [been, coming]) expect(new Date(`${evening}T12:00:00Z`).getUTCDay()).toBe(4);
      }),
    );
    expect(demoDays('2026-11-26')).toEqual({ been: '2026-11-12', coming: '2026-12-03' });
  });
});
