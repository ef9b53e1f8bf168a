import { fold } from '@rose/core/wine/search-folding';
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
  synonyms: [],
}));
const byId = new Map([...descriptors, ...wholeFamilies].map((entry) => [entry.id, entry]));
export const descriptor = (id: string): Descriptor | undefined => byId.get(id);

/** How a chip is called: the taster's own words, else the descriptor's name. */
export const chipName = (chip: Chip): string => chip.words ?? (chip.term === undefined ? '' : (descriptor(chip.term)?.name ?? chip.term));

const searchable = descriptors.map((entry) => ({ entry, names: [entry.name, ...entry.synonyms].map((name) => ({ name, folded: fold(name) })) }));

export interface Completion {
  readonly descriptor: Descriptor;
  /** The synonym that matched, when it is not the name. */
  readonly by: string | undefined;
}

/** Descriptors whose name or a synonym starts with the text, or has a word that does; names before synonyms, whole starts before inner words. */
export function completions(text: string, most = 8): readonly Completion[] {
  const wanted = fold(text);
  if (wanted === '') return [];
  const scored = searchable.flatMap(({ entry, names }) => {
    const hits = names.flatMap(({ name, folded }, i) => {
      const rank = folded === wanted ? 0 : folded.startsWith(wanted) ? 1 : folded.includes(` ${wanted}`) ? 2 : -1;
      return rank < 0 ? [] : [{ rank: rank * 2 + (i === 0 ? 0 : 1), name: i === 0 ? undefined : name }];
    });
    const best = hits.sort((a, b) => a.rank - b.rank)[0];
    return best === undefined ? [] : [{ entry, best }];
  });
  return scored
    .sort((a, b) => a.best.rank - b.best.rank || (a.entry.name < b.entry.name ? -1 : 1))
    .slice(0, most)
    .map(({ entry, best }) => ({ descriptor: entry, by: best.name }));
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
