import type { NoteDocument } from '../wine/note';
import { observables } from '../wine/observables';

/** Cues that speak of age and pull apart: the eye says young, the nose old. */
export interface Pulling {
  readonly young: readonly string[];
  readonly old: readonly string[];
  /** The observation that would part them. */
  readonly next: string;
}
/** @param origins where the smells come from: of the grape, of the making, of age */
export function pullingApart(note: NoteDocument, origins: { readonly grape: number; readonly age: number }): Pulling | undefined {
  const { hue, rimHue, tanninRipeness } = note.observed;
  const young: string[] = [];
  const old: string[] = [];
  if (hue === 'purple' || hue === 'greenish') young.push(`${observables.hue.options[hue]} at the core`);
  if (rimHue === 'purple') young.push('purple at the rim');
  for (const [id, value] of [
    ['core', hue],
    ['rim', rimHue],
  ] as const)
    if (value === 'brick' || value === 'tawny' || value === 'mahogany' || value === 'oldgold' || value === 'brown')
      old.push(`${observables.hue.options[value]} at the ${id}`);
  if (origins.age >= 2) old.push(`${origins.age} smells of age`);
  if (origins.grape >= 3 && origins.age === 0) young.push('only smells of the grape');
  if (tanninRipeness === 'dry') old.push('tannin drying out');
  if (tanninRipeness === 'green') young.push('green tannin');
  if (young.length === 0 || old.length === 0) return undefined;
  return {
    young,
    old,
    next:
      note.observed.tannin === undefined
        ? 'Feel the tannin: does it grip, or has it softened?'
        : note.observed.finish === undefined
          ? 'Time the finish, and note what leaves first.'
          : 'Smell the glass again in ten minutes: fruit of youth stays, age changes.',
  };
}
