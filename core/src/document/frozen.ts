/** A value as everybody but its maker sees it: read only, all the way down. What a schema infers is frozen so. */
export type Frozen<T> = T extends object ? { readonly [K in keyof T]: Frozen<T[K]> } : T;
