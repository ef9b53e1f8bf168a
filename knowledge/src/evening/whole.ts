import type { FlightDocument } from '@rose/core/flight/flight';
import { bottleCurve, type BottleCurve } from '@rose/core/timetable/bottle-curve';
import { drained, partOf, type Solver } from '@rose/core/solver/solver';
import { planEvening, type EveningPlan } from '@rose/core/timetable/afternoon-tasks';
import { amountsOf, glassesInAll, type Amounts } from './amounts';
import { asEvening, prepare, stockOf, surroundings, type EveningInput, type PreparedWine, type VenueFacts } from './evening';

/** When the evening is looked at: what is done, and the present, both in minutes from the first pour. */
export interface Moment {
  readonly done: Readonly<Record<string, number>>;
  readonly now?: number | undefined;
}
export interface WholeEvening {
  /** The flight is blind to its host too: what names a bottle is for who pours. */
  readonly hidden: boolean;
  readonly amounts: Amounts;
  readonly prepared: readonly PreparedWine[];
  readonly plan: EveningPlan;
  readonly curves: readonly (BottleCurve & { readonly wine: string })[];
}

/**
 * The whole evening from a flight: amounts, routes, timetable, and each bottle's temperature through it.
 * @yields the share done, 0–1
 */
export function* planWhole(flight: FlightDocument, wines: readonly EveningInput[], venue: VenueFacts, moment: Moment): Solver<WholeEvening> {
  const first = amountsOf(flight, wines, venue);
  const bottles = new Map(first.wines.map((amount) => [amount.wine, amount.byPours]));
  const prepared = prepare(flight, wines, venue, bottles);
  const plan = yield* partOf(planEvening(asEvening(flight, prepared, venue, glassesInAll(first), moment.done, moment.now)), 0, 0.9);
  const iced = prepared.filter((wine) => plan.routes.get(wine.wine.id)?.id === 'ice').reduce((sum, wine) => sum + wine.bottles, 0);
  const stock = stockOf(flight, venue);
  const around = surroundings(stock, venue);
  const from = -Math.max(300, plan.timetable.span + 30);
  const evening = asEvening(flight, prepared, venue, 0, moment.done, moment.now);
  const curves = evening.wines.map((wine) => ({
    wine: wine.id,
    ...bottleCurve(wine, stock.storeC, plan.routes.get(wine.id), { tasks: plan.tasks, starts: plan.timetable.starts }, around, from),
  }));
  return { hidden: flight.blind === 'double', amounts: iced > 0 ? amountsOf(flight, wines, venue, iced) : first, prepared, plan, curves };
}
export const wholeEvening = (flight: FlightDocument, wines: readonly EveningInput[], venue: VenueFacts, moment: Moment = { done: {} }): WholeEvening =>
  drained(planWhole(flight, wines, venue, moment));

/** Minutes from the first pour of an instant. */
export const minutesFrom = (firstPour: Date, instant: Date): number => Math.round((instant.getTime() - firstPour.getTime()) / 60_000);
export const instantOf = (firstPour: Date, minute: number): Date => new Date(firstPour.getTime() + minute * 60_000);
/** What a flight says is done, in minutes from its first pour. */
export const doneIn = (flight: FlightDocument, firstPour: Date): Readonly<Record<string, number>> =>
  Object.fromEntries(Object.entries(flight.done).map(([task, at]) => [task, minutesFrom(firstPour, new Date(at))]));
