import currencies from 'country-to-currency';

const known: Readonly<Record<string, string>> = currencies;
/** The currency of a country, by its ISO 3166 code; undefined for what is no country. */
export const currencyOf = (country: string): string | undefined => (Object.hasOwn(known, country) ? known[country] : undefined);
