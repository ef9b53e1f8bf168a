import { kite, polar, turn, type Petal } from '@rose/core/rose/rose';
import { readFile } from 'node:fs/promises';
import path from 'node:path';
import { papers, type PaperId } from '../../contract/prints';
import fontkit from '@pdf-lib/fontkit';
import { PDFDocument, rgb, type PDFFont, type PDFPage, type RGB } from 'pdf-lib';

/** Millimetres everywhere, from the top left corner; points only inside this file. */
const points = 72 / 25.4;
/** Points of a length in mm, to a hundredth: less than a hair of any printer, and half the digits in the file. */
const pt = (mm: number) => Math.round(mm * points * 100) / 100;

const files = path.join(process.cwd().endsWith(`${path.sep}web`) ? '..' : '.', 'node_modules/@fontsource');
const faces = {
  serif: 'alegreya/files/alegreya-%-500-normal.woff',
  italic: 'alegreya/files/alegreya-%-400-italic.woff',
  plain: 'source-sans-3/files/source-sans-3-%-400-normal.woff',
  bold: 'source-sans-3/files/source-sans-3-%-600-normal.woff',
} as const;
export type Face = keyof typeof faces;
const read = new Map<string, Promise<Buffer>>();
const fontFile = (name: string) => {
  const known = read.get(name) ?? readFile(path.join(/* turbopackIgnore: true */ files, name));
  read.set(name, known);
  return known;
};

export const ink = rgb(0.11, 0.125, 0.125);
export const soft = rgb(0.36, 0.37, 0.38);
export const hair = rgb(0.78, 0.78, 0.78);
export const madder = rgb(0.604, 0.141, 0.251);
const madderLight = rgb(0.77, 0.48, 0.54);
const pale = rgb(0.93, 0.85, 0.87);

/** How many lines a face remembers the layout of; then it begins anew. */
const mostLines = 20_000;
/** The same words stand on many sheets: a face lays each line out once. */
function rememberingLines<F extends ReturnType<typeof fontkit.create>>(font: F): F {
  const layout = font.layout.bind(font);
  const known = new Map<string, ReturnType<typeof layout>>();
  font.layout = (text: string, features) => {
    const key = `${text}\n${JSON.stringify(features ?? '')}`;
    let run = known.get(key);
    if (run === undefined) {
      if (known.size >= mostLines) known.clear();
      known.set(key, (run = layout(text, features)));
    }
    return run;
  };
  return font;
}
/** A face is unpacked once a process; a document takes its own subset of it. */
const opened = new Map<Uint8Array, ReturnType<typeof fontkit.create>>();
const unpacked = {
  create(file: Uint8Array): ReturnType<typeof fontkit.create> {
    let font = opened.get(file);
    if (font === undefined) opened.set(file, (font = rememberingLines(fontkit.create(file))));
    return font;
  },
};
const lettersOf = new Map<string, ReadonlySet<number>>();
const letters = (file: string, font: PDFFont): ReadonlySet<number> => {
  const known = lettersOf.get(file) ?? new Set(font.getCharacterSet());
  lettersOf.set(file, known);
  return known;
};

interface Pair {
  readonly font: PDFFont;
  readonly more: PDFFont;
  readonly has: ReadonlySet<number>;
  readonly moreHas: ReadonlySet<number>;
}
interface Run {
  readonly font: PDFFont;
  readonly text: string;
}
export interface TextStyle {
  readonly face?: Face;
  /** Points. */
  readonly size?: number;
  readonly colour?: RGB;
  readonly align?: 'left' | 'centre' | 'right';
}

/** A document being drawn: one page after another, in our own type. Letters the basic file lacks come from its extension; what neither has is left out. */
export class Paper {
  private constructor(
    readonly document: PDFDocument,
    readonly size: { readonly width: number; readonly height: number },
    private readonly fonts: Readonly<Record<Face, Pair>>,
    private page: PDFPage,
  ) {}

  /** @param on written into the file as its date */
  static async of(paper: PaperId, title: string, on: Date): Promise<Paper> {
    const document = await PDFDocument.create({ updateMetadata: false });
    document.registerFontkit(unpacked);
    document.setTitle(title);
    document.setCreator('Rose Compass');
    document.setProducer('Rose Compass');
    document.setCreationDate(on);
    document.setModificationDate(on);
    const fonts = {} as Record<Face, Pair>;
    for (const [face, file] of Object.entries(faces) as [Face, string][]) {
      const [basic, extension] = [file.replace('%', 'latin'), file.replace('%', 'latin-ext')];
      const font = await document.embedFont(await fontFile(basic), { subset: true });
      const more = await document.embedFont(await fontFile(extension), { subset: true });
      fonts[face] = { font, more, has: letters(basic, font), moreHas: letters(extension, more) };
    }
    const { width, height } = papers[paper];
    return new Paper(document, { width, height }, fonts, document.addPage([pt(width), pt(height)]));
  }
  newPage(): void {
    this.page = this.document.addPage([pt(this.size.width), pt(this.size.height)]);
  }
  /** The same words stand on many pages: what they are made of is found once. */
  private readonly made = new Map<string, readonly Run[]>();
  private runs(text: string, face: Face): readonly Run[] {
    const key = `${face} ${text}`;
    const known = this.made.get(key) ?? this.split(text, face);
    this.made.set(key, known);
    return known;
  }
  private split(text: string, face: Face): readonly Run[] {
    const { font, more, has, moreHas } = this.fonts[face];
    const runs: { font: PDFFont; text: string }[] = [];
    for (const letter of text.replace(/[\u00a0\u202f]/g, ' ').replace(/[\r\n\t]+/g, ' ')) {
      const code = letter.codePointAt(0)!;
      const use = has.has(code) ? font : moreHas.has(code) ? more : undefined;
      if (use === undefined) continue;
      const last = runs.at(-1);
      if (last?.font === use) last.text += letter;
      else runs.push({ font: use, text: letter });
    }
    return runs;
  }
  /** Width in mm. */
  widthOf(text: string, face: Face = 'plain', size = 10): number {
    return this.runs(text, face).reduce((sum, run) => sum + run.font.widthOfTextAtSize(run.text, size), 0) / points;
  }
  /** One line; `y` is its baseline. */
  text(text: string, x: number, y: number, { face = 'plain', size = 10, colour = ink, align = 'left' }: TextStyle = {}): void {
    const width = align === 'left' ? 0 : this.widthOf(text, face, size);
    let at = pt(align === 'left' ? x : align === 'centre' ? x - width / 2 : x - width);
    for (const run of this.runs(text, face)) {
      this.page.drawText(run.text, { x: at, y: pt(this.size.height - y), size, font: run.font, color: colour });
      at = Math.round((at + run.font.widthOfTextAtSize(run.text, size)) * 100) / 100;
    }
  }
  /** Text broken into lines of at most `width` mm; returns the y below the last line. */
  block(text: string, x: number, y: number, width: number, style: TextStyle & { readonly leading?: number; readonly most?: number } = {}): number {
    const { face = 'plain', size = 10, leading = size * 0.47 } = style;
    const lines: string[] = [];
    for (const paragraph of text.split('\n')) {
      let line = '';
      for (const word of paragraph.split(/\s+/)) {
        const next = line === '' ? word : `${line} ${word}`;
        if (line !== '' && this.widthOf(next, face, size) > width) {
          lines.push(line);
          line = word;
        } else line = next;
      }
      lines.push(line);
    }
    const shown = lines.slice(0, style.most ?? lines.length);
    if (shown.length < lines.length) shown[shown.length - 1] = `${shown.at(-1)!.replace(/\W+$/, '')} …`;
    shown.forEach((line, i) => this.text(line, x, y + i * leading, style));
    return y + shown.length * leading;
  }
  line(x1: number, y1: number, x2: number, y2: number, { width = 0.2, colour = hair }: { width?: number; colour?: RGB } = {}): void {
    const at = (x: number, y: number) => ({ x: pt(x), y: pt(this.size.height - y) });
    this.page.drawLine({ start: at(x1, y1), end: at(x2, y2), thickness: pt(width), color: colour });
  }
  /** A circle by its true diameter in mm. */
  circle(x: number, y: number, diameter: number, { width = 0.3, colour = ink }: { width?: number; colour?: RGB } = {}): void {
    this.page.drawCircle({
      x: pt(x),
      y: pt(this.size.height - y),
      size: pt(diameter / 2),
      borderWidth: pt(width),
      borderColor: colour,
    });
  }
  box(x: number, y: number, width: number, height: number, { colour = hair, line = 0.2 }: { colour?: RGB; line?: number } = {}): void {
    this.page.drawRectangle({
      x: pt(x),
      y: pt(this.size.height - y - height),
      width: pt(width),
      height: pt(height),
      borderWidth: pt(line),
      borderColor: colour,
    });
  }
  /** The rose of a wine's structure about a middle; `radius` in mm is a value of 100. What was not looked at is a hair. */
  rose(petals: readonly Petal[], x: number, y: number, radius: number): void {
    const at = { x: pt(x), y: pt(this.size.height - y), borderWidth: 0 };
    const size = pt(radius);
    this.circle(x, y, 2 * radius, { width: 0.15, colour: hair });
    petals.forEach(({ label, value, upTo }, i) => {
      const angle = turn(i, petals.length);
      if (value === null) {
        const [dx, dy] = polar(angle, radius * 0.12);
        this.line(x, y, x + dx, y + dy);
      } else {
        if (upTo !== undefined) this.page.drawSvgPath(kite(i, petals.length, upTo, size).whole, { ...at, color: pale });
        const { light, dark } = kite(i, petals.length, value, size);
        this.page.drawSvgPath(light, { ...at, color: madderLight });
        this.page.drawSvgPath(dark, { ...at, color: madder });
      }
      const [dx, dy] = polar(angle, radius + 2.4);
      const align = Math.abs(dx) < 1 ? 'centre' : dx > 0 ? 'left' : 'right';
      this.text(label, x + dx, y + dy + 1, { size: 7.5, colour: soft, align });
    });
  }
  save(): Promise<Uint8Array> {
    return this.document.save();
  }
}
