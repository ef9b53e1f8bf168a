import { describe, expect, it } from 'vitest';
import type { WineFacts } from '@rose/core/wine/facts';
import { grapes } from '../grapes/index';
import { talkingPoints } from './index';

const label = { origin: 'label' } as const;
const of = (grape: string, more: WineFacts = {}): WineFacts => ({ grapes: { value: [{ grape, share: { kind: 'unknown' } }], ...label }, ...more });
const day = '2026-11-28';

describe('talking points (common practice)', () => {
  it('tell the kind, what stands out, and the smells that are usual, each with why', () => {
    const said = talkingPoints(of('Riesling', { acidity: { value: 9, origin: 'laboratory' }, colour: { value: 'white', ...label } }), day);
    expect(said[0]!.says).toMatch(/Riesling/);
    expect(said.find(({ says }) => says.startsWith('Acidity'))).toMatchObject({ says: 'Acidity: racy.', because: expect.stringMatching(/9 g\/L/) });
    expect(said.at(-1)!.says).toMatch(/^Look for .*citrus/);
  });
  it('say nothing of the tannin a wine made without skins does not have, and of a soft red that it is soft', () => {
    const tanninOf = (facts: WineFacts) => talkingPoints(facts, day).filter(({ says }) => says.startsWith('Tannin'));
    for (const grape of ['Chardonnay', 'Sauvignon Blanc', 'Riesling', 'Muscat Blanc à Petits Grains']) expect(tanninOf(of(grape)), grape).toEqual([]);
    expect(tanninOf(of('Pinot Noir', { colour: { value: 'white', ...label }, bubbles: { value: 'sparkling', ...label } }))).toEqual([]);
    expect(tanninOf(of('Nebbiolo'))).toHaveLength(1);
  });
  it('say of a grape nobody knows nothing but its kind and its figures', () => {
    const said = talkingPoints(of('Madeupia', { colour: { value: 'red', ...label } }), day);
    expect(said).toHaveLength(1);
  });
  it('of every grape are whole sentences with a reason, and few enough to be said', () => {
    for (const grape of grapes) {
      const said = talkingPoints(of(grape.name), day);
      expect(said.length).toBeLessThanOrEqual(5);
      for (const { says, because } of said) {
        expect(says, grape.name).toMatch(/^[A-Z].*\.$/);
        expect(`${says} ${because}`, grape.name).not.toMatch(/undefined|NaN|\ba [aeiou]/);
        expect(because).not.toBe('');
      }
    }
  });
});
