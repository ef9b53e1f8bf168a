import type { Echo } from '@rose/core/pairing/dish';
import type { Loads } from '@rose/core/wine/profile';

/** A drink without alcohol on the bearings of a wine. */
export interface SoftDrink {
  readonly id: string;
  readonly name: string;
  readonly loads: Loads;
  readonly echoes: readonly Echo[];
  /** How it is made or served, in a line. */
  readonly how: string;
}
type Seven = readonly [acidity: number, sweetness: number, bubbles: number, tannin: number, body: number, intensity: number, length: number];
const drink = (id: string, name: string, [acidity, sweetness, bubbles, tannin, body, intensity, length]: Seven, how: string, ...echoes: Echo[]): SoftDrink => ({ id, name, how, loads: { acidity, sweetness, bubbles, tannin, alcohol: 0, body, intensity, length, oak: 0, fragility: 20 }, echoes });

/** Drinks for who drinks no alcohol, each read as a wine is. A "wine without its alcohol" may hold up to 0.5 %: it is not among these. Common practice; the numbers are ours. */
export const softDrinks: readonly SoftDrink[] = [
  drink('cucumber-tonic', 'cucumber and dill with soda', [52, 8, 62, 0, 14, 34, 24], 'cucumber juice, dill, a little lime, unsweetened soda', 'green-herb', 'citrus', 'saline'),
  drink('seaweed-tonic', 'salted lemon and seaweed soda', [62, 8, 62, 0, 14, 36, 30], 'lemon, a little salt, seaweed broth, soda', 'saline', 'citrus'),
  drink('verjus-spritz', 'verjuice and soda', [78, 18, 62, 2, 16, 34, 28], 'one part of verjuice to four of soda', 'orchard', 'citrus'),
  drink('grapefruit-soda', 'grapefruit and rosemary soda', [66, 28, 62, 6, 18, 46, 32], 'fresh grapefruit, rosemary, soda', 'citrus', 'dried-herb'),
  drink('kombucha', 'dry kombucha', [68, 26, 46, 16, 24, 46, 34], 'well fermented, cold; it may hold a trace of alcohol', 'orchard', 'bread'),
  drink('water-kefir', 'dry water kefir with ginger', [58, 28, 50, 2, 20, 44, 28], 'well fermented, cold; it may hold a trace of alcohol', 'ginger', 'citrus'),
  drink('apple-quince', 'cloudy apple juice, let down with water', [58, 46, 0, 6, 32, 40, 30], 'two parts of a sharp juice to one of water', 'orchard'),
  drink('sparkling-apple', 'dry sparkling apple juice', [62, 40, 60, 8, 26, 42, 32], 'of sharp cider apples, cold', 'orchard'),
  drink('pear-elder', 'pear and elderflower with soda', [48, 40, 50, 2, 24, 46, 28], 'pear juice, a spoon of cordial, soda', 'orchard', 'flower'),
  drink('elderflower', 'elderflower soda', [52, 46, 56, 0, 20, 50, 26], 'one part of cordial to ten of soda', 'flower', 'citrus'),
  drink('ginger-ale', 'dry ginger beer', [54, 48, 62, 2, 28, 64, 38], 'the dry kind, cold', 'ginger', 'citrus'),
  drink('lime-leaf', 'lime, lemongrass and coconut water', [58, 34, 0, 0, 24, 46, 28], 'coconut water with lime and lemongrass', 'citrus', 'tropical', 'ginger'),
  drink('mango-lassi', 'salted yoghurt drink', [52, 22, 0, 0, 56, 36, 30], 'yoghurt, water, salt and cumin; it holds milk', 'butter', 'sweet-spice'),
  drink('green-tea', 'green tea, cold', [34, 4, 0, 26, 20, 40, 34], 'steeped cold for some hours', 'green-herb', 'saline'),
  drink('jasmine-tea', 'jasmine tea, cold', [34, 6, 0, 22, 18, 52, 36], 'steeped cold for some hours', 'flower'),
  drink('oolong', 'roasted oolong', [30, 4, 0, 36, 30, 56, 48], 'warm or cold, not stewed', 'nut', 'smoke', 'stone-fruit'),
  drink('black-tea', 'black tea with lemon', [50, 8, 0, 58, 32, 54, 46], 'strong, cold, with a slice of lemon', 'dried-fruit', 'citrus'),
  drink('smoked-tea', 'smoked tea, cold', [32, 6, 0, 48, 32, 68, 52], 'steeped cold, weak rather than strong', 'smoke'),
  drink('hibiscus', 'hibiscus with cinnamon', [76, 26, 0, 20, 26, 56, 36], 'steeped hot, cooled, with cinnamon and orange peel', 'red-fruit', 'sweet-spice'),
  drink('sour-cherry', 'sour cherry juice, let down', [72, 36, 0, 34, 36, 60, 44], 'one part of juice to one of water or cold black tea', 'red-fruit', 'dark-fruit'),
  drink('blackcurrant-leaf', 'blackcurrant and black tea', [66, 30, 0, 46, 38, 64, 48], 'a spoon of unsweetened juice to a glass of cold tea', 'dark-fruit', 'green-herb'),
  drink('beetroot-berry', 'beetroot, berries and pepper', [58, 36, 0, 26, 52, 62, 44], 'juiced, with black pepper and a little vinegar', 'earth', 'dark-fruit', 'pepper'),
  drink('tomato-water', 'clear tomato water with basil', [56, 16, 0, 0, 20, 46, 34], 'dripped through a cloth, cold, salted', 'green-herb', 'red-fruit', 'saline'),
  drink('red-grape', 'red grape juice with tea', [56, 52, 0, 44, 48, 56, 40], 'two parts of juice to one of strong cold tea', 'dark-fruit', 'dried-fruit'),
  drink('white-grape', 'late-picked white grape juice', [52, 78, 0, 2, 50, 52, 38], 'cold, in a small glass', 'orchard', 'honey', 'flower'),
  drink('honey-chamomile', 'chamomile with honey', [26, 66, 0, 4, 34, 44, 34], 'lukewarm or cold', 'honey', 'flower'),
  drink('fig-vanilla', 'prune and vanilla infusion', [36, 76, 0, 26, 56, 58, 50], 'dried plums steeped hot with vanilla, strained', 'dried-fruit', 'sweet-spice'),
  drink('coffee-tonic', 'cold coffee, long', [40, 18, 0, 42, 34, 66, 56], 'steeped cold overnight; it holds caffeine', 'smoke', 'nut'),
];
