import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { priceOf, within, type Sizes } from './affordable';

const bottle = { ml: 750, price: 2400, held: 4 };
const magnum = { ml: 1500, price: 4200, held: 1 };
const half = { ml: 375, price: 1500 };
const anySizes: fc.Arbitrary<Sizes> = fc.array(
  fc.record({ ml: fc.constantFrom(187, 375, 750, 1500), price: fc.integer({ min: 0, max: 50_000 }), held: fc.integer({ min: 0, max: 9 }) }),
  { maxLength: 4 },
);

describe('what a wine costs', () => {
  it('by the bottle is the usual size where there is one, else the nearest', () => {
    expect(priceOf([magnum, bottle, half], 'bottle', 120)).toEqual({ minor: 2400, ml: 750, held: 4 });
    expect(priceOf([magnum, half], 'bottle', 120)).toEqual({ minor: 1500, ml: 375, held: 0 });
  });
  it('by the glass is the share of the size that makes it cheapest: 120 mL of a magnum of 42 is 3.36', () => {
    expect(priceOf([magnum, bottle, half], 'glass', 120)).toEqual({ minor: 336, ml: 1500, held: 1 });
    expect(priceOf([bottle], 'glass', 120)?.minor).toBe(384);
  });
  it('is not known without a price', () => expect(priceOf([], 'glass', 120)).toBeUndefined());
  it('of twice the glass is twice, give or take a rounding', () => {
    fc.assert(
      fc.property(anySizes, fc.integer({ min: 20, max: 150 }), (sizes, ml) => {
        const [one, two] = [priceOf(sizes, 'glass', ml), priceOf(sizes, 'glass', 2 * ml)];
        expect(one === undefined).toBe(sizes.length === 0);
        if (one !== undefined) expect(Math.abs(two!.minor - 2 * one.minor)).toBeLessThanOrEqual(1.5);
      }),
    );
  });
});

describe('what is within a budget', () => {
  const list = [
    { id: 'a', sizes: [bottle] },
    { id: 'b', sizes: [{ ml: 750, price: 5000 }] },
    { id: 'c', sizes: [] },
  ];
  it('is what costs so much at most; what is dearer and what has no price are counted apart', () => {
    expect(within(list, { by: 'bottle', pourMl: 120, most: 2400 })).toMatchObject({ wines: [{ id: 'a' }], dearer: 1, unpriced: 1 });
    expect(within(list, { by: 'glass', pourMl: 120, most: 800 })).toMatchObject({ wines: [{ id: 'a' }, { id: 'b' }], dearer: 0, unpriced: 1 });
    expect(within(list, { by: 'bottle', pourMl: 120, most: 0 })).toMatchObject({ wines: [], dearer: 2, unpriced: 1 });
  });
  it('without a budget is the whole list', () => expect(within(list, { by: 'bottle', pourMl: 120, most: undefined }).wines).toBe(list));
  it('grows with the budget, and every wine is in one of the three', () => {
    const anyList = fc.array(fc.record({ sizes: anySizes }), { maxLength: 12 });
    fc.assert(
      fc.property(anyList, fc.integer({ min: 0, max: 60_000 }), fc.integer({ min: 0, max: 20_000 }), (wines, most, more) => {
        const [less, wide] = [most, most + more].map((limit) => within(wines, { by: 'bottle', pourMl: 120, most: limit }));
        expect(wide!.wines).toEqual(expect.arrayContaining([...less!.wines]));
        expect(less!.wines.length + less!.dearer + less!.unpriced).toBe(wines.length);
      }),
    );
  });
});
