/** The keys of a table in its order, typed. A table here is a literal of ours and never empty. */
export const keysOf = <K extends string>(table: Readonly<Record<K, unknown>>): [K, ...K[]] => Object.keys(table) as [K, ...K[]];
/** The labels of a table by its keys, for a list to choose from. */
export const labelsOf = <K extends string>(table: Readonly<Record<K, { readonly label: string }>>): Readonly<Record<K, string>> =>
  Object.fromEntries(keysOf(table).map((key) => [key, table[key].label])) as Record<K, string>;
