import { fitOf } from '@rose/core/pairing/dish-fit';
import { dishOf, styleWine, worthOffering, type DishPart } from '../src/pairing/index';
import { cookingNamed, partNamed, wordsOf } from '../src/pairing/find';
import { examples } from '../src/styles/examples';
import { generalStyles, isFortified, styleOf, type GeneralStyle } from '../src/styles/index';
import type { DishCase, WineWords } from './cases';
import type { Expectation, Group } from './score';

/** How far from the border of a class a reading may lie and count for both, of 100. Sugar is told apart strictly: off-dry is not dry. */
const grace = 3;
const inClasses = (value: number, [least, most]: readonly [number, number], either = grace): boolean =>
  value >= (least - 1) * 20 - either && (most === 5 || value < most * 20 + either);
const oaks = { none: [0, 15], some: [15, 50], much: [50, 101] } as const;
const bubblesOf = ({ loads }: GeneralStyle): 'still' | 'light' | 'sparkling' => (loads.bubbles >= 40 ? 'sparkling' : loads.bubbles >= 10 ? 'light' : 'still');
const readings = ['acidity', 'tannin', 'alcohol', 'body', 'intensity'] as const;

/** A style of wines that have lain for years. */
const isMature = ({ name }: GeneralStyle): boolean => /mature|aged|veil|keeping/.test(name);
/** Those that are so, where any is. */
const rather = (styles: readonly GeneralStyle[], so: (style: GeneralStyle) => boolean): readonly GeneralStyle[] => {
  const left = styles.filter(so);
  return left.length === 0 ? styles : left;
};
/** The styles our own tables give a wine of one of these grapes. */
function stylesOfGrapes(names: readonly string[], colours: readonly string[]): ReadonlySet<string> {
  return new Set(
    names.flatMap((grape) =>
      colours.map((colour) => {
        const { style, unknown } = styleOf({
          colour: { value: colour === 'rosé' ? 'rose' : (colour as 'white' | 'amber' | 'red'), origin: 'label' },
          bubbles: { value: 'still', origin: 'label' },
          grapes: { value: [{ grape, share: { kind: 'exact', percent: 100 } }], origin: 'label' },
        });
        return unknown ? '' : style.id;
      }),
    ),
  );
}

/** Whether a style is met as a wine of one of these places, by our own table of what styles are met as. */
function metAs({ id }: GeneralStyle, places: readonly string[]): boolean {
  const names = ` ${wordsOf(examples[id] ?? '').join(' ')} `;
  return places.some((place) => names.includes(` ${wordsOf(place).join(' ')} `));
}

/** The general styles a phrase for a wine may mean: those whose readings lie in what the phrase fixes, of its grapes, place and age where it names them. */
export function stylesMeant(words: WineWords): readonly GeneralStyle[] {
  if (words.skip === true) return [];
  const within = generalStyles.filter((style) => {
    const { loads } = style;
    if (style.id.startsWith('no-alcohol')) return false;
    if (words.colour !== undefined && !words.colour.map((colour) => (colour === 'rosé' ? 'rose' : colour)).includes(style.colour)) return false;
    if (words.bubbles !== undefined && !words.bubbles.includes(bubblesOf(style))) return false;
    if (words.fortified !== undefined && words.fortified !== isFortified(style)) return false;
    if (words.sweetness !== undefined && !inClasses(loads.sweetness, words.sweetness, 0)) return false;
    if (words.flor === true && !style.name.includes('veil')) return false;
    if (words.oak !== undefined && (loads.oak < oaks[words.oak][0] || loads.oak >= oaks[words.oak][1])) return false;
    return readings.every((reading) => words[reading] === undefined || inClasses(loads[reading], words[reading]));
  });
  // Nobody means an old wine without saying so.
  const aged = words.fortified === true ? within : rather(within, (style) => isMature(style) === (words.age === 'mature' || words.flor === true));
  const own = words.grapes === undefined ? undefined : stylesOfGrapes(words.grapes, words.colour ?? ['white', 'red']);
  const ofGrapes = own === undefined ? aged : rather(aged, (style) => own.has(style.id));
  return words.places === undefined ? ofGrapes : rather(ofGrapes, (style) => metAs(style, words.places!));
}

const waysMeant = (words: string) => [...new Set(words.split(',').flatMap((word) => cookingNamed(word)?.id ?? []))];
/** The parts of a dish as the tables find them, each with what is done to it, and the words they do not. */
export function partsMeant({ parts, cooking }: Pick<DishCase, 'parts' | 'cooking'>): { readonly parts: readonly DishPart[]; readonly lost: readonly string[] } {
  const found = parts.map(({ food, grams, cooking: own }) => ({ food, grams, row: partNamed(food, grams), ways: own === undefined ? [] : waysMeant(own) }));
  return {
    parts: [
      ...found.flatMap(({ row, grams, ways }) => (row === undefined ? [] : [{ part: row.id, grams, ...(ways.length === 0 ? {} : { cooked: ways }) }])),
      ...waysMeant(cooking).map((part) => ({ part })),
    ],
    lost: found.flatMap(({ row, food }) => (row === undefined ? [food] : [])),
  };
}

/** The share of pairs one ranking of styles would get for every dish, per cent: each style by its mean fit over all of them. */
export function pairsByOneRanking(dishes: readonly DishCase[], wineWords: Readonly<Record<string, WineWords>>): number {
  const plates = dishes.map((dish) => dishOf(partsMeant(dish).parts));
  const mean = new Map(generalStyles.map((style) => [style.id, plates.reduce((sum, plate) => sum + fitOf(plate, styleWine(style)).fit, 0) / plates.length]));
  const score = (phrase: string): number | undefined => {
    const meant = stylesMeant(wineWords[phrase] ?? { skip: true });
    return meant.length === 0 ? undefined : meant.reduce((sum, style) => sum + mean.get(style.id)!, 0) / meant.length;
  };
  const pairs = dishes.flatMap((dish) => dish.good.flatMap((good) => dish.poor.map((poor) => [score(good), score(poor.words)] as const)));
  return Math.round((1000 * pairs.filter(([good, poor]) => good !== undefined && poor !== undefined && good > poor).length) / pairs.length) / 10;
}

/** What the trade says of a dish: which wines are above which, which is among the best, and what is no fit. */
export function judgeDish(dish: DishCase, wineWords: Readonly<Record<string, WineWords>>): readonly Expectation[] {
  const { parts, lost } = partsMeant(dish);
  const plate = dishOf(parts);
  const fits = new Map(generalStyles.map((style) => [style.id, fitOf(plate, styleWine(style)).fit]));
  const ranked = [...fits.values()].sort((a, b) => b - a);
  const firstFifth = ranked[Math.floor(ranked.length / 5)]!;
  /** The mean fit of the styles a phrase means. */
  const score = (phrase: string): number | undefined => {
    const meant = stylesMeant(wineWords[phrase] ?? { skip: true });
    return meant.length === 0 ? undefined : meant.reduce((sum, style) => sum + fits.get(style.id)!, 0) / meant.length;
  };
  const one = (group: Group, what: string, right: boolean, wanted: string, said: string, notPlaced?: string): Expectation => ({
    group,
    key: `${dish.id} ${what}`,
    right: right ? 1 : 0,
    certainty: dish.certainty,
    wanted,
    said,
    ...(notPlaced === undefined ? {} : { notPlaced }),
  });
  const shown = (value: number | undefined) => (value === undefined ? '–' : value.toFixed(0));
  const found = dish.parts.map(({ food }) =>
    one('dish parts', food, !lost.includes(food), food, partNamed(food)?.name ?? 'not found', lost.includes(food) ? food : undefined),
  );
  const pairs = dish.good.flatMap((good) =>
    dish.poor.map((poor) => {
      const [better, worse] = [score(good), score(poor.words)];
      const missing = better === undefined ? good : worse === undefined ? poor.words : undefined;
      return one(
        'dish pairs',
        `${good} / ${poor.words}`,
        missing === undefined && better! > worse!,
        `${good} above ${poor.words}`,
        `${shown(better)} and ${shown(worse)}`,
        missing,
      );
    }),
  );
  const best = dish.good.slice(0, dish.best === undefined ? 0 : 1).map((good) => {
    const meant = stylesMeant(wineWords[good] ?? { skip: true });
    const top = Math.max(...meant.map((style) => fits.get(style.id)!));
    return one(
      'dish classics',
      'best',
      top >= firstFifth,
      `${dish.best} in the first fifth, ${shown(firstFifth)} and above`,
      meant.length === 0 ? 'no style' : shown(top),
      meant.length === 0 ? good : undefined,
    );
  });
  const clashes = dish.poor
    .filter((poor) => poor.kind === 'clash')
    .map((poor) => {
      const value = score(poor.words);
      return one(
        'dish clashes',
        `clash ${poor.words}`,
        value !== undefined && value < worthOffering,
        `${poor.words} is no fit`,
        shown(value),
        value === undefined ? poor.words : undefined,
      );
    });
  return [...found, ...pairs, ...best, ...clashes];
}
