import type { Cooking, DishMark, Echo, Vector } from '@rose/core/pairing/dish';
import type { Allergen } from './part';

/** What a kitchen needs for a way of cooking. */
export const equipment = {
  hob: 'a hob',
  oven: 'an oven',
  grill: 'a grill',
  fryer: 'a fryer or a deep pan of oil',
  coals: 'coals or a wood fire',
  smoker: 'a smoker',
} as const;
export type Equipment = keyof typeof equipment;
/** A way of cooking with the time it takes for a usual part: minutes of a cook's hands, and minutes in all. Common practice. */
export interface WayOfCooking extends Cooking {
  readonly hands: number;
  readonly minutes: number;
  readonly needs: Equipment | undefined;
  /** Allergens it puts on what it is done to, such as flour and egg. */
  readonly allergens: readonly Allergen[];
}

const way = (
  id: string,
  name: string,
  [hands, minutes, needs]: readonly [hands: number, minutes: number, needs: '' | Equipment],
  adds: Vector,
  extra: { marks?: DishMark[]; clears?: DishMark[]; echoes?: Echo[]; allergens?: Allergen[] } = {},
): WayOfCooking => ({
  id,
  name,
  hands,
  minutes,
  needs: needs === '' ? undefined : needs,
  adds,
  allergens: extra.allergens ?? [],
  marks: extra.marks ?? [],
  clears: extra.clears ?? [],
  echoes: extra.echoes ?? [],
});

/** Ways of cooking: what they add to what they are done to. Common practice. */
export const cooking: readonly WayOfCooking[] = [
  way('raw', 'raw', [10, 10, ''], { weight: -6 }, { marks: ['raw'] }),
  way('chilled', 'served cold', [2, 60, ''], { weight: -3, fat: -2 }),
  way('marinated', 'marinated in something sharp', [10, 40, ''], { acid: 12, weight: -2 }, { marks: ['raw'] }),
  way('cured', 'cured in salt', [10, 720, ''], { salt: 16, savour: 8 }),
  way('pickled', 'pickled', [10, 60, ''], { acid: 24, salt: 8, sweetness: 4 }, { marks: ['vinegar'] }),
  way('steamed', 'steamed', [8, 20, 'hob'], { weight: -4 }),
  way('poached', 'poached', [8, 20, 'hob'], { weight: -2 }),
  way('boiled', 'boiled', [5, 25, 'hob'], { weight: -2 }),
  way('baked', 'baked', [8, 35, 'oven'], { weight: 2, savour: 4 }),
  way('roasted', 'roasted', [10, 60, 'oven'], { weight: 5, savour: 10, smoke: 4, sweetness: 2 }, { clears: ['delicate'] }),
  way('slow-roasted', 'slowly roasted', [15, 240, 'oven'], { weight: 8, savour: 14, sweetness: 4 }, { clears: ['delicate'] }),
  way('pan-fried', 'pan-fried', [12, 15, 'hob'], { weight: 4, fat: 8, savour: 6 }),
  way('seared', 'seared, rare inside', [8, 12, 'hob'], { weight: 3, savour: 8, smoke: 8, bitterness: 2 }),
  way('deep-fried', 'deep-fried', [15, 20, 'fryer'], { weight: 8, fat: 24, salt: 6 }, { marks: ['fried'], clears: ['delicate'] }),
  way('stir-fried', 'stir-fried', [10, 10, 'hob'], { weight: 2, fat: 8, savour: 6, smoke: 6 }),
  way('grilled', 'grilled', [12, 15, 'grill'], { weight: 3, savour: 8, smoke: 18, bitterness: 3 }, { echoes: ['smoke'] }),
  way('charred', 'charred on coals', [15, 20, 'coals'], { weight: 5, savour: 10, smoke: 38, bitterness: 8 }, { clears: ['delicate'], echoes: ['smoke'] }),
  way(
    'barbecued',
    'slowly smoked over wood',
    [25, 360, 'coals'],
    { weight: 8, savour: 14, smoke: 40, sweetness: 2 },
    { clears: ['delicate'], echoes: ['smoke'] },
  ),
  way('cold-smoked', 'cold-smoked', [10, 480, 'smoker'], { salt: 10, smoke: 42, savour: 8 }, { clears: ['delicate', 'raw'], echoes: ['smoke'] }),
  way('braised', 'braised', [25, 150, 'oven'], { weight: 10, savour: 16, sweetness: 4 }, { clears: ['delicate'] }),
  way('stewed', 'stewed', [20, 90, 'hob'], { weight: 8, savour: 12 }, { clears: ['delicate'] }),
  way('confit', 'cooked slowly in fat', [15, 180, 'oven'], { weight: 12, fat: 14, savour: 12, salt: 6 }, { clears: ['delicate'] }),
  way('gratinated', 'gratinated', [5, 20, 'oven'], { weight: 8, fat: 8, savour: 8, smoke: 4 }, { clears: ['delicate'] }),
  way(
    'breaded',
    'breaded and fried',
    [20, 25, 'hob'],
    { weight: 8, fat: 18, salt: 6 },
    { marks: ['fried'], clears: ['delicate'], echoes: ['bread'], allergens: ['gluten', 'eggs'] },
  ),
  way('battered', 'fried in batter', [20, 25, 'fryer'], { weight: 8, fat: 20, salt: 4 }, { marks: ['fried'], echoes: ['bread'], allergens: ['gluten'] }),
  way('hot-smoked', 'hot-smoked', [15, 60, 'smoker'], { weight: 4, salt: 8, smoke: 44, savour: 12 }, { clears: ['delicate', 'raw'], echoes: ['smoke'] }),
  way(
    'clay-oven',
    'roasted in a clay oven',
    [10, 25, 'coals'],
    { weight: 4, savour: 10, smoke: 26, bitterness: 3 },
    { clears: ['delicate'], echoes: ['smoke', 'sweet-spice'] },
  ),
  way('in-paper', 'baked in paper', [10, 25, 'oven'], { weight: -2, savour: 2 }),
  way('low-heat', 'cooked gently in a bag', [10, 90, 'hob'], { weight: 0, savour: 4 }),
  way('fermented', 'fermented', [15, 4320, ''], { acid: 26, salt: 12, savour: 18 }),
  way('glazed', 'glazed', [10, 15, 'hob'], { weight: 4, sweetness: 18, savour: 4 }),
  way('blanched', 'blanched', [5, 10, 'hob'], { weight: -4 }),
  way('scrambled', 'scrambled', [8, 8, 'hob'], { weight: 2, fat: 8 }),
  way('griddled', 'seared on an iron plate', [10, 12, 'hob'], { weight: 3, fat: 4, savour: 8, smoke: 8 }),
  way('toasted', 'toasted', [3, 8, 'oven'], { weight: 2, savour: 4, smoke: 4, bitterness: 2 }, { echoes: ['bread'] }),
  way('caramelised', 'caramelised', [20, 40, 'hob'], { weight: 5, sweetness: 16, savour: 8, bitterness: 4 }, { clears: ['delicate'] }),
  way('pureed', 'puréed', [10, 30, 'hob'], { weight: 2, fat: 6 }),
  way('pot-roasted', 'pot-roasted', [20, 120, 'oven'], { weight: 8, savour: 14, sweetness: 2 }, { clears: ['delicate'] }),
  way('dried', 'dried', [10, 480, 'oven'], { weight: 4, sweetness: 8, savour: 12, salt: 4 }),
  way('flamed', 'flamed', [5, 5, 'hob'], { smoke: 6, sweetness: 4, savour: 2 }),
];
