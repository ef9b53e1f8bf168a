import { fates, layers, strengths, type Chip, type Fate, type Layer, type Strength } from '@rose/core/wine/note';
import { observables, valueInWords, type ObservableId, type ValueOf } from '@rose/core/wine/observables';
import { chipName } from '@rose/knowledge/smells/index';

const parts: Readonly<Record<string, string>> = {
  chips: 'A smell',
  deck: 'An answer of the deck',
  ideas: 'An idea',
  circumstances: 'How it was tasted',
  rewritten: 'A sentence of yours',
  pairs: 'A call on the pair',
  remark: 'Anything else',
  done: 'Done',
};
/** What of a note was changed in two places, as a person calls it. */
export const clashLabel = (path: readonly string[]): string =>
  path[0] === 'observed' ? observables[path[1] as ObservableId].label : (parts[path[0]!] ?? 'Something else');

/** One of the two values, in the words it was recorded by. */
export function clashShown(value: unknown, path: readonly string[]): string {
  if (path[0] === 'observed') return valueInWords(path[1] as ObservableId, value as ValueOf<ObservableId>);
  if (path[0] === 'chips') {
    if (path.length === 2) return chipName(value as Chip);
    if (path[2] === 'strength') return strengths[value as Strength];
    if (path[2] === 'layer') return layers[value as Layer];
    if (path[2] === 'fate') return fates[value as Fate];
    if (path[2] === 'left') return `gone after ${String(value)} s`;
  }
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (typeof value === 'object' && value !== null && 'text' in value) return `“${String(value.text)}”`;
  return typeof value === 'object' ? 'this' : String(value);
}
