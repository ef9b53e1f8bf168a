import { readLine } from '../src/dishes/read-line';
import { diets as dietTable, keepsTo, plateAllergens, type Diet } from '../src/kitchen/index';
import { partNamed } from '../src/pairing/find';
import { allergens, type Allergen } from '../src/pairing/index';
import type { DishCase, MenuLineCase } from './cases';
import { partsMeant } from './dishes';
import type { Expectation } from './score';

/** Parts of ours that hold what a plain food is, or are its kind: a mint sauce holds mint and vinegar. The part named is what was read; any of the foods counts as found. */
export const holdsFoods: Readonly<Record<string, readonly string[]>> = {
  'red-wine-jus': ['wine-cooked'],
  'shallot-vinegar': ['vinegar-spoon', 'onions'],
  'mint-sauce': ['mint', 'vinegar-spoon'],
  'garlic-oil': ['garlic', 'olive-oil'],
  'ginger-garlic': ['garlic', 'ginger'],
  'tomato-sauce': ['tomatoes'],
  'grated-cheese': ['hard-cheese', 'pecorino', 'mild-cheese'],
  'brown-butter': ['butter'],
  'lemon-juice': ['citrus-fruit', 'lime-juice'],
  'citrus-fruit': ['lemon-juice'],
  'chilli-flakes': ['fresh-chilli'],
  'fresh-chilli': ['chilli-flakes'],
  'hot-sauce': ['fresh-chilli', 'chilli-flakes'],
  'lime-chilli': ['lime-juice', 'fresh-chilli'],
  'fermented-chilli': ['chilli-flakes', 'fresh-chilli'],
  'numbing-broth': ['sichuan-pepper', 'fresh-chilli'],
  'spice-paste-coconut': ['fresh-chilli', 'chilli-flakes', 'lemongrass'],
  'fish-sauce-lime': ['fish-sauce', 'lime-juice'],
  'green-beans': ['white-beans'],
  'pulled-pork': ['pork'],
  'pork-belly': ['pork'],
  'beef-brisket': ['beef-lean'],
  'beef-lean': ['beef-steak'],
  'lamb-shank': ['lamb'],
  'lamb-curry': ['warm-spices', 'chilli-flakes'],
  'curry-powder': ['warm-spices'],
  eggs: ['custard-base'],
  'soft-egg': ['eggs'],
  'coconut-curry': ['coconut-milk'],
  'butter-curry': ['tomatoes', 'cream', 'butter'],
  pilaf: ['rice'],
  'white-fish': ['fish'],
  'dipping-broth': ['soy'],
  dashi: ['soy'],
  'warm-spices': ['star-anise', 'cinnamon'],
  hummus: ['chickpeas'],
  caramel: ['sugar', 'sea-salt'],
  'toasted-nuts': ['walnuts', 'almonds'],
  almonds: ['toasted-nuts'],
  'wild-mushrooms': ['mushrooms'],
  'apple-sauce': ['apples'],
  'custard-base': ['custard-sauce'],
  'curry-sauce': ['curry-powder'],
  'pickled-vegetables': ['vegetables'],
  spinach: ['vegetables'],
  mint: ['parsley'],
  'basil-leaves': ['parsley'],
  'onion-gravy': ['onions'],
  'blue-cheese-sauce': ['blue-cheese'],
  'yoghurt-garlic': ['yoghurt'],
  'potato-salad': ['potatoes'],
  coconut: ['coconut-milk'],
  'sweet-soy': ['soy'],
};

/** A line of a menu: each food it names is found, and nothing is there without a mark that it does not name. */
export function judgeMenuLine(line: MenuLineCase): readonly Expectation[] {
  const read = readLine(line.text);
  const ids = read.parts.map(({ part }) => part);
  const found = new Set(ids.flatMap((id) => [id, ...(holdsFoods[id] ?? [])]));
  const one = (group: 'menu lines' | 'menu lines unmarked', what: string, right: boolean, wanted: string, said: string, notPlaced?: string): Expectation => ({
    group,
    key: `${line.id} ${what}`,
    right: right ? 1 : 0,
    certainty: line.certainty,
    wanted,
    said,
    ...(notPlaced === undefined ? {} : { notPlaced }),
  });
  const meant = line.parts.map(({ food }) => ({ food, row: partNamed(food) }));
  const named = new Set(meant.flatMap(({ row }) => (row === undefined ? [] : [row.id])));
  // What was not read but said to be so is no silent error.
  const stray = read.parts.filter(({ part, usual }) => !usual && ![part, ...(holdsFoods[part] ?? [])].some((id) => named.has(id)));
  const excluded = (line.excluded ?? []).flatMap((food) => partNamed(food)?.id ?? []).filter((id) => ids.includes(id));
  return [
    ...meant.map(({ food, row }) =>
      one('menu lines', food, row !== undefined && found.has(row.id), food, ids.join(', '), row === undefined ? food : undefined),
    ),
    one(
      'menu lines unmarked',
      'nothing else',
      stray.length === 0 && excluded.length === 0,
      `nothing but what ${line.text} says`,
      [...stray.map(({ part }) => part), ...excluded].join(', '),
    ),
  ];
}

const dietsOf: Readonly<Record<string, Diet>> = {
  pescatarian: 'pescatarian',
  vegetarian: 'vegetarian',
  vegan: 'vegan',
  'no pork': 'no-pork',
  'no alcohol': 'no-alcohol',
};
const allergenIds: Readonly<Record<string, Allergen>> = Object.fromEntries(
  Object.entries(allergens).flatMap(([id, name]) => [
    [id, id as Allergen],
    [name, id as Allergen],
  ]),
);
/** What a dish holds and which diets it keeps to; what depends on a maker or a recipe is right either way. */
export function judgeNeeds(dish: DishCase): readonly Expectation[] {
  const { parts } = partsMeant(dish);
  const { holds, mayHold } = plateAllergens(parts);
  const listed = new Set(dish.allergens.flatMap((name) => allergenIds[name] ?? []));
  const soft = new Set([...dish.allergensByRecipe.flatMap((name) => allergenIds[name] ?? []), ...mayHold]);
  const asked = (Object.keys(allergens) as Allergen[]).filter((id) => !soft.has(id) && (listed.has(id) || holds.includes(id)));
  const one = (group: 'dish allergens' | 'dish diets', what: string, right: boolean, wanted: string, said: string): Expectation => ({
    group,
    key: `${dish.id} ${what}`,
    right: right ? 1 : 0,
    certainty: dish.certainty,
    wanted,
    said,
  });
  return [
    ...asked.map((id) => one('dish allergens', id, listed.has(id) === holds.includes(id), listed.has(id) ? `holds ${id}` : `no ${id}`, holds.join(', '))),
    ...Object.entries(dietsOf).flatMap(([name, diet]) => {
      const { breaks, ask } = keepsTo(parts, { allergens: [], diets: [diet] });
      const keeps =
        dish.diets.includes(name) ||
        (name === 'pescatarian' && (dish.diets.includes('vegetarian') || dish.diets.includes('vegan'))) ||
        (name === 'vegetarian' && dish.diets.includes('vegan'));
      // "Only if": what depends on rennet or a recipe is asked, not judged.
      if (dish.diets.some((listed) => listed.startsWith(`${name}-`)) || (breaks.length === 0 && ask.length > 0)) return [];
      return [
        one(
          'dish diets',
          dietTable[diet].name,
          keeps === (breaks.length === 0),
          keeps ? 'keeps to it' : 'does not',
          breaks.map(({ part, why }) => `${part}: ${why}`).join(', ') || 'keeps to it',
        ),
      ];
    }),
  ];
}
