import { describe, expect, it } from 'vitest';
import { published } from '@rose/core/testing/published';
import { fitClass } from '@rose/core/pairing/dish-fit';
import { advise, dishOf, pair, styleWines, worthOffering, type DishPart } from './index';

const parts = (...ids: (string | [string, number])[]): DishPart[] => ids.map((id) => (typeof id === 'string' ? { part: id } : { part: id[0], grams: id[1] }));
const fit = (dish: DishPart[], wine: string) => pair(dish, wine).fit;
const place = (dish: DishPart[], wine: string) => advise(dish, styleWines).ranked.findIndex((entry) => entry.wine === wine) + 1;
const sandwich = (sauce: [string, number]) => parts(['bread', 90], ['chicken-breast', 90], ['bacon', 30], ['tomatoes', 60], ['green-salad', 20], sauce);
const bigReds = ['cabernet', 'syrah', 'nebbiolo', 'tannat', 'young-tannic', 'oaked-red'];
const lightReds = ['juicy-red', 'fine-light-red'];

describe('what a table would laugh at', () => {
  published('common practice', 'a mild plate: every light red above every big one', () => {
    const mild = sandwich(['mayonnaise', 25]);
    for (const light of lightReds) for (const big of bigReds) expect(fit(mild, light), `${light}, ${big}`).toBeGreaterThan(fit(mild, big) + 3);
  });
  published('common practice', 'a spoon of another dressing moves advice, it does not turn it over', () => {
    for (const wine of ['fine-light-red', 'grenache', 'oaked-white']) {
      const moved = fit(sandwich(['tangy-sweet', 12]), wine) - fit(sandwich(['mayonnaise', 12]), wine);
      expect(Math.abs(moved), wine).toBeLessThan(14);
    }
  });
  published('common practice', 'a lean coastal white is among the first with oysters, and no big red is near', () => {
    const oysters = parts('oysters', 'raw', 'lemon-juice');
    expect(place(oysters, 'lees-coast')).toBeLessThanOrEqual(12);
    for (const big of bigReds) expect(fit(oysters, big), big).toBeLessThan(45);
  });
  published('common practice', 'ribs in a sweet smoky sauce are offered a ripe dry red, and no sweet wine leads', () => {
    const ribs = parts('pork-ribs', 'barbecue', 'barbecued');
    expect(fit(ribs, 'ripe-red')).toBeGreaterThanOrEqual(worthOffering);
    const first = advise(ribs, styleWines).ranked[0]!;
    expect(fitClass(styleWines.find((wine) => wine.id === first.wine)!)).not.toBe('sweet');
  });
  published('common practice', 'dark chocolate asks for a sweet strong red, not for a medium-sweet sparkling', () =>
    expect(fit(parts('dark-chocolate'), 'ruby-fortified')).toBeGreaterThan(fit(parts('dark-chocolate'), 'demi-sec')),
  );
  published('common practice', 'steak tartare and a Caesar salad are no place for a medium-sweet sparkling', () => {
    expect(fit(parts('beef-lean', 'raw', 'capers', 'mustard-spoon'), 'demi-sec')).toBeLessThan(worthOffering);
    const caesar = parts('green-salad', 'caesar', 'grated-cheese', 'croutons');
    expect(fit(caesar, 'demi-sec')).toBeLessThan(fit(caesar, 'brut') - 10);
  });
  published('common practice', 'butter carries wood: white fish in lemon butter bears an oaked white better than with lemon alone', () =>
    expect(fit(parts('white-fish', 'lemon-butter', 'steamed'), 'fine-oaked-white')).toBeGreaterThan(
      fit(parts('white-fish', 'lemon-juice', 'steamed'), 'fine-oaked-white'),
    ),
  );
  published('common practice', 'flesh smells of no fruit, flower or herb, and chilli of no pepper: nothing is said to be in both that is in one', () => {
    const flesh = ['beef-steak', 'beef-brisket', 'lamb', 'venison', 'duck', 'pork', 'chicken', 'rabbit', 'wild-boar', 'salami', 'white-fish', 'salmon'];
    const never = ['red-fruit', 'dark-fruit', 'orchard', 'stone-fruit', 'tropical', 'citrus', 'flower', 'green-herb', 'dried-herb'];
    for (const id of flesh)
      expect(
        Object.keys(dishOf(parts(id)).echoes).filter((echo) => never.includes(echo)),
        id,
      ).toEqual([]);
    for (const id of ['fresh-chilli', 'chilli-flakes', 'hot-sauce', 'sweet-paprika']) expect(Object.keys(dishOf(parts(id)).echoes), id).not.toContain('pepper');
    const said = pair(parts('beef-steak', 'grilled'), 'ripe-red').reasons.find(({ id }) => id === 'echo')?.text;
    expect(said).toBe('Both have smoke');
    const risotto = pair(parts('risotto', 'wild-mushrooms', 'white-wine-cooked'), 'alpine-white').reasons.find(({ id }) => id === 'echo')?.text;
    expect(risotto).toBe('Both have orchard fruit and nuts');
  });
  published('common practice', 'turbot bears the wood of a fine white better than sole does, in the same butter', () => {
    const oaked = (fish: string) => fit(parts([fish, 170], ['lemon-butter', 45], 'poached'), 'fine-oaked-white');
    expect(oaked('firm-fish') - oaked('sole')).toBeGreaterThan(3);
  });
  published('common practice', 'a few leaves beside grilled beef do not make it a dish that wood smothers; leaves alone are', () => {
    const smothers = (...ids: Parameters<typeof parts>) => pair(parts(...ids), 'oaked-red').reasons.find(({ id }) => id === 'oak-smothers')?.push ?? 0;
    expect(smothers(['beef-lean', 160], ['green-salad', 30], ['rice', 120], 'grilled')).toBeGreaterThan(-3);
    expect(smothers(['green-salad', 90])).toBeLessThan(-20);
  });
  published('common practice', 'a few mussels on a plate of pasta do not forbid a red; a plate of mussels does', () => {
    const red = (grams: number) => fit(parts(['pasta', 160], ['tomato-sauce', 90], ['mussels', grams]), 'sangiovese');
    expect(red(0) - red(11)).toBeLessThan(6);
    expect(red(0) - red(200)).toBeGreaterThan(8);
  });
  published('common practice', 'no sweet wine is among the first five of a savoury plate without chilli, blue mould or liver', () => {
    for (const dish of [
      sandwich(['mayonnaise', 25]),
      parts('beef-steak', 'grilled'),
      parts('chicken', 'roast-gravy', 'potatoes', 'roasted'),
      parts('white-fish', 'olive-oil', 'grilled'),
    ])
      for (const { wine } of advise(dish, styleWines).ranked.slice(0, 5))
        expect(styleWines.find((one) => one.id === wine)!.loads.sweetness, wine).toBeLessThan(58);
  });
  it('what to stay away from is one wine a mistake, the dry ones first', () => {
    const { mistakes, avoid } = advise(parts('oysters', 'raw'), styleWines);
    expect(mistakes.length).toBeGreaterThan(1);
    expect(avoid).toEqual(expect.arrayContaining([...mistakes]));
    const worst = mistakes.map((one) => [...one.reasons].sort((a, b) => a.push - b.push)[0]!.id);
    expect(new Set(worst).size).toBe(worst.length);
    expect(fitClass(styleWines.find((wine) => wine.id === mistakes[0]!.wine)!)).toBe('red');
  });
  it('a dish of everything and a dish of ten kilograms of salt are answered with numbers', () => {
    const everything = dishOf(parts('octopus', 'beef-steak', 'blue-cheese', 'dark-chocolate', 'oysters', 'chilli-oil', 'vinaigrette', 'sugar'));
    for (const value of Object.values(everything.taste)) expect(value >= 0 && value <= 100).toBe(true);
    for (const { fit: score } of advise(parts(['sea-salt', 10_000]), styleWines).ranked) expect(Number.isFinite(score)).toBe(true);
  });
});
