/** A first pour in words: the venue's own clock. */
export function whenInWords(starts: string): string {
  if (starts === '') return 'no date yet';
  const date = new Date(`${starts.slice(0, 16)}:00Z`);
  return `${date.toLocaleDateString('en-GB', { weekday: 'long', day: 'numeric', month: 'long', year: 'numeric', timeZone: 'UTC' })}, ${starts.slice(11, 16)}`;
}
export const moneyInWords = (minor: number, currency: string): string =>
  new Intl.NumberFormat('en-GB', { style: 'currency', currency, minimumFractionDigits: minor % 100 === 0 ? 0 : 2 }).format(minor / 100);
