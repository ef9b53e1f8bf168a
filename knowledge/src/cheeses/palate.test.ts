import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { published } from '@rose/core/testing/published';
import { generalStyles } from '../styles/index';
import { cheeseFacts } from './index';
import { betweenWines, cheeseOfARest, restCheeses } from './palate';

const of = (id: string) => generalStyles.find((style) => style.id === id)!;
const reds = generalStyles.filter(({ loads }) => loads.tannin >= 60 && loads.sweetness < 20);
const anyStyle = fc.constantFrom(...generalStyles);

describe('the cheese of a rest', () => {
  published('common practice', 'between tannic wines it is a mild, firm cheese: no mould, no washed rind, no smoke', () => {
    expect(reds.length).toBeGreaterThan(4);
    for (const before of reds)
      for (const after of reds) {
        const { id } = betweenWines(before, after);
        const { paste, rind, smoked } = cheeseFacts.find((facts) => facts.id === id)!;
        expect(['firm', 'hard', 'supple']).toContain(paste);
        expect(['washed', 'bloomy']).not.toContain(rind);
        expect(smoked).not.toBe(true);
      }
  });
  published('common practice', 'fat and protein take grip from the mouth, and the sentence says of which wine', () => {
    const { because, grams } = betweenWines(of('cabernet'), of('nebbiolo'));
    expect(because).toMatch(/^its fat and protein take the grip of .* out of the mouth, and it is mild enough for /);
    expect(grams).toBe(cheeseOfARest);
  });
  it('after a sharp white it is said to take the acid, not a grip the wine has not', () => {
    const sharp = generalStyles.filter(({ loads }) => loads.acidity > 70 && loads.tannin < 20);
    expect(sharp.length).toBeGreaterThan(2);
    for (const before of sharp) expect(betweenWines(before, of('cabernet')).because).toContain('take the acid of');
  });
  it('is one cheese for any two wines, and the same asked twice', () => {
    fc.assert(
      fc.property(anyStyle, anyStyle, (before, after) => {
        const cheese = betweenWines(before, after);
        expect(cheese).toEqual(betweenWines(before, after));
        expect(cheese.because).not.toMatch(/undefined|NaN/);
      }),
    );
  });
  it('stands where the flight rests with cheese between two wines, and nowhere else', () => {
    const order = reds.slice(0, 4);
    const [a, b, c, d] = order.map(({ id }) => id) as [string, string, string, string];
    const rests = [
      { after: a, kind: 'bread' },
      { after: b, kind: 'cheese' },
      { after: d, kind: 'cheese' },
      { after: 'gone', kind: 'cheese' },
    ];
    expect(restCheeses(order, rests).map(({ after }) => after)).toEqual([b]);
    expect(restCheeses(order, [{ after: c, kind: 'cheese' }])[0]!.name).toBe(betweenWines(order[2]!, order[3]!).name);
    expect(restCheeses([], rests)).toEqual([]);
  });
});
