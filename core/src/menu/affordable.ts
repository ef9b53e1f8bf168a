import type { Pouring } from './menu-document';

/** Sizes of a wine with their prices, minor units, and how many stand in the cellar. */
export type Sizes = readonly { readonly ml: number; readonly price: number; readonly held?: number | undefined }[];
export interface Priced {
  /** Minor units of a bottle, or of one glass. */
  readonly minor: number;
  /** The size it is of. */
  readonly ml: number;
  readonly held: number;
}
/** The size most people mean by a bottle, mL (Directive 2007/45/EC lists it among the sizes of wine). */
const usual = 750;
/** What a wine costs by the bottle (the size nearest to a usual one) or by the glass (out of the size that makes it cheapest); undefined without a price. @param pourMl of a glass */
export function priceOf(sizes: Sizes, by: Pouring, pourMl: number): Priced | undefined {
  const cost = ({ ml, price }: Sizes[number]) => (by === 'glass' ? (price / ml) * pourMl : Math.abs(ml - usual));
  const size = sizes.reduce<Sizes[number] | undefined>((best, one) => (best === undefined || cost(one) < cost(best) ? one : best), undefined);
  if (size === undefined) return undefined;
  return { minor: by === 'glass' ? Math.round((size.price / size.ml) * pourMl) : size.price, ml: size.ml, held: size.held ?? 0 };
}
/** What of a list is within a price. A wine without one is not within it: nobody knows. */
export function within<W extends { readonly sizes: Sizes }>(
  wines: readonly W[],
  { by, pourMl, most }: { readonly by: Pouring; readonly pourMl: number; readonly most: number | undefined },
): { readonly wines: readonly W[]; readonly dearer: number; readonly unpriced: number } {
  if (most === undefined) return { wines, dearer: 0, unpriced: 0 };
  const priced = wines.map((wine) => ({ wine, price: priceOf(wine.sizes, by, pourMl) }));
  const kept = priced.filter(({ price }) => price !== undefined && price.minor <= most).map(({ wine }) => wine);
  const unpriced = priced.filter(({ price }) => price === undefined).length;
  return { wines: kept, unpriced, dearer: wines.length - kept.length - unpriced };
}
