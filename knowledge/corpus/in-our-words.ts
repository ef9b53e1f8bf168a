import { classOfHue, hueLadders, type ColourClass, type Hue, type Reading } from '@rose/core/wine/observables';
import { fold } from '@rose/core/wine/search-folding';
import { completions, type FamilyId } from '../src/smells/index';
import type { Synonyms } from './cases';

/** Plain families of smell, each as at most three of ours. */
export const familiesOf: Readonly<Record<string, readonly (FamilyId | 'pepper')[]>> = {
  citrus: ['citrus'],
  'green or herbal': ['herb', 'vegetable'],
  floral: ['flower'],
  'green fruit': ['orchard'],
  'red fruit': ['red'],
  'dark fruit': ['dark'],
  'dried fruit': ['dried'],
  'stone fruit': ['stone'],
  'tropical fruit': ['tropical'],
  'oak toast smoke': ['wood'],
  'mineral salt': ['stony'],
  'vanilla sweet spice': ['spice', 'wood', 'sweet'],
  'dried herb': ['dryherb'],
  spice: ['spice'],
  pepper: ['pepper', 'spice'],
  'meat savoury': ['animal'],
  'leather animal': ['animal'],
  'bread yeast': ['bread'],
  'earth forest': ['earth'],
  nut: ['nut'],
  'butter dairy': ['dairy'],
  'honey wax': ['honey'],
  vegetal: ['vegetable', 'herb'],
  petrol: ['petrol'],
  oxidised: ['fault'],
  'chemical fault': ['fault'],
  'musty fault': ['fault'],
  other: [],
};
/** Our own word for a smell, where we have just that one. */
const ownWord = (word: string) => {
  const found = completions(word, 1)[0]?.descriptor;
  return found !== undefined && [found.name, ...found.synonyms].some((name) => fold(name) === fold(word)) ? found : undefined;
};
const peppers = new Set(['black-pepper', 'white-pepper']);
/** Our families of a smell word of wines and notes: the family of our own word where we have it, else those of the word's plain family. */
export function familiesOfSmell(word: string, { smellFamilies }: Synonyms): readonly (FamilyId | 'pepper')[] {
  const own = ownWord(word);
  if (own !== undefined) return peppers.has(own.id) ? ['pepper', 'spice'] : [own.family];
  return familiesOf[smellFamilies[word] ?? ''] ?? [];
}

/** A smell as a chip: our word where we have just that one, else its family. */
export function chipFor(word: string, synonyms: Synonyms): { readonly term: string } | undefined {
  const own = ownWord(word);
  if (own !== undefined) return { term: own.id };
  const family = familiesOfSmell(word, synonyms).at(-1) === 'spice' ? 'spice' : familiesOfSmell(word, synonyms)[0];
  return family === undefined ? undefined : { term: `family-${family}` };
}

/** Smells behind a word of style that no reading settles. */
export const smellsBehind: Readonly<Record<string, readonly (FamilyId | 'pepper')[]>> = {
  toasty: ['bread', 'wood'],
  creamy: ['dairy'],
  fruity: ['red', 'dark', 'citrus', 'orchard', 'stone', 'tropical'],
  nutty: ['nut'],
  raisin: ['dried'],
  savoury: ['earth', 'animal', 'dryherb'],
  peppery: ['pepper', 'spice'],
  botrytis: ['honey'],
  oxidative: ['nut', 'sweet'],
};

export const colours: Readonly<Record<string, ColourClass>> = { white: 'white', rosé: 'rose', red: 'red', amber: 'amber', orange: 'amber' };

/** Words for a hue, the telling ones first, by colour class. */
const hueWords: Readonly<Record<ColourClass, readonly (readonly [word: string, hue: Hue])[]>> = {
  white: [
    ['colourless', 'colourless'],
    ['water', 'colourless'],
    ['brown', 'brown'],
    ['deep gold', 'oldgold'],
    ['old gold', 'oldgold'],
    ['amber', 'oldgold'],
    ['copper', 'oldgold'],
    ['lemon-gold', 'straw'],
    ['gold-lemon', 'straw'],
    ['gold', 'gold'],
    ['straw', 'straw'],
    ['green', 'greenish'],
    ['lemon', 'lemon'],
    ['yellow', 'lemon'],
  ],
  rose: [
    ['onion', 'onion'],
    ['orange', 'onion'],
    ['copper', 'onion'],
    ['salmon', 'salmon'],
    ['peach', 'salmon'],
    ['pink', 'pink'],
    ['magenta', 'pink'],
    ['cherry', 'pink'],
    ['red', 'pink'],
  ],
  amber: [
    ['copper', 'copper'],
    ['pink', 'copper'],
    ['orange', 'orange'],
    ['amber', 'orange'],
    ['gold', 'honey'],
    ['honey', 'honey'],
  ],
  red: [
    ['mahogany', 'mahogany'],
    ['brown', 'mahogany'],
    ['tawny', 'tawny'],
    ['amber', 'tawny'],
    ['brick', 'brick'],
    ['orange', 'brick'],
    ['garnet', 'garnet'],
    ['purple', 'purple'],
    ['magenta', 'purple'],
    ['ruby', 'ruby'],
  ],
};
/** The hue a phrase means for a wine of a colour; one on the ladder of that colour. */
export const hueFor = (phrase: string, colour: ColourClass): Hue | undefined => {
  const hue = hueWords[colour].find(([word]) => phrase.includes(word))?.[1];
  return hue !== undefined && classOfHue(hue) === colour && hue in hueLadders[colour] ? hue : undefined;
};

/** Feel in the mouth, where the phrase means one of ours. */
export const textureFor = (phrase: string): 'oily' | 'creamy' | 'lean' | 'grainy' | 'smooth' | undefined =>
  /oily|thick|syrup/.test(phrase)
    ? 'oily'
    : /creamy/.test(phrase)
      ? 'creamy'
      : /steely|watery|hollow/.test(phrase)
        ? 'lean'
        : /smooth|round|soft(?! fizz)/.test(phrase)
          ? 'smooth'
          : undefined;
/** Bubbles felt in the mouth, where the phrase tells of them. */
export const bubblesFor = (phrase: string): number | undefined =>
  /prickle/.test(phrase) ? 18 : /few small bubbles|soft fizz|gentle fizz/.test(phrase) ? 42 : /bubbles|foam|froth|mousse|fizz/.test(phrase) ? 72 : undefined;
export const grainFor = (phrase: string): 'silk' | 'dust' | 'chalk' | 'coarse' | undefined =>
  /silk|velvet|soft|resolved/.test(phrase)
    ? 'silk'
    : /dust|fine|tea/.test(phrase)
      ? 'dust'
      : /drying|massive|firm|powerful/.test(phrase)
        ? 'coarse'
        : undefined;

/** A class, or a span of classes, on our 0–100. */
export const readingOf = (classes: number | readonly [number, number]): Reading =>
  typeof classes === 'number' ? classes * 20 - 10 : [classes[0] * 20 - 10, classes[1] * 20 - 10];
/** A value of 0–100 as a class with a decimal. */
export const classOf = (value: number): number => 0.5 + value / 20;
/** Whether a value lies in a class or a span of them; within 3 of a border it counts for both. */
export function inClasses(value: number, classes: number | readonly [number, number]): boolean {
  const [low, high] = typeof classes === 'number' ? [classes, classes] : classes;
  return value >= (low - 1) * 20 - 3 && value <= high * 20 + 3;
}

/** Closures of the cases as ours. */
export const closures = { cork: 'cork', screw: 'screw', 'sparkling cork': 'mushroom', crown: 'crown', 'screw cap': 'screw' } as const;
export const oaks = { none: 'none', used: 'used', 'partly new': 'some', new: 'new' } as const;
export const rungFor: Readonly<Record<string, string>> = {
  'light white': 'white',
  'full white': 'white',
  rosé: 'rose',
  'light red': 'red',
  'full red': 'red',
  sparkling: 'sparkling',
  sweet: 'sweet',
  fortified: 'fortified',
  amber: 'amber',
};
export const airFor: Readonly<Record<string, readonly string[]>> = {
  none: ['none'],
  'open early': ['open'],
  decant: ['gentle', 'double'],
  'two glasses': ['open'],
};
