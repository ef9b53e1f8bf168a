import { panelPours, placeLetter } from '@rose/core/serving-design/serving-design';
import { pouringOrder, type FlightDocument } from '@rose/core/flight/flight';
import { wineInALine } from '@rose/core/wine/in-a-line';
import { localTimeInWords } from '@rose/core/wine/day';
import { bothTemperatures } from '@rose/core/wine/measure';
import type { PairingWine } from '@rose/core/pairing/dish-fit';
import { foodOf, type DishPart } from '@rose/knowledge/pairing/index';
import { minuteInWords } from '@rose/knowledge/evening/wording';
import type { VenueFacts } from '@rose/knowledge/evening/evening';
import type { WholeEvening } from '@rose/knowledge/evening/whole';
import type { TimetableView } from '../../contract/answers';
import type { Head } from './print';

export interface PrintSource {
  readonly flight: FlightDocument;
  readonly whole: WholeEvening;
  readonly timetable: TimetableView;
  readonly venueName: string;
  readonly venue: VenueFacts;
  readonly timeZone: string;
  readonly dishes: readonly { readonly name: string; readonly parts: readonly DishPart[] }[];
  readonly pairing: readonly PairingWine[];
}
export interface Seat {
  readonly seat: string;
  readonly glasses: readonly { readonly label: string; readonly name: string }[];
}
type Prepared = WholeEvening['prepared'][number];

/** The glasses of each seat with the labels on them: letters by place for a table, codes of its own for each seat of a panel. */
function placed(flight: FlightDocument, nameOf: (wine: string) => string): readonly Seat[] {
  const order = pouringOrder(flight);
  const blind = flight.blind !== 'open';
  if (flight.evening === 'table') return [{ seat: '', glasses: order.map((wine, i) => ({ label: placeLetter(i), name: blind ? '' : nameOf(wine) })) }];
  const twice = flight.panel.twice.map((wine) => order.indexOf(wine)).filter((at) => at >= 0);
  return panelPours(order.length, flight.guests, flight.panel.seed, twice, flight.panel.aSeat > 0 ? flight.panel.aSeat : undefined).seats.map((seat) => ({
    seat: String(seat.seat + 1),
    glasses: seat.glasses.map((glass) => ({ label: glass.code, name: blind ? '' : nameOf(order[glass.wine]!) })),
  }));
}

/** The glasses of each seat of this evening; `open` names the wines of a blind one, for whoever pours. */
export const seatsOf = ({ flight, whole }: PrintSource, open: FlightDocument['blind'] = flight.blind): readonly Seat[] => {
  const names = new Map(whole.prepared.map((wine) => [wine.wine.id, wine.wine.name]));
  return placed({ ...flight, blind: open }, (id) => names.get(id) ?? '');
};
export const headOf = ({ flight, venueName }: PrintSource, seats: readonly Seat[] = []): Head => ({
  title: flight.name,
  subtitle: venueName,
  when: localTimeInWords(flight.starts, 'date to be told'),
  seats,
});
/** Whether the guests may not know what is poured. */
export const isBlind = ({ flight }: PrintSource): boolean => flight.blind !== 'open';

/** A wine in a line: grapes, year, where from, strength. */
export const aboutWine = ({ wine }: Prepared): string => wineInALine(wine.facts);
/** A minute of the plan as the clock shows it at the venue, or as a distance from the first pour while no date is set. */
export const clockOf = ({ timetable, timeZone }: PrintSource, minute: number): string => minuteInWords(minute, timetable.firstPour, timeZone);
/** The range everything is served in, as a sentence; '' without wines. */
export function temperatureSentence({ whole, venue }: PrintSource): string {
  const bands = whole.prepared.map((wine) => wine.band);
  if (bands.length === 0) return '';
  const [low, high] = [Math.min(...bands.map((band) => band.low)), Math.max(...bands.map((band) => band.high))];
  return `Serve everything between ${bothTemperatures(low, venue.temperature)} and ${bothTemperatures(high, venue.temperature)}.`;
}
export function foodWith({ pairing, dishes }: PrintSource, id: string): { readonly dishes: readonly string[]; readonly cheese: string } {
  const wine = pairing.find((entry) => entry.id === id);
  return wine === undefined ? { dishes: [], cheese: '' } : foodOf(wine, dishes);
}
