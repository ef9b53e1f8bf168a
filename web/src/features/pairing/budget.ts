import { priceOf, type Priced } from '@rose/core/menu/affordable';
import type { Pouring } from '@rose/core/menu/menu-document';
import { moneyInWords } from '@rose/core/wine/money';
import type { MenuWine } from '@rose/knowledge/menu/index';

export interface Budget {
  readonly by: Pouring;
  readonly pourMl: number;
  /** Minor units; undefined: none is set. */
  readonly most: number | undefined;
}
export const noBudget: Budget = { by: 'bottle', pourMl: 120, most: undefined };

const inWords = ({ minor, ml, held }: Priced, { by, pourMl }: Budget, currency: string): string =>
  `${moneyInWords(minor, currency)} ${by === 'glass' ? `a glass of ${pourMl} mL` : ml === 750 ? 'a bottle' : `for ${ml / 1000} L`}, ${held === 0 ? 'none held' : `${held} held`}`;
/** What a wine of a list costs and whether it is there; undefined without a price. */
export const costInWords = (wine: MenuWine, budget: Budget, currency: string): string | undefined => {
  const priced = priceOf(wine.sizes, budget.by, budget.pourMl);
  return priced === undefined ? undefined : inWords(priced, budget, currency);
};
