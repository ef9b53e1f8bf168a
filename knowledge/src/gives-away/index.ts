import type { Telling } from '@rose/core/tasting/gives-away';
import type { Label } from '@rose/core/tasting/uncover';
import { countryName } from '@rose/core/wine/country';
import { factOf } from '@rose/core/wine/stated';
import { grapeContext, grapesCalled } from '../grapes/index';
import { styleOf } from '../styles/index';

/** Letters from which on a word is one of a kind enough to tell. Own choice. */
const leastLetters = 4;

/** What tells of a wine when it is said aloud: its name and maker, its grapes by all their names, its places, its year, and its kind. */
export function tellingWords({ name, producer, facts }: Pick<Label, 'name' | 'producer' | 'facts'>): readonly Telling[] {
  const country = factOf(facts, 'country');
  const vintage = factOf(facts, 'vintage');
  const choice = styleOf(facts);
  const grapes = (factOf(facts, 'grapes') ?? []).flatMap(({ grape }) => [
    grape,
    ...grapesCalled(grape, grapeContext(facts)).flatMap((one) => [one.name, ...one.synonyms]),
  ]);
  const places = [
    ...(['appellation', 'site', 'region'] as const).flatMap((id) => factOf(facts, id) ?? []),
    ...(country === undefined ? [] : [countryName(country)]),
  ];
  const all: readonly Telling[] = [
    ...[name, producer].map((words): Telling => ({ words, fact: 'name' })),
    ...grapes.map((words): Telling => ({ words, fact: 'grape' })),
    ...places.map((words): Telling => ({ words, fact: 'place' })),
    ...(vintage?.kind === 'year' ? [{ words: String(vintage.year), fact: 'age' } as const] : []),
    ...(choice.unknown ? [] : [{ words: choice.style.name, fact: 'grape' } as const]),
  ];
  return [...new Map(all.filter(({ words }) => words.length >= leastLetters).map((entry) => [`${entry.fact} ${entry.words}`, entry])).values()];
}
