import { midpoint, observableIds, observables, type ObservableId, type Observed, type Reading } from '../wine/observables';

/** How far two readings of one wine by one taster lie apart by chance. */
export interface Repeatability {
  /** Differences above this are told from chance, of 100: 2.8 standard deviations of repeatability (ISO 5725-6: r = 2.8 s_r). */
  readonly limit: number;
  /** Differences of scales it rests on; 0 where it is the usual one. */
  readonly from: number;
}
/** A usual standard deviation of repeatability on a scale of 100, before a taster's own is known. Common practice: a practised taster is within five. */
const usual = 5;
/** Differences below which a taster's own deviation says too little: with 20, it is known within a sixth. */
const enough = 20;
const limitOf = (deviation: number) => Math.round(1.96 * Math.SQRT2 * deviation * 10) / 10;
/** The scales in which a taster reads the same wine; liking and value may change with the day. */
const scales = observableIds.filter((id) => observables[id].kind === 'scale' && observables[id].quarter !== 'verdict');

/** The repeatability of a taster from pairs of their own notes of one wine. */
export function repeatabilityOf(pairs: readonly (readonly [Observed, Observed])[]): Repeatability {
  const squares = pairs.flatMap(([a, b]) =>
    scales.flatMap((id) => {
      const [x, y] = [a[id], b[id]] as [Reading | undefined, Reading | undefined];
      return x === undefined || y === undefined ? [] : [(midpoint(x) - midpoint(y)) ** 2];
    }),
  );
  if (squares.length < enough) return { limit: limitOf(usual), from: 0 };
  // The variance of a difference is twice that of a reading.
  return { limit: limitOf(Math.sqrt(squares.reduce((sum, square) => sum + square, 0) / squares.length / 2)), from: squares.length };
}

export interface Moved {
  readonly id: ObservableId;
  /** Of 100, negative where it fell. */
  readonly by: number;
}
/** What moved from one look at a glass to the next: as far as the taster's own repeatability or further, and less. Only what both looked at. */
export function movedBeyond(
  before: Observed,
  after: Observed,
  { limit }: Repeatability,
): { readonly beyond: readonly Moved[]; readonly within: readonly Moved[] } {
  const moves = scales.flatMap((id): Moved[] => {
    const [x, y] = [before[id], after[id]] as [Reading | undefined, Reading | undefined];
    return x === undefined || y === undefined ? [] : [{ id, by: midpoint(y) - midpoint(x) }];
  });
  const beyond = moves.filter(({ by }) => Math.abs(by) >= limit).sort((a, b) => Math.abs(b.by) - Math.abs(a.by));
  return { beyond, within: moves.filter((move) => !beyond.includes(move)) };
}
