import { describe, expect, it } from 'vitest';
import { published } from '@rose/core/testing/published';
import { classOfHue } from '@rose/core/wine/observables';
import { hueLab } from '@rose/core/appearance/colour';
import { oneSlip } from './everyday';
import type { Chip } from '@rose/core/wine/note';
import { fold } from '@rose/core/wine/search-folding';
import type { WineFacts } from '@rose/core/wine/facts';
import { grapes } from '../grapes/data';
import { generalStyles, rungOf, styleOf } from '../styles/index';
import { explained } from './explained';
import { evidenceOf } from '../archetypes/index';
import { alsoOf, echoOf } from './data';
import { chipName, completions, descriptor, descriptorOf, descriptors, echoesOf, families } from './index';

const facts = (values: Record<string, unknown>): WineFacts =>
  Object.fromEntries(Object.entries(values).map(([id, value]) => [id, { value, origin: 'label' }])) as WineFacts;
const grape = (name: string) => [{ grape: name, share: { kind: 'exact', percent: 100 } }];

describe('descriptors', () => {
  it('are at least 220, each explained, without a doubled id, name or synonym', () => {
    expect(descriptors.length).toBeGreaterThanOrEqual(220);
    for (const { id } of descriptors) expect(explained[id], id).toMatch(/^[A-Z].*\.$/s);
    expect(Object.keys(explained)).toHaveLength(descriptors.length);
    const names = descriptors.flatMap((entry) => [entry.name, ...entry.synonyms].map(fold));
    const doubled = names.filter((name, i) => names.indexOf(name) !== i);
    expect(doubled).toEqual([]);
    expect(new Set(descriptors.map((entry) => entry.id)).size).toBe(descriptors.length);
  });
  it('are found by synonym and by the start of a word, the name first', () => {
    expect(completions('cassis')[0]).toMatchObject({ descriptor: { name: 'blackcurrant' }, by: 'cassis' });
    expect(completions('peel').map((entry) => entry.descriptor.name)).toContain('orange peel');
    expect(completions('ros')[0]!.descriptor.name).toBe('rose');
    expect(completions('  ')).toEqual([]);
    expect(completions('zzz')).toEqual([]);
  });
  published('common practice', 'a family answers to its everyday words, before any word of it', () => {
    const family = (text: string) => completions(text)[0]!.descriptor.id;
    for (const [text, id] of [
      ['citrus', 'citrus'],
      ['green', 'herb'],
      ['flower', 'flower'],
      ['floral', 'flower'],
      ['spice', 'spice'],
      ['stone', 'stony'],
      ['mineral', 'stony'],
      ['red fruit', 'red'],
      ['black fruit', 'dark'],
      ['tropical', 'tropical'],
      ['vegetal', 'vegetable'],
      ['earthy', 'earth'],
    ] as const)
      expect(family(text), text).toBe(`family-${id}`);
  });
  it('a word is found in any number, ending, spelling and phrase, and with one letter astray it is only near', () => {
    const first = (text: string) => completions(text)[0];
    for (const [text, name] of [
      ['apricots', 'apricot'],
      ['Strawberries', 'strawberry'],
      ['plummy', 'black plum'],
      ['peachy', 'peach'],
      ['smoky', 'smoke'],
      ['like a basement', 'damp cellar'],
      ['it smells of rotten eggs', 'bad egg'],
      ['moldy', 'damp cellar'],
      ['freshly mown lawn', 'cut grass'],
      ['cat’s pee', 'blackcurrant leaf'],
    ] as const)
      expect(first(text), text).toMatchObject({ descriptor: { name }, match: 'whole' });
    expect(first('rasberry')).toMatchObject({ descriptor: { name: 'raspberry' }, match: 'near' });
    expect(first('strawb')).toMatchObject({ descriptor: { name: 'strawberry' }, match: 'begins' });
    expect(oneSlip('lemon', 'lemno') && oneSlip('lemon', 'lemons') && !oneSlip('lemon', 'melon') && !oneSlip('rose', 'nose')).toBe(true);
  });
  it('every name and synonym finds its own term, in the plural too', () => {
    for (const entry of descriptors)
      for (const name of [entry.name, ...entry.synonyms]) {
        expect(
          completions(name, 3).some(({ descriptor: found, match }) => found.id === entry.id && match === 'whole'),
          name,
        ).toBe(true);
        if (/[a-z]$/.test(name) && !/(?:s|y|x|ch|sh)$/.test(name))
          expect(
            completions(`${name}s`, 3).some(({ descriptor: found }) => found.id === entry.id),
            `${name}s`,
          ).toBe(true);
      }
  });
  it('each family has members and two examples', () => {
    for (const family of Object.keys(families))
      expect(
        descriptors.some((entry) => entry.family === family),
        family,
      ).toBe(true);
  });
  it('a chip of the deck is named by its family and echoes it', () => {
    const chip = { id: '1', term: 'family-citrus', layer: 'first', strength: 2 } as const;
    expect(chipName(chip)).toBe('citrus');
    expect(echoesOf([chip])).toEqual(['citrus']);
    expect(chipName({ ...chip, term: undefined, words: 'my aunt’s hall' })).toBe('my aunt’s hall');
  });
});
describe('grapes and styles', () => {
  it('every grape’s style exists, and no name means two grapes', () => {
    const styles = new Set(generalStyles.map((style) => style.id));
    for (const entry of grapes) expect(styles.has(entry.style), entry.id).toBe(true);
    const names = grapes.flatMap((entry) => [...new Set([entry.name, ...entry.synonyms].map(fold))]);
    expect(names.filter((name, i) => names.indexOf(name) !== i)).toEqual([]);
  });
  it('every style has its ten values and a hue that can be drawn', () => {
    for (const style of generalStyles) {
      expect(Object.values(style.loads)).toHaveLength(10);
      expect(hueLab[style.hue], style.id).toBeDefined();
      expect(classOfHue(style.hue), style.id).toBeDefined();
    }
  });
  const rows: [string, Record<string, unknown>, string][] = [
    ['a white made on its skins for half a year is an amber wine', { colour: 'amber', skinDays: 180, grapes: grape('Rkatsiteli') }, 'amber'],
    ['skins for two weeks give a lighter one', { colour: 'amber', skinDays: 14 }, 'light-amber'],
    ['a sweet, sharp, botrytised white', { colour: 'white', sugar: 155, acidity: 9.1 }, 'aszu'],
    ['Assyrtiko is a salty, sharp white', { colour: 'white', bubbles: 'still', grapes: grape('Assyrtiko') }, 'island'],
    ['Xinomavro is pale and grips', { colour: 'red', grapes: grape('Xinomavro') }, 'xinomavro'],
    ['bottle-fermented without sugar', { colour: 'white', bubbles: 'sparkling', method: 'bottle', sugar: 1 }, 'brut-nature'],
    ['fortified, aged warm and rich', { fortified: true, heated: true, sugar: 105 }, 'madeira-sweet'],
    ['fortified under the veil', { fortified: true, underFlor: true, abv: 15 }, 'veil-fortified'],
    ['Riesling with sugar left', { colour: 'white', bubbles: 'still', grapes: grape('Riesling'), sugar: 30 }, 'offdry-riesling'],
  ];
  for (const [says, values, id] of rows) published('common practice', says, () => expect(styleOf(facts(values)).style.id).toBe(id));
  published('handbooks of tasting: order of a flight (Peynaud; Jackson)', 'a sweet sparkling wine stands on the sweet rung', () => {
    const found = styleOf(facts({ bubbles: 'sparkling', sugar: 90, colour: 'white' })).style;
    expect(rungOf(facts({ bubbles: 'sparkling', sugar: 90 }), found.loads)).toBe('sweet');
  });
});

describe('a word of two origins', () => {
  const toast: Chip = { id: 't', term: 'toast', layer: 'first', strength: 2 };
  const note = (...chips: readonly Chip[]) => ({ observed: {}, chips, deck: {} });
  published('common practice', 'toast is of yeast or of a toasted barrel: it speaks for either, and for neither alone', () => {
    expect(evidenceOf(note(toast)).smells).toEqual({ 'bread|wood': true });
    expect(evidenceOf(note(toast, { ...toast, id: 'v', term: 'vanilla' })).smells).toEqual({ wood: true });
    expect(evidenceOf({ ...note(toast), deck: { wood: 'no' } }).smells).toEqual({ wood: false, bread: true });
  });
  it('names only words and families of the vocabulary', () => {
    for (const [id, family] of Object.entries(alsoOf)) {
      expect(descriptor(id)?.family, id).toBeDefined();
      expect(descriptor(id)!.family).not.toBe(family);
    }
    for (const id of Object.keys(echoOf)) expect(descriptor(id), id).toBeDefined();
  });
  published('common practice', 'what food shares is told by the word: pepper is pepper, graphite is no salt, cedar no smoke', () => {
    const of = (term: string) => echoesOf([{ ...toast, term }]);
    expect(of('black-pepper')).toEqual(['pepper']);
    for (const term of ['graphite', 'tar', 'flint', 'cedar', 'coffee', 'leather']) expect(of(term), term).toEqual([]);
    expect(of('wet-stone')).toEqual(['saline']);
    expect(of('smoke')).toEqual(['smoke']);
  });
  it('own words that the vocabulary has count as its word, and others as none', () => {
    expect(descriptorOf({ words: 'flowers' })?.id).toBe('family-flower');
    expect(descriptorOf({ words: 'my aunt’s hat' })).toBeUndefined();
    expect(evidenceOf(note({ id: 'o', words: 'wild herbs', layer: 'first', strength: 2 })).smells).toEqual({ dryherb: true });
  });
});
