/** Whose milk a cheese is made of. */
export const milks = { cow: 'cow', goat: 'goat', ewe: 'ewe', buffalo: 'buffalo', mixed: 'mixed' } as const;
export type Milk = keyof typeof milks;
export const rinds = { none: 'no rind', bloomy: 'white mould', washed: 'washed', natural: 'natural or brushed', waxed: 'wax or cloth' } as const;
export type Rind = keyof typeof rinds;
export const pastes = { fresh: 'fresh', brined: 'brined', stretched: 'stretched', soft: 'soft', supple: 'supple', firm: 'firm', hard: 'hard', blue: 'blue-veined' } as const;
export type Paste = keyof typeof pastes;

export interface CheeseFacts {
  readonly id: string;
  readonly name: string;
  /** Other words for it and for cheeses that stand as near. */
  readonly also: readonly string[];
  readonly milk: Milk;
  readonly rind: Rind;
  readonly paste: Paste;
  /** Usual age as it is sold, months. */
  readonly months: readonly [number, number];
  /** Grams in 100 g. */
  readonly salt: number;
  readonly fat: number;
  readonly smoked?: boolean;
  /** Its milk sugar is cooked brown: it tastes sweet. */
  readonly caramelised?: boolean;
}
type Row = readonly [id: string, name: string, milk: Milk, rind: Rind, paste: Paste, from: number, to: number, salt: number, fat: number, also?: readonly string[], more?: 'smoked' | 'caramelised'];

/** Cheeses as they are sold: age in months, salt and fat in g/100 g, rounded. Common practice; the figures are ours from memory and near the middle of what labels say. */
const rows: readonly Row[] = [
  ['fresh-cheese', 'fresh goat cheese', 'goat', 'none', 'fresh', 0, 1, 1.0, 22, ['goat’s curd', 'fresh goat’s cheese', 'goat’s cheese', 'chèvre']],
  ['curd-cheese', 'curd cheese or cream cheese', 'cow', 'none', 'fresh', 0, 0.5, 0.6, 27, ['curd cheese', 'cream cheese', 'mascarpone', 'quark', 'fromage blanc']],
  ['ricotta', 'ricotta', 'mixed', 'none', 'fresh', 0, 0.5, 0.3, 12, ['whey cheese']],
  ['labneh', 'strained yoghurt cheese', 'cow', 'none', 'fresh', 0, 0.5, 1.0, 12, ['labneh']],
  ['cottage-cheese', 'cottage cheese', 'cow', 'none', 'fresh', 0, 0.5, 0.7, 5],
  ['paneer', 'fresh pressed cheese', 'cow', 'none', 'fresh', 0, 0.5, 0.1, 24, ['paneer']],
  ['halloumi', 'halloumi', 'mixed', 'none', 'brined', 0, 3, 2.6, 26, ['grilling cheese']],
  ['feta', 'feta', 'ewe', 'none', 'brined', 2, 6, 2.4, 23, ['sheep’s cheese in brine', 'white cheese in brine']],
  ['mozzarella', 'mozzarella', 'cow', 'none', 'stretched', 0, 0.5, 0.5, 20, ['fior di latte']],
  ['burrata', 'burrata', 'cow', 'none', 'stretched', 0, 0.3, 0.5, 28, ['stracciatella']],
  ['buffalo-mozzarella', 'buffalo mozzarella', 'buffalo', 'none', 'stretched', 0, 0.5, 0.6, 24],
  ['scamorza', 'smoked stretched cheese', 'cow', 'natural', 'stretched', 0.5, 2, 1.4, 25, ['scamorza', 'smoked mozzarella'], 'smoked'],
  ['provolone', 'provolone', 'cow', 'waxed', 'firm', 3, 12, 2.0, 28, ['caciocavallo']],
  ['soft-cheese', 'soft white-rind cheese', 'cow', 'bloomy', 'soft', 1, 2, 1.5, 30, ['brie', 'camembert', 'coulommiers']],
  ['triple-cream', 'triple-cream cheese', 'cow', 'bloomy', 'soft', 1, 2, 1.3, 38, ['triple cream', 'double cream cheese']],
  ['bloomy-goat', 'ripened goat cheese with a bloomy rind', 'goat', 'bloomy', 'soft', 1, 2, 1.5, 25, ['goat log', 'ash-covered goat cheese', 'ripened goat’s cheese']],
  ['aged-goat-cheese', 'aged goat cheese', 'goat', 'natural', 'firm', 3, 8, 1.8, 29, ['aged goat’s cheese', 'hard goat’s cheese']],
  ['ewe-bloomy', 'soft ewe cheese', 'ewe', 'bloomy', 'soft', 1, 2, 1.6, 27, ['soft sheep cheese']],
  ['washed-cheese', 'washed-rind cheese', 'cow', 'washed', 'soft', 1, 3, 1.7, 28, ['munster', 'limburger', 'livarot', 'pont l’évêque']],
  ['epoisses', 'cheese washed in spirit', 'cow', 'washed', 'soft', 1, 2, 1.8, 26, ['Époisses']],
  ['taleggio', 'taleggio', 'cow', 'washed', 'soft', 1, 2, 1.8, 27],
  ['reblochon', 'reblochon', 'cow', 'washed', 'supple', 1, 2, 1.4, 26],
  ['bark-cheese', 'soft cheese bound in bark', 'cow', 'washed', 'soft', 1, 3, 1.2, 26, ['Mont d’Or', 'vacherin']],
  ['raclette', 'raclette', 'cow', 'washed', 'supple', 3, 6, 1.8, 28, ['raclette cheese', 'melting cheese']],
  ['fontina', 'fontina', 'cow', 'washed', 'supple', 3, 5, 1.6, 28],
  ['morbier', 'semi-soft cheese with a line of ash', 'cow', 'natural', 'supple', 2, 4, 1.5, 28, ['morbier', 'tomme', 'saint-nectaire']],
  ['tilsit', 'tilsit or havarti', 'cow', 'washed', 'supple', 2, 5, 1.7, 28, ['butterkäse', 'danbo']],
  ['mild-cheese', 'mild firm cheese', 'cow', 'waxed', 'firm', 1, 4, 1.2, 29, ['edam', 'young gouda', 'monterey jack', 'emmental', 'mild cheese', 'cheese']],
  ['gouda-aged', 'aged gouda', 'cow', 'waxed', 'hard', 12, 36, 2.0, 34, ['old gouda', 'mimolette']],
  ['cheddar', 'cheddar', 'cow', 'waxed', 'hard', 6, 14, 1.8, 34, ['double gloucester', 'red leicester', 'cantal']],
  ['cheddar-aged', 'mature cheddar', 'cow', 'waxed', 'hard', 12, 24, 1.8, 35, ['aged cheddar', 'farmhouse cheddar', 'clothbound cheddar']],
  ['crumbly', 'crumbly young cheese', 'cow', 'waxed', 'firm', 1, 3, 1.6, 31, ['caerphilly', 'wensleydale', 'lancashire', 'cheshire']],
  ['alpine', 'alpine cheese', 'cow', 'natural', 'firm', 6, 12, 1.0, 33, ['Comté', 'gruyère', 'beaufort', 'appenzeller', 'mountain cheese']],
  ['alpine-aged', 'old alpine cheese', 'cow', 'natural', 'hard', 18, 36, 1.1, 34, ['old Comté', 'aged gruyère', 'sbrinz']],
  ['hard-cheese', 'hard aged cheese', 'cow', 'natural', 'hard', 18, 30, 2.0, 31, ['hard cow’s cheese aged', 'Parmigiano', 'parmesan', 'grana', 'grana padano']],
  ['asiago', 'asiago', 'cow', 'natural', 'firm', 3, 9, 1.7, 30, ['montasio']],
  ['sheep-cheese', 'young sheep cheese', 'ewe', 'natural', 'firm', 3, 6, 1.7, 32, ['manchego', 'ossau', 'Basque sheep cheese', 'sheep’s cheese']],
  ['sheep-aged', 'aged sheep cheese', 'ewe', 'natural', 'hard', 12, 24, 2.0, 36, ['aged manchego', 'old sheep cheese']],
  ['pecorino', 'pecorino', 'ewe', 'natural', 'hard', 8, 18, 2.8, 31, ['pecorino romano', 'sheep’s grating cheese']],
  ['smoked-sheep', 'smoked sheep cheese', 'ewe', 'natural', 'firm', 2, 6, 1.8, 32, ['idiazabal', 'smoked cheese'], 'smoked'],
  ['kefalotiri', 'firm frying cheese', 'mixed', 'natural', 'firm', 3, 6, 2.8, 29, ['kefalotyri', 'graviera', 'saganaki']],
  ['brown-whey', 'brown whey cheese', 'mixed', 'none', 'supple', 0, 1, 0.9, 28, ['brunost', 'gjetost'], 'caramelised'],
  ['blue-cheese', 'blue cheese', 'cow', 'natural', 'blue', 2, 5, 2.8, 30, ['Danish blue', 'fourme', 'bleu']],
  ['roquefort', 'roquefort', 'ewe', 'none', 'blue', 3, 6, 3.5, 32],
  ['stilton', 'stilton', 'cow', 'natural', 'blue', 2, 4, 2.2, 35],
  ['gorgonzola-sweet', 'mild creamy gorgonzola', 'cow', 'natural', 'blue', 2, 3, 1.8, 28, ['dolcelatte', 'gorgonzola dolce', 'cambozola']],
  ['gorgonzola', 'strong gorgonzola', 'cow', 'natural', 'blue', 3, 6, 2.2, 29, ['gorgonzola', 'gorgonzola piccante']],
  ['cabrales', 'blue cheese of mixed milk', 'mixed', 'natural', 'blue', 3, 5, 3.0, 32, ['cabrales', 'valdeón']],
];
export const cheeseFacts: readonly CheeseFacts[] = rows.map(([id, name, milk, rind, paste, from, to, salt, fat, also = [], more]) => ({ id, name, milk, rind, paste, months: [from, to], salt, fat, also, smoked: more === 'smoked', caramelised: more === 'caramelised' }));
