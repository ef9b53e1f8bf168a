import { profileKeys } from '../wine/profile';
import type { OrderWine } from './order-wine';
import type { Pin } from './pins';

/** How far two wines lie apart in the mouth, by the sum of squares of their loads. */
const apart = (a: OrderWine, b: OrderWine) => profileKeys.reduce((sum, key) => sum + (a.loads[key] - b.loads[key]) ** 2, 0);

/**
 * Pins that put a flight into pairs to be tasted side by side: of the wines that stand beside none yet, the two most alike, then the next two; with an odd
 * number one is left alone. Wines of different classes are a pair only when nothing nearer is left.
 */
export function likePairs(wines: readonly OrderWine[], pins: readonly Pin[]): readonly Pin[] {
  const taken = new Set(pins.flatMap((pin) => (pin.kind === 'adjacent' ? [pin.wine, pin.other] : [])));
  const near = wines
    .flatMap((a, i) => wines.slice(i + 1).map((b) => ({ a, b, classes: Number(a.rung !== b.rung), apart: apart(a, b) })))
    .sort((x, y) => x.classes - y.classes || x.apart - y.apart);
  return near.flatMap(({ a, b }): Pin[] => {
    if (taken.has(a.id) || taken.has(b.id)) return [];
    taken.add(a.id).add(b.id);
    return [{ kind: 'adjacent', wine: a.id, other: b.id }];
  });
}

/** So many pairs are dealt in one act at most: twelve bags are as many as a person tells apart. Own choice. */
export const mostPairs = 6;
/**
 * A flight as pairs to be tasted side by side: those pinned beside each other, in the order they are poured, then the others two by two as they come. With an
 * odd number one is left alone.
 */
export function pairsOf(
  order: readonly string[],
  pins: readonly Pin[],
): { readonly pairs: readonly (readonly [string, string])[]; readonly alone: readonly string[] } {
  const taken = new Set<string>();
  const pairs: (readonly [string, string])[] = [];
  const pair = (a: string, b: string) => {
    taken.add(a).add(b);
    pairs.push(order.indexOf(a) <= order.indexOf(b) ? [a, b] : [b, a]);
  };
  for (const pin of pins)
    if (pin.kind === 'adjacent' && [pin.wine, pin.other].every((wine) => order.includes(wine) && !taken.has(wine)) && pin.wine !== pin.other)
      pair(pin.wine, pin.other);
  const left = order.filter((wine) => !taken.has(wine));
  for (let i = 0; i + 1 < left.length; i += 2) pair(left[i]!, left[i + 1]!);
  return { pairs: pairs.sort((a, b) => order.indexOf(a[0]) - order.indexOf(b[0])), alone: left.length % 2 === 0 ? [] : left.slice(-1) };
}
