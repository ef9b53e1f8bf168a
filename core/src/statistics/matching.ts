/** Ways to put `n` things in `n` places so that none is in its own: 1, 0, 1, 2, 9, 44 … */
function derangements(n: number): number {
  let [before, last] = [1, 0];
  if (n === 0) return before;
  for (let k = 2; k <= n; k++) [before, last] = [last, (k - 1) * (before + last)];
  return last;
}
/**
 * The chance that `right` or more of `of` things stand in their own places when they are dealt out at random, each place once (the matching problem of Montmort,
 * 1713). One is right on average, however many there are. Worked example: three of three, one time in six.
 */
export function byMatching(right: number, of: number): number {
  if (right <= 0) return 1;
  let ways = 0;
  let whole = 1;
  for (let k = 1; k <= of; k++) whole *= k;
  let choose = 1;
  for (let k = 0; k <= of; k++) {
    if (k >= right) ways += choose * derangements(of - k);
    choose = (choose * (of - k)) / (k + 1);
  }
  return ways / whole;
}
