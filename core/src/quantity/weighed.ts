/** An amount as a cook weighs it: to a gram below ten, to five below a hundred, to ten below a kilo, to fifty above. */
export function asWeighed(grams: number): number {
  const to = grams < 10 ? (grams < 2 ? 0.5 : 1) : grams < 100 ? 5 : grams < 1000 ? 10 : 50;
  return Math.max(to, Math.round(grams / to) * to);
}
export const weighedInWords = (grams: number): string => {
  const weighed = asWeighed(grams);
  return weighed >= 1000 ? `${(weighed / 1000).toFixed(2).replace(/\.?0+$/, '')} kg` : `${weighed} g`;
};
