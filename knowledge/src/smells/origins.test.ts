import { describe, expect, it } from 'vitest';
import { published } from '@rose/core/testing/published';
import { completions } from './index';
import { originsInWords } from './origins';

const nose = (...words: string[]) =>
  words.map((word) => ({ id: word, term: completions(word)[0]!.descriptor.id, layer: 'first' as const, strength: 2 as const }));
describe('where the smells come from', () => {
  it('says nothing before anything is named, and nothing of a fault or of own words', () => {
    expect(originsInWords([])).toBe('');
    expect(originsInWords(nose('vinegar'))).toBe('');
    expect(originsInWords([{ id: 'own', words: 'something of my aunt’s', layer: 'first', strength: 2 }])).toBe('');
  });
  published('common practice', 'smells of the grape alone are of a young wine; without any of the grape it has aged', () => {
    expect(originsInWords(nose('lemon', 'peach', 'rose', 'lime', 'vanilla'))).toBe('4 of the grape, 1 of the making and none of age: it smells young.');
    expect(originsInWords(nose('lemon', 'peach', 'rose'))).toBe('3 of the grape, none of the making and none of age: it smells young and plain.');
    expect(originsInWords(nose('leather', 'mushroom', 'vanilla'))).toBe('None of the grape, 1 of the making and 2 of age: its grape has stepped back.');
    expect(originsInWords(nose('lemon', 'vanilla'))).toBe('1 of the grape, 1 of the making and none of age.');
  });
});
