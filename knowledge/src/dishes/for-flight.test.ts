import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { published } from '@rose/core/testing/published';
import { fitNumber, shownFit } from '@rose/core/pairing/dish-fit';
import { keysOf } from '@rose/core/wine/keys';
import { keepsTo } from '../kitchen/index';
import { dishOf, styleWines } from '../pairing/index';
import { foodForFlight } from './for-flight';
import { courses, goesFrom, platesOf, type Course } from './index';

const of = (id: string) => styleWines.find((wine) => wine.id === id)!;
const bestOf = (id: string) => shownFit(Math.max(...platesOf({}).map(({ plate }) => fitNumber(plate, of(id)))));
const rank = (course: Course) => keysOf(courses).indexOf(course);

describe('food for a flight', () => {
  published('common practice', 'from bubbles over a dry white and a red to a sweet wine it goes from a bite to what is sweet', () => {
    const order = ['brut', 'atlantic', 'cabernet', 'botrytis'].map(of);
    const food = foodForFlight(order);
    expect(food.map(({ wine }) => wine)).toEqual(order.map(({ id }) => id));
    const ranks = food.map(({ dish }) => rank(dish.course));
    expect(ranks).toEqual([...ranks].sort((a, b) => a - b));
    expect(food.at(-1)!.fit.fit).toBeGreaterThan(52);
  });
  it('no dish and no base comes twice, every dish goes with its wine where any does, whatever the flight', () => {
    fc.assert(
      fc.property(fc.uniqueArray(fc.constantFrom(...styleWines), { minLength: 1, maxLength: 7, selector: ({ id }) => id }), (wines) => {
        const food = foodForFlight(wines);
        expect(food).toHaveLength(wines.length);
        expect(new Set(food.map(({ dish }) => dish.id)).size).toBe(food.length);
        expect(new Set(food.map(({ dish }) => dish.parts[0]!.part)).size).toBe(food.length);
        for (const { wine, fit } of food) expect(shownFit(fit.fit), wine).toBeGreaterThanOrEqual(Math.min(shownFit(goesFrom), bestOf(wine) - 15));
      }),
      // A sweet red before two whites: no order of courses makes a dish one that goes.
      { numRuns: 12, examples: [[['vintage-fortified', 'no-alcohol-white', 'lees-coast'].map(of)]] },
    );
  });
  it('three plates or fewer are full ones, of more each is smaller and tastes the same', () => {
    const [three, six] = [3, 6].map((count) => foodForFlight(styleWines.slice(0, count)));
    for (const { parts, dish } of three!) expect(parts).toEqual(dish.parts);
    for (const { parts, dish, wine } of six!) {
      const weight = (of: typeof parts) => of.reduce((sum, { grams }) => sum + (grams ?? 0), 0);
      if (dish.parts.every(({ grams }) => grams !== undefined)) expect(weight(parts)).toBeLessThan(0.62 * weight(dish.parts));
      // Rounding to what a scale shows moves a fit little.
      const drunk = styleWines.find(({ id }) => id === wine)!;
      expect(Math.abs(fitNumber(dishOf(parts), drunk) - fitNumber(dishOf(dish.parts), drunk))).toBeLessThan(4);
    }
  });
  it('keeps to what was asked, and gives fewer dishes where too little is left', () => {
    const needs = { allergens: ['milk', 'gluten'] as const, diets: ['vegetarian'] as const };
    const food = foodForFlight(styleWines.slice(0, 4), { needs });
    expect(food.length).toBeGreaterThan(0);
    for (const { dish } of food) expect(keepsTo(dish.parts, needs).breaks).toEqual([]);
    const none = foodForFlight(styleWines.slice(0, 4), { cuisine: 'of nowhere' });
    expect(none).toEqual([]);
    expect(foodForFlight([])).toEqual([]);
  });
  it('with one wine it is the dish that fits it best', () => {
    for (const wine of styleWines.slice(0, 10)) {
      const best = Math.max(...platesOf({}).map(({ plate }) => fitNumber(plate, wine)));
      expect(foodForFlight([wine])[0]!.fit.fit).toBeCloseTo(best, 9);
    }
  });
});
