import type { FactId, FactValue, GrapeShare, Share, Vintage, WineFacts } from './facts';

/** The value of a fact, or undefined when it is not known. */
export function factOf<Id extends FactId>(from: WineFacts, id: Id): FactValue<Id> | undefined {
  return from[id]?.value as FactValue<Id> | undefined;
}

/** Completed years of age on a day, counted from the harvest: 1 October in the north, 1 April in the south of the vintage year. */
export function ageOn(day: string, vintage: Vintage | undefined, south = false): number | undefined {
  if (vintage === undefined || vintage.kind === 'none') return undefined;
  const year = vintage.kind === 'year' ? vintage.year : vintage.to;
  const harvest = `${year}-${south ? '04' : '10'}-01`;
  const years = Number(day.slice(0, 4)) - year;
  return Math.max(0, day.slice(5) >= harvest.slice(5) ? years : years - 1);
}

const southern = new Set(['AR', 'AU', 'BO', 'BR', 'CL', 'NZ', 'PE', 'UY', 'ZA']);
export const isSouthern = (country: string | undefined) => country !== undefined && southern.has(country.toUpperCase());

/** The share of a grape as a closed interval of per cent; a word gives the interval it can honestly mean. */
export function shareBounds(share: Share): readonly [number, number] {
  switch (share.kind) {
    case 'exact':
      return [share.percent, share.percent];
    case 'about':
      return [Math.max(0, share.percent - 3), Math.min(100, share.percent + 3)];
    case 'between':
      return [share.low, share.high];
    case 'mostly':
      return [50, 100];
    case 'some':
      return [0, 50];
    case 'unknown':
      return [0, 100];
  }
}

/** The grape of the largest share, as written; undefined when no grape is known. Of equals the one named first. */
export function mainGrape(known: WineFacts): string | undefined {
  const grapes = factOf(known, 'grapes');
  if (grapes === undefined || grapes.length === 0) return undefined;
  return narrowedShares(grapes).reduce((most, share) => (share.low + share.high > most.low + most.high ? share : most)).grape;
}

/** The least part of a wine, per cent, that the grapes its label names make up: the lowest floor of any law we hold (27 CFR 4.23: 75 %). */
export const leastNamed = 75;
/** A grape that is named at all is in it, per cent. */
const leastOfOne = 1;

/** The least and the most of each grape before the others are looked at; a grape that is named is never nothing. */
const boundsOf = (grapes: readonly GrapeShare[]) =>
  grapes.map(({ share }): readonly [number, number] => {
    const [low, high] = shareBounds(share);
    const worded = share.kind === 'unknown' || share.kind === 'some' || share.kind === 'mostly';
    return worded ? [Math.max(low, grapes.length === 1 && share.kind === 'unknown' ? leastNamed : leastOfOne), high] : [low, high];
  });

/** Per cent that rounded shares may come to above the whole. */
const rounding = 1;
/** Shares that cannot all hold: the least of each come to more than the whole. Shares that come to less leave a rest that nobody named. */
export function impossibleShares(grapes: readonly GrapeShare[]): boolean {
  return grapes.reduce((sum, { share }) => sum + shareBounds(share)[0], 0) > 100 + rounding;
}

/**
 * The shares of a list of grapes as intervals, narrowed by the fact that the whole is 100 %: each grape is at most what the least shares of the
 * others leave. One grape named alone without a share is at least what a name stands for.
 */
export function narrowedShares(grapes: readonly GrapeShare[]): readonly { grape: string; low: number; high: number }[] {
  const bounds = boundsOf(grapes);
  return grapes.map((entry, i) => {
    const [low, high] = bounds[i]!;
    const othersLow = bounds.reduce((sum, other, j) => (j === i ? sum : sum + other[0]), 0);
    const othersHigh = bounds.reduce((sum, other, j) => (j === i ? sum : sum + other[1]), 0);
    // A list on a label names the whole wine only when every other share is known exactly.
    const rest = grapes.length > 1 && grapes.every((other, j) => j === i || other.share.kind === 'exact') && entry.share.kind === 'unknown';
    return { grape: entry.grape, low: rest ? Math.max(low, 100 - othersHigh) : low, high: Math.max(low, Math.min(high, 100 - othersLow)) };
  });
}
