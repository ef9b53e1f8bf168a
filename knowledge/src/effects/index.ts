import type { FactId } from '@rose/core/wine/facts';

/** What is computed of a wine from its facts, as its owner knows it. */
export const effects = {
  kind: 'what it is taken for',
  order: 'its place in a flight',
  expectation: 'what to expect in the glass',
  table: 'food',
  cold: 'how cold',
  air: 'air',
  opening: 'opening',
  drink: 'when to drink it',
  amounts: 'bottles and alcohol',
  allergens: 'allergens',
  faults: 'what may be wrong with it',
  theme: 'themes of a flight',
  law: 'its words in law',
} as const;
export type Effect = keyof typeof effects;

/** What each fact can change; a test varies every one of them over many wines and holds this table to what moved. What changes nothing is kept for the record, and for search. */
export const factEffects: Readonly<Record<FactId, readonly Effect[]>> = {
  colour: ['kind', 'order', 'expectation', 'table', 'cold', 'air', 'drink', 'amounts', 'faults', 'theme', 'law'],
  bubbles: ['kind', 'order', 'expectation', 'table', 'cold', 'air', 'opening', 'drink', 'amounts', 'faults', 'theme', 'law'],
  grapes: ['kind', 'order', 'expectation', 'table', 'cold', 'air', 'drink', 'amounts', 'faults', 'theme', 'law'],
  vintage: ['kind', 'order', 'expectation', 'table', 'cold', 'air', 'drink', 'faults', 'theme', 'law'],
  said: [],
  takenFor: ['kind', 'order', 'expectation', 'table', 'cold', 'air', 'drink', 'amounts', 'theme'],
  fortified: ['kind', 'order', 'expectation', 'table', 'cold', 'air', 'drink', 'amounts', 'faults', 'theme', 'law'],
  country: ['kind', 'order', 'expectation', 'table', 'amounts', 'theme', 'law'],
  region: ['kind', 'order', 'expectation', 'table', 'cold', 'air', 'drink', 'amounts', 'theme', 'law'],
  site: [],
  appellation: ['kind', 'order', 'expectation', 'table', 'cold', 'air', 'drink', 'amounts', 'theme', 'law'],
  originShare: ['law'],
  vintageShare: ['law'],
  originKind: ['order', 'law'],
  abv: ['order', 'expectation', 'table', 'cold', 'drink', 'amounts', 'theme', 'law'],
  sugar: ['kind', 'order', 'expectation', 'table', 'cold', 'air', 'drink', 'amounts', 'theme', 'law'],
  acidity: ['kind', 'order', 'expectation', 'table', 'cold', 'drink', 'theme', 'law'],
  pressure: ['order', 'expectation', 'table', 'cold', 'air', 'opening', 'drink', 'theme', 'law'],
  totalAbv: ['law'],
  naturalAbv: [],
  mustWeight: ['law'],
  dosed: ['law'],
  method: ['kind', 'order', 'expectation', 'table', 'drink', 'amounts', 'theme', 'law'],
  oak: ['kind', 'order', 'expectation', 'table', 'cold', 'air', 'drink', 'theme'],
  woodMonths: ['kind', 'order', 'expectation', 'table', 'cold', 'air', 'drink', 'amounts', 'theme', 'law'],
  totalMonths: ['drink', 'law'],
  bottleMonths: ['law'],
  leesMonths: ['order', 'expectation', 'table', 'drink', 'theme', 'law'],
  stirred: ['order', 'expectation', 'table', 'theme'],
  skinDays: ['kind', 'order', 'expectation', 'table', 'cold', 'air', 'drink', 'amounts', 'theme'],
  driedGrapes: ['kind', 'order', 'expectation', 'table', 'cold', 'air', 'drink', 'amounts', 'theme'],
  malolactic: ['expectation'],
  filtered: ['expectation', 'air', 'faults'],
  underFlor: ['kind', 'order', 'expectation', 'table', 'cold', 'air', 'drink', 'amounts', 'faults', 'theme'],
  heated: ['kind', 'order', 'expectation', 'table', 'cold', 'air', 'drink', 'amounts', 'faults', 'theme'],
  organic: ['law'],
  natural: ['faults'],
  fining: ['allergens'],
  closure: ['air', 'opening', 'drink', 'amounts', 'faults'],
  serveC: ['cold'],
  storage: ['drink'],
  glass: ['drink', 'faults'],
};

/** What a fact changes, in words: "months in wood: order, air, what to expect". */
export const effectsInWords = (id: FactId): string => {
  const changed = factEffects[id].map((effect) => effects[effect]);
  if (changed.length === 0) return 'kept for the record';
  return changed.length > most ? `${changed.slice(0, most).join(', ')} and ${changed.length - most} more` : changed.join(', ');
};
/** So many are told of a fact that changes much. */
const most = 4;
