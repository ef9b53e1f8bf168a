import type { WineFacts } from '../wine/facts';
import { factOf } from '../wine/stated';
import { isSparkling, type Loads } from '../wine/profile';

/** Allergens a wine can carry (EU 1169/2011 annex II): sulphites always to be reckoned with, and what it was fined with. */
export const allergenLabels = { sulphites: 'sulphites', egg: 'egg', milk: 'milk', fish: 'fish' } as const;
export type FlightAllergen = keyof typeof allergenLabels;

/** Allergens of one wine: what was not asked of its fining is not known, and is said so where the flight is counted. */
export function allergensOf(facts: WineFacts): readonly FlightAllergen[] {
  const fining = factOf(facts, 'fining');
  return ['sulphites', ...(['egg', 'milk', 'fish'] as const).filter((allergen) => fining === allergen)];
}

export interface StripWine {
  readonly facts: WineFacts;
  readonly loads: Loads;
  readonly age: number | undefined;
  /** Price of a bottle in minor units, when known. */
  readonly priceMinor: number | undefined;
  readonly merchant: string | undefined;
}
/** What a flight adds up to, counted as it is built. */
export interface Strip {
  readonly wines: number;
  readonly colours: Readonly<Record<string, number>>;
  readonly sparkling: number;
  readonly sweet: number;
  readonly oak: { readonly with: number; readonly without: number; readonly unknown: number };
  readonly countries: readonly string[];
  readonly unknownCountries: number;
  readonly merchants: Readonly<Record<string, number>>;
  readonly unknownMerchants: number;
  /** Bottle prices, minor units. */
  readonly price: { readonly least: number; readonly most: number; readonly sum: number } | undefined;
  readonly unknownPrices: number;
  readonly abv: { readonly least: number; readonly most: number } | undefined;
  readonly unknownAbv: number;
  readonly ages: { readonly least: number; readonly most: number } | undefined;
  readonly allergens: readonly FlightAllergen[];
  /** Wines whose fining is not known: egg, milk or fish cannot be ruled out. */
  readonly unknownFining: number;
}

const range = (values: readonly number[]) => (values.length === 0 ? undefined : { least: Math.min(...values), most: Math.max(...values) });
const count = (values: readonly string[]): Record<string, number> => {
  const counts: Record<string, number> = {};
  for (const value of values) counts[value] = (counts[value] ?? 0) + 1;
  return counts;
};

export function flightStrip(wines: readonly StripWine[]): Strip {
  const known = <T>(read: (wine: StripWine) => T | undefined): T[] => wines.flatMap((wine) => read(wine) ?? []);
  const prices = known((wine) => wine.priceMinor);
  const abv = known((wine) => factOf(wine.facts, 'abv'));
  const countries = known((wine) => factOf(wine.facts, 'country')?.toUpperCase());
  const merchants = known((wine) => wine.merchant);
  const oak = known((wine) => {
    const stated = factOf(wine.facts, 'oak');
    if (stated !== undefined) return stated === 'none' ? 'without' : 'with';
    const months = factOf(wine.facts, 'woodMonths');
    return months === undefined ? undefined : months === 0 ? 'without' : 'with';
  });
  const fining = known((wine) => factOf(wine.facts, 'fining'));
  const priced = range(prices);
  return {
    wines: wines.length,
    colours: count(wines.map((wine) => factOf(wine.facts, 'colour') ?? 'unknown')),
    sparkling: wines.filter((wine) => isSparkling(wine.loads)).length,
    sweet: wines.filter((wine) => wine.loads.sweetness >= 58).length,
    oak: {
      with: oak.filter((entry) => entry === 'with').length,
      without: oak.filter((entry) => entry === 'without').length,
      unknown: wines.length - oak.length,
    },
    countries: [...new Set(countries)].sort(),
    unknownCountries: wines.length - countries.length,
    merchants: count(merchants),
    unknownMerchants: wines.length - merchants.length,
    price: priced === undefined ? undefined : { ...priced, sum: prices.reduce((a, b) => a + b, 0) },
    unknownPrices: wines.length - prices.length,
    abv: range(abv),
    unknownAbv: wines.length - abv.length,
    ages: range(known((wine) => wine.age)),
    allergens: wines.length === 0 ? [] : ['sulphites', ...(['egg', 'milk', 'fish'] as const).filter((allergen) => fining.includes(allergen))],
    unknownFining: wines.length - fining.length,
  };
}
