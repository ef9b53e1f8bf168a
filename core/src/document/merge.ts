/**
 * Three-way merge of a document by field. A shape says how deep a document is taken apart: an atom is kept or replaced whole, a record is merged
 * key by key, a list is merged by the `id` of its items (their order follows `theirs`, then what is new in `mine`).
 */
export type Shape = 'atom' | { readonly record: Shape; readonly fields?: Readonly<Record<string, Shape>> } | { readonly byId: Shape };

/** A field that both sides changed to different values. `theirs` stands until somebody chooses. */
export interface Clash {
  /** Keys and item ids from the top of the document. */
  readonly path: readonly string[];
  readonly base: unknown;
  readonly mine: unknown;
  readonly theirs: unknown;
}
export interface Merged<D> {
  readonly document: D;
  readonly clashes: readonly Clash[];
}

/** Deep equality of JSON values; key order does not matter, an undefined key is an absent key. */
export function same(a: unknown, b: unknown): boolean {
  if (Object.is(a, b)) return true;
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return false;
  if (Array.isArray(a) !== Array.isArray(b)) return false;
  if (Array.isArray(a) && Array.isArray(b)) return a.length === b.length && a.every((item, i) => same(item, b[i]));
  const left = a as Record<string, unknown>;
  const right = b as Record<string, unknown>;
  return [...new Set([...Object.keys(left), ...Object.keys(right)])].every((key) => same(left[key], right[key]));
}

/** Merges two changes of `base`. Laws: merging with an unchanged side gives the other side; equal changes never clash. */
export function merge<D>(base: D, mine: D, theirs: D, shape: Shape): Merged<D> {
  const clashes: Clash[] = [];
  const document = mergeValue(base, mine, theirs, shape, [], clashes) as D;
  return { document, clashes };
}

function mergeValue(base: unknown, mine: unknown, theirs: unknown, shape: Shape, path: readonly string[], clashes: Clash[]): unknown {
  if (same(mine, theirs)) return theirs;
  if (same(base, mine)) return theirs;
  if (same(base, theirs)) return mine;
  if (shape !== 'atom') {
    if ('record' in shape && isRecord(mine) && isRecord(theirs)) {
      const from = isRecord(base) ? base : {};
      return mergeKeys(
        from,
        mine,
        theirs,
        [...new Set([...Object.keys(theirs), ...Object.keys(mine)])],
        (key) => shape.fields?.[key] ?? shape.record,
        path,
        clashes,
      );
    }
    if ('byId' in shape && Array.isArray(mine) && Array.isArray(theirs)) {
      const [b, m, t] = [keyed(base), keyed(mine), keyed(theirs)];
      const order = [...Object.keys(t), ...Object.keys(m).filter((id) => !(id in t))];
      const merged = mergeKeys(b, m, t, order, () => shape.byId, path, clashes);
      return order.filter((id) => merged[id] !== undefined).map((id) => merged[id]);
    }
  }
  clashes.push({ path, base, mine, theirs });
  return theirs;
}

function mergeKeys(
  base: Fields,
  mine: Fields,
  theirs: Fields,
  keys: readonly string[],
  shapeOf: (key: string) => Shape,
  path: readonly string[],
  clashes: Clash[],
): Fields {
  const merged: Fields = {};
  for (const key of keys) {
    const value = mergeValue(base[key], mine[key], theirs[key], shapeOf(key), [...path, key], clashes);
    if (value !== undefined) merged[key] = value;
  }
  return merged;
}

type Fields = Record<string, unknown>;
const isRecord = (value: unknown): value is Fields => typeof value === 'object' && value !== null && !Array.isArray(value);
const keyed = (items: unknown): Fields => Object.fromEntries((Array.isArray(items) ? items : []).map((item: { id: string }) => [item.id, item]));

/** Puts the losing value of a clash back into the document: the person chose their own. */
export function choose<D>(document: D, path: readonly string[], value: unknown): D {
  const [key, ...rest] = path;
  if (key === undefined) return value as D;
  if (Array.isArray(document)) {
    const items = document as { id: string }[];
    if (rest.length === 0 && value === undefined) return items.filter((item) => item.id !== key) as unknown as D;
    const found = items.some((item) => item.id === key);
    const next = found ? items.map((item) => (item.id === key ? choose(item, rest, value) : item)) : [...items, choose({ id: key }, rest, value)];
    return next as unknown as D;
  }
  const record = { ...(document as Fields) };
  const next = choose(record[key] ?? {}, rest, value);
  if (next === undefined) delete record[key];
  else record[key] = next;
  return record as D;
}
