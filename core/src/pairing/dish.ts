import { clamp } from '../wine/units';
import { mixture, type Curve } from './mixture';

/** What a dish is made of, 0–100 each. Heat is capsaicin’s alone; the bite of pepper, mustard, ginger and horseradish is pungency. */
export const dishAxes = ['weight', 'fat', 'acid', 'salt', 'sweetness', 'heat', 'savour', 'smoke', 'bitterness', 'protein', 'pungency'] as const;
export type DishAxis = (typeof dishAxes)[number];
/** The bearings a plate is drawn by. */
export const plateAxes: readonly DishAxis[] = ['weight', 'fat', 'acid', 'salt', 'sweetness', 'heat', 'savour', 'smoke'];
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
  pungency: 'pungency',
};

/** What a part is, beyond its tastes; on the plate each is there to a degree of 0–1. */
export const dishMarks = [
  'oilyFish',
  'seafood',
  'shell',
  'raw',
  'egg',
  'cheese',
  'blueMould',
  'washedRind',
  'softRind',
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
export type DishMark = (typeof dishMarks)[number];

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

/** A way of cooking: what it adds to what it is done to, and what it turns off. */
export interface Cooking {
  readonly id: string;
  readonly name: string;
  readonly adds: Vector;
  readonly marks: readonly DishMark[];
  readonly clears: readonly DishMark[];
  readonly echoes: readonly Echo[];
}
/** A part of a dish as the composition sees it. */
export interface Component {
  readonly id: string;
  readonly name: string;
  /** Values of the part on its own, 0–100. */
  readonly taste: Vector;
  /** How far 1 g reaches on the plate beside 1 g of a plain base: a sauce coats, a spice carries. */
  readonly reach: number;
  readonly grams: number;
  readonly marks: readonly DishMark[];
  readonly echoes: readonly Echo[];
  readonly allergens: readonly string[];
  /** What is done to it. The same way twice is once. */
  readonly cooked: readonly Cooking[];
}
export interface Dish {
  readonly taste: Readonly<Record<DishAxis, number>>;
  readonly marks: Readonly<Record<DishMark, number>>;
  /** How clearly each smell is there, 0–1; those that are not there are left out. */
  readonly echoes: Readonly<Partial<Record<Echo, number>>>;
  readonly allergens: readonly string[];
  /** Whether anything is on the plate. */
  readonly empty: boolean;
  /** What each part gives to each axis, in the order of the parts; together they are the taste. */
  readonly shares: readonly { readonly id: string; readonly name: string; readonly gives: Readonly<Record<DishAxis, number>> }[];
}

/** A dominant part counts more than its share. */
const blunt: Curve = { bend: 1, half: 1 };
/** What is sharp comes through plain bulk, from nothing on; a trace stays a trace. */
const sharp: Curve = { bend: 1.4, half: 0.28 };
/** Capsaicin is felt sooner than anything. */
const keen: Curve = { bend: 1.4, half: 0.18 };
const curves: Readonly<Record<DishAxis, Curve>> = {
  weight: blunt,
  fat: blunt,
  savour: blunt,
  protein: blunt,
  acid: sharp,
  salt: sharp,
  sweetness: sharp,
  heat: keen,
  smoke: sharp,
  bitterness: sharp,
  pungency: sharp,
};
/** The share of the plate from which a mark is there in full, and a smell. */
const wholeMark = 0.35;
const wholeEcho = 0.25;

/** A part as it comes from the fire. */
function cookedPart(component: Component) {
  const ways = [...new Map(component.cooked.map((way) => [way.id, way])).values()];
  const cleared = new Set(ways.flatMap((way) => way.clears));
  const taste = Object.fromEntries(
    dishAxes.map((axis) => [axis, clamp((component.taste[axis] ?? 0) + ways.reduce((sum, way) => sum + (way.adds[axis] ?? 0), 0), 0, 100)]),
  ) as Record<DishAxis, number>;
  return {
    taste,
    marks: new Set([...component.marks.filter((mark) => !cleared.has(mark)), ...ways.flatMap((way) => way.marks)]),
    echoes: new Set([...component.echoes, ...ways.flatMap((way) => way.echoes)]),
  };
}

/**
 * Composes a dish from its parts. On every axis a plate is a mixture of its cooked parts by grams × reach: never more than its strongest part, the same however
 * its parts are written down, and moved little by a gram.
 */
export function composeDish(components: readonly Component[]): Dish {
  const reaching = components.map(({ grams, reach }) => Math.max(0, grams) * reach);
  const whole = reaching.reduce((sum, one) => sum + one, 0);
  const parts = components.map((component, i) => ({ ...cookedPart(component), share: whole === 0 ? 0 : reaching[i]! / whole }));
  const mixed = Object.fromEntries(
    dishAxes.map((axis) => [
      axis,
      mixture(
        parts.map(({ taste, share }) => ({ value: taste[axis], share })),
        curves[axis],
      ),
    ]),
  ) as Record<DishAxis, ReturnType<typeof mixture>>;
  const shareOf = (of: (part: (typeof parts)[number]) => boolean) => parts.reduce((sum, part) => sum + (of(part) ? part.share : 0), 0);
  return {
    taste: Object.fromEntries(dishAxes.map((axis) => [axis, mixed[axis].value])) as Record<DishAxis, number>,
    marks: Object.fromEntries(dishMarks.map((mark) => [mark, Math.min(1, shareOf((part) => part.marks.has(mark)) / wholeMark)])) as Record<DishMark, number>,
    echoes: Object.fromEntries(
      echoes.flatMap((echo) => {
        const clear = Math.min(1, shareOf((part) => part.echoes.has(echo)) / wholeEcho);
        return clear === 0 ? [] : [[echo, clear]];
      }),
    ),
    allergens: [...new Set(components.flatMap(({ grams, allergens }) => (grams > 0 ? allergens : [])))],
    empty: whole === 0,
    shares: components.map((component, i) => ({
      id: component.id,
      name: component.name,
      gives: Object.fromEntries(dishAxes.map((axis) => [axis, mixed[axis].gives[i]!])) as Record<DishAxis, number>,
    })),
  };
}
