import type { AirAdvice, AirChoice } from '@rose/core/air/air';
import { airOf } from '../air/index';
import type { FlightDocument, FlightWineEntry, Stock } from '@rose/core/flight/flight';
import { pouringOrder } from '@rose/core/flight/flight';
import { restKinds } from '@rose/core/order/order-wine';
import { minutesOf } from '@rose/core/routine/routine';
import { aimFor, routesFor, type Band, type Route, type Routes, type Surroundings } from '@rose/core/temperature/temperature';
import { outOfTheCold, type Evening, type EveningWine } from '@rose/core/timetable/afternoon-tasks';
import type { Lot, WineFacts } from '@rose/core/wine/facts';
import { isSparkling, loadsOf, type Profile } from '@rose/core/wine/profile';
import type { TemperatureUnit, VolumeUnit } from '@rose/core/wine/measure';
import { factOf } from '@rose/core/wine/stated';
import { bandOf, ownBand } from '../serving-temperatures/index';
import { closureOf, type Closure } from '../closures/index';
import { glassShapes } from '../glasses/index';
import { media, type MediumId } from '../cooling-places/index';
import { routineOf } from '../routines/index';
import { generalStyle } from '../styles/index';

/** A wine of a flight with what is known of it: of the cellar, or one to buy, read from its style. */
export interface EveningInput {
  readonly id: string;
  readonly name: string;
  readonly facts: WineFacts;
  readonly profile: Profile;
  readonly age?: number | undefined;
  readonly lots: readonly Lot[];
  readonly buy: boolean;
  readonly priceMinor?: number | undefined;
  /** Of a wine to buy: where. */
  readonly merchant?: string | undefined;
  /** A smell of reduction stands in a note on it. */
  readonly reduced: boolean;
  /** The latest note of a host found it faulty or doubtful. */
  readonly faultFound?: 'faulty' | 'doubtful' | undefined;
  /** What goes out with it, of a menu that is planned round the flight. */
  readonly dish?: ServedDish | undefined;
}
/** A dish of a menu beside its wine: minutes of hands and in all, and what is bought for the whole table, g. */
export interface ServedDish {
  readonly menu: string;
  readonly name: string;
  readonly hands: number;
  readonly minutes: number;
  readonly food: readonly { readonly name: string; readonly grams: number }[];
}

/** What a venue sets once: its measures, what it has, what it pays for bread and water, and its own time constants. */
export interface VenueFacts {
  readonly country: string;
  readonly currency: string;
  readonly temperature: TemperatureUnit;
  readonly volume: VolumeUnit;
  readonly stock: Stock;
  /** Minor units: bread, cheese and ice a kilogram, water a litre. */
  readonly prices: { readonly bread: number; readonly cheese: number; readonly water: number; readonly ice: number };
  /** Time constants fitted from the venue's own readings, minutes. */
  readonly taus: Readonly<Partial<Record<MediumId, number>>>;
}
export const usualStock: Stock = {
  storeC: 19,
  roomC: 21,
  fridgeC: 4,
  fridgePlaces: 12,
  bucketPlaces: 4,
  freezerPlaces: 0,
  hands: 2,
  glasses: glassShapes.slice(0, 2).map((shape, i) => ({ shape: shape.id, name: shape.name, volumeMl: shape.volumeMl, held: i === 0 ? 60 : 24 })),
};
export const usualPrices = { bread: 600, cheese: 2400, water: 100, ice: 150 } as const;

/** A wine that is still to buy, as its general style has it. */
export function toBuy(entry: FlightWineEntry): EveningInput | undefined {
  if (entry.buy === undefined) return undefined;
  const style = generalStyle(entry.buy.style);
  if (style === undefined) return undefined;
  const stated = <T>(value: T) => ({ value, origin: 'assumed' as const });
  const { loads } = style;
  return {
    id: entry.id,
    name: entry.buy.name,
    facts: {
      colour: stated(style.colour),
      bubbles: stated(isSparkling(loads) ? ('sparkling' as const) : loads.bubbles >= 12 ? ('light' as const) : ('still' as const)),
    },
    profile: Object.fromEntries(Object.entries(loads).map(([key, value]) => [key, { value, from: 'style', why: style.name }])) as unknown as Profile,
    age: undefined,
    lots: [],
    buy: true,
    priceMinor: entry.buy.priceMinor,
    merchant: entry.buy.merchant,
    reduced: false,
  };
}

export const stockOf = (flight: FlightDocument, venue: VenueFacts): Stock => flight.stock ?? venue.stock;
export function surroundings(stock: Stock, venue: VenueFacts): Surroundings {
  const of = (id: MediumId, celsius: number) => ({ ...media[id], celsius, tau: venue.taus[id] ?? media[id].tau });
  return {
    room: of('room', stock.roomC),
    fridge: stock.fridgePlaces > 0 ? of('fridge', stock.fridgeC) : undefined,
    ice: stock.bucketPlaces > 0 ? of('ice', media.ice.celsius) : undefined,
    freezer: stock.freezerPlaces > 0 ? of('freezer', media.freezer.celsius) : undefined,
  };
}

/** The size of which most is held, mL; a bottle when none is. */
export const formatOf = (lots: readonly Lot[]): number => [...lots].sort((a, b) => b.held - a.held)[0]?.formatMl ?? 750;

/** Guests that a pair of hands pours for in a minute. Own choice. */
const pouredAMinute = 4;
/** Minutes at the table a wine: the routine, and the pouring by all hands there are. */
export const minutesAWine = (flight: FlightDocument, venue: VenueFacts): number =>
  Math.round(minutesOf(routineOf(flight)) + Math.max(1, flight.guests / (pouredAMinute * Math.max(1, stockOf(flight, venue).hands))));

/** When each wine is poured, minutes from the first pour, and when the last glass is judged. */
export function pourTimes(flight: FlightDocument, venue: VenueFacts): { readonly at: ReadonlyMap<string, number>; readonly end: number } {
  const at = new Map<string, number>();
  let minute = 0;
  for (const id of pouringOrder(flight)) {
    at.set(id, minute);
    minute += minutesAWine(flight, venue);
    const rest = flight.rests.find((entry) => entry.after === id);
    if (rest !== undefined) minute += restKinds[rest.kind].minutes;
  }
  return { at, end: minute };
}

export interface PreparedWine {
  readonly wine: EveningInput;
  readonly entry: FlightWineEntry;
  readonly pourAt: number;
  readonly pourMl: number;
  readonly band: Band;
  /** °C to aim for at the pour. */
  readonly aim: number;
  readonly routes: Routes;
  readonly air: AirAdvice;
  readonly chosenAir: { readonly choice: AirChoice; readonly minutes: number };
  readonly closure: Closure;
  readonly closureAssumed: boolean;
  readonly deposit: boolean;
  readonly sparkling: boolean;
  readonly formatMl: number;
  /** Bottles to open. */
  readonly bottles: number;
  /** Too fragile to be opened hours before. */
  readonly fragile: boolean;
}
const airMinutes: Readonly<Record<AirChoice, number>> = { none: 0, open: 45, gentle: 40, double: 120 };

/** Everything the afternoon needs to know of each wine of the flight, in pouring order. */
export function prepare(
  flight: FlightDocument,
  wines: readonly EveningInput[],
  venue: VenueFacts,
  bottles: ReadonlyMap<string, number>,
): readonly PreparedWine[] {
  const byId = new Map(wines.map((wine) => [wine.id, wine]));
  const entries = new Map(flight.wines.map((entry) => [entry.id, entry]));
  const stock = stockOf(flight, venue);
  const around = surroundings(stock, venue);
  const { at } = pourTimes(flight, venue);
  return pouringOrder(flight).flatMap((id) => {
    const wine = byId.get(id);
    const entry = entries.get(id);
    if (wine === undefined || entry === undefined) return [];
    const loads = loadsOf(wine.profile);
    const pourMl = entry.pourMl ?? flight.pourMl;
    const band: Band = entry.serveC === undefined ? bandOf(wine.facts, loads) : ownBand(entry.serveC, 'as you set it', 'your own');
    const aim = entry.serveC ?? factOf(wine.facts, 'serveC') ?? aimFor(band, stock.roomC, pourMl, minutesAWine(flight, venue) / 2);
    const sparkling = isSparkling(loads);
    const { closure, assumed } = closureOf(wine.facts);
    const air = airOf(wine.facts, wine.profile, wine.age, wine.reduced);
    const chosenAir =
      entry.air === undefined || entry.air === air.choice
        ? { choice: air.choice, minutes: air.minutes }
        : { choice: entry.air, minutes: airMinutes[entry.air] };
    const formatMl = formatOf(wine.lots);
    const amount = Math.max(1, bottles.get(id) ?? 1);
    const fragile = air.risk === 'real' || [...air.reasons, ...air.against].some((reason) => reason.id === 'fragile');
    const out = outOfTheCold({ openMinutes: closure.minutes, bottles: amount, air: chosenAir, sparkling, fragile }, flight.tasteFirst);
    return [
      {
        wine,
        entry,
        pourAt: at.get(id) ?? 0,
        pourMl,
        band,
        aim,
        routes: routesFor({ volumeMl: formatMl, start: stock.storeC }, band, aim, around, out),
        air,
        chosenAir,
        closure,
        closureAssumed: assumed,
        deposit: [...air.reasons, ...air.against].some((reason) => reason.id === 'deposit'),
        sparkling,
        formatMl,
        bottles: amount,
        fragile,
      },
    ];
  });
}

/** The hour at which the work of a tasting's day begins, and the one before which an evening is still that of the day before. Own choice. */
const [firstHour, nightEnds] = [8, 5];
/** That hour in minutes from the first pour at a local time ("2026-11-27T10:00"); undefined while none is set. */
function dayBegins(starts: string): number | undefined {
  const clock = /T(\d\d):(\d\d)/.exec(starts);
  return clock === null || Number(clock[1]) < nightEnds ? undefined : Math.min(0, firstHour * 60 - (Number(clock[1]) * 60 + Number(clock[2])));
}

/** The evening as the timetable solver takes it. `now`: minutes from the first pour, when the plan is made anew while the work is under way. */
/** The rest a host planned after a wine; one after the last wine is none. */
function restAfter(flight: FlightDocument, { wine, pourAt }: PreparedWine, venue: VenueFacts): EveningWine['rest'] {
  const rest = flight.rests.find((entry) => entry.after === wine.id);
  if (rest === undefined || pouringOrder(flight).at(-1) === wine.id) return undefined;
  return { kind: rest.kind, at: pourAt + minutesAWine(flight, venue), minutes: restKinds[rest.kind].minutes };
}

export function asEvening(
  flight: FlightDocument,
  prepared: readonly PreparedWine[],
  venue: VenueFacts,
  glasses: number,
  done: Readonly<Record<string, number>>,
  now?: number,
): Evening {
  const stock = stockOf(flight, venue);
  return {
    wines: prepared.map((wine): EveningWine => ({
      id: wine.wine.id,
      name: wine.wine.name,
      pourAt: wine.pourAt,
      bottles: wine.bottles,
      volumeMl: wine.formatMl,
      band: wine.band,
      routes: wine.routes.kind === 'routes' ? wine.routes.routes : [],
      chosen: wine.entry.route,
      air: wine.chosenAir,
      openMinutes: wine.closure.minutes,
      sparkling: wine.sparkling,
      deposit: wine.deposit,
      fragile: wine.fragile,
      rest: restAfter(flight, wine, venue),
      dish: wine.wine.dish,
    })),
    resources: { fridge: stock.fridgePlaces, ice: stock.bucketPlaces, freezer: stock.freezerPlaces, hands: stock.hands },
    guests: flight.guests,
    glasses,
    tasteFirst: flight.tasteFirst,
    tasteLead: flight.tasteLead,
    dayBegins: dayBegins(flight.starts),
    now,
    done,
  };
}
export type { Route };
