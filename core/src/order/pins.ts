/** What a host insists on. `place` counts from 1. An adjacent pair may stand either way round; the wines of a group share a glass and stand together. */
export type Pin =
  | { readonly kind: 'first'; readonly wine: string }
  | { readonly kind: 'last'; readonly wine: string }
  | { readonly kind: 'place'; readonly wine: string; readonly place: number }
  | { readonly kind: 'adjacent' | 'before' | 'group'; readonly wine: string; readonly other: string };

/** A pin's demand as positions, for a search that builds the order from the first wine on. */
export interface PinRule {
  /** Whether wine `j` may stand at `position` (from 0) after the wines of `set` (a bit each). */
  allows(set: number, position: number, j: number): boolean;
  /** Whether wine `j` may directly follow `last` when the wines of `set` stand already; `last` is −1 where no wine that a pin names stands last. */
  follows(set: number, last: number, j: number): boolean;
}

/**
 * The rule of a list of pins over wines 0 … n−1. Pins on wines that are not here ask nothing.
 * @param ids wine ids by index, at most 30
 * @param total how many places the order has
 */
export function pinRule(ids: readonly string[], total: number, pins: readonly Pin[]): PinRule {
  const n = ids.length;
  const index = (id: string) => ids.indexOf(id);
  const must = new Int32Array(n);
  const beside = new Int32Array(n);
  const placeOf = new Int8Array(n).fill(-1);
  const at = new Int8Array(total).fill(-1);
  const groupOf = Int32Array.from({ length: n }, (_, i) => 1 << i);
  let contradiction = false;
  const put = (wine: number, place: number) => {
    if (place < 0 || place >= total || (placeOf[wine]! >= 0 && placeOf[wine] !== place) || (at[place]! >= 0 && at[place] !== wine)) contradiction = true;
    else {
      placeOf[wine] = place;
      at[place] = wine;
    }
  };
  for (const pin of pins) {
    const a = index(pin.wine);
    if (a < 0) continue;
    if (pin.kind === 'first') put(a, 0);
    else if (pin.kind === 'last') put(a, total - 1);
    else if (pin.kind === 'place') put(a, pin.place - 1);
    else {
      const b = index(pin.other);
      if (b < 0 || a === b) continue;
      if (pin.kind === 'before') must[b]! |= 1 << a;
      else if (pin.kind === 'group') {
        const joined = groupOf[a]! | groupOf[b]!;
        for (let i = 0; i < n; i++) if (joined & (1 << i)) groupOf[i] = joined;
      } else {
        beside[a]! |= 1 << b;
        beside[b]! |= 1 << a;
      }
    }
  }
  const groups = [...new Set(groupOf)].filter((group) => (group & (group - 1)) !== 0);
  return {
    allows(set, position, j) {
      if (contradiction) return false;
      if (at[position] !== -1 ? at[position] !== j : placeOf[j] !== -1) return false;
      if ((must[j]! & set) !== must[j]) return false;
      for (const group of groups) if ((set & group) !== 0 && (set & group) !== group && !(group & (1 << j))) return false;
      return true;
    },
    follows(set, last, j) {
      const standing = beside[j]! & set;
      if (standing !== 0 && (last < 0 || standing !== 1 << last)) return false;
      return last < 0 || (beside[last]! & ~set & ~(1 << j)) === 0;
    },
  };
}

/** The pins that an order breaks. Wines that are not in the order break nothing. */
export function brokenPins(order: readonly string[], pins: readonly Pin[]): readonly Pin[] {
  return pins.filter((pin) => {
    const at = order.indexOf(pin.wine);
    if (at < 0) return false;
    if (pin.kind === 'first') return at !== 0;
    if (pin.kind === 'last') return at !== order.length - 1;
    if (pin.kind === 'place') return at !== pin.place - 1;
    const other = order.indexOf(pin.other);
    if (other < 0) return false;
    if (pin.kind === 'before') return at > other;
    if (pin.kind === 'adjacent') return Math.abs(at - other) !== 1;
    const [from, to] = at < other ? [at, other] : [other, at];
    const together = groupWith(pin.wine, pins);
    return order.slice(from, to).some((wine) => !together.has(wine));
  });
}
function groupWith(wine: string, pins: readonly Pin[]): Set<string> {
  const together = new Set([wine]);
  for (let grown = true; grown;) {
    grown = false;
    for (const pin of pins) {
      if (pin.kind !== 'group' || together.has(pin.wine) === together.has(pin.other)) continue;
      together.add(pin.wine).add(pin.other);
      grown = true;
    }
  }
  return together;
}

/**
 * An order of `preferred` that keeps all pins, at every place the first wine of it that can stand there; undefined when no order does. Wines no pin names are
 * interchangeable, so only their number counts in the search.
 */
export function keptOrder(preferred: readonly string[], pins: readonly Pin[]): readonly string[] | undefined {
  const isNamed = (id: string) => pins.some((pin) => pin.wine === id || ('other' in pin && pin.other === id));
  const named = preferred.filter(isNamed);
  const others = preferred.filter((id) => !isNamed(id));
  const wish = new Map(preferred.map((id, i) => [id, i]));
  // The index past the named wines stands for every unnamed one.
  const free = named.length;
  const rule = pinRule([...named, ''], preferred.length, pins);
  const dead = new Set<number>();
  const order: string[] = [];
  const search = (set: number, used: number, last: number): boolean => {
    if (order.length === preferred.length) return true;
    const key = (set * 64 + used) * 64 + last + 1;
    if (dead.has(key)) return false;
    const other = others[used];
    const wishes = named.flatMap((id, j) => (set & (1 << j) ? [] : [{ id, j }]));
    if (other !== undefined) wishes.push({ id: other, j: free });
    wishes.sort((a, b) => wish.get(a.id)! - wish.get(b.id)!);
    for (const { id, j } of wishes) {
      if (!rule.allows(set, order.length, j) || !rule.follows(set, last, j)) continue;
      order.push(id);
      if (j === free ? search(set, used + 1, -1) : search(set | (1 << j), used, j)) return true;
      order.pop();
    }
    dead.add(key);
    return false;
  };
  return search(0, 0, -1) ? order : undefined;
}

/**
 * The smallest set of pins that no order can keep together; empty when all can be kept. First a set from which no pin can be spared, then every
 * smaller set, up to 20,000 of them.
 */
export function contradiction(ids: readonly string[], pins: readonly Pin[]): readonly Pin[] {
  const canKeep = (some: readonly Pin[]) => keptOrder(ids, some) !== undefined;
  if (canKeep(pins)) return [];
  let least = [...pins];
  for (const pin of pins) {
    const without = least.filter((other) => other !== pin);
    if (!canKeep(without)) least = without;
  }
  let tries = 20_000;
  for (let size = 1; size < least.length; size++) {
    for (const some of combinations(pins, size)) {
      if (tries-- === 0) return least;
      if (!canKeep(some)) return some;
    }
  }
  return least;
}
function* combinations<T>(items: readonly T[], size: number, from = 0): Generator<T[]> {
  if (size === 0) yield [];
  else for (let i = from; i <= items.length - size; i++) for (const rest of combinations(items, size - 1, i + 1)) yield [items[i]!, ...rest];
}
