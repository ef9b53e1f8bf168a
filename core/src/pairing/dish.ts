import { clamp } from '../wine/units';

/** What a dish is made of, 0–100 each. The plate draws the first eight. */
export const dishAxes = ['weight', 'fat', 'acid', 'salt', 'sweetness', 'heat', 'savour', 'smoke', 'bitterness', 'protein'] as const;
export type DishAxis = (typeof dishAxes)[number];
export const plateAxes = dishAxes.slice(0, 8) as readonly DishAxis[];
export const dishAxisLabel: Record<DishAxis, string> = {
  weight: 'weight',
  fat: 'fat',
  acid: 'acid',
  salt: 'salt',
  sweetness: 'sweetness',
  heat: 'heat',
  savour: 'savour',
  smoke: 'smoke',
  bitterness: 'bitterness',
  protein: 'protein',
};

export const dishFlags = [
  'oilyFish',
  'seafood',
  'raw',
  'egg',
  'blueMould',
  'fried',
  'delicate',
  'vinegar',
  'artichoke',
  'asparagus',
  'chocolate',
  'cream',
  'redMeat',
  'whiteMeat',
] as const;
export type DishFlag = (typeof dishFlags)[number];

/** Smells that food and wine can share. */
export const echoes = [
  'citrus',
  'orchard',
  'stone-fruit',
  'tropical',
  'red-fruit',
  'dark-fruit',
  'dried-fruit',
  'flower',
  'green-herb',
  'dried-herb',
  'pepper',
  'sweet-spice',
  'earth',
  'nut',
  'smoke',
  'butter',
  'saline',
  'bread',
  'honey',
  'ginger',
] as const;
export type Echo = (typeof echoes)[number];

export type Vector = Readonly<Partial<Record<DishAxis, number>>>;

/** A part of a dish as the composition sees it. */
export interface Component {
  readonly id: string;
  readonly name: string;
  /** Values of the part on its own. */
  readonly taste: Vector;
  /** How far 1 g reaches on the plate beside 1 g of a plain base: a sauce coats, a spice carries. */
  readonly reach: number;
  readonly grams: number;
  readonly flags: readonly DishFlag[];
  readonly echoes: readonly Echo[];
  readonly allergens: readonly string[];
}
/** A way of cooking: what it adds to the whole dish, and what it turns off. */
export interface Cooking {
  readonly id: string;
  readonly name: string;
  readonly adds: Vector;
  readonly flags: readonly DishFlag[];
  readonly clears: readonly DishFlag[];
  readonly echoes: readonly Echo[];
}
export interface Dish {
  readonly taste: Readonly<Record<DishAxis, number>>;
  readonly flags: readonly DishFlag[];
  readonly echoes: readonly Echo[];
  readonly allergens: readonly string[];
  /** What each part adds to each axis; with the cooking it adds up to the taste before clipping. */
  readonly shares: readonly { readonly id: string; readonly name: string; readonly adds: Readonly<Record<DishAxis, number>> }[];
}

/** Parts below this share of the plate set no flag. */
const flagShare = 0.06;
/** The exponent of the mean: above 1, so that a dominant part counts more than its grams. */
const dominance = 1.7;

/**
 * Composes a dish from its parts. Each axis is the power mean of the parts (exponent 1.7), weighted by grams × reach, with the cooking added on top and the
 * whole clipped to 0–100. Sharp axes (acid, salt, heat, sweetness, smoke) come through undiluted by plain bulk: their weight is the square root of the share.
 */
export function composeDish(components: readonly Component[], cooking: readonly Cooking[]): Dish {
  const present = components.filter((component) => component.grams > 0);
  const whole = present.reduce((sum, component) => sum + component.grams * component.reach, 0);
  const share = (component: Component) => (whole === 0 ? 0 : (component.grams * component.reach) / whole);
  const taste = {} as Record<DishAxis, number>;
  const adds = new Map<string, Record<DishAxis, number>>();
  for (const component of present) adds.set(component.id, Object.fromEntries(dishAxes.map((axis) => [axis, 0])) as Record<DishAxis, number>);
  for (const axis of dishAxes) {
    const powered = present.map((component) => weightOn(axis, share(component)) * (component.taste[axis] ?? 0) ** dominance);
    const total = powered.reduce((sum, value) => sum + value, 0);
    const mean = total ** (1 / dominance);
    present.forEach((component, i) => {
      adds.get(component.id)![axis] += total === 0 ? 0 : (mean * powered[i]!) / total;
    });
    const cooked = cooking.reduce((sum, way) => sum + (way.adds[axis] ?? 0), 0);
    taste[axis] = clamp(mean + cooked, 0, 100);
  }
  const flags = new Set<DishFlag>(present.filter((component) => share(component) >= flagShare).flatMap((component) => component.flags));
  for (const way of cooking) {
    for (const flag of way.clears) flags.delete(flag);
    for (const flag of way.flags) flags.add(flag);
  }
  return {
    taste,
    flags: [...flags],
    echoes: [
      ...new Set([
        ...present.filter((component) => share(component) >= 0.02).flatMap((component) => component.echoes),
        ...cooking.flatMap((way) => way.echoes),
      ]),
    ],
    allergens: [...new Set(present.flatMap((component) => component.allergens))],
    shares: [
      ...present.map((component) => ({ id: component.id, name: component.name, adds: adds.get(component.id)! })),
      ...cooking.map((way) => ({
        id: way.id,
        name: way.name,
        adds: Object.fromEntries(dishAxes.map((axis) => [axis, way.adds[axis] ?? 0])) as Record<DishAxis, number>,
      })),
    ],
  };
}

const sharp: ReadonlySet<DishAxis> = new Set(['acid', 'salt', 'heat', 'sweetness', 'smoke', 'bitterness']);
const weightOn = (axis: DishAxis, share: number) => (sharp.has(axis) ? Math.sqrt(share) : share);
