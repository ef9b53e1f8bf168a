import { z } from 'zod';
import { instant } from '@rose/core/wine/day-schema';
import { airWording } from '@rose/core/air/air';
import { pouringOrder } from '@rose/core/flight/flight';
import { panelPours, placeLetter } from '@rose/core/serving-design/serving-design';
import { plannedTasks, wineOfTask } from '@rose/core/timetable/evening';
import { taskInWords } from '@rose/core/timetable/task-words';
import { sentence } from '@rose/core/wine/reason';
import { amountsOf, type Amounts } from '@rose/knowledge/evening/amounts';
import { blindnessChecks, openingCard, packingList, roomChecks, shoppingList } from '@rose/knowledge/evening/lists';
import { doneIn, instantOf, minutesFrom, wholeEvening, type WholeEvening } from '@rose/knowledge/evening/whole';
import type { Reader } from '../../db/client';
import { query } from '../command';
import { readVenue, winesOf } from './read';
import { readFlight } from './store';
import { instantIn } from '../wall-time';

const one = z.strictObject({ id: z.uuid() });
export async function readEvening(db: Reader, venueId: string, id: string) {
  const view = await readFlight(db, venueId, id);
  const venue = await readVenue(db, venueId);
  const wines = await winesOf(db, venueId, view.document, venue.facts.currency);
  return { view, flight: view.document, venue, wines, evening: wines.map((entry) => entry.evening) };
}
/** The instant of the first pour; a flight without a date has none, and its times are shown relative to the pour. */
export const firstPourOf = (starts: string, timeZone: string): Date | undefined => (starts === '' ? undefined : instantIn(starts, timeZone));

export const quantitiesOf = query({
  name: 'flight.quantities',
  method: 'GET',
  path: '/flights/{id}/quantities',
  summary: 'Bottles by volume and by whole pours, spares, glasses, alcohol a head in grams and standard drinks, water, bread, cost a head, goals',
  allow: 'read',
  input: one,
  output: z.custom<Amounts>(),
  async run(db, actor, input) {
    const { flight, evening, venue } = await readEvening(db, actor.venueId, input.id);
    return amountsOf(flight, evening, venue.facts);
  },
});

export interface TimetableView {
  readonly firstPour: string | null;
  readonly span: number;
  readonly bound: number;
  readonly exact: boolean;
  readonly tasks: readonly {
    readonly id: string;
    readonly wine: string | null;
    readonly text: string;
    readonly minute: number;
    readonly minutes: number;
    readonly at: string | null;
    readonly critical: boolean;
    readonly done: boolean;
  }[];
  readonly conflicts: readonly { readonly task: string; readonly by: number; readonly resource: string }[];
  readonly wayOut: WholeEvening['plan']['wayOut'] | null;
}
/** The timetable as a list in time, ready to read. */
export function timetableView(flight: Awaited<ReturnType<typeof readFlight>>['document'], whole: WholeEvening, firstPour: Date | undefined): TimetableView {
  const { plan, prepared } = whole;
  const names = new Map(prepared.map((wine) => [wine.wine.id, wine.wine.name]));
  return {
    firstPour: firstPour?.toISOString() ?? null,
    span: plan.timetable.span,
    bound: plan.timetable.bound,
    exact: plan.timetable.exact,
    conflicts: plan.timetable.conflicts.map((conflict) => ({ ...conflict })),
    wayOut: plan.wayOut ?? null,
    tasks: plannedTasks(plan).map((task) => {
      const wine = wineOfTask(task.id);
      const minute = task.start;
      return {
        id: task.id,
        wine: wine ?? null,
        text: taskInWords(task.id, (id) => names.get(id) ?? 'a wine', {
          minutes: task.minutes,
          route: wine === undefined ? undefined : plan.routes.get(wine),
          air: prepared.find((entry) => entry.wine.id === wine)?.chosenAir.choice,
        }),
        minute,
        minutes: task.minutes,
        at: firstPour === undefined ? null : instantOf(firstPour, minute).toISOString(),
        critical: plan.timetable.critical.includes(task.id),
        done: flight.done[task.id] !== undefined,
      };
    }),
  };
}

export const timetableOf = query({
  name: 'flight.timetable',
  method: 'GET',
  path: '/flights/{id}/timetable',
  summary: 'The timetable counted back from the first pour, its conflicts and the cheapest way out; with `now`, made anew from that instant',
  allow: 'read',
  input: z.strictObject({ id: z.uuid(), now: instant.optional() }),
  output: z.custom<TimetableView>(),
  async run(db, actor, input) {
    const { flight, evening, venue } = await readEvening(db, actor.venueId, input.id);
    const firstPour = firstPourOf(flight.starts, venue.settings.timeZone);
    const whole = wholeEvening(flight, evening, venue.facts, {
      done: firstPour === undefined ? {} : doneIn(flight, firstPour),
      now: input.now === undefined || firstPour === undefined ? undefined : minutesFrom(firstPour, new Date(input.now)),
    });
    return timetableView(flight, whole, firstPour);
  },
});

export const temperatureOf = query({
  name: 'flight.temperature',
  method: 'GET',
  path: '/flights/{id}/temperature',
  summary: 'For each wine: its band, the ways into it, the temperature through the planned evening and what would put it right',
  allow: 'read',
  input: one,
  output: z.object({
    wines: z.array(
      z.object({
        wine: z.string(),
        name: z.string(),
        band: z.object({ name: z.string(), low: z.number(), high: z.number(), source: z.string() }),
        aim: z.number(),
        routes: z.array(z.object({ id: z.string(), medium: z.string(), least: z.number(), most: z.number(), out: z.number(), atPour: z.number() })),
        chosen: z.string().nullable(),
        atPour: z.number(),
        off: z.number(),
        remedy: z.object({ minutes: z.number(), at: z.number() }).nullable(),
        curve: z.array(z.object({ at: z.number(), celsius: z.number() })),
        air: z.object({
          choice: z.string(),
          minutes: z.number(),
          doubt: z.string(),
          risk: z.string(),
          because: z.array(z.string()),
          others: z.string(),
          test: z.boolean(),
        }),
      }),
    ),
  }),
  async run(db, actor, input) {
    const { flight, evening, venue } = await readEvening(db, actor.venueId, input.id);
    const whole = wholeEvening(flight, evening, venue.facts);
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
          remedy: curve.remedy === undefined ? null : { minutes: curve.remedy.minutes, at: curve.remedy.at },
          curve: curve.points.map((point) => ({ ...point })),
          air: {
            choice: wine.air.choice,
            minutes: wine.air.minutes,
            doubt: wine.air.doubt,
            risk: wine.air.risk,
            because: wine.air.reasons.map((reason) => sentence(airWording, reason)),
            others: wine.air.opposing.says,
            test: wine.air.test,
          },
        };
      }),
    };
  },
});

const line = z.object({ id: z.string(), text: z.string(), because: z.string() });
export const listsOf = query({
  name: 'flight.lists',
  method: 'GET',
  path: '/flights/{id}/lists',
  summary: 'Room checks, blindness checklist, packing and shopping lists, and how to open each bottle',
  allow: 'read',
  input: one,
  output: z.object({
    room: z.array(line),
    blindness: z.array(line),
    packing: z.array(line),
    shopping: z.array(line.extend({ amount: z.number(), unit: z.string(), costMinor: z.number().nullable() })),
    opening: z.array(
      z.object({
        wine: z.string(),
        name: z.string(),
        closure: z.string(),
        steps: z.array(z.string()),
        pressure: z.object({ over: z.number(), celsius: z.number(), from: z.string(), says: z.string() }).nullable(),
        cautions: z.array(z.string()),
      }),
    ),
  }),
  async run(db, actor, input) {
    const { flight, evening, venue } = await readEvening(db, actor.venueId, input.id);
    const whole = wholeEvening(flight, evening, venue.facts);
    const lines = (list: readonly z.infer<typeof line>[]) => list.map((entry) => ({ ...entry }));
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
  },
});

export const designOf = query({
  name: 'flight.design',
  method: 'GET',
  path: '/flights/{id}/design',
  summary: 'Who tastes what when: letters for a table, an order and three-digit codes a seat for a panel, and how balanced it is',
  allow: 'read',
  input: one,
  output: z.object({
    kind: z.enum(['table', 'panel']),
    seats: z.array(z.object({ seat: z.number(), glasses: z.array(z.object({ label: z.string(), wine: z.string() })) })),
    pairs: z.object({ least: z.number(), most: z.number(), balanced: z.boolean() }).nullable(),
  }),
  async run(db, actor, input) {
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
  },
});
