import { describe, expect, it } from 'vitest';
import { byGuessing } from '../statistics/binomial';
import { published } from '../testing/published';
import { pairInWords, rankingInWords, setInWords, triangleInWords } from './sets';

interface Wine {
  readonly id: string;
  readonly name: string;
}
describe('sets of a panel', () => {
  published('ISO 4120:2021, table A.1: fewest right answers of a triangle test at 5 %', 'are where the tail falls below it', () => {
    // From memory of the table: of 6, 10, 20 and 30 assessors 5, 7, 11 and 15 right answers.
    for (const [of, least] of [
      [6, 5],
      [10, 7],
      [20, 11],
      [30, 15],
    ] as const) {
      expect(byGuessing(least, of, 1 / 3)).toBeLessThanOrEqual(0.05);
      expect(byGuessing(least - 1, of, 1 / 3)).toBeGreaterThan(0.05);
    }
  });
  published('ISO 5495, two-sided at 5 %', 'of 20 assessors 15 alike is the fewest', () => {
    expect(2 * byGuessing(15, 20)).toBeLessThanOrEqual(0.05);
    expect(2 * byGuessing(14, 20)).toBeGreaterThan(0.05);
  });
  it('says what was found, and what luck does', () => {
    expect(triangleInWords(7, 10)).toBe('Seven of ten found the odd one. Guessing among three, seven or more would be right about one time in 50.');
    expect(triangleInWords(0, 0)).toBe('Nobody had a set with one odd glass in it.');
    expect(
      pairInWords([
        { wine: 'Caldera Ledge', people: 2 },
        { wine: 'Lamplighter', people: 6 },
      ]),
    ).toBe('Lamplighter was chosen by six, Caldera Ledge by two. Tossing a coin comes out as uneven about one time in three.');
  });
  it('counts a wine wherever it stood, leaves out a set without one odd glass, and a pair that was not the same two wines', () => {
    const [a, b, c] = ['Alpha', 'Beta', 'Gamma'].map((name) => ({ id: name, name }));
    expect(
      setInWords(3, [
        { option: 1, wines: [b, a, b] },
        { option: 0, wines: [b, b, a] },
        { option: 2, wines: [a, b, c] },
      ]),
    ).toMatch(/^One of two found the odd one/);
    expect(
      setInWords(2, [
        { option: 0, wines: [a, b] },
        { option: 1, wines: [b, a] },
      ]),
    ).toMatch(/^Alpha was chosen by two, Beta by none/);
    expect(
      setInWords(2, [
        { option: 0, wines: [a, b] },
        { option: 0, wines: [a, c] },
      ]),
    ).toMatch(/not the same two wines/);
  });
  it('tells glasses put in order by wine, wherever they stood, against orders made at random', () => {
    const [a, b, c] = ['Caldera Ledge', 'Lamplighter', 'Fog Lane'].map((name) => ({ id: name, name })) as [Wine, Wine, Wine];
    const one = { option: 0, wines: [a, b, c], ranking: [0, 1, 2] };
    const other = { option: 2, wines: [c, b, a], ranking: [2, 1, 0] };
    expect(rankingInWords([one, other, one])).toBe(
      'Mean places, from the best: Caldera Ledge 1.0, Lamplighter 2.0, Fog Lane 3.0. If all were alike, three orders come out as far apart about one time in 35.',
    );
    expect(rankingInWords([one])).toBe('Too few put them in order to say.');
    expect(rankingInWords([one, { ...one, wines: [a, a, c] }])).toContain('no common order');
    expect(rankingInWords([one, other, { ...one, wines: [a, b, undefined] }])).toContain('two orders');
  });
});
