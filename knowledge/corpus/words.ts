import { fold } from '@rose/core/wine/search-folding';
import { completions, type FamilyId } from '../src/smells/index';
import type { WordCase } from './cases';
import type { Expectation } from './score';

/** The plain families of words, each as at most three of ours. */
export const wordFamilies: Readonly<Record<string, readonly FamilyId[]>> = {
  'citrus fruit': ['citrus'],
  'green and orchard fruit': ['orchard'],
  'fermentation ester': ['tropical', 'orchard'],
  'stone fruit': ['stone'],
  'dried and cooked fruit': ['dried'],
  'tropical fruit': ['tropical'],
  'red fruit': ['red'],
  'black fruit': ['dark'],
  floral: ['flower'],
  herbaceous: ['herb', 'vegetable'],
  'herbal and savoury': ['vegetable', 'dryherb'],
  herbal: ['herb', 'dryherb'],
  spice: ['spice'],
  mineral: ['stony'],
  reduction: ['fault'],
  petrol: ['petrol'],
  honey: ['honey'],
  malolactic: ['dairy'],
  oak: ['wood', 'bread'],
  autolysis: ['bread'],
  'sweet and caramel': ['sweet'],
  'bottle age': ['earth', 'animal'],
  earthy: ['earth'],
  tar: ['stony'],
  'cork taint': ['fault'],
  brettanomyces: ['fault'],
  mousiness: ['fault'],
  sulphur: ['fault'],
  'heat damage': ['dried', 'fault'],
  'volatile acidity': ['fault'],
  'smoke taint': ['fault'],
  'light strike': ['fault'],
  oxidation: ['fault'],
  'fruit in general': ['red', 'orchard', 'tropical'],
};
/** So many are offered where no word is meant for sure. */
const offered = 3;

/** An everyday word of smell or fault: the first completion, or one of three that are near, is what it means or of its family. Words of taste, texture and look have no place here yet. */
export function judgeWord({ id, says, means, family, kind, certainty }: WordCase): readonly Expectation[] {
  if (kind !== 'smell' && kind !== 'fault') return [];
  const found = completions(says, offered);
  const whole = found[0]?.match === 'whole';
  const shown = whole ? found.slice(0, 1) : found;
  const families = wordFamilies[family] ?? [];
  const meant = means.split(',').map((word) => fold(word));
  const right = shown.some(
    ({ descriptor }) => families.includes(descriptor.family) || [descriptor.name, ...descriptor.synonyms].some((name) => meant.includes(fold(name))),
  );
  return [
    {
      group: 'words',
      key: `${id} word`,
      right: Number(right),
      certainty,
      wanted: `${says}: ${means} (${family})`,
      said: shown.length === 0 ? 'nothing' : `${whole ? '' : 'nearest to: '}${shown.map(({ descriptor }) => descriptor.name).join(', ')}`,
      ...(families.length === 0 ? { notPlaced: family } : {}),
    },
  ];
}
