import { v4, v7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { emptyFlight, type FlightDocument } from '@rose/core/flight/flight';
import { emptyMenu, type MenuDocument } from '@rose/core/menu/menu-document';
import { readLine } from '@rose/knowledge/dishes/read-line';
import type { AnswerOf } from '../../contract/answers';
import { saveWine } from '../cellar/commands';
import { getFlight, saveFlight } from '../flight/operations';
import { timetableOf } from '../flight/afternoon';
import type { Member, Reply } from '../command';
import { assyrtiko, lamplighter } from '../testing/world';
import { perform } from '../http';
import { firstWrite, newMember, ownDatabase, run } from '../testing/venue';
import { deleteMenu, getMenu, listMenus, menuFile, menuForFlight, menuWines, planOfMenu, restoreMenu, saveMenu } from './menus';

let drop: () => Promise<void>;
let owner: Member;
let stranger: Member;
const [white, red] = [v7(), v7()];
beforeAll(async () => {
  drop = await ownDatabase();
  [owner, stranger] = [await newMember('owner'), await newMember('owner')];
  const lot = { id: v7(), formatMl: 750, held: 6, priceMinor: 2400, currency: 'EUR' };
  await run(
    saveWine,
    owner,
    firstWrite({ ...assyrtiko, lots: [lot, { ...lot, id: v7(), priceMinor: 2100, held: 2 }, { ...lot, id: v7(), formatMl: 375, priceMinor: 1300 }] }, white),
  );
  await run(saveWine, owner, firstWrite({ ...lamplighter, lots: [{ ...lot, id: v7(), priceMinor: 3000, currency: 'USD' }] }, red));
});
afterAll(() => drop());

const menuOf = (more: Partial<MenuDocument> = {}, ...lines: string[]): MenuDocument => ({
  ...emptyMenu,
  name: 'Supper',
  courses: lines.map((line, i) => ({
    id: `c${i}`,
    name: line,
    parts: readLine(line).parts.map(({ part, grams, cooked }, j) => ({ id: `p${j}`, part, grams, cooked: cooked === undefined ? undefined : [...cooked] })),
  })),
  ...more,
});
const kept = async (document: MenuDocument) => {
  const id = v7();
  await run(saveMenu, owner, firstWrite(document, id));
  return id;
};
const planned = async (document: MenuDocument) => (await run(planOfMenu, owner, { menu: document })) as AnswerOf<'menu', 'plan'>;

describe('a menu', () => {
  it('is saved, listed with its courses, read with its revision, deleted and brought back', async () => {
    const id = await kept(menuOf({ guests: 6 }, 'oysters', 'roast lamb'));
    const { menus } = (await run(listMenus, owner, {})) as AnswerOf<'menu', 'list'>;
    expect(menus.find((one) => one.id === id)).toMatchObject({ name: 'Supper', courses: ['oysters', 'roast lamb'], guests: 6 });
    expect(await run(getMenu, owner, { id })).toMatchObject({ revision: 1, document: { guests: 6 } });
    await run(deleteMenu, owner, { id });
    await expect(run(getMenu, owner, { id })).rejects.toMatchObject({ status: 404 });
    await run(restoreMenu, owner, { id });
    expect(await run(getMenu, owner, { id })).toMatchObject({ revision: 1 });
  });
  it('sent twice is saved once; written over an older one is told what stands there', async () => {
    const id = await kept(menuOf({}, 'oysters'));
    const write = { id, writeId: v4(), baseRevision: 1, document: menuOf({ guests: 9 }, 'oysters') };
    expect(await run(saveMenu, owner, write)).toMatchObject({ revision: 2 });
    expect(await run(saveMenu, owner, write)).toMatchObject({ revision: 2 });
    await expect(run(saveMenu, owner, { ...write, writeId: v4(), document: menuOf({ guests: 3 }, 'oysters') })).rejects.toMatchObject({
      status: 409,
      more: { revision: 2, document: { guests: 9 } },
    });
  });
  it('of another venue is not there', async () => {
    const id = await kept(menuOf({}, 'oysters'));
    for (const operation of [getMenu, deleteMenu]) await expect(run(operation, stranger, { id })).rejects.toMatchObject({ status: 404 });
    await expect(run(menuFile, stranger, { id, format: 'json' })).rejects.toMatchObject({ status: 404 });
    expect(((await run(listMenus, stranger, {})) as AnswerOf<'menu', 'list'>).menus).toEqual([]);
  });
  it('with nonsense in it is refused with the field', async () => {
    for (const wrong of [{ guests: 0 }, { most: 13 }, { pourMl: 5 }, { among: 'the moon' }, { thrift: 'all' }, { name: '' }, { budgetMinor: -1 }])
      await expect(run(saveMenu, owner, firstWrite({ ...menuOf({}, 'oysters'), ...wrong } as MenuDocument, v7())), JSON.stringify(wrong)).rejects.toMatchObject(
        { status: 422 },
      );
  });
});

describe('the wines of a menu', () => {
  it('come with the cheapest price of each size in the venue’s currency, and how many are held', async () => {
    const { wines, currency } = (await run(menuWines, owner, { among: 'cellar' })) as AnswerOf<'menu', 'wines'>;
    expect(currency).toBe('EUR');
    const sizes = wines.find(({ wine }) => wine.id === white)!.sizes.toSorted((a, b) => b.ml - a.ml);
    expect(sizes).toEqual([
      { ml: 750, price: 2100, held: 8 },
      { ml: 375, price: 1300, held: 6 },
    ]);
    expect(wines.find(({ wine }) => wine.id === red)!.sizes, 'priced in another currency').toEqual([]);
  });
  it('hold sulphites, each of them', async () => {
    const { wines } = (await run(menuWines, owner, { among: 'styles' })) as AnswerOf<'menu', 'wines'>;
    expect(wines.length).toBeGreaterThan(90);
    expect(wines.every(({ allergens }) => allergens.includes('sulphites'))).toBe(true);
  });
});

describe('a plan', () => {
  it('chooses out of the cellar, counts bottles and money, and keeps a budget or says that it cannot', async () => {
    const menu = menuOf({ among: 'cellar', guests: 4, pourMl: 120, most: 1 }, 'oysters with lemon', 'grilled sea bass');
    const plan = await planned(menu);
    if (plan.kind !== 'plan') throw new Error(plan.why);
    expect(plan.courses.map(({ wine }) => wine)).toEqual([white, white]);
    expect(plan.pours).toMatchObject([
      {
        ml: 960,
        bottles: [
          { ml: 750, count: 1 },
          { ml: 375, count: 1 },
        ],
        money: 3400,
      },
    ]);
    expect(plan.money).toBe(3400);
    const tight = await planned({ ...menu, budgetMinor: 1000 });
    expect(tight).toMatchObject({ kind: 'impossible' });
    expect(tight.kind === 'impossible' && tight.why).toMatch(/budget.*Raise it/);
  });
  it('leaves out what has no price where there is a budget, and says so', async () => {
    const plan = await planned(menuOf({ among: 'cellar', budgetMinor: 50_000 }, 'roast lamb'));
    expect(plan).toMatchObject({ kind: 'plan', left: [{ wine: red, why: 'has no price' }] });
  });
  it('looks after a seat: another plate, a drink of its own, and no wine with what a guest must not drink', async () => {
    const seats = [
      { id: 'a', seat: 1, allergens: [], diets: ['no-fish'], drinks: true },
      { id: 'b', seat: 2, allergens: [], diets: [], drinks: false },
    ];
    const plan = await planned(menuOf({ guests: 4, seats }, 'sole meunière'));
    if (plan.kind !== 'plan') throw new Error(plan.why);
    const [course] = plan.courses;
    expect(course!.plates.plates.map(({ guests, seats: at }) => [guests, at])).toEqual([
      [3, []],
      [1, [1]],
    ]);
    expect(course!.soft).toBeDefined();
    expect(plan.pours[0]!.ml).toBe(3 * 120);
  });
  it('of an empty menu, or of a wine fixed that is not there, is a sentence', async () => {
    expect(await planned(menuOf())).toMatchObject({ kind: 'impossible', why: expect.stringContaining('No course') as string });
    const menu = menuOf({}, 'oysters');
    expect(await planned({ ...menu, courses: [{ ...menu.courses[0]!, pin: 'nothing' }] })).toMatchObject({
      kind: 'impossible',
      why: expect.stringContaining('fixed for oysters') as string,
    });
  });
});

describe('files of a menu', () => {
  const fileOf = async (id: string, format: string) => {
    const reply: Reply = { cookies: [] };
    await perform(menuFile, owner, { id, format }, reply);
    return reply.file!;
  };
  it('are itself as JSON, which can be saved again; recipes as schema.org has them; and a card as PDF', async () => {
    const id = await kept(menuOf({ guests: 6 }, 'Oysters', 'Roast lamb with rosemary'));
    const json = await fileOf(id, 'json');
    expect(await run(saveMenu, owner, firstWrite(JSON.parse(String(json.body)) as MenuDocument, v7()))).toMatchObject({ revision: 1 });
    const linked = JSON.parse(String((await fileOf(id, 'jsonld')).body)) as {
      '@context': string;
      hasMenuItem: { subjectOf: { recipeIngredient: string[] } }[];
    };
    expect(linked['@context']).toBe('https://schema.org');
    expect(linked.hasMenuItem.map(({ subjectOf }) => subjectOf.recipeIngredient.length)).toEqual([1, 2]);
    const card = await fileOf(id, 'pdf');
    expect(card.type).toBe('application/pdf');
    expect(
      Buffer.from(card.body as Uint8Array)
        .subarray(0, 5)
        .toString(),
    ).toBe('%PDF-');
  });
  it('there is no card of a menu that has no plan, and the answer says why', async () => {
    const id = await kept(menuOf());
    await expect(fileOf(id, 'pdf')).rejects.toMatchObject({ status: 409 });
  });
});

describe('a menu round a flight', () => {
  const flightOf = async (more: Partial<FlightDocument> = {}) => {
    const id = v7();
    await run(
      saveFlight,
      owner,
      firstWrite({ ...emptyFlight, name: 'Two of ours', wines: [{ id: white }, { id: red }], order: [white, red], guests: 6, ...more }, id),
    );
    return id;
  };
  const ready = async (id: string) => (await run(getFlight, owner, { id })) as AnswerOf<'flight', 'get'>;
  it('has a dish for each wine in its order, is saved as it stands, and its dishes stand in the flight’s afternoon and list', async () => {
    const flight = await flightOf();
    const { document, because } = (await run(menuForFlight, owner, { id: flight })) as AnswerOf<'menu', 'forFlight'>;
    expect(document.courses.map(({ pin }) => pin)).toEqual([white, red]);
    expect(document).toMatchObject({ among: `flight:${flight}`, guests: 6, most: 2 });
    for (const { text } of because) expect(text.length).toBeGreaterThan(8);
    expect((await ready(flight)).wines.map(({ evening }) => evening.dish)).toEqual([undefined, undefined]);
    const id = await kept(document as MenuDocument);
    const dishes = (await ready(flight)).wines.map(({ evening }) => evening.dish!);
    expect(dishes.map(({ name }) => name)).toEqual(document.courses.map(({ name }) => name));
    for (const dish of dishes) {
      expect(dish.minutes).toBeGreaterThanOrEqual(dish.hands);
      expect(dish.food.length).toBeGreaterThan(0);
    }
    // The card of the cook has the flight's clock.
    const reply: Reply = { cookies: [] };
    await perform(menuFile, owner, { id, format: 'pdf' }, reply);
    expect(reply.file).toMatchObject({ type: 'application/pdf' });
    const timetable = (await run(timetableOf, owner, { id: flight })) as AnswerOf<'flight', 'timetable'>;
    const told = timetable.tasks.map(({ text }) => text).join('\n');
    for (const { name } of dishes) expect(told).toContain(`Plate ${name}`);
    await run(deleteMenu, owner, { id });
    expect((await ready(flight)).wines.every(({ evening }) => evening.dish === undefined)).toBe(true);
  });
  it('of two menus round one flight the one that was changed last counts, and each says which does', async () => {
    const flight = await flightOf();
    const { document } = (await run(menuForFlight, owner, { id: flight })) as AnswerOf<'menu', 'forFlight'>;
    const besideOf = async () => ((await run(menuWines, owner, { among: `flight:${flight}` })) as AnswerOf<'menu', 'wines'>).beside;
    expect(await besideOf()).toBeNull();
    const first = await kept({ ...(document as MenuDocument), name: 'Supper' });
    expect(await besideOf()).toEqual({ id: first, name: 'Supper' });
    const second = await kept({ ...(document as MenuDocument), name: 'Lunch', courses: (document as MenuDocument).courses.slice(1) });
    expect(await besideOf()).toEqual({ id: second, name: 'Lunch' });
    expect((await ready(flight)).wines.filter(({ evening }) => evening.dish !== undefined)).toHaveLength(1);
    await run(deleteMenu, owner, { id: second });
    expect(await besideOf()).toEqual({ id: first, name: 'Supper' });
    expect((await ready(flight)).wines.filter(({ evening }) => evening.dish !== undefined)).toHaveLength(2);
    expect(((await run(menuWines, owner, { among: 'cellar' })) as AnswerOf<'menu', 'wines'>).beside).toBeNull();
  });
  it('of a flight that is blind to its host no dish belongs to a wine before the evening', async () => {
    const flight = await flightOf({ blind: 'double' });
    const { document } = (await run(menuForFlight, owner, { id: flight })) as AnswerOf<'menu', 'forFlight'>;
    await kept(document as MenuDocument);
    expect((await ready(flight)).wines.every(({ evening }) => evening.dish === undefined)).toBe(true);
  });
  it('is nobody else’s, and a flight without wines gives a menu without courses', async () => {
    const flight = await flightOf();
    await expect(run(menuForFlight, stranger, { id: flight })).rejects.toMatchObject({ status: 404 });
    const bare = await flightOf({ wines: [], order: [] });
    expect(((await run(menuForFlight, owner, { id: bare })) as AnswerOf<'menu', 'forFlight'>).document.courses).toEqual([]);
  });
});
