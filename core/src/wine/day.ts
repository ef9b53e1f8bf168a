/** Days and clocks in words. An instant has a day only in a time zone; a day is an ISO date, "2026-11-26". */
const utc = { timeZone: 'UTC' } as const;
const written = { day: 'numeric', month: 'long', year: 'numeric' } as const;

/** Making a formatter takes longer than a hundred uses of it; people live in few time zones. */
function kept(options: Intl.DateTimeFormatOptions): (zone: string) => Intl.DateTimeFormat {
  const made = new Map<string, Intl.DateTimeFormat>();
  return (timeZone) => {
    const found = made.get(timeZone) ?? new Intl.DateTimeFormat('en-GB', { ...options, timeZone });
    made.set(timeZone, found);
    return found;
  };
}
const calendar = kept({ year: 'numeric', month: '2-digit', day: '2-digit' });
const clock = kept({ hour: '2-digit', minute: '2-digit' });

/**
 * The day of an instant on the calendar of a time zone.
 * @param instant ISO instant or a Date
 * @param zone IANA name, such as "Europe/Athens"
 * @returns ISO date
 */
export function dayIn(instant: string | Date, zone: string): string {
  const parts = calendar(zone).formatToParts(new Date(instant));
  const of = (type: string) => parts.find((part) => part.type === type)!.value;
  return `${of('year').padStart(4, '0')}-${of('month')}-${of('day')}`;
}
/** A day as it is written everywhere: "26 November 2026". */
export const dayInWords = (day: string): string => new Date(`${day}T00:00:00Z`).toLocaleDateString('en-GB', { ...written, ...utc });
/** An instant on the clock of a time zone: "18:45". */
export const clockIn = (instant: string | Date, zone: string): string => clock(zone).format(new Date(instant));
/** An instant on the calendar and clock of a time zone: "26 November 2026, 18:45". */
export const dayAndClockIn = (instant: string | Date, zone: string): string => `${dayInWords(dayIn(instant, zone))}, ${clockIn(instant, zone)}`;
/**
 * A local time in words, as it was set: "Thursday, 26 November 2026, 18:30".
 * @param local YYYY-MM-DDTHH:MM, or nothing
 */
export function localTimeInWords(local: string, none: string): string {
  if (local === '') return none;
  const weekday = new Date(`${local.slice(0, 16)}:00Z`).toLocaleDateString('en-GB', { weekday: 'long', ...written, ...utc });
  return `${weekday}, ${local.slice(11, 16)}`;
}
