import type { Chip, NoteDocument } from '@rose/core/wine/note';

/** A note with a chip added, or put in the place of the one with its id. */
export const withChip =
  (chip: Chip) =>
  (d: NoteDocument): NoteDocument => ({
    ...d,
    chips: d.chips.some((entry) => entry.id === chip.id) ? d.chips.map((entry) => (entry.id === chip.id ? chip : entry)) : [...d.chips, chip],
  });
export const withoutChip =
  (id: string) =>
  (d: NoteDocument): NoteDocument => ({ ...d, chips: d.chips.filter((entry) => entry.id !== id) });
