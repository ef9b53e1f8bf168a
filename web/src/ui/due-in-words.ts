import { clockIn, dayIn, dayInWords } from '@rose/core/wine/day';

/** When a later look is due: "at 21:40, in 30 min", "tomorrow at 19:15", "on 3 December 2026 at 19:15". In the venue's time zone. */
export function dueInWords(due: string, now: number, timeZone: string): string {
  const at = new Date(due);
  const clock = clockIn(at, timeZone);
  const minutes = Math.max(1, Math.round((at.getTime() - now) / 60_000));
  if (minutes < 240) return `at ${clock}, in ${minutes} min`;
  const [today, day, tomorrow] = [new Date(now), at, new Date(now + 86_400_000)].map((one) => dayIn(one, timeZone));
  return day === today ? `at ${clock}` : day === tomorrow ? `tomorrow at ${clock}` : `on ${dayInWords(day!)} at ${clock}`;
}
