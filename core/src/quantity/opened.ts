import { millilitres } from '../wine/units';
import { counted } from '../wine/plural';
import { bottlesFor } from './quantity';

/** What is known of one wine at the end of an evening. Amounts in mL, loss as a share, 0–0.5. */
export interface Poured {
  /** It was poured at all. */
  readonly poured: boolean;
  /** Glasses of it that were poured for people. */
  readonly tasters: number;
  /** The host poured one to check the bottle. */
  readonly hostPour: boolean;
  /** Bottles that were put aside. */
  readonly aside: number;
  readonly pourMl: number;
  readonly formatMl: number;
  readonly loss: number;
}
/** How many bottles of a wine were probably opened, and why: whole pours from whole bottles, and those that were put aside. */
export function probablyOpened({ poured, tasters, hostPour, aside, pourMl, formatMl, loss }: Poured): { readonly bottles: number; readonly because: string } {
  if (!poured) return { bottles: 0, because: 'not poured' };
  const pours = tasters + (hostPour ? 1 : 0);
  return {
    bottles: bottlesFor(pours, millilitres(pourMl), millilitres(formatMl), loss).byPours + aside,
    because: `${counted(pours, 'pour')} of ${pourMl} mL from bottles of ${formatMl} mL${aside === 0 ? '' : `, and ${aside} put aside`}`,
  };
}
