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

/** The demo's menu: courses out of the demo's dishes, for eight, of whom one eats no fish. */
export const demoMenu = {
  name: 'Supper under the lamp',
  courses: ['Oysters, plain', 'Grilled sardines with bread', 'Kid with thyme and potatoes', 'Blue cheese with figs', 'Apricot tart'],
  guests: 8,
  most: 4,
} as const;
