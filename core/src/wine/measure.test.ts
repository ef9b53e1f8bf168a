import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { published } from '../testing/published';
import {
  bothBands,
  bothTemperatures,
  bothVolumes,
  readTemperature,
  readVolume,
  showBand,
  showDifference,
  showTemperature,
  showVolume,
  toCelsius,
  toFahrenheit,
} from './measure';

describe('temperatures', () => {
  const fixed: [number, number, string][] = [
    [0, 32, 'water freezes'],
    [100, 212, 'water boils'],
    [-40, -40, 'where the scales meet'],
    [37, 98.6, 'a body'],
    [12, 53.6, 'a cellar'],
  ];
  for (const [celsius, fahrenheit, says] of fixed)
    published('definition of the Fahrenheit scale (NIST SP 811)', `${says}: ${celsius} °C is ${fahrenheit} °F`, () => {
      expect(toFahrenheit(celsius)).toBeCloseTo(fahrenheit, 9);
      expect(toCelsius(fahrenheit)).toBeCloseTo(celsius, 9);
    });
  it('as shown are read back within what the rounding takes', () => {
    fc.assert(
      fc.property(fc.double({ min: -20, max: 60, noNaN: true }), (celsius) => {
        expect(Math.abs(readTemperature(showTemperature(celsius, 'C'))! - celsius)).toBeLessThanOrEqual(0.0501);
        expect(Math.abs(readTemperature(showTemperature(celsius, 'F'))! - celsius)).toBeLessThanOrEqual(0.2779);
      }),
    );
  });
  it('typed with or without a unit, a comma, a degree sign or a true minus', () => {
    expect(readTemperature('62F')).toBeCloseTo(16.67, 2);
    expect(readTemperature('62', 'F')).toBeCloseTo(16.67, 2);
    expect(readTemperature('9,5 °C', 'F')).toBe(9.5);
    expect(readTemperature('−4')).toBe(-4);
    for (const nonsense of ['', 'cold', '9 K', '-300', '9..5']) expect(readTemperature(nonsense), nonsense).toBeUndefined();
  });
  published('a step of one °C is 1.8 °F (NIST SP 811)', 'a difference carries no 32', () => {
    expect(showDifference(2.5, 'F')).toBe('4.5 °F');
    expect(showDifference(2.5, 'C')).toBe('2.5 °C');
    expect(showDifference(0, 'F')).toBe('0 °F');
  });
  it('a difference shown is the difference of what is shown, within the rounding', () => {
    fc.assert(
      fc.property(fc.integer({ min: -10, max: 40 }), fc.integer({ min: 0, max: 20 }), (celsius, by) => {
        const fahrenheit = (text: string) => Number(/-?[\d.]+/.exec(text)![0]);
        const there = fahrenheit(showTemperature(celsius + by, 'F')) - fahrenheit(showTemperature(celsius, 'F'));
        expect(Math.abs(there - fahrenheit(showDifference(by, 'F')))).toBeLessThanOrEqual(1.01);
      }),
    );
  });
  it('a band is shown from low to high in either unit, and both ways with the other beside it', () => {
    expect(showBand({ low: 8, high: 10 }, 'C')).toBe('8–10 °C');
    expect(showBand({ low: 8, high: 10 }, 'F')).toBe('46–50 °F');
    expect(bothBands({ low: 16, high: 18 }, 'F')).toBe('61–64 °F (16–18 °C)');
    expect(bothTemperatures(10, 'C')).toBe('10 °C (50 °F)');
  });
});

describe('volumes', () => {
  published('US fluid ounce of 29.5735 mL (NIST Handbook 44, appendix C)', 'five ounces are 148 mL; a bottle is 25.4', () => {
    expect(readVolume('5 oz')).toBeCloseTo(147.87, 2);
    expect(showVolume(750, 'oz')).toBe('25.4 oz');
  });
  it('typed in litres, centilitres, millilitres or ounces', () => {
    expect(readVolume('0.75 L')).toBe(750);
    expect(readVolume('7,5 cl')).toBe(75);
    expect(readVolume('50')).toBe(50);
    expect(readVolume('2', 'oz')).toBeCloseTo(59.15, 2);
    for (const nonsense of ['', '-5', 'a glass', '5 gallons']) expect(readVolume(nonsense), nonsense).toBeUndefined();
    expect(bothVolumes(50, 'mL')).toBe('50 mL (1.7 oz)');
  });
});
