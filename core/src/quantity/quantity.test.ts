import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { published } from '../testing/published';
import { alcoholGrams, millilitres } from '../wine/units';
import { bottlesFor, formatName } from './quantity';

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
