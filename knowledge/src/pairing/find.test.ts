import { describe, expect, it } from 'vitest';
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
    expect(words.filter((word, i) => words.indexOf(word) !== i)).toEqual([]);
    for (const row of ingredients) for (const name of namesOfPart(row).slice(1)) expect(partNamed(name)?.id, name).toBe(row.id);
  });
  it('ways of cooking likewise', () => {
    expect([cookingNamed('charcoal grilled')?.id, cookingNamed('slow braised')?.id, cookingNamed('molten')]).toEqual(['grilled', 'braised', undefined]);
  });
});
