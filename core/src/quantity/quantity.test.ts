import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { published } from '../testing/published';
import { alcoholGrams, millilitres } from '../wine/units';
import { bottlesFor, formatName, savingPour } from './quantity';

const ml = millilitres;
describe('bottles', () => {
  const yields: [number, number, number][] = [
    [750, 50, 15],
    [750, 75, 10],
    [750, 100, 7],
    [750, 125, 6],
    [750, 120, 6],
    [750, 150, 5],
    [375, 50, 7],
    [375, 75, 5],
    [500, 50, 10],
    [1500, 50, 30],
  ];
  for (const [format, pour, pours] of yields) {
    published('common practice', `a bottle of ${format} mL gives ${pours} whole pours of ${pour} mL`, () => {
      expect(bottlesFor(pours, ml(pour), ml(format)).byPours).toBe(1);
      expect(bottlesFor(pours + 1, ml(pour), ml(format)).byPours).toBe(2);
    });
  }
  const needed: [number, number, number, number, number][] = [
    [8, 50, 750, 0, 1],
    [15, 50, 750, 0, 1],
    [16, 50, 750, 0, 2],
    [15, 50, 750, 0.03, 2],
    [12, 60, 750, 0, 1],
    [13, 60, 750, 0, 2],
    [10, 75, 750, 0, 1],
    [24, 50, 750, 0, 2],
    [30, 50, 1500, 0, 1],
    [20, 40, 750, 0.05, 2],
  ];
  for (const [pours, pour, format, loss, bottles] of needed)
    it(`${pours} × ${pour} mL of ${format}, ${loss * 100} % lost: ${bottles} by volume`, () =>
      expect(bottlesFor(pours, ml(pour), ml(format), loss).byVolume).toBe(bottles));
  it('15 pours of 100 mL: three bottles by whole pours, two by volume', () =>
    expect(bottlesFor(15, ml(100), ml(750))).toMatchObject({ byPours: 3, byVolume: 2 }));
  it('one bottle fewer never suffices, and whole pours never need fewer than volume', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 500 }),
        fc.integer({ min: 5, max: 300 }),
        fc.constantFrom(375, 750, 1500),
        fc.double({ min: 0, max: 0.4, noNaN: true }),
        (pours, pour, format, loss) => {
          const found = bottlesFor(pours, ml(pour), ml(format), loss);
          expect(found.byVolume * format * (1 - loss)).toBeGreaterThanOrEqual(pours * pour - 1e-6);
          expect((found.byVolume - 1) * format * (1 - loss)).toBeLessThan(pours * pour);
          expect(found.byPours).toBeGreaterThanOrEqual(found.byVolume);
        },
      ),
    );
  });
  const sizes: [number, string][] = [
    [375, 'half, 0.375 L'],
    [500, 'half-litre, 0.5 L'],
    [750, 'bottle, 0.75 L'],
    [1500, 'magnum, 1.5 L'],
    [620, 'clavelin, 0.62 L'],
    [187, 'quarter, 0.187 L'],
  ];
  for (const [size, name] of sizes) published('Directive 2007/45/EC', `${size} mL is a size of the list: ${name}`, () => expect(formatName(size)).toBe(name));
});

describe('pure alcohol', () => {
  const rows: [number, number, number][] = [
    [50, 13, 5.13],
    [100, 13, 10.26],
    [150, 12, 14.2],
    [250, 13, 25.64],
    [750, 12, 71.01],
    [750, 13.5, 79.89],
    [75, 20, 11.84],
    [125, 12, 11.84],
    [175, 13, 17.95],
  ];
  for (const [volume, abv, grams] of rows)
    published('OIML R 22 (density of ethanol at 20 °C)', `${volume} mL of ${abv} % vol hold ${grams} g`, () =>
      expect(alcoholGrams(ml(volume), abv)).toBeCloseTo(grams, 1),
    );
  published('US standard drink of 14 g (Kalinowski & Humphreys 2016, Addiction 111:1293)', '147.87 mL of 12 % vol, five US ounces, are one', () =>
    expect(alcoholGrams(ml(147.87), 12)).toBeCloseTo(14, 1),
  );
});

describe('the pour that saves a bottle', () => {
  it('seventeen pours of 50 mL take two bottles, 43 mL one of each: eight fewer', () => {
    const eight = Array.from({ length: 8 }, () => ({ pours: 17, format: millilitres(750) }));
    expect(savingPour(eight, millilitres(50), 0.02)).toEqual({ pour: 43, saves: 8 });
    // Not under what the sips need, and not where nothing is saved.
    expect(savingPour(eight, millilitres(50), 0.02, 45)).toBeUndefined();
    expect(savingPour([{ pours: 6, format: millilitres(750) }], millilitres(50))).toBeUndefined();
  });
  it('saves what it says, and no larger pour within reach saves as much', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 1, max: 60 }), { minLength: 1, maxLength: 8 }), fc.integer({ min: 30, max: 150 }), (pours, pour) => {
        const wines = pours.map((n) => ({ pours: n, format: millilitres(750) }));
        const opened = (ml: number) => wines.reduce((sum, wine) => sum + bottlesFor(wine.pours, millilitres(ml), wine.format).byPours, 0);
        const found = savingPour(wines, millilitres(pour));
        const reach = Array.from({ length: pour }, (_, i) => pour - 1 - i).filter((ml) => ml >= pour * 0.8);
        if (found === undefined) return reach.every((ml) => opened(ml) >= opened(pour));
        return (
          opened(found.pour) === opened(pour) - found.saves &&
          reach.every((ml) => opened(ml) >= opened(found.pour) && (ml <= found.pour || opened(ml) > opened(found.pour)))
        );
      }),
    );
  });
});
