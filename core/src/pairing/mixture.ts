/** How much a share of the plate counts for: `bend` 1 rises at once, above 1 a trace counts for less than its share; at the share `half` nearly half is reached. */
export interface Curve {
  readonly bend: number;
  readonly half: number;
}
const counts = ({ bend, half }: Curve, share: number): number => {
  const [s, h] = [Math.min(1, share) ** bend, half ** bend];
  return (s * (1 + h)) / (s + h);
};

/**
 * A mean in which the stronger parts count more than their share: the Choquet integral of the values over the shares, distorted by the curve. It lies between the
 * weakest and the strongest value, does not change when a part is written as two, grows with every value, and is continuous in all of them.
 * @param parts values, and shares that add up to 1
 * @returns the mean, and what each part gives to it; parts of the same value give by their shares
 * @see Grabisch, Marichal, Mesiar & Pap 2009, Aggregation Functions, ch. 5
 */
export function mixture(
  parts: readonly { readonly value: number; readonly share: number }[],
  curve: Curve,
): { readonly value: number; readonly gives: readonly number[] } {
  const order = parts.map((_, i) => i).sort((a, b) => parts[b]!.value - parts[a]!.value);
  const gives = parts.map(() => 0);
  let value = 0;
  let above = 0;
  for (let from = 0; from < order.length;) {
    const level = parts[order[from]!]!.value;
    let to = from;
    let share = 0;
    while (to < order.length && parts[order[to]!]!.value === level) share += parts[order[to++]!]!.share;
    const given = level * (counts(curve, above + share) - counts(curve, above));
    for (const i of order.slice(from, to)) gives[i] = share === 0 ? 0 : (given * parts[i]!.share) / share;
    value += given;
    above += share;
    from = to;
  }
  return { value, gives };
}
