import { createHash } from 'node:crypto';
import { panelPours, placeLetter } from '@rose/core/serving-design/serving-design';
import { blindKinds, pouringOrder, type FlightDocument } from '@rose/core/flight/flight';
import { restKinds } from '@rose/core/order/judge';
import { observables, observableIds } from '@rose/core/wine/observables';
import { factInWords, type FactId, type FactValue } from '@rose/core/wine/facts';
import { clockIn, localTimeInWords } from '@rose/core/wine/day';
import { factOf } from '@rose/core/wine/stated';
import { bothBands, bothTemperatures, bothVolumes } from '@rose/core/wine/measure';
import type { PairingWine } from '@rose/core/pairing/fit';
import { foodOf, type DishPart } from '@rose/knowledge/pairing/index';
import { allergenSentence } from '@rose/knowledge/evening/lists';
import { glassShape } from '@rose/knowledge/glasses/index';
import { routineOf } from '@rose/knowledge/routines/index';
import { stockOf, type VenueFacts } from '@rose/knowledge/evening/evening';
import type { WholeEvening } from '@rose/knowledge/evening/whole';
import type { PrintKind } from '../../contract/prints';
import type { TimetableView } from '../../contract/answers';

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
/** Exactly what a print draws, by named part. */
export interface PrintFacts {
  readonly title: string;
  readonly subtitle: string;
  readonly when: string;
  readonly seats: readonly { readonly seat: string; readonly glasses: readonly { readonly label: string; readonly name: string }[] }[];
  readonly [part: string]: unknown;
}

/** The glasses of each seat with the labels on them: letters by place for a table, codes of its own for each seat of a panel. */
export function seatsOf(flight: FlightDocument, nameOf: (wine: string) => string): PrintFacts['seats'] {
  const order = pouringOrder(flight);
  const blind = flight.blind !== 'open';
  if (flight.evening === 'table') return [{ seat: '', glasses: order.map((wine, i) => ({ label: placeLetter(i), name: blind ? '' : nameOf(wine) })) }];
  const twice = flight.panel.twice.map((wine) => order.indexOf(wine)).filter((at) => at >= 0);
  return panelPours(order.length, flight.guests, flight.panel.seed, twice, flight.panel.aSeat > 0 ? flight.panel.aSeat : undefined).seats.map((seat) => ({
    seat: String(seat.seat + 1),
    glasses: seat.glasses.map((glass) => ({ label: glass.code, name: blind ? '' : nameOf(order[glass.wine]!) })),
  }));
}

const scales = observableIds.flatMap((id) => {
  const spec = observables[id];
  return spec.kind === 'scale' && spec.quarter === 'palate' && 'bearing' in spec ? [{ id, label: spec.label, notches: [...spec.notches] }] : [];
});
/** The facts of a print; of a blind flight a guest's print depends on how many wines there are and on their set, never on which is where. */
export function printFacts(kind: PrintKind, source: PrintSource): PrintFacts {
  const { flight, whole, venue, timetable } = source;
  const blind = flight.blind !== 'open';
  const wines = whole.prepared;
  const names = new Map(wines.map((wine) => [wine.wine.id, wine.wine.name]));
  const nameOf = (id: string) => names.get(id) ?? '';
  const say = (wine: (typeof wines)[number], id: FactId) => {
    const value = factOf(wine.wine.facts, id);
    return value === undefined ? '' : factInWords(id, value as FactValue<FactId>);
  };
  const about = (wine: (typeof wines)[number]) =>
    [say(wine, 'grapes'), say(wine, 'vintage'), say(wine, 'region') || say(wine, 'country'), say(wine, 'abv')].filter((text) => text !== '').join(' · ');
  const head = { title: flight.name, subtitle: source.venueName, when: localTimeInWords(flight.starts, 'date to be told') };
  const shape = glassShape(flight.setting === 'water' ? 'tumbler' : flight.glass);
  const lows = wines.map((wine) => wine.band.low);
  const highs = wines.map((wine) => wine.band.high);
  const temperatures =
    wines.length === 0
      ? ''
      : `Serve everything between ${bothTemperatures(Math.min(...lows), venue.temperature)} and ${bothTemperatures(Math.max(...highs), venue.temperature)}.`;
  const allergens = allergenSentence(whole.amounts);
  const clock = (minute: number) => {
    if (timetable.firstPour === null)
      return minute < 0
        ? `−${Math.floor(-minute / 60)}:${String(-minute % 60).padStart(2, '0')}`
        : `+${Math.floor(minute / 60)}:${String(minute % 60).padStart(2, '0')}`;
    return clockIn(new Date(new Date(timetable.firstPour).getTime() + minute * 60_000), source.timeZone);
  };
  const foodFor = (id: string) => {
    const wine = source.pairing.find((entry) => entry.id === id);
    return wine === undefined ? { dishes: [], cheese: '' } : foodOf(wine, source.dishes);
  };
  const evening = { starts: clock(0), ends: clock(whole.amounts.minutes), minutes: whole.amounts.minutes };
  switch (kind) {
    case 'sheet':
      return { ...head, seats: seatsOf(flight, nameOf), scales, routine: routineOf(flight).steps.map((step) => step.name), allergens };
    case 'mat':
      return { ...head, seats: seatsOf(flight, nameOf), glass: { name: shape.name, footMm: shape.footMm } };
    case 'bags':
      // Of a blind flight each place gets the same number of labels: how many bottles a wine needs would tell which it is.
      return {
        ...head,
        seats: [],
        labels: wines
          .flatMap((wine, i) =>
            Array.from({ length: blind ? Math.max(...wines.map((other) => other.bottles)) : wine.bottles }, (_, n) => ({
              label: placeLetter(i),
              bottle: n + 1,
              name: blind ? '' : wine.wine.name,
            })),
          )
          .slice(0, 240),
      };
    case 'cues': {
      const doubleBlind = flight.blind === 'double';
      return {
        ...head,
        seats: flight.evening === 'panel' ? seatsOf({ ...flight, blind: doubleBlind ? 'double' : 'open' }, nameOf) : [],
        mode: blindKinds[flight.blind],
        cues: wines.map((wine, i) => ({
          label: placeLetter(i),
          at: clock(wine.pourAt),
          name: doubleBlind ? `bag ${placeLetter(i)}` : wine.wine.name,
          about: doubleBlind ? '' : about(wine),
          pour: bothVolumes(wine.pourMl, venue.volume),
          temperature: doubleBlind ? '' : `${bothTemperatures(wine.aim, venue.temperature)}, band ${bothBands(wine.band, venue.temperature)}`,
          glass: glassShape(wine.entry.glass ?? flight.glass).name,
          then: ((rest) => (rest === undefined ? '' : `${restKinds[rest.kind].label}, ${restKinds[rest.kind].minutes} min`))(
            flight.rests.find((rest) => rest.after === wine.wine.id),
          ),
        })),
        allergens,
      };
    }
    case 'run':
      return {
        ...head,
        seats: [],
        stock: ((stock) =>
          `${stock.fridgePlaces} fridge places, ${stock.bucketPlaces} in the bucket, ${stock.freezerPlaces} in the freezer, ${stock.hands} ${stock.hands === 1 ? 'pair' : 'pairs'} of hands`)(
          stockOf(flight, venue),
        ),
        tasks: timetable.tasks.map((task) => ({
          at: clock(task.minute),
          day: task.minute < -20 * 60 ? 'the day before' : '',
          text: task.text,
          minutes: task.minutes,
          critical: task.critical,
        })),
        caution: 'Knives, screws and warm sparkling bottles hurt. Local law and house rules come first.',
      };
    case 'handout':
      return {
        ...head,
        seats: [],
        allergens,
        temperatures,
        wines: blind
          ? seatsOf({ ...flight, evening: 'table' }, nameOf)[0]!.glasses.map((glass) => ({
              label: glass.label,
              name: '',
              about: '',
              temperature: '',
              dishes: [],
              cheese: '',
            }))
          : wines.map((wine, i) => ({
              label: placeLetter(i),
              name: wine.wine.name,
              about: about(wine),
              temperature: bothBands(wine.band, venue.temperature),
              ...foodFor(wine.wine.id),
            })),
      };
    case 'invitation':
      return {
        ...head,
        seats: [],
        evening,
        glasses: `${whole.amounts.wines.length} × ${shape.name}`,
        pours: `${whole.amounts.wines.length} pours of ${bothVolumes(flight.pourMl, venue.volume)}`,
        temperatures,
        allergens,
        wines: blind
          ? []
          : wines.map((wine, i) => ({
              label: placeLetter(i),
              name: wine.wine.name,
              about: about(wine),
              instead: wine.wine.profile.body.from === 'style' ? wine.wine.profile.body.why : '',
            })),
        caution:
          'Eat before you come and plan a way home without driving. Who is pregnant, takes medicine or is under age does not drink. You may always spit.',
      };
  }
}

const stable = (value: unknown): string =>
  Array.isArray(value)
    ? `[${value.map(stable).join(',')}]`
    : typeof value === 'object' && value !== null
      ? `{${Object.entries(value)
          .filter(([, entry]) => entry !== undefined)
          .sort(([a], [b]) => (a < b ? -1 : 1))
          .map(([key, entry]) => `${JSON.stringify(key)}:${stable(entry)}`)
          .join(',')}}`
      : JSON.stringify(value ?? null);
/** A hash of exactly the facts drawn, and a short one of each part, so that what changed can be named. */
export function hashFacts(facts: PrintFacts): { readonly hash: string; readonly parts: Readonly<Record<string, string>> } {
  const hash = (value: unknown) => createHash('sha256').update(stable(value)).digest('hex');
  return { hash: hash(facts), parts: Object.fromEntries(Object.entries(facts).map(([key, value]) => [key, hash(value).slice(0, 12)])) };
}
/** What a part of a print's facts is called when it changed. */
export const partWords: Readonly<Record<string, string>> = {
  title: 'the name',
  subtitle: 'the venue',
  when: 'the date',
  seats: 'the glasses',
  scales: 'the scales',
  routine: 'the routine',
  allergens: 'the allergens',
  glass: 'the glass',
  labels: 'the bottles',
  mode: 'open or blind',
  cues: 'the wines, their order or times',
  stock: 'fridge, bucket or hands',
  tasks: 'the timetable',
  temperatures: 'the temperatures',
  wines: 'the wines or their food',
  evening: 'the times',
  glasses: 'the glasses',
  pours: 'the pours',
};
