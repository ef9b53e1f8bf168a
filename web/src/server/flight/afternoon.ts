import { z } from 'zod';
import { pouringOrder } from '@rose/core/flight/flight';
import { panelPours, placeLetter } from '@rose/core/serving-design/serving-design';
import { plannedTasks, wineOfTask } from '@rose/core/timetable/afternoon-tasks';
import { taskOfEvening } from '@rose/knowledge/evening/task-text';
import { amountsOf } from '@rose/knowledge/evening/amounts';
import { blindnessChecks, openingCard, packingList, roomChecks, shoppingList } from '@rose/knowledge/evening/lists';
import type { FlightDocument } from '@rose/core/flight/flight';
import type { EveningInput, VenueFacts } from '@rose/knowledge/evening/evening';
import { minuteInWords, offInWords, remedyInWords, spanInWords } from '@rose/knowledge/evening/wording';
import { doneIn, instantOf, minutesFrom, type Moment, type WholeEvening } from '@rose/knowledge/evening/whole';
import { solved } from '../compute/pool';
import type { Reader } from '../../db/client';
import { contract } from '../../contract';
import { serve } from '../command';
import type { listLine } from '../../contract/prepare';
import type { TimetableView } from '../../contract/answers';
import { readVenue, servedWinesOf } from './read';
import { mustNotBeBlind } from './blind-to-host';
import { readFlight } from './store';
import { instantIn } from '../wall-time';
export async function readEvening(db: Reader, venueId: string, id: string) {
  const view = await readFlight(db, venueId, id);
  const venue = await readVenue(db, venueId);
  const wines = await servedWinesOf(db, venueId, id, view.document, venue.facts.currency);
  return { view, flight: view.document, venue, wines, evening: wines.map((entry) => entry.evening) };
}
/** The whole evening of a flight, from a thread. */
export const wholeOf = (flight: FlightDocument, wines: readonly EveningInput[], venue: VenueFacts, moment: Moment = { done: {} }): Promise<WholeEvening> =>
  solved('evening', { flight, wines, venue, moment });
/** The instant of the first pour; a flight without a date has none, and its times are shown relative to the pour. */
export const firstPourOf = (starts: string, timeZone: string): Date | undefined => (starts === '' ? undefined : instantIn(starts, timeZone));

export const quantitiesOf = serve(contract.flight.quantities, async (db, actor, input) => {
  const { flight, evening, venue } = await readEvening(db, actor.venueId, input.id);
  return amountsOf(flight, evening, venue.facts);
});

/** The timetable as a list in time, ready to read. */
export function timetableView(flight: Awaited<ReturnType<typeof readFlight>>['document'], whole: WholeEvening, firstPour: Date | undefined): TimetableView {
  const { plan, prepared } = whole;
  const names = new Map(prepared.map((wine) => [wine.wine.id, wine.wine.name]));
  return {
    firstPour: firstPour?.toISOString() ?? null,
    span: plan.timetable.span,
    bound: plan.timetable.bound,
    exact: plan.timetable.exact,
    says: plan.timetable.conflicts.length > 0 ? '' : spanInWords(plan.timetable),
    conflicts: plan.timetable.conflicts.map((conflict) => ({ ...conflict })),
    wayOut: plan.wayOut ?? null,
    tasks: plannedTasks(plan).map((task) => {
      const wine = wineOfTask(task.id);
      const minute = task.start;
      return {
        id: task.id,
        wine: wine ?? null,
        text: taskOfEvening(whole, task, (id) => names.get(id) ?? 'a wine'),
        minute,
        minutes: task.minutes,
        at: firstPour === undefined ? null : instantOf(firstPour, minute).toISOString(),
        critical: plan.timetable.critical.includes(task.id),
        done: flight.done[task.id] !== undefined,
      };
    }),
  };
}

export const timetableOf = serve(contract.flight.timetable, async (db, actor, input) => {
  await mustNotBeBlind(db, actor, input.id);
  const { flight, evening, venue } = await readEvening(db, actor.venueId, input.id);
  const firstPour = firstPourOf(flight.starts, venue.settings.timeZone);
  const whole = await wholeOf(flight, evening, venue.facts, {
    done: firstPour === undefined ? {} : doneIn(flight, firstPour),
    now: input.now === undefined || firstPour === undefined ? undefined : minutesFrom(firstPour, new Date(input.now)),
  });
  return timetableView(flight, whole, firstPour);
});

export const temperatureOf = serve(contract.flight.temperature, async (db, actor, input) => {
  await mustNotBeBlind(db, actor, input.id);
  const { flight, evening, venue } = await readEvening(db, actor.venueId, input.id);
  const whole = await wholeOf(flight, evening, venue.facts);
  const firstPour = firstPourOf(flight.starts, venue.settings.timeZone)?.toISOString() ?? null;
  const clock = (minute: number) => minuteInWords(minute, firstPour, venue.settings.timeZone);
  return {
    wines: whole.prepared.map((wine) => {
      const curve = whole.curves.find((entry) => entry.wine === wine.wine.id)!;
      return {
        wine: wine.wine.id,
        name: wine.wine.name,
        band: { name: wine.band.name, low: wine.band.low, high: wine.band.high, source: wine.band.source },
        aim: wine.aim,
        routes:
          wine.routes.kind === 'routes'
            ? wine.routes.routes.map((route) => ({
                id: route.id,
                medium: route.medium.name,
                least: route.least,
                most: route.most,
                out: route.out,
                atPour: route.atPour,
              }))
            : [],
        chosen: whole.plan.routes.get(wine.wine.id)?.id ?? null,
        atPour: curve.atPour,
        off: curve.off,
        says: [offInWords(curve.off, venue.facts.temperature), remedyInWords(curve.off, curve.remedy, clock)].filter((text) => text !== '').join('. '),
        remedy: curve.remedy === undefined ? null : { minutes: curve.remedy.minutes, at: curve.remedy.at },
        curve: curve.points.map((point) => ({ ...point })),
        air: {
          choice: wine.air.choice,
          minutes: wine.air.minutes,
          doubt: wine.air.doubt,
          risk: wine.air.risk,
          because: wine.air.reasons.map((reason) => reason.text),
          against: wine.air.against.map((reason) => reason.text),
          others: wine.air.opposing.says,
          test: wine.air.test,
        },
      };
    }),
  };
});
export const listsOf = serve(contract.flight.lists, async (db, actor, input) => {
  await mustNotBeBlind(db, actor, input.id);
  const { flight, evening, venue } = await readEvening(db, actor.venueId, input.id);
  const whole = await wholeOf(flight, evening, venue.facts);
  const lines = (list: readonly z.infer<typeof listLine>[]) => list.map((entry) => ({ ...entry }));
  return {
    room: lines(roomChecks(flight, whole.amounts, venue.facts)),
    blindness: lines(blindnessChecks(flight, whole.prepared)),
    packing: lines(packingList(flight, whole.prepared, whole.amounts)),
    shopping: shoppingList(whole.prepared, whole.amounts, venue.facts).map((entry) => ({ ...entry, costMinor: entry.costMinor ?? null })),
    opening: whole.prepared.map((wine) => {
      const card = openingCard(wine, whole.curves.find((entry) => entry.wine === wine.wine.id)!.atPour);
      return {
        wine: card.wine,
        name: card.name,
        closure: card.closure.name,
        steps: [...card.closure.steps],
        pressure:
          card.pressure === undefined
            ? null
            : { over: card.pressure.advice.over, celsius: card.pressure.celsius, from: card.pressure.from, says: card.pressure.advice.says },
        cautions: [...card.cautions],
      };
    }),
  };
});

export const designOf = serve(contract.flight.design, async (db, actor, input) => {
  const { flight } = await readEvening(db, actor.venueId, input.id);
  const order = pouringOrder(flight);
  if (flight.evening === 'table')
    return { kind: 'table' as const, seats: [{ seat: 0, glasses: order.map((wine, i) => ({ label: placeLetter(i), wine })) }], pairs: null };
  const twice = flight.panel.twice.map((wine) => order.indexOf(wine)).filter((at) => at >= 0);
  const made = panelPours(order.length, flight.guests, flight.panel.seed, twice, flight.panel.aSeat > 0 ? flight.panel.aSeat : undefined);
  return {
    kind: 'panel' as const,
    seats: made.seats.map((seat) => ({ seat: seat.seat, glasses: seat.glasses.map((glass) => ({ label: glass.code, wine: order[glass.wine]! })) })),
    pairs: made.blocks === undefined ? null : { ...made.blocks.pairs, balanced: made.blocks.balanced },
  };
});
