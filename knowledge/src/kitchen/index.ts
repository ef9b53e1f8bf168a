import type { DishMark } from '@rose/core/pairing/dish';
import {
  allergens,
  ingredient,
  swappable,
  dishOf,
  ingredients,
  wayOfCooking,
  waysDone,
  type Allergen,
  type DishPart,
  type Equipment,
  type Ingredient,
  type WayOfCooking,
} from '../pairing/index';
import { dishAxes } from '@rose/core/pairing/dish';
import { cheap, coldCuts, costly, insteadOfCheese, insteadOfMeat, likeFoods, mayComeFrom, mayHold, onlyIfAsked, origins, seasons, type Origin } from './data';

const flesh: readonly DishMark[] = ['redMeat', 'whiteMeat'];
type Source = Origin | 'milk' | 'eggs';
type Answer = 'yes' | 'maybe' | 'no';
/** Allergens that tell by themselves where a part comes from. */
const toldBy: Readonly<Partial<Record<Source, readonly Allergen[]>>> = {
  sea: ['fish', 'crustaceans', 'molluscs'],
  shellfish: ['crustaceans', 'molluscs'],
  milk: ['milk'],
  eggs: ['eggs'],
};
const listedIn = (table: Readonly<Partial<Record<Source, readonly string[]>>>, source: Source, part: string) => table[source]?.includes(part) === true;

/** Whether a part comes from something, as far as its name tells. */
function comesFrom(part: Ingredient, source: Source): Answer {
  const told = toldBy[source] ?? [];
  if (told.some((one) => part.allergens.includes(one)) || listedIn(origins, source, part.id)) return 'yes';
  if (source === 'meat' && part.marks.some((mark) => flesh.includes(mark))) return 'yes';
  return told.some((one) => mayHold[part.id]?.includes(one)) || listedIn(mayComeFrom, source, part.id) ? 'maybe' : 'no';
}

/** A way of eating: what it leaves out. What religion asks of slaughter and kitchen no list of parts can tell. */
export const diets = {
  vegetarian: { name: 'vegetarian', without: ['meat', 'sea'] },
  vegan: { name: 'vegan', without: ['meat', 'sea', 'milk', 'eggs', 'honey'] },
  pescatarian: { name: 'fish but no meat', without: ['meat'] },
  'no-fish': { name: 'no fish or seafood', without: ['sea'] },
  'no-pork': { name: 'no pork', without: ['pork'] },
  'no-beef': { name: 'no beef', without: ['beef'] },
  'no-alcohol': { name: 'no alcohol in the food', without: ['alcohol'] },
  halal: { name: 'halal, as far as parts tell', without: ['pork', 'alcohol'] },
  kosher: { name: 'kosher, as far as parts tell', without: ['pork', 'shellfish'] },
} as const satisfies Record<string, { readonly name: string; readonly without: readonly Source[] }>;
export type Diet = keyof typeof diets;

/** What a guest must not be given. */
export interface Needs {
  readonly allergens: readonly Allergen[];
  readonly diets: readonly Diet[];
}
/** Why a part is not for somebody: "lamb: vegetarian", "bread: cereals with gluten". */
export interface Against {
  readonly part: string;
  /** Where in the list it stands. */
  readonly at: number;
  readonly why: string;
}
export interface Kept {
  readonly breaks: readonly Against[];
  /** What depends on the maker or the cook: "may hold" is not "holds". */
  readonly ask: readonly Against[];
}
const sourceName: Readonly<Record<Source, string>> = {
  meat: 'meat',
  sea: 'fish or seafood',
  shellfish: 'shellfish',
  milk: 'milk',
  eggs: 'eggs',
  honey: 'honey',
  pork: 'pork',
  beef: 'beef',
  alcohol: 'alcohol',
};

/** What a way of cooking puts on a part that a guest must not be given: flour and egg under a crust. */
const againstWay = (way: WayOfCooking, needs: Needs): readonly string[] => {
  const sources = needs.diets.flatMap((diet): readonly Source[] => diets[diet].without);
  return [
    ...needs.allergens.filter((one) => way.allergens.includes(one)).map((one) => allergens[one]),
    ...sources.filter((source) => toldBy[source]?.some((one) => way.allergens.includes(one)) === true).map((source) => sourceName[source]),
  ];
};
/** Whether a dish keeps to what a guest needs, part by part and way by way. A part nobody knows has to be asked about. */
export function keepsTo(parts: readonly DishPart[], needs: Needs): Kept {
  const breaks: Against[] = [];
  const ask: Against[] = [];
  for (const [at, entry] of parts.entries()) {
    const { part, grams } = entry;
    if (grams === 0 || wayOfCooking(part) !== undefined) continue;
    const found = ingredient(part);
    if (found === undefined) {
      if (needs.allergens.length > 0 || needs.diets.length > 0) ask.push({ part, at, why: 'not known here' });
      continue;
    }
    for (const allergen of needs.allergens) {
      if (found.allergens.includes(allergen)) breaks.push({ part, at, why: allergens[allergen] });
      else if (mayHold[part]?.includes(allergen)) ask.push({ part, at, why: allergens[allergen] });
    }
    for (const diet of needs.diets)
      for (const source of diets[diet].without) {
        const answer = comesFrom(found, source);
        if (answer !== 'no') (answer === 'yes' ? breaks : ask).push({ part, at, why: sourceName[source] });
      }
    for (const way of waysDone(parts, entry)) breaks.push(...againstWay(way, needs).map((why) => ({ part: way.id, at, why })));
  }
  // Meat and milk on one plate.
  if (needs.diets.includes('kosher')) {
    const has = (source: Source) =>
      parts.flatMap(({ part }, at) => (ingredient(part) !== undefined && comesFrom(ingredient(part)!, source) === 'yes' ? [{ part, at }] : []));
    const [meat, milk] = [has('meat'), has('milk')];
    if (meat.length > 0) breaks.push(...milk.map(({ part, at }) => ({ part, at, why: 'milk with meat' })));
  }
  const once = (list: readonly Against[]) => list.filter((one, i) => list.findIndex((other) => other.at === one.at && other.why === one.why) === i);
  return { breaks: once(breaks), ask: once(ask) };
}

/** How far two parts are apart in what they bring, 0–100. */
const apart = (a: Ingredient, b: Ingredient): number =>
  Math.sqrt(dishAxes.reduce((sum, axis) => sum + ((a.taste[axis] ?? 0) - (b.taste[axis] ?? 0)) ** 2, 0) / dishAxes.length);
const onPlate = (ids: readonly string[]): readonly Ingredient[] => ids.flatMap((id) => ingredient(id) ?? []);
const isCheese = ({ marks, kind }: Ingredient) => kind === 'base' && marks.includes('cheese');
/** What has a list of its own goes by it: a filled dumpling is no cut of meat. */
const listOf = (id: string): readonly Ingredient[] => likeFoods.filter((list) => list.includes(id)).flatMap(onPlate);
const isFleshOrFish = (part: Ingredient) =>
  part.kind === 'base' && listOf(part.id).length === 0 && (comesFrom(part, 'meat') === 'yes' || comesFrom(part, 'sea') === 'yes');
/** A sauce for a few spoons is not swapped for one for a ladle. */
const alike = (a: Ingredient, b: Ingredient) => b.portion >= a.portion * 0.4 && b.portion <= a.portion * 2.5;
/** Parts that stand in for another without making another dish, the likeliest set first: the next is looked at where none of it will do. */
function standIns(part: Ingredient): readonly (readonly Ingredient[])[] {
  if (isFleshOrFish(part))
    return [
      [
        ...ingredients.filter(
          (one) => isFleshOrFish(one) && !onlyIfAsked.includes(one.id) && alike(part, one) && coldCuts.includes(one.id) === coldCuts.includes(part.id),
        ),
        ...onPlate(insteadOfMeat),
      ],
    ];
  if (isCheese(part)) return [[...ingredients.filter(isCheese), ...onPlate(insteadOfCheese)]];
  return [listOf(part.id), onPlate(swappable(part.id)).filter((one) => alike(part, one))];
}

/** The way that stands in for one with flour or egg. */
const withoutCrust = 'pan-fried';

export interface Adapted {
  /** The dish for this guest; undefined when no swap keeps its shape. */
  readonly parts: readonly DishPart[] | undefined;
  readonly swaps: readonly { readonly out: string; readonly into: string | undefined }[];
  readonly ask: readonly Against[];
}
/**
 * A dish for a guest with needs: each part that breaks one is swapped for the nearest of its kind that does not; a garnish or a seasoning with none is left out.
 */
export function adapt(asked: readonly DishPart[], needs: Needs): Adapted {
  const swaps: { out: string; into: string | undefined }[] = [];
  // First the fire: what was to be fried in a crust is fried without one.
  const without = (id: string): string => {
    const way = wayOfCooking(id);
    if (way === undefined || againstWay(way, needs).length === 0) return id;
    if (!swaps.some(({ out }) => out === id)) swaps.push({ out: id, into: withoutCrust });
    return withoutCrust;
  };
  const parts = asked.map((entry) => ({ ...entry, part: without(entry.part), ...(entry.cooked === undefined ? {} : { cooked: entry.cooked.map(without) }) }));
  const { breaks } = keepsTo(parts, needs);
  const broken = new Set(breaks.map(({ at }) => at));
  const made: DishPart[] = [];
  for (const [at, entry] of parts.entries()) {
    if (!broken.has(at)) {
      made.push(entry);
      continue;
    }
    const row = ingredient(entry.part)!;
    const rest = parts.slice(at + 1).filter((_, i) => !broken.has(at + 1 + i));
    const keeps = (id: string) =>
      keepsTo([{ part: id }], needs).ask.length === 0 && keepsTo([...made, { part: id }, ...rest], needs).breaks.every((one) => one.at !== made.length);
    const others = standIns(row).map((set) =>
      set
        .filter(({ id }) => id !== row.id && !parts.some(({ part }) => part === id) && !made.some(({ part }) => part === id) && keeps(id))
        .map((one) => ({ one, far: apart(row, one) }))
        .sort((a, b) => a.far - b.far || (a.one.id < b.one.id ? -1 : 1)),
    );
    const best = others.find((set) => set.length > 0)?.[0];
    const spare = row.kind === 'garnish' || row.kind === 'seasoning';
    if (best !== undefined) {
      swaps.push({ out: entry.part, into: best.one.id });
      made.push({
        part: best.one.id,
        ...(entry.grams === undefined ? {} : { grams: Math.round((entry.grams * best.one.portion) / row.portion) }),
        ...(entry.cooked === undefined ? {} : { cooked: entry.cooked }),
      });
    } else if (spare) swaps.push({ out: entry.part, into: undefined });
    else return { parts: undefined, swaps: [], ask: [] };
  }
  return { parts: made, swaps, ask: keepsTo(made, needs).ask };
}
export const hemispheres = { north: 'north', south: 'south' } as const;
export type Hemisphere = keyof typeof hemispheres;
/** Whether a part is in season in a month, 1–12. What has no season is had all the year. */
export function inSeason(part: string, month: number, hemisphere: Hemisphere = 'north'): boolean {
  const season = seasons[part];
  if (season === undefined) return true;
  const at = hemisphere === 'north' ? month : ((month + 5) % 12) + 1;
  const [from, to] = season;
  return from <= to ? at >= from && at <= to : at >= from || at <= to;
}
/** 1 costs little, 3 is dear. */
export const costClass = (part: string): 1 | 2 | 3 => (costly.includes(part) ? 3 : cheap.includes(part) ? 1 : 2);

/** What a dish asks of a kitchen, from what is done to its parts. */
export interface Effort {
  /** Minutes of a cook’s hands for a few guests. */
  readonly hands: number;
  /** Minutes from the first cut to the plate. */
  readonly minutes: number;
  readonly needs: readonly Equipment[];
  readonly cost: 1 | 2 | 3;
}
/** Minutes a part takes that nothing is done to: to wash, cut and lay out. */
const cutting: Readonly<Record<Ingredient['kind'], number>> = { base: 5, side: 4, sauce: 3, garnish: 1, fat: 0, seasoning: 0 };
const sidesCooked: Readonly<Record<string, string>> = {
  potatoes: 'boiled',
  rice: 'boiled',
  mash: 'boiled',
  pasta: 'boiled',
  'egg-pasta': 'boiled',
  risotto: 'boiled',
  noodles: 'boiled',
  polenta: 'boiled',
};
export function effortOf(parts: readonly DishPart[]): Effort {
  let hands = 0;
  let minutes = 0;
  const needs = new Set<Equipment>();
  let dear = 0;
  for (const entry of parts) {
    const { part, grams } = entry;
    const row = ingredient(part);
    if (row === undefined || grams === 0) continue;
    hands += cutting[row.kind];
    const done = waysDone(parts, entry);
    const ways = done.length > 0 || entry.cooked !== undefined ? done : [wayOfCooking(sidesCooked[part] ?? '') ?? []].flat();
    let own = cutting[row.kind];
    for (const way of ways) {
      hands += way.hands;
      own += way.minutes;
      if (way.needs !== undefined) needs.add(way.needs);
    }
    minutes = Math.max(minutes, own);
    dear = Math.max(dear, row.kind === 'base' ? costClass(part) : costClass(part) === 3 ? 2 : 1);
  }
  return { hands, minutes: Math.max(minutes, hands), needs: [...needs], cost: (dear === 0 ? 1 : dear) as 1 | 2 | 3 };
}

/** A dish as a cook and a guest with needs see it together. */
export const plateAllergens = (parts: readonly DishPart[]): { readonly holds: readonly Allergen[]; readonly mayHold: readonly Allergen[] } => {
  const holds = dishOf(parts).allergens as readonly Allergen[];
  const may = parts.flatMap(({ part, grams }) => (grams === 0 ? [] : (mayHold[part] ?? [])));
  return { holds, mayHold: [...new Set(may)].filter((one) => !holds.includes(one)) };
};
