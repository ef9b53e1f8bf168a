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
