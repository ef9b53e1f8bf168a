import type { Spoken } from '@rose/core/prose/prose';
import type { Chip } from '@rose/core/wine/note';
import { fold } from '@rose/core/wine/search-folding';
import { formsOf, plainWords } from './everyday';
import { chipName, descriptors, families, termName } from './index';

/** Words that say what a wine is like and are no thing, and that no ending gives away: common practice. */
const like = new Set(
  (
    'floral tropical herbaceous green herbal vegetal mineral savoury salty rocky autolytic animal unclean dirty off musty mouldy corked oxidised sherried cooked ' +
    'stewed jammy medicinal sulphury lightstruck saline minerally sweaty fruity fresh ripe zesty exotic leafy perfumed flowery catty foxy lifted reductive maderised ' +
    'baked candied dried overripe unripe acetic yeasty rubbery aromatic dusty oaky ashy inky'
  ).split(' '),
);
const things = new Set(
  [...descriptors.flatMap(({ name, synonyms }) => [name, ...synonyms]), ...Object.values(families).flatMap(({ label, words }) => [label, ...words])].map(
    plainWords,
  ),
);
/** Whether a word says what a wine is like: "floral", or a thing with an ending, as "smoky" is of smoke. */
export function isLike(word: string): boolean {
  const plain = plainWords(word);
  if (like.has(plain)) return true;
  if (plain.includes(' ') || !/(?:y|ed|ish)$/.test(plain)) return false;
  const stem = plain.replace(/(?:y|ed|ish)$/, '');
  return [...formsOf(plain)].some((form) => form !== plain && form.length <= stem.length + 1 && things.has(form));
}
/** Words that begin a sentence and no name. */
const sentence = /^(?:it|this|that|there|smells?|tastes?|like|as|reminds?|a bit|a little|kind of|sort of|somewhat|something|i|my)\b/i;

/** How a smell stands in a sentence of the note. */
export function spoken(chip: Chip): Spoken {
  const name = chipName(chip).trim();
  // What is filed under a word of ours is said by its taster's word, without "smells like a" before it.
  const said = chip.term !== undefined && sentence.test(name) ? plainWords(name) || termName(chip) : name;
  if (chip.term === undefined && (sentence.test(said) || fold(said).split(' ').length > 4 || /[.!?,;:]/.test(said))) return { name: said, as: 'own' };
  return { name: said, as: isLike(said) ? 'adjective' : 'noun' };
}
