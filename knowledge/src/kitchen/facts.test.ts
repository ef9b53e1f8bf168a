import { describe, expect } from 'vitest';
import { published } from '@rose/core/testing/published';
import { partNamed } from '../pairing/find';
import { allergens, ingredient, type Allergen } from '../pairing/index';
import { everydayDish } from '../dishes/index';
import { costClass, diets, effortOf, inSeason, keepsTo, plateAllergens, type Diet } from './index';

const idOf = (word: string): string => {
  const id = partNamed(word)?.id;
  if (id === undefined) throw new Error(`${word}: not in the tables`);
  return id;
};
const annex = 'EU Regulation 1169/2011, annex II; which food holds what is common practice';

/** Foods by their plain words, what each holds, and what it does not though somebody might think so. */
const holds: readonly (readonly [word: string, has: string, hasNot?: string])[] = [
  ['oysters', 'molluscs', 'fish crustaceans'],
  ['mussels', 'molluscs', 'crustaceans'],
  ['squid', 'molluscs', 'fish'],
  ['octopus', 'molluscs', 'fish'],
  ['snails', 'molluscs'],
  ['prawns', 'crustaceans', 'fish molluscs'],
  ['crab', 'crustaceans', 'molluscs'],
  ['lobster', 'crustaceans'],
  ['langoustine', 'crustaceans'],
  ['salmon', 'fish', 'crustaceans'],
  ['anchovy', 'fish'],
  ['caviar', 'fish'],
  ['salt cod', 'fish'],
  ['fish sauce', 'fish'],
  ['bread', 'gluten'],
  ['rye bread', 'gluten'],
  ['spaghetti', 'gluten', 'eggs'],
  ['tagliatelle', 'gluten eggs'],
  ['couscous', 'gluten'],
  ['bulgur', 'gluten'],
  ['pearl barley', 'gluten'],
  ['udon', 'gluten'],
  ['seitan', 'gluten'],
  ['breadcrumbs', 'gluten'],
  ['croutons', 'gluten'],
  ['soy', 'soybeans gluten'],
  ['ale', 'gluten'],
  ['rice', '', 'gluten'],
  ['polenta', '', 'gluten'],
  ['risotto', '', 'gluten milk'],
  ['quinoa', '', 'gluten'],
  ['buckwheat', ''],
  ['potatoes', '', 'gluten milk'],
  ['chips', '', 'milk'],
  ['rice noodles', '', 'gluten eggs'],
  ['lentils', '', 'gluten'],
  ['chickpeas', '', 'gluten sesame'],
  ['hummus', 'sesame', 'milk'],
  ['tahini', 'sesame'],
  ['sesame oil', 'sesame'],
  ['tofu', 'soybeans', 'milk'],
  ['tempeh', 'soybeans'],
  ['miso', 'soybeans'],
  ['edamame', 'soybeans'],
  ['hoisin', 'soybeans'],
  ['eggs', 'eggs', 'milk'],
  ['mayonnaise', 'eggs', 'milk'],
  ['aïoli', 'eggs'],
  ['hollandaise', 'eggs milk'],
  ['béarnaise', 'eggs milk'],
  ['meringue', 'eggs', 'milk gluten'],
  ['custard', 'eggs milk'],
  ['butter', 'milk'],
  ['ghee', 'milk'],
  ['cream', 'milk'],
  ['yoghurt', 'milk'],
  ['parmesan', 'milk'],
  ['feta', 'milk'],
  ['goat’s cheese', 'milk'],
  ['buffalo mozzarella', 'milk'],
  ['mash', 'milk'],
  ['white chocolate', 'milk'],
  ['coconut milk', '', 'milk nuts'],
  ['sorbet', '', 'milk eggs'],
  ['olive oil', '', 'nuts'],
  ['almonds', 'nuts', 'peanuts'],
  ['hazelnuts', 'nuts'],
  ['walnuts', 'nuts'],
  ['marzipan', 'nuts'],
  ['romesco', 'nuts'],
  ['peanuts', 'peanuts', 'nuts'],
  ['satay', 'peanuts'],
  ['celery', 'celery'],
  ['celeriac', 'celery'],
  ['mustard', 'mustard'],
  ['piccalilli', 'mustard'],
  ['vinaigrette', 'mustard'],
  ['prosciutto', '', 'milk gluten'],
  ['beef', '', 'milk gluten eggs'],
  ['lamb', '', 'milk gluten'],
  ['chicken', '', 'eggs milk'],
  ['duck', '', 'milk'],
  ['tomatoes', '', 'celery'],
  ['mushrooms', '', 'gluten'],
  ['white wine', 'sulphites'],
  ['port', 'sulphites'],
  ['red wine sauce', 'sulphites'],
  ['raisins', 'sulphites'],
  ['caesar dressing', 'eggs fish milk'],
  ['pesto', 'milk nuts'],
  ['tapenade', 'fish'],
  ['shortcrust', 'gluten'],
  ['puff pastry', 'gluten'],
  ['baklava', 'nuts gluten'],
  ['tortilla', '', 'milk eggs'],
];
describe('what a food holds', () => {
  for (const [word, has, hasNot = ''] of holds)
    published(annex, `${word}: ${has === '' ? 'none of what is asked' : has}`, () => {
      const own = ingredient(idOf(word))!.allergens as readonly string[];
      const asked = (list: string) => list.split(' ').filter(Boolean);
      for (const allergen of [...asked(has), ...asked(hasNot)]) expect(allergen in allergens, allergen).toBe(true);
      expect(
        asked(has).filter((one) => !own.includes(one)),
        `${word} holds ${own.join(', ')}`,
      ).toEqual([]);
      expect(
        asked(hasNot).filter((one) => own.includes(one)),
        `${word} holds ${own.join(', ')}`,
      ).toEqual([]);
    });
});

/** Foods by diet: kept to, broken, or to be asked about. */
const eaten: readonly (readonly [diet: Diet, keeps: string, breaks: string, ask?: string])[] = [
  [
    'vegetarian',
    'eggs, feta, honey, butter, tofu, seaweed, mozzarella, pesto',
    'chicken, anchovy, prawns, lard, bacon, gravy, gelatine, caviar, chorizo, duck fat, fish sauce',
    'stock, stuffing, chips',
  ],
  [
    'vegan',
    'olive oil, tofu, hummus, rice, lentils, coconut milk, sorbet, maple syrup, soy',
    'butter, eggs, honey, feta, mayonnaise, pesto, cream, lamb, mussels, ice cream',
  ],
  ['pescatarian', 'cod, oysters, prawns, eggs, anchovy', 'beef, chicken, bacon, duck, sausage, liver, goose fat', 'stock'],
  ['no-fish', 'beef, eggs, tofu', 'salmon, mussels, prawns, anchovy, fish sauce, tapenade, caviar, sea urchin'],
  [
    'no-pork',
    'beef, lamb, chicken, duck',
    'bacon, prosciutto, chorizo, salami, black pudding, pork belly, lard, pulled pork, crackling',
    'mince, meatballs, stuffing',
  ],
  ['no-beef', 'lamb, chicken, pork, venison', 'beef, ribeye, veal, burger, brisket, bresaola', 'mince, meatballs'],
  ['no-alcohol', 'tomatoes, lemon juice, soy', 'white wine, port, brandy, beer, mirin, red wine sauce, velouté', 'vinegar'],
  ['halal', 'lamb, chicken, rice', 'pork, bacon, red wine, brandy'],
  ['kosher', 'beef, salmon, chicken, eggs', 'pork, prawns, mussels, squid, lobster, bacon'],
];
describe('what a way of eating leaves out', () => {
  for (const [diet, keeps, breaks, ask = ''] of eaten)
    published('common practice', diets[diet].name, () => {
      const answer = (word: string) => {
        const kept = keepsTo([{ part: idOf(word) }], { allergens: [], diets: [diet] });
        return kept.breaks.length > 0 ? 'breaks' : kept.ask.length > 0 ? 'asks' : 'keeps';
      };
      const words = (list: string) => list.split(', ').filter(Boolean);
      expect(words(breaks).filter((word) => answer(word) !== 'breaks')).toEqual([]);
      expect(words(keeps).filter((word) => answer(word) === 'breaks')).toEqual([]);
      expect(words(ask).filter((word) => answer(word) !== 'asks')).toEqual([]);
    });
});

/** Months in which a food of the north is in season, and in which it is not. */
const grown: readonly (readonly [word: string, months: readonly number[], not: readonly number[]])[] = [
  ['asparagus', [4, 5, 6], [1, 9, 12]],
  ['strawberries', [6, 7], [1, 11]],
  ['cherries', [6, 7], [2, 10]],
  ['tomatoes', [7, 8, 9], [1, 2]],
  ['aubergine', [8, 9], [2, 4]],
  ['courgette', [7, 8], [1, 12]],
  ['sweetcorn', [8, 9], [2, 5]],
  ['pumpkin', [10, 11], [5, 6]],
  ['kale', [12, 1], [7]],
  ['brussels sprouts', [11, 12], [6, 7]],
  ['celeriac', [11, 1], [6, 7]],
  ['chanterelles', [9, 10], [2, 4]],
  ['rhubarb', [4, 5], [9, 11]],
  ['plums', [8, 9], [2, 5]],
  ['pears', [9, 10], [5, 6]],
  ['quince', [10, 11], [4, 6]],
  ['broad beans', [6], [11, 1]],
  ['peas', [6, 7], [12, 1]],
  ['beetroot', [8, 11], [5]],
  ['oysters', [10, 12, 2], [6, 7]],
  ['mussels', [11, 1], [6, 7]],
  ['venison', [10, 11], [5, 6]],
  ['pheasant', [11, 12], [6, 7]],
  ['goose', [11, 12], [5, 6]],
  ['potatoes', [1, 7], []],
  ['chicken', [1, 7], []],
];
describe('seasons', () => {
  for (const [word, months, not] of grown)
    published('common practice', `${word}: ${months.join(', ')}, not ${not.join(', ')}`, () => {
      expect(months.filter((month) => !inSeason(idOf(word), month))).toEqual([]);
      expect(not.filter((month) => inSeason(idOf(word), month))).toEqual([]);
      // Half a year on in the south.
      expect(months.filter((month) => !inSeason(idOf(word), ((month + 5) % 12) + 1, 'south'))).toEqual([]);
    });
});

describe('cost and effort', () => {
  published('common practice', 'what is dear and what costs little', () => {
    const cost = (words: string) => words.split(', ').map((word) => costClass(idOf(word)));
    expect(cost('lobster, oysters, caviar, truffle, saffron, foie gras, scallops, ribeye, veal').every((one) => one === 3)).toBe(true);
    expect(cost('potatoes, rice, lentils, cabbage, eggs, onions, carrots, sardines, pasta').every((one) => one === 1)).toBe(true);
  });
  const order: readonly (readonly [longer: string, shorter: string])[] = [
    ['boeuf-bourguignon', 'steak-frites'],
    ['cassoulet', 'carbonara'],
    ['pulled-pork', 'burger'],
    ['osso-buco', 'saltimbocca'],
    ['duck-confit', 'duck-breast'],
    ['lamb-leg', 'lamb-chops-grilled'],
    ['kleftiko', 'souvlaki'],
    ['coq-au-vin', 'greek-salad'],
    ['beef-rendang', 'sashimi'],
    ['moussaka', 'bruschetta'],
  ];
  for (const [longer, shorter] of order)
    published('common practice', `${longer} takes longer than ${shorter}`, () =>
      expect(effortOf(everydayDish(longer)!.parts).minutes).toBeGreaterThan(effortOf(everydayDish(shorter)!.parts).minutes),
    );
  published('common practice', 'what a kitchen needs: an oven to roast, coals to char, a fryer for what is deep-fried, nothing for what is raw', () => {
    const needs = (id: string) => effortOf(everydayDish(id)!.parts).needs;
    expect(needs('roast-chicken')).toContain('oven');
    expect(needs('bistecca')).toContain('coals');
    expect(needs('fritto-misto')).toContain('fryer');
    expect(needs('oysters-on-ice')).toEqual([]);
  });
});

describe('a plate as somebody asks of it', () => {
  /** Everyday dishes and what everybody would say of them. */
  const plates: readonly (readonly [dish: string, has: string, hasNot: string])[] = [
    ['carbonara', 'gluten eggs milk', 'nuts fish'],
    ['pad-thai', 'peanuts crustaceans fish eggs', 'milk'],
    ['moules-marinieres', 'molluscs milk sulphites', 'crustaceans eggs'],
    ['caesar-salad', 'fish milk eggs gluten', 'nuts'],
    ['fish-and-chips', 'fish gluten', 'crustaceans'],
    ['greek-salad', 'milk', 'gluten eggs nuts'],
    ['sushi', 'fish soybeans', 'milk eggs'],
    ['satay', 'peanuts', 'milk'],
    ['hummus-bread', 'sesame gluten', 'milk eggs'],
    ['baklava', 'nuts gluten', 'eggs'],
    ['lobster-roll', 'crustaceans eggs gluten', 'fish'],
    ['guacamole', '', 'milk eggs gluten'],
    ['cheese-fondue', 'milk gluten sulphites', 'eggs'],
    ['mapo-tofu', 'soybeans', 'milk'],
    ['oysters-on-ice', 'molluscs', 'crustaceans fish eggs'],
  ];
  for (const [id, has, hasNot] of plates)
    published(annex, `${id}: ${has === '' ? 'none of what is asked' : has}`, () => {
      const { holds: own } = plateAllergens(everydayDish(id)!.parts);
      const missing = has.split(' ').filter((one): one is Allergen => one !== '' && !own.includes(one as Allergen));
      const stray = hasNot.split(' ').filter((one) => own.includes(one as Allergen));
      expect({ missing, stray }, own.join(', ')).toEqual({ missing: [], stray: [] });
    });
});
