import type { Cooking } from '@rose/core/pairing/dish';
import { fold } from '@rose/core/wine/search-folding';
import { alsoCalled } from './also-called';
import { cooking, ingredients, type Ingredient } from './data';

/** A word as it is counted: "tomatoes" and "berries" as one. */
const singular = (word: string): string =>
  word
    .replace(/ies$/, 'y')
    .replace(/(ch|sh|x|s|o)es$/, '$1')
    .replace(/([^s])s$/, '$1');
/** What stands in brackets says of what it is made, not what it is. */
const wordsOf = (text: string): readonly string[] =>
  fold(text.replace(/\([^)]*\)/g, ' ').replace(/\d+ ?%/g, ' '))
    .split(' ')
    .filter(Boolean)
    .map(singular);
/** What a row is called: "lard or dripping" is either. */
const namesOf = (name: string): readonly (readonly string[])[] => name.split(/,| and | or /).map(wordsOf);

interface Named<T> {
  readonly row: T;
  readonly words: readonly string[];
}
const named = <T extends { readonly id: string; readonly name: string }>(rows: readonly T[]): readonly Named<T>[] =>
  rows.flatMap((row) => [...namesOf(row.name), ...(alsoCalled[row.id] ?? []).map(wordsOf)].map((words) => ({ row, words })));
/**
 * The row a text names: all words of one of its names are in the text, and the last of them, which says what it is, is the text's own last. The longest name that
 * does so; undefined where none does.
 */
function called<T>(all: readonly Named<T>[], text: string): T | undefined {
  const said = wordsOf(text);
  const fitting = all.filter(({ words }) => words.length > 0 && words.at(-1) === said.at(-1) && words.every((word) => said.includes(word)));
  return fitting.toSorted((a, b) => b.words.length - a.words.length)[0]?.row;
}
/** All names of a part, its own first. */
export const namesOfPart = ({ id, name }: Pick<Ingredient, 'id' | 'name'>): readonly string[] => [name, ...(alsoCalled[id] ?? [])];
const parts = named(ingredients);
const ways = named(cooking);

/** The part of a dish a plain word names: "rye bread" is bread; undefined for one the tables do not have. */
export const partNamed = (text: string): Ingredient | undefined => called(parts, text);
/** The way of cooking a plain word names: "charcoal grilled" is grilled. */
export const cookingNamed = (text: string): Cooking | undefined => called(ways, text);
