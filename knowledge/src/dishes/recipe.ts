import { effortOf } from '../kitchen/index';
import { ingredient, wayOfCooking, type DishPart } from '../pairing/index';
import { readLine } from './read-line';

/** A schema.org Recipe, as far as it is read and written. */
export interface Recipe {
  readonly '@context': string;
  readonly '@type': 'Recipe';
  readonly name: string;
  readonly recipeIngredient: readonly string[];
  readonly recipeYield?: string | undefined;
  readonly totalTime?: string | undefined;
  readonly cookingMethod?: string | undefined;
}
/** A dish as a schema.org Recipe (JSON-LD): an ingredient a part with grams for one guest, ways of cooking as its method. */
export function recipeOf({ name, parts }: { readonly name: string; readonly parts: readonly DishPart[] }): Recipe {
  const { minutes } = effortOf(parts);
  const lines = parts.flatMap(({ part, grams, cooked = [] }) => {
    const row = ingredient(part);
    return row === undefined ? [] : [[`${grams ?? row.portion} g ${row.name}`, ...cooked.map((way) => wayOfCooking(way)?.name ?? way)].join(', ')];
  });
  const ways = parts.flatMap(({ part }) => wayOfCooking(part)?.name ?? []);
  return {
    '@context': 'https://schema.org',
    '@type': 'Recipe',
    name,
    recipeYield: '1 serving',
    totalTime: `PT${minutes}M`,
    recipeIngredient: lines,
    ...(ways.length === 0 ? {} : { cookingMethod: ways.join(', ') }),
  };
}

const spoons: readonly (readonly [RegExp, number])[] = [
  [/(\d+(?:[.,]\d+)?)\s*(?:tbsp|tablespoons?|EL)\b/i, 15],
  [/(\d+(?:[.,]\d+)?)\s*(?:tsp|teaspoons?|TL)\b/i, 5],
  [/(\d+(?:[.,]\d+)?)\s*(?:ml|millilit(?:re|er)s?)\b/i, 1],
  [/(\d+(?:[.,]\d+)?)\s*(?:cl)\b/i, 10],
  [/(\d+(?:[.,]\d+)?)\s*(?:l|lit(?:re|er)s?)\b/i, 1000],
  [/(\d+(?:[.,]\d+)?)\s*(?:kg)\b/i, 1000],
  [/(\d+(?:[.,]\d+)?)\s*(?:g|gr|grams?)\b/i, 1],
];
export interface ReadRecipe {
  readonly name: string;
  readonly parts: readonly DishPart[];
  readonly notUnderstood: readonly string[];
}
/** A dish out of a schema.org Recipe: each ingredient as the part it names, amounts for one guest. What it does not know is handed back. */
export function dishFromRecipe({
  name,
  recipeIngredient,
  recipeYield,
  cookingMethod,
}: Pick<Recipe, 'name' | 'recipeIngredient' | 'recipeYield' | 'cookingMethod'>): ReadRecipe {
  const servings = Math.min(200, Math.max(1, Number(/\d+/.exec(recipeYield ?? '')?.[0] ?? 1)));
  const parts: DishPart[] = [];
  const lost: string[] = [];
  for (const line of recipeIngredient) {
    const amount = spoons.map(([pattern, grams]) => ({ match: pattern.exec(line), grams })).find(({ match }) => match !== null);
    const rest = amount === undefined ? line : line.replace(amount.match![0], ' ');
    const [first] = readLine(rest.replace(/\d+(?:[.,/]\d+)?/g, ' ')).parts;
    if (first === undefined) {
      lost.push(line);
      continue;
    }
    const grams =
      amount === undefined ? undefined : Math.min(2000, Math.round((Number(amount.match![1]!.replace(',', '.')) * amount.grams * 10) / servings) / 10);
    if (parts.some(({ part }) => part === first.part)) continue;
    parts.push({ part: first.part, ...(grams === undefined ? {} : { grams }), ...(first.cooked === undefined ? {} : { cooked: first.cooked }) });
  }
  const ways = cookingMethod === undefined ? [] : readLine(`chicken, ${cookingMethod}`).parts.flatMap(({ cooked = [] }) => cooked);
  return { name: name.slice(0, 200), parts: [...parts, ...ways.map((part) => ({ part }))].slice(0, 40), notUnderstood: lost };
}
