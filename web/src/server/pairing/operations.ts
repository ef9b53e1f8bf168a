import { and, asc, eq, isNull } from 'drizzle-orm';
import { z } from 'zod';
import type { DishDocument } from '@rose/core/pairing/document';
import { dishDocument } from '@rose/core/pairing/document-schema';
import { dishAxes } from '@rose/core/pairing/dish';
import type { Fit, PairingWine } from '@rose/core/pairing/fit';
import { fitTitle, fitWording } from '@rose/core/pairing/wording';
import { sentence } from '@rose/core/wine/reason';
import { advise, allergens, dishOf, smallestSwap, styleWines, type Allergen } from '@rose/knowledge/pairing';
import type { Reader } from '../../db/client';
import { dish } from '../../db/schema';
import { asPairingWine, knownWines } from '../cellar/profiles';
import { command, query, type Member } from '../command';
import { removal, savedOutput, saveDocument, writeInput, type Store } from '../document';
import { readFlight } from '../flight/store';
import { notFound } from '../problem';

const dishStore: Store<DishDocument> = {
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
  async update(tx, venueId, id, { document, ...rest }) {
    await tx
      .update(dish)
      .set({ ...rest, writes: [...rest.writes], name: document.name, document, updatedAt: new Date() })
      .where(and(eq(dish.venueId, venueId), eq(dish.id, id)));
  },
};

export const saveDish = command({
  name: 'dish.save',
  method: 'PUT',
  path: '/dishes/{id}',
  summary: 'Saves a dish built from parts',
  allow: 'dish.edit',
  input: writeInput(dishDocument),
  output: savedOutput,
  run: (tx, actor, input, reply) => saveDocument(tx, dishStore, actor.venueId, input.id, input, reply),
});
export const { remove: deleteDish, restore: restoreDish } = removal('dish', 'dish.edit', '/dishes', dish);
const one = z.strictObject({ id: z.uuid() });
export const listDishes = query({
  name: 'dish.list',
  method: 'GET',
  path: '/dishes',
  summary: 'The dishes of the venue, each with its allergens',
  allow: 'read',
  input: z.strictObject({}),
  output: z.object({
    dishes: z.array(
      z.object({ id: z.string(), name: z.string(), parts: z.number(), allergens: z.array(z.string()), taste: z.record(z.enum(dishAxes), z.number()) }),
    ),
  }),
  async run(db, actor) {
    const rows = await db
      .select()
      .from(dish)
      .where(and(eq(dish.venueId, actor.venueId), isNull(dish.deletedAt)))
      .orderBy(asc(dish.name))
      .limit(1000);
    return {
      dishes: rows.map((row) => {
        const composed = dishOf(row.document.parts);
        return {
          id: row.id,
          name: row.name,
          parts: row.document.parts.length,
          allergens: composed.allergens.map((id) => allergens[id as Allergen]),
          taste: { ...composed.taste },
        };
      }),
    };
  },
});
export const getDish = query({
  name: 'dish.get',
  method: 'GET',
  path: '/dishes/{id}',
  summary: 'A dish with its revision',
  allow: 'read',
  input: one,
  output: z.object({ id: z.string(), revision: z.number(), document: dishDocument }),
  async run(db, actor, input, reply) {
    const [row] = await db
      .select()
      .from(dish)
      .where(and(eq(dish.venueId, actor.venueId), eq(dish.id, input.id), isNull(dish.deletedAt)));
    if (row === undefined) throw notFound('dish');
    reply.etag = `"${row.revision}"`;
    return { id: row.id, revision: row.revision, document: row.document };
  },
});

const among = z
  .string()
  .regex(/^(cellar|styles|flight:[0-9a-f-]{36})$/, 'cellar, styles or flight:… with its id')
  .default('styles');
/** The wines a dish is matched with. */
export async function winesAmong(db: Reader, actor: Member, which: string): Promise<readonly PairingWine[]> {
  if (which === 'styles') return styleWines;
  const ids =
    which === 'cellar'
      ? undefined
      : (await readFlight(db, actor.venueId, which.slice('flight:'.length))).document.wines.filter((entry) => entry.buy === undefined).map((entry) => entry.id);
  return (await knownWines(db, actor.venueId, ids)).map(asPairingWine);
}
export const pairingWines = query({
  name: 'pairing.wines',
  method: 'GET',
  path: '/pairing-wines',
  summary: 'The wines of the cellar or a flight as pairing takes them',
  allow: 'read',
  input: z.strictObject({ among }),
  output: z.object({ wines: z.array(z.custom<PairingWine>()) }),
  run: async (db, actor, input) => ({ wines: [...(await winesAmong(db, actor, input.among))] }),
});

const fit = z.object({
  wine: z.string(),
  name: z.string(),
  fit: z.number(),
  because: z.array(z.object({ id: z.string(), push: z.number(), title: z.string(), text: z.string(), source: z.string().optional() })),
});
export const pairings = query({
  name: 'pairing.advise',
  method: 'POST',
  path: '/pairings',
  summary: 'Matches a dish, given as parts, with styles, the cellar or a flight',
  allow: 'read',
  input: z.strictObject({
    parts: z
      .array(z.strictObject({ part: z.string().max(64), grams: z.number().min(0).max(2000).optional() }))
      .min(1, 'a dish has at least one part')
      .max(40),
    among,
  }),
  output: z.object({
    taste: z.record(z.enum(dishAxes), z.number()),
    allergens: z.array(z.string()),
    unknown: z.array(z.string()),
    ranked: z.array(fit),
    byClass: z.record(z.string(), fit.nullable()),
    avoid: z.array(fit),
    swap: z.object({ out: z.string(), into: z.string(), wine: z.string() }).nullable(),
  }),
  async run(db, actor, input) {
    const wines = await winesAmong(db, actor, input.among);
    const names = new Map(wines.map((wine) => [wine.id, wine.name]));
    const view = (entry: Fit): z.infer<typeof fit> => ({
      wine: entry.wine,
      name: names.get(entry.wine)!,
      fit: entry.fit,
      because: entry.reasons.map((reason) => ({
        id: reason.id,
        push: reason.push,
        title: fitTitle[reason.id],
        text: sentence(fitWording, reason),
        ...(reason.source === undefined ? {} : { source: reason.source }),
      })),
    });
    const advice = advise(input.parts, wines);
    const swap = smallestSwap(input.parts, wines);
    return {
      taste: { ...advice.dish.taste },
      allergens: advice.dish.allergens.map((id) => allergens[id as Allergen]),
      unknown: [...dishOf(input.parts).unknown],
      ranked: advice.ranked.map(view),
      avoid: advice.avoid.map(view),
      byClass: Object.fromEntries(Object.entries(advice.byClass).map(([kind, best]) => [kind, best?.offered === true ? view(best.best) : null])),
      swap: swap === undefined ? null : { out: swap.out, into: swap.into, wine: swap.best.wine },
    };
  },
});
