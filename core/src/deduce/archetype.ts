import type { ColourClass } from '../wine/observables';

/** What a deduction is about. */
export const dimensions = {
  climate: { cool: 'cool', moderate: 'moderate', warm: 'warm' },
  age: { young: 'young', some: 'some years old', old: 'mature' },
  vessel: {
    neutral: 'a neutral vessel',
    lees: 'on its lees',
    used: 'used wood',
    new: 'new wood',
    clay: 'clay',
    flor: 'under a veil of yeast',
    oxidative: 'wood and air',
  },
  price: { cheaper: 'cheaper than most', middle: 'in the middle', dearer: 'dearer than most' },
} as const;
export type Dimension = keyof typeof dimensions | 'grape';
export const dimensionNames: Record<Dimension, string> = { climate: 'climate', age: 'age', vessel: 'made in', grape: 'grape', price: 'price' };

/** What else a kind of wine is made by; each can be deduced by itself. */
export type Making = 'lees' | 'malolactic' | 'skins' | 'sparkling' | 'fortified' | 'sweet' | 'botrytis' | 'veil';

/** Bearings an archetype has a usual reading for, 0–100. */
export const archetypeScales = ['acidity', 'sweetness', 'bubbles', 'tannin', 'alcohol', 'body', 'intensity', 'length'] as const;
export type ArchetypeScale = (typeof archetypeScales)[number];

/** A kind of wine a taster may meet: a grape, a climate and a making, with what is usually found in the glass. */
export interface Archetype {
  readonly id: string;
  readonly name: string;
  readonly colour: ColourClass;
  readonly grape: string;
  readonly climate: keyof typeof dimensions.climate;
  readonly age: keyof typeof dimensions.age;
  readonly vessel: keyof typeof dimensions.vessel;
  readonly price: keyof typeof dimensions.price;
  readonly making: readonly Making[];
  /** Usual reading of each bearing, 0–100. */
  readonly scales: Readonly<Record<ArchetypeScale, number>>;
  /** How its tannin usually feels; absent where grapes differ or there is none. */
  readonly grain?: 'silk' | 'dust' | 'chalk' | 'coarse' | undefined;
  readonly hue: string;
  /** 0–100. */
  readonly depth: number;
  /** Chance that an attentive taster names a smell of the family, 0–1; a family not listed has `stray`. */
  readonly smells: Readonly<Record<string, number>>;
  readonly source: string;
}
/** Chance that a taster names a smell the wine is not known for. */
export const stray = 0.05;

/** The value of a wine on a dimension. */
export const valueOn = (archetype: Archetype, dimension: Dimension): string => archetype[dimension];
