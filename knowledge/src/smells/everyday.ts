import { fold } from '@rose/core/wine/search-folding';

/** What people put before a word when they speak. */
const fillers =
  /^(?:(?:it|this|that|there) )?(?:smells?|tastes?|reminds me|looks?|seems?|feels?|is|s)? ?(?:of|like|a bit|a little|very|quite|rather|really|some|lots of|a lot of|a hint of|hints of|a touch of|a whiff of|a note of|notes of|fresh|freshly|a|an|the)+ /;
/** American spellings of words in use for smells. */
const british: Readonly<Record<string, string>> = {
  mold: 'mould',
  moldy: 'mouldy',
  sulfur: 'sulphur',
  sulfury: 'sulphury',
  yogurt: 'yoghurt',
  licorice: 'liquorice',
  flavor: 'flavour',
  gray: 'grey',
  caramelized: 'caramelised',
  oxidized: 'oxidised',
};

/** A word or a phrase as it is typed, without what is put before it when one speaks, in lower case, one spelling. */
export function plainWords(text: string): string {
  let plain = fold(text)
    .replace(/[’']s\b/g, ' s')
    .trim();
  for (let before = ''; before !== plain;) {
    before = plain;
    plain = plain.replace(fillers, '');
  }
  return plain
    .split(' ')
    .map((word) => british[word] ?? (british[word.slice(0, -1)] !== undefined && word.endsWith('s') ? `${british[word.slice(0, -1)]}s` : word))
    .join(' ');
}

/** The words one word may stand for: without its plural, or without the ending that makes a thing into what is like it ("plummy", "smoky", "honeyed"). */
export function formsOf(word: string): ReadonlySet<string> {
  const singular = new Set([word]);
  if (word.length > 3) {
    if (word.endsWith('ies')) singular.add(`${word.slice(0, -3)}y`);
    if (/(?:s|x|z|ch|sh|o)es$/.test(word)) singular.add(word.slice(0, -2));
    if (/[^s]s$/.test(word)) singular.add(word.slice(0, -1));
  }
  const forms = new Set(singular);
  const add = (stem: string) => {
    if (stem.length < 3) return;
    forms.add(stem);
    forms.add(`${stem}e`);
    if (stem.at(-1) === stem.at(-2)) forms.add(stem.slice(0, -1));
  };
  for (const one of singular) {
    if (one.length < 5) continue;
    if (one.endsWith('y')) add(one.slice(0, -1));
    if (one.endsWith('ey')) add(one.slice(0, -2));
    if (one.endsWith('ed')) add(one.slice(0, -2));
    if (one.endsWith('ish')) add(one.slice(0, -3));
  }
  return forms;
}
const meet = (a: string, b: string) => {
  if (a === b) return true;
  const forms = formsOf(b);
  for (const form of formsOf(a)) if (forms.has(form)) return true;
  return false;
};
/** Whether two phrases are the same word by word, whatever their number and ending. */
export function sameWords(a: string, b: string): boolean {
  const [these, those] = [a.split(' '), b.split(' ')];
  return these.length === those.length && these.every((word, i) => meet(word, those[i]!));
}

/** Letters from which a slip of one may be forgiven. */
const longEnough = 5;
/** Whether one letter added, left out, changed or put before its neighbour makes one word the other (Damerau 1964). */
export function oneSlip(a: string, b: string): boolean {
  if (a === b || Math.min(a.length, b.length) < longEnough || Math.abs(a.length - b.length) > 1) return false;
  let start = 0;
  while (start < a.length && a[start] === b[start]) start++;
  const [restA, restB] = [a.slice(start), b.slice(start)];
  return (
    restA.slice(1) === restB.slice(1) ||
    restA.slice(1) === restB ||
    restA === restB.slice(1) ||
    (restA[0] === restB[1] && restA[1] === restB[0] && restA.slice(2) === restB.slice(2))
  );
}
