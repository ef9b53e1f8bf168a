import { describe, expect, it } from 'vitest';
import { fitClass, type Fit } from '@rose/core/pairing/dish-fit';
import { noLeaning, type Leaning } from '@rose/core/pairing/leaning';
import { published } from '@rose/core/testing/published';
import { everydayDish, everydayDishes } from '../dishes/index';
import { bestSoftDrink, softDrinks } from '../without-alcohol/index';
import { answersTo, nearerWine, safeChoice, surprise, swapFor, whatChanged } from './choices';
import { swapFamilies } from './swaps';
import { advise, dishOf, fitClasses, ingredient, ingredients, pair, styleWines, swappable, wayOfCooking, worthOffering, type DishPart } from './index';

const partsOf = (id: string) => everydayDish(id)!.parts;
const byId = new Map(styleWines.map((wine) => [wine.id, wine]));

describe('choices for a dish', () => {
  it('for every everyday dish: the surprise goes and nearly well, never clashes and is of another class than the first three; the safe one holds when any part is doubled', () => {
    for (const { id, parts } of everydayDishes.filter((_, i) => i % 3 === 0)) {
      const advice = advise(parts, styleWines);
      const odd = surprise(advice, styleWines);
      if (odd !== undefined) {
        expect(odd.fit, id).toBeGreaterThanOrEqual(60);
        expect(odd.clash, id).toBeUndefined();
        expect(
          advice.ranked.slice(0, 3).map(({ wine }) => fitClass(byId.get(wine)!)),
          id,
        ).not.toContain(fitClass(byId.get(odd.wine)!));
      }
      const safe = safeChoice(parts, advice, styleWines);
      if (safe !== undefined) {
        expect(safe.least).toBeLessThanOrEqual(safe.fit.fit);
        const at = parts.length - 1;
        const row = ingredient(parts[at]!.part);
        if (row !== undefined) {
          const doubled: DishPart[] = parts.map((one, i) => (i === at ? { ...one, grams: (one.grams ?? row.portion) * 2 } : one));
          expect(pair(doubled, safe.fit.wine).fit, id).toBeGreaterThanOrEqual(safe.least - 1e-9);
        }
      }
    }
  });
  it('a class shown as "none" has none, over every style', () => {
    for (const { id, parts } of everydayDishes) {
      const { byClass } = advise(parts, styleWines);
      for (const kind of Object.keys(fitClasses) as (keyof typeof fitClasses)[]) {
        const fits = styleWines.filter((wine) => fitClass(wine) === kind).map((wine) => pair(parts, wine.id).fit);
        expect(byClass[kind]?.offered ?? false, `${id} ${kind}`).toBe(fits.some((fit) => fit >= worthOffering));
      }
    }
  });
  it('the nearest better wine is better, and said to differ', () => {
    const advice = advise(partsOf('green-curry'), styleWines);
    const red = advice.ranked.find(({ wine }) => wine === 'cabernet')!;
    const near = nearerWine(red, advice, styleWines)!;
    expect(near.fit.fit).toBeGreaterThan(red.fit + 4);
    expect(near.how).toMatch(/grip|alcohol|sweeter|lighter|wood/);
    expect(nearerWine(advice.ranked[0]!, advice, styleWines)).toBeUndefined();
  });
});

describe('swaps', () => {
  it('each sauce, side and fat has a place on the plate, and no list names what is not there', () => {
    const listed = new Set(swapFamilies.flat());
    expect(ingredients.filter(({ kind, id }) => ['sauce', 'side', 'fat'].includes(kind) && !listed.has(id)).map(({ id }) => id)).toEqual([]);
    expect([...listed].filter((id) => ingredient(id) === undefined)).toEqual([]);
  });
  it('are within one kind, never of a base, never to raw, never between what is sweet and what is not', () => {
    for (const { id, kind } of ingredients)
      for (const other of swappable(id)) {
        expect(kind, id).toMatch(/sauce|side|fat/);
        expect(ingredient(other)!.kind, `${id} ${other}`).toBe(kind);
      }
    expect(swappable('raw')).toEqual([]);
    expect(swappable('grilled')).not.toContain('raw');
    for (const sweet of ['caramel', 'chocolate-sauce', 'custard-sauce']) expect(swappable(sweet)).not.toContain('roast-gravy');
  });
  it('for a wine: the pair is better by what is promised, the rest of the dish as it was', () => {
    for (const { id, parts } of everydayDishes.slice(0, 60))
      for (const wine of ['cabernet', 'herbal-coast', 'offdry-riesling'] as const) {
        const swap = swapFor(parts, byId.get(wine)!);
        if (swap === undefined) continue;
        expect(swap.fit.fit, id).toBeGreaterThanOrEqual(pair(parts, wine).fit + 5 - 1e-9);
        const known = ingredient(swap.into) ?? wayOfCooking(swap.into);
        expect(known, id).toBeDefined();
      }
  });
});

describe('what a change did', () => {
  const changed = (parts: readonly DishPart[], more: DishPart) => whatChanged(advise(parts, styleWines), advise([...parts, more], styleWines), styleWines);
  published(
    'common practice',
    'vinegar takes from soft whites; chilli takes from reds with grip and gives to what is sweet; fat gives to bubbles or grip',
    () => {
      expect(changed(partsOf('greek-salad'), { part: 'vinegar-spoon' })[0]).toMatchObject({ kind: expect.stringMatching(/soft whites|reds|sweet/) as string });
      const chilli = changed(partsOf('roast-chicken'), { part: 'fresh-chilli', grams: 8 });
      expect(chilli.find(({ by }) => by < 0)!.kind).toBe('reds with grip');
      expect(chilli.find(({ by }) => by > 0)!.kind).toBe('sweet and fortified wines');
    },
  );
  it('nothing is told of nothing', () => {
    const advice = advise(partsOf('greek-salad'), styleWines);
    expect(whatChanged(advice, advice, styleWines)).toEqual([]);
    expect(whatChanged(advise([], styleWines), advice, styleWines)).toEqual([]);
  });
});

describe('without alcohol', () => {
  it('there are twenty drinks and more, none with alcohol', () => {
    expect(softDrinks.length).toBeGreaterThanOrEqual(20);
    expect(softDrinks.every(({ loads }) => loads.alcohol === 0)).toBe(true);
    expect(new Set(softDrinks.map(({ id }) => id)).size).toBe(softDrinks.length);
  });
  const drinkFor = (id: string) => bestSoftDrink(dishOf(partsOf(id)))!;
  published('common practice', 'salt and acid with oysters, bubbles with what is fried, something sweet with a pudding, nothing for nothing', () => {
    expect(drinkFor('oysters-on-ice').drink.loads.acidity).toBeGreaterThan(60);
    expect(drinkFor('fish-and-chips').drink.loads.bubbles).toBeGreaterThan(40);
    expect(drinkFor('creme-brulee').drink.loads.sweetness).toBeGreaterThan(60);
    expect(drinkFor('steak-frites').drink.loads.sweetness).toBeLessThan(45);
    expect(bestSoftDrink(dishOf([]))).toBeUndefined();
  });
});

describe('a flight for one dish', () => {
  it('is up to three wines, each another, none that clashes, each with its reason', () => {
    for (const { id, parts } of everydayDishes.filter((_, i) => i % 4 === 0)) {
      const answers = answersTo(advise(parts, styleWines), styleWines);
      expect(answers.length, id).toBeLessThanOrEqual(3);
      expect(new Set(answers.map(({ fit }) => fit.wine)).size, id).toBe(answers.length);
      for (const { fit, because } of answers) {
        expect(fit.clash, id).toBeUndefined();
        expect(because.length, id).toBeGreaterThan(5);
      }
    }
    expect(answersTo(advise(partsOf('roast-chicken'), styleWines), styleWines).map(({ by }) => by)).toEqual(['likeness', 'contrast', 'surprise']);
    expect(answersTo(advise([], styleWines), styleWines)).toEqual([]);
  });
});

describe('leanings', () => {
  const fit = (style: string, leaning: Leaning) => advise(partsOf('steak-frites'), styleWines, leaning).ranked.find(({ wine }) => wine === style)!;
  it('a school weighs reasons, which still add up; no school unsays a warning', () => {
    const [even, contrast] = [fit('cabernet', noLeaning), fit('cabernet', { school: 'contrast', likes: [] })];
    const push = (of: Fit, id: string) => of.reasons.find((reason) => reason.id === id)?.push ?? 0;
    expect(push(contrast, 'grip-bound')).toBeCloseTo(1.4 * push(even, 'grip-bound'), 9);
    expect(push(contrast, 'echo')).toBeCloseTo(0.6 * push(even, 'echo'), 9);
    expect(contrast.reasons.reduce((sum, reason) => sum + reason.push, 0)).toBeCloseTo(contrast.fit, 9);
    const oysters = (leaning: Leaning) => advise(partsOf('oysters-on-ice'), styleWines, leaning).ranked.find(({ wine }) => wine === 'tannat')!;
    for (const school of ['likeness', 'contrast'] as const)
      expect(push(oysters({ school, likes: [] }), 'grip-fish')).toBeCloseTo(push(oysters(noLeaning), 'grip-fish'), 9);
  });
  it('a guest who dislikes grip is not led to the grippiest red, and is told why', () => {
    const [before, after] = [fit('tannat', noLeaning), fit('tannat', { school: 'even', likes: ['no-grip'] })];
    expect(after.fit).toBeLessThan(before.fit - 15);
    expect(after.reasons.find(({ id }) => id === 'taste')?.text).toBe('The guest dislikes grip');
    const best = advise(partsOf('steak-frites'), styleWines, { school: 'even', likes: ['no-grip'] }).ranked[0]!;
    expect(byId.get(best.wine)!.loads.tannin).toBeLessThan(60);
  });
});
