import type { z } from 'zod';
import type { Frozen } from '../document/frozen';
import type { Scheme } from './scheme';
import type { ownScheme } from './scheme-schema';

/** A host's own way of giving marks, as stored. An edit is a new version; a note keeps the version it was marked by. */
export type OwnScheme = Frozen<z.output<typeof ownScheme>>;

/** An own scheme under the name a note remembers it by. */
export const asScheme = (id: string, version: number, own: OwnScheme): Scheme => ({ ...own, id: `${id}@${version}` });
