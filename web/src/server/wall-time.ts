import { fromDate, parseDate, parseDateTime, toZoned } from '@internationalized/date';

/**
 * The instant of a local date and time in a time zone. A time that a change of clocks skips is read as the one after it; one that comes twice as the first.
 * @param local YYYY-MM-DDTHH:MM
 */
export const instantIn = (local: string, timeZone: string): Date => toZoned(parseDateTime(local), timeZone, 'compatible').toDate();

/** The local date and time of an instant, YYYY-MM-DDTHH:MM. */
export const wallTime = (instant: Date, timeZone: string): string => fromDate(instant, timeZone).toString().slice(0, 16);

/** The day after a day; ISO dates. */
export const dayAfter = (day: string): string => parseDate(day).add({ days: 1 }).toString();
