/** Units that are really mixed up in practice are branded; everything else is a plain number with its unit in the name. */
declare const unit: unique symbol;
export type Millilitres = number & { readonly [unit]: 'mL' };

export const millilitres = (value: number) => value as Millilitres;

/** One US fluid ounce in mL (27 CFR uses US customary measure). */
export const millilitresPerOunce = 29.5735;

/** Density of ethanol at 20 °C, g/mL (OIML R22 gives 0.78924). */
export const ethanolDensity = 0.789;

/** Grams of pure alcohol in a volume. `abv` in % vol. */
export function alcoholGrams(volume: Millilitres, abv: number): number {
  return (volume * abv * ethanolDensity) / 100;
}

/** Piecewise linear map through `anchors` (sorted by the first number), clamped at both ends. */
export function throughAnchors(anchors: readonly (readonly [number, number])[], x: number): number {
  const first = anchors[0]!;
  const last = anchors.at(-1)!;
  if (x <= first[0]) return first[1];
  if (x >= last[0]) return last[1];
  for (let i = 1; i < anchors.length; i++) {
    const [x0, y0] = anchors[i - 1]!;
    const [x1, y1] = anchors[i]!;
    if (x <= x1) return y0 + ((x - x0) / (x1 - x0)) * (y1 - y0);
  }
  return last[1];
}

/** The other way through the same anchors: the x that maps to `y`; where several do, the least. */
export function backThroughAnchors(anchors: readonly (readonly [number, number])[], y: number): number {
  return throughAnchors(
    anchors.map(([x, at]) => [at, x] as const),
    y,
  );
}

export const clamp = (value: number, low: number, high: number) => Math.min(high, Math.max(low, value));
