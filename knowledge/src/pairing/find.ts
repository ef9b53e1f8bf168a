import { fold } from '@rose/core/wine/search-folding';
import { cheeseFacts } from '../cheeses/index';
import { alsoCalled, cookedAlso } from './also-called';
import { cooking, type WayOfCooking } from './cooking';
import { ingredients } from './data';
import type { Ingredient } from './part';

/** A word as it is counted: "tomatoes" and "berries" as one. */
const singular = (word: string): string =>
  // Pepper is ground and green a colour; peppers and greens are eaten.
  word === 'peppers' || word === 'greens'
    ? word
    : word
        .replace(/ies$/, 'y')
        .replace(/(ch|sh|x|s|o)es$/, '$1')
        .replace(/([^s])s$/, '$1');
/** The words of a text as they are compared. What stands in brackets says of what it is made, not what it is. */
export const wordsOf = (text: string): readonly string[] =>
  fold(text.replace(/\([^)]*\)/g, ' ').replace(/\d+ ?%/g, ' '))
    .split(' ')
    .filter(Boolean)
    .map(singular);
/** What a row is called: "lard or dripping" is either. */
const namesOf = (name: string): readonly string[] => name.split(' or ');

const ofCheeses = new Map(cheeseFacts.map(({ id, also }) => [id, also]));
/** All names of a part, its own first. */
export const namesOfPart = ({ id, name }: Pick<Ingredient, 'id' | 'name'>): readonly string[] => [
  name,
  ...(alsoCalled[id] ?? []),
  ...(ofCheeses.get(id) ?? []),
];
const namesOfWay = ({ id, name }: Pick<WayOfCooking, 'id' | 'name'>): readonly string[] => [name, ...(cookedAlso[id] ?? [])];

/** A row by one of its names, as words. */
export interface Named<T> {
  readonly row: T;
  readonly words: readonly string[];
}
const named = <T extends { readonly id: string; readonly name: string }>(rows: readonly T[], names: (row: T) => readonly string[]): readonly Named<T>[] =>
  rows.flatMap((row) => {
    const [own, ...others] = names(row);
    return [...namesOf(own!), ...others].map((name) => ({ row, words: wordsOf(name) })).filter(({ words }) => words.length > 0);
  });
export const namedParts = named(ingredients, namesOfPart);
export const namedWays = named(cooking, namesOfWay);

/**
 * The rows a text names: all words of one of its names are in the text, and the last of them, which says what it is, is the text's own last. The longest name that
 * does so, several where they share it; none where none does.
 */
function called<T>(all: readonly Named<T>[], text: string): readonly T[] {
  const said = wordsOf(text);
  const fitting = all.filter(({ words }) => words.at(-1) === said.at(-1) && words.every((word) => said.includes(word)));
  const longest = Math.max(0, ...fitting.map(({ words }) => words.length));
  return fitting.filter(({ words }) => words.length === longest).map(({ row }) => row);
}
/**
 * Of parts that share a name, the one whose usual amount is nearer to what is given: 40 g of pepper are the vegetable, 1 g is the spice. Where nothing is given, the
 * one of which less is usual.
 */
export const ofAmount = <T extends Pick<Ingredient, 'portion'>>(rows: readonly T[], grams: number | undefined): T | undefined => {
  const far = (row: T) => (grams === undefined || grams <= 0 ? row.portion : Math.abs(Math.log(row.portion / grams)));
  return rows.reduce<T | undefined>((best, row) => (best === undefined || far(row) < far(best) ? row : best), undefined);
};
/** The part of a dish a plain word names: "rye bread" is dark rye bread; undefined for one the tables do not have. */
export const partNamed = (text: string, grams?: number): Ingredient | undefined => ofAmount(called(namedParts, text), grams);
/** The way of cooking a plain word names: "charcoal grilled" is grilled, "fried in oil" is fried. */
export const cookingNamed = (text: string): WayOfCooking | undefined => called(namedWays, text)[0] ?? called(namedWays, text.replace(/ in .*/, ''))[0];
