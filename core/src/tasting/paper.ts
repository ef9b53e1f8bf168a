import type { z } from 'zod';
import type { Frozen } from '../document/frozen';
import { midpoint, observables, type Observed } from '../wine/observables';
import { emptyNote, type Chip, type NoteDocument } from '../wine/note';
import type { paperRow } from './paper-schema';

const scale = (id: 'sweetness' | 'acidity' | 'tannin' | 'alcohol' | 'body' | 'liking') => ({ label: observables[id].label, unit: 'of 100', low: 0, high: 100 });
/** What is typed in from a sheet of paper as a number, in the order it stands there, each an entry of the registry of observables. */
export const paperColumns = {
  sweetness: scale('sweetness'),
  acidity: scale('acidity'),
  tannin: scale('tannin'),
  alcohol: scale('alcohol'),
  body: scale('body'),
  finish: { label: 'Finish', unit: 's', low: 0, high: 300 },
  quality: { label: 'Quality', unit: 'of 100', low: observables.quality.low, high: observables.quality.high },
  liking: scale('liking'),
} as const;
export type PaperColumn = keyof typeof paperColumns;
export type PaperRow = Frozen<z.output<typeof paperRow>>;
export const emptyRow: PaperRow = {
  sweetness: null,
  acidity: null,
  tannin: null,
  alcohol: null,
  body: null,
  finish: null,
  quality: null,
  liking: null,
  smells: '',
  grape: '',
  words: '',
};
const scales = ['sweetness', 'acidity', 'tannin', 'alcohol', 'body', 'liking'] as const;

/**
 * The note a row of paper makes. Smells stand between commas; one the vocabulary knows joins up with it, another stays in the guest's own words.
 * @param termOf the id of a smell by its name; undefined for a word the vocabulary does not know
 */
export function noteOfPaper(row: PaperRow, termOf: (word: string) => string | undefined): NoteDocument {
  const observed: Record<string, unknown> = {};
  for (const id of scales) if (row[id] !== null) observed[id] = row[id];
  if (row.quality !== null) observed['quality'] = row.quality;
  if (row.finish !== null) observed['finish'] = { seconds: row.finish };
  const smells = row.smells
    .split(/[,;\n]/)
    .map((word) => word.trim())
    .filter((word) => word !== '');
  const chips = [...new Set(smells)].slice(0, 40).map((word, i): Chip => {
    const term = termOf(word);
    return { id: `paper-${i}`, layer: 'first', strength: 2, ...(term === undefined ? { words: word } : { term }) };
  });
  return {
    ...emptyNote,
    observed: observed as Observed,
    chips,
    ...(row.grape === '' ? {} : { ideas: [{ id: 'paper', at: 'finish', grape: row.grape, certainty: 0 }] }),
    remark: row.words,
  };
}
/** The row of a note that was typed in, as it stands on the paper. */
export function rowOfNote(note: NoteDocument, nameOf: (chip: Chip) => string): PaperRow {
  const { observed } = note;
  const of = (id: (typeof scales)[number]) => (observed[id] === undefined ? null : Math.round(midpoint(observed[id])));
  return {
    sweetness: of('sweetness'),
    acidity: of('acidity'),
    tannin: of('tannin'),
    alcohol: of('alcohol'),
    body: of('body'),
    liking: of('liking'),
    quality: observed.quality ?? null,
    finish: observed.finish === undefined ? null : Math.round(observed.finish.seconds),
    smells: note.chips.map(nameOf).join(', '),
    grape: note.ideas?.at(-1)?.grape ?? '',
    words: note.remark,
  };
}
