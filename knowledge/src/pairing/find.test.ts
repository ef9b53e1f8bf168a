import { describe, expect, it } from 'vitest';
import { readLine } from '../dishes/read-line';
import { alsoCalled } from './also-called';
import { ingredient, ingredients } from './index';
import { cookingNamed, namesOfPart, partNamed } from './find';

const id = (text: string) => partNamed(text)?.id;
describe('a part by a plain word', () => {
  it('is found by its name, in one or in many, and by what it is rather than by what it is of', () => {
    expect([id('oyster'), id('Oysters'), id('rye bread'), id('salted butter'), id('butter beans'), id('red wine vinegar'), id('a lemon')]).toEqual([
      'oysters',
      'oysters',
      'rye-bread',
      'butter',
      id('beans'),
      'vinegar-spoon',
      'citrus-fruit',
    ]);
    expect(id('chimichurri (oil, vinegar, herbs, chilli)')).toBe('chimichurri');
  });
  it('is found by other words of menus and shops: lettuce, salad, toast, chips, burger, brisket', () => {
    for (const word of ['lettuce', 'salad', 'toast', 'chips', 'sweet pickles', 'burger', 'brisket', 'prosciutto', 'aïoli'])
      expect(partNamed(word), word).toBeDefined();
  });
  it('of which the tables know nothing is not guessed', () => {
    for (const word of ['', 'moonlight', 'butter moonlight', 'a table']) expect(partNamed(word), word).toBeUndefined();
  });
  it('stands under one row alone: no other word names two', () => {
    const all = Object.entries(alsoCalled);
    for (const [of] of all) expect(ingredient(of), of).toBeDefined();
    const words = all.flatMap(([, names]) => names.map((name) => name.toLowerCase()));
    // The vegetable and the spice: told apart by how much.
    expect(words.filter((word, i) => words.indexOf(word) !== i)).toEqual(['pepper']);
    for (const row of ingredients) for (const name of namesOfPart(row).slice(1)) expect(partNamed(name, row.portion)?.id, name).toBe(row.id);
  });
  it('of two of one name is the one of which so much is usual; without an amount the one that is a pinch', () => {
    const pepper = (grams?: number) => partNamed('pepper', grams)?.id;
    expect([pepper(), pepper(0), pepper(1), pepper(3), pepper(40), pepper(150)]).toEqual([
      'black-pepper',
      'black-pepper',
      'black-pepper',
      'black-pepper',
      'peppers',
      'peppers',
    ]);
    expect(readLine('150 g pork, 40 g pepper, pineapple').parts.map(({ part }) => part)).toContain('peppers');
    expect(readLine('salt and pepper squid').parts.map(({ part }) => part)).toContain('black-pepper');
  });
  it('ways of cooking likewise', () => {
    expect(['charcoal grilled', 'slow braised', 'fried in oil', 'molten'].map((text) => cookingNamed(text)?.id)).toEqual([
      'grilled',
      'braised',
      'pan-fried',
      undefined,
    ]);
  });
});
