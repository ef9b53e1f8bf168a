import type { ChipReading } from '@rose/core/consistency/rules';
import type { Chip } from '@rose/core/wine/note';
import { chipName, descriptorOf } from './index';

/** What the rules of consistency need of the smells of a note. */
export const readChips = (chips: readonly Chip[]): ChipReading => ({
  fault: chips.filter((chip) => descriptorOf(chip)?.origin === 'fault').map(chipName),
  count: chips.length,
  gone: chips.filter((chip) => chip.fate === 'gone').length,
  fated: chips.filter((chip) => chip.fate !== undefined).length,
});
/** How many smells come of the grape and how many of age. */
export function chipOrigins(chips: readonly Chip[]): { readonly grape: number; readonly age: number } {
  const of = (origin: string) => chips.filter((chip) => descriptorOf(chip)?.origin === origin).length;
  return { grape: of('grape'), age: of('ageing') };
}

/** Smells that say reduction (common practice): they call for air. */
const reduction = new Set(['struck-match', 'rubber', 'onion', 'bad-egg', 'cooked-cabbage']);
export const smellsReduced = (chips: readonly Chip[]): boolean => chips.some((chip) => reduction.has(descriptorOf(chip)?.id ?? ''));
