import type { WineFacts } from '@rose/core/wine/facts';
import { factOf, mainGrape } from '@rose/core/wine/stated';
import type { pairQuestions } from '@rose/core/wine/note';
import { fold } from '@rose/core/wine/search-folding';
import { grapeNamed } from '../grapes/index';

/** A question on two glasses. */
export type PairQuestion = keyof typeof pairQuestions;

const more = (left: number | undefined, right: number | undefined): -1 | 1 | null =>
  left === undefined || right === undefined || left === right ? null : left > right ? -1 : 1;

/** Year of a wine of one year. */
const yearOf = (facts: WineFacts) => {
  const vintage = factOf(facts, 'vintage');
  return vintage?.kind === 'year' ? vintage.year : undefined;
};
/** Months in wood; none when it saw no oak. */
const woodOf = (facts: WineFacts) => (factOf(facts, 'oak') === 'none' ? 0 : factOf(facts, 'woodMonths'));
/** The grape that leads, by its prime name where the tables know it. */
const grapeOf = (facts: WineFacts) => {
  const main = mainGrape(facts);
  return main === undefined ? undefined : (grapeNamed(main)?.id ?? fold(main));
};

/**
 * What the facts of two wines say of a question: −1 the left one or "no", 1 the right one or "yes", null when they do not say (a fact is missing, or they
 * are equal). Prices are no facts of a wine: the dearer one is told by `dearerOf`.
 */
export function pairTruth(question: PairQuestion, left: WineFacts, right: WineFacts): -1 | 1 | null {
  switch (question) {
    case 'older':
      return more(yearOf(right), yearOf(left));
    case 'oak':
      return more(woodOf(left), woodOf(right));
    case 'sameGrape': {
      const [a, b] = [grapeOf(left), grapeOf(right)];
      return a === undefined || b === undefined ? null : a === b ? 1 : -1;
    }
    case 'dearer':
      return null;
  }
}

/** A price as it is known of a bottle. */
export interface Priced {
  readonly amount: number;
  readonly currency: string;
  readonly formatMl: number;
}
/** Which of two wines is the dearer, by the litre: −1 the left one, 1 the right one; null when a price is missing, they are equal, or stand in different currencies. */
export function dearerOf(left: Priced | null, right: Priced | null): -1 | 1 | null {
  if (left === null || right === null || left.currency !== right.currency) return null;
  return more(left.amount / left.formatMl, right.amount / right.formatMl);
}
