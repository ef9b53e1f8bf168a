/**
 * The chance that guessing gets `right` of `of` or more right; 1 where nothing was guessed. Exact, by the binomial distribution, summed over the upper tail so that
 * a small chance keeps its digits.
 * @param p the chance of one right guess, above 0 and below 1; one half between two
 */
export function byGuessing(right: number, of: number, p = 0.5): number {
  if (right <= 0) return 1;
  let term = (1 - p) ** of;
  let tail = 0;
  for (let k = 0; k <= of; k++) {
    if (k >= right) tail += term;
    term *= ((of - k) / (k + 1)) * (p / (1 - p));
  }
  return Math.min(1, Math.max(0, tail));
}
