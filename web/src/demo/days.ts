import { parseDate, type CalendarDate } from '@internationalized/date';

const thursday = 4;
const weekday = (date: CalendarDate) => date.toDate('UTC').getUTCDay();
/** The nearest Thursday at least so many days ahead of a day, or behind it for a negative number. */
function thursdayFrom(day: string, days: number): string {
  let date = parseDate(day).add({ days });
  while (weekday(date) !== thursday) date = date.add({ days: Math.sign(days) });
  return date.toString();
}

/** The two evenings of the Lantern Quay, as seen from the day the demo is filled: one that has been, and one to come. */
export const demoDays = (filledOn: string) => ({ been: thursdayFrom(filledOn, -14), coming: thursdayFrom(filledOn, 3) });
