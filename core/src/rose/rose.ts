import type { NoteDocument } from '../wine/note';
import { bearings, midpoint, type Reading } from '../wine/observables';
import { anchors } from '../wine/profile';
import { throughAnchors } from '../wine/units';

/** A bearing of a rose: a label and a value 0–100, or null when it was not assessed. */
export interface Petal {
  readonly key: string;
  readonly label: string;
  readonly value: number | null;
  readonly outline?: number | null;
  /** The upper end of a reading that is a span: a pale wedge beyond the value. */
  readonly upTo?: number;
}

/** A point by its angle from north, clockwise, and its distance from the centre. */
export const polar = (angle: number, radius: number): readonly [number, number] => [radius * Math.sin(angle), -radius * Math.cos(angle)];
const point = (angle: number, radius: number) =>
  polar(angle, radius)
    .map((n) => Number(n.toFixed(2)))
    .join(',');
/** The angle of one of `of` bearings, from north. Radians. */
export const turn = (n: number, of: number) => (n / of) * 2 * Math.PI;
/** The kite of one bearing: from the centre by a shoulder to the tip and back. Its length is linear in the value. */
export function kite(at: number, count: number, value: number, radius: number): { dark: string; light: string; whole: string } {
  const length = (Math.max(value, 0) / 100) * radius;
  const angle = turn(at, count);
  const half = Math.PI / count;
  const shoulder = Math.min(length * 0.42, radius * 0.2);
  const tip = point(angle, length);
  const [left, right] = [point(angle - half, shoulder), point(angle + half, shoulder)];
  return { light: `M0,0L${left}L${tip}Z`, dark: `M0,0L${tip}L${right}Z`, whole: `M0,0L${left}L${tip}L${right}Z` };
}

/** What a rose says, in words. */
export function roseInWords(petals: readonly Petal[]): string {
  return petals
    .map(
      ({ label, value, outline, upTo }) =>
        `${label} ${value === null ? 'not assessed' : Math.round(value)}${upTo === undefined ? '' : `, up to ${Math.round(upTo)}`}${outline === undefined || outline === null ? '' : ` (compared with ${Math.round(outline)})`}`,
    )
    .join(', ');
}

/** The petals of a wine's profile. */
export const petalsOf = (loads: Readonly<Record<(typeof bearings)[number], number>>): Petal[] =>
  bearings.map((key) => ({ key, label: key, value: loads[key] }));

/** The value of a bearing as recorded, or null when it was not looked at. Length is by the seconds of the short ruler. */
export function bearingValue(note: NoteDocument, key: (typeof bearings)[number]): number | null {
  if (key === 'length') return note.observed.finish === undefined ? null : throughAnchors(anchors.finish, note.observed.finish.seconds);
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
