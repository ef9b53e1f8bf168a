import { countryName } from './country';
import type { z } from 'zod';
import type { Frozen } from '../document/frozen';
import { colourWord } from './colour-class';
import type { wineDocument } from './facts-schema';
/**
 * The one registry of what can be known of a bottle before it is opened. The form, the CSV columns, the list of what to find out and
 * the rules of classification read it. Every fact is stored with where it comes from.
 */
export const origins = {
  label: 'label',
  maker: 'maker',
  law: 'law',
  laboratory: 'laboratory',
  invoice: 'invoice',
  seen: 'seen',
  hearsay: 'hearsay',
  assumed: 'assumed',
} as const;
export type Origin = keyof typeof origins;

interface Shared {
  readonly label: string;
  readonly group: 'identity' | 'place' | 'analysis' | 'making' | 'bottle';
  readonly hint?: string;
}
export interface NumberFact extends Shared {
  readonly kind: 'number';
  readonly unit: string;
  readonly low: number;
  readonly high: number;
}
export interface ChoiceFact extends Shared {
  readonly kind: 'choice';
  readonly options: Readonly<Record<string, string>>;
}
export interface YesNoFact extends Shared {
  readonly kind: 'yesno';
  readonly yes: string;
  readonly no: string;
}
export interface TextFact extends Shared {
  readonly kind: 'text';
}
export interface GrapesFact extends Shared {
  readonly kind: 'grapes';
}
export interface VintageFact extends Shared {
  readonly kind: 'vintage';
}
export type FactSpec = NumberFact | ChoiceFact | YesNoFact | TextFact | GrapesFact | VintageFact;

export const facts = {
  colour: {
    kind: 'choice',
    group: 'identity',
    label: 'colour',
    options: colourWord,
    hint: 'amber is a white made on its skins',
  },
  bubbles: { kind: 'choice', group: 'identity', label: 'bubbles', options: { still: 'still', light: 'lightly sparkling', sparkling: 'sparkling' } },
  grapes: { kind: 'grapes', group: 'identity', label: 'grapes' },
  vintage: { kind: 'vintage', group: 'identity', label: 'vintage' },
  said: { kind: 'text', group: 'identity', label: 'said', hint: 'how its name is said, respelled: ah-SEER-tee-ko' },
  takenFor: { kind: 'text', group: 'identity', label: 'taken for', hint: 'a kind you chose, where the facts say too little' },
  fortified: { kind: 'yesno', group: 'identity', label: 'fortified', yes: 'fortified', no: 'not fortified' },

  country: { kind: 'text', group: 'place', label: 'country', hint: 'two letters: IT, GR, US' },
  region: { kind: 'text', group: 'place', label: 'region' },
  site: { kind: 'text', group: 'place', label: 'site', hint: 'village, slope, height' },
  appellation: { kind: 'text', group: 'place', label: 'appellation', hint: 'as it stands on the label, with its tier' },
  originShare: { kind: 'number', group: 'place', label: 'grapes from the named place', unit: '%', low: 0, high: 100 },
  vintageShare: { kind: 'number', group: 'place', label: 'grapes of the named year', unit: '%', low: 0, high: 100 },
  originKind: {
    kind: 'choice',
    group: 'place',
    label: 'kind of origin',
    options: {
      pdo: 'protected designation (PDO)',
      pgi: 'protected indication (PGI)',
      ava: 'viticultural area (AVA)',
      county: 'county or state',
      country: 'country',
      none: 'none',
    },
  },

  abv: { kind: 'number', group: 'analysis', label: 'alcohol', unit: '% vol', low: 0, high: 80 },
  sugar: { kind: 'number', group: 'analysis', label: 'sugar', unit: 'g/L', low: 0, high: 800 },
  acidity: { kind: 'number', group: 'analysis', label: 'total acidity, as tartaric', unit: 'g/L', low: 0, high: 30 },
  pressure: { kind: 'number', group: 'analysis', label: 'overpressure at 20 °C', unit: 'bar', low: 0, high: 12 },
  totalAbv: { kind: 'number', group: 'analysis', label: 'total alcohol, actual and potential', unit: '% vol', low: 0, high: 80 },
  naturalAbv: { kind: 'number', group: 'analysis', label: 'natural alcohol of the must', unit: '% vol', low: 0, high: 40 },
  mustWeight: { kind: 'number', group: 'analysis', label: 'must weight', unit: '°Oe', low: 0, high: 400 },

  method: {
    kind: 'choice',
    group: 'making',
    label: 'method',
    options: {
      still: 'still wine',
      bottle: 'second fermentation in the bottle',
      tank: 'second fermentation in a tank',
      ancestral: 'first fermentation finished in the bottle',
      carbonated: 'gas added',
    },
  },
  dosed: {
    kind: 'yesno',
    group: 'making',
    label: 'sugar added',
    yes: 'sugar added after the second fermentation',
    no: 'no sugar added after the second fermentation',
  },
  oak: { kind: 'choice', group: 'making', label: 'oak', options: { none: 'no oak', used: 'used oak', some: 'some new oak', new: 'new oak' } },
  woodMonths: { kind: 'number', group: 'making', label: 'in wood', unit: 'months', low: 0, high: 1200 },
  totalMonths: { kind: 'number', group: 'making', label: 'aged in all', unit: 'months', low: 0, high: 1800 },
  bottleMonths: { kind: 'number', group: 'making', label: 'aged in bottle before sale', unit: 'months', low: 0, high: 600 },
  leesMonths: { kind: 'number', group: 'making', label: 'on the lees', unit: 'months', low: 0, high: 600 },
  stirred: { kind: 'yesno', group: 'making', label: 'lees stirred', yes: 'lees stirred', no: 'lees left alone' },
  skinDays: { kind: 'number', group: 'making', label: 'on the skins', unit: 'days', low: 0, high: 400 },
  driedGrapes: { kind: 'yesno', group: 'making', label: 'dried grapes', yes: 'of dried grapes', no: 'not of dried grapes', hint: 'on mats, racks or the vine' },
  malolactic: { kind: 'yesno', group: 'making', label: 'malolactic', yes: 'malolactic done', no: 'no malolactic' },
  filtered: { kind: 'yesno', group: 'making', label: 'filtered', yes: 'filtered', no: 'unfiltered' },
  underFlor: { kind: 'yesno', group: 'making', label: 'under a veil of yeast', yes: 'under a veil of yeast', no: 'no veil' },
  heated: { kind: 'yesno', group: 'making', label: 'aged warm', yes: 'aged warm, as Madeira', no: 'not heated' },
  organic: { kind: 'yesno', group: 'making', label: 'organic', yes: 'organic', no: 'not organic' },
  natural: {
    kind: 'yesno',
    group: 'making',
    label: 'natural',
    yes: 'sold as natural',
    no: 'not sold as natural',
    hint: 'a fact of its own: implies nothing else',
  },
  fining: {
    kind: 'choice',
    group: 'making',
    label: 'fining',
    options: { none: 'none', mineral: 'mineral', egg: 'egg white', milk: 'milk protein', fish: 'fish gelatine' },
  },

  closure: {
    kind: 'choice',
    group: 'bottle',
    label: 'closure',
    options: {
      cork: 'natural cork',
      technical: 'technical cork',
      screw: 'screw cap',
      glass: 'glass stopper',
      crown: 'crown cap',
      mushroom: 'sparkling cork and cage',
      bag: 'bag or keg',
      can: 'can',
    },
  },
  serveC: {
    kind: 'number',
    group: 'bottle',
    label: 'serve at',
    unit: '°C',
    low: 2,
    high: 22,
    hint: 'as the label advises or as you serve it; else its kind decides',
  },
  storage: {
    kind: 'choice',
    group: 'bottle',
    label: 'kept',
    options: { cellar: 'cool and dark', room: 'in a room', warm: 'warm' },
    hint: 'where it has stood most of its life',
  },
  glass: { kind: 'choice', group: 'bottle', label: 'glass', options: { dark: 'dark glass', green: 'green glass', clear: 'clear glass', none: 'no glass' } },
} as const satisfies Record<string, FactSpec>;

export type FactId = keyof typeof facts;
export const factIds = Object.keys(facts) as FactId[];

/** A grape's share of the blend: exact, about, a span, or only a word. Percentages of the whole. */
export type Share =
  | { readonly kind: 'exact' | 'about'; readonly percent: number }
  | { readonly kind: 'between'; readonly low: number; readonly high: number }
  | { readonly kind: 'mostly' | 'some' | 'unknown' };
export interface GrapeShare {
  readonly grape: string;
  readonly share: Share;
}

export type Vintage =
  { readonly kind: 'year'; readonly year: number } | { readonly kind: 'none' } | { readonly kind: 'several'; readonly from: number; readonly to: number };

type ValueIn<Spec> = Spec extends { kind: 'number' }
  ? number
  : Spec extends { kind: 'choice'; options: infer O }
    ? keyof O & string
    : Spec extends { kind: 'yesno' }
      ? boolean
      : Spec extends { kind: 'grapes' }
        ? readonly GrapeShare[]
        : Spec extends { kind: 'vintage' }
          ? Vintage
          : string;
export type FactValue<Id extends FactId> = ValueIn<(typeof facts)[Id]>;

export interface Stated<T> {
  readonly value: T;
  readonly origin: Origin;
  readonly on?: string | undefined;
}
/** What is known of a wine. An absent fact is unknown, never "no". */
export type WineFacts = { readonly [Id in FactId]?: Stated<FactValue<Id>> | undefined };

/** A wine as it is stored and merged; what each field means stands in its schema. */
export type WineDocument = Frozen<z.output<typeof wineDocument>>;
export type Lot = WineDocument['lots'][number];
export const emptyWine: WineDocument = { schema: 1, name: '', producer: '', facts: {}, lots: [], remark: '' };

/** A fact in words with its unit. */
export function factInWords(id: FactId, value: FactValue<FactId>): string {
  const spec: FactSpec = facts[id];
  switch (spec.kind) {
    case 'number':
      return `${value as number} ${spec.unit}`.replace(' ', '\u00a0');
    case 'choice':
      return spec.options[value as string] ?? String(value);
    case 'yesno':
      return (value as boolean) ? spec.yes : spec.no;
    case 'text':
      return id === 'country' ? countryName(String(value)) : String(value);
    case 'vintage': {
      const vintage = value as Vintage;
      return vintage.kind === 'year' ? String(vintage.year) : vintage.kind === 'none' ? 'no vintage' : `${vintage.from} to ${vintage.to}`;
    }
    case 'grapes':
      return (value as readonly GrapeShare[]).map(grapeInWords).join(', ');
  }
}

/** A fact with its name, where its words do not say what it is: "sugar 12 g/L", but "no oak". */
export const namedFact = (id: FactId, value: FactValue<FactId>): string => {
  const { kind, label } = facts[id];
  return kind === 'number' || id === 'site' || id === 'appellation' || id === 'takenFor' || id === 'said' || id === 'fining' || id === 'storage'
    ? `${label} ${factInWords(id, value)}`
    : factInWords(id, value);
};

/** A grape with its share as one says it: "mostly Sangiovese", "some Zinfandel", "Merlot 30 %". */
const grapeInWords = ({ grape, share }: GrapeShare): string =>
  share.kind === 'mostly' || share.kind === 'some' ? `${share.kind} ${grape}` : `${grape}${shareInWords(share)}`;
export function shareInWords(share: Share): string {
  switch (share.kind) {
    case 'exact':
      return ` ${share.percent} %`;
    case 'about':
      return ` about ${share.percent} %`;
    case 'between':
      return ` ${share.low}–${share.high} %`;
    case 'mostly':
      return ', mostly';
    case 'some':
      return ', some';
    case 'unknown':
      return '';
  }
}
