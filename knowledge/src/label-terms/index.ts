import { fold } from '@rose/core/wine/search-folding';
import { factOf } from '@rose/core/wine/stated';
import type { WineDocument, WineFacts } from '@rose/core/wine/facts';
import { labelTerms, type Implied, type LabelTerm } from './data';

export interface FoundTerm {
  /** As it was found, in the words of the table. */
  readonly word: string;
  readonly means: string;
  readonly source: string;
  /** What it lets one state and nobody has stated yet. */
  readonly implies: readonly Implied[];
}
const rows = labelTerms.flatMap((entry) => entry.words.map((word) => ({ entry, word, folded: fold(word) }))).sort((a, b) => b.folded.length - a.folded.length);
const holdsOf = (facts: WineFacts, { countries, colours }: LabelTerm) => {
  const [country, colour] = [factOf(facts, 'country')?.toUpperCase(), factOf(facts, 'colour')];
  return (
    (countries === undefined || (country !== undefined && countries.includes(country))) &&
    (colours === undefined || (colour !== undefined && colours.includes(colour)))
  );
};

/**
 * The words of a wine's label, its name and its appellation, that say how it was made or graded, where they mean that in its country; the longest of those
 * that overlap. Nothing is stated by it: what a word implies is offered, and a stated fact is never touched.
 */
export function termsOnLabel(wine: Pick<WineDocument, 'name' | 'facts'>): readonly FoundTerm[] {
  let text = ` ${fold(`${wine.name} ${factOf(wine.facts, 'appellation') ?? ''}`)} `;
  const found: FoundTerm[] = [];
  for (const { entry, word, folded } of rows) {
    if (!text.includes(` ${folded} `) || !holdsOf(wine.facts, entry)) continue;
    text = text.replaceAll(` ${folded} `, ' · ');
    found.push({ word, means: entry.means, source: entry.source, implies: entry.implies.filter(({ id }) => factOf(wine.facts, id) === undefined) });
  }
  return found;
}
