import { describe, expect, it } from 'vitest';
import { published } from '@rose/core/testing/published';
import { ingredient, pair } from '../pairing/index';
import { partNamed } from '../pairing/find';
import { cheeseAsPart, cheeseFacts, cheeseInWords, minutesOut } from './index';

const taste = (id: string) => cheeseAsPart(cheeseFacts.find((one) => one.id === id)!).taste as Record<string, number>;
describe('cheeses', () => {
  it('are forty-five and more, each with milk, rind, paste, age, salt and fat, each a part under its own words', () => {
    expect(cheeseFacts.length).toBeGreaterThanOrEqual(45);
    for (const facts of cheeseFacts) {
      expect(ingredient(facts.id)?.name, facts.id).toBe(facts.name);
      expect(facts.months[0], facts.id).toBeLessThanOrEqual(facts.months[1]);
      expect(facts.salt).toBeGreaterThan(0);
      expect(facts.salt).toBeLessThan(4);
      expect(facts.fat).toBeLessThan(45);
      for (const word of facts.also) expect(partNamed(word)?.id, word).toBe(facts.id);
      expect(minutesOut(facts)).toBeGreaterThanOrEqual(20);
      expect(cheeseInWords(facts)).not.toMatch(/undefined/);
    }
  });
  published('common practice', 'an older cheese is more savoury; salt is tasted by the gram; blue mould and washed rinds are marked', () => {
    expect(taste('cheddar-aged').savour).toBeGreaterThan(taste('cheddar').savour!);
    expect(taste('alpine-aged').savour).toBeGreaterThan(taste('alpine').savour!);
    expect(taste('hard-cheese').savour).toBeGreaterThan(taste('mozzarella').savour! + 30);
    expect(taste('roquefort').salt).toBeGreaterThan(taste('gorgonzola-sweet').salt!);
    expect(taste('fresh-cheese').acid).toBeGreaterThan(taste('alpine').acid! + 15);
    expect(ingredient('epoisses')!.marks).toContain('washedRind');
    expect(ingredient('stilton')!.marks).toContain('blueMould');
    expect(ingredient('triple-cream')!.marks).toContain('softRind');
  });
  published(
    'common practice',
    'blue cheese: sweet above tannic; fresh goat: sharp white above oaked red; old hard cheese bears a red that a fresh one does not',
    () => {
      for (const blue of ['roquefort', 'stilton', 'gorgonzola', 'blue-cheese'])
        expect(pair([{ part: blue }], 'botrytis').fit, blue).toBeGreaterThan(pair([{ part: blue }], 'cabernet').fit + 25);
      expect(pair([{ part: 'fresh-cheese' }], 'herbal-coast').fit).toBeGreaterThan(pair([{ part: 'fresh-cheese' }], 'cabernet').fit + 15);
      expect(pair([{ part: 'hard-cheese' }], 'cabernet').fit).toBeGreaterThan(pair([{ part: 'mozzarella' }], 'cabernet').fit);
    },
  );
});
