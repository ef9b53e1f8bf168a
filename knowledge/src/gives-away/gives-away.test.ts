import { describe, expect, it } from 'vitest';
import { givesAway } from '@rose/core/tasting/gives-away';
import type { WineFacts } from '@rose/core/wine/facts';
import { tellingWords } from './index';

const facts: WineFacts = {
  colour: { value: 'red', origin: 'label' },
  grapes: { value: [{ grape: 'Syrah', share: { kind: 'unknown' } }], origin: 'label' },
  vintage: { value: { kind: 'year', year: 2019 }, origin: 'label' },
  country: { value: 'FR', origin: 'label' },
  region: { value: 'the northern slopes', origin: 'label' },
};
const tells = tellingWords({ name: 'Fog Lane', producer: 'Quay Jar', facts });
const told = (text: string) => givesAway(text, tells, [])?.fact;

describe('what gives a wine away', () => {
  it('is its name and maker, its grape by any of its names, its place and its year', () => {
    expect(told('Is this the Fog Lane?')).toBe('name');
    expect(told('something by quay jar')).toBe('name');
    expect(told('A syrah, is it not')).toBe('grape');
    // A synonym in wide use; common practice.
    expect(told('I would say Shiraz')).toBe('grape');
    expect(told('From the northern slopes')).toBe('place');
    expect(told('France or Spain?')).toBe('place');
    expect(told('A 2019?')).toBe('age');
  });
  it('is nothing that any wine may be', () => {
    for (const text of [
      'Sweet or dry?',
      'For me, or not?',
      'Acidity: high.',
      'Look for black pepper, violet.',
      'Would you drink it with food?',
      'A fog over the quay',
    ])
      expect(told(text), text).toBeUndefined();
  });
  it('of a wine nobody knows anything of is its name alone', () => {
    expect(tellingWords({ name: 'Fog Lane', producer: '', facts: {} }).map(({ fact }) => fact)).toEqual(['name']);
  });
});
