import { dayInWords } from '@rose/core/wine/day';
import { printKinds, type PaperId, type PrintKind } from '../../contract/prints';
import { ink, Paper, soft } from './paper';
import type { Head } from './print';

export interface Foot {
  readonly plan: number;
  readonly on: Date;
  /** The day it is printed, on the venue's calendar. */
  readonly day: string;
  readonly id: string;
}
/** Millimetres. */
export const margin = 16;

/** The pages of a print: its head, its foot, and a way to lay things out over as many pages as they take. */
export class Sheets {
  readonly width: number;
  readonly height: number;
  readonly right: number;
  private readonly printed: string;
  private constructor(
    readonly paper: Paper,
    private readonly kind: PrintKind,
    private readonly head: Head,
    private readonly foot: Foot,
  ) {
    ({ width: this.width, height: this.height } = paper.size);
    this.right = this.width - margin;
    this.printed = dayInWords(foot.day);
  }
  static async of(kind: PrintKind, head: Head, paper: PaperId, foot: Foot): Promise<Sheets> {
    return new Sheets(await Paper.of(paper, `${head.title}: ${printKinds[kind].label}`, foot.on), kind, head, foot);
  }
  header(label: string = printKinds[this.kind].label): void {
    const { paper, right, head } = this;
    paper.text(head.title, margin, 21, { face: 'serif', size: 22 });
    paper.text(label, right, 21, { face: 'bold', size: 10, align: 'right' });
    paper.text(`${head.when} · ${head.subtitle}`, margin, 28, { colour: soft });
    paper.line(margin, 31.5, right, 31.5, { colour: ink, width: 0.3 });
  }
  /** @param above a line that stands above the foot of every page */
  footer(above = ''): void {
    const { paper, right, height, foot } = this;
    paper.line(margin, height - 13, right, height - 13);
    paper.text(`Rose Compass · plan ${foot.plan} · printed ${this.printed}`, margin, height - 8.5, { size: 8, colour: soft });
    paper.text(foot.id, right, height - 8.5, { size: 8, colour: soft, align: 'right' });
    if (above !== '') paper.text(above, margin, height - 16, { size: 8 });
  }
  /** Draws the items, `size` of them a page; nothing at all is one page with its head and foot. */
  pages<T>(
    items: readonly T[],
    size: number,
    draw: (item: T, place: number) => void,
    { head = () => this.header(), above = '' }: { readonly head?: () => void; readonly above?: string } = {},
  ): void {
    for (let i = 0; i < Math.max(1, items.length); i += size) {
      if (i > 0) this.paper.newPage();
      head();
      items.slice(i, i + size).forEach((item, place) => draw(item, place));
      this.footer(above);
    }
  }
}
