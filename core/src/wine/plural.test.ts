import { describe, expect, it } from 'vitest';
import { counted, listed, withArticle } from './plural';

describe('counts, lists and articles in words', () => {
  it('counts agree with their nouns', () => {
    expect([0, 1, 2].map((n) => counted(n, 'day'))).toEqual(['no days', '1 day', '2 days']);
    expect(['tasting glass', 'dish', 'wash', 'box'].map((one) => counted(2, one))).toEqual(['2 tasting glasses', '2 dishes', '2 washes', '2 boxes']);
    expect(counted(2, 'person', 'people')).toBe('2 people');
  });
  it('a list has one "and", before its last', () => {
    expect(listed([])).toBe('');
    expect(listed(['a'])).toBe('a');
    expect(listed(['a', 'b'])).toBe('a and b');
    expect(listed(['a', 'b', 'c'], 'or')).toBe('a, b or c');
  });
  // English usage: the article goes by the sound, not by the letter.
  it('the article goes by the sound', () => {
    expect(
      ['off-dry', 'dry', 'unoaked', 'unit', 'amber', 'hour', 'European', 'one-year', '8-day', '11 %', '18-month', '110-day', 'orange', 'university', 'use'].map(
        withArticle,
      ),
    ).toEqual([
      'an off-dry',
      'a dry',
      'an unoaked',
      'a unit',
      'an amber',
      'an hour',
      'a European',
      'a one-year',
      'an 8-day',
      'an 11 %',
      'an 18-month',
      'a 110-day',
      'an orange',
      'a university',
      'a use',
    ]);
  });
});
