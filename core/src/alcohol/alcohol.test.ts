import { describe, expect, it } from 'vitest';
import { published } from '../testing/published';
import { absorbedWhenSpat, alcoholAHead, spanInWords } from './alcohol';

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
        for (const side of [0, 1] as const) {
          expect(found.swallowed[side]).toBeCloseTo(grams, 1);
          expect(found.drinks!.swallowed[side]).toBeCloseTo(us, 2);
          expect(alcoholAHead([{ ml, abv }], drink(10)).drinks!.swallowed[side]).toBeCloseTo(au, 2);
        }
      },
    );
  it('spitting leaves the stated share, an assumed strength widens the figure and is never nothing, nothing is negative', () => {
    const found = alcoholAHead(
      [
        { ml: 50, abv: 13 },
        { ml: 50, abv: [12, 15] },
        { ml: 0, abv: 80 },
      ],
      undefined,
    );
    for (const side of [0, 1] as const) expect(found.spat[side]).toBeCloseTo(found.swallowed[side] * absorbedWhenSpat, 9);
    expect(found.swallowed[0]).toBeCloseTo(50 * 0.25 * 0.789, 9);
    expect(found.swallowed[1]).toBeCloseTo(50 * 0.28 * 0.789, 9);
    expect(found).toMatchObject({ assumed: 1, drinks: undefined });
    expect(alcoholAHead([], drink(8))).toMatchObject({ swallowed: [0, 0], spat: [0, 0], assumed: 0 });
    expect([spanInWords([26.6, 27.4]), spanInWords([24.2, 31]), spanInWords([1.04, 1.26], 1)]).toEqual(['27', '24–31', '1.0–1.3']);
  });
});
