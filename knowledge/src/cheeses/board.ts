import { bandOf, fitOf, shownFit, type Fit, type PairingWine } from '@rose/core/pairing/dish-fit';
import { speaksFor } from '../pairing/choices';
import { dishOf, hardest } from '../pairing/index';
import { cheeseFacts, cheeseInWords, minutesOut, type CheeseFacts } from './index';

/** A cheese beside a wine. */
export interface Cell {
  readonly wine: string;
  /** 0–100 as it is shown, with its word and why. */
  readonly shown: number;
  readonly band: string;
  readonly because: string;
}
export interface BoardCheese {
  readonly id: string;
  readonly name: string;
  /** Milk, rind, paste and age in a line. */
  readonly what: string;
  /** Minutes out of the fridge before it is eaten. */
  readonly minutesOut: number;
  /** Grams a guest. */
  readonly grams: number;
  readonly cells: readonly Cell[];
}
/** Cheese a guest eats off a board, g. Common practice. */
const gramsAGuest = 90;
/** What a second cheese of one paste, or of one milk, loses beside another, in points a wine. Own choice: a board is varied. */
const samePaste = 5;
const sameMilk = 1.5;
/** The share of a fit that counts where another cheese serves the wine better. Own choice. */
const alsoCounts = 0.2;
/** How little a cheese may fit any wine it is put beside. */
const leastOfAll = 30;

interface Judged {
  readonly facts: CheeseFacts;
  readonly fits: readonly Fit[];
  readonly strength: number;
}
let plates: readonly { readonly facts: CheeseFacts; readonly plate: ReturnType<typeof dishOf> }[] | undefined;
const judged = (wines: readonly PairingWine[]): readonly Judged[] =>
  (plates ??= cheeseFacts.map((facts) => ({ facts, plate: dishOf([{ part: facts.id }]) }))).map(({ facts, plate }) => ({
    facts,
    fits: wines.map((wine) => fitOf(plate, wine)),
    strength: plate.taste.savour + 0.5 * plate.taste.salt + (facts.paste === 'blue' ? 40 : 0),
  }));

/**
 * A board of cheeses for the wines of a flight: one by one the cheese that gives most to the wines it serves best, less for a paste or a milk that is there already;
 * in the order they are eaten, mild before strong, blue last.
 * @param wines 1–40 wines
 * @param count cheeses, 1–8
 */
export function boardFor(wines: readonly PairingWine[], count: number): readonly BoardCheese[] {
  if (wines.length === 0) return [];
  const all = judged(wines).filter(({ fits }) => Math.max(...fits.map(({ fit }) => shownFit(fit))) >= leastOfAll);
  const board: Judged[] = [];
  // By the score, which has no end: of two that are made for a wine the one that is more so.
  const bestOf = (w: number) => Math.max(0, ...board.map(({ fits }) => fits[w]!.fit));
  while (board.length < Math.min(count, all.length)) {
    const gain = ({ facts, fits }: Judged): number => {
      const better = fits.reduce((sum, { fit }, w) => sum + Math.max(0, fit - bestOf(w)) + alsoCounts * fit, 0) / wines.length;
      return (
        better -
        samePaste * board.filter((one) => one.facts.paste === facts.paste).length -
        sameMilk * board.filter((one) => one.facts.milk === facts.milk).length
      );
    };
    const left = all.filter((one) => !board.includes(one));
    board.push(left.reduce((best, one) => (gain(one) > gain(best) ? one : best)));
  }
  return board
    .toSorted((a, b) => a.strength - b.strength || (a.facts.id < b.facts.id ? -1 : 1))
    .map(({ facts, fits }) => ({
      id: facts.id,
      name: facts.name,
      what: cheeseInWords(facts),
      minutesOut: minutesOut(facts),
      grams: Math.round(gramsAGuest / board.length / 5) * 5,
      cells: fits.map((fit) => ({
        wine: fit.wine,
        shown: shownFit(fit.fit),
        band: bandOf(fit.fit).name,
        because: (fit.fit >= 50 ? speaksFor(fit) : hardest(fit)).text,
      })),
    }));
}
