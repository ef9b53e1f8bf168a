import { describe, expect, it } from 'vitest';
import { published } from '../testing/published';
import { factInWords, shareInWords, type FactId, type FactValue, type Share } from './facts';
import { valueInWords, type ObservableId, type ValueOf } from './observables';
import { anchors } from './profile';
import { throughAnchors } from './units';

const nbsp = '\u00a0';
describe('facts in words, each with its unit', () => {
  const rows: [FactId, unknown, string][] = [
    ['abv', 13.5, `13.5${nbsp}% vol`],
    ['sugar', 2.1, `2.1${nbsp}g/L`],
    ['pressure', 5.8, `5.8${nbsp}bar`],
    ['woodMonths', 14, `14${nbsp}months`],
    ['mustWeight', 82, `82${nbsp}°Oe`],
    ['colour', 'rose', 'rosé'],
    ['bubbles', 'light', 'lightly sparkling'],
    ['filtered', false, 'unfiltered'],
    ['fortified', true, 'fortified'],
    ['vintage', { kind: 'year', year: 2020 }, '2020'],
    ['vintage', { kind: 'none' }, 'no vintage'],
    ['vintage', { kind: 'several', from: 2015, to: 2018 }, '2015 to 2018'],
    ['region', 'the slope', 'the slope'],
  ];
  for (const [id, value, words] of rows) it(`${id}: ${words}`, () => expect(factInWords(id, value as FactValue<FactId>)).toBe(words));
  const shares: [Share, string][] = [
    [{ kind: 'exact', percent: 85 }, ' 85 %'],
    [{ kind: 'about', percent: 10 }, ' about 10 %'],
    [{ kind: 'between', low: 5, high: 15 }, ' 5–15 %'],
    [{ kind: 'mostly' }, ', mostly'],
    [{ kind: 'some' }, ', some'],
    [{ kind: 'unknown' }, ''],
  ];
  for (const [share, words] of shares) it(`a share: “${words}”`, () => expect(shareInWords(share)).toBe(words));
});

describe('observations in words', () => {
  const rows: [ObservableId, unknown, string][] = [
    ['acidity', 82, 'lively (82)'],
    ['acidity', 88, 'racy (88)'],
    ['acidity', [50, 75], 'between fresh (50) and lively (75)'],
    ['clarity', 'hazy', 'hazy'],
    ['finish', { seconds: 23 }, '23 s'],
    ['finish', { seconds: 23, atLeast: true }, 'at least 23 s'],
    ['quality', 88, '88 of 100'],
    ['hue', 'oldgold', 'old gold'],
    ['readiness', 'past', 'past it'],
  ];
  for (const [id, value, words] of rows) it(`${id}: ${words}`, () => expect(valueInWords(id, value as ValueOf<ObservableId>)).toBe(words));
});

describe('what a fact means on the rose', () => {
  const rows: [string, keyof typeof anchors, number, number, string][] = [
    ['Regulation (EU) 2019/33, annex III part B', 'sugar', 4, 22, 'the driest term ends below the notch “off-dry”'],
    ['Regulation (EU) 2019/33, annex III part B', 'sugar', 12, 50, 'medium dry ends below the middle'],
    ['Regulation (EU) 2019/33, annex III part B', 'sugar', 45, 75, 'medium sweet ends below the notch “sweet”'],
    ['Regulation (EU) 1308/2013, annex VII part II', 'pressure', 1, 25, 'below one bar there is a prickle at most'],
    ['Regulation (EU) 1308/2013, annex VII part II', 'pressure', 2.5, 50, 'a semi-sparkling wine stays below the middle'],
  ];
  for (const [source, anchor, at, most, says] of rows)
    published(source, `${says} (${at})`, () => expect(throughAnchors(anchors[anchor], at)).toBeLessThan(most));
  it('every anchor table runs from 0 to 100 and is clamped beyond its ends', () => {
    for (const table of Object.values(anchors)) {
      const [first, last] = [table[0]!, table.at(-1)!];
      expect(last[1]).toBe(100);
      expect(first[1]).toBeLessThanOrEqual(10);
      expect(throughAnchors(table, first[0] - 1000)).toBe(first[1]);
      expect(throughAnchors(table, last[0] + 1000)).toBe(100);
    }
  });
});
