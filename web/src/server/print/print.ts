import type { PrintKind } from '../../contract/prints';
import type { Sheets } from './sheets';
import type { PrintSource, Seat } from './source';

/** What stands at the head of every print; `seats` are the glasses of each seat, none on a print of the house. */
export interface Head {
  readonly title: string;
  readonly subtitle: string;
  readonly when: string;
  readonly seats: readonly Seat[];
}
/** One kind of print: the facts it draws, what each part of them is called when it changed, and the drawing from them and from nothing else. */
export interface Print<F extends Head> {
  readonly kind: PrintKind;
  readonly parts: Readonly<Record<Exclude<keyof F, keyof Head>, string>>;
  facts(source: PrintSource): F;
  draw(sheets: Sheets, facts: F): void;
}
/** A print whose drawing is typed by its facts: a renamed or missing one does not compile. */
export const print = <F extends Head>(spec: Print<F>): Print<F> => spec;
