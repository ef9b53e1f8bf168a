import { shareInWords, type GrapeShare, type Share } from './facts';

/** A number with a decimal point or comma. */
export function numberFromText(text: string): number | undefined {
  const cleaned = text.trim().replace(/\s/g, '');
  const plain = /^-?\d{1,3}(,\d{3})+(\.\d+)?$/.test(cleaned) ? cleaned.replace(/,/g, '') : cleaned.replace(',', '.');
  return /^-?\d+(\.\d+)?$/.test(plain) ? Number(plain) : undefined;
}

/** Grapes as people write them, each with its share as far as it is said: "Nerello Mascalese 85 %, Nerello Cappuccio", "60% Syrah / 40% Grenache". */
export function grapesFromText(text: string): GrapeShare[] {
  return text
    .split(/[,;/+&]|\band\b/)
    .map((piece) => piece.trim())
    .filter((piece) => piece !== '')
    .map((piece) => {
      const between = /(\d+(?:[.,]\d+)?)\s*(?:–|-|to)\s*(\d+(?:[.,]\d+)?)\s*%?/.exec(piece);
      const exact = /(about|ca\.?|around|~)?\s*(\d+(?:[.,]\d+)?)\s*%?/.exec(piece);
      const words = piece
        .replace(/(about|ca\.?|around|~)?\s*\d+(?:[.,]\d+)?(\s*(?:–|-|to)\s*\d+(?:[.,]\d+)?)?\s*%?/i, '')
        .replace(/\b(mostly|some|a little)\b/i, '')
        .trim();
      const share: Share =
        between !== null
          ? { kind: 'between', low: numberFromText(between[1]!)!, high: numberFromText(between[2]!)! }
          : exact !== null
            ? { kind: exact[1] === undefined ? 'exact' : 'about', percent: numberFromText(exact[2]!)! }
            : /mostly/i.test(piece)
              ? { kind: 'mostly' }
              : /\b(some|a little)\b/i.test(piece)
                ? { kind: 'some' }
                : { kind: 'unknown' };
      return { grape: words || piece, share };
    });
}
/** {@link grapesFromText} back again. */
export const grapesAsText = (grapes: readonly GrapeShare[]): string =>
  grapes.map((entry) => `${entry.grape}${shareInWords(entry.share).replace(',', '')}`).join(', ');

/** A place as people write it: "Piedmont, Italy", "Italy", "Mosel". What stands last and names a country is one; the rest is the region. */
export function placeFromText(text: string, countryCalled: (name: string) => string | undefined): { readonly region: string; readonly country: string } {
  const parts = text
    .split(',')
    .map((part) => part.trim())
    .filter((part) => part !== '');
  const country = countryCalled(parts.at(-1) ?? '');
  return { region: (country === undefined ? parts : parts.slice(0, -1)).join(', '), country: country ?? '' };
}
