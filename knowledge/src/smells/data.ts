import type { Echo } from '@rose/core/pairing/dish';

/** Families of smells, in the order a prompt deck asks for them, with two examples a beginner can picture. */
export const families = {
  citrus: { label: 'citrus', examples: 'lemon, orange peel', echo: 'citrus', words: ['citrus fruit', 'citrus fruits', 'zest', 'zesty'] },
  orchard: { label: 'apple and pear', examples: 'green apple, ripe pear', echo: 'orchard', words: ['orchard fruit', 'green fruit', 'apple'] },
  stone: { label: 'stone fruit', examples: 'peach, apricot', echo: 'stone-fruit', words: ['stone fruits'] },
  tropical: { label: 'tropical fruit', examples: 'pineapple, passion fruit', echo: 'tropical', words: ['tropical', 'exotic fruit'] },
  red: { label: 'red berries', examples: 'cherry, raspberry', echo: 'red-fruit', words: ['red fruit', 'red fruits', 'red berry fruit', 'red berry'] },
  dark: { label: 'dark berries', examples: 'blackcurrant, plum', echo: 'dark-fruit', words: ['black fruit', 'dark fruit', 'black fruits', 'black berries', 'dark berry'] },
  dried: { label: 'dried or cooked fruit', examples: 'raisin, fig, jam', echo: 'dried-fruit', words: ['dried fruit', 'cooked fruit', 'dark dried fruit'] },
  flower: { label: 'flowers', examples: 'rose, violet, blossom', echo: 'flower', words: ['floral', 'flower', 'flowery', 'blossoms'] },
  herb: { label: 'green herbs and leaves', examples: 'grass, mint, tomato leaf', echo: 'green-herb', words: ['herbaceous', 'green', 'leafy', 'grassy', 'herbal'] },
  dryherb: { label: 'dried herbs', examples: 'oregano, thyme, hay', echo: 'dried-herb', words: ['herb', 'herby', 'dry herbs'] },
  vegetable: { label: 'vegetables', examples: 'green pepper, asparagus', echo: 'green-herb', words: ['vegetal', 'green vegetables'] },
  spice: { label: 'spices', examples: 'pepper, clove, cinnamon', echo: 'sweet-spice', words: ['spice', 'spicy', 'sweet spice', 'baking spice'] },
  nut: { label: 'nuts', examples: 'almond, walnut', echo: 'nut', words: ['nut'] },
  earth: { label: 'earth and forest', examples: 'mushroom, wet leaves', echo: 'earth', words: ['earthy', 'forest', 'savoury'] },
  stony: { label: 'stone and salt', examples: 'wet stone, sea air', echo: 'saline', words: ['mineral', 'minerally', 'minerality', 'stone', 'stony', 'salty', 'rocky'] },
  bread: { label: 'bread and yeast', examples: 'bread crust, biscuit', echo: 'bread', words: ['yeasty', 'bready', 'yeast', 'autolysis'] },
  dairy: { label: 'milk and butter', examples: 'butter, yoghurt', echo: 'butter', words: ['buttery', 'creamy', 'milky', 'dairy'] },
  wood: { label: 'oak, toast, smoke', examples: 'vanilla, toast, cedar', echo: 'smoke', words: ['oaky', 'woody', 'toasty oak', 'barrel'] },
  honey: { label: 'honey and wax', examples: 'honey, beeswax', echo: 'honey', words: ['honeyed', 'waxy'] },
  sweet: { label: 'caramel and chocolate', examples: 'caramel, cocoa, coffee', echo: 'dried-fruit', words: ['toffee and chocolate', 'sweet smell'] },
  petrol: { label: 'petrol', examples: 'kerosene, rubber ball', echo: null, words: ['petrolly', 'gasoline'] },
  animal: { label: 'animal', examples: 'leather, horse', echo: 'earth', words: ['animal', 'meaty'] },
  fault: { label: 'something wrong', examples: 'damp cellar, vinegar, bad egg', echo: null, words: ['a fault', 'off', 'unclean', 'dirty'] },
} as const satisfies Record<string, { label: string; examples: string; echo: Echo | null; words: readonly string[] }>;
export type FamilyId = keyof typeof families;

/** Where a smell usually comes from. */
export const descriptorOrigins = { grape: 'the grape', making: 'the making', ageing: 'the ageing', fault: 'a fault, or a doubt' } as const;

export interface Descriptor {
  readonly id: string;
  readonly name: string;
  readonly family: FamilyId;
  readonly origin: keyof typeof descriptorOrigins;
  readonly synonyms: readonly string[];
}
/** Words of two origins, with the family they may come of as well: toast is of yeast or of a toasted barrel. Common practice. */
export const alsoOf: Readonly<Partial<Record<string, FamilyId>>> = {
  toast: 'wood',
  popcorn: 'wood',
  custard: 'wood',
  butterscotch: 'wood',
};
/** Words whose smell food shares otherwise than the rest of their family; null for none. Common practice. */
export const echoOf: Readonly<Partial<Record<string, Echo | null>>> = {
  'black-pepper': 'pepper',
  'white-pepper': 'pepper',
  ginger: 'ginger',
  liquorice: null,
  juniper: null,
  graphite: null,
  tar: null,
  flint: null,
  'volcanic-ash': 'smoke',
  'wet-clay': 'earth',
  vanilla: 'sweet-spice',
  coconut: 'sweet-spice',
  oak: null,
  cedar: null,
  resin: null,
  sawdust: null,
  incense: null,
  'polished-wood': null,
  toast: 'bread',
  coffee: null,
  'dark-chocolate': null,
  'milk-chocolate': null,
  'cocoa-powder': null,
  caramel: null,
  butterscotch: 'butter',
  'creme-brulee': 'butter',
  'family-wood': null,
  'black-tea': null,
  'green-tea': null,
  leather: null,
  musk: null,
  horse: null,
};
type Row = readonly [name: string, ...synonyms: string[]];
const rows = (family: FamilyId, origin: Descriptor['origin'], ...list: Row[]): Descriptor[] =>
  list.map(([name, ...synonyms]) => ({ id: name.normalize('NFD').replace(/[\u0300-\u036f]/g, '').replace(/[^a-z]+/gi, '-').toLowerCase(), name, family, origin, synonyms }));

export const descriptors: readonly Descriptor[] = [
  ...rows('citrus', 'grape', ['lemon', 'lemon juice'], ['lemon peel', 'lemon zest'], ['lime', 'lime juice', 'nimbu', 'lime zest'], ['grapefruit', 'pomelo'], ['orange peel', 'orange zest', 'orange rind'], ['blood orange'], ['mandarin', 'tangerine', 'clementine'], ['bergamot', 'earl grey'], ['candied citrus', 'candied peel', 'marmalade'], ['lemon curd', 'lemon tart'], ['yuzu'], ['bitter orange', 'seville orange']),
  ...rows('orchard', 'grape', ['green apple', 'granny smith', 'sour apple'], ['ripe apple', 'red apple', 'yellow apple'], ['baked apple', 'apple pie', 'apple compote'], ['pear', 'ripe pear', 'williams pear'], ['quince'], ['white grape', 'grapey', 'fresh grapes'], ['gooseberry'], ['apple skin', 'apple peel'], ['pear skin'], ['dried apple', 'apple rings']),
  ...rows('stone', 'grape', ['peach', 'white peach', 'yellow peach'], ['apricot'], ['nectarine'], ['mirabelle', 'yellow plum'], ['greengage'], ['apricot kernel', 'fruit stone'], ['peach skin']),
  ...rows('tropical', 'grape', ['pineapple'], ['passion fruit', 'maracuja'], ['mango'], ['lychee', 'litchi'], ['melon', 'honeydew'], ['guava'], ['papaya'], ['kiwi', 'kiwi fruit'], ['coconut water'], ['star fruit']),
  ...rows('tropical', 'making', ['banana', 'banana sweets', 'pear drops']),
  ...rows('red', 'grape', ['sour cherry', 'morello', 'unripe cherry'], ['red cherry', 'cherry'], ['strawberry', 'wild strawberry'], ['raspberry'], ['redcurrant', 'red currant'], ['cranberry'], ['pomegranate'], ['red plum'], ['cherry stone', 'kirsch', 'cherry pit'], ['wild berries', 'woodland berries'], ['rosehip']),
  ...rows('dark', 'grape', ['blackcurrant', 'cassis', 'black currant'], ['blackberry', 'bramble'], ['black cherry'], ['blueberry', 'bilberry'], ['mulberry'], ['black plum', 'plum', 'damson', 'sloe'], ['elderberry'], ['boysenberry', 'loganberry'], ['foxy grape', 'foxy', 'muscadine', 'labrusca'], ['myrtle', 'myrtle berry'], ['black olive skin', 'olive skin']),
  ...rows('dried', 'ageing', ['raisin', 'sultana'], ['fig', 'dried fig'], ['prune'], ['date', 'dates'], ['dried apricot'], ['dried cranberry'], ['christmas cake', 'fruit cake', 'mincemeat'], ['dried banana'], ['candied fruit', 'glacé fruit']),
  ...rows('dried', 'making', ['jam', 'cooked fruit', 'compote'], ['stewed fruit', 'stewed plums', 'cooked']),
  ...rows('flower', 'grape', ['rose', 'rose petal', 'rosewater'], ['violet'], ['white blossom', 'apple blossom', 'blossom', 'hawthorn'], ['elderflower'], ['orange blossom', 'neroli'], ['jasmine'], ['honeysuckle'], ['lavender'], ['chamomile', 'camomile'], ['geranium flower'], ['acacia'], ['dried flowers', 'potpourri'], ['lily'], ['peony'], ['lime blossom', 'linden'], ['iris', 'orris root'], ['broom', 'gorse', 'yellow flowers'], ['hibiscus']),
  ...rows('herb', 'grape', ['cut grass', 'grass', 'lawn', 'mown lawn', 'grass clippings'], ['mint', 'spearmint', 'menthol'], ['eucalyptus', 'gum tree', 'gum leaf'], ['fennel', 'anise', 'aniseed', 'dill'], ['basil'], ['tomato leaf', 'tomato stem'], ['blackcurrant leaf', 'box tree', 'cassis bud', 'cat pee', 'cat’s pee', 'boxwood', 'sweaty', 'sweat'], ['nettle'], ['bay leaf', 'laurel'], ['parsley'], ['lemon verbena', 'verbena', 'lemon grass', 'lemongrass'], ['fern', 'bracken'], ['green stem', 'stems', 'stalky'], ['celery', 'lovage']),
  ...rows('dryherb', 'grape', ['dried oregano', 'oregano'], ['thyme'], ['rosemary'], ['sage'], ['hay', 'dried grass', 'straw smell'], ['black tea', 'tea leaves', 'tea'], ['wild herbs', 'garrigue', 'maquis', 'scrub'], ['green tea'], ['wormwood', 'absinthe', 'vermouth herbs'], ['curry plant', 'immortelle'], ['dried mint']),
  ...rows('vegetable', 'grape', ['green pepper', 'bell pepper', 'capsicum'], ['asparagus'], ['green bean', 'peas'], ['olive', 'black olive', 'tapenade'], ['beetroot'], ['tomato', 'dried tomato'], ['artichoke'], ['radish', 'rocket', 'arugula'], ['cucumber'], ['jalapeño', 'green chilli']),
  ...rows('spice', 'grape', ['black pepper', 'pepper', 'peppercorn'], ['white pepper'], ['ginger'], ['saffron'], ['liquorice', 'licorice'], ['star anise'], ['juniper', 'gin'], ['coriander seed']),
  ...rows('spice', 'making', ['clove', 'cloves'], ['cinnamon'], ['nutmeg'], ['allspice'], ['cardamom'], ['gingerbread', 'mixed spice'], ['sandalwood']),
  ...rows('nut', 'ageing', ['almond', 'marzipan'], ['walnut'], ['hazelnut'], ['bitter almond'], ['roasted nuts', 'toasted nuts', 'nutty'], ['chestnut'], ['pistachio'], ['praline', 'nougat'], ['nut oil', 'walnut oil']),
  ...rows('earth', 'ageing', ['mushroom', 'porcini'], ['wet leaves', 'forest floor', 'undergrowth', 'sous bois'], ['truffle'], ['earth', 'soil', 'turned earth', 'wet earth', 'damp soil', 'mitti'], ['tobacco', 'cigar box'], ['iron', 'blood', 'rust'], ['peat', 'bog'], ['autumn leaves', 'dry leaves'], ['beetroot earth', 'potting soil'], ['damp wood', 'old cellar beam']),
  ...rows('stony', 'grape', ['wet stone', 'pebbles', 'slate'], ['flint', 'gunflint'], ['chalk'], ['sea air', 'sea breeze', 'saline', 'iodine', 'oyster shell'], ['volcanic ash', 'ash', 'warm stone', 'cinder'], ['graphite', 'pencil lead'], ['rain on stone', 'petrichor', 'summer rain'], ['wet clay', 'clay'], ['seaweed', 'kelp'], ['tar', 'bitumen']),
  ...rows('bread', 'making', ['bread', 'bread dough', 'yeast'], ['brioche', 'pastry', 'croissant', 'sponge', 'sponge cake'], ['biscuit', 'shortbread'], ['toast', 'bread crust'], ['beer', 'ale'], ['sourdough', 'rye bread'], ['porridge', 'oatmeal']),
  ...rows('dairy', 'making', ['butter', 'melted butter'], ['cream'], ['yoghurt', 'yogurt', 'sour milk'], ['cheese rind'], ['popcorn', 'buttered popcorn', 'butter popcorn'], ['custard', 'vanilla cream']),
  ...rows('wood', 'making', ['vanilla'], ['oak', 'wood', 'planed wood'], ['cedar'], ['coconut'], ['smoke', 'wood smoke'], ['charred wood', 'char', 'burnt wood'], ['resin', 'pine', 'pine needle'], ['sawdust'], ['incense'], ['polished wood', 'furniture polish'], ['bonfire', 'campfire']),
  ...rows('honey', 'ageing', ['honey'], ['beeswax', 'wax'], ['lanolin', 'wet wool'], ['honeycomb'], ['barley sugar']),
  ...rows('sweet', 'ageing', ['caramel', 'burnt sugar', 'toffee'], ['dark chocolate', 'chocolate', 'cocoa'], ['coffee', 'espresso', 'mocha'], ['molasses', 'treacle'], ['maple', 'maple syrup', 'fenugreek', 'curry powder'], ['milk chocolate'], ['butterscotch', 'fudge'], ['crème brûlée', 'burnt cream'], ['cocoa powder', 'cocoa nib']),
  ...rows('petrol', 'ageing', ['petrol', 'kerosene', 'diesel', 'paraffin']),
  ...rows('animal', 'ageing', ['leather', 'saddle'], ['game', 'meat', 'venison'], ['cured meat', 'bacon', 'ham'], ['musk', 'fur'], ['broth', 'bouillon', 'soy'], ['dried meat', 'bresaola', 'biltong']),
  ...rows('fault', 'fault', ['damp cellar', 'musty', 'wet cardboard', 'mould', 'corked', 'basement', 'cellar', 'damp cardboard', 'mouldy', 'attic'], ['bruised apple', 'cider', 'oxidised', 'sherried', 'sherry like'], ['vinegar', 'acetic'], ['nail varnish', 'nail polish', 'acetone', 'glue', 'nail polish remover', 'solvent', 'lifted'], ['bad egg', 'rotten egg', 'drain'], ['struck match', 'burnt match', 'sulphur', 'sulphury'], ['onion', 'garlic'], ['rubber', 'burnt rubber', 'tyre', 'rubbery'], ['horse', 'stable', 'farmyard', 'barnyard', 'sweaty saddle'], ['plaster', 'sticking plaster', 'medicinal', 'bandage', 'antiseptic', 'hospital'], ['mouse', 'mouse cage', 'mousy'], ['geranium leaf', 'crushed geranium'], ['cooked cabbage', 'cabbage', 'lightstruck', 'light struck'], ['stale nuts', 'rancid nuts'], ['wet dog', 'damp dog'], ['rancid butter', 'baby sick'], ['sauerkraut'], ['burnt hair', 'singed'], ['ladybird', 'ladybug', 'crushed stalk'], ['smoke taint', 'ashtray', 'cold ash']),
];
