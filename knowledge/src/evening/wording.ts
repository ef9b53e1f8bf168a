import { counted } from '@rose/core/wine/plural';
import { clockIn } from '@rose/core/wine/day';
import { showDifference, type TemperatureUnit } from '@rose/core/wine/measure';

/** How far from its band a wine pours; '' when it is inside. @param off degrees Celsius above the band, below it when negative */
export const offInWords = (off: number, unit: TemperatureUnit): string =>
  off === 0 ? '' : `${showDifference(Math.abs(off), unit)} too ${off > 0 ? 'warm' : 'cold'}`;

/** What would put a wine right that pours outside its band; '' when it is inside. */
export function remedyInWords(off: number, remedy: { readonly minutes: number; readonly at: number } | undefined, clock: (minute: number) => string): string {
  if (off === 0) return '';
  if (remedy !== undefined) return `${counted(remedy.minutes, 'minute')} in ice water from ${clock(remedy.at)} would do it.`;
  return off > 0 ? 'A fridge place or an ice bucket would help.' : 'Let it stand in the room a little longer.';
}

/** How long the afternoon is, and how much shorter it could be. @param timetable span and bound in minutes */
export function spanInWords({ span, bound, exact }: { readonly span: number; readonly bound: number; readonly exact: boolean }): string {
  const rest = exact ? ', the least for these ways into the cold' : `; none can be shorter than ${bound} min, so at most ${span - bound} min could be saved`;
  return `${Math.floor(span / 60)} h ${span % 60} min from the day’s first task to the first pour${rest}.`;
}

/** A minute of the plan as the clock shows it at the venue, or as a distance from the first pour while no date is set. @param firstPour an ISO instant */
export function minuteInWords(minute: number, firstPour: string | null, timeZone: string): string {
  if (firstPour !== null) return clockIn(new Date(new Date(firstPour).getTime() + minute * 60_000), timeZone);
  const far = Math.abs(Math.round(minute));
  return `${minute < 0 ? '−' : '+'}${Math.floor(far / 60)}:${String(far % 60).padStart(2, '0')}`;
}
