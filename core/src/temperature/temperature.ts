/**
 * Newton's law of cooling, T(t) = Tₐ + (T₀ − Tₐ)·e^(−t/τ), through stages. Times in minutes, temperatures in °C.
 */

import { clamp } from '../wine/units';

/** A place a bottle can stand in. `tau` is the time constant of a standing 750 mL bottle, minutes. */
export interface Medium {
  readonly id: string;
  readonly name: string;
  readonly celsius: number;
  readonly tau: number;
  readonly source: string;
}
export interface Stage {
  readonly celsius: number;
  readonly tau: number;
  readonly minutes: number;
}

/** τ of another size: it grows with volume over surface, about the cube root of the volume. */
export const tauOf = (tau: number, volumeMl: number): number => tau * Math.cbrt(volumeMl / 750);

export const temperatureAfter = (start: number, stage: Stage): number => stage.celsius + (start - stage.celsius) * Math.exp(-stage.minutes / stage.tau);

/** Temperature after all stages. */
export const through = (start: number, stages: readonly Stage[]): number => stages.reduce(temperatureAfter, start);

/** Minutes in one place until `target`; undefined when it is never reached there. */
export function minutesTo(start: number, celsius: number, tau: number, target: number): number | undefined {
  if (start === target) return 0;
  const ratio = (start - celsius) / (target - celsius);
  return ratio > 1 && Number.isFinite(ratio) ? tau * Math.log(ratio) : undefined;
}

/**
 * The start temperature from which stages lead to `target`: Newton's law turned round.
 */
export const startFor = (target: number, stages: readonly Stage[]): number =>
  [...stages].reverse().reduce((end, stage) => stage.celsius + (end - stage.celsius) * Math.exp(stage.minutes / stage.tau), target);

export interface Band {
  readonly id: string;
  readonly name: string;
  readonly low: number;
  readonly high: number;
  readonly source: string;
}

/** A glass of wine warms while people talk: τ of 100 mL in a glass, minutes; handbooks and first principles give 25–45. */
export const glassTau = 35;
/** °C a pour warms in the glass over `minutes`. */
export const warmsBy = (atPour: number, room: number, pourMl: number, minutes: number): number =>
  temperatureAfter(atPour, { celsius: room, tau: glassTau * Math.cbrt(pourMl / 100), minutes }) - atPour;

/** The temperature to aim for at the pour: the middle of the band, lower by half of what the glass will gain, inside the band. */
export function aimFor(band: Band, room: number, pourMl: number, minutesInGlass: number): number {
  const middle = (band.low + band.high) / 2;
  const gain = warmsBy(middle, room, pourMl, minutesInGlass);
  return Math.min(band.high, Math.max(band.low, middle - gain / 2));
}

/** One way of bringing a bottle into its band: `least`–`most` minutes in the medium, then `out` minutes in the room until the pour. */
export const routeIds = ['none', 'fridge', 'fridge-cold', 'ice', 'freezer', 'warm', 'overnight'] as const;
export interface Route {
  readonly id: (typeof routeIds)[number];
  readonly medium: Medium;
  readonly least: number;
  readonly most: number;
  /** The minutes that aim at the target. */
  readonly best: number;
  readonly out: number;
  /** The bottle may leave the medium this many minutes before the pour and still be within its band. */
  readonly outMost: number;
  /** °C at the pour after `best` minutes. */
  readonly atPour: number;
}
export interface Bottle {
  readonly volumeMl: number;
  /** °C now. */
  readonly start: number;
}
export interface Surroundings {
  readonly room: Medium;
  readonly fridge: Medium | undefined;
  readonly ice: Medium | undefined;
  readonly freezer: Medium | undefined;
}
export type Routes =
  /** `misses`: °C by which the only route there is, the nearest, falls short of the band. */
  | { readonly kind: 'routes'; readonly routes: readonly Route[]; readonly misses?: number | undefined }
  | { readonly kind: 'unreachable'; readonly shortBy: number; readonly nearest: number };

/** °C nearer to the band that are worth moving a bottle for. */
const leastGain = 0.3;
/** A bottle in a freezer breaks; nobody leaves it longer than this, minutes. */
export const freezerMost = 45;
const carry = { fridge: 10, ice: 5, freezer: 5, none: 0 } as const;
const longest = 24 * 60;
/** From the evening before until the bottle is taken out, minutes. */
export const overnight = 21 * 60;

/** Minutes a bottle stands in the room before its pour at least: when it goes into the cold on the day, and when it was there overnight. */
export interface OutOfTheCold {
  readonly sameDay: number;
  readonly overnight: number;
}

/**
 * The ways a bottle can reach its band by the pour. `out` minutes in the room lie between the medium and the pour.
 * @param handled minutes it is opened, given air or decanted in the room before its pour
 * @returns the routes, gentlest first; or by how many °C the nearest one falls short
 */
export function routesFor(bottle: Bottle, band: Band, aim: number, around: Surroundings, handled: OutOfTheCold = { sameDay: 0, overnight: 0 }): Routes {
  const leastOut = handled.sameDay;
  const routes: Route[] = [];
  const room = (minutes: number): Stage => ({ celsius: around.room.celsius, tau: tauOf(around.room.tau, bottle.volumeMl), minutes });
  const untouched = through(bottle.start, [room(leastOut)]);
  if (bottle.start >= band.low && bottle.start <= band.high && untouched >= band.low && untouched <= band.high)
    routes.push({ id: 'none', medium: around.room, least: 0, most: 0, best: 0, out: leastOut, outMost: leastOut, atPour: untouched });
  if (bottle.start < band.low && around.room.celsius > band.low) {
    const minutes = (target: number) => minutesTo(bottle.start, around.room.celsius, room(0).tau, target);
    const least = Math.ceil(minutes(band.low) ?? 0);
    const most = Math.max(least, Math.floor(minutes(band.high) ?? longest));
    const best = clamp(Math.round(minutes(aim) ?? least), least, most);
    routes.push({ id: 'warm', medium: around.room, least, most, best, out: 0, outMost: 0, atPour: through(bottle.start, [room(best)]) });
  }
  /** How long a bottle that leaves at this temperature may stand out. */
  const warmsTo = (leaving: number, out: number) =>
    Math.max(out, Math.floor(around.room.celsius <= band.high ? longest : (minutesTo(leaving, around.room.celsius, room(0).tau, band.high) ?? out)));
  const cool = (id: 'fridge' | 'ice' | 'freezer', medium: Medium | undefined) => {
    if (medium === undefined || bottle.start <= aim || medium.celsius >= band.high) return;
    const out = Math.max(carry[id], leastOut);
    const tau = tauOf(medium.tau, bottle.volumeMl);
    // What the bottle must have when it leaves the medium to be at a temperature at the pour.
    const leave = (atPour: number) => startFor(atPour, [room(out)]);
    const cap = id === 'freezer' ? freezerMost : longest;
    const least = Math.ceil(Math.max(0, minutesTo(bottle.start, medium.celsius, tau, leave(band.high)) ?? 0));
    const most = Math.floor(Math.min(cap, minutesTo(bottle.start, medium.celsius, tau, leave(band.low)) ?? longest));
    if (least > most || leave(band.high) <= medium.celsius) return;
    const best = clamp(Math.round(minutesTo(bottle.start, medium.celsius, tau, leave(aim)) ?? most), least, most);
    routes.push({
      id,
      medium,
      least,
      most,
      best,
      out,
      outMost: warmsTo(temperatureAfter(bottle.start, { celsius: medium.celsius, tau, minutes: best }), out),
      atPour: through(bottle.start, [{ celsius: medium.celsius, tau, minutes: best }, room(out)]),
    });
  };
  cool('fridge', around.fridge);
  if (around.fridge !== undefined && bottle.start > around.fridge.celsius && around.fridge.celsius < aim && around.room.celsius > aim) {
    // As cold as the fridge, then out for as long as it takes: the bottle may stand in the fridge from the day before.
    const tau = tauOf(around.fridge.tau, bottle.volumeMl);
    const least = Math.ceil(tau * 3.5);
    const cold = (minutes: number) => temperatureAfter(bottle.start, { celsius: around.fridge!.celsius, tau, minutes });
    const out = Math.round(minutesTo(cold(least), around.room.celsius, room(0).tau, aim) ?? 0);
    if (out > Math.max(carry.fridge, leastOut))
      routes.push({
        id: 'fridge-cold',
        medium: around.fridge,
        least,
        most: Math.max(least, Math.floor(minutesTo(bottle.start, around.fridge.celsius, tau, startFor(band.low, [room(out)])) ?? longest)),
        best: least,
        out,
        outMost: warmsTo(cold(least), out),
        atPour: through(cold(least), [room(out)]),
      });
  }
  cool('ice', around.ice);
  cool('freezer', around.freezer);
  if (around.fridge !== undefined && bottle.start > band.high && around.fridge.celsius < band.high) {
    // From the evening before: as cold as the fridge, then out for as long as it takes.
    const cold = temperatureAfter(bottle.start, { celsius: around.fridge.celsius, tau: tauOf(around.fridge.tau, bottle.volumeMl), minutes: overnight });
    const out = Math.max(carry.fridge, handled.overnight, Math.round(minutesTo(cold, around.room.celsius, room(0).tau, aim) ?? 0));
    const atPour = through(cold, [room(out)]);
    if (atPour >= band.low && atPour <= band.high)
      routes.push({ id: 'overnight', medium: around.fridge, least: overnight, most: overnight, best: overnight, out, outMost: warmsTo(cold, out), atPour });
  }
  if (routes.length > 0) return { kind: 'routes', routes };
  const off = (celsius: number) => Math.max(0, celsius - band.high, band.low - celsius);
  // Nothing brings it quite into its band: then as near as can be, where that is nearer than leaving it.
  const nearest = (
    [
      ['fridge', around.fridge, longest],
      ['ice', around.ice, longest],
      ['freezer', around.freezer, freezerMost],
    ] as const
  ).flatMap(([id, medium, cap]): Route[] => {
    if (medium === undefined || medium.celsius >= bottle.start || bottle.start <= band.high) return [];
    const tau = tauOf(medium.tau, bottle.volumeMl);
    const out = Math.max(carry[id], leastOut);
    const minutes = Math.min(cap, Math.ceil(tau * 3.5));
    const cold = temperatureAfter(bottle.start, { celsius: medium.celsius, tau, minutes });
    return [{ id, medium, least: minutes, most: cap, best: minutes, out, outMost: out, atPour: through(cold, [room(out)]) }];
  });
  const best = nearest.reduce<Route | undefined>((so, route) => (so === undefined || off(route.atPour) < off(so.atPour) - 1e-9 ? route : so), undefined);
  if (best !== undefined && off(best.atPour) < off(untouched) - leastGain) return { kind: 'routes', routes: [best], misses: off(best.atPour) };
  return { kind: 'unreachable', shortBy: off(untouched), nearest: untouched };
}
