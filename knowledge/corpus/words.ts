import { fold } from '@rose/core/wine/search-folding';
import type { ObservableId } from '@rose/core/wine/observables';
import { rowsSaid, saidInWords } from '../src/sensations/said';
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

/** The rows a word of taste, feel or look may belong to, by the plain family it was filed under. */
const rowsOfFamily: Readonly<Record<string, readonly ObservableId[]>> = {
  balance: ['acidity', 'balance'],
  acidity: ['acidity'],
  bitterness: ['bitterness'],
  sweetness: ['sweetness'],
  alcohol: ['alcohol'],
  'texture of tannin': ['tannin', 'tanninGrain'],
  texture: ['texture'],
  body: ['body', 'texture'],
  bubbles: ['bubbles', 'bead', 'foam'],
  look: ['clarity', 'particles', 'tears', 'depth', 'hue', 'rimHue', 'browning'],
};
/** A word of taste, feel or look lands on its own row; a word that judges stays its taster's own: no row and no smell is put in its place. */
function judgeRow({ id, says, means, family, kind, certainty }: WordCase): readonly Expectation[] {
  const rows = rowsSaid(says);
  const whole = completions(says, 1)[0]?.match === 'whole';
  const wanted = rowsOfFamily[family] ?? [];
  return [
    {
      group: kind === 'judgement' ? 'words of judgement' : 'words of taste and look',
      key: `${id} row`,
      right: Number(kind === 'judgement' ? rows.length === 0 && !whole : rows.some((row) => wanted.includes(row.id))),
      certainty,
      wanted: `${says}: ${means} (${kind === 'judgement' ? 'its taster’s own' : wanted.join(' or ')})`,
      said: rows.length === 0 ? (whole ? 'a smell' : 'own words') : rows.map((row) => `${row.id} ${saidInWords(row)}`).join(', '),
      ...(kind !== 'judgement' && wanted.length === 0 ? { notPlaced: family } : {}),
    },
  ];
}

/** An everyday word of smell or fault: the first completion, or one of three that are near, is what it means or of its family. Others land on rows of the note. */
export function judgeWord(entry: WordCase): readonly Expectation[] {
  const { id, says, means, family, kind, certainty } = entry;
  if (kind !== 'smell' && kind !== 'fault') return judgeRow(entry);
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
