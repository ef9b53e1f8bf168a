import { midpoint } from '../wine/observables';
import type { Archetype } from './archetype';
import type { Evidence } from './evidence';

type Price = Archetype['price'];
interface Finer {
  readonly read: (evidence: Evidence) => number | undefined;
  /** What is usual at each price, and how far wines of one price lie apart; in the unit of the reading. */
  readonly usual: Readonly<Record<Price, number>>;
  readonly spread: number;
}
/** What speaks for a price: the taster's own mark, layers, balance and length. Our own reading of common practice; a wine's price has more fathers. */
const finer: readonly Finer[] = [
  { read: ({ observed }) => observed.quality, usual: { cheaper: 79, middle: 86, dearer: 92 }, spread: 4.5 },
  {
    read: ({ observed }) => (observed.complexity === undefined ? undefined : midpoint(observed.complexity)),
    usual: { cheaper: 30, middle: 50, dearer: 72 },
    spread: 18,
  },
  {
    read: ({ observed }) => (observed.balance === undefined ? undefined : midpoint(observed.balance)),
    usual: { cheaper: 52, middle: 62, dearer: 72 },
    spread: 18,
  },
  {
    // Tasters count by different rulers: the logarithm of the seconds, with a wide spread.
    read: ({ observed }) => (observed.finish === undefined || observed.finish.atLeast === true ? undefined : Math.log(observed.finish.seconds + 1)),
    usual: { cheaper: Math.log(6), middle: Math.log(11), dearer: Math.log(20) },
    spread: 0.7,
  },
];
/** How far what is read together is believed: the four hang together. */
const together = 0.6;
/** The most it may speak against a price, as a factor. */
const least = 0.02;

/** How likely what was found is at each price, the likeliest 1. */
export function priceFactors(evidence: Evidence): Readonly<Record<Price, number>> {
  const logs: Record<Price, number> = { cheaper: 0, middle: 0, dearer: 0 };
  for (const { read, usual, spread } of finer) {
    const value = read(evidence);
    if (value === undefined) continue;
    for (const price of ['cheaper', 'middle', 'dearer'] as const) logs[price] -= together * ((value - usual[price]) / spread) ** 2 * 0.5;
  }
  const top = Math.max(logs.cheaper, logs.middle, logs.dearer);
  const factor = (price: Price) => Math.max(least, Math.exp(logs[price] - top));
  return { cheaper: factor('cheaper'), middle: factor('middle'), dearer: factor('dearer') };
}
/** Whether anything was recorded that speaks of a price. */
export const speaksOfPrice = (evidence: Evidence): boolean => finer.some(({ read }) => read(evidence) !== undefined);
