import type { ColourClass } from '@rose/core/wine/observables';
import type { WineFacts } from '@rose/core/wine/facts';
import { factOf } from '@rose/core/wine/stated';
import { fold } from '@rose/core/wine/search-folding';
import { ambiguous, grapes, homonyms, type Grape } from './data';

export { grapes, homonyms, type Grape };

const byId = new Map(grapes.map((grape) => [grape.id, grape]));
const byName = new Map<string, Grape>();
for (const grape of grapes) for (const name of [grape.id, grape.name, ...grape.synonyms]) if (!byName.has(fold(name))) byName.set(fold(name), grape);
const byCountry = new Map(homonyms.map(([name, country, id]) => [`${country} ${fold(name)}`, byId.get(id)!]));
const several = new Map(ambiguous.map(([name, ...ids]) => [fold(name), ids.map((id) => byId.get(id)!)]));

/** What a wine tells of a name that means different grapes. */
export interface GrapeContext {
  /** ISO 3166. */
  readonly country?: string | undefined;
  readonly colour?: ColourClass | undefined;
}
export const grapeContext = (facts: WineFacts): GrapeContext => ({ country: factOf(facts, 'country'), colour: factOf(facts, 'colour') });

/**
 * The grapes a written name may mean, by prime name, synonym or id: one, several where neither country nor colour settles it, none for a name the tables do
 * not know.
 */
export function grapesCalled(written: string, { country, colour }: GrapeContext = {}): readonly Grape[] {
  const name = fold(written);
  const there = country === undefined ? undefined : byCountry.get(`${country.toUpperCase()} ${name}`);
  if (there !== undefined) return [there];
  const all = several.get(name);
  if (all !== undefined) {
    const fitting = colour === undefined ? all : all.filter((grape) => (grape.skin === 'black') === (colour === 'red' || colour === 'rose'));
    return fitting.length > 0 ? fitting : all;
  }
  const one = byName.get(name);
  return one === undefined ? [] : [one];
}
/** The one grape a written name means; undefined for a name the tables do not know, or one of several. */
export function grapeNamed(written: string, context: GrapeContext = {}): Grape | undefined {
  const all = grapesCalled(written, context);
  return all.length === 1 ? all[0] : undefined;
}

/** What is not sure of the grapes as they are written: names the tables do not know, and names of several grapes. */
export function grapeDoubts(facts: WineFacts): readonly string[] {
  const context = grapeContext(facts);
  return (factOf(facts, 'grapes') ?? []).flatMap(({ grape }) => {
    const called = grapesCalled(grape, context);
    if (called.length === 0) return [`${grape} is not known here: what is said of the wine is the whole span of its colour. Choose a kind if you know one.`];
    return called.length === 1 ? [] : [`${grape} may be ${called.map((one) => one.name).join(' or ')}: the country or the colour settles it.`];
  });
}

/** Whether a grape as written is the grape with this id. */
/** Whether a name as it is written on a wine is one of the grape with that id: a name that means several is read by its country and colour. */
export const sameGrapeOf =
  (facts: WineFacts) =>
  (written: string, id: string): boolean =>
    grapeNamed(written, grapeContext(facts))?.id === id;

export const grapeNames: readonly string[] = grapes.map((grape) => grape.name);
