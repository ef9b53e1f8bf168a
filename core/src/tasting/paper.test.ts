import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { noteDocument } from '../wine/note-schema';
import { emptyRow, noteOfPaper, paperColumns, rowOfNote, type PaperRow } from './paper';
import { paperRow } from './paper-schema';

const number = (low: number, high: number) => fc.option(fc.integer({ min: low, max: high }), { nil: null });
const words = fc.array(fc.constantFrom('lemon', 'wet slate', 'toast', 'my grandmother’s attic'), { maxLength: 4 }).map((some) => [...new Set(some)].join(', '));
const row = fc.record({
  ...(Object.fromEntries(Object.entries(paperColumns).map(([id, { low, high }]) => [id, number(low, high)])) as Record<
    keyof typeof paperColumns,
    fc.Arbitrary<number | null>
  >),
  smells: words,
  grape: fc.constantFrom('', 'Riesling'),
  words: fc.constantFrom('', 'bright, a little short'),
}) satisfies fc.Arbitrary<PaperRow>;
const termOf = (word: string) => (word === 'lemon' ? 'lemon' : undefined);

describe('a row of paper', () => {
  it('makes a note that holds what stood there, and is read back as it was typed', () => {
    fc.assert(
      fc.property(row, (typed) => {
        const note = noteOfPaper(typed, termOf);
        expect(noteDocument.safeParse(note).success).toBe(true);
        expect(rowOfNote(note, (chip) => chip.words ?? chip.term!)).toEqual(typed);
      }),
    );
  });
  it('joins a smell the vocabulary knows up with it, and keeps another in the guest’s words', () => {
    const { chips } = noteOfPaper({ ...emptyRow, smells: 'lemon, wet slate,, lemon' }, termOf);
    expect(chips.map(({ term, words: own }) => term ?? own)).toEqual(['lemon', 'wet slate']);
  });
  it('refuses a mark beyond its column, by the column', () => {
    const wrong = paperRow.safeParse({ ...emptyRow, quality: 12, acidity: 101 });
    expect(wrong.error?.issues.map((issue) => issue.path[0]).sort()).toEqual(['acidity', 'quality']);
  });
});
