import { describe, expect, it } from 'vitest';
import type { WineFacts } from '@rose/core/wine/facts';
import { emptyNote, type NoteDocument } from '@rose/core/wine/note';
import { grapeNamed } from '../grapes/index';
import { parents } from './parents';
import { callOf, calledChain, chanceOfGuess, grapesOffered, kinship, marked, placeChain, truthOf, whatSpoke } from './index';

const facts = {
  country: { value: 'IT', origin: 'label' },
  region: { value: 'Sicily', origin: 'label' },
  appellation: { value: 'Etna', origin: 'label' },
  grapes: {
    value: [
      { grape: 'Carricante', share: { kind: 'some' } },
      { grape: 'Nerello Mascalese', share: { kind: 'mostly' } },
    ],
    origin: 'label',
  },
} as const satisfies WineFacts;
const idea = { id: 'i', at: 'finish', certainty: 50 } as const;

describe('grapes in the glass (common practice)', () => {
  it('one grape by another of its names is the same; what is taken for another every day is kin or family; white is never black', () => {
    expect(kinship('Syrah', 'Shiraz')).toBe('same');
    expect(kinship('Spätburgunder', 'Pinot Noir')).toBe('same');
    expect(kinship('Tempranillo', 'Tinta Roriz')).toBe('same');
    for (const [a, b] of [
      ['Nebbiolo', 'Nerello Mascalese'],
      ['Xinomavro', 'Nebbiolo'],
      ['Cabernet Sauvignon', 'Merlot'],
      ['Pinot Noir', 'Gamay'],
      ['Sauvignon Blanc', 'Verdejo'],
    ] as const)
      expect(['kin', 'family'], `${a} and ${b}`).toContain(kinship(a, b));
    expect(kinship('Riesling', 'Viognier')).toBe('none');
    expect(kinship('Cabernet Sauvignon', 'Pinot Noir')).toBe('none');
    expect(kinship('Chardonnay', 'Merlot')).toBe('none');
    expect(kinship('Riesling', 'Syrah')).toBe('none');
  });
  it('is the same either way round, and an unknown name is only itself', () => {
    const names = ['Riesling', 'Merlot', 'Cabernet Sauvignon', 'Syrah', 'Gamay', 'Xinomavro', 'Assyrtiko'];
    for (const a of names) for (const b of names) expect(kinship(a, b)).toBe(kinship(b, a));
    expect(kinship('Madeupia', 'madeupia')).toBe('same');
    expect(kinship('Madeupia', 'Merlot')).toBe('none');
  });
});
it('every grape whose parents are told is in the table, and none is its own parent', () => {
  for (const [name, of] of Object.entries(parents)) {
    expect(grapeNamed(name)?.name, name).toBe(name);
    expect(of).not.toContain(name);
  }
});
describe('calls against what is uncovered', () => {
  it('a place stands for all above it, and another country’s for that country', () => {
    const chain = placeChain(facts);
    expect(chain).toEqual(['italy', 'sicily', 'etna']);
    expect(calledChain('Etna', chain)).toEqual(chain);
    expect(calledChain('Sicily', chain)).toEqual(['italy', 'sicily']);
    expect(calledChain('Barolo', chain)[0]).toBe('italy');
    expect(calledChain('somewhere else', chain)[0]).toBe('somewhere else');
  });
  it('the main grape is right, one of the blend nearly, and what is not on record marks nobody', () => {
    const truth = truthOf('grape', facts, undefined, null);
    expect(truth).toEqual({ fact: 'grape', grapes: ['Nerello Mascalese', 'Carricante'] });
    expect(marked({ ...idea, grape: 'Nerello Mascalese' }, truth)).toMatchObject({ credit: 1 });
    expect(marked({ ...idea, grape: 'Carricante' }, truth)).toMatchObject({ credit: 0.75, why: 'in the blend' });
    expect(marked(idea, truth)).toBeUndefined();
    expect(marked({ ...idea, age: 4 }, truthOf('age', facts, undefined, null))).toBeUndefined();
    expect(marked({ ...idea, age: 4 }, truthOf('age', facts, 6, null))).toMatchObject({ credit: 0.5, says: '4 years old' });
  });
  it('the last word of an idea counts, with how it moved and where it turned', () => {
    const truth = truthOf('grape', facts, undefined, null);
    const ideas = [
      { ...idea, id: 'a', at: 'before', grape: 'Syrah' },
      { ...idea, id: 'b', at: 'palate', grape: 'Nerello Mascalese' },
      { ...idea, id: 'c', at: 'finish', age: 3, certainty: 75 },
    ] as const;
    expect(callOf({ ideas }, truth)).toMatchObject({ says: 'Nerello Mascalese', credit: 1, turned: { at: 'palate', better: true }, helped: false });
    expect(callOf({ ideas, circumstances: { saw: true } }, truth)).toMatchObject({ helped: true });
    expect(callOf({ ideas: [] }, truth)).toBeUndefined();
  });
  it('guessing is one of what the form offers', () => {
    expect(chanceOfGuess('grape')).toBe(1 / grapesOffered);
    expect(grapesOffered).toBeGreaterThan(300);
    expect(chanceOfGuess('price')).toBeCloseTo(1 / 3, 12);
    expect(chanceOfGuess('place')).toBeUndefined();
  });
});

describe('what spoke for the truth', () => {
  const note = {
    ...emptyNote,
    observed: { colour: 'white', acidity: 88, sweetness: 12, alcohol: 30, body: 28 },
    chips: [],
    deck: {},
  } as const satisfies NoteDocument;
  // Common practice: high acid, little alcohol and petrol speak for Riesling; new oak and butter speak against it.
  it('high acid and petrol for Riesling; butter and toast against it', () => {
    const chips = ['petrol', 'lime'].map((term, i) => ({ id: String(i), term, layer: 'first', strength: 2 }) as const);
    const { helped, misled } = whatSpoke({ ...note, chips }, { fact: 'grape', grapes: ['Riesling'] });
    expect(helped.length).toBeGreaterThan(0);
    expect(misled).toEqual([]);
    const oaky = ['butter', 'toast', 'vanilla'].map((term, i) => ({ id: String(i), term, layer: 'first', strength: 3 }) as const);
    expect(whatSpoke({ ...note, chips: oaky }, { fact: 'grape', grapes: ['Riesling'] }).misled.length).toBeGreaterThan(0);
  });
  it('says nothing of a grape the table of kinds does not hold, nor of nothing looked at', () => {
    expect(whatSpoke(note, { fact: 'grape', grapes: ['Madeupia'] })).toEqual({ helped: [], misled: [] });
    expect(whatSpoke(emptyNote, { fact: 'grape', grapes: ['Riesling'] })).toEqual({ helped: [], misled: [] });
  });
});
