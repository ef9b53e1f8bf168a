import { describe, expect, it } from 'vitest';
import type { WineFacts } from '../wine/facts';
import { profileKeys, resolveProfile, type Loads } from '../wine/profile';
import { describeStyle, plainSweetness } from './style';

const facts = (values: Record<string, unknown>): WineFacts =>
  Object.fromEntries(Object.entries(values).map(([id, value]) => [id, { value, origin: 'label' }])) as WineFacts;
const name = (values: Record<string, unknown>, body = 46, sweetness: string | null = 'dry') => {
  const known = facts(values);
  const loads = { ...(Object.fromEntries(profileKeys.map((key) => [key, 40])) as Record<keyof Loads, number>), body };
  return describeStyle(known, resolveProfile(known, { name: 'a style', loads }, undefined, '2026-11-25'), sweetness ?? undefined, '2026-11-25');
};

describe('a style name', () => {
  it('says weight, sweetness, colour, place, oak and age in plain words', () => {
    expect(
      name({ colour: 'red', region: 'the high terraces', oak: 'used', woodMonths: 14, vintage: { kind: 'year', year: 2020 }, country: 'IT', bubbles: 'still' })
        .text,
    ).toBe('medium-weight dry red of the high terraces, some used oak, six years old');
  });
  it('says bubbles, fortification and skins where they are', () => {
    expect(name({ colour: 'white', bubbles: 'sparkling' }, 30, 'brut').text).toBe('light brut sparkling white');
    expect(name({ colour: 'white', fortified: true }, 70, 'sweet').text).toBe('full sweet fortified white');
    expect(name({ colour: 'amber', skinDays: 180, region: 'a clay-jar valley' }).text).toBe(
      'medium-weight dry amber wine of a clay-jar valley, 6 months on its skins',
    );
    expect(name({ colour: 'rose' }, 30).text).toBe('light dry rosé wine');
  });
  it('says nothing that is not known', () => {
    expect(name({}, 46, null).text).toBe('medium-weight wine');
    expect(name({ vintage: { kind: 'none' }, colour: 'red' }).text).not.toContain('old');
    expect(name({ colour: 'red', oak: 'none' }).text).not.toContain('oak');
  });
  it('gives the reason of each of its words, in the order it says them', () => {
    const { text, reasons } = name({ colour: 'red', region: 'the slope', oak: 'new', vintage: { kind: 'year', year: 2024 } });
    let at = 0;
    for (const reason of reasons) {
      const found = text.indexOf(String(reason.args['text']), at);
      expect(found, `${reason.id} in ${text}`).toBeGreaterThanOrEqual(at);
      at = found;
      expect(String(reason.args['why'])).not.toBe('');
    }
  });
  it('has an everyday word for sweetness when there is no analysis', () => {
    expect([5, 34, 50, 80].map(plainSweetness)).toEqual(['dry', 'off-dry', 'medium-sweet', 'sweet']);
  });
});
