import { describe, expect, it } from 'vitest';
import { normal, seededRandom } from '@rose/core/chance/seeded-random';
import { bandOf, fitNumber, fitOf, type PairingWine } from '@rose/core/pairing/dish-fit';
import { noLeaning } from '@rose/core/pairing/leaning';
import { enoughTries, findingInWords, movedBy, ownFactors, ownFindings, pairMeasured, type Trial } from '@rose/core/pairing/own-findings';
import { ruleFamilies, type FitFamily } from '@rose/core/pairing/rules/index';
import { verdictSpan } from '@rose/core/pairing/verdict';
import { everydayDishes } from '../dishes/index';
import { dishOf, styleWines } from './index';

const dishes = everydayDishes.map(({ parts }) => dishOf(parts));
/** Tries of a table for which a family of rules counts by a factor: what it finds is said in one of five words. */
function triesOf(count: number, seed: number, counts: Partial<Record<FitFamily, number>>, scatter = 8): readonly Trial[] {
  const random = seededRandom(seed);
  const any = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)]!;
  return Array.from({ length: count }, () => {
    const fit = fitOf(any(dishes), any(styleWines));
    const truth = Object.entries(movedBy(fit)).reduce((sum, [family, push]) => sum + push * ((counts[family as FitFamily] ?? 1) - 1), fit.fit);
    const felt = truth + scatter * normal(random);
    return { fit, found: verdictSpan(bandOf(felt).id) };
  });
}

describe('what a table finds beside the rules', () => {
  it('is told when sweetness counts for less, and hardly ever anything else is', () => {
    const tables = Array.from({ length: 12 }, (_, seed) => ownFindings(triesOf(100, 300 + seed, { sugar: 0.3 })));
    const sugar = tables.map((findings) => findings.find(({ family }) => family === 'sugar')!);
    expect(sugar.filter(({ says }) => says === 'less').length).toBeGreaterThanOrEqual(11);
    for (const { mean } of sugar) expect(Math.abs(mean - 0.3)).toBeLessThan(0.35);
    expect(tables.flat().filter(({ family, says }) => family !== 'sugar' && says !== undefined).length).toBeLessThanOrEqual(3);
    expect(findingInWords(sugar[0]!)).toMatch(/^You find sweetness matters less than the rules have it: 0\.\d of what the rules have/);
  });
  it('says nothing from fewer tries than are needed, however loud they are', () => {
    const few = ownFindings(triesOf(enoughTries - 1, 5, { tannin: 0, sugar: 0 }));
    expect(few.every(({ says }) => says === undefined)).toBe(true);
    expect(findingInWords(few[0]!)).toContain('too soon to say');
    expect(ownFactors(few)).toBeUndefined();
  });
  it('says nothing of nothing', () => {
    const none = ownFindings([]);
    expect(none).toHaveLength(Object.keys(ruleFamilies).length);
    for (const finding of none) {
      expect(finding.mean).toBeCloseTo(1, 9);
      expect(findingInWords(finding)).toContain('never tried');
    }
  });
  it('seldom speaks against the rules where the table agrees with them', () => {
    // Words are coarser than scores: of ten families in twenty tables, a false word is rare.
    const spoken = Array.from({ length: 20 }, (_, seed) => ownFindings(triesOf(40, 100 + seed, {}))).flat();
    expect(spoken.filter(({ says }) => says !== undefined).length / spoken.length).toBeLessThan(0.02);
  });
  it('is surer the more is tried', () => {
    const width = (count: number) => {
      const { low, high } = ownFindings(triesOf(count, 11, { acid: 0.5 })).find(({ family }) => family === 'acid')!;
      return high - low;
    };
    expect(width(160)).toBeLessThan(width(40));
    expect(width(40)).toBeLessThan(width(8));
  });
  it('never turns a rule’s sign', () => {
    const factors = ownFactors(ownFindings(triesOf(200, 13, { tannin: -1, sugar: 4 })))!;
    for (const factor of Object.values(factors)) {
      expect(factor).toBeGreaterThanOrEqual(0);
      expect(factor).toBeLessThanOrEqual(2);
    }
  });
  it('moves the advice only when it is asked to, and then by the family it is about', () => {
    const dish = dishes.find(({ taste }) => taste.acid > 50)!;
    const wine = styleWines.toSorted((a, b) => Math.abs(movedBy(fitOf(dish, b)).acid) - Math.abs(movedBy(fitOf(dish, a)).acid))[0]!;
    const plain = fitOf(dish, wine);
    const leant = fitOf(dish, wine, { ...noLeaning, own: { acid: 0.5 } });
    const acid = movedBy(plain).acid;
    expect(Math.abs(acid)).toBeGreaterThan(2);
    expect(leant.fit).toBeCloseTo(plain.fit - acid / 2, 0);
    expect(fitNumber(dish, wine, { ...noLeaning, own: { acid: 0.5 } })).toBeCloseTo(leant.fit, 6);
    expect(fitOf(dish, wine, { ...noLeaning, own: {} }).fit).toBeCloseTo(plain.fit, 9);
  });
});

describe('the families of rules', () => {
  it('give a fit together: what they move and the rest is what is not 50', () => {
    const pairs = dishes.slice(0, 40).flatMap((dish) => styleWines.slice(0, 6).map((wine: PairingWine) => fitOf(dish, wine)));
    for (const fit of pairs) {
      const rest = fit.reasons.find(({ id }) => id === 'rest')?.push ?? 0;
      const moved = Object.values(movedBy(fit)).reduce((sum, push) => sum + push, 0);
      expect(50 + moved + rest).toBeCloseTo(fit.fit, 9);
    }
  });
});

describe('a wine tasted alone and then with a bite', () => {
  it('one taster moves the rules’ word a little, twelve of one mind move it nearly to what they measured', () => {
    const one = pairMeasured(20, [-20]);
    const twelve = pairMeasured(20, [-20, -18, -22, -20, -25, -15, -20, -19, -21, -20, -22, -18]);
    expect(one.now.mean).toBeGreaterThan(-10);
    expect(one.now.mean).toBeLessThan(20);
    expect(twelve.now.mean).toBeLessThan(-16);
    expect(twelve.now.high - twelve.now.low).toBeLessThan(one.now.high - one.now.low);
  });
  it('tasters who do not agree leave more doubt', () => {
    const agreed = pairMeasured(0, [10, 11, 9, 10, 10, 12]);
    const torn = pairMeasured(0, [60, -40, 50, -30, 40, -20]);
    expect(torn.measured).toBeCloseTo(agreed.measured, 0);
    expect(torn.now.high - torn.now.low).toBeGreaterThan(agreed.now.high - agreed.now.low);
  });
  it('what was measured as expected changes nothing but the doubt', () => {
    expect(pairMeasured(15, [15, 15, 15]).now.mean).toBeCloseTo(15, 9);
  });
});
