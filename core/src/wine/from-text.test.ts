import { describe, expect, it } from 'vitest';
import { grapesAsText, grapesFromText, numberFromText, placeFromText } from './from-text';

describe('what people write', () => {
  it.each([
    ['13.5', 13.5],
    ['13,5', 13.5],
    ['1,250', 1250],
    ['1 250', 1250],
    ['-2', -2],
    ['', undefined],
    ['12.5 %', undefined],
    ['twelve', undefined],
  ])('the number “%s” is %s', (text, value) => expect(numberFromText(text)).toBe(value));

  it.each([
    ['Merlot', [{ grape: 'Merlot', share: { kind: 'unknown' } }]],
    [
      'Merlot 60, Cabernet Franc',
      [
        { grape: 'Merlot', share: { kind: 'exact', percent: 60 } },
        { grape: 'Cabernet Franc', share: { kind: 'unknown' } },
      ],
    ],
    [
      '60% Syrah / about 40 % Grenache',
      [
        { grape: 'Syrah', share: { kind: 'exact', percent: 60 } },
        { grape: 'Grenache', share: { kind: 'about', percent: 40 } },
      ],
    ],
    ['Furmint 70-80', [{ grape: 'Furmint', share: { kind: 'between', low: 70, high: 80 } }]],
    [
      'mostly Riesling and some Silvaner',
      [
        { grape: 'Riesling', share: { kind: 'mostly' } },
        { grape: 'Silvaner', share: { kind: 'some' } },
      ],
    ],
    [' , ', []],
  ])('the grapes “%s”', (text, grapes) => expect(grapesFromText(text)).toEqual(grapes));
  it('grapes written out are read back as they were', () => {
    for (const text of ['Merlot 60 %, Cabernet Franc', 'Furmint 70–80 %', 'Riesling about 85 %, Silvaner some', 'Saperavi mostly'])
      expect(grapesAsText(grapesFromText(text))).toBe(text);
  });

  const called = (name: string) => ({ italy: 'IT', spain: 'ES' })[name.toLowerCase()];
  it.each([
    ['Piedmont, Italy', 'Piedmont', 'IT'],
    ['Italy', '', 'IT'],
    ['Mosel', 'Mosel', ''],
    ['Langhe, Piedmont, Italy', 'Langhe, Piedmont', 'IT'],
    ['Italy, Piedmont', 'Italy, Piedmont', ''],
    ['', '', ''],
  ])('the place “%s” is region “%s”, country “%s”', (text, region, country) => expect(placeFromText(text, called)).toEqual({ region, country }));
});
