import type { PaperId, PrintKind } from '../../../contract/prints';
import type { Head, Print } from '../print';
import { Sheets, type Foot } from '../sheets';
import type { PrintSource } from '../source';
import { bags } from './bags';
import { cues } from './cues';
import { handout } from './handout';
import { invitation } from './invitation';
import { mat } from './mat';
import { run } from './run';
import { sheet } from './sheet';

const kinds = { sheet, mat, bags, cues, run, handout, invitation };
/** Exactly what each print draws, by named part. */
export type FactsOf = { readonly [K in PrintKind]: ReturnType<(typeof kinds)[K]['facts']> };
const prints: { readonly [K in PrintKind]: Print<FactsOf[K]> } = kinds;

/** The facts of a print; of a blind flight a guest's print depends on how many wines there are and on their set, never on which is where. */
export const printFacts = <K extends PrintKind>(kind: K, source: PrintSource): FactsOf[K] => prints[kind].facts(source);

/** Draws a print from its facts, and from nothing else but the date, the plan and the id at its foot. */
export async function drawPrint<K extends PrintKind>(kind: K, facts: FactsOf[K], paper: PaperId, foot: Foot): Promise<Uint8Array> {
  const sheets = await Sheets.of(kind, facts, paper, foot);
  prints[kind].draw(sheets, facts);
  return sheets.paper.save();
}

const headParts: Readonly<Record<keyof Head, string>> = { title: 'the name', subtitle: 'the venue', when: 'the date', seats: 'the glasses' };
/** What a part of a print's facts is called when it changed; a part of an older version of the print by its bare name. */
export function partWord(kind: PrintKind, part: string): string {
  const words: Readonly<Record<string, string>> = { ...headParts, ...prints[kind].parts };
  return words[part] ?? part;
}
