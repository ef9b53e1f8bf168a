import { plainWords, oneSlip, sameWords } from './everyday';
import type { Chip } from '@rose/core/wine/note';
import type { Echo } from '@rose/core/pairing/dish';
import { descriptorOrigins, descriptors, families, type Descriptor, type FamilyId } from './data';

export { descriptorOrigins, descriptors, families, type Descriptor, type FamilyId };

/** A whole family as a smell: what a prompt deck records for somebody who has no finer word yet. */
export const familyTerm = (family: FamilyId) => `family-${family}`;
const wholeFamilies = (Object.keys(families) as FamilyId[]).map((family): Descriptor => ({
  id: familyTerm(family),
  name: families[family].label,
  family,
  origin: family === 'fault' ? 'fault' : 'grape',
  synonyms: families[family].words,
}));
const byId = new Map([...descriptors, ...wholeFamilies].map((entry) => [entry.id, entry]));
export const descriptor = (id: string): Descriptor | undefined => byId.get(id);

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
        const found = chip.term === undefined ? undefined : descriptor(chip.term);
        const echo = found === undefined ? null : families[found.family].echo;
        return echo === null ? [] : [echo];
      }),
    ),
  ];
}
