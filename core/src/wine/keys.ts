/** The keys of a table in its order, typed. A table here is a literal of ours and never empty. */
export const keysOf = <K extends string>(table: Readonly<Record<K, unknown>>): [K, ...K[]] => Object.keys(table) as [K, ...K[]];
