/** Share of the standard normal distribution below `z`. Abramowitz & Stegun 7.1.26, error below 1.5e-7. */
export function normalBelow(z: number): number {
  if (z === Infinity) return 1;
  if (z === -Infinity) return 0;
  const t = 1 / (1 + 0.3275911 * (Math.abs(z) / Math.SQRT2));
  const erf = 1 - ((((1.061405429 * t - 1.453152027) * t + 1.421413741) * t - 0.284496736) * t + 0.254829592) * t * Math.exp(-(z * z) / 2);
  return z >= 0 ? (1 + erf) / 2 : (1 - erf) / 2;
}
/** Share of a normal distribution between two points. */
export const normalBetween = (mean: number, sd: number, from: number, to: number): number => normalBelow((to - mean) / sd) - normalBelow((from - mean) / sd);
/** Mean and variance of what lies between two points of a normal distribution; where next to nothing lies between, it lies at the nearer end. */
export function between(mean: number, sd: number, from: number, to: number): { readonly mean: number; readonly variance: number } {
  const share = normalBetween(mean, sd, from, to);
  if (share < 1e-4) return { mean: mean < from ? from : to, variance: 0 };
  const [a, b] = [(from - mean) / sd, (to - mean) / sd];
  const height = (at: number) => (Number.isFinite(at) ? Math.exp(-0.5 * at ** 2) / Math.sqrt(2 * Math.PI) / share : 0);
  const leaning = (at: number) => (Number.isFinite(at) ? at * height(at) : 0);
  const shift = height(a) - height(b);
  return { mean: mean + sd * shift, variance: Math.max(0, sd ** 2 * (1 + leaning(a) - leaning(b) - shift ** 2)) };
}
