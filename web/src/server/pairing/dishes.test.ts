import { v7 } from 'uuid';
import { afterAll, beforeAll, expect, it } from 'vitest';
import type { AnswerOf } from '../../contract/answers';
import type { Member } from '../command';
import { firstWrite, newMember, ownDatabase, run } from '../testing/venue';
import { foodForStyle, listDishes, saveDish } from './operations';

let drop: () => Promise<void>;
let owner: Member;
beforeAll(async () => {
  drop = await ownDatabase();
  owner = await newMember();
  for (const [name, ...parts] of [
    ['Crème brûlée', 'cream', 'eggs'],
    ['Octopus on coals', 'octopus'],
    ['Grilled sardines', 'sardines'],
    ['Of the house', 'something-of-the-house'],
    ['Not yet built'],
  ] as const)
    await run(saveDish, owner, firstWrite({ schema: 1, name, parts: parts.map((part) => ({ id: v7(), part, grams: 50 })), remark: '' }, v7()));
});
afterAll(() => drop());
const listed = async (input: Record<string, string>) => {
  const { dishes } = (await run(listDishes, owner, input)) as AnswerOf<'dish', 'list'>;
  return dishes.map((dish) => dish.name);
};

it('are found by every word of the name, with accents or without', async () => {
  expect(await listed({})).toEqual(['Crème brûlée', 'Grilled sardines', 'Not yet built', 'Octopus on coals', 'Of the house']);
  expect(await listed({ q: 'brulee creme' })).toEqual(['Crème brûlée']);
  expect(await listed({ q: 'OCTO' })).toEqual(['Octopus on coals']);
  expect(await listed({ q: 'octopus brulee' })).toEqual([]);
});
// EU Regulation 1169/2011, annex II: fish and molluscs are two of the fourteen.
it('are left out by any allergen their parts are known to hold, and where the parts are not known', async () => {
  expect(await listed({ without: 'molluscs' })).toEqual(['Crème brûlée', 'Grilled sardines']);
  expect(await listed({ without: 'fish,milk' })).toEqual(['Octopus on coals']);
  await expect(listed({ without: 'stones' })).rejects.toMatchObject({ status: 422 });
});
it('are narrowed by a diet: what breaks it is left out, and what is not known', async () => {
  expect(await listed({ diets: 'vegetarian' })).toEqual(['Crème brûlée']);
  expect(await listed({ diets: 'no-pork' })).toEqual(['Crème brûlée', 'Grilled sardines', 'Octopus on coals']);
  expect(await listed({ diets: 'vegetarian', without: 'milk' })).toEqual([]);
  await expect(listed({ diets: 'air' })).rejects.toMatchObject({ status: 422 });
});
it('of a general style: food by course, narrowed by what is in the fridge, by season and by need', async () => {
  const food = async (input: Record<string, string>) => (await run(foodForStyle, owner, { style: 'cabernet', ...input })) as AnswerOf<'pairing', 'styleFood'>;
  const plain = await food({});
  expect(plain.courses.find(({ course }) => course === 'main')!.dishes.length).toBeGreaterThan(0);
  expect(plain.fromFridge).toEqual([]);
  const fridge = await food({ have: 'steak, chips, moonlight' });
  expect(fridge.fromFridge.map(({ id }) => id)).toContain('steak-frites');
  expect(fridge.notUnderstood).toEqual(['moonlight']);
  const meatless = await food({ diets: 'vegetarian' });
  expect(
    meatless.courses
      .flatMap(({ dishes }) => dishes)
      .map(({ name }) => name)
      .join(),
  ).not.toMatch(/lamb|beef|steak|duck/);
  await expect(food({ style: 'nothing' })).rejects.toMatchObject({ status: 404 });
});
