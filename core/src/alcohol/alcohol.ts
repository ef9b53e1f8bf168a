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

/** From the least to the most it may be; both alike where every strength is known. */
export type Span = readonly [low: number, high: number];

export interface AlcoholAHead {
  /** Grams of pure alcohol a head when everything is swallowed. */
  readonly swallowed: Span;
  /** Grams when everything is spat, by the stated assumption. */
  readonly spat: Span;
  /** The same in the country's standard drinks; undefined when its size is not known. */
  readonly drinks: { readonly swallowed: Span; readonly spat: Span; readonly of: StandardDrink } | undefined;
  /** Wines whose strength is not stated and was assumed. */
  readonly assumed: number;
}

/**
 * Pure alcohol a head for the pours of an evening: mL × % vol × 0.789 g/mL. Never a blood alcohol figure, never a permission.
 * @param pours mL of each pour a head, and its % vol: stated, or a span that is assumed of such a wine. A caution counts no wine as nothing.
 */
export function alcoholAHead(pours: readonly { readonly ml: number; readonly abv: number | Span }[], drink: StandardDrink | undefined): AlcoholAHead {
  const total = (side: 0 | 1) =>
    pours.reduce((sum, pour) => sum + alcoholGrams(millilitres(pour.ml), typeof pour.abv === 'number' ? pour.abv : pour.abv[side]), 0);
  const swallowed: Span = [total(0), total(1)];
  const times = ([low, high]: Span, factor: number): Span => [low * factor, high * factor];
  const spat = times(swallowed, absorbedWhenSpat);
  return {
    swallowed,
    spat,
    drinks: drink === undefined ? undefined : { swallowed: times(swallowed, 1 / drink.grams), spat: times(spat, 1 / drink.grams), of: drink },
    assumed: pours.filter((pour) => typeof pour.abv !== 'number').length,
  };
}

/** A span in words with as many decimals: "27", "24–31". */
export function spanInWords([low, high]: Span, decimals = 0): string {
  const [from, to] = [low.toFixed(decimals), high.toFixed(decimals)];
  return from === to ? from : `${from}–${to}`;
}
