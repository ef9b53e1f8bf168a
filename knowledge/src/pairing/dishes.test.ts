import { describe, expect, it } from 'vitest';
import { published } from '@rose/core/testing/published';
import { generalStyles } from '../styles/index';
import { dishOf, pair, type DishPart } from './index';

/** Dishes of the trade with wines that go and wines that do not: common practice, as handbooks of food and wine agree (Harrington 2008 among them). */
const p = (...ids: (string | [string, number])[]): DishPart[] => ids.map((id) => (typeof id === 'string' ? { part: id } : { part: id[0], grams: id[1] }));
const dishes: readonly { dish: string; parts: DishPart[]; good: string[]; poor: string[] }[] = [
  {
    dish: 'raw oysters',
    parts: p('oysters', 'raw'),
    good: ['lees-coast', 'cool-unoaked', 'brut-nature', 'veil-fortified'],
    poor: ['young-tannic', 'cabernet', 'broad-oaked-white'],
  },
  {
    dish: 'grilled white fish',
    parts: p('white-fish', 'olive-oil', 'lemon-juice', 'grilled'),
    good: ['atlantic', 'herbal-coast', 'island', 'soft-neutral'],
    poor: ['young-tannic', 'cabernet', 'tannat'],
  },
  {
    dish: 'tuna steak, seared',
    parts: p('tuna', 'olive-oil', 'seared'),
    good: ['juicy-red', 'fine-light-red', 'dry-rose', 'firm-rose'],
    poor: ['young-tannic', 'tannat'],
  },
  { dish: 'smoked salmon', parts: p('salmon-cured', 'cold-smoked'), good: ['brut', 'dry-riesling', 'veil-fortified'], poor: ['young-tannic', 'cabernet'] },
  {
    dish: 'ceviche',
    parts: p('white-fish', 'lime-chilli', 'marinated'),
    good: ['green-aromatic', 'atlantic', 'prickling-light'],
    poor: ['broad-oaked-white', 'young-tannic'],
  },
  {
    dish: 'Caesar salad',
    parts: p('green-salad', 'caesar', 'grated-cheese', 'croutons'),
    good: ['cool-unoaked', 'dry-rose'],
    poor: ['young-tannic', 'cabernet'],
  },
  { dish: 'salad with vinaigrette', parts: p('green-salad', 'vinaigrette'), good: ['green-aromatic', 'prickling-light'], poor: ['soft-aromatic', 'oaked-red'] },
  {
    dish: 'artichoke',
    parts: p('artichoke', 'olive-oil', 'boiled'),
    good: ['veil-fortified', 'slope-white', 'herbal-coast'],
    poor: ['young-tannic', 'broad-oaked-white'],
  },
  { dish: 'hard aged cheese', parts: p('hard-cheese'), good: ['veil-white', 'nutty-dry', 'mature-red', 'sparkling-red'], poor: ['thin-red'] },
  { dish: 'blue cheese', parts: p('blue-cheese'), good: ['botrytis', 'ruby-fortified', 'aszu', 'madeira-sweet'], poor: ['young-tannic', 'cabernet'] },
  { dish: 'soft white-rind cheese', parts: p('soft-cheese', 'bread'), good: ['brut', 'cool-unoaked', 'juicy-red'], poor: ['young-tannic'] },
  { dish: 'foie gras', parts: p('foie-gras'), good: ['botrytis', 'late-harvest', 'aszu'], poor: ['young-tannic', 'cabernet'] },
  { dish: 'pâté and charcuterie', parts: p('charcuterie', 'bread'), good: ['juicy-red', 'sparkling-red', 'dry-rose', 'dry-riesling'], poor: ['oaked-red'] },
  {
    dish: 'roast chicken',
    parts: p('chicken', 'butter', 'roast-gravy', 'roasted'),
    good: ['oaked-white', 'fine-light-red', 'grenache'],
    poor: ['young-tannic'],
  },
  {
    dish: 'duck breast',
    parts: p('duck', 'pan-fried', 'red-wine-jus'),
    good: ['fine-light-red', 'nebbiolo', 'sangiovese'],
    poor: ['plain-light', 'soft-neutral'],
  },
  {
    dish: 'grilled beef steak',
    parts: p('beef-steak', 'grilled', 'black-pepper'),
    good: ['cabernet', 'malbec', 'syrah', 'tempranillo'],
    poor: ['plain-light', 'lees-coast', 'late-harvest', 'sweet-prickling'],
  },
  {
    dish: 'roast lamb',
    parts: p('lamb', 'rosemary-thyme', 'roast-gravy', 'roasted'),
    good: ['cabernet', 'tempranillo', 'sangiovese'],
    poor: ['green-aromatic', 'sweet-prickling'],
  },
  {
    dish: 'roast pork',
    parts: p('pork', 'roast-gravy', 'roasted'),
    good: ['dry-riesling', 'oaked-white', 'fine-light-red', 'dry-chenin'],
    poor: ['tannat', 'young-tannic'],
  },
  { dish: 'pasta with tomato', parts: p('pasta', 'tomato-sauce', 'grated-cheese'), good: ['sangiovese', 'barbera'], poor: ['soft-oaked-red'] },
  { dish: 'pasta with pesto', parts: p('pasta', 'pesto'), good: ['herbal-coast', 'soft-neutral', 'green-aromatic'], poor: ['young-tannic', 'tannat'] },
  {
    dish: 'truffle pasta',
    parts: p('egg-pasta', 'butter', 'truffle', 'grated-cheese'),
    good: ['nebbiolo', 'mature-white', 'mature-sparkling'],
    poor: ['offdry-spice', 'sweet-prickling'],
  },
  {
    dish: 'green curry',
    parts: p('chicken', 'green-curry', 'rice', 'stewed'),
    good: ['offdry-riesling', 'offdry-spice', 'offdry-gris'],
    poor: ['ripe-red', 'young-tannic', 'oaked-red'],
  },
  {
    dish: 'very hot with numbing pepper',
    parts: p('beef-lean', 'chilli-oil', 'rice', 'stir-fried'),
    good: ['offdry-riesling', 'sweet-prickling', 'offdry-sparkling'],
    poor: ['ripe-red', 'young-tannic', 'brut-nature'],
  },
  {
    dish: 'ribs in a sweet sauce',
    parts: p('pork-ribs', 'barbecue', 'barbecued'),
    good: ['ripe-red', 'syrah', 'offdry-rose'],
    poor: ['lees-coast', 'plain-light'],
  },
  { dish: 'eggs', parts: p('eggs', 'butter', 'pan-fried'), good: ['brut', 'cool-unoaked'], poor: ['young-tannic', 'cabernet'] },
  {
    dish: 'fruit tart',
    parts: p('short-pastry', 'apricots', 'sugar', 'baked'),
    good: ['late-harvest', 'sweet-prickling', 'demi-sec'],
    poor: ['cabernet', 'brut-nature', 'cool-unoaked'],
  },
  { dish: 'cake with cream', parts: p('sponge', 'whipped-cream'), good: ['demi-sec', 'sweet-sparkling'], poor: ['brut-nature'] },
];

/** More dishes, from memory, none of which the weights were set on. */
const unseen: typeof dishes = [
  { dish: 'fresh goat cheese', parts: p('fresh-cheese'), good: ['green-aromatic', 'dry-chenin'], poor: ['tannat', 'oaked-red', 'cabernet'] },
  { dish: 'lobster butter', parts: p('lobster', 'lemon-butter'), good: ['oaked-white', 'brut', 'cool-unoaked'], poor: ['cabernet', 'young-tannic'] },
  {
    dish: 'mushroom risotto',
    parts: p('risotto', 'mushrooms', 'grated-cheese'),
    good: ['fine-light-red', 'nebbiolo', 'mature-white'],
    poor: ['sweet-prickling', 'young-tannic'],
  },
  { dish: 'fried chicken', parts: p('chicken', 'deep-fried', 'sea-salt'), good: ['brut', 'tank-sparkling'], poor: ['young-tannic', 'tannat'] },
  {
    dish: 'pizza tomato',
    parts: p('pizza-dough', 'tomato-sauce', 'mild-cheese', 'baked'),
    good: ['sangiovese', 'barbera'],
    poor: ['broad-oaked-white', 'botrytis'],
  },
  {
    dish: 'venison',
    parts: p('venison', 'roasted', 'red-wine-jus'),
    good: ['syrah', 'nebbiolo', 'mature-red', 'cabernet'],
    poor: ['plain-light', 'lees-coast'],
  },
  {
    dish: 'chocolate cake',
    parts: p('dark-chocolate', 'sponge'),
    good: ['ruby-fortified', 'tawny-fortified', 'vintage-fortified'],
    poor: ['cabernet', 'brut-nature', 'lees-coast'],
  },
  {
    dish: 'sushi',
    parts: p('tuna', 'rice', 'soy', 'raw'),
    good: ['brut-nature', 'dry-riesling', 'veil-fortified'],
    poor: ['tannat', 'cabernet', 'young-tannic'],
  },
  { dish: 'paella', parts: p('prawns', 'mussels', 'rice', 'smoked-paprika'), good: ['dry-rose', 'atlantic', 'firm-rose'], poor: ['tannat', 'oaked-red'] },
  {
    dish: 'braised beef',
    parts: p('beef-brisket', 'braised', 'red-wine-jus', 'root-vegetables'),
    good: ['cabernet', 'syrah', 'nebbiolo', 'malbec'],
    poor: ['plain-light', 'lees-coast', 'green-aromatic'],
  },
  { dish: 'sausage sauerkraut', parts: p('sausage', 'sauerkraut'), good: ['dry-riesling', 'offdry-riesling'], poor: ['tannat', 'oaked-red'] },
  { dish: 'apple tart', parts: p('short-pastry', 'apples', 'sugar', 'baked'), good: ['late-harvest', 'demi-sec'], poor: ['cabernet', 'dry-riesling'] },
  {
    dish: 'custard with caramel',
    parts: p('custard-base', 'caramel'),
    good: ['tawny-fortified', 'madeira-sweet', 'botrytis'],
    poor: ['brut-nature', 'cabernet'],
  },
  { dish: 'salted almonds', parts: p('almonds'), good: ['veil-fortified', 'brut', 'nutty-dry'], poor: ['tannat'] },
  {
    dish: 'asparagus hollandaise',
    parts: p('asparagus', 'hollandaise'),
    good: ['cool-unoaked', 'green-aromatic', 'peppery-white'],
    poor: ['cabernet', 'young-tannic'],
  },
  { dish: 'lamb kebab', parts: p('lamb', 'grilled', 'yoghurt-herb'), good: ['syrah', 'grenache', 'xinomavro'], poor: ['plain-light', 'sweet-sparkling'] },
  { dish: 'moussaka', parts: p('aubergine', 'lamb', 'tomato-sauce', 'baked'), good: ['xinomavro', 'sangiovese'], poor: ['plain-light'] },
  { dish: 'crab', parts: p('crab', 'mayonnaise'), good: ['atlantic', 'cool-unoaked', 'dry-riesling'], poor: ['cabernet', 'tannat'] },
  { dish: 'salmon grilled', parts: p('salmon', 'grilled'), good: ['fine-light-red', 'oaked-white', 'dry-rose'], poor: ['tannat', 'young-tannic'] },
  { dish: 'cured ham', parts: p('ham'), good: ['dry-rose', 'veil-fortified', 'sparkling-red'], poor: ['tannat', 'oaked-red'] },
  { dish: 'duck confit', parts: p('duck', 'confit', 'duck-fat', 'potatoes'), good: ['fine-light-red', 'tannat', 'malbec'], poor: ['plain-light'] },
  {
    dish: 'tofu, stir-fried',
    parts: p('tofu', 'soy', 'ginger-garlic', 'noodles', 'stir-fried'),
    good: ['dry-riesling', 'peppery-white', 'offdry-riesling'],
    poor: ['tannat', 'oaked-red'],
  },
  {
    dish: 'vindaloo',
    parts: p('lamb', 'chilli-oil', 'tomato-sauce', 'rice', 'stewed'),
    good: ['offdry-riesling', 'offdry-rose'],
    poor: ['tannat', 'ripe-red', 'young-tannic'],
  },
  {
    dish: 'quiche',
    parts: p('eggs', 'short-pastry', 'bacon', 'cream', 'baked'),
    good: ['cool-unoaked', 'brut', 'dry-riesling'],
    poor: ['tannat', 'young-tannic'],
  },
  { dish: 'cheese fondue', parts: p('mild-cheese', 'bread'), good: ['soft-neutral', 'cool-unoaked', 'dry-riesling'], poor: ['young-tannic', 'tannat'] },
  {
    dish: 'steak tartare',
    parts: p('beef-lean', 'raw', 'capers', 'mustard-spoon'),
    good: ['juicy-red', 'fine-light-red', 'dry-rose'],
    poor: ['young-tannic', 'broad-oaked-white'],
  },
  { dish: 'scallops', parts: p('scallops', 'seared', 'butter'), good: ['oaked-white', 'cool-unoaked', 'brut'], poor: ['tannat', 'cabernet'] },
  {
    dish: 'smoked brisket, sweet sauce',
    parts: p('beef-brisket', 'barbecued', 'barbecue'),
    good: ['ripe-red', 'syrah', 'malbec'],
    poor: ['lees-coast', 'plain-light'],
  },
  {
    dish: 'berries with cream',
    parts: p('berries', 'whipped-cream', 'sugar'),
    good: ['sweet-prickling', 'demi-sec', 'late-harvest'],
    poor: ['cabernet', 'brut-nature'],
  },
];

describe('dishes of the trade', () => {
  for (const { dish, parts, good, poor } of [...dishes, ...unseen]) {
    published('common practice', `${dish}: every good wine above every poor one`, () => {
      expect(dishOf(parts).unknown).toEqual([]);
      const fits = Object.fromEntries([...good, ...poor].map((id) => [id, Math.round(pair(parts, id).fit)]));
      const wrong = good.flatMap((g) => poor.filter((b) => pair(parts, g).fit <= pair(parts, b).fit).map((b) => `${g} ${fits[g]} ≤ ${b} ${fits[b]}`));
      expect(wrong, JSON.stringify(fits)).toEqual([]);
    });
  }
  it('names only styles that exist', () => {
    const known = new Set(generalStyles.map((style) => style.id));
    for (const { good, poor } of [...dishes, ...unseen]) for (const id of [...good, ...poor]) expect(known.has(id), id).toBe(true);
  });
});
