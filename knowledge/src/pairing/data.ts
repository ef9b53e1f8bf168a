import type { DishFlag, Echo, Vector } from '@rose/core/pairing/dish';

export const partKinds = { base: 'Base', side: 'Side', fat: 'Fat', sauce: 'Sauce', seasoning: 'Seasoning', garnish: 'Garnish' } as const;
export type PartKind = keyof typeof partKinds;

/** The fourteen allergens of EU Regulation 1169/2011, annex II. Fish, crustaceans and molluscs are three. */
export const allergens = {
  gluten: 'cereals with gluten', crustaceans: 'crustaceans', eggs: 'eggs', fish: 'fish', peanuts: 'peanuts', soybeans: 'soya', milk: 'milk', nuts: 'nuts', celery: 'celery', mustard: 'mustard', sesame: 'sesame', sulphites: 'sulphites', lupin: 'lupin', molluscs: 'molluscs',
} as const;
export type Allergen = keyof typeof allergens;

/** A part a dish can be built from. Tastes are 0–100 of the part on its own; common practice, our own reading. */
export interface Ingredient {
  readonly id: string;
  readonly name: string;
  readonly kind: PartKind;
  readonly taste: Vector;
  readonly reach: number;
  /** Grams a guest. */
  readonly portion: number;
  readonly flags: readonly DishFlag[];
  readonly echoes: readonly Echo[];
  readonly allergens: readonly Allergen[];
}

type Taste = readonly [weight: number, fat: number, acid: number, salt: number, sweetness: number, heat: number, savour: number, smoke: number, bitterness: number, protein: number];
type Extra = { flags?: DishFlag[]; echoes?: Echo[]; allergens?: Allergen[]; reach?: number };
const reachOf: Record<PartKind, number> = { base: 1, side: 0.7, fat: 1.6, sauce: 2, seasoning: 6, garnish: 1 };
const part = (kind: PartKind) => (id: string, name: string, portion: number, taste: Taste, extra: Extra = {}): Ingredient => {
  const [weight, fat, acid, salt, sweetness, heat, savour, smoke, bitterness, protein] = taste;
  return { id, name, kind, portion, taste: { weight, fat, acid, salt, sweetness, heat, savour, smoke, bitterness, protein }, reach: extra.reach ?? reachOf[kind], flags: extra.flags ?? [], echoes: extra.echoes ?? [], allergens: extra.allergens ?? [] };
};
const base = part('base');
const side = part('side');
const fat = part('fat');
const garnish = part('garnish');
const sauce = part('sauce');
const seasoning = part('seasoning');

export const ingredients: readonly Ingredient[] = [
  // sea
  base('oysters', 'oysters', 90, [26, 10, 6, 62, 4, 0, 46, 0, 6, 38], { flags: ['seafood', 'delicate'], echoes: ['saline'], allergens: ['molluscs'] }),
  base('mussels', 'mussels', 150, [32, 10, 6, 48, 6, 0, 50, 0, 0, 46], { flags: ['seafood'], echoes: ['saline'], allergens: ['molluscs'] }),
  base('clams', 'clams', 120, [28, 8, 4, 50, 4, 0, 48, 0, 0, 44], { flags: ['seafood'], echoes: ['saline'], allergens: ['molluscs'] }),
  base('scallops', 'scallops', 110, [36, 10, 2, 24, 20, 0, 44, 0, 0, 50], { flags: ['seafood', 'delicate'], allergens: ['molluscs'] }),
  base('squid', 'squid', 140, [36, 12, 2, 26, 6, 0, 42, 0, 0, 52], { flags: ['seafood'], allergens: ['molluscs'] }),
  base('octopus', 'octopus', 180, [46, 14, 2, 30, 8, 0, 48, 0, 0, 58], { flags: ['seafood'], echoes: ['saline'], allergens: ['molluscs'] }),
  base('prawns', 'prawns', 130, [34, 8, 2, 28, 16, 0, 46, 0, 0, 56], { flags: ['seafood'], allergens: ['crustaceans'] }),
  base('crab', 'crab', 120, [38, 14, 2, 30, 18, 0, 48, 0, 0, 52], { flags: ['seafood', 'delicate'], allergens: ['crustaceans'] }),
  base('lobster', 'lobster', 140, [46, 14, 2, 28, 20, 0, 50, 0, 0, 58], { flags: ['seafood'], allergens: ['crustaceans'] }),
  base('white-fish', 'lean white fish', 160, [34, 10, 2, 14, 4, 0, 34, 0, 0, 54], { flags: ['seafood', 'delicate'], allergens: ['fish'] }),
  base('sole', 'flat fish', 160, [32, 10, 2, 14, 4, 0, 34, 0, 0, 52], { flags: ['seafood', 'delicate'], allergens: ['fish'] }),
  base('cod', 'cod', 160, [36, 8, 2, 16, 4, 0, 36, 0, 0, 56], { flags: ['seafood'], allergens: ['fish'] }),
  base('salmon', 'salmon', 150, [52, 50, 2, 14, 4, 0, 42, 0, 0, 56], { flags: ['oilyFish'], allergens: ['fish'] }),
  base('salmon-cured', 'cured salmon', 80, [46, 46, 4, 58, 6, 0, 46, 0, 0, 54], { flags: ['oilyFish'], allergens: ['fish'] }),
  base('mackerel', 'mackerel', 140, [56, 56, 2, 24, 2, 0, 52, 0, 4, 54], { flags: ['oilyFish'], allergens: ['fish'] }),
  base('sardines', 'sardines', 130, [54, 52, 2, 30, 2, 0, 52, 0, 4, 54], { flags: ['oilyFish'], allergens: ['fish'] }),
  base('tuna', 'tuna', 150, [56, 26, 2, 14, 4, 0, 46, 0, 2, 68], { flags: ['oilyFish'], allergens: ['fish'] }),
  // meat
  base('chicken', 'chicken', 170, [46, 30, 2, 14, 4, 0, 42, 0, 0, 62], { flags: ['whiteMeat'] }),
  base('chicken-breast', 'chicken breast, cold', 130, [36, 14, 2, 14, 4, 0, 34, 0, 0, 60], { flags: ['whiteMeat'] }),
  base('turkey', 'turkey', 150, [42, 20, 2, 14, 4, 0, 38, 0, 0, 62], { flags: ['whiteMeat'] }),
  base('quail', 'quail', 150, [50, 30, 2, 14, 4, 0, 48, 0, 2, 62], { echoes: ['earth'] }),
  base('duck', 'duck breast', 170, [64, 58, 2, 16, 8, 0, 56, 0, 4, 66], { flags: ['redMeat'], echoes: ['earth', 'red-fruit'] }),
  base('goose', 'goose', 180, [68, 64, 2, 16, 6, 0, 56, 0, 4, 66], { flags: ['redMeat'] }),
  base('pork', 'pork loin', 170, [52, 38, 2, 16, 8, 0, 42, 0, 0, 64], { flags: ['whiteMeat'], echoes: ['orchard'] }),
  base('pork-belly', 'pork belly', 150, [66, 74, 2, 20, 8, 0, 48, 0, 0, 54]),
  base('pork-ribs', 'pork ribs', 220, [66, 60, 2, 20, 8, 0, 50, 0, 0, 62], { flags: ['redMeat'] }),
  base('sausage', 'coarse sausage', 150, [64, 62, 4, 44, 4, 6, 52, 4, 2, 54], { echoes: ['pepper'], allergens: ['sulphites'] }),
  base('ham', 'cured ham', 60, [48, 44, 4, 62, 6, 0, 58, 4, 0, 58], { echoes: ['nut'] }),
  base('charcuterie', 'pâté and cured sausage', 100, [56, 62, 6, 54, 4, 4, 54, 6, 2, 52], { echoes: ['pepper', 'red-fruit'], allergens: ['sulphites'] }),
  base('beef-steak', 'beef steak', 200, [76, 58, 2, 16, 4, 0, 60, 0, 4, 80], { flags: ['redMeat'], echoes: ['dark-fruit', 'pepper'] }),
  base('beef-lean', 'lean beef', 180, [70, 30, 2, 16, 4, 0, 60, 0, 4, 82], { flags: ['redMeat'] }),
  base('beef-brisket', 'beef for braising', 220, [78, 56, 2, 18, 6, 0, 68, 0, 4, 76], { flags: ['redMeat'], echoes: ['dark-fruit', 'earth'] }),
  base('veal', 'veal', 170, [52, 28, 2, 14, 4, 0, 46, 0, 0, 70], { flags: ['whiteMeat'] }),
  base('lamb', 'lamb', 190, [72, 56, 2, 16, 4, 0, 60, 0, 4, 74], { flags: ['redMeat'], echoes: ['dried-herb', 'dark-fruit', 'sweet-spice'] }),
  base('goat', 'kid', 190, [66, 42, 2, 16, 4, 0, 60, 0, 4, 74], { flags: ['redMeat'], echoes: ['dried-herb'] }),
  base('venison', 'venison', 180, [72, 22, 2, 16, 6, 0, 66, 0, 6, 82], { flags: ['redMeat'], echoes: ['dark-fruit', 'earth', 'pepper'] }),
  base('rabbit', 'rabbit', 180, [48, 20, 2, 14, 4, 0, 46, 0, 0, 68], { flags: ['whiteMeat'], echoes: ['dried-herb'] }),
  base('foie-gras', 'foie gras', 60, [72, 92, 2, 26, 12, 0, 56, 0, 4, 40]),
  base('liver', 'liver', 140, [62, 28, 2, 18, 10, 0, 64, 0, 18, 72], { echoes: ['earth'] }),
  // egg, cheese
  base('eggs', 'eggs', 110, [44, 50, 2, 18, 4, 0, 42, 0, 0, 54], { flags: ['egg'], allergens: ['eggs'] }),
  base('fresh-cheese', 'fresh goat cheese', 80, [40, 50, 36, 34, 4, 0, 34, 0, 0, 42], { echoes: ['citrus', 'green-herb'], allergens: ['milk'] }),
  base('soft-cheese', 'soft white-rind cheese', 80, [54, 70, 12, 42, 4, 0, 46, 0, 6, 46], { flags: ['cream'], echoes: ['bread', 'butter', 'orchard', 'earth'], allergens: ['milk'] }),
  base('washed-cheese', 'washed-rind cheese', 70, [62, 70, 10, 52, 4, 0, 66, 2, 8, 50], { echoes: ['earth', 'nut'], allergens: ['milk'] }),
  base('hard-cheese', 'hard aged cheese', 70, [66, 70, 10, 64, 8, 0, 80, 0, 6, 66], { echoes: ['nut', 'dried-fruit', 'sweet-spice'], allergens: ['milk'] }),
  base('mild-cheese', 'mild firm cheese', 70, [52, 64, 10, 42, 6, 0, 48, 0, 0, 58], { echoes: ['nut', 'butter'], allergens: ['milk'] }),
  base('sheep-cheese', 'young sheep cheese', 70, [56, 66, 12, 50, 6, 0, 54, 0, 4, 58], { echoes: ['nut', 'dried-herb'], allergens: ['milk'] }),
  base('blue-cheese', 'blue cheese', 60, [66, 76, 12, 78, 4, 6, 66, 0, 18, 48], { flags: ['blueMould'], echoes: ['nut', 'honey', 'dried-fruit'], allergens: ['milk'] }),
  // plant bases
  base('pasta', 'pasta', 160, [40, 6, 2, 12, 8, 0, 16, 0, 0, 24], { allergens: ['gluten'] }),
  base('egg-pasta', 'egg pasta', 160, [44, 14, 2, 12, 8, 0, 20, 0, 0, 28], { allergens: ['gluten', 'eggs'] }),
  base('risotto', 'risotto rice', 160, [46, 22, 4, 22, 6, 0, 36, 0, 0, 18], { flags: ['cream'], allergens: ['milk'] }),
  base('polenta', 'polenta', 160, [44, 18, 2, 18, 10, 0, 18, 0, 0, 14]),
  base('gnocchi', 'gnocchi', 160, [44, 10, 2, 14, 6, 0, 16, 0, 0, 16], { allergens: ['gluten'] }),
  base('pizza-dough', 'flat bread dough', 160, [42, 10, 4, 20, 6, 0, 14, 4, 2, 20], { echoes: ['bread'], allergens: ['gluten'] }),
  base('bread', 'bread', 80, [36, 6, 6, 22, 6, 0, 14, 2, 2, 18], { echoes: ['bread'], allergens: ['gluten'] }),
  base('green-salad', 'green leaves', 90, [14, 2, 10, 2, 4, 0, 6, 0, 14, 4], { flags: ['delicate'], echoes: ['green-herb'] }),
  base('bitter-leaves', 'bitter leaves', 90, [18, 2, 8, 2, 4, 0, 8, 0, 46, 4], { echoes: ['green-herb'] }),
  base('tomatoes', 'tomatoes', 150, [20, 2, 46, 6, 22, 0, 42, 0, 2, 4], { echoes: ['green-herb'] }),
  base('aubergine', 'aubergine', 150, [38, 8, 6, 4, 10, 0, 26, 0, 16, 6], { echoes: ['earth'] }),
  base('peppers', 'sweet peppers', 130, [26, 2, 14, 2, 30, 0, 22, 0, 4, 4], { echoes: ['red-fruit', 'green-herb'] }),
  base('courgette', 'courgettes', 130, [20, 2, 6, 2, 10, 0, 12, 0, 6, 6], { flags: ['delicate'], echoes: ['green-herb'] }),
  base('mushrooms', 'mushrooms', 130, [40, 4, 4, 6, 6, 0, 66, 0, 4, 14], { echoes: ['earth'] }),
  base('artichoke', 'artichokes', 140, [28, 4, 8, 6, 14, 0, 22, 0, 34, 10], { flags: ['artichoke'], echoes: ['nut', 'green-herb'] }),
  base('asparagus', 'asparagus', 150, [26, 2, 8, 4, 14, 0, 30, 0, 18, 10], { flags: ['asparagus'], echoes: ['green-herb'] }),
  base('fennel-bulb', 'fennel', 120, [22, 2, 6, 4, 18, 0, 12, 0, 6, 4], { echoes: ['green-herb'] }),
  base('pumpkin', 'pumpkin', 150, [38, 4, 6, 2, 36, 0, 16, 0, 0, 6], { echoes: ['nut', 'sweet-spice'] }),
  base('beetroot', 'beetroot', 120, [32, 2, 8, 4, 40, 0, 18, 0, 6, 6], { echoes: ['earth'] }),
  base('tofu', 'tofu', 140, [32, 26, 2, 4, 4, 0, 24, 0, 2, 44], { flags: ['delicate'], allergens: ['soybeans'] }),
  base('lentils', 'lentils', 150, [48, 6, 2, 8, 8, 0, 34, 0, 4, 42], { echoes: ['earth'] }),
  base('chickpeas', 'chickpeas', 150, [46, 14, 2, 8, 10, 0, 28, 0, 2, 40], { echoes: ['nut'] }),
  base('almonds', 'salted almonds', 40, [46, 64, 2, 50, 12, 0, 30, 6, 8, 46], { echoes: ['nut', 'saline'], allergens: ['nuts'] }),
  base('walnuts', 'walnuts', 40, [50, 70, 2, 4, 10, 0, 30, 0, 26, 40], { echoes: ['nut', 'dried-fruit'], allergens: ['nuts'] }),
  base('crisps', 'salted crisps', 40, [40, 62, 4, 66, 6, 0, 26, 4, 4, 16], { flags: ['fried'] }),
  // sweet bases
  base('berries', 'berries', 120, [18, 2, 44, 0, 52, 0, 4, 0, 4, 2], { echoes: ['red-fruit', 'dark-fruit'] }),
  base('apples', 'apples', 130, [22, 2, 36, 0, 50, 0, 4, 0, 4, 2], { echoes: ['orchard'] }),
  base('apricots', 'apricots and peaches', 130, [22, 2, 36, 0, 54, 0, 4, 0, 4, 2], { echoes: ['stone-fruit'] }),
  base('citrus-fruit', 'lemons and oranges', 80, [14, 2, 74, 0, 40, 0, 2, 0, 16, 2], { echoes: ['citrus'] }),
  base('dried-figs', 'dried figs and raisins', 60, [44, 4, 16, 4, 78, 0, 12, 0, 6, 8], { echoes: ['dried-fruit', 'honey'], allergens: ['sulphites'] }),
  base('sponge', 'sponge cake', 90, [44, 34, 4, 8, 64, 0, 6, 0, 0, 18], { echoes: ['butter', 'bread', 'honey'], allergens: ['gluten', 'eggs', 'milk'] }),
  base('short-pastry', 'sweet pastry', 80, [46, 48, 4, 10, 46, 0, 6, 0, 0, 16], { echoes: ['butter', 'bread'], allergens: ['gluten', 'milk', 'eggs'] }),
  base('dark-chocolate', 'dark chocolate', 50, [66, 66, 10, 4, 58, 0, 20, 4, 48, 20], { flags: ['chocolate'], echoes: ['dried-fruit', 'sweet-spice', 'dark-fruit'], allergens: ['milk', 'soybeans'] }),
  base('custard-base', 'custard', 120, [48, 52, 4, 8, 56, 0, 8, 0, 0, 24], { flags: ['cream'], echoes: ['butter', 'honey'], allergens: ['milk', 'eggs'] }),
  // sides
  side('potatoes', 'potatoes', 150, [40, 4, 2, 12, 8, 0, 16, 0, 2, 10], { echoes: ['earth'] }),
  side('mash', 'potato purée', 150, [46, 44, 2, 22, 8, 0, 18, 0, 0, 12], { flags: ['cream'], echoes: ['butter'], allergens: ['milk'] }),
  side('rice', 'rice', 150, [32, 2, 0, 4, 8, 0, 8, 0, 0, 12]),
  side('fava-puree', 'fava purée', 100, [40, 16, 4, 16, 10, 0, 28, 0, 4, 36], { echoes: ['earth'] }),
  side('white-beans', 'white beans', 120, [44, 6, 2, 12, 8, 0, 26, 0, 2, 38]),
  side('green-beans', 'green beans', 100, [20, 2, 4, 4, 10, 0, 16, 0, 6, 10], { echoes: ['green-herb'] }),
  side('spinach', 'spinach', 100, [22, 2, 6, 6, 4, 0, 24, 0, 22, 12], { echoes: ['green-herb'] }),
  side('cabbage', 'cabbage', 100, [26, 4, 8, 6, 14, 0, 20, 0, 8, 8]),
  side('sauerkraut', 'sauerkraut', 110, [26, 4, 56, 44, 6, 0, 28, 0, 4, 8], { echoes: ['orchard'] }),
  side('root-vegetables', 'root vegetables', 120, [34, 4, 4, 6, 28, 0, 20, 0, 2, 8], { echoes: ['earth'] }),
  side('couscous', 'couscous', 120, [36, 6, 4, 10, 8, 0, 12, 0, 0, 16], { allergens: ['gluten'] }),
  side('noodles', 'wheat noodles', 150, [36, 6, 2, 14, 8, 0, 14, 0, 0, 20], { allergens: ['gluten'] }),
  // fats
  fat('olive-oil', 'olive oil', 18, [46, 96, 2, 0, 0, 0, 8, 0, 12, 0], { echoes: ['green-herb', 'nut'] }),
  fat('butter', 'butter', 18, [54, 92, 4, 16, 6, 0, 14, 0, 0, 2], { flags: ['cream'], echoes: ['butter'], allergens: ['milk'] }),
  fat('lard', 'lard or dripping', 15, [60, 98, 0, 4, 0, 0, 26, 0, 0, 0]),
  fat('duck-fat', 'duck fat', 15, [60, 98, 0, 6, 0, 0, 30, 0, 0, 0]),
  fat('sesame-oil', 'sesame oil', 6, [50, 96, 0, 0, 0, 0, 36, 10, 6, 0], { echoes: ['nut'], allergens: ['sesame'] }),
  fat('coconut-milk', 'coconut milk', 80, [48, 62, 4, 4, 24, 0, 12, 0, 0, 6], { reach: 0.9, echoes: ['tropical'] }),
  fat('cream', 'cream', 50, [54, 80, 6, 6, 14, 0, 10, 0, 0, 8], { reach: 1.1, flags: ['cream'], echoes: ['butter'], allergens: ['milk'] }),
  // garnishes
  garnish('capers', 'capers', 8, [20, 4, 46, 84, 2, 4, 34, 0, 18, 4], { reach: 4, echoes: ['saline', 'green-herb'], allergens: ['sulphites'] }),
  garnish('olives', 'olives', 30, [34, 46, 14, 66, 2, 0, 34, 0, 22, 4], { reach: 1.6, echoes: ['dried-herb', 'saline'] }),
  garnish('anchovy', 'anchovies', 8, [44, 34, 4, 92, 2, 0, 86, 0, 4, 54], { reach: 4, echoes: ['saline'], allergens: ['fish'] }),
  garnish('bacon', 'bacon', 30, [58, 66, 2, 66, 8, 0, 62, 46, 2, 50], { reach: 2, echoes: ['smoke'] }),
  garnish('roast-peppers', 'roasted red peppers', 50, [30, 8, 16, 8, 40, 2, 34, 26, 4, 4], { echoes: ['red-fruit', 'dried-herb', 'smoke'] }),
  garnish('parsley', 'parsley and soft herbs', 6, [8, 0, 4, 2, 2, 0, 6, 0, 6, 2], { reach: 3, echoes: ['green-herb'] }),
  garnish('basil-leaves', 'basil', 6, [8, 0, 2, 0, 4, 0, 8, 0, 2, 2], { reach: 3, echoes: ['green-herb'] }),
  garnish('fresh-chilli', 'fresh chilli', 6, [10, 0, 6, 0, 6, 90, 6, 0, 6, 2], { reach: 5, echoes: ['pepper'] }),
  garnish('truffle', 'truffle', 6, [46, 8, 0, 4, 4, 0, 86, 0, 4, 8], { reach: 12, echoes: ['earth'] }),
  garnish('toasted-nuts', 'toasted nuts', 15, [46, 62, 2, 6, 12, 0, 26, 8, 10, 34], { echoes: ['nut'], allergens: ['nuts'] }),
  garnish('grated-cheese', 'grated hard cheese', 15, [62, 66, 10, 66, 6, 0, 82, 0, 4, 62], { reach: 2.4, echoes: ['nut'], allergens: ['milk'] }),
  garnish('croutons', 'croutons', 20, [38, 34, 4, 30, 6, 0, 16, 6, 4, 16], { echoes: ['bread'], allergens: ['gluten'] }),
  garnish('soft-egg', 'a soft egg', 50, [42, 48, 2, 14, 4, 0, 40, 0, 0, 50], { flags: ['egg'], allergens: ['eggs'] }),
  garnish('pickles', 'pickles', 25, [16, 2, 66, 52, 22, 2, 14, 0, 4, 2], { reach: 2, flags: ['vinegar'], allergens: ['mustard', 'sulphites'] }),
  garnish('whipped-cream', 'whipped cream', 40, [48, 78, 4, 2, 26, 0, 6, 0, 0, 6], { flags: ['cream'], echoes: ['butter'], allergens: ['milk'] }),
  // sauces
  sauce('vinaigrette', 'vinaigrette', 22, [24, 62, 72, 26, 6, 0, 10, 0, 4, 0], { reach: 3, flags: ['vinegar'], echoes: ['green-herb'], allergens: ['mustard', 'sulphites'] }),
  sauce('tangy-sweet', 'tangy-sweet dressing', 24, [24, 34, 74, 28, 40, 4, 16, 0, 2, 0], { reach: 3, flags: ['vinegar'], echoes: ['citrus'], allergens: ['mustard', 'sulphites'] }),
  sauce('mayonnaise', 'mild mayonnaise', 22, [46, 88, 22, 26, 6, 0, 16, 0, 0, 6], { echoes: ['citrus'], allergens: ['eggs', 'mustard'] }),
  sauce('garlic-mayonnaise', 'garlic mayonnaise', 22, [48, 88, 20, 28, 4, 6, 34, 0, 2, 6], { allergens: ['eggs', 'mustard'] }),
  sauce('hollandaise', 'hollandaise', 35, [56, 86, 26, 24, 4, 0, 22, 0, 0, 14], { flags: ['egg', 'cream'], echoes: ['butter', 'citrus'], allergens: ['eggs', 'milk'] }),
  sauce('lemon-butter', 'lemon butter', 25, [42, 78, 48, 18, 4, 0, 12, 0, 2, 0], { flags: ['cream'], echoes: ['citrus', 'butter'], allergens: ['milk'] }),
  sauce('brown-butter', 'brown butter', 22, [54, 90, 6, 18, 8, 0, 26, 6, 4, 0], { flags: ['cream'], echoes: ['nut', 'butter'], allergens: ['milk'] }),
  sauce('cream-sauce', 'cream sauce', 60, [58, 74, 10, 24, 12, 0, 20, 0, 0, 10], { flags: ['cream'], echoes: ['butter'], allergens: ['milk'] }),
  sauce('mushroom-cream', 'mushroom cream', 60, [60, 68, 8, 26, 10, 0, 58, 0, 2, 12], { flags: ['cream'], echoes: ['earth', 'butter'], allergens: ['milk'] }),
  sauce('tomato-sauce', 'tomato sauce', 90, [38, 20, 62, 32, 26, 0, 56, 0, 4, 6], { reach: 1.6, echoes: ['dried-herb', 'red-fruit'], allergens: ['celery'] }),
  sauce('pesto', 'basil pesto', 35, [50, 84, 12, 46, 4, 0, 46, 0, 8, 18], { echoes: ['green-herb', 'nut'], allergens: ['milk', 'nuts'] }),
  sauce('salsa-verde', 'green herb sauce', 25, [30, 60, 44, 44, 2, 0, 28, 0, 8, 4], { echoes: ['green-herb', 'saline'], allergens: ['fish', 'mustard'] }),
  sauce('chimichurri', 'herb and vinegar sauce', 25, [30, 58, 50, 32, 2, 18, 18, 0, 8, 2], { echoes: ['green-herb', 'dried-herb'], allergens: ['sulphites'] }),
  sauce('caesar', 'anchovy and cheese dressing', 30, [50, 78, 34, 56, 4, 4, 62, 0, 2, 18], { flags: ['egg'], echoes: ['saline', 'bread', 'nut'], allergens: ['eggs', 'fish', 'milk', 'mustard'] }),
  sauce('lime-chilli', 'lime and chilli marinade', 40, [14, 2, 92, 34, 8, 42, 14, 0, 8, 0], { reach: 2.6, echoes: ['citrus', 'green-herb'] }),
  sauce('soy', 'soy sauce', 12, [32, 0, 14, 92, 16, 0, 92, 4, 4, 14], { reach: 4, allergens: ['soybeans', 'gluten'] }),
  sauce('sweet-soy', 'sweet soy glaze', 30, [44, 4, 18, 62, 66, 2, 74, 6, 2, 8], { echoes: ['ginger'], allergens: ['soybeans', 'gluten'] }),
  sauce('miso', 'miso', 18, [44, 18, 10, 76, 20, 0, 92, 0, 4, 24], { reach: 3, allergens: ['soybeans'] }),
  sauce('fish-sauce-lime', 'fish sauce and lime', 22, [18, 0, 70, 76, 24, 30, 66, 0, 4, 8], { reach: 3, echoes: ['citrus', 'saline'], allergens: ['fish'] }),
  sauce('sweet-chilli', 'sweet chilli sauce', 28, [32, 2, 40, 34, 72, 52, 10, 0, 0, 0], { echoes: ['tropical', 'ginger'], allergens: ['sulphites'] }),
  sauce('green-curry', 'green curry', 110, [52, 52, 26, 40, 30, 66, 44, 0, 6, 8], { reach: 1.5, echoes: ['citrus', 'ginger', 'tropical', 'flower'], allergens: ['crustaceans', 'fish'] }),
  sauce('chilli-oil', 'chilli oil with numbing pepper', 25, [50, 84, 6, 46, 10, 98, 44, 6, 12, 2], { reach: 2.6, echoes: ['pepper', 'citrus'], allergens: ['soybeans', 'sesame'] }),
  sauce('barbecue', 'sweet smoky barbecue sauce', 45, [56, 8, 34, 44, 72, 14, 46, 56, 6, 2], { echoes: ['smoke', 'dried-fruit', 'sweet-spice'], allergens: ['mustard', 'celery', 'sulphites'] }),
  sauce('smoked-paprika', 'smoked paprika and lemon', 20, [22, 30, 56, 30, 10, 8, 24, 54, 6, 2], { reach: 2.6, echoes: ['smoke', 'citrus', 'dried-herb'] }),
  sauce('red-wine-jus', 'red wine gravy', 45, [60, 28, 22, 36, 16, 0, 72, 4, 8, 10], { echoes: ['dark-fruit', 'earth'], allergens: ['celery', 'sulphites', 'gluten'] }),
  sauce('roast-gravy', 'roasting juices', 40, [54, 40, 6, 36, 8, 0, 64, 6, 4, 10], { echoes: ['dried-herb'], allergens: ['celery', 'gluten'] }),
  sauce('pepper-cream', 'peppercorn cream', 45, [62, 70, 8, 34, 10, 26, 34, 0, 6, 8], { flags: ['cream'], echoes: ['pepper', 'butter'], allergens: ['milk'] }),
  sauce('mustard-sauce', 'mustard sauce', 25, [40, 38, 40, 40, 8, 28, 18, 0, 8, 6], { reach: 2.4, flags: ['vinegar'], allergens: ['mustard', 'sulphites'] }),
  sauce('fruit-chutney', 'fruit chutney', 30, [40, 2, 44, 16, 78, 8, 12, 0, 4, 2], { echoes: ['dried-fruit', 'orchard', 'sweet-spice'], allergens: ['sulphites', 'mustard'] }),
  sauce('yoghurt-herb', 'yoghurt with herbs', 45, [34, 34, 44, 22, 10, 0, 16, 0, 0, 16], { echoes: ['green-herb'], allergens: ['milk'] }),
  sauce('tahini', 'sesame paste with lemon', 30, [52, 72, 30, 24, 6, 0, 32, 0, 16, 26], { echoes: ['nut', 'citrus'], allergens: ['sesame'] }),
  sauce('peanut-sauce', 'peanut sauce', 40, [60, 66, 18, 44, 36, 26, 46, 2, 6, 26], { echoes: ['nut'], allergens: ['peanuts', 'soybeans'] }),
  sauce('caramel', 'caramel', 30, [56, 34, 4, 12, 92, 0, 6, 10, 16, 2], { echoes: ['dried-fruit', 'butter', 'nut'], allergens: ['milk'] }),
  sauce('berry-coulis', 'berry coulis', 35, [24, 0, 52, 0, 72, 0, 2, 0, 4, 0], { echoes: ['red-fruit', 'dark-fruit'] }),
  sauce('chocolate-sauce', 'chocolate sauce', 35, [64, 58, 8, 6, 76, 0, 16, 2, 36, 10], { flags: ['chocolate'], echoes: ['dried-fruit'], allergens: ['milk', 'soybeans'] }),
  // seasonings
  seasoning('lemon-juice', 'lemon juice', 8, [2, 0, 100, 0, 4, 0, 0, 0, 4, 0], { echoes: ['citrus'] }),
  seasoning('sea-salt', 'sea salt', 2, [2, 0, 0, 100, 0, 0, 6, 0, 0, 0], { reach: 24, echoes: ['saline'] }),
  seasoning('black-pepper', 'black pepper', 1, [6, 0, 0, 0, 0, 44, 8, 0, 12, 0], { reach: 18, echoes: ['pepper'] }),
  seasoning('chilli-flakes', 'chilli flakes', 1.5, [6, 0, 0, 0, 4, 100, 6, 4, 8, 0], { reach: 26, echoes: ['pepper'] }),
  seasoning('dried-herbs', 'dried herbs', 1, [6, 0, 0, 0, 0, 0, 12, 0, 10, 0], { reach: 18, echoes: ['dried-herb'] }),
  seasoning('rosemary-thyme', 'rosemary and thyme', 2, [8, 2, 0, 0, 0, 0, 14, 2, 8, 0], { reach: 14, echoes: ['dried-herb'] }),
  seasoning('ginger-garlic', 'ginger and garlic', 8, [14, 0, 4, 0, 6, 24, 26, 0, 4, 2], { echoes: ['ginger'] }),
  seasoning('warm-spices', 'warm spices', 2, [12, 2, 0, 0, 4, 10, 18, 0, 10, 0], { reach: 14, echoes: ['sweet-spice'] }),
  seasoning('honey-spoon', 'honey', 12, [24, 0, 4, 0, 96, 0, 2, 0, 0, 0], { reach: 3, echoes: ['honey'] }),
  seasoning('sugar', 'sugar', 12, [10, 0, 0, 0, 100, 0, 0, 0, 0, 0], { reach: 3 }),
  seasoning('vinegar-spoon', 'vinegar', 8, [2, 0, 100, 0, 4, 0, 2, 0, 2, 0], { reach: 4, flags: ['vinegar'], allergens: ['sulphites'] }),
  seasoning('mustard-spoon', 'mustard', 6, [16, 14, 40, 46, 6, 40, 14, 0, 8, 6], { allergens: ['mustard', 'sulphites'] }),
  // everyday parts
  base('paneer', 'fresh pressed cheese', 90, [44, 52, 10, 10, 6, 0, 22, 0, 0, 46], { allergens: ['milk'] }),
  base('mozzarella', 'mozzarella', 90, [44, 52, 12, 22, 6, 0, 26, 0, 0, 46], { flags: ['delicate'], allergens: ['milk'] }),
  base('curd-cheese', 'curd or cream cheese', 60, [42, 58, 24, 20, 10, 0, 20, 0, 0, 30], { flags: ['cream'], echoes: ['butter'], allergens: ['milk'] }),
  base('aged-goat-cheese', 'aged goat cheese', 70, [52, 62, 26, 48, 4, 0, 54, 0, 6, 50], { echoes: ['nut', 'citrus'], allergens: ['milk'] }),
  base('tripe', 'tripe', 160, [52, 22, 2, 16, 4, 0, 52, 0, 4, 56], { echoes: ['earth'] }),
  base('blood-sausage', 'black pudding', 110, [66, 56, 4, 40, 8, 4, 56, 0, 6, 46], { echoes: ['sweet-spice', 'earth'], allergens: ['gluten', 'sulphites'] }),
  base('smoked-sausage', 'smoked sausage', 120, [62, 62, 4, 54, 6, 6, 54, 44, 2, 50], { echoes: ['smoke', 'pepper'], allergens: ['sulphites'] }),
  base('hare', 'hare', 180, [74, 18, 2, 16, 6, 0, 70, 0, 8, 82], { flags: ['redMeat'], echoes: ['dark-fruit', 'earth'] }),
  base('pancakes', 'pancakes', 110, [38, 20, 4, 12, 12, 0, 12, 0, 0, 22], { echoes: ['butter', 'bread'], allergens: ['gluten', 'eggs', 'milk'] }),
  base('puff-pastry', 'puff pastry', 80, [48, 56, 2, 16, 8, 0, 12, 0, 0, 14], { echoes: ['butter', 'bread'], allergens: ['gluten', 'milk'] }),
  base('rice-noodles', 'rice noodles or rice paper', 140, [32, 2, 0, 6, 6, 0, 8, 0, 0, 10]),
  base('tortilla', 'corn tortilla', 80, [36, 10, 2, 12, 10, 0, 14, 4, 2, 14]),
  base('avocado', 'avocado', 90, [42, 62, 2, 4, 4, 0, 16, 0, 4, 8], { flags: ['delicate'], echoes: ['green-herb'] }),
  base('onions', 'onions or leeks', 80, [24, 2, 6, 4, 26, 2, 26, 0, 4, 6]),
  base('cauliflower', 'cauliflower', 130, [26, 4, 4, 6, 12, 0, 20, 0, 8, 8]),
  base('hummus', 'chickpea and sesame purée', 90, [48, 44, 22, 26, 6, 2, 28, 0, 8, 28], { echoes: ['nut', 'citrus'], allergens: ['sesame'] }),
  base('pineapple', 'pineapple', 90, [18, 2, 52, 2, 58, 0, 4, 0, 2, 2], { echoes: ['tropical'] }),
  base('green-papaya', 'green papaya or mango', 90, [16, 2, 40, 2, 24, 0, 8, 0, 8, 4], { flags: ['delicate'], echoes: ['tropical'] }),
  base('pears', 'pears', 130, [20, 2, 18, 0, 52, 0, 4, 0, 2, 2], { echoes: ['orchard'] }),
  base('white-chocolate', 'white chocolate', 50, [58, 72, 4, 10, 80, 0, 10, 0, 2, 18], { flags: ['cream'], echoes: ['butter', 'honey'], allergens: ['milk', 'soybeans'] }),
  base('gingerbread', 'gingerbread', 70, [46, 24, 6, 12, 68, 6, 10, 0, 6, 14], { echoes: ['ginger', 'sweet-spice', 'honey'], allergens: ['gluten', 'eggs'] }),
  side('slaw', 'slaw or coleslaw', 90, [30, 40, 26, 18, 14, 2, 14, 0, 4, 4], { echoes: ['green-herb'], allergens: ['eggs', 'mustard'] }),
  side('chips', 'chips', 140, [44, 40, 2, 34, 8, 0, 18, 2, 2, 12], { flags: ['fried'] }),
  side('peas', 'peas', 100, [26, 4, 2, 6, 24, 0, 22, 0, 2, 18], { echoes: ['green-herb'] }),
  side('black-beans', 'black or brown beans', 120, [46, 6, 2, 14, 10, 0, 34, 0, 4, 40], { echoes: ['earth'] }),
  side('bulgur', 'bulgur with herbs', 120, [34, 12, 18, 12, 8, 0, 14, 0, 4, 16], { echoes: ['green-herb', 'citrus'], allergens: ['gluten'] }),
  side('cassava', 'toasted cassava flour', 40, [36, 14, 2, 14, 6, 0, 10, 4, 2, 6]),
  fat('neutral-oil', 'neutral oil', 15, [44, 98, 0, 0, 0, 0, 2, 0, 0, 0]),
  fat('milk-part', 'milk or buttermilk', 60, [26, 22, 14, 6, 20, 0, 12, 0, 0, 18], { reach: 0.8, allergens: ['milk'] }),
  garnish('mint', 'mint', 5, [6, 0, 2, 0, 6, 0, 4, 0, 4, 2], { reach: 3, echoes: ['green-herb'] }),
  garnish('cucumber', 'cucumber', 50, [8, 0, 8, 2, 8, 0, 6, 0, 4, 2], { flags: ['delicate'], echoes: ['green-herb'] }),
  garnish('radish', 'radish or daikon', 30, [8, 0, 6, 2, 10, 12, 8, 0, 6, 2]),
  garnish('celery', 'celery', 25, [12, 0, 4, 12, 6, 0, 18, 0, 8, 2], { echoes: ['green-herb'], allergens: ['celery'] }),
  garnish('bean-sprouts', 'bean sprouts', 40, [10, 0, 4, 2, 8, 0, 14, 0, 4, 8], { flags: ['delicate'] }),
  garnish('peanuts', 'peanuts', 20, [48, 66, 2, 24, 10, 0, 32, 4, 4, 44], { echoes: ['nut'], allergens: ['peanuts'] }),
  garnish('kimchi', 'fermented hot cabbage', 40, [22, 4, 50, 56, 12, 46, 44, 0, 4, 6], { reach: 1.6, echoes: ['ginger'], allergens: ['fish', 'crustaceans'] }),
  sauce('tartare-sauce', 'pickle and egg mayonnaise', 30, [42, 76, 34, 36, 8, 2, 22, 0, 2, 8], { flags: ['vinegar'], echoes: ['green-herb'], allergens: ['eggs', 'mustard', 'sulphites'] }),
  sauce('mint-sauce', 'mint sauce', 15, [14, 0, 72, 8, 40, 0, 4, 0, 6, 0], { reach: 2.6, flags: ['vinegar'], echoes: ['green-herb'], allergens: ['sulphites'] }),
  sauce('yoghurt', 'plain yoghurt', 50, [34, 30, 44, 10, 12, 0, 14, 0, 0, 18], { allergens: ['milk'] }),
  sauce('ketchup', 'tomato ketchup', 20, [28, 2, 46, 44, 52, 2, 40, 0, 2, 4], { echoes: ['sweet-spice'], allergens: ['sulphites', 'celery'] }),
  sauce('harissa', 'harissa', 10, [30, 40, 22, 40, 10, 78, 26, 14, 8, 4], { reach: 3, echoes: ['pepper', 'smoke'] }),
  sauce('wine-cooked', 'wine cooked down', 60, [30, 0, 44, 4, 12, 0, 24, 0, 6, 2], { reach: 1.2, echoes: ['red-fruit', 'dried-herb'], allergens: ['sulphites'] }),
  sauce('sweet-wine-cooked', 'sweet or fortified wine cooked down', 30, [38, 0, 32, 4, 58, 0, 18, 0, 4, 2], { echoes: ['dried-fruit', 'honey'], allergens: ['sulphites'] }),
  sauce('tamarind', 'tamarind', 15, [20, 0, 82, 4, 34, 0, 10, 0, 6, 2], { reach: 2.6, echoes: ['dried-fruit'] }),
  sauce('sweet-bean-sauce', 'sweet bean sauce', 20, [44, 8, 10, 62, 56, 4, 66, 2, 4, 10], { reach: 2.6, allergens: ['soybeans', 'gluten', 'sesame'] }),
  sauce('broth', 'meat or vegetable broth', 120, [30, 14, 4, 36, 6, 0, 60, 2, 2, 14], { reach: 0.8, allergens: ['celery'] }),
  sauce('dashi', 'seaweed and dried fish stock', 60, [18, 0, 4, 44, 8, 0, 78, 8, 2, 10], { reach: 1.2, echoes: ['saline', 'smoke'], allergens: ['fish', 'soybeans', 'gluten'] }),
  sauce('jam', 'sharp red jam', 25, [30, 0, 46, 0, 76, 0, 2, 0, 6, 0], { echoes: ['red-fruit'] }),
  sauce('mirin', 'sweet rice wine', 12, [20, 0, 10, 8, 62, 0, 24, 0, 0, 2], { echoes: ['honey'] }),
  sauce('worcestershire', 'Worcestershire sauce', 5, [26, 0, 56, 60, 36, 10, 64, 4, 6, 2], { reach: 4, allergens: ['fish', 'gluten', 'sulphites'] }),
  seasoning('saffron', 'saffron', 0.2, [8, 0, 0, 0, 4, 0, 20, 0, 14, 0], { reach: 60, echoes: ['honey', 'dried-herb'] }),
  seasoning('wasabi', 'wasabi or horseradish', 4, [10, 0, 4, 6, 10, 60, 12, 0, 8, 2], { allergens: ['mustard'] }),
  seasoning('juniper', 'juniper', 1, [8, 0, 0, 0, 0, 0, 12, 0, 14, 0], { reach: 16, echoes: ['dried-herb', 'pepper'] }),
  seasoning('sumac', 'sumac', 3, [6, 0, 78, 6, 8, 0, 8, 0, 10, 0], { reach: 8, echoes: ['red-fruit', 'citrus'] }),
  seasoning('vanilla', 'vanilla', 1, [8, 0, 0, 0, 10, 0, 4, 0, 4, 0], { reach: 20, echoes: ['sweet-spice'] }),
  seasoning('espresso', 'strong coffee', 25, [30, 2, 18, 2, 2, 0, 14, 20, 66, 2], { reach: 2, echoes: ['smoke', 'nut'] }),
  seasoning('cocoa', 'cocoa', 6, [36, 14, 4, 2, 4, 0, 22, 6, 72, 16], { flags: ['chocolate'], echoes: ['dark-fruit'] }),
  seasoning('brandy', 'brandy', 15, [26, 0, 4, 0, 14, 0, 4, 4, 6, 0], { reach: 3, echoes: ['dried-fruit', 'sweet-spice'] }),
];

export interface Cooking {
  readonly id: string;
  readonly name: string;
  readonly adds: Vector;
  readonly flags: readonly DishFlag[];
  readonly clears: readonly DishFlag[];
  readonly echoes: readonly Echo[];
}
const way = (id: string, name: string, adds: Vector, extra: { flags?: DishFlag[]; clears?: DishFlag[]; echoes?: Echo[] } = {}): Cooking => ({ id, name, adds, flags: extra.flags ?? [], clears: extra.clears ?? [], echoes: extra.echoes ?? [] });

/** Ways of cooking: what they add to the whole dish. */
export const cooking: readonly Cooking[] = [
  way('raw', 'raw', { weight: -6 }, { flags: ['raw'] }),
  way('chilled', 'served cold', { weight: -3, fat: -2 }),
  way('marinated', 'marinated in something sharp', { acid: 12, weight: -2 }, { flags: ['raw'] }),
  way('cured', 'cured in salt', { salt: 16, savour: 8 }),
  way('pickled', 'pickled', { acid: 24, salt: 8, sweetness: 4 }, { flags: ['vinegar'] }),
  way('steamed', 'steamed', { weight: -4 }),
  way('poached', 'poached', { weight: -2 }),
  way('boiled', 'boiled', { weight: -2 }),
  way('baked', 'baked', { weight: 2, savour: 4 }),
  way('roasted', 'roasted', { weight: 5, savour: 10, smoke: 4, sweetness: 2 }, { clears: ['delicate'] }),
  way('slow-roasted', 'slowly roasted', { weight: 8, savour: 14, sweetness: 4 }, { clears: ['delicate'] }),
  way('pan-fried', 'pan-fried', { weight: 4, fat: 8, savour: 6 }),
  way('seared', 'seared, rare inside', { weight: 3, savour: 8, smoke: 8, bitterness: 2 }),
  way('deep-fried', 'deep-fried', { weight: 8, fat: 24, salt: 6 }, { flags: ['fried'], clears: ['delicate'], echoes: ['bread'] }),
  way('stir-fried', 'stir-fried', { weight: 2, fat: 8, savour: 6, smoke: 6 }),
  way('grilled', 'grilled', { weight: 3, savour: 8, smoke: 18, bitterness: 3 }, { echoes: ['smoke'] }),
  way('charred', 'charred on coals', { weight: 5, savour: 10, smoke: 38, bitterness: 8 }, { clears: ['delicate'], echoes: ['smoke'] }),
  way('barbecued', 'slowly smoked over wood', { weight: 8, savour: 14, smoke: 40, sweetness: 2 }, { clears: ['delicate'], echoes: ['smoke'] }),
  way('cold-smoked', 'cold-smoked', { salt: 10, smoke: 42, savour: 8 }, { clears: ['delicate', 'raw'], echoes: ['smoke'] }),
  way('braised', 'braised', { weight: 10, savour: 16, sweetness: 4 }, { clears: ['delicate'] }),
  way('stewed', 'stewed', { weight: 8, savour: 12 }, { clears: ['delicate'] }),
  way('confit', 'cooked slowly in fat', { weight: 12, fat: 14, savour: 12, salt: 6 }, { clears: ['delicate'] }),
  way('gratinated', 'gratinated', { weight: 8, fat: 8, savour: 8, smoke: 4 }, { clears: ['delicate'] }),
];
