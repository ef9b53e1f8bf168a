import { describe, expect, it } from 'vitest';
import { published } from '@rose/core/testing/published';
import type { WineFacts } from '@rose/core/wine/facts';
import { pairQuestions } from '@rose/core/wine/note';
import { dearerOf, pairTruth, worthInWords, type PairQuestion } from './index';

const facts = (values: Record<string, unknown>) =>
  Object.fromEntries(Object.entries(values).map(([id, value]) => [id, { value, origin: 'label' }])) as WineFacts;
const grapes = (...names: string[]) => names.map((grape, i) => ({ grape, share: { kind: 'exact', percent: i === 0 ? 80 : 20 / (names.length - 1) } }));
const year = (n: number) => facts({ vintage: { kind: 'year', year: n } });

describe('what the facts say of a pair', () => {
  it('the older is the one of the earlier year', () => {
    expect(pairTruth('older', year(2010), year(2018))).toBe(-1);
    expect(pairTruth('older', year(2018), year(2010))).toBe(1);
    expect(pairTruth('older', year(2018), year(2018))).toBeNull();
    expect(pairTruth('older', year(2018), facts({ vintage: { kind: 'none' } }))).toBeNull();
  });
  it('more oak is more months in wood that can be tasted, and a wine without oak has none; wood of unknown age is a span', () => {
    expect(pairTruth('oak', facts({ woodMonths: 12, oak: 'used' }), facts({ woodMonths: 3, oak: 'used' }))).toBe(-1);
    expect(pairTruth('oak', facts({ woodMonths: 30, oak: 'used' }), facts({ woodMonths: 20, oak: 'new' }))).toBe(1);
    expect(pairTruth('oak', facts({ woodMonths: 12 }), facts({ woodMonths: 3 }))).toBeNull();
    expect(pairTruth('oak', facts({ woodMonths: 16 }), facts({ woodMonths: 3 }))).toBe(-1);
    expect(pairTruth('oak', facts({ oak: 'none' }), facts({ woodMonths: 3 }))).toBe(1);
    expect(pairTruth('oak', facts({}), facts({ woodMonths: 3 }))).toBeNull();
  });
  published('Vitis International Variety Catalogue (VIVC): Shiraz is Syrah, Spätburgunder is Pinot Noir', 'two names of one grape are the same grape', () => {
    expect(pairTruth('sameGrape', facts({ grapes: grapes('Syrah') }), facts({ grapes: grapes('Shiraz') }))).toBe(1);
    expect(pairTruth('sameGrape', facts({ grapes: grapes('Spätburgunder') }), facts({ grapes: grapes('Pinot Noir', 'Gamay') }))).toBe(1);
    expect(pairTruth('sameGrape', facts({ grapes: grapes('Syrah') }), facts({ grapes: grapes('Grenache') }))).toBe(-1);
  });
  it('a grape no table knows is compared as it is written, without accents or capitals', () => {
    expect(pairTruth('sameGrape', facts({ grapes: grapes('Nóstra') }), facts({ grapes: grapes('nostra') }))).toBe(1);
    expect(pairTruth('sameGrape', facts({}), facts({ grapes: grapes('Syrah') }))).toBeNull();
  });
  it('seen from the other side the answer turns round, for every question but the one of yes and no', () => {
    const a = facts({ vintage: { kind: 'year', year: 2012 }, woodMonths: 18, grapes: grapes('Syrah') });
    const b = facts({ vintage: { kind: 'year', year: 2020 }, oak: 'none', grapes: grapes('Gamay') });
    for (const question of Object.keys(pairQuestions) as PairQuestion[]) {
      const [there, back] = [pairTruth(question, a, b), pairTruth(question, b, a)];
      expect(back).toBe(question === 'sameGrape' || there === null ? there : -there);
    }
  });
});

describe('the dearer of two bottles', () => {
  const price = (amount: number, currency = 'EUR', formatMl = 750) => ({ amount, currency, formatMl });
  it('is told by the litre, in one currency only', () => {
    expect(dearerOf(price(30), price(12))).toBe(-1);
    expect(dearerOf(price(12), price(30))).toBe(1);
    expect(dearerOf(price(12), price(12))).toBeNull();
    expect(worthInWords(84, 88, price(12), price(30))).toBe('The right is marked 4 higher, at 2.5 times the price of the other by the litre.');
    expect(worthInWords(88, 84, price(12), price(30))).toBe('The right is marked 4 lower, at 2.5 times the price of the other by the litre.');
    expect(worthInWords(88, 84, price(30), price(12))).toBe('The left is marked 4 higher, at 2.5 times the price of the other by the litre.');
    expect(worthInWords(84, 84, price(12), price(12))).toBe('At the same price by the litre the right is marked the same.');
    expect(worthInWords(undefined, 84, price(12), price(30))).toBeUndefined();
    expect(dearerOf(price(12), null)).toBeNull();
    expect(dearerOf(price(12), price(30, 'GBP'))).toBeNull();
    // A magnum costs more for its size, a can less: what counts is the wine.
    expect(dearerOf(price(12), price(24, 'EUR', 1500))).toBeNull();
    expect(dearerOf(price(12), price(30, 'EUR', 1500))).toBe(1);
    expect(dearerOf(price(12), price(6, 'EUR', 250))).toBe(1);
  });
});
