import type { Petal } from '@rose/core/rose/rose';
import { hair, Paper, soft } from './paper';

export interface NoteOnPaper {
  readonly title: string;
  readonly subtitle: string;
  /** The written note, a paragraph a statement. */
  readonly paragraphs: readonly string[];
  /** The rose of the note, drawn when anything of it was looked at. */
  readonly petals: readonly Petal[];
  readonly observed: readonly (readonly [label: string, value: string])[];
  readonly smells: readonly string[];
  readonly remark: string;
  readonly on: Date;
}
const margin = 22;
const foot = 24;
/** Radius of the rose, mm. */
const rose = 22;

/** One note on A4: the written note in the serif, then every observation that was made, in two columns. */
export async function noteToPdf(note: NoteOnPaper): Promise<Uint8Array> {
  const paper = await Paper.of('a4', note.title, note.on);
  const { width, height } = paper.size;
  const inner = width - 2 * margin;
  let y = 30;
  const room = (mm: number) => {
    if (y + mm < height - foot) return;
    paper.newPage();
    y = 28;
  };
  y = paper.block(note.title, margin, y, inner, { face: 'serif', size: 26 }) + 1;
  y = paper.block(note.subtitle, margin, y, inner, { colour: soft }) + 4;
  paper.line(margin, y - 4, width - margin, y - 4, { colour: hair });
  y += 4;
  // The rose stands at the right of the first paragraphs; what follows below it has the whole width again.
  const drawn = note.petals.some((petal) => petal.value !== null);
  const below = y + 2 * (rose + 6);
  if (drawn) paper.rose(note.petals, width - margin - rose - 14, y + rose + 3, rose);
  let pages = 1;
  for (const paragraph of note.paragraphs) {
    if (y + 14 >= height - foot) pages += 1;
    room(14);
    const beside = drawn && pages === 1 && y < below;
    y = paper.block(paragraph, margin, y, beside ? inner - 2 * rose - 34 : inner, { face: 'serif', size: 14, leading: 6.6 }) + 2;
  }
  if (drawn && pages === 1) y = Math.max(y, below);
  if (note.smells.length > 0) {
    room(14);
    y = paper.block(`Smells and flavours: ${note.smells.join(', ')}.`, margin, y + 5, inner, {}) + 2;
  }
  for (const paragraph of note.remark === '' ? [] : note.remark.split('\n')) {
    room(8);
    y = paper.block(paragraph, margin, y + 2, inner, {});
  }
  y += 6;
  const half = inner / 2;
  note.observed.forEach(([label, value], i) => {
    if (i % 2 === 0) {
      room(6);
      if (i > 0) y += 5.6;
    }
    const x = margin + (i % 2) * half;
    paper.text(label, x, y, { size: 9, colour: soft });
    paper.text(value, x + half - 6, y, { size: 9, align: 'right' });
  });
  return paper.save();
}
