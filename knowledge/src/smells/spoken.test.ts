import { describe, expect, it } from 'vitest';
import { published } from '@rose/core/testing/published';
import type { Chip } from '@rose/core/wine/note';
import { completions, descriptors } from './index';
import { isLike, spoken } from './spoken';

const chip = (words: string, term?: string): Chip => ({ id: words, words, term, layer: 'first', strength: 2 });
describe('a smell in a sentence', () => {
  published('common practice', 'what a wine is like is told from what it smells of', () => {
    for (const word of [
      'smoky',
      'nutty',
      'peachy',
      'minty',
      'oaky',
      'buttery',
      'honeyed',
      'spicy',
      'earthy',
      'floral',
      'citrussy',
      'toasty',
      'jammy',
      'leathery',
    ])
      expect(isLike(word), word).toBe(true);
    for (const word of [
      'cherry',
      'honey',
      'celery',
      'rosemary',
      'lychee',
      'barley sugar',
      'strawberry',
      'toffee',
      'dried apricot',
      'bay leaf',
      'curry',
      'sea air',
    ])
      expect(isLike(word), word).toBe(false);
  });
  it('no name of the vocabulary that is a thing is taken for what a wine is like', () => {
    expect(descriptors.filter(({ name }) => isLike(name)).map(({ name }) => name)).toEqual([]);
  });
  it('a sentence of the taster’s own is set apart; filed under a word, it is that word as they said it', () => {
    expect(spoken(chip('smells like rain on a hot road'))).toEqual({ name: 'smells like rain on a hot road', as: 'own' });
    expect(spoken(chip('my grandmother’s pantry'))).toMatchObject({ as: 'own' });
    expect(spoken(chip('sour plum sweets'))).toMatchObject({ as: 'noun' });
    expect(spoken(chip('like a basement', completions('like a basement')[0]!.descriptor.id))).toEqual({ name: 'basement', as: 'noun' });
    expect(spoken(chip('citrussy', 'family-citrus'))).toEqual({ name: 'citrussy', as: 'adjective' });
  });
});
