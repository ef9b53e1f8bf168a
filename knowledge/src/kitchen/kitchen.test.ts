import { describe, expect, it } from 'vitest';
import { published } from '@rose/core/testing/published';
import { everydayDish, everydayDishes } from '../dishes/index';
import { cooking, dishOf, ingredient, ingredients, type Allergen, type DishPart } from '../pairing/index';
import { cheap, costly, insteadOfCheese, insteadOfMeat, likeFoods, mayComeFrom, mayHold, origins, seasons } from './data';
import { adapt, costClass, diets, effortOf, inSeason, keepsTo, plateAllergens, type Diet, type Needs } from './index';

const needs = (of: Partial<Needs>): Needs => ({ allergens: [], diets: [], ...of });
const partsOf = (id: string) => everydayDish(id)!.parts;

describe('what the kitchen knows', () => {
  it('is of parts that are there', () => {
    const named = [
      ...Object.values(origins).flat(),
      ...Object.values(mayComeFrom).flat(),
      ...Object.keys(mayHold),
      ...Object.keys(seasons),
      ...costly,
      ...cheap,
      ...likeFoods.flat(),
      ...insteadOfMeat,
      ...insteadOfCheese,
    ];
    expect(named.filter((id) => ingredient(id) === undefined)).toEqual([]);
  });
  it('is broad: 320 parts, 36 ways of cooking, 90 sauces', () => {
    expect(ingredients.length).toBeGreaterThanOrEqual(320);
    expect(cooking.length).toBeGreaterThanOrEqual(36);
    expect(ingredients.filter(({ kind }) => kind === 'sauce').length).toBeGreaterThanOrEqual(90);
    expect(new Set(ingredients.map(({ name }) => name)).size).toBe(ingredients.length);
  });
  it('says "may hold" only of what is not held', () => {
    for (const [part, may] of Object.entries(mayHold))
      expect(
        may.filter((one) => ingredient(part)!.allergens.includes(one)),
        part,
      ).toEqual([]);
  });
});

describe('diets and allergens', () => {
  published('common practice', 'flesh and fish are not vegetarian, milk and honey not vegan, wine in the pot is alcohol, bacon is pork', () => {
    const breaks = (part: string, diet: Diet) => keepsTo([{ part }], needs({ diets: [diet] })).breaks.length > 0;
    expect(['lamb', 'chicken', 'anchovy', 'oysters', 'duck-fat', 'gelatine', 'roast-gravy'].map((part) => breaks(part, 'vegetarian'))).toEqual(
      Array(7).fill(true),
    );
    expect(['eggs', 'honey-spoon', 'butter', 'hard-cheese'].map((part) => breaks(part, 'vegan'))).toEqual(Array(4).fill(true));
    expect(['eggs', 'honey-spoon', 'butter', 'hard-cheese', 'tofu'].map((part) => breaks(part, 'vegetarian'))).toEqual(Array(5).fill(false));
    expect([
      breaks('wine-cooked', 'no-alcohol'),
      breaks('bacon', 'no-pork'),
      breaks('lamb', 'no-pork'),
      breaks('prawns', 'kosher'),
      breaks('cod', 'kosher'),
    ]).toEqual([true, true, false, true, false]);
    expect(keepsTo([{ part: 'beef-steak' }, { part: 'butter' }], needs({ diets: ['kosher'] })).breaks.map(({ part }) => part)).toEqual(['butter']);
  });
  it('"may contain" is not "contains": it is asked about', () => {
    const { breaks, ask } = keepsTo([{ part: 'hard-cheese' }, { part: 'broth' }], needs({ allergens: ['eggs'], diets: ['vegetarian'] }));
    expect(breaks).toEqual([]);
    expect(ask.map(({ part, why }) => `${part}: ${why}`)).toEqual(['hard-cheese: eggs', 'broth: meat']);
  });
  it('what is not known, or is nothing, is not said to be safe', () => {
    expect(keepsTo([{ part: 'moonlight' }], needs({ allergens: ['milk'] })).ask).toHaveLength(1);
    expect(keepsTo([{ part: 'butter', grams: 0 }], needs({ allergens: ['milk'] })).breaks).toEqual([]);
  });
  it('a dish made for a guest keeps to what the guest needs, and stays as long as it was or shorter: every dish, every allergen, every diet', () => {
    const all: Needs[] = [
      ...(
        ['milk', 'gluten', 'eggs', 'fish', 'crustaceans', 'nuts', 'soybeans', 'celery', 'mustard', 'sesame', 'sulphites', 'peanuts', 'molluscs'] as Allergen[]
      ).map((one) => needs({ allergens: [one] })),
      ...(Object.keys(diets) as Diet[]).map((one) => needs({ diets: [one] })),
    ];
    for (const dish of everydayDishes)
      for (const need of all) {
        const { parts, swaps } = adapt(dish.parts, need);
        if (parts === undefined) continue;
        expect(keepsTo(parts, need).breaks, dish.id).toEqual([]);
        expect(parts.length).toBeLessThanOrEqual(dish.parts.length);
        expect(dishOf(parts).unknown).toEqual([]);
        if (keepsTo(dish.parts, need).breaks.length === 0) expect(swaps, dish.id).toEqual([]);
      }
  });
  published('common practice', 'a swap keeps the kind of food: fish for shellfish, a sauce for a sauce, nothing raw, no pudding for a roast', () => {
    const swap = (id: string, of: Partial<Needs>, out: string) => adapt(partsOf(id), needs(of)).swaps.find((one) => one.out === out)?.into;
    for (const [dish, of, out] of [
      ['steak-frites', { diets: ['vegetarian'] }, 'beef-steak'],
      ['roast-chicken', { diets: ['vegan'] }, 'chicken'],
      ['sole-meuniere', { diets: ['no-fish'] }, 'sole'],
    ] as const) {
      const into = swap(dish, of as unknown as Partial<Needs>, out);
      expect(ingredient(into ?? '')?.kind, `${dish}: ${into}`).toBe('base');
      expect(ingredient(into!)!.taste.sweetness ?? 0, into).toBeLessThan(45);
    }
    expect(ingredient(swap('sole-meuniere', { allergens: ['milk'] }, 'brown-butter')!)?.kind).toMatch(/sauce|fat/);
    expect(swap('carbonara', { diets: ['no-pork'] }, 'bacon')).not.toMatch(/ham|pork|sausage/);
  });
  published('common practice', 'what is fried in a crust holds flour, breadcrumbs egg as well: such a guest has it fried without one', () => {
    const battered: DishPart[] = [{ part: 'cod', cooked: ['battered'] }, { part: 'chips' }];
    expect(keepsTo(battered, needs({ allergens: ['gluten'] })).breaks.map(({ part, why }) => `${part}: ${why}`)).toEqual(['battered: cereals with gluten']);
    expect(plateAllergens(battered).holds).toContain('gluten');
    expect(adapt(battered, needs({ allergens: ['gluten'] }))).toMatchObject({
      parts: [{ part: 'cod', cooked: ['pan-fried'] }, { part: 'chips' }],
      swaps: [{ out: 'battered', into: 'pan-fried' }],
    });
    const rows: DishPart[] = [{ part: 'aubergine' }, { part: 'breaded' }];
    expect(keepsTo(rows, needs({ diets: ['vegan'] })).breaks.map(({ why }) => why)).toEqual(['eggs']);
    expect(adapt(rows, needs({ diets: ['vegan'] })).parts).toEqual([{ part: 'aubergine' }, { part: 'pan-fried' }]);
    expect(keepsTo(rows, needs({ allergens: ['fish'] })).breaks).toEqual([]);
    expect(keepsTo(partsOf('schnitzel'), needs({ allergens: ['eggs'] })).breaks).toHaveLength(1);
  });
  it('a dish of pastry for one who eats no gluten has no swap that keeps its shape, and says so by having none', () =>
    expect(adapt(partsOf('beef-wellington'), needs({ allergens: ['gluten', 'milk', 'eggs'] })).parts).toBeUndefined());
  it('tells what a plate holds from what it may hold', () => {
    const { holds, mayHold: may } = plateAllergens(partsOf('carbonara'));
    expect(holds).toEqual(expect.arrayContaining(['gluten', 'eggs', 'milk']));
    expect(may).toContain('sulphites');
  });
});

describe('season, effort and cost', () => {
  published('common practice', 'asparagus in May in the north and in November in the south; pumpkin across the turn of the year', () => {
    expect([inSeason('asparagus', 5), inSeason('asparagus', 11), inSeason('asparagus', 11, 'south'), inSeason('asparagus', 5, 'south')]).toEqual([
      true,
      false,
      true,
      false,
    ]);
    expect([inSeason('pumpkin', 1), inSeason('pumpkin', 6), inSeason('rice', 6)]).toEqual([true, false, true]);
  });
  it('a braise takes hours and few of them by hand; a salad minutes', () => {
    const [braise, salad] = [effortOf(partsOf('boeuf-bourguignon')), effortOf(partsOf('greek-salad'))];
    expect(braise.minutes).toBeGreaterThan(120);
    expect(braise.hands).toBeLessThan(braise.minutes / 2);
    expect(salad.minutes).toBeLessThan(30);
    expect(braise.needs).toContain('oven');
    for (const dish of everydayDishes) {
      const effort = effortOf(dish.parts);
      expect(effort.minutes, dish.id).toBeGreaterThanOrEqual(effort.hands);
      expect(effort.minutes, dish.id).toBeGreaterThan(0);
    }
  });
  it('oysters are dear, potatoes are not', () => expect([costClass('oysters'), costClass('potatoes'), costClass('chicken')]).toEqual([3, 1, 2]));
});
