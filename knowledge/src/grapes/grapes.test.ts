import { describe, expect, it } from 'vitest';
import { published } from '@rose/core/testing/published';
import { generalStyle } from '../styles/index';
import { grapeNamed, grapes } from './index';

/** How far a load of 0–100 lies outside classes of five, each a fifth. */
const outside = (load: number, [low, high]: readonly [number, number]) => Math.max(0, (low - 1) * 20 - load, load - high * 20);

/** How far all of them together may lie outside, of 100 each: as far as one reading that is a class and a half away. Own choice. */
const farthest = 32;

describe('the style a grape’s wine comes nearest to', () => {
  it('reads as the grape’s wine usually does: body by itself or by its alcohol', () => {
    for (const { name, style, readings } of grapes) {
      const { acidity, tannin, body, alcohol, intensity } = generalStyle(style).loads;
      const far =
        outside(acidity, readings.acidity) +
        outside(tannin, readings.tannin) +
        Math.min(outside(body, readings.body), outside(alcohol, readings.body)) +
        outside(intensity, readings.intensity);
      expect(far, `${name} as ${style}`).toBeLessThanOrEqual(farthest);
    }
  });
  published('common practice', 'Montepulciano, Dolcetto and Agiorgitiko are soft and dark; Torrontés smells like Muscat; Carignan is sharp and firm', () => {
    for (const [name, style] of [
      ['Montepulciano', 'merlot'],
      ['Dolcetto', 'merlot'],
      ['Agiorgitiko', 'merlot'],
      ['Torrontés', 'dry-muscat'],
      ['Carignan', 'sangiovese'],
      ['Vinhão', 'saperavi'],
    ] as const)
      expect(grapeNamed(name)?.style, name).toBe(style);
  });
});
