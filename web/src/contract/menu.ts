import { z } from 'zod';
import { among, menuDocument } from '@rose/core/menu/menu-schema';
import { dishParts } from '@rose/core/pairing/dish-schema';
import { keysOf } from '@rose/core/wine/keys';
import { allergens } from '@rose/knowledge/pairing/index';
import { loads, pairingWine } from '@rose/core/pairing/wine-schema';
import { orderWine } from './computed';
import { recipe } from './pairing';
import { act, one, read, removal, savedOutput, writeInput } from './contract';

const allergen = z.enum(keysOf(allergens));
const menuWine = z.object({
  wine: pairingWine,
  order: orderWine,
  /** Sizes in the cellar with their price in minor units of the venue’s currency. */
  sizes: z.array(z.object({ ml: z.number(), price: z.number(), held: z.number().optional() })),
  allergens: z.array(allergen),
});
const against = z.object({ part: z.string(), at: z.number(), why: z.string() });
const plate = z.object({
  parts: z.array(dishParts.element.omit({ id: true })),
  guests: z.number(),
  drinkers: z.number(),
  seats: z.array(z.number()),
  swaps: z.array(z.object({ out: z.string(), into: z.string().optional() })),
  ask: z.array(against),
});
const oneWine = z.object({ wine: z.string(), wineName: z.string(), mean: z.number(), least: z.number() });
const course = z.object({
  id: z.string(),
  name: z.string(),
  plates: z.object({ plates: z.array(plate), another: z.array(z.number()) }),
  wine: z.string().optional(),
  wineName: z.string(),
  shown: z.number(),
  band: z.string(),
  because: z.string(),
  /** The sentence for who pours it, without numbers. */
  say: z.string().optional(),
  worst: z.object({ seats: z.array(z.number()), shown: z.number() }).optional(),
  step: z.object({ points: z.number(), because: z.string() }).optional(),
  other: z.object({ wine: z.string(), wineName: z.string(), costs: z.number(), money: z.number().optional() }).optional(),
  soft: z.object({ id: z.string(), name: z.string(), how: z.string(), loads, echoes: pairingWine.shape.echoes }).optional(),
});
const plan = z.discriminatedUnion('kind', [
  z.object({
    kind: z.literal('plan'),
    courses: z.array(course),
    /** Points of the courses, less the order of the wines and the money. */
    points: z.number(),
    /** Minor units for the table. */
    money: z.number().optional(),
    pours: z.array(
      z.object({
        wine: z.string(),
        wineName: z.string(),
        ml: z.number(),
        bottles: z.array(z.object({ ml: z.number(), count: z.number() })),
        money: z.number().optional(),
      }),
    ),
    left: z.array(z.object({ wine: z.string(), wineName: z.string(), why: z.string() })),
    unpriced: z.number(),
    /** Whether nothing better can be. */
    proven: z.boolean(),
    one: z.object({ fairest: oneWine, best: oneWine }).optional(),
  }),
  z.object({ kind: z.literal('impossible'), why: z.string() }),
]);

/** A menu as schema.org has it: each course an item with its recipe. */
const linkedMenu = z.object({
  '@context': z.string(),
  '@type': z.literal('Menu'),
  name: z.string(),
  hasMenuItem: z.array(z.object({ '@type': z.literal('MenuItem'), name: z.string(), subjectOf: recipe })),
});

export const menu = {
  save: act({
    name: 'menu.save',
    method: 'PUT',
    path: '/menus/{id}',
    summary: 'Saves a menu: courses, seats with what they must not eat, and how wine is poured',
    allow: 'dish.edit',
    input: writeInput(menuDocument),
    example: {
      writeId: 'w1',
      baseRevision: 0,
      document: {
        schema: 1,
        name: 'Fire and salt, at the table',
        courses: [{ id: 'a', name: 'Octopus on coals', parts: [{ id: 'a', part: 'octopus', grams: 180, cooked: ['charred'] }] }],
        seats: [{ id: 's', seat: 4, allergens: ['fish'], diets: [], drinks: true }],
        guests: 8,
        among: 'cellar',
        most: 3,
        pourMl: 100,
        pouring: 'bottle',
        thrift: 'some',
        remark: '',
      },
    },
    output: savedOutput,
  }),
  ...removal('menu', 'menus', 'dish.edit'),
  list: read({
    name: 'menu.list',
    method: 'GET',
    path: '/menus',
    summary: 'The menus of the venue',
    allow: 'read',
    input: z.strictObject({}),
    output: z.object({ menus: z.array(z.object({ id: z.string(), name: z.string(), courses: z.array(z.string()), guests: z.number() })) }),
  }),
  get: read({
    name: 'menu.get',
    method: 'GET',
    path: '/menus/{id}',
    summary: 'A menu with its revision',
    allow: 'read',
    input: one,
    output: z.object({ id: z.string(), revision: z.number(), document: menuDocument }),
  }),
  file: read({
    name: 'menu.file',
    budget: 'long work',
    method: 'GET',
    path: '/menus/{id}/files/{format}',
    summary:
      'A menu as JSON, as schema.org (JSON-LD), or the cook’s card as PDF: grams for the table, the order of work, plates that differ, wines with a sentence, and what to buy',
    allow: 'read',
    input: one.extend({ format: z.enum(['json', 'jsonld', 'pdf']) }),
    files: ['application/json', 'application/pdf'],
    output: z.union([menuDocument, linkedMenu]),
  }),
  forFlight: read({
    name: 'menu.forFlight',
    budget: 'long work',
    method: 'GET',
    path: '/flights/{id}/food',
    summary: 'A menu for a flight: a dish for each of its wines in their order, with each wine pinned to it; nothing is saved',
    allow: 'read',
    input: one,
    output: z.object({ document: menuDocument, because: z.array(z.object({ course: z.string(), wine: z.string(), shown: z.number(), text: z.string() })) }),
  }),
  wines: read({
    name: 'menu.wines',
    budget: 'long work',
    method: 'GET',
    path: '/menu-wines',
    summary: 'The wines of the cellar or a flight as a menu takes them: with prices, sizes held and allergens',
    allow: 'read',
    input: z.strictObject({ among }),
    /** `beside`: of a flight, the menu whose dishes stand in its timetable and its lists; null while none does. */
    output: z.object({ wines: z.array(menuWine), currency: z.string(), beside: z.object({ id: z.uuid(), name: z.string() }).nullable() }),
  }),
  plan: read({
    name: 'menu.plan',
    budget: 'long work',
    method: 'POST',
    path: '/menu-plans',
    summary: 'Which wine with which course, solved as one problem: fit, order of the wines, money and bottles, and what every seat may eat',
    allow: 'read',
    input: z.strictObject({ menu: menuDocument }),
    output: plan,
  }),
};
