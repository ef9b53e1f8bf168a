import type { WineFacts } from '../wine/facts';
import type { NoteDocument } from '../wine/note';
import { midpoint, observables } from '../wine/observables';
import type { Rule } from '../wine/rule';
import { hard, rules, type ChipReading, type Look, type Pair, type Passage, type RuleId } from './rules';

export interface Contradiction {
  readonly rule: RuleId;
  readonly severity: 'cannot both hold' | 'unusual together';
  readonly a: Passage;
  readonly b: Passage;
  /** Why they pull apart. */
  readonly because: string;
}
/**
 * Statements of a note that pull apart, both passages side by side; "keep both" is an answer. A span contradicts only when both its ends do.
 * @param label the wine's facts, when the label is known to the taster; a hidden glass has none
 */
export function contradictions(note: NoteDocument, chips: ChipReading, label?: WineFacts): readonly Contradiction[] {
  const ends = [0, 1] as const;
  const look = (end: 0 | 1 | 'middle'): Look => ({
    note,
    chips,
    label,
    scale(id) {
      const value = note.observed[id];
      if (value === undefined || observables[id].kind !== 'scale') return undefined;
      const reading = value as number | readonly [number, number];
      return end === 'middle' || typeof reading === 'number' ? midpoint(reading) : reading[end];
    },
  });
  const all: readonly Rule<RuleId, Look, Pair>[] = rules;
  return all.flatMap((entry): Contradiction[] => {
    const args = entry.when(look('middle'));
    if (args === undefined || !ends.every((end) => entry.when(look(end)) !== undefined)) return [];
    return [
      {
        rule: entry.id,
        severity: entry.push(args) === hard() ? 'cannot both hold' : 'unusual together',
        a: { of: args.a, says: args.aSays },
        b: { of: args.b, says: args.bSays },
        because: entry.says(args),
      },
    ];
  });
}
