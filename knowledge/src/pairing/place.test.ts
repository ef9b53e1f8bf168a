import { describe, expect, it } from 'vitest';
import { published } from '@rose/core/testing/published';
import { fitNumber, fitOf, rankFits } from '@rose/core/pairing/dish-fit';
import { noLeaning, type Leaning } from '@rose/core/pairing/leaning';
import { countryName } from '@rose/core/wine/country';
import { cuisineCountries } from '../dishes/cuisines';
import { everydayDish, everydayDishes } from '../dishes/index';
import { generalStyles } from '../styles/index';
import { homesOf } from '../styles/homes';
import { dishOf, styleWines } from './index';

const placeFirst = (cuisine: string): Leaning => ({ ...noLeaning, school: 'place', kitchen: cuisineCountries[cuisine] });
const rankIn = (dishId: string, style: string, leaning: Leaning) =>
  rankFits(dishOf(everydayDish(dishId)!.parts), styleWines, leaning).findIndex(({ wine }) => wine === style);

describe('what is at home where', () => {
  it('is known by style and by kitchen: every row is a style, a kitchen, and a country', () => {
    const styles = new Set(generalStyles.map(({ id }) => id));
    for (const [style, homes] of Object.entries(homesOf)) {
      expect(styles, style).toContain(style);
      for (const home of homes) expect(countryName(home), home).not.toBe(home);
    }
    expect(new Set(Object.keys(cuisineCountries))).toEqual(new Set(everydayDishes.map(({ cuisine }) => cuisine)));
    for (const countries of Object.values(cuisineCountries)) for (const country of countries) expect(countryName(country), country).not.toBe(country);
  });
  // Where these wines come from is in any atlas of wine.
  it.each([
    ['xinomavro', 'GR'],
    ['nebbiolo', 'IT'],
    ['tempranillo', 'ES'],
    ['touriga', 'PT'],
    ['saperavi', 'GE'],
    ['aszu', 'HU'],
    ['malbec', 'AR'],
    ['carmenere', 'CL'],
    ['peppery-white', 'AT'],
    ['tank-sparkling', 'IT'],
    ['veil-fortified', 'ES'],
    ['botrytis', 'FR'],
    ['island', 'GR'],
    ['lean-keeping', 'AU'],
  ])('%s is at home in %s', (style, country) => expect(homesOf[style]).toContain(country));
});

describe('place first', () => {
  for (const [dish, style, cuisine] of [
    ['moussaka', 'xinomavro', 'Greek'],
    ['goulash', 'blaufrankisch', 'Hungarian'],
    ['paella', 'tempranillo', 'Spanish'],
  ] as const)
    published('common practice', `brings ${style} nearer to ${dish}, which comes from the same place`, () => {
      const found = everydayDishes.find(({ id }) => id === dish || id.includes(dish));
      expect(found, dish).toBeDefined();
      expect(rankIn(found!.id, style, placeFirst(cuisine))).toBeLessThanOrEqual(rankIn(found!.id, style, noLeaning));
    });
  it('gives the same points to every wine of the place, says which place, and nothing to a wine of no known place', () => {
    const dish = dishOf(everydayDish('oysters-on-ice')!.parts);
    for (const wine of styleWines) {
      const fit = fitOf(dish, wine, placeFirst('French'));
      const told = fit.reasons.find(({ id }) => id === 'place');
      expect(told !== undefined).toBe(wine.homes?.includes('FR') === true);
      if (told !== undefined) expect(told.text).toBe('Wine and dish are both at home in France');
      expect(fitNumber(dish, wine, placeFirst('French'))).toBeCloseTo(fit.fit, 9);
    }
  });
  it('never makes a clash a fit: a warning still warns', () => {
    for (const [dish, style, cuisine] of [
      ['oysters-on-ice', 'young-tannic', 'French'],
      ['oysters-on-ice', 'cabernet', 'French'],
    ] as const)
      expect(
        fitOf(
          dishOf(everydayDish(dish)!.parts),
          styleWines.find(({ id }) => id === style)!,
          placeFirst(cuisine),
        ).fit,
      ).toBeLessThan(38);
  });
  it('says nothing where nobody said what kitchen the dish is of, and every other school leaves place out', () => {
    const dish = dishOf(everydayDish('oysters-on-ice')!.parts);
    for (const wine of styleWines) {
      expect(fitOf(dish, wine, { ...noLeaning, school: 'place' }).reasons.some(({ id }) => id === 'place')).toBe(false);
      for (const school of ['even', 'likeness', 'contrast'] as const)
        expect(fitOf(dish, wine, { ...placeFirst('French'), school }).reasons.some(({ id }) => id === 'place')).toBe(false);
    }
  });
});
