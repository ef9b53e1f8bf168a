const names = new Intl.DisplayNames('en-GB', { type: 'region', fallback: 'none' });

/** A country by its ISO 3166 code, in either case; the text itself where it is no such code. */
export const countryName = (code: string): string => (/^[A-Za-z]{2}$/.test(code) ? (names.of(code.toUpperCase()) ?? code) : code);
