import { describe, expect, it } from 'vitest';
import { observableIds, observables } from '@rose/core/wine/observables';
import { clashLabel, clashShown } from './clash-words';

describe('what two devices disagree on', () => {
  it('is named and shown as it was recorded', () => {
    expect(clashLabel(['observed', 'acidity'])).toBe('Acidity');
    expect(clashShown([20, 40], ['observed', 'sweetness'])).toBe('between dry (20) and medium-sweet (40)');
    expect(clashShown({ seconds: 21, atLeast: true }, ['observed', 'finish'])).toBe('at least 21 s');
    expect(clashShown('lemon', ['observed', 'hue'])).toBe('lemon');
    expect(clashShown(91, ['observed', 'quality'])).toBe('91 of 100');
    expect(clashLabel(['chips', 'a'])).toBe('A smell');
    expect(clashShown({ id: 'a', term: 'green-apple', layer: 'first', strength: 2 }, ['chips', 'a'])).toBe('green apple');
    expect(clashShown({ id: 'a', words: 'the attic', layer: 'first', strength: 2 }, ['chips', 'a'])).toBe('the attic');
    expect(clashShown(3, ['chips', 'a', 'strength'])).toBe('strong');
    expect(clashShown('gone', ['chips', 'a', 'fate'])).toBe('gone');
    expect(clashShown({ text: 'Mine.', from: '{}' }, ['rewritten', 'colour'])).toBe('“Mine.”');
    expect(clashShown(true, ['done'])).toBe('yes');
  });
  it('has a name for every observation', () => {
    for (const id of observableIds) expect(clashLabel(['observed', id])).toBe(observables[id].label);
  });
});
