/** One measured figure beside a reference of the same run. */
export interface Figure {
  readonly name: string;
  readonly figure: number;
  readonly unit: string;
  readonly reference: number;
  /** What the ratio means. */
  readonly says: string;
  readonly ratio: number;
  readonly goal: string;
  readonly met: boolean;
  /** The reference ran out of time: the ratio is a lower bound. */
  readonly atLeast?: boolean;
  /** What the figure is the sum of, the largest first. */
  readonly parts?: readonly { readonly name: string; readonly figure: number }[];
}

/** Milliseconds of one run: the median of `runs` after a warm-up, or of a single one for slow things. */
export async function time(run: () => unknown, runs = 5): Promise<number> {
  await run();
  const taken: number[] = [];
  for (let i = 0; i < runs; i++) {
    const from = performance.now();
    await run();
    taken.push(performance.now() - from);
  }
  return taken.sort((a, b) => a - b)[runs >> 1]!;
}
/** Two things measured in turns, so that a noisy machine is noisy for both. */
export async function timeBoth(a: () => unknown, b: () => unknown, runs = 7): Promise<readonly [number, number]> {
  await a();
  await b();
  const taken: [number[], number[]] = [[], []];
  for (let i = 0; i < runs; i++) {
    for (const [which, run] of [a, b].entries()) {
      const from = performance.now();
      await run();
      taken[which]!.push(performance.now() - from);
    }
  }
  const median = (list: number[]) => list.sort((x, y) => x - y)[list.length >> 1]!;
  return [median(taken[0]), median(taken[1])];
}
export const below = (name: string, says: string, figure: number, reference: number, most: number, unit = 'ms'): Figure => ({
  name,
  says,
  figure,
  reference,
  unit,
  ratio: figure / reference,
  goal: `≤ ${most}`,
  met: figure / reference <= most,
});
export const above = (name: string, says: string, figure: number, reference: number, least: number, atLeast: boolean, unit = 'ms'): Figure => ({
  name,
  says,
  figure,
  reference,
  unit,
  ratio: reference / figure,
  goal: `≥ ${least}`,
  met: reference / figure >= least,
  atLeast,
});
