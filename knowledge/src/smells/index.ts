import { plainWords, oneSlip, sameWords } from './everyday';
import type { Chip } from '@rose/core/wine/note';
import type { Echo } from '@rose/core/pairing/dish';
import { keysOf } from '@rose/core/wine/keys';
import { alsoOf, descriptorOrigins, descriptors, echoOf, families, type Descriptor, type FamilyId } from './data';

export { descriptorOrigins, descriptors, families, type Descriptor, type FamilyId };

/** A whole family as a smell: what a prompt deck records for somebody who has no finer word yet. */
export const familyTerm = (family: FamilyId) => `family-${family}`;
/** Where most words of a family come from. */
function usualOrigin(family: FamilyId): Descriptor['origin'] {
  const of = descriptors.filter((entry) => entry.family === family).map(({ origin }) => origin);
  const count = (origin: Descriptor['origin']) => of.filter((other) => other === origin).length;
  return keysOf(descriptorOrigins).reduce((best, origin) => (count(origin) > count(best) ? origin : best));
}
const wholeFamilies = (Object.keys(families) as FamilyId[]).map((family): Descriptor => ({
  id: familyTerm(family),
  name: families[family].label,
  family,
  origin: usualOrigin(family),
  synonyms: families[family].words,
}));
const byId = new Map([...descriptors, ...wholeFamilies].map((entry) => [entry.id, entry]));
export const descriptor = (id: string): Descriptor | undefined => byId.get(id);

/** Own words the vocabulary knows after all: filed when it did not, or by a hand that typed them whole. By the words as written. */
const known = new Map<string, Descriptor | undefined>();
function byWords(words: string): Descriptor | undefined {
  if (!known.has(words)) {
    const [best] = completions(words, 1);
    known.set(words, best?.match === 'whole' ? best.descriptor : undefined);
  }
  return known.get(words);
}
/** The word of the vocabulary a chip counts as: the one it was filed under, else the one its own words are; undefined for words nobody has. */
export const descriptorOf = ({ term, words }: Pick<Chip, 'term' | 'words'>): Descriptor | undefined =>
  term !== undefined ? descriptor(term) : words === undefined ? undefined : byWords(words);
/** The families a word may come of: its own, and the other where it has two origins. */
export const familiesOf = ({ id, family }: Descriptor): readonly FamilyId[] => {
  const also = alsoOf[id];
  return also === undefined ? [family] : [family, also];
};

/** The pairs of families that words of two origins may come of, each once. */
export const doubled: readonly (readonly [FamilyId, FamilyId])[] = descriptors
  .flatMap(({ id, family }): (readonly [FamilyId, FamilyId])[] => (alsoOf[id] === undefined ? [] : [[family, alsoOf[id]]]))
  .filter(([family, also], at, all) => all.findIndex((other) => other[0] === family && other[1] === also) === at);

/** The word of the vocabulary a chip is filed under, whatever its taster called it; '' for own words alone. */
export const termName = ({ term }: Chip): string => (term === undefined ? '' : (descriptor(term)?.name ?? term));
/** How a chip is called: the taster's own words, else the descriptor's name. */
export const chipName = (chip: Chip): string => chip.words ?? termName(chip);

const isFamily = ({ id }: Descriptor) => id.startsWith('family-');
/** Families stand before their words where both answer as well. */
const searchable = [...wholeFamilies, ...descriptors].map((entry) => ({
  entry,
  names: [entry.name, ...entry.synonyms].map((name) => ({ name, plain: plainWords(name) })),
}));

export interface Completion {
  readonly descriptor: Descriptor;
  /** The synonym that matched, when it is not the name. */
  readonly by: string | undefined;
  /** `whole`: what was typed is this word, in whatever number or ending; `begins`: it is the beginning of it; `near`: it is one letter away. */
  readonly match: 'whole' | 'begins' | 'near';
}
/** How well a name answers, the best first: the same, the same in another number or ending, its beginning, the beginning of a word in it, one slip away. */
const ranks = ['same', 'form', 'start', 'inner', 'slip'] as const;
function rankOf(typed: string, plain: string): number {
  if (plain === typed) return 0;
  if (sameWords(plain, typed)) return 1;
  if (plain.startsWith(typed)) return 2;
  if (plain.includes(` ${typed}`)) return 3;
  return oneSlip(plain, typed) ? 4 : ranks.length;
}

/**
 * Smells whose name or a synonym is the text, in whatever number, ending or spelling, begins with it, has a word that does, or is one letter away; a family
 * before its words, names before synonyms.
 */
export function completions(text: string, most = 8): readonly Completion[] {
  const typed = plainWords(text);
  if (typed === '') return [];
  const scored = searchable.flatMap(({ entry, names }) => {
    const hits = names.map(({ name, plain }, i) => ({ rank: rankOf(typed, plain), named: i === 0, by: i === 0 ? undefined : name }));
    const best = hits.sort((a, b) => a.rank - b.rank || Number(b.named) - Number(a.named))[0]!;
    return best.rank === ranks.length ? [] : [{ entry, best }];
  });
  return scored
    .sort(
      (a, b) =>
        a.best.rank - b.best.rank ||
        Number(b.best.named) - Number(a.best.named) ||
        Number(isFamily(b.entry)) - Number(isFamily(a.entry)) ||
        (a.entry.name < b.entry.name ? -1 : 1),
    )
    .slice(0, most)
    .map(({ entry, best }) => ({ descriptor: entry, by: best.by, match: best.rank <= 1 ? 'whole' : best.rank <= 3 ? 'begins' : 'near' }));
}

/** The smells of a note that food can share. */
export function echoesOf(chips: readonly Chip[]): readonly Echo[] {
  return [
    ...new Set(
      chips.flatMap((chip) => {
        const found = descriptorOf(chip);
        const own = found === undefined ? null : echoOf[found.id];
        const echo = own !== undefined ? own : families[found!.family].echo;
        return echo === null ? [] : [echo];
      }),
    ),
  ];
}
