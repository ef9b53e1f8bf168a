import { and, asc, eq, isNull, sql } from 'drizzle-orm';
import { z } from 'zod';
import type { DishDocument } from '@rose/core/pairing/dish-document';
import { bandOf, fitTitle, shownFit, type Fit, type PairingWine } from '@rose/core/pairing/dish-fit';
import { allergens, dishOf, equipment, styleWines, type Allergen } from '@rose/knowledge/pairing';
import { boardFor } from '@rose/knowledge/cheeses/board';
import { menuLines, readLine } from '@rose/knowledge/dishes/read-line';
import { dishFromRecipe, recipeOf } from '@rose/knowledge/dishes/recipe';
import { diets, keepsTo } from '@rose/knowledge/kitchen/index';
import { isSouthern } from '@rose/core/wine/stated';
import { settingsOf } from '../account/settings';
import { foodFor, type Food } from '@rose/knowledge/dishes/index';
import { dayIn } from '@rose/core/wine/day';
import { keysOf } from '@rose/core/wine/keys';
import { holdsWords } from '@rose/core/wine/search-folding';
import type { Reader } from '../../db/client';
import { dish, flight } from '../../db/schema';
import { asPairingWine, knownWines } from '../cellar/profiles';
import { contract } from '../../contract';
import { serve, type Member } from '../command';
import { fit } from '../../contract/pairing';
import { toldReasons } from '../because';
import { solved } from '../compute/pool';
import { removing, saveDocument, type Store } from '../document';
import { saved } from '../live/announce';
import { idsAmong } from './among';
import { notFound } from '../problem';

/** The entries of a table that a list names, with commas between. */
const chosen = <K extends string>(table: Readonly<Record<K, unknown>>, listed: string): readonly K[] =>
  keysOf(table).filter((id) => listed.split(',').includes(id));

const dishStore: Store<DishDocument> = {
  tell: saved('dish'),
  async lock(tx, venueId, id) {
    const [row] = await tx
      .select()
      .from(dish)
      .where(and(eq(dish.venueId, venueId), eq(dish.id, id)))
      .for('update');
    return row === undefined ? undefined : { revision: row.revision, writes: row.writes, document: row.document, deleted: row.deletedAt !== null };
  },
  async insert(tx, venueId, id, { document, ...rest }) {
    return (
      (
        await tx
          .insert(dish)
          .values({ venueId, id, ...rest, writes: [...rest.writes], name: document.name, document })
          .onConflictDoNothing()
          .returning({ id: dish.id })
      ).length > 0
    );
  },
  update: (tx, venueId, id, { document, ...rest }, tell) =>
    tell([
      tx
        .update(dish)
        .set({ ...rest, writes: [...rest.writes], name: document.name, document, updatedAt: new Date() })
        .where(and(eq(dish.venueId, venueId), eq(dish.id, id))),
    ]),
};

export const saveDish = serve(contract.dish.save, (tx, actor, input, reply) => saveDocument(tx, dishStore, actor.venueId, input.id, input, reply));
const { remove, restore } = removing('dish', dish);
export const deleteDish = serve(contract.dish.delete, remove);
export const restoreDish = serve(contract.dish.restore, restore);
export const dishHangsOn = serve(contract.dish.hangsOn, async (db, actor, { id }) => {
  const [found] = await db
    .select({ id: dish.id })
    .from(dish)
    .where(and(eq(dish.venueId, actor.venueId), eq(dish.id, id)));
  if (found === undefined) throw notFound('dish');
  const flights = await db
    .select({ name: flight.name })
    .from(flight)
    .where(and(eq(flight.venueId, actor.venueId), isNull(flight.deletedAt), sql`${flight.document}->>'dish' = ${id}`));
  return { flights: flights.map((row) => row.name) };
});
const mostListed = 1000;
export const listDishes = serve(contract.dish.list, async (db, actor, { q, without = '', diets: eats = '' }) => {
  const needs = { allergens: chosen(allergens, without), diets: chosen(diets, eats) };
  const asks = needs.allergens.length + needs.diets.length > 0;
  const rows = await db
    .select()
    .from(dish)
    .where(and(eq(dish.venueId, actor.venueId), isNull(dish.deletedAt)))
    .orderBy(asc(dish.name));
  const named = rows.filter((row) => holdsWords(row.name, q)).map((row) => ({ row, composed: dishOf(row.document.parts) }));
  // A dish of nothing, or of something that is not known here, is not said to be without anything.
  const fitting = named.filter(
    ({ row, composed }) => !asks || (row.document.parts.length > 0 && composed.unknown.length === 0 && keepsTo(row.document.parts, needs).breaks.length === 0),
  );
  return {
    dishes: fitting.slice(0, mostListed).map(({ row, composed }) => ({
      id: row.id,
      name: row.name,
      parts: row.document.parts.length,
      allergens: composed.allergens.map((id) => allergens[id as Allergen]),
      taste: { ...composed.taste },
    })),
  };
});
async function readDish(db: Reader, actor: Member, id: string) {
  const [row] = await db
    .select()
    .from(dish)
    .where(and(eq(dish.venueId, actor.venueId), eq(dish.id, id), isNull(dish.deletedAt)));
  if (row === undefined) throw notFound('dish');
  return row;
}
export const getDish = serve(contract.dish.get, async (db, actor, input, reply) => {
  const row = await readDish(db, actor, input.id);
  reply.etag = `"${row.revision}"`;
  return { id: row.id, revision: row.revision, document: row.document };
});
/** The wines a dish is matched with. */
export async function winesAmong(db: Reader, actor: Member, which: string): Promise<readonly PairingWine[]> {
  if (which === 'styles') return styleWines;
  return (await knownWines(db, actor.venueId, await idsAmong(db, actor.venueId, which))).map(asPairingWine);
}
export const pairingWines = serve(contract.pairing.wines, async (db, actor, input) => ({ wines: [...(await winesAmong(db, actor, input.among))] }));
export const pairings = serve(contract.pairing.advise, async (db, actor, input) => {
  const wines = await winesAmong(db, actor, input.among);
  const names = new Map(wines.map((wine) => [wine.id, wine.name]));
  const view = (entry: Fit): z.infer<typeof fit> => ({
    wine: entry.wine,
    name: names.get(entry.wine)!,
    fit: entry.fit,
    shown: shownFit(entry.fit),
    band: bandOf(entry.fit).name,
    because: toldReasons(entry.reasons, (reason) => reason.text).map((line, i) => ({ ...line, title: fitTitle[entry.reasons[i]!.id] })),
  });
  const { advice, swap } = await solved('advice', { parts: input.parts, wines });
  return {
    taste: { ...advice.dish.taste },
    allergens: advice.dish.allergens.map((id) => allergens[id as Allergen]),
    unknown: [...dishOf(input.parts).unknown],
    ranked: advice.ranked.map(view),
    avoid: advice.avoid.map(view),
    byClass: Object.fromEntries(Object.entries(advice.byClass).map(([kind, best]) => [kind, best?.offered === true ? view(best.best) : null])),
    swap: swap === null ? null : { out: swap.out, into: swap.into, wine: swap.best.wine },
  };
});
/** What to eat with a wine, narrowed as it was asked. */
async function foodWith(db: Reader, actor: Member, wine: PairingWine, asked: Omit<z.output<typeof contract.pairing.styleFood.input>, 'style'>) {
  const { have, without, diets: eats, minutes, season, cuisine, equipment: has } = asked;
  const view = ({ because, ...food }: Food) => ({
    ...food,
    shown: shownFit(food.fit),
    band: bandOf(food.fit).name,
    because: because.text,
  });
  const fridge = readLine(have);
  const { country, timeZone } = await settingsOf(db, actor.venueId);
  const { byCourse, cheeses, avoid, fromFridge } = foodFor(wine, {
    have: fridge.parts.map(({ part }) => part),
    needs: { allergens: chosen(allergens, without), diets: chosen(diets, eats) },
    minutes,
    cuisine,
    equipment: has === undefined ? undefined : chosen(equipment, has),
    ...(season === 'yes'
      ? { month: Number(dayIn(new Date(), timeZone).slice(5, 7)), hemisphere: isSouthern(country) ? ('south' as const) : ('north' as const) }
      : {}),
  });
  return {
    courses: keysOf(byCourse).map((course) => ({ course, dishes: byCourse[course].map(view) })),
    cheeses: cheeses.map(view),
    avoid: avoid.map(view),
    fromFridge: fromFridge.map((one) => ({ ...view(one), lacks: [...one.lacks] })),
    notUnderstood: [...fridge.notUnderstood],
  };
}
export const foodForWine = serve(contract.pairing.food, async (db, actor, { id, ...asked }) => {
  const [known] = await knownWines(db, actor.venueId, [id]);
  if (known === undefined) throw notFound('wine');
  return foodWith(db, actor, asPairingWine(known), asked);
});
export const foodForStyle = serve(contract.pairing.styleFood, (db, actor, { style, ...asked }) => {
  const wine = styleWines.find((one) => one.id === style);
  if (wine === undefined) throw notFound('style');
  return foodWith(db, actor, wine, asked);
});

/** The most wines a board is put together for. */
const mostOnBoard = 40;
export const cheeseBoard = serve(contract.pairing.cheeses, async (db, actor, { among, count }) => {
  const wines = (await winesAmong(db, actor, among)).slice(0, mostOnBoard);
  return { wines: wines.map(({ id, name }) => ({ id, name })), board: boardFor(wines, count).map((one) => ({ ...one, cells: [...one.cells] })) };
});
export const readDishes = serve(contract.pairing.read, (_, __, { text }) =>
  Promise.resolve({
    dishes: menuLines(text)
      .map(readLine)
      .map(({ name, parts, without, notUnderstood }) => ({
        name,
        parts: parts.map((part) => ({ ...part, cooked: part.cooked === undefined ? undefined : [...part.cooked] })),
        without: [...without],
        notUnderstood: [...notUnderstood],
      })),
  }),
);

export const dishRecipe = serve(contract.dish.recipe, async (db, actor, { id }) => ({ ...recipeOf((await readDish(db, actor, id)).document) }));
export const dishOfRecipe = serve(contract.dish.fromRecipe, (_, __, { recipe }) => {
  const read = dishFromRecipe(recipe);
  return Promise.resolve({
    document: {
      schema: 1 as const,
      name: read.name.trim() === '' ? 'A recipe' : read.name.trim(),
      parts: read.parts.map((part, i) => ({ ...part, id: `r${i}`, cooked: part.cooked === undefined ? undefined : [...part.cooked] })),
      remark: read.notUnderstood.length === 0 ? '' : `Not understood: ${read.notUnderstood.join('; ')}`.slice(0, 10_000),
    },
    notUnderstood: [...read.notUnderstood],
  });
});
