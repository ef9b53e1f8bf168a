import { z } from 'zod';
import { diets } from '@rose/knowledge/kitchen/index';
import { allergens, equipment } from '@rose/knowledge/pairing/index';
import { among as winesOf } from '@rose/core/menu/menu-schema';
import { dishAxes } from '@rose/core/pairing/dish';
import { keysOf } from '@rose/core/wine/keys';
import { courses } from '@rose/knowledge/dishes/index';
import { dishDocument, ways } from '@rose/core/pairing/dish-schema';
import { ruleFamilies } from '@rose/core/pairing/rules/index';
import { pairingWine } from '@rose/core/pairing/wine-schema';
import { because } from './because';
import { act, one, read, removal, savedOutput, writeInput } from './contract';

const listOf = (table: Readonly<Record<string, unknown>>) =>
  z.string().refine((listed) => listed === '' || listed.split(',').every((id) => id in table), `of ${Object.keys(table).join(', ')}, with commas between`);
const among = winesOf.default('styles');
export const fit = z.object({
  wine: z.string(),
  name: z.string(),
  /** 50 plus the pushes of its reasons, unbounded: what ranks. */
  fit: z.number(),
  /** The same as it is shown, 0–100, and in a word. */
  shown: z.number(),
  band: z.string(),
  because: z.array(because.element.extend({ title: z.string() })),
});

const food = z.object({ id: z.string(), name: z.string(), cuisine: z.string(), fit: z.number(), shown: z.number(), band: z.string(), because: z.string() });

const named = z.object({ id: z.string(), name: z.string() });
const asShown = z.object({ shown: z.number(), band: z.string() });

/** A schema.org Recipe, as far as it is read and written. */
export const recipe = z.object({
  '@context': z.string().max(200).optional(),
  '@type': z.literal('Recipe'),
  name: z.string().max(2000),
  recipeIngredient: z.array(z.string().max(2000)).max(80),
  recipeYield: z.string().max(200).optional(),
  totalTime: z.string().max(40).optional(),
  cookingMethod: z.string().max(2000).optional(),
});

export const dish = {
  save: act({
    name: 'dish.save',
    method: 'PUT',
    path: '/dishes/{id}',
    summary: 'Saves a dish built from parts',
    allow: 'dish.edit',
    input: writeInput(dishDocument),
    example: {
      writeId: 'w1',
      baseRevision: 0,
      document: { schema: 1, name: 'Octopus on coals', parts: [{ id: 'a', part: 'octopus', grams: 180 }], remark: '' },
    },
    output: savedOutput,
  }),
  ...removal('dish', 'dishes', 'dish.edit'),
  hangsOn: read({
    name: 'dish.hangsOn',
    method: 'GET',
    path: '/dishes/{id}/dependents',
    summary: 'The flights that are planned round a dish',
    allow: 'read',
    input: one,
    output: z.object({ flights: z.array(z.string()) }),
  }),
  list: read({
    name: 'dish.list',
    method: 'GET',
    path: '/dishes',
    summary: 'The dishes of the venue, each with its allergens',
    allow: 'read',
    input: z.strictObject({
      q: z.string().max(200).default(''),
      /** Leaves out dishes whose parts are known to hold one of these: "milk,egg". */
      without: listOf(allergens).optional(),
      /** Leaves out dishes whose parts are known to break one of these: "vegetarian,no-pork". */
      diets: listOf(diets).optional(),
    }),
    output: z.object({
      dishes: z.array(
        z.object({ id: z.string(), name: z.string(), parts: z.number(), allergens: z.array(z.string()), taste: z.record(z.enum(dishAxes), z.number()) }),
      ),
    }),
  }),
  recipe: read({
    name: 'dish.recipe',
    method: 'GET',
    path: '/dishes/{id}/recipe',
    summary: 'A dish as a schema.org Recipe (JSON-LD), for one guest',
    allow: 'read',
    input: one,
    output: recipe,
  }),
  fromRecipe: read({
    name: 'dish.fromRecipe',
    method: 'POST',
    path: '/recipes',
    summary: 'Reads a schema.org Recipe (JSON-LD) as a dish for one guest, with what was not understood; nothing is saved',
    allow: 'read',
    input: z.strictObject({ recipe }),
    example: { recipe: { '@type': 'Recipe', name: 'Octopus on coals', recipeYield: '4', recipeIngredient: ['800 g octopus', '4 tbsp olive oil'] } },
    output: z.object({ document: dishDocument, notUnderstood: z.array(z.string()) }),
  }),
  get: read({
    name: 'dish.get',
    method: 'GET',
    path: '/dishes/{id}',
    summary: 'A dish with its revision',
    allow: 'read',
    input: one,
    output: z.object({ id: z.string(), revision: z.number(), document: dishDocument }),
  }),
};

/** What narrows the food that is offered. */
const foodAsked = {
  /** What is in the fridge, in words: "aubergine, feta, lamb". */
  have: z.string().max(300).default(''),
  without: listOf(allergens).default(''),
  diets: listOf(diets).default(''),
  minutes: z.coerce.number().int().min(5).max(6000).optional(),
  /** "yes": nothing that is out of season this month. */
  season: z.enum(['yes', 'no']).default('no'),
  cuisine: z.string().max(60).optional(),
  /** What there is in the kitchen, with commas between; absent: all of it. */
  equipment: listOf(equipment).optional(),
};
const foodAnswer = z.object({
  courses: z.array(z.object({ course: z.enum(keysOf(courses)), dishes: z.array(food) })),
  cheeses: z.array(food),
  avoid: z.array(food),
  fromFridge: z.array(food.extend({ lacks: z.array(z.string()) })),
  /** Words of `have` that name nothing the tables know. */
  notUnderstood: z.array(z.string()),
});

export const pairing = {
  food: read({
    name: 'pairing.food',
    method: 'GET',
    path: '/wines/{id}/food',
    summary: 'What to eat with a wine: everyday dishes by course, cheeses, and what to stay away from, each with its reason',
    allow: 'read',
    input: one.extend(foodAsked),
    output: foodAnswer,
  }),
  styleFood: read({
    name: 'pairing.styleFood',
    method: 'GET',
    path: '/styles/{style}/food',
    summary: 'What to eat with a general style: the same as with a wine',
    allow: 'read',
    input: z.strictObject({ style: z.string().min(1).max(64), ...foodAsked }),
    output: foodAnswer,
  }),
  cheeses: read({
    name: 'pairing.cheeses',
    budget: 'long work',
    method: 'GET',
    path: '/cheese-boards',
    summary: 'A cheese board for the wines of a flight or the cellar: each cheese with each wine, in the order they are eaten',
    allow: 'read',
    input: z.strictObject({ among, count: z.coerce.number().int().min(1).max(8).default(4) }),
    output: z.object({
      wines: z.array(z.object({ id: z.string(), name: z.string() })),
      board: z.array(
        z.object({
          id: z.string(),
          name: z.string(),
          what: z.string(),
          minutesOut: z.number(),
          grams: z.number(),
          cells: z.array(z.object({ wine: z.string(), shown: z.number(), band: z.string(), because: z.string() })),
        }),
      ),
    }),
  }),
  findings: read({
    name: 'pairing.findings',
    budget: 'long work',
    method: 'GET',
    path: '/pairing-findings',
    summary: 'What was tried with what and found, wines measured before and after a bite, and what both come to beside the rules, with its doubt',
    allow: 'read',
    input: z.strictObject({}),
    output: z.object({
      tries: z.array(z.object({ id: z.string(), dish: named, wine: named, on: z.string(), expected: asShown, found: z.string() })),
      bites: z.array(
        z.object({
          wine: named,
          food: z.string(),
          tasters: z.number(),
          /** Mean change of liking, of 100. */
          measured: z.number(),
          expected: asShown,
          now: asShown,
          /** Ends of the 95 % interval, as shown. */
          low: z.number(),
          high: z.number(),
        }),
      ),
      findings: z.array(
        z.object({
          family: z.enum(keysOf(ruleFamilies)),
          name: z.string(),
          /** By what the family counts beside the rules: 1 as they have it. */
          mean: z.number(),
          low: z.number(),
          high: z.number(),
          tries: z.number(),
          says: z.enum(['less', 'more']).optional(),
          text: z.string(),
        }),
      ),
      /** Factors of the families something is said of, for who asks that they count. */
      own: z.partialRecord(z.enum(keysOf(ruleFamilies)), z.number()).optional(),
    }),
  }),
  read: read({
    name: 'pairing.read',
    method: 'POST',
    path: '/dish-lines',
    summary: 'Reads lines of a menu as dishes: parts with amounts and what is done to them, what a named dish is usually made of, and what was not understood',
    allow: 'read',
    input: z.strictObject({ text: z.string().trim().min(1).max(20_000) }),
    example: { text: 'lamb with rosemary, grilled, potatoes in goose fat' },
    output: z.object({
      dishes: z.array(
        z.object({
          name: z.string(),
          parts: z.array(z.object({ part: z.string(), grams: z.number().optional(), cooked: z.array(z.string()).optional(), usual: z.boolean() })),
          without: z.array(z.string()),
          notUnderstood: z.array(z.string()),
        }),
      ),
    }),
  }),
  wines: read({
    name: 'pairing.wines',
    budget: 'long work',
    method: 'GET',
    path: '/pairing-wines',
    summary: 'The wines of the cellar or a flight as pairing takes them',
    allow: 'read',
    input: z.strictObject({ among }),
    output: z.object({ wines: z.array(pairingWine) }),
  }),
  advise: read({
    name: 'pairing.advise',
    budget: 'long work',
    method: 'POST',
    path: '/pairings',
    summary: 'Matches a dish, given as parts, with styles, the cellar or a flight',
    allow: 'read',
    input: z.strictObject({
      parts: z
        .array(z.strictObject({ part: z.string().max(64), grams: z.number().min(0).max(2000).optional(), cooked: ways.optional() }))
        .min(1, 'a dish has at least one part')
        .max(40),
      among,
    }),
    example: { parts: [{ part: 'octopus', grams: 180 }, { part: 'charred' }], among: 'cellar' },
    output: z.object({
      taste: z.record(z.enum(dishAxes), z.number()),
      allergens: z.array(z.string()),
      unknown: z.array(z.string()),
      ranked: z.array(fit),
      byClass: z.record(z.string(), fit.nullable()),
      avoid: z.array(fit),
      swap: z.object({ out: z.string(), into: z.string(), wine: z.string() }).nullable(),
    }),
  }),
};
