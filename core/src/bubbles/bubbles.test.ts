import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { published } from '../testing/published';
import { absolutePressure, dissolved, gasFromSugar, openingAdvice, overPressure, pressureAt, pressureFromSugar, solubility } from './bubbles';

const reviews = 'Liger-Belair, reviews of CO₂ in sparkling wine (after Agabaliantz): Henry constants of a 12.5 % vol base wine';
describe('bubbles', () => {
  for (const [celsius, k] of [
    [4, 2.582],
    [8, 2.216],
    [10, 2.056],
    [12, 1.909],
    [15, 1.712],
    [18, 1.539],
    [20, 1.435],
    [25, 1.21],
    [30, 1.026],
  ] as const)
    published(reviews, `wine at ${celsius} °C dissolves ${k} g/L of CO₂ a bar`, () => expect(solubility(celsius)).toBeCloseTo(k, 2));
  // Two columns of different bottles: never mixed. Both recomputed from the published constants for 25 mL of head space.
  const closed: [number, number, [number, number][]][] = [
    [
      7.5,
      20,
      [
        [4, 4.24],
        [8, 4.92],
        [12, 5.69],
        [18, 7.01],
        [25, 8.84],
        [30, 10.34],
      ],
    ],
    [
      6,
      12,
      [
        [4, 4.47],
        [8, 5.19],
        [18, 7.39],
        [20, 7.91],
        [30, 10.91],
      ],
    ],
  ];
  for (const [pressure, from, rows] of closed)
    for (const [to, expected] of rows)
      published(
        'Liger-Belair et al. 2013, J. Food Eng. 116:78; 2017, Sci. Rep. 7:10938 (bottle pressure by temperature)',
        `${pressure} bar at ${from} °C is ${expected} bar at ${to} °C`,
        () => expect(Math.abs(pressureAt(pressure, from, to) - expected)).toBeLessThan(0.03),
      );
  published('Henry’s law without head space', '6 bar at 20 °C is 3.33 bar at 4 °C and 7.12 bar at 25 °C', () => {
    expect(pressureAt(6, 20, 4, 0)).toBeCloseTo(3.33, 1);
    expect(pressureAt(6, 20, 25, 0)).toBeCloseTo(7.12, 1);
  });
  published('stoichiometry: sucrose gives four CO₂', '24 g/L of sugar give 9.26 g of CO₂ in a bottle of 750 mL', () =>
    expect(gasFromSugar(24) * 0.75).toBeCloseTo(9.26, 1),
  );
  published('handbook rule of the second fermentation', 'about 4 g/L of sugar give a bar at 10 °C, 24 g/L about 6 bar', () => {
    expect(24 / pressureFromSugar(24, 10)).toBeGreaterThan(3.9);
    expect(24 / pressureFromSugar(24, 10)).toBeLessThan(4.3);
    expect(pressureFromSugar(24, 10)).toBeCloseTo(5.83, 1);
  });
  published('Liger-Belair, reviews', 'at 6 bar and 12 °C about 11.5 g/L of CO₂ are dissolved', () => expect(dissolved(6, 12)).toBeCloseTo(11.5, 1));
  it('rises with temperature, and there and back is where it was', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 9, noNaN: true }),
        fc.double({ min: 0, max: 30, noNaN: true }),
        fc.double({ min: 0, max: 30, noNaN: true }),
        (p, a, b) => {
          if (b > a + 0.01) expect(pressureAt(p, a, b)).toBeGreaterThan(p);
          expect(pressureAt(pressureAt(p, a, b), b, a)).toBeCloseTo(p, 6);
          expect(overPressure(absolutePressure(p))).toBeCloseTo(p, 9);
        },
      ),
    );
  });
  it('the advice never softens as a bottle warms', () => {
    const order = ['none', 'some', 'high', 'very high'];
    for (const over of [0.3, 1.2, 2.8, 4.5, 6])
      for (let celsius = 1; celsius <= 30; celsius++)
        expect(order.indexOf(openingAdvice(over, celsius).hazard)).toBeGreaterThanOrEqual(order.indexOf(openingAdvice(over, celsius - 1).hazard));
    expect(openingAdvice(6, 22).hazard).toBe('very high');
    expect(openingAdvice(6, 8).hazard).toBe('high');
  });
});
