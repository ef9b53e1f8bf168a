import { fitOf, type Fit, type PairingWine } from '@rose/core/pairing/dish-fit';
import { cheesesFor, dishOf, hardest, ingredient, stayAway, wayOfCooking, worthOffering, type ComposedDish, type DishPart } from '../pairing/index';
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
export interface FoodFor {
  readonly byCourse: Readonly<Record<Course, readonly Food[]>>;
  readonly cheeses: readonly Food[];
  /** The worst, one a mistake. */
  readonly avoid: readonly Food[];
}
/** How many a course, of cheeses, and to avoid. */
const mostOf = { course: 3, cheese: 2, avoid: 3 } as const;

/** What to eat with a wine: dishes by course that are worth offering, no two of one base, best first; cheeses; and what to stay away from with the mistake behind it. */
export function foodFor(wine: PairingWine): FoodFor {
  const food = ({ id, name, cuisine }: Pick<EverydayDish, 'id' | 'name' | 'cuisine'>, fit: Fit, because: Food['because']): Food => ({
    id,
    name,
    cuisine,
    fit: fit.fit,
    because,
  });
  const ranked = plates()
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
      .slice(0, mostOf.cheese)
      .map(({ cheese, fit }) => food({ ...cheese, cuisine: '' }, fit, speaksFor(fit))),
    avoid: [...mistakes.values()].slice(0, mostOf.avoid),
  };
}
