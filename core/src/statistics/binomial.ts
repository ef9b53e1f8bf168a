/** The chance that guessing between two gets `right` of `of` or more right; 1 where nothing was guessed. Exact, by the binomial distribution. */
export function byGuessing(right: number, of: number): number {
  let term = 0.5 ** of;
  let below = 0;
  for (let k = 0; k < right; k++) {
    below += term;
    term *= (of - k) / (k + 1);
  }
  return Math.min(1, Math.max(0, 1 - below));
}
