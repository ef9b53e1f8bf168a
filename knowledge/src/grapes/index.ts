import { fold } from '@rose/core/wine/search-folding';
import { grapes, type Grape } from './data';

export { grapes, type Grape };

const byName = new Map<string, Grape>();
for (const grape of grapes) for (const name of [grape.id, grape.name, ...grape.synonyms]) byName.set(fold(name), grape);

/** The grape a written name means, by prime name, synonym or id; undefined for a grape the tables do not know. */
export const grapeNamed = (written: string): Grape | undefined => byName.get(fold(written));

/** Whether a grape as written is the grape with this id. */
export const sameGrape = (written: string, id: string): boolean => grapeNamed(written)?.id === id;

export const grapeNames: readonly string[] = grapes.map((grape) => grape.name);
