import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { z } from 'zod';

const span = z.tuple([z.number(), z.number()]);
const classes = z.union([z.number(), span]);
const about = { id: z.string(), certainty: z.number(), source: z.string() };

const wine = z.object({
  ...about,
  label: z.string(),
  facts: z.looseObject({
    colour: z.string(),
    bubbles: z.enum(['still', 'light', 'sparkling']),
    grapes: z.array(z.object({ name: z.string(), share: z.number().optional() })),
    country: z.string().optional(),
    region: z.string().optional(),
    appellation: z.string().optional(),
    vintage: z.number().nullable().optional(),
    abv: z.number().optional(),
    sugar_gL: z.number().optional(),
    acidity_gL: z.number().optional(),
    oak: z.string().optional(),
    skinDays: z.number().optional(),
    monthsLees: z.number().optional(),
    monthsWood: z.number().optional(),
    fortified: z.boolean().optional(),
    driedGrapes: z.boolean().optional(),
    underFlor: z.boolean().optional(),
    heated: z.boolean().optional(),
    method: z.enum(['bottle', 'tank', 'ancestral']).optional(),
    closure: z.string().optional(),
  }),
  expect: z.object({
    styleSays: z.array(z.string()),
    styleNever: z.array(z.string()),
    readings: z.record(z.string(), classes),
    smellsTypical: z.array(z.string()),
    smellsAtypical: z.array(z.string()),
    serveC: span,
    drink: z.object({ from: span, until: span }),
    law: z.array(z.object({ rule: z.string(), name: z.string(), market: z.string(), claim: z.string(), answer: z.string() })),
    air: z.string(),
    airOk: z.array(z.string()).optional(),
    airAlso: z.array(z.string()).optional(),
    rung: z.string(),
    rungOk: z.array(z.string()).optional(),
    rungAlso: z.array(z.string()).optional(),
  }),
});
const note = z.object({
  ...about,
  observed: z.looseObject({
    colour: z.string(),
    hueCore: z.string().optional(),
    hueRim: z.string().optional(),
    depth: classes.optional(),
    clarity: z.string().optional(),
    bubblesSeen: z.string().optional(),
    noseIntensity: classes.optional(),
    smells: z.array(z.object({ smell: z.string(), strength: z.string().optional() })).optional(),
    sweetness: classes.optional(),
    acidity: classes.optional(),
    tannin: classes.optional(),
    tanninGrain: z.string().optional(),
    alcohol: classes.optional(),
    body: classes.optional(),
    bitterness: classes.optional(),
    texture: z.string().optional(),
    flavourIntensity: classes.optional(),
    finishSeconds: z.number().optional(),
    quality: z.number().optional(),
  }),
  truth: z.string(),
  accept: z.object({
    kinds: z.array(z.string()),
    climate: z.array(z.string()),
    age: z.array(z.string()),
    vessel: z.array(z.string()),
    sparkling: z.string(),
    dearer: z.string(),
  }),
  never: z.array(z.string()),
  undecidable: z.array(z.string()).default([]),
});
const pair = z.object({ ...about, pair: z.tuple([z.string(), z.string()]), question: z.string(), answer: z.string() });
const doubtfulGlass = z.object({
  ...about,
  context: z.object({
    colour: z.string(),
    bubbles: z.string(),
    style: z.string(),
    ageYears: z.number(),
    closure: z.string(),
    bottleGlass: z.string(),
    unfiltered: z.boolean(),
    skinContact: z.boolean(),
    flor: z.boolean(),
  }),
  cues: z.array(z.string()),
  tasterSays: z.string(),
  accept: z.array(z.string()),
  neverSay: z.array(z.string()),
  action: z.array(z.string()),
});
const order = z.object({
  ...about,
  wines: z.array(z.object({ key: z.string(), label: z.string() })),
  before: z.array(z.tuple([z.string(), z.string()])),
  first: z.string().optional(),
  last: z.string().optional(),
  mistake: z.object({ order: z.array(z.string()), worstStep: z.tuple([z.string(), z.string()]) }).optional(),
});
const test = z.union([z.string(), z.number(), z.boolean(), z.array(z.union([z.string(), z.number()]))]);
const tests = z.record(z.string(), test);
const synonyms = z.object({
  says: z.record(z.string(), z.array(z.string())),
  never: z.record(z.string(), z.array(z.string())),
  readings: z.record(z.string(), z.union([tests, z.array(tests)])),
  facts: z.record(z.string(), tests),
  smellFamilies: z.record(z.string(), z.string()),
});
const word = z.object({
  ...about,
  says: z.string(),
  means: z.string(),
  family: z.string(),
  kind: z.enum(['smell', 'fault', 'taste', 'texture', 'look', 'judgement']),
});
const dish = z.object({
  ...about,
  cuisine: z.string(),
  line: z.string(),
  parts: z.array(z.object({ food: z.string(), grams: z.number(), role: z.string(), cooking: z.string().optional() })),
  cooking: z.string(),
  good: z.array(z.string()),
  /** The classic partner, in words; the first of `good` is its kind. */
  best: z.string().optional(),
  poor: z.array(z.object({ words: z.string(), kind: z.enum(['clash', 'wasted']) })),
  whyPoor: z.string(),
  flips: z.array(z.object({ change: z.string(), gains: z.string(), loses: z.string() })).default([]),
  diets: z.array(z.string()),
  allergens: z.array(z.string()),
  /** Those that depend on the recipe. */
  allergensByRecipe: z.array(z.string()).default([]),
});
const menuLine = z.object({
  ...about,
  text: z.string(),
  parts: z.array(z.object({ food: z.string(), role: z.string(), cooking: z.string().optional(), amount: z.string().optional() })),
  notUnderstood: z.array(z.string()).optional(),
  /** Foods that must not appear. */
  excluded: z.array(z.string()).optional(),
});
const pours = z.object({ pours: z.array(z.object({ course: z.string(), pour: z.string() })) });
const menu = z.object({
  ...about,
  constraints: z.object({ guests: z.number(), allergies: z.array(z.string()), diets: z.array(z.string()), budget: z.string(), wines: z.number() }),
  courses: z.array(z.string()),
  acceptable: pours,
  unacceptable: pours,
});
/** What a phrase for a wine fixes: classes of its readings, and facts. */
const wineWords = z.object({
  skip: z.boolean().optional(),
  colour: z.array(z.string()).optional(),
  bubbles: z.array(z.enum(['still', 'light', 'sparkling'])).optional(),
  sweetness: span.optional(),
  fortified: z.boolean().optional(),
  acidity: span.optional(),
  tannin: span.optional(),
  alcohol: span.optional(),
  body: span.optional(),
  intensity: span.optional(),
  oak: z.enum(['none', 'some', 'much']).optional(),
  flor: z.boolean().optional(),
  grapes: z.array(z.string()).optional(),
  places: z.array(z.string()).optional(),
  age: z.enum(['young', 'mature']).optional(),
});
const files = {
  wines: z.array(wine),
  notes: z.array(note),
  pairs: z.array(pair),
  faults: z.array(doubtfulGlass),
  orders: z.array(order),
  synonyms,
  words: z.array(word),
  dishes: z.array(dish),
  'wine-words': z.record(z.string(), wineWords),
  'menu-lines': z.array(menuLine),
  menus: z.array(menu),
};
export type WineCase = z.output<typeof wine>;
export type NoteCase = z.output<typeof note>;
export type PairCase = z.output<typeof pair>;
export type FaultCase = z.output<typeof doubtfulGlass>;
export type OrderCase = z.output<typeof order>;
export type WordCase = z.output<typeof word>;
export type DishCase = z.output<typeof dish>;
export type MenuLineCase = z.output<typeof menuLine>;
export type MenuCase = z.output<typeof menu>;
export type WineWords = z.output<typeof wineWords>;
export type Synonyms = z.output<typeof synonyms>;
export type Tests = z.output<typeof tests>;
export type Cases = { readonly [K in keyof typeof files]: z.output<(typeof files)[K]> };

/** The cases of a folder. @throws when a file is missing or not of this form */
export function readCases(folder: string): Cases {
  const read = <S extends z.ZodType>(name: string, schema: S): z.output<S> => schema.parse(JSON.parse(readFileSync(join(folder, `${name}.json`), 'utf8')));
  return {
    wines: read('wines', files.wines),
    notes: read('notes', files.notes),
    pairs: read('pairs', files.pairs),
    faults: read('faults', files.faults),
    orders: read('orders', files.orders),
    synonyms: read('synonyms', files.synonyms),
    words: read('words', files.words),
    dishes: read('dishes', files.dishes),
    'wine-words': read('wine-words', files['wine-words']),
    'menu-lines': read('menu-lines', files['menu-lines']),
    menus: read('menus', files.menus),
  };
}
/** "Today" of the cases. */
export const today = '2026-11-15';
