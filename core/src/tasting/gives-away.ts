import { fold } from '../wine/search-folding';
import type { Uncoverable } from './program';

/** Words that, said aloud, tell something of a wine that is still covered. */
export interface Telling {
  readonly words: string;
  readonly fact: Uncoverable;
}
/**
 * What a text gives away of a wine: the first of its telling words it holds, whole, however either is written.
 * @param uncovered facts that are known to the table already; with the name everything is
 */
export function givesAway(text: string, tells: readonly Telling[], uncovered: readonly Uncoverable[]): Telling | undefined {
  if (uncovered.includes('name')) return undefined;
  const said = ` ${fold(text)} `;
  return tells.find(({ words, fact }) => !uncovered.includes(fact) && fold(words) !== '' && said.includes(` ${fold(words)} `));
}
