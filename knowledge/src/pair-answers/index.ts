import type { WineFacts } from '@rose/core/wine/facts';
import { factOf, mainGrape } from '@rose/core/wine/stated';
import type { pairQuestions } from '@rose/core/wine/note';
import { fold } from '@rose/core/wine/search-folding';
import { grapeContext, grapeNamed } from '../grapes/index';

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
/** How much of a month in wood is tasted: an old cask gives little, a new one all. Own choice. */
const tasted = { none: 0, used: 0.25, some: 0.6, new: 1 } as const;
/** Months in wood by how much of them is tasted; a span while it is not known how old the wood was. */
function woodOf(facts: WineFacts): readonly [least: number, most: number] | undefined {
  const [oak, months] = [factOf(facts, 'oak'), factOf(facts, 'woodMonths')];
  if (oak === 'none') return [0, 0];
  if (months === undefined) return undefined;
  return oak === undefined ? [tasted.used * months, tasted.new * months] : [tasted[oak] * months, tasted[oak] * months];
}
/** Which of two has more wood; null while their spans overlap. */
function moreWood(left: WineFacts, right: WineFacts): -1 | 1 | null {
  const [a, b] = [woodOf(left), woodOf(right)];
  if (a === undefined || b === undefined) return null;
  return a[0] > b[1] ? -1 : b[0] > a[1] ? 1 : null;
}
/** The grape that leads, by its prime name where the tables know it. */
const grapeOf = (facts: WineFacts) => {
  const main = mainGrape(facts);
  return main === undefined ? undefined : (grapeNamed(main, grapeContext(facts))?.id ?? fold(main));
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
      return moreWood(left, right);
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
/** How many marks more the dearer of two has, and for how many times the price by the litre; undefined while a mark or a price is missing or currencies differ. */
export function worthInWords(left: number | undefined, right: number | undefined, a: Priced | null, b: Priced | null): string | undefined {
  if (left === undefined || right === undefined || a === null || b === null || a.currency !== b.currency || a.amount <= 0 || b.amount <= 0) return undefined;
  const times = b.amount / b.formatMl / (a.amount / a.formatMl);
  const [dearer, marks, ratio] = times >= 1 ? (['right', right - left, times] as const) : (['left', left - right, 1 / times] as const);
  const more = marks === 0 ? 'is marked the same' : `is marked ${Math.abs(marks)} ${marks > 0 ? 'higher' : 'lower'}`;
  return ratio < 1.05
    ? `At the same price by the litre the ${dearer} ${more}.`
    : `The ${dearer} ${more}, at ${ratio.toFixed(1)} times the price of the other by the litre.`;
}
