import { minutesTo, tauOf, temperatureAfter, type Medium, type Route, type Stage, type Surroundings } from '../temperature/temperature';
import { taskId, type EveningWine } from './afternoon-tasks';
import type { Task } from './timetable';

export interface CurvePoint {
  readonly at: number;
  readonly celsius: number;
}
export interface BottleCurve {
  readonly points: readonly CurvePoint[];
  readonly atPour: number;
  /** °C above (+) or below (−) the band at the pour; 0 inside it. */
  readonly off: number;
  /** What would bring it back: minutes in ice water, put in at this minute. */
  readonly remedy: { readonly route: 'ice'; readonly minutes: number; readonly at: number } | undefined;
}

/** The temperature of a bottle through the planned evening, from `from` until half an hour after its pour. */
export function bottleCurve(
  wine: EveningWine,
  start: number,
  route: Route | undefined,
  plan: { readonly tasks: readonly Task[]; readonly starts: Readonly<Record<string, number>> },
  around: Surroundings,
  from: number,
): BottleCurve {
  const chill = plan.tasks.find((task) => task.id === taskId('chill', wine.id));
  const chillFrom = chill === undefined ? undefined : plan.starts[chill.id];
  const tau = (place: Medium) => tauOf(place.tau, wine.volumeMl);
  const warm = plan.starts[taskId('warm', wine.id)];
  const store: Medium = { id: 'store', name: 'store', celsius: start, tau: around.room.tau, source: '' };
  // Without a way into the cold it stands in the room for as long as it is decanted.
  const out = route?.out ?? (wine.air.choice === 'gentle' || wine.air.choice === 'double' ? wine.air.minutes : 0);
  const placeAt = (minute: number): Medium => {
    if (chill === undefined || chillFrom === undefined || route === undefined) return minute >= (warm ?? wine.pourAt - out) ? around.room : store;
    return minute < chillFrom ? store : minute < chillFrom + chill.minutes ? route.medium : around.room;
  };
  const begin = Math.min(from, chillFrom ?? from);
  const stops = [
    ...new Set([
      begin,
      ...(begin < from ? [from] : []),
      ...(chillFrom === undefined ? [] : [chillFrom, chillFrom + chill!.minutes]),
      ...(warm === undefined ? [] : [warm]),
      wine.pourAt - (chill === undefined ? out : 0),
      wine.pourAt,
      wine.pourAt + 30,
    ]),
  ].sort((a, b) => a - b);
  const points: CurvePoint[] = [];
  let celsius = start;
  for (const [i, stop] of stops.entries()) {
    const next = stops[i + 1];
    points.push({ at: stop, celsius });
    if (next === undefined) break;
    const place = placeAt(stop);
    const stage = (minutes: number): Stage => ({ celsius: place.celsius, tau: tau(place), minutes });
    for (let minute = stop + 10; minute < next; minute += 10) points.push({ at: minute, celsius: temperatureAfter(celsius, stage(minute - stop)) });
    celsius = temperatureAfter(celsius, stage(next - stop));
  }
  const atPour = points.find((point) => point.at === wine.pourAt)!.celsius;
  const off = atPour > wine.band.high + 0.05 ? atPour - wine.band.high : atPour < wine.band.low - 0.05 ? atPour - wine.band.low : 0;
  let remedy: BottleCurve['remedy'];
  if (off > 0 && around.ice !== undefined) {
    const minutes = minutesTo(atPour, around.ice.celsius, tau(around.ice), (wine.band.low + wine.band.high) / 2);
    if (minutes !== undefined) remedy = { route: 'ice', minutes: Math.ceil(minutes), at: wine.pourAt - 5 - Math.ceil(minutes) };
  }
  return { points: points.filter((point) => point.at >= from), atPour, off, remedy };
}
