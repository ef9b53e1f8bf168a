import type { Scheme } from './scheme';

/** A host's own way of giving marks, as stored. An edit is a new version; a note keeps the version it was marked by. */
export type OwnScheme = Omit<Scheme, 'id'> & { readonly schema: 1 };

/** An own scheme under the name a note remembers it by. */
export const asScheme = (id: string, version: number, own: OwnScheme): Scheme => ({ ...own, id: `${id}@${version}` });
