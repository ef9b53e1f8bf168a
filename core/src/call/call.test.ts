import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { byGuessing } from '../statistics/binomial';
import { published } from '../testing/published';
import { ageCredit, grapeCredit, ideasMoved, luckInWords, placeCredit, priceAmong, priceCredit, timesInWords, type Kinship } from './call';

const kin: Kinship = (a, b) => (a === b ? 'same' : [a, b].sort().join() === 'nebbiolo,nerello' ? 'kin' : 'none');

describe('the mark of a call', () => {
  it('is whole for what is right, less for what is near, nothing for what is neither', () => {
    expect(grapeCredit('nerello', ['nerello'], kin)).toEqual({ credit: 1, why: 'right' });
    expect(grapeCredit('nebbiolo', ['nerello'], kin)).toEqual({ credit: 0.5, why: 'kin' });
    expect(grapeCredit('merlot', ['nerello', 'merlot'], kin)).toEqual({ credit: 0.75, why: 'in the blend' });
    expect(grapeCredit('gamay', ['nerello'], kin).credit).toBe(0);
    expect(grapeCredit('gamay', [], kin).credit).toBe(0);
    expect(placeCredit(['italy', 'sicily', 'etna'], ['italy', 'sicily', 'etna']).credit).toBe(1);
    expect(placeCredit(['italy', 'sicily'], ['italy', 'sicily', 'etna'])).toEqual({ credit: 0.75, why: 'region' });
    expect(placeCredit(['italy', 'piedmont'], ['italy', 'sicily', 'etna'])).toEqual({ credit: 0.4, why: 'country' });
    expect(placeCredit(['france'], ['italy', 'sicily']).credit).toBe(0);
    expect(priceCredit('cheaper', 'dearer').credit).toBe(0);
    expect(priceCredit('middle', 'dearer').credit).toBe(0.5);
  });
  it('of an age halves with every two years off and never rises with the distance', () => {
    expect([ageCredit(6, 6), ageCredit(4, 6), ageCredit(10, 6)].map(({ credit }) => credit)).toEqual([1, 0.5, 0.25]);
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 60 }), fc.integer({ min: 0, max: 60 }), fc.integer({ min: 0, max: 60 }), (truth, a, b) => {
        const [near, far] = Math.abs(a - truth) <= Math.abs(b - truth) ? [a, b] : [b, a];
        expect(ageCredit(near, truth).credit).toBeGreaterThanOrEqual(ageCredit(far, truth).credit);
      }),
    );
  });
  it('a price is dear or cheap among those of its evening, and undecided where two are all there is', () => {
    const all = [900, 1200, 1500, 1800, 2400, 5000];
    expect(all.map((price) => priceAmong(price, all))).toEqual(['cheaper', 'cheaper', 'middle', 'middle', 'dearer', 'dearer']);
    expect(priceAmong(900, [900, 1200])).toBeNull();
    expect(priceAmong(undefined, all)).toBeNull();
    expect(priceAmong(900, [900, 900, 900, 900])).toBe('middle');
  });
});

describe('luck', () => {
  published('binomial distribution: three of three at one half 1/8; eight or more of ten 0.0547 (any statistical table)', 'exact tails', () => {
    expect(byGuessing(3, 3)).toBe(0.125);
    expect(byGuessing(8, 10)).toBeCloseTo(0.0547, 4);
  });
  published(
    'binomial distribution, n = 12, p = 1/40: P(X ≥ 3) = 0.0029 (computed by R 4.6: 1 - pbinom(2, 12, 1/40))',
    'three of twelve who choose among forty',
    () => {
      expect(byGuessing(3, 12, 1 / 40)).toBeCloseTo(0.0028, 3);
      expect(luckInWords(byGuessing(3, 12, 1 / 40))).toMatch(/^about one time in [34]00$/);
    },
  );
  published('the binomial theorem: the chances of all numbers of hits add up to one', 'for any chance of one', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 40 }), fc.double({ min: 0.01, max: 0.99, noNaN: true }), (of, p) => {
        let sum = 0;
        for (let k = 0; k <= of; k++) sum += byGuessing(k, of, p) - (k === of ? 0 : byGuessing(k + 1, of, p));
        expect(sum).toBeCloseTo(1, 9);
      }),
    );
  });
  it('is said as people say it', () => {
    expect(luckInWords(0.125)).toBe('one time in eight');
    expect(luckInWords(0.5)).toBe('5 times in ten');
    expect(luckInWords(1)).toBe('nearly always');
    expect(luckInWords(1e-9)).toBe('hardly ever');
  });
});

describe('how the ideas of a table moved', () => {
  const idea = (at: string, credit: number) => ({ at, credit });
  it('counts everybody once at each look, by the last idea they had left', () => {
    const paths = [[idea('appearance', 0), idea('palate', 1)], [idea('aroma', 0.5), idea('finish', 0)], [idea('palate', 1)]];
    const moved = ideasMoved(paths, 2);
    expect(moved).toEqual([
      { at: 'appearance', whole: 0, near: 0, wrong: 1, none: 4 },
      { at: 'aroma', whole: 0, near: 1, wrong: 1, none: 3 },
      { at: 'palate', whole: 2, near: 1, wrong: 0, none: 2 },
      { at: 'finish', whole: 2, near: 0, wrong: 1, none: 2 },
    ]);
    for (const { whole, near, wrong, none } of moved) expect(whole + near + wrong + none).toBe(5);
  });
  it('shows nothing of two people: it would be their own', () => {
    expect(ideasMoved([[idea('aroma', 0), idea('palate', 1)]], 1)).toEqual([]);
    expect(ideasMoved([[idea('aroma', 0), idea('palate', 1)]], 2)).not.toEqual([]);
  });
  it('shows nothing where nobody changed their mind', () => {
    expect(ideasMoved([[idea('palate', 1)], [idea('finish', 0)]], 5)).toEqual([]);
  });
});
it('bits are said as odds are', () => {
  expect([1, 2, 3, -1, -2, 0.6].map(timesInWords)).toEqual([
    'twice as likely',
    '4 times as likely',
    '8 times as likely',
    'half as likely',
    '4 times less likely',
    'half as likely again',
  ]);
});
