import { describe, expect, it } from 'vitest';
import { emptyMenu, type MenuDocument } from '@rose/core/menu/menu-document';
import { drained } from '@rose/core/solver/solver';
import { published } from '@rose/core/testing/published';
import { readLine } from '../dishes/read-line';
import { dishFromRecipe, recipeOf } from '../dishes/recipe';
import { keepsTo } from '../kitchen/index';
import { ingredient, type Allergen } from '../pairing/index';
import { asWeighed, weighedInWords } from '@rose/core/quantity/weighed';
import { cooksCard } from './cooks-card';
import { servedDishes } from './served';
import { menuStyles, planMenu, platesOf, type MenuPlan, type MenuWine } from './index';

const menuOf = (lines: readonly string[], more: Partial<MenuDocument> = {}): MenuDocument => ({
  ...emptyMenu,
  name: 'Supper',
  courses: lines.map((line, i) => ({
    id: String(i),
    name: line,
    parts: readLine(line).parts.map(({ usual: _, ...part }, j) => ({
      ...part,
      id: String(j),
      cooked: part.cooked === undefined ? undefined : [...part.cooked],
    })),
  })),
  ...more,
});
const planned = (menu: MenuDocument, wines: readonly MenuWine[] = menuStyles): MenuPlan => {
  const answer = drained(planMenu({ menu, wines }));
  if (answer.kind !== 'plan') throw new Error(answer.why);
  return answer;
};
const five = ['oysters with lemon', 'Sole meunière', 'roast lamb with rosemary, potato gratin', 'cheese plate', 'crème brûlée'];
const seat = (number: number, more: Partial<MenuDocument['seats'][number]> = {}): MenuDocument['seats'][number] => ({
  id: `s${number}`,
  seat: number,
  allergens: [],
  diets: [],
  drinks: true,
  ...more,
});

describe('a menu of five courses', () => {
  const plan = planned(menuOf(five, { most: 5 }));
  const named = (i: number) => menuStyles.find(({ wine }) => wine.id === plan.courses[i]!.wine)!.wine;
  published('common practice', 'a sharp white or bubbles with oysters, a red with lamb, a sweet wine with the pudding', () => {
    expect(named(0).colour === 'white' && named(0).loads.acidity > 60).toBe(true);
    expect(named(2).colour).toBe('red');
    expect(named(4).loads.sweetness).toBeGreaterThan(60);
    expect(plan.proven).toBe(true);
  });
  it('fewer wines are never worth more; what is fixed is poured; another wine costs what it says', () => {
    const three = planned(menuOf(five, { most: 3 }));
    expect(new Set(three.courses.map(({ wine }) => wine)).size).toBeLessThanOrEqual(3);
    expect(three.points).toBeLessThanOrEqual(plan.points + 1e-9);
    const menu = menuOf(five, { most: 5 });
    const fixed = planned({ ...menu, courses: menu.courses.map((course, i) => (i === 2 ? { ...course, pin: plan.courses[2]!.other!.wine } : course)) });
    expect(fixed.courses[2]!.wine).toBe(plan.courses[2]!.other!.wine);
    expect(plan.points - fixed.points).toBeCloseTo(plan.courses[2]!.other!.costs, 6);
  });
  it('a late change for one seat changes that plate, and nobody else’s', () => {
    const late = planned(menuOf(five, { most: 5, seats: [seat(4, { diets: ['no-fish'] })] }));
    const [oysters, sole, lamb] = late.courses;
    for (const course of [oysters!, sole!]) {
      const own = course.plates.plates.find(({ seats }) => seats.includes(4))!;
      expect(own.guests).toBe(1);
      expect(keepsTo(own.parts, { allergens: [], diets: ['no-fish'] }).breaks).toEqual([]);
      expect(course.plates.plates.find(({ seats }) => seats.length === 0)!.guests).toBe(3);
    }
    expect(lamb!.plates.plates).toHaveLength(1);
    expect(planned(menuOf(five, { most: 5, seats: [seat(9, { diets: ['no-fish'] })] })).points).toBeCloseTo(plan.points, 9);
  });
  it('a wine that holds what a guest who drinks must not is left out, and told; one who drinks none has a drink of their own', () => {
    const egg: MenuWine[] = menuStyles.map((one) => ({ ...one, allergens: one.wine.colour === 'red' ? ['sulphites', 'eggs'] : ['sulphites'] }));
    const plan2 = planned(menuOf(five, { most: 5, seats: [seat(1, { allergens: ['eggs'] satisfies Allergen[] })] }), egg);
    expect(plan2.left.length).toBeGreaterThan(5);
    expect(plan2.left.every(({ why }) => why.includes('eggs'))).toBe(true);
    for (const { wine } of plan2.courses) expect(egg.find((one) => one.wine.id === wine)!.allergens).not.toContain('eggs');
    const dry = planned(menuOf(five, { most: 5, seats: [seat(1, { drinks: false })] }));
    expect(dry.courses.every(({ soft }) => soft !== undefined)).toBe(true);
    expect(dry.pours.reduce((sum, { ml }) => sum + ml, 0)).toBe(3 * 120 * 5);
  });
});

describe('money', () => {
  const prices = (of: (i: number) => number): readonly MenuWine[] => menuStyles.slice(0, 60).map((one, i) => ({ ...one, sizes: [{ ml: 750, price: of(i) }] }));
  it('a budget is kept, and one that cannot be is told', () => {
    const menu = menuOf(five, { most: 5, budgetMinor: 9000, thrift: 'none' });
    const plan = planned(
      menu,
      prices((i) => 1500 + 100 * i),
    );
    expect(plan.money).toBeLessThanOrEqual(9000);
    expect(plan.pours.reduce((sum, { money }) => sum + money!, 0)).toBe(plan.money);
    expect(drained(planMenu({ menu: { ...menu, budgetMinor: 100 }, wines: prices(() => 1500) })).kind).toBe('impossible');
  });
  it('one wine over two courses shares its bottles', () => {
    const menu = menuOf(['grilled prawns', 'grilled sea bass'], { guests: 3, pourMl: 120, most: 1, thrift: 'much' });
    const plan = planned(
      menu,
      prices(() => 2000),
    );
    expect(plan.pours).toHaveLength(1);
    expect(plan.pours[0]!.bottles).toEqual([{ ml: 750, count: 1 }]);
  });
  it('by the glass costs what is drunk', () => {
    const plan = planned(
      menuOf(['grilled prawns'], { guests: 3, pourMl: 125, pouring: 'glass' }),
      prices(() => 1500),
    );
    expect(plan.money).toBeCloseTo(750, 6);
  });
});

describe('bad input', () => {
  it('no course, no wine, every seat with every need: a clear answer', () => {
    expect(drained(planMenu({ menu: menuOf([]), wines: menuStyles }))).toMatchObject({ kind: 'impossible' });
    expect(planned(menuOf(five), []).courses.every(({ wine }) => wine === undefined)).toBe(true);
    expect(drained(planMenu({ menu: menuOf(five), wines: menuStyles.slice(0, 1) }))).toMatchObject({ kind: 'plan' });
    const all = menuOf(five, { guests: 3, seats: [1, 2, 3].map((n) => seat(n, { diets: ['vegan'], allergens: ['gluten', 'nuts', 'soybeans', 'sulphites'] })) });
    const answer = drained(planMenu({ menu: all, wines: menuStyles }));
    expect(answer.kind).toBe('plan');
  });
  it('plates are for as many guests as sit there', () => {
    for (const guests of [1, 2, 7]) {
      const { plates, another } = platesOf(readLine('sole meunière').parts, guests, [
        seat(1, { allergens: ['milk'] }),
        seat(2, { diets: ['vegan'] }),
        seat(99),
      ]);
      expect(plates.reduce((sum, plate) => sum + plate.guests, 0) + another.length).toBe(guests);
    }
  });
});

describe('the cook’s card', () => {
  const plan = planned(menuOf(five, { guests: 8, most: 5, seats: [seat(2, { allergens: ['milk'] })] }));
  const card = cooksCard(plan);
  it('counts grams for the table and the order of work back from each course', () => {
    const lamb = card.courses[2]!;
    const row = lamb.plates[0]!.rows.find(({ part }) => part === 'lamb')!;
    expect(row.all).toBe(row.each * lamb.plates[0]!.guests);
    expect(card.work.map(({ at }) => at)).toEqual(card.work.map(({ at }) => at).sort((a, b) => a - b));
    for (const course of card.courses) expect(card.work.find(({ what }) => what === `Begin ${course.name}`)!.at).toBeLessThan(course.at);
    expect(card.work.some(({ what }) => what.includes('out of the fridge'))).toBe(true);
  });
  it('what is bought is what the plates hold, and the sentences are for a table: no numbers', () => {
    const all = card.courses.flatMap(({ plates }) => plates.flatMap(({ rows }) => rows));
    expect(card.shopping.reduce((sum, { grams }) => sum + grams, 0)).toBeCloseTo(
      all.reduce((sum, row) => sum + row.all, 0),
      6,
    );
    for (const { say } of card.courses) expect(say).not.toMatch(/\d|undefined/);
  });
  it('beside a flight each course goes out with its wine, a second one with the same wine shortly after, and the work is counted back from there', () => {
    const wines = plan.courses.map(({ wine }) => wine);
    const pours = new Map([...new Set(wines.flatMap((wine) => wine ?? []))].map((wine, i) => [wine, i * 22]));
    const beside = cooksCard(plan, pours);
    for (const [i, course] of beside.courses.entries()) {
      const wine = wines[i];
      const again = wine !== undefined && wines[i - 1] === wine;
      if (wine !== undefined && !again) expect(course.at).toBe(pours.get(wine));
      if (again) expect(course.at).toBe(beside.courses[i - 1]!.at + 10);
      expect(beside.work.find(({ what }) => what === `Plate ${course.name}`)!.at).toBe(course.at - 5);
      expect(beside.work.find(({ what }) => what === `Begin ${course.name}`)!.at).toBeLessThan(course.at - 5);
    }
    expect(beside.courses.map(({ at }) => at)).toEqual(beside.courses.map(({ at }) => at).sort((a, b) => a - b));
    // Amounts are those of the menu, whenever it goes out.
    expect(beside.shopping).toEqual(card.shopping);
  });
  it('what goes out with a wine is one dish, with all its food: what the plates hold is what is bought', () => {
    const dishes = servedDishes(plan, 'Supper');
    expect([...dishes.keys()].sort()).toEqual([...new Set(plan.courses.flatMap(({ wine }) => wine ?? []))].sort());
    const bought = [...dishes.values()].flatMap(({ food }) => food).reduce((sum, { grams }) => sum + grams, 0);
    const poured = card.courses.filter((_, i) => plan.courses[i]!.wine !== undefined);
    expect(bought).toBeCloseTo(
      poured.flatMap(({ plates }) => plates.flatMap(({ rows }) => rows)).reduce((sum, { all }) => sum + all, 0),
      6,
    );
    const twice = servedDishes({ courses: [plan.courses[2]!, { ...plan.courses[2]!, name: 'again' }] }, 'Supper').get(plan.courses[2]!.wine!)!;
    const once = dishes.get(plan.courses[2]!.wine!)!;
    expect(twice.name).toMatch(/, then again$/);
    expect(twice.hands).toBe(2 * servedDishes({ courses: [plan.courses[2]!] }, 'Supper').get(plan.courses[2]!.wine!)!.hands);
    expect(twice.minutes).toBeGreaterThanOrEqual(Math.max(once.minutes, twice.hands));
  });
  it('a wine whose pour is not known goes out after the course before it', () => {
    const beside = cooksCard(plan, new Map());
    expect(beside.courses.map(({ at }) => at)).toEqual(beside.courses.map((_, i) => i * 10));
  });
  it('weighs as a cook does', () => {
    expect([0.2, 3.4, 23, 187, 1234].map(asWeighed)).toEqual([0.5, 3, 25, 190, 1250]);
    expect([weighedInWords(1250), weighedInWords(190)]).toEqual(['1.25 kg', '190 g']);
  });
});

describe('a recipe', () => {
  it('goes out and comes back as the same parts', () => {
    const parts = readLine('200 g octopus, charred, 15 g olive oil, 100 g potatoes').parts;
    const back = dishFromRecipe(recipeOf({ name: 'Octopus', parts }));
    expect(back.parts.map(({ part, grams }) => [part, grams])).toEqual(parts.map(({ part, grams }) => [part, grams ?? ingredient(part)!.portion]));
    expect(back.notUnderstood).toEqual([]);
  });
  it('of others is read for one guest, spoons as grams, and what is not known handed back', () => {
    const read = dishFromRecipe({
      name: 'Stew',
      recipeYield: 'Serves 4',
      recipeIngredient: ['800 g stewing lamb', '4 tbsp olive oil', '2 cloves garlic', '1 moonbeam'],
    });
    expect(read.parts.find(({ part }) => part === 'lamb')?.grams).toBe(200);
    expect(read.parts.find(({ part }) => part === 'olive-oil')?.grams).toBe(15);
    expect(read.parts.map(({ part }) => part)).toContain('garlic');
    expect(read.notUnderstood).toEqual(['1 moonbeam']);
  });
});
