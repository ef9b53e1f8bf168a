/** A noun in the plural, by its last sound: "notes", "glasses", "washes". */
const plural = (one: string): string => (/(?:s|x|ch|sh)$/.test(one) ? `${one}es` : `${one}s`);
/** A text with a capital first letter. */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
const numbers = ['one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve'];
/** A whole number in words up to twelve, in figures beyond. */
export const inWords = (n: number, none = 'none'): string => (n === 0 ? none : (numbers[n - 1] ?? String(n)));
/** A count with its noun: "1 note", "3 notes", "no glasses". */
export const counted = (n: number, one: string, many = plural(one)): string => `${n === 0 ? 'no' : n} ${n === 1 ? one : many}`;

/** Things one after the other: "a", "a and b", "a, b and c". */
export const listed = (things: readonly string[], and = 'and'): string =>
  things.length < 2 ? (things[0] ?? '') : `${things.slice(0, -1).join(', ')} ${and} ${things.at(-1)}`;

/** Words written with a vowel and said without one, and the other way round. */
const saidWithConsonant = /^(?:uni|use|usu|eu|one\b|once\b|ufo)/i;
const saidWithVowel = /^(?:hour|honest|heir|8|11\b|18\b)/i;
/** The word after its indefinite article: "a dry white", "an off-dry white", "an 85". */
export const withArticle = (word: string): string =>
  `${saidWithVowel.test(word) || (/^[aeiou]/i.test(word) && !saidWithConsonant.test(word)) ? 'an' : 'a'} ${word}`;
