import { bearings, midpoint, type Reading } from '@rose/core/wine/observables';
import type { NoteDocument } from '@rose/core/wine/note';
import type { Petal } from './rose';

/** The petals of a wine's profile. */
export const petalsOf = (loads: Readonly<Record<(typeof bearings)[number], number>>): Petal[] =>
  bearings.map((key) => ({ key, label: key, value: loads[key] }));

/** The value of a bearing as recorded, or null when it was not looked at. Length is 0–100 over a minute. */
export function bearingValue(note: NoteDocument, key: (typeof bearings)[number]): number | null {
  if (key === 'length') return note.observed.finish === undefined ? null : Math.min(100, (note.observed.finish.seconds / 60) * 100);
  const reading = note.observed[key] as Reading | undefined;
  return reading === undefined ? null : midpoint(reading);
}

/** The petals of a note; with a second note as outline. */
export const petalsOfNote = (note: NoteDocument, other?: NoteDocument): Petal[] =>
  bearings.map((key) => {
    const reading = key === 'length' ? undefined : (note.observed[key] as Reading | undefined);
    return {
      key,
      label: key,
      value: bearingValue(note, key),
      ...(typeof reading === 'object' ? { upTo: reading[1] } : {}),
      ...(other === undefined ? {} : { outline: bearingValue(other, key) }),
    };
  });
