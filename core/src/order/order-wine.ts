import { profileKeys, type Loads, type ProfileKey } from '../wine/profile';
import type { Rung, School } from './ordering-rules';

export interface OrderWine {
  readonly id: string;
  readonly name: string;
  readonly loads: Loads;
  /** The span of the alcohol load that the label's tolerance allows (0.5 % vol or more, by law). */
  readonly alcoholSpan: readonly [number, number];
  readonly rung: Rung;
  /** Completed years, when the vintage is known. */
  readonly age?: number | undefined;
  /** Loads that nothing but the general style speaks for, with the span the style allows. */
  readonly assumed?: readonly AssumedLoad[] | undefined;
}
export interface AssumedLoad {
  readonly key: ProfileKey;
  readonly low: number;
  readonly high: number;
  /** The style it was taken from. */
  readonly why: string;
}

/**
 * A rest after a wine. What it keeps of the carry-over, by load: bread and water halve everything; the fat and salt of cheese take grip
 * and acid away and leave sugar. Common practice; the shares are our own.
 */
export const restKinds = {
  bread: { label: 'water and bread', minutes: 5, keeps: Object.fromEntries(profileKeys.map((key) => [key, 0.5])) as Record<ProfileKey, number> },
  cheese: {
    label: 'a bite of cheese',
    minutes: 7,
    keeps: { acidity: 0.35, sweetness: 0.7, bubbles: 0.5, tannin: 0.25, alcohol: 0.5, body: 0.5, intensity: 0.5, length: 0.5, oak: 0.4, fragility: 0.5 },
  },
} as const satisfies Record<string, { label: string; minutes: number; keeps: Record<ProfileKey, number> }>;
export type RestKind = keyof typeof restKinds;
export interface Rest {
  /** The wine after which the table rests. */
  readonly after: string;
  readonly kind: RestKind;
}

/** The palate load of a wine, 0–100: the school's weighted mean of its loads. */
export function palateLoad(loads: Loads, school: School): number {
  let sum = 0;
  let weight = 0;
  for (const key of profileKeys) {
    sum += school.height[key] * loads[key];
    weight += school.height[key];
  }
  return sum / weight;
}
