import { alcoholGrams, millilitres } from '../wine/units';
import { bottlesFor } from './quantity';

export interface PouredWine {
  readonly id: string;
  readonly name: string;
  readonly formatMl: number;
  readonly held: number;
  readonly abv: number | undefined;
}
export interface FlightQuantities {
  readonly wines: readonly {
    readonly wine: string;
    readonly name: string;
    readonly formatMl: number;
    readonly pours: number;
    readonly byVolume: number;
    readonly byPours: number;
    readonly neededMl: number;
    readonly held: number;
  }[];
  readonly bottles: number;
  readonly aHeadMl: number;
  /** Grams of pure alcohol a head if everything is swallowed; of the wines whose alcohol is known. */
  readonly alcoholGrams: number;
  readonly alcoholIsPartial: boolean;
}

/** Bottles by whole pours and by volume, mL and pure alcohol a head, for one table and one order. */
export function flightQuantities(
  plan: { readonly guests: number; readonly pourMl: number; readonly hostPour: boolean; readonly lossPercent: number },
  wines: readonly PouredWine[],
): FlightQuantities {
  const pours = plan.guests + (plan.hostPour ? 1 : 0);
  const pour = millilitres(plan.pourMl);
  const amounts = wines.map((wine) => {
    const bottles = bottlesFor(pours, pour, millilitres(wine.formatMl), plan.lossPercent / 100);
    return {
      wine: wine.id,
      name: wine.name,
      formatMl: wine.formatMl,
      pours,
      byVolume: bottles.byVolume,
      byPours: bottles.byPours,
      neededMl: bottles.needed as number,
      held: wine.held,
    };
  });
  return {
    wines: amounts,
    bottles: amounts.reduce((sum, entry) => sum + entry.byPours, 0),
    aHeadMl: plan.pourMl * wines.length,
    alcoholGrams: wines.reduce((sum, wine) => sum + (wine.abv === undefined ? 0 : alcoholGrams(pour, wine.abv)), 0),
    alcoholIsPartial: wines.some((wine) => wine.abv === undefined),
  };
}
