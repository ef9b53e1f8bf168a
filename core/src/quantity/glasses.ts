import type { Millilitres } from '../wine/units';

/** A set of glasses of one shape that the venue has. */
export interface GlassStock {
  readonly shape: string;
  readonly name: string;
  readonly volumeMl: number;
  readonly held: number;
}
/** A glass is filled at most this far, so that it can be swirled and smelled. Common practice. */
export const fullest = 1 / 3;

/** The largest pour a glass takes, mL. */
export const largestPour = (volume: Millilitres): Millilitres => Math.floor(volume * fullest) as Millilitres;

export interface GlassPlan {
  readonly shape: string;
  readonly name: string;
  readonly wines: number;
  /** Glasses in use at once, the spare ones for breakage included. */
  readonly needed: number;
  readonly breakage: number;
  readonly held: number;
  /** Rounds of washing so that the held glasses suffice; undefined when they cannot. */
  readonly washes: number | undefined;
  /** The pour is more than a third of the glass. */
  readonly overfull: boolean;
}

/**
 * Glasses by shape: each taster has a glass for each wine of that shape; between two washes a glass serves once.
 * @param tasters guests and, when they taste, the host
 * @param breakRate share of glasses expected to break in an evening, 0–1 (common practice: about 2 in a hundred)
 */
export function glassPlan(
  wines: readonly { readonly shape: string; readonly pourMl: number }[],
  stock: readonly GlassStock[],
  tasters: number,
  breakRate = 0.02,
): readonly GlassPlan[] {
  return [...new Set(wines.map((wine) => wine.shape))].map((shape) => {
    const of = wines.filter((wine) => wine.shape === shape);
    const held = stock.find((entry) => entry.shape === shape);
    const all = tasters * of.length;
    const breakage = Math.ceil(all * breakRate);
    const usable = Math.max(0, (held?.held ?? 0) - breakage);
    // In one round everybody must have a glass for the same wines: whole wines fit into a round.
    const aRound = tasters === 0 ? of.length : Math.floor(usable / tasters);
    return {
      shape,
      name: held?.name ?? shape,
      wines: of.length,
      needed: all + breakage,
      breakage,
      held: held?.held ?? 0,
      washes: aRound === 0 ? undefined : Math.ceil(of.length / aRound) - 1,
      overfull: of.some((wine) => held !== undefined && wine.pourMl > held.volumeMl * fullest + 1e-9),
    };
  });
}
