import { fitBands } from './dish-fit';

/** What somebody finds of a wine with a dish: one of the bands a fit is told by. */
export type Verdict = (typeof fitBands)[number]['id'];
export const verdictNames = Object.fromEntries(fitBands.map(({ id, name }) => [id, name])) as Record<Verdict, string>;
/** The scores a verdict stands for, from and below; the outer two have no end. */
export function verdictSpan(verdict: Verdict): readonly [from: number, below: number] {
  const at = fitBands.findIndex(({ id }) => id === verdict);
  return [fitBands[at]!.least, fitBands[at - 1]?.least ?? Infinity];
}
