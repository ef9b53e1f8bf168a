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
