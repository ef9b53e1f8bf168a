import { alcoholGrams, millilitres } from '../wine/units';

export interface StandardDrink {
  readonly country: string;
  readonly name: string;
  /** Grams of pure alcohol in one. */
  readonly grams: number;
  readonly source: string;
}

/**
 * What is still absorbed of wine that is spat out: some is swallowed, some goes through the mouth's lining. An assumption, shown as such: a fifth.
 */
export const absorbedWhenSpat = 0.2;

export interface AlcoholAHead {
  /** Grams of pure alcohol a head when everything is swallowed. */
  readonly swallowed: number;
  /** Grams when everything is spat, by the stated assumption. */
  readonly spat: number;
  /** The same in the country's standard drinks; undefined when its size is not known. */
  readonly drinks: { readonly swallowed: number; readonly spat: number; readonly of: StandardDrink } | undefined;
  /** Wines whose alcohol is not known and that are therefore not counted. */
  readonly unknown: number;
}

/**
 * Pure alcohol a head for the pours of an evening: mL × % vol × 0.789 g/mL. Never a blood alcohol figure, never a permission.
 * @param pours mL and % vol of each pour a head
 */
export function alcoholAHead(pours: readonly { readonly ml: number; readonly abv: number | undefined }[], drink: StandardDrink | undefined): AlcoholAHead {
  const swallowed = pours.reduce((sum, pour) => sum + (pour.abv === undefined ? 0 : alcoholGrams(millilitres(pour.ml), pour.abv)), 0);
  const spat = swallowed * absorbedWhenSpat;
  return {
    swallowed,
    spat,
    drinks: drink === undefined ? undefined : { swallowed: swallowed / drink.grams, spat: spat / drink.grams, of: drink },
    unknown: pours.filter((pour) => pour.abv === undefined).length,
  };
}
