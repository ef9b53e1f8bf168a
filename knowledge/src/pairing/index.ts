import { composeDish, dishAxes, type Component, type Dish } from '@rose/core/pairing/dish';
import { fitClass, fitOf, rankFits, type Fit, type FitClass, type PairingWine } from '@rose/core/pairing/dish-fit';
import { noLeaning, type Leaning } from '@rose/core/pairing/leaning';
import type { Loads } from '@rose/core/wine/profile';
import { homesOf } from '../styles/homes';
import { generalStyles, generalStyle, isFortified, type GeneralStyle } from '../styles/general';
import { cooking, equipment, type Equipment, type WayOfCooking } from './cooking';
import { ingredients } from './data';
import { allergens, partKinds, type Allergen, type Ingredient, type PartKind } from './part';
import { swapFamilies } from './swaps';

export { allergens, cooking, equipment, ingredients, partKinds, type Allergen, type Equipment, type Ingredient, type PartKind, type WayOfCooking };

const ingredientById = new Map(ingredients.map((entry) => [entry.id, entry]));
const cookingById = new Map(cooking.map((entry) => [entry.id, entry]));
export const ingredient = (id: string): Ingredient | undefined => ingredientById.get(id);
export const wayOfCooking = (id: string): WayOfCooking | undefined => cookingById.get(id);

/** A part of a dish by id; grams a guest, the ingredient's usual portion when not given. A way of cooking has no grams: it is done to the bases of the plate. */
export interface DishPart {
  readonly part: string;
  readonly grams?: number | undefined;
  /** Ways of cooking, by id, that are done to this part; then those of the plate are not. */
  readonly cooked?: readonly string[] | undefined;
}

/** A dish, with what of its list was not known, and what each row of the list gives. */
export interface ComposedDish extends Dish {
  readonly unknown: readonly string[];
  readonly shares: readonly (Dish['shares'][number] & { readonly at: number })[];
}
/** What is done to a row of a dish: its own ways, else, to a base, those that stand as rows. */
export const waysDone = (parts: readonly DishPart[], { part, cooked }: DishPart): readonly WayOfCooking[] =>
  (cooked ?? (ingredientById.get(part)?.kind === 'base' ? parts.map((one) => one.part) : [])).flatMap((id) => cookingById.get(id) ?? []);
/** Composes a dish from part ids. Unknown ids are left out and named. */
export function dishOf(parts: readonly DishPart[]): ComposedDish {
  const eaten = parts.flatMap((entry, at) => {
    const found = ingredientById.get(entry.part);
    return found === undefined ? [] : [{ at, found, grams: entry.grams ?? found.portion, cooked: waysDone(parts, entry) }];
  });
  const components = eaten.map(({ found, grams, cooked }): Component => ({
    ...found,
    grams,
    cooked,
    allergens: [...found.allergens, ...cooked.flatMap((way) => way.allergens)],
  }));
  const known = (id: string) => ingredientById.has(id) || cookingById.has(id);
  const dish = composeDish(components);
  return {
    ...dish,
    shares: dish.shares.map((share, i) => ({ ...share, at: eaten[i]!.at })),
    unknown: parts.flatMap(({ part, cooked }) => [part, ...(cooked ?? [])].filter((id) => !known(id))),
  };
}

export const styleWine = (style: GeneralStyle): PairingWine => ({
  id: style.id,
  name: style.name,
  loads: style.loads,
  colour: style.colour,
  echoes: style.echoes,
  fortified: isFortified(style),
  homes: homesOf[style.id],
});
export const styleWines: readonly PairingWine[] = generalStyles.map(styleWine);

/**
 * The one entry point of pairing: how a dish, as part ids with amounts in grams a guest, fits a general style or a wine.
 * @param wine a general style's id, or a wine's profile with its class and smells
 * @returns the fit: 50 plus the pushes of its reasons, unclipped
 */
export function pair(parts: readonly DishPart[], wine: string | { loads: Loads; colour: PairingWine['colour']; echoes?: PairingWine['echoes'] }): Fit {
  const subject =
    typeof wine === 'string' ? styleWine(generalStyle(wine)) : { id: 'wine', name: 'wine', loads: wine.loads, colour: wine.colour, echoes: wine.echoes ?? [] };
  return fitOf(dishOf(parts), subject);
}

export const fitClasses: Record<FitClass, string> = {
  white: 'white',
  rose: 'rosé',
  amber: 'amber',
  red: 'red',
  bubbles: 'bubbles',
  sweet: 'sweet or fortified',
};
/** Below this a class has no advice to give. */
export const worthOffering = 55;
export const stayAway = 38;

export interface Advice {
  readonly dish: ComposedDish;
  readonly ranked: readonly Fit[];
  /** The best of each class, or none when nothing reaches `worthOffering`. */
  readonly byClass: Readonly<Record<FitClass, { readonly best: Fit; readonly offered: boolean } | undefined>>;
  readonly avoid: readonly Fit[];
  /** What to stay away from by the mistake behind it: one wine a mistake, the worst of it, dry ones first. */
  readonly mistakes: readonly Fit[];
}

/** What to drink with a dish out of a list of wines: ranked, the best of every class, and what to stay away from (worst first). */
export function advise(parts: readonly DishPart[], wines: readonly PairingWine[], leaning: Leaning = noLeaning): Advice {
  const dish = dishOf(parts);
  // An empty plate asks for nothing.
  const ranked = dish.empty ? [] : rankFits(dish, wines, leaning);
  const byId = new Map(wines.map((wine) => [wine.id, wine]));
  const byClass = Object.fromEntries(
    (Object.keys(fitClasses) as FitClass[]).map((kind) => {
      const best = ranked.find((fit) => fitClass(byId.get(fit.wine)!) === kind);
      return [kind, best === undefined ? undefined : { best, offered: best.fit >= worthOffering }];
    }),
  ) as Advice['byClass'];
  const avoid = ranked.filter((fit) => fit.fit < stayAway || (fit.clash !== undefined && fit.fit < 50)).reverse();
  const sweet = (fit: Fit) => byId.get(fit.wine)!.loads.sweetness >= 58;
  const mistakes = new Map<string, Fit>();
  for (const fit of [...avoid.filter((one) => !sweet(one)), ...avoid.filter(sweet)]) {
    const { id } = hardest(fit);
    if (!mistakes.has(id)) mistakes.set(id, fit);
  }
  return { dish, ranked, byClass, avoid, mistakes: [...mistakes.values()] };
}

/** The reason that speaks most against a fit. */
export const hardest = (fit: Fit): Fit['reasons'][number] => fit.reasons.reduce((worst, reason) => (reason.push < worst.push ? reason : worst));

export interface Swap {
  readonly out: string;
  readonly into: string;
  readonly best: Fit;
  /** How far the plate moves, as the root mean square over its axes, 0–100. */
  readonly distance: number;
}

/** Points by which the new best must lead the one before it: less is no change anybody tastes. Own choice. */
const leastLead = 2;
/**
 * The smallest swap of one part for another of its kind (or one way of cooking for another) that changes the best wine, and by enough to matter. Every swap is
 * tried; "smallest" is the one whose plate moves least.
 */
export function smallestSwap(parts: readonly DishPart[], wines: readonly PairingWine[]): Swap | undefined {
  const before = dishOf(parts);
  if (wines.length < 2 || before.empty) return undefined;
  const best = rankFits(before, wines)[0]!.wine;
  let found: Swap | undefined;
  for (const [at, entry] of parts.entries()) {
    for (const other of swappable(entry.part)) {
      if (parts.some((present) => present.part === other)) continue;
      const swapped = parts.map((present, i) => (i === at ? { ...present, part: other, grams: undefined } : present));
      const after = dishOf(swapped);
      const distance = Math.sqrt(
        Object.keys(before.taste).reduce(
          (sum, axis) => sum + (before.taste[axis as keyof typeof before.taste] - after.taste[axis as keyof typeof after.taste]) ** 2,
          0,
        ) / dishAxes.length,
      );
      if (found !== undefined && distance >= found.distance) continue;
      const ranked = rankFits(after, wines);
      const top = ranked[0]!;
      if (top.wine !== best && top.fit - ranked.find((fit) => fit.wine === best)!.fit >= leastLead)
        found = { out: entry.part, into: other, best: top, distance };
    }
  }
  return found;
}

/** Ways that leave meat and fish uncooked by fire: nobody is told to serve raw what was to be cooked. */
const unfired: ReadonlySet<string> = new Set(['raw', 'chilled', 'marinated', 'cured', 'pickled', 'cold-smoked']);
/**
 * What a cook would swap without making another dish: a sauce, a side or a fat for another of its place on the plate, one way over the fire for another. The base,
 * the herbs and the spices stay.
 */
export function swappable(part: string): readonly string[] {
  if (cookingById.has(part)) return unfired.has(part) ? [] : alternatives(part).filter((other) => !unfired.has(other));
  return [...new Set(swapFamilies.filter((family) => family.includes(part)).flat())].filter((other) => other !== part);
}
/** Parts that can stand in for another: the same kind of ingredient, or another way of cooking. */
export function alternatives(part: string): readonly string[] {
  const found = ingredientById.get(part);
  if (found !== undefined) return ingredients.filter((entry) => entry.kind === found.kind && entry.id !== part).map((entry) => entry.id);
  return cookingById.has(part) ? cooking.filter((entry) => entry.id !== part).map((entry) => entry.id) : [];
}

const cheeses = ingredients.filter(({ kind, marks }) => kind === 'base' && marks.includes('cheese'));
/** The cheeses that are worth offering with a wine, best first. */
export const cheesesFor = (wine: PairingWine): readonly { readonly cheese: Ingredient; readonly fit: Fit }[] =>
  cheeses
    .map((cheese) => ({ cheese, fit: fitOf(dishOf([{ part: cheese.id }]), wine) }))
    .filter(({ fit }) => fit.fit >= worthOffering)
    .sort((a, b) => b.fit.fit - a.fit.fit || (a.cheese.name < b.cheese.name ? -1 : 1));

/** Two dishes out of a list and a cheese for a wine, best first; what is not worth offering is left out. */
export function foodOf(
  wine: PairingWine,
  dishes: readonly { readonly name: string; readonly parts: readonly DishPart[] }[],
): { readonly dishes: readonly string[]; readonly cheese: string } {
  return {
    dishes: dishes
      .filter(({ parts }) => parts.length > 0)
      .map(({ name, parts }) => ({ name, fit: fitOf(dishOf(parts), wine).fit }))
      .filter(({ fit }) => fit >= worthOffering)
      .sort((a, b) => b.fit - a.fit || (a.name < b.name ? -1 : 1))
      .slice(0, 2)
      .map(({ name }) => name),
    cheese: cheesesFor(wine)[0]?.cheese.name ?? '',
  };
}
