/** A first pour in words: the venue's own clock. */
export function whenInWords(starts: string): string {
  if (starts === '') return 'no date yet';
  const date = new Date(`${starts.slice(0, 16)}:00Z`);
  return `${date.toLocaleDateString('en-GB', { weekday: 'long', day: 'numeric', month: 'long', year: 'numeric', timeZone: 'UTC' })}, ${starts.slice(11, 16)}`;
}
export const moneyInWords = (minor: number, currency: string): string =>
  new Intl.NumberFormat('en-GB', { style: 'currency', currency, minimumFractionDigits: minor % 100 === 0 ? 0 : 2 }).format(minor / 100);

/** An instant on the venue's clock: "18:45". */
export const clockIn = (instant: string, timeZone: string): string =>
  new Date(instant).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit', timeZone });
/** An instant on the venue's calendar and clock: "26 November 2026, 18:45". */
export const dayAndClockIn = (instant: string, timeZone: string): string =>
  `${new Date(instant).toLocaleDateString('en-GB', { day: 'numeric', month: 'long', year: 'numeric', timeZone })}, ${clockIn(instant, timeZone)}`;
