/** Raise it when `fold` folds otherwise: what was folded before and kept is then written anew. */
export const foldVersion = 1;

/**
 * Text folded for searching and comparing: lower case, accents and punctuation removed, spaces single.
 * "Château d'Été" → "chateau d ete". Letters without a decomposition (ß, ø, ł, æ) are spelled out.
 */
export function fold(text: string): string {
  return text
    .normalize('NFD')
    .replace(/\p{M}+/gu, '')
    .toLowerCase()
    .replace(/[ßøłæœđþð]/g, (letter) => spelled[letter] ?? letter)
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim();
}
/** Whether a text holds every word that is asked for, however either is written. */
export function holdsWords(text: string, asked: string): boolean {
  const folded = fold(text);
  return fold(asked)
    .split(' ')
    .every((word) => folded.includes(word));
}
const spelled: Record<string, string> = { ß: 'ss', ø: 'o', ł: 'l', æ: 'ae', œ: 'oe', đ: 'd', þ: 'th', ð: 'd' };

/** A number with at most `digits` decimals and no trailing zeros: 13.50 → "13.5". */
export function plain(value: number, digits = 1): string {
  return String(Number(value.toFixed(digits)));
}

/** A push with its sign and a true minus: +6, −9, 0. */
export function signed(value: number, digits = 0): string {
  const rounded = Number(value.toFixed(digits));
  if (rounded === 0) return '0';
  return `${rounded > 0 ? '+' : '−'}${Math.abs(rounded).toFixed(digits)}`;
}
