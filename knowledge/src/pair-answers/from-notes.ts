import type { Dimension } from '@rose/core/deduce/archetype';
import type { Deduction } from '@rose/core/deduce/deduce';
import type { NoteDocument } from '@rose/core/wine/note';
import { midpoint } from '@rose/core/wine/observables';
import { signed } from '@rose/core/wine/search-folding';
import { deduceNote, evidenceOf } from '../archetypes/index';

/** What two notes of a pair can be asked. */
export const noteQuestions = {
  dearer: 'which is the dearer',
  older: 'which is the older',
  oak: 'which has more oak',
  stronger: 'which is the stronger',
  sameGrape: 'are they of the same grape',
} as const;
export type NoteQuestion = keyof typeof noteQuestions;
type Note = Pick<NoteDocument, 'observed' | 'chips' | 'deck'>;

export interface PairTold {
  /** −1 the left one or "no", 1 the right one or "yes", null when neither is likely enough to say. */
  readonly answer: -1 | 1 | null;
  /** Chance of the right one, or of "yes", 0–1. */
  readonly chance: number;
  /** What the difference of the two notes is worth, bits towards the right one, one by one. */
  readonly bits: readonly { readonly what: string; readonly push: number }[];
}
/** From this chance on an answer is given. */
const enough = 0.65;
const at = (bits: number) => 1 / (1 + 2 ** -bits);

/** Where a note's deduction lies on a ladder of values, 0 the lowest; the mean over its chances. */
const meanOn = (deduction: Deduction, dimension: Dimension, ladder: Readonly<Record<string, number>>): number =>
  deduction.dimensions.find((entry) => entry.dimension === dimension)!.values.reduce((sum, { value, chance }) => sum + chance * (ladder[value] ?? 0), 0);
const prices = { cheaper: 0, middle: 1, dearer: 2 };
const ages = { young: 0, some: 1, old: 2 };
const woods = { new: 1, used: 0.45, oxidative: 0.45 };

const value = (note: Note, id: 'alcohol' | 'quality'): number | undefined => {
  const reading = note.observed[id];
  return reading === undefined ? undefined : midpoint(reading);
};
/** Bits a step of one on a ladder is worth, and a difference of so many points of 100. Our own reading. */
const aStep = 2.4;
const [pointsOfMark, pointsOfAlcohol] = [7, 10];
const smeltOak = (note: Note) => ['wood', 'sweet'].reduce((sum, family) => sum + (evidenceOf(note).smells[family] === true ? 1 : 0), 0);
/** Nothing was recorded that could speak: such a note answers nothing. */
const isEmpty = (note: Note) => Object.keys(note.observed).filter((id) => id !== 'colour').length + note.chips.length < 3;

/** What the difference of two notes says to a question. Reads nothing but the notes. */
export function pairFromNotes(question: NoteQuestion, left: Note, right: Note): PairTold {
  const [a, b] = [deduceNote(left), deduceNote(right)];
  const bits: { what: string; push: number }[] = [];
  const add = (what: string, push: number) => bits.push({ what, push });
  if (question === 'sameGrape') {
    // Two glasses nobody has written of may be of one grape or not.
    if (isEmpty(left) || isEmpty(right)) return { answer: null, chance: 0.5, bits: [] };
    const grapes = (deduction: Deduction) =>
      new Map(deduction.dimensions.find((entry) => entry.dimension === 'grape')!.values.map((entry) => [entry.value, entry.chance]));
    const [mine, theirs] = [grapes(a), grapes(b)];
    const same = [...mine].reduce((sum, [grape, chance]) => sum + chance * (theirs.get(grape) ?? 0), 0);
    // Wines that are none of our kinds may be of one grape or not.
    const open = 1 - (1 - a.other) * (1 - b.other);
    const chance = same + open * 0.35;
    return {
      answer: chance >= enough ? 1 : chance <= 1 - enough ? -1 : null,
      chance,
      bits: [{ what: 'the grapes each note speaks for', push: Math.log2(Math.max(1e-6, chance) / Math.max(1e-6, 1 - chance)) }],
    };
  }
  if (!isEmpty(left) && !isEmpty(right)) {
    if (question === 'dearer') {
      add('what each speaks for', aStep * (meanOn(b, 'price', prices) - meanOn(a, 'price', prices)));
      const [mine, theirs] = [value(left, 'quality'), value(right, 'quality')];
      if (mine !== undefined && theirs !== undefined) add('the two marks', (theirs - mine) / pointsOfMark);
    }
    if (question === 'older') add('colour, smells and grip of age', aStep * (meanOn(b, 'age', ages) - meanOn(a, 'age', ages)));
    if (question === 'oak') {
      add('what each was made in', aStep * (meanOn(b, 'vessel', woods) - meanOn(a, 'vessel', woods)));
      add('smells of oak', 1.2 * (smeltOak(right) - smeltOak(left)));
    }
    if (question === 'stronger') {
      const [mine, theirs] = [value(left, 'alcohol'), value(right, 'alcohol')];
      if (mine !== undefined && theirs !== undefined) add('the warmth of each', (theirs - mine) / pointsOfAlcohol);
    }
  }
  const chance = at(bits.reduce((sum, { push }) => sum + push, 0));
  return { answer: chance >= enough ? 1 : chance <= 1 - enough ? -1 : null, chance, bits };
}

/** Bits below this are not worth a word. */
const leastBits = 0.1;
/** What two notes say of a question whose ends are `low` and `high`, with what their difference is worth. */
export function toldInWords({ answer, chance, bits }: PairTold, { low, high }: { readonly low: string; readonly high: string }): string {
  const sure = Math.round(100 * Math.max(chance, 1 - chance));
  const said = answer === null ? 'cannot tell' : `${answer < 0 ? low : high}, ${sure} %`;
  const because = bits.filter(({ push }) => Math.abs(push) >= leastBits).map(({ what, push }) => `${what} ${signed(push, 1)} bits`);
  return `Your two notes say: ${said}${because.length === 0 ? '' : ` (${because.join(', ')} towards ${high})`}.`;
}
