import { fitBands, fitOf, type Fit, type PairingWine } from '@rose/core/pairing/dish-fit';
import { effortOf, inSeason, keepsTo, type Hemisphere, type Needs } from '../kitchen/index';
import {
  cheesesFor,
  dishOf,
  hardest,
  ingredient,
  stayAway,
  wayOfCooking,
  worthOffering,
  type ComposedDish,
  type DishPart,
  type Equipment,
} from '../pairing/index';
import { speaksFor } from '../pairing/choices';
import { courses, rows, type Course, type Row } from './data';

export { courses, type Course };
/** A dish people cook and order, as a list of parts that can be changed. */
export interface EverydayDish {
  readonly id: string;
  readonly name: string;
  readonly cuisine: string;
  readonly course: Course;
  /** What it is made of first. */
  readonly parts: readonly DishPart[];
}

/** @throws when a word is no part, no number and no way of cooking: the table is wrong */
function partOf(written: string): DishPart {
  const [part, ...words] = written.trim().split(' ');
  if (part === undefined || ingredient(part) === undefined) throw new Error(`${written}: no such part`);
  const grams = words.map(Number).find((value) => !Number.isNaN(value));
  const cooked = words.filter((word) => Number.isNaN(Number(word)));
  for (const way of cooked) if (wayOfCooking(way) === undefined) throw new Error(`${written}: no such way of cooking`);
  return { part, ...(grams === undefined ? {} : { grams }), ...(cooked.length === 0 ? {} : { cooked }) };
}
const dishFrom = ([id, name, cuisine, course, parts]: Row): EverydayDish => ({ id, name, cuisine, course, parts: parts.split(';').map(partOf) });
export const everydayDishes: readonly EverydayDish[] = rows.map(dishFrom);
const byId = new Map(everydayDishes.map((dish) => [dish.id, dish]));
export const everydayDish = (id: string): EverydayDish | undefined => byId.get(id);

interface Plate {
  readonly dish: EverydayDish;
  readonly plate: ComposedDish;
}
let composed: readonly Plate[] | undefined;
/** Every dish composed, once a process. */
const plates = (): readonly Plate[] => (composed ??= everydayDishes.map((dish) => ({ dish, plate: dishOf(dish.parts) })));

/** Something to eat with a wine, how it fits, and the reason that says most. */
export interface Food {
  readonly id: string;
  readonly name: string;
  readonly cuisine: string;
  readonly fit: number;
  readonly because: Fit['reasons'][number];
}
/** What narrows the dishes that are offered. */
export interface Narrowed {
  /** Parts that are in the fridge: dishes that use one and lack little. */
  readonly have?: readonly string[] | undefined;
  readonly needs?: Needs | undefined;
  /** From the first cut to the plate. */
  readonly minutes?: number | undefined;
  /** 1–12, with the hemisphere: nothing that is out of season then. */
  readonly month?: number | undefined;
  readonly hemisphere?: Hemisphere | undefined;
  readonly cuisine?: string | undefined;
  /** What there is in the kitchen; absent: all of it. */
  readonly equipment?: readonly Equipment[] | undefined;
}
/** A dish out of what there is, with what has to be bought. */
export interface FromFridge extends Food {
  readonly lacks: readonly string[];
}
export interface FoodFor {
  readonly byCourse: Readonly<Record<Course, readonly Food[]>>;
  readonly cheeses: readonly Food[];
  /** The worst, one a mistake. */
  readonly avoid: readonly Food[];
  /** Dishes that use what there is, the least to buy first. */
  readonly fromFridge: readonly FromFridge[];
}
/** What every kitchen has: nobody counts it as lacking. Common practice. */
const larder: ReadonlySet<string> = new Set([
  'olive-oil',
  'neutral-oil',
  'butter',
  'sea-salt',
  'black-pepper',
  'sugar',
  'vinegar-spoon',
  'lemon-juice',
  'mustard-spoon',
  'garlic',
  'onions',
  'dried-herbs',
  'flour',
  'chilli-flakes',
  'warm-spices',
  'honey-spoon',
  'parsley',
]);
/** Of what a dish needs beyond the larder, how many may be lacking. */
const mostLacking = 2;
function narrowed(all: readonly Plate[], { needs, minutes, month, hemisphere, cuisine, equipment }: Narrowed): readonly Plate[] {
  return all.filter(({ dish: { parts, cuisine: own } }) => {
    if (cuisine !== undefined && own !== cuisine) return false;
    if (needs !== undefined && keepsTo(parts, needs).breaks.length > 0) return false;
    if (month !== undefined && !parts.every(({ part }) => inSeason(part, month, hemisphere))) return false;
    if (minutes === undefined && equipment === undefined) return true;
    const effort = effortOf(parts);
    return (minutes === undefined || effort.minutes <= minutes) && (equipment === undefined || effort.needs.every((need) => equipment.includes(need)));
  });
}
/** The dishes that keep to what was asked, each with its plate. */
export const platesOf = (narrow: Narrowed): readonly Plate[] => narrowed(plates(), narrow);
/** How many a course, of cheeses, and to avoid. */
const mostOf = { course: 3, cheese: 2, avoid: 3, fridge: 8 } as const;
/** From here a pair goes. */
export const goesFrom = fitBands.find(({ id }) => id === 'fair')!.least;

/** What to eat with a wine: dishes by course that are worth offering, no two of one base, best first; cheeses; and what to stay away from with the mistake behind it. */
export function foodFor(wine: PairingWine, narrow: Narrowed = {}): FoodFor {
  const food = ({ id, name, cuisine }: Pick<EverydayDish, 'id' | 'name' | 'cuisine'>, fit: Fit, because: Food['because']): Food => ({
    id,
    name,
    cuisine,
    fit: fit.fit,
    because,
  });
  const ranked = platesOf(narrow)
    .map(({ dish, plate }) => ({ dish, fit: fitOf(plate, wine) }))
    .sort((a, b) => b.fit.fit - a.fit.fit || (a.dish.id < b.dish.id ? -1 : 1));
  const best = (course: Course): readonly Food[] => {
    const bases = new Set<string>();
    return ranked
      .filter(({ dish, fit }) => dish.course === course && fit.fit >= worthOffering)
      .filter(({ dish }) => {
        const base = dish.parts[0]!.part;
        return bases.has(base) ? false : bases.add(base);
      })
      .slice(0, mostOf.course)
      .map(({ dish, fit }) => food(dish, fit, speaksFor(fit)));
  };
  const have = new Set(narrow.have);
  const fromFridge = ranked
    .flatMap(({ dish, fit }): readonly FromFridge[] => {
      const main = dish.parts.filter(({ part }) => !larder.has(part));
      const lacks = main.filter(({ part }) => !have.has(part)).map(({ part }) => ingredient(part)!.name);
      // A dish is of what it is made of first.
      const uses = main.some(({ part }) => have.has(part) && ingredient(part)!.kind === 'base');
      return !uses || lacks.length > mostLacking || fit.fit < goesFrom ? [] : [{ ...food(dish, fit, speaksFor(fit)), lacks }];
    })
    .sort((a, b) => a.lacks.length - b.lacks.length || b.fit - a.fit)
    .slice(0, mostOf.fridge);
  const mistakes = new Map<string, Food>();
  // Nobody needs to be told of a dessert first.
  const worst = ranked.toReversed();
  for (const { dish, fit } of [...worst.filter((entry) => entry.dish.course !== 'sweet'), ...worst.filter((entry) => entry.dish.course === 'sweet')]) {
    const because = hardest(fit);
    if (fit.fit < stayAway && !mistakes.has(because.id)) mistakes.set(because.id, food(dish, fit, because));
  }
  return {
    byCourse: { bite: best('bite'), starter: best('starter'), main: best('main'), sweet: best('sweet') },
    cheeses: cheesesFor(wine)
      .filter(({ cheese }) => narrow.needs === undefined || keepsTo([{ part: cheese.id }], narrow.needs).breaks.length === 0)
      .slice(0, mostOf.cheese)
      .map(({ cheese, fit }) => food({ ...cheese, cuisine: '' }, fit, speaksFor(fit))),
    avoid: [...mistakes.values()].slice(0, mostOf.avoid),
    fromFridge,
  };
}
