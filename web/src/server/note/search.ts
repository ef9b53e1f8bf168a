import { chipName, termName } from '@rose/knowledge/smells/index';
import { spoken } from '@rose/knowledge/smells/spoken';
import { composeNote, asText } from '@rose/core/prose/prose';
import type { NoteDocument } from '@rose/core/wine/note';
import { fold } from '@rose/core/wine/search-folding';

/** The folded words a note is found by: its own. Those of its wine stand with the wine, and count once the glass is uncovered. */
export const noteSearch = (document: NoteDocument): string =>
  fold([asText(composeNote(document, spoken)), ...document.chips.flatMap((chip) => [chipName(chip), termName(chip)]), document.remark].join(' '));
