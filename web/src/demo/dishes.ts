import type { Verdict } from '@rose/core/pairing/verdict';

/** Twelve dishes of the demo, as part ids. */
export const demoDishes: readonly { readonly name: string; readonly parts: readonly string[] }[] = [
  { name: 'Octopus on coals', parts: ['octopus', 'charred', 'olive-oil', 'smoked-paprika', 'fava-puree', 'capers', 'parsley'] },
  { name: 'Oysters, plain', parts: ['oysters', 'raw', 'lemon-juice'] },
  { name: 'Grilled sardines with bread', parts: ['sardines', 'grilled', 'olive-oil', 'lemon-juice', 'bread'] },
  { name: 'Goat cheese and bitter leaves', parts: ['fresh-cheese', 'bitter-leaves', 'vinaigrette', 'toasted-nuts'] },
  { name: 'Kid with thyme and potatoes', parts: ['goat', 'slow-roasted', 'rosemary-thyme', 'potatoes', 'roast-gravy'] },
  { name: 'Aubergine with sesame', parts: ['aubergine', 'charred', 'tahini', 'parsley', 'bread'] },
  { name: 'Mushroom polenta', parts: ['polenta', 'mushrooms', 'butter', 'grated-cheese', 'rosemary-thyme'] },
  { name: 'Duck with berries', parts: ['duck', 'pan-fried', 'red-wine-jus', 'root-vegetables'] },
  { name: 'Lamb ribs, sweet and smoky', parts: ['lamb', 'barbecued', 'barbecue', 'cabbage'] },
  { name: 'Green curry of prawns', parts: ['prawns', 'green-curry', 'rice', 'stewed'] },
  { name: 'Blue cheese with figs', parts: ['blue-cheese', 'dried-figs', 'walnuts'] },
  { name: 'Apricot tart', parts: ['short-pastry', 'apricots', 'sugar', 'baked'] },
];

/** What was found at the demo's table: general styles with dishes, by verdict. */
export const demoTries: Readonly<Record<string, Readonly<Record<string, Verdict>>>> = {
  'Oysters, plain': { 'lees-coast': 'made', brut: 'good', atlantic: 'made', 'oaked-white': 'poor', syrah: 'clash', 'dry-riesling': 'good' },
  'Grilled sardines with bread': { atlantic: 'made', 'dry-rose': 'good', cabernet: 'clash', 'soft-neutral': 'fair' },
  'Kid with thyme and potatoes': { xinomavro: 'made', 'volcanic-light-red': 'good', 'fine-light-red': 'good' },
  'Duck with berries': { 'fine-light-red': 'made', cabernet: 'fair' },
  'Green curry of prawns': { 'offdry-riesling': 'made', 'heady-red': 'clash', 'offdry-spice': 'good' },
  'Blue cheese with figs': { botrytis: 'made', 'ruby-fortified': 'good', cabernet: 'poor' },
  'Apricot tart': { 'late-harvest': 'made', brut: 'clash' },
};

/** The demo's menu: courses out of the demo's dishes, for eight, of whom one eats no fish. */
export const demoMenu = {
  name: 'Supper under the lamp',
  courses: ['Oysters, plain', 'Grilled sardines with bread', 'Kid with thyme and potatoes', 'Blue cheese with figs', 'Apricot tart'],
  guests: 8,
  most: 4,
} as const;
