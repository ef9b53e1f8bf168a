import type { DishMark, Echo, Vector } from '@rose/core/pairing/dish';

export const partKinds = { base: 'Base', side: 'Side', fat: 'Fat', sauce: 'Sauce', seasoning: 'Seasoning', garnish: 'Garnish' } as const;
export type PartKind = keyof typeof partKinds;

/** The fourteen allergens of EU Regulation 1169/2011, annex II. Fish, crustaceans and molluscs are three. */
export const allergens = {
  gluten: 'cereals with gluten',
  crustaceans: 'crustaceans',
  eggs: 'eggs',
  fish: 'fish',
  peanuts: 'peanuts',
  soybeans: 'soya',
  milk: 'milk',
  nuts: 'nuts',
  celery: 'celery',
  mustard: 'mustard',
  sesame: 'sesame',
  sulphites: 'sulphites',
  lupin: 'lupin',
  molluscs: 'molluscs',
} as const;
export type Allergen = keyof typeof allergens;

/** A part a dish can be built from. Tastes are 0–100 of the part on its own; common practice, our own reading. */
export interface Ingredient {
  readonly id: string;
  readonly name: string;
  readonly kind: PartKind;
  readonly taste: Vector;
  readonly reach: number;
  /** Grams a guest. */
  readonly portion: number;
  readonly marks: readonly DishMark[];
  readonly echoes: readonly Echo[];
  readonly allergens: readonly Allergen[];
}

export type Taste = readonly [
  weight: number,
  fat: number,
  acid: number,
  salt: number,
  sweetness: number,
  heat: number,
  savour: number,
  smoke: number,
  bitterness: number,
  protein: number,
];
export type Extra = { marks?: DishMark[]; echoes?: Echo[]; allergens?: Allergen[]; reach?: number; pungency?: number };
const reachOf: Record<PartKind, number> = { base: 1, side: 0.7, fat: 1.6, sauce: 1.8, seasoning: 6, garnish: 1 };
const part =
  (kind: PartKind) =>
  (id: string, name: string, portion: number, taste: Taste, extra: Extra = {}): Ingredient => {
    const [weight, fat, acid, salt, sweetness, heat, savour, smoke, bitterness, protein] = taste;
    return {
      id,
      name,
      kind,
      portion,
      taste: { weight, fat, acid, salt, sweetness, heat, savour, smoke, bitterness, protein, pungency: extra.pungency ?? 0 },
      reach: extra.reach ?? reachOf[kind],
      marks: extra.marks ?? [],
      echoes: extra.echoes ?? [],
      allergens: extra.allergens ?? [],
    };
  };
export const base = part('base');
export const side = part('side');
export const fat = part('fat');
export const garnish = part('garnish');
export const sauce = part('sauce');
export const seasoning = part('seasoning');
