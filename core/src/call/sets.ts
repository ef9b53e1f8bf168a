import { byGuessing } from '../statistics/binomial';
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
  return `${first.wine} was chosen by ${inWords(first.people)}, ${second.wine} by ${inWords(second.people)}. Tossing a coin comes out as uneven ${luckInWords(tail)}.`;
}
