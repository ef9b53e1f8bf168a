import { byGuessing } from '../statistics/binomial';
import { byRanking, rankSums } from '../statistics/friedman';
import { capital, inWords } from '../wine/plural';
import { luckInWords } from './call';

/**
 * The odd one of three: how many found it, against guessing among three. The exact upper tail of the binomial, as the triangle test of ISO 4120 counts it.
 * @param right who named the odd glass, of `of` who had a set with exactly one
 */
export function triangleInWords(right: number, of: number): string {
  if (of === 0) return 'Nobody had a set with one odd glass in it.';
  return `${capital(inWords(right, 'none'))} of ${inWords(of)} found the odd one. Guessing among three, ${inWords(Math.max(1, right))} or more would be right ${luckInWords(byGuessing(right, of, 1 / 3))}.`;
}
/**
 * One of two: how the table chose between two wines, wherever each stood, against a toss. Both tails of the binomial: nothing was expected beforehand (ISO 5495, two-sided).
 * @param chosen how often each wine was chosen, by its name
 */
export function pairInWords(chosen: readonly { readonly wine: string; readonly people: number }[]): string {
  const [first, second] = [...chosen].sort((a, b) => b.people - a.people || a.wine.localeCompare(b.wine));
  if (first === undefined || second === undefined) return 'Too few chose to say.';
  const of = first.people + second.people;
  if (of === 0) return 'Nobody chose.';
  const tail = first.people === second.people ? 1 : Math.min(1, 2 * byGuessing(first.people, of));
  return `${first.wine} was chosen by ${inWords(first.people)}, ${second.wine} by ${inWords(second.people, 'none')}. Tossing a coin comes out as uneven ${luckInWords(tail)}.`;
}

/** An answer to a question about a set: which option, and the wines of the set before whoever gave it, in its order. */
export interface SetAnswer {
  readonly option: number;
  readonly wines: readonly ({ readonly id: string; readonly name: string } | undefined)[];
}
/** How a set came out over a panel, wherever each seat's glasses stood: of three glasses whether the odd one was found, of two which wine was chosen. */
export function setInWords(glasses: number, answers: readonly SetAnswer[]): string {
  const whole = answers.filter(({ wines }) => wines.length === glasses && wines.every((wine) => wine !== undefined));
  if (glasses === 2) {
    const people = new Map<string, { wine: string; people: number }>();
    for (const { option, wines } of whole)
      wines.forEach((wine, at) => {
        const known = people.get(wine!.id) ?? { wine: wine!.name, people: 0 };
        people.set(wine!.id, { ...known, people: known.people + (at === option ? 1 : 0) });
      });
    return people.size === 2 ? pairInWords([...people.values()]) : 'The glasses of this pair were not the same two wines at every seat.';
  }
  const found = whole.flatMap(({ option, wines }) => {
    const odd = wines.findIndex((wine) => wines.filter((other) => other!.id === wine!.id).length === 1);
    return new Set(wines.map((wine) => wine!.id)).size === 2 ? [option === odd] : [];
  });
  return triangleInWords(found.filter(Boolean).length, found.length);
}

/** Glasses somebody can put in order: two are a pair, more than six nobody keeps apart. Own choice. */
export const rankable = { least: 3, most: 6 } as const;
/** Orders from which on a table's order is told. Own choice. */
const leastRanked = 2;
/**
 * Glasses put in order: the wines by their mean place, and how often orders made at random come out as far apart (Friedman's test, ISO 8587).
 * @param answers each with its glasses from the best down, by their places in the set
 */
export function rankingInWords(answers: readonly (SetAnswer & { readonly ranking: readonly number[] })[]): string {
  const orders = answers
    .filter(({ wines, ranking }) => wines.length === ranking.length && wines.every((wine) => wine !== undefined))
    .map(({ wines, ranking }) => ranking.map((at) => wines[at]!));
  const names = new Map(orders.flat().map((wine) => [wine.id, wine.name]));
  const ids = [...names.keys()];
  if (orders.length < leastRanked) return 'Too few put them in order to say.';
  // A wine poured twice to a seat has two places in its order, and no test of ranks is made for that.
  if (orders.some((order) => order.length !== ids.length || new Set(order.map((wine) => wine.id)).size !== ids.length))
    return 'The glasses of this set were not the same wines at every seat, each once: they have no common order.';
  const sums = rankSums(orders.map((order) => order.map((wine) => ids.indexOf(wine.id))));
  const means = ids.map((id, i) => ({ name: names.get(id)!, mean: sums[i]! / orders.length })).sort((a, b) => a.mean - b.mean || a.name.localeCompare(b.name));
  const places = means.map(({ name, mean }) => `${name} ${mean.toFixed(1)}`);
  return `Mean places, from the best: ${places.join(', ')}. If all were alike, ${inWords(orders.length)} orders come out as far apart ${luckInWords(byRanking(sums, orders.length))}.`;
}
