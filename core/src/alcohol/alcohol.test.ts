import { describe, expect, it } from 'vitest';
import { published } from '../testing/published';
import { absorbedWhenSpat, alcoholAHead } from './alcohol';

const drink = (grams: number) => ({ country: 'XX', name: 'drinks', grams, source: 'test' });
describe('pure alcohol a head', () => {
  for (const [ml, abv, grams, us, au] of [
    [50, 13, 5.13, 0.366, 0.513],
    [75, 12.5, 7.4, 0.528, 0.74],
    [100, 13, 10.26, 0.733, 1.026],
    [125, 12, 11.84, 0.845, 1.183],
    [150, 12, 14.2, 1.014, 1.42],
    [175, 13, 17.95, 1.282, 1.795],
    [250, 13, 25.64, 1.832, 2.564],
    [750, 12, 71.01, 5.072, 7.101],
    [75, 20, 11.84, 0.845, 1.183],
  ] as const)
    published(
      'density of ethanol 0.789 g/mL (OIML R22); standard drinks of 14 g and 10 g',
      `${ml} mL of ${abv} % vol: ${grams} g, ${us} US and ${au} Australian drinks`,
      () => {
        const found = alcoholAHead([{ ml, abv }], drink(14));
        expect(found.swallowed).toBeCloseTo(grams, 1);
        expect(found.drinks!.swallowed).toBeCloseTo(us, 2);
        expect(alcoholAHead([{ ml, abv }], drink(10)).drinks!.swallowed).toBeCloseTo(au, 2);
      },
    );
  it('spitting leaves the stated share, unknown wines are counted as unknown, nothing is negative', () => {
    const found = alcoholAHead(
      [
        { ml: 50, abv: 13 },
        { ml: 50, abv: undefined },
        { ml: 0, abv: 80 },
      ],
      undefined,
    );
    expect(found.spat).toBeCloseTo(found.swallowed * absorbedWhenSpat, 9);
    expect(found).toMatchObject({ unknown: 1, drinks: undefined });
    expect(alcoholAHead([], drink(8))).toMatchObject({ swallowed: 0, spat: 0, unknown: 0 });
  });
});
