/**
 * An amount in words with its currency; whole amounts without their cents.
 * @param minor hundredths of the currency's unit
 * @param currency ISO 4217 code
 */
export const moneyInWords = (minor: number, currency: string): string =>
  new Intl.NumberFormat('en-GB', { style: 'currency', currency, minimumFractionDigits: minor % 100 === 0 ? 0 : 2 }).format(minor / 100);
