import { minutesTo, tauOf } from '@rose/core/temperature/temperature';
import { media } from '../cooling-places/index';
import type { FlightDocument } from '@rose/core/flight/flight';
import { perHead } from './amounts';
import type { PreparedWine } from './evening';

/** A room and a fridge at home, °C. Common practice. */
const room = 21;
const fridge = 5;
/** A wine that is served this little below the room needs no fridge. */
const near = 1;
/** The longest a bottle is sent into a fridge for by the minute; beyond that it goes in the day before. */
const longest = 8 * 60;

/**
 * How long a guest's bottle goes into their own fridge before it is poured, from a room of 21 °C, whole five minutes: 0 where the room will do, Infinity where it has to
 * go in the day before. By the same cooling as the host's own fridge (Newton's law, core/temperature).
 */
export function fridgeMinutesAtHome({ aim, formatMl }: Pick<PreparedWine, 'aim' | 'formatMl'>): number {
  if (aim >= room - near) return 0;
  const minutes = minutesTo(room, fridge, tauOf(media.fridge.tau, formatMl), aim);
  return minutes === undefined || minutes > longest ? Infinity : Math.round(minutes / 5) * 5;
}
/** What to have ready at home for one person, with amounts. Common practice. */
export function haveReady(flight: FlightDocument, minutes: number): readonly string[] {
  const cheeses = flight.rests.filter((rest) => rest.kind === 'cheese').length;
  return [
    `${Math.max(0.5, Math.ceil(((perHead.waterLAnHour * minutes) / 60) * 4) / 4)} L of water`,
    `${perHead.breadG} g of plain bread`,
    ...(cheeses === 0 ? [] : [`${perHead.cheeseG * cheeses} g of a mild hard cheese`]),
    'a cup to spit into, white paper to look against, nothing that smells',
  ];
}
