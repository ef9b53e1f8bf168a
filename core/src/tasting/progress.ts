import type { Idea, NoteDocument } from '../wine/note';
import { idsOf, quarters, type Quarter } from '../wine/observables';

/** The four quarters of the compass; the judgement stands in the middle. */
const compass = quarters.filter((quarter): quarter is Exclude<Quarter, 'verdict'> => quarter !== 'verdict');
/** Observations of a quarter after which it counts as looked at; of the finish its length is enough. Own choice. */
const enough: Record<(typeof compass)[number], number> = { appearance: 3, aroma: 3, palate: 3, finish: 1 };

/** How far a note is through each quarter, 0–1, clockwise from the look: how much was looked at, never what was found. */
export const quarterShares = ({ observed, chips }: Pick<NoteDocument, 'observed' | 'chips'>): readonly number[] =>
  compass.map((quarter) => {
    const made = idsOf(quarter).filter((id) => observed[id] !== undefined).length + (quarter === 'aroma' ? chips.length : 0);
    return Math.min(1, made / enough[quarter]);
  });

/** After which look an idea is left that is left now: the last quarter anything of was noted, or before the first. */
export function stageOf(note: Pick<NoteDocument, 'observed' | 'chips'>): Idea['at'] {
  const last = quarterShares(note).findLastIndex((share) => share > 0);
  return compass[last] ?? 'before';
}
