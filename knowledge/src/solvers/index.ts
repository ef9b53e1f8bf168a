import type { FlightDocument } from '@rose/core/flight/flight';
import { compareSchools, factsThatMatter, type SchoolView, type Uncertainty } from '@rose/core/order/advice';
import type { OrderWine } from '@rose/core/order/order-wine';
import type { Pin } from '@rose/core/order/pins';
import { schoolOf } from '@rose/core/order/ordering-rules';
import { solveOrder, type OrderSolution, type Rests } from '@rose/core/order/solve';
import type { MenuDocument } from '@rose/core/menu/menu-document';
import type { PairingWine } from '@rose/core/pairing/dish-fit';
import type { Solver } from '@rose/core/solver/solver';
import type { EveningInput, VenueFacts } from '../evening/evening';
import { planWhole, type Moment, type WholeEvening } from '../evening/whole';
import { planMenu, type MenuAnswer, type MenuWine } from '../menu/index';
import { advise, smallestSwap, type Advice, type DishPart, type Swap } from '../pairing';

interface OrderQuestion {
  readonly wines: readonly OrderWine[];
  readonly pins: readonly Pin[];
  readonly school: string;
  readonly rests: Rests;
}
/** The long computations, by name: a page asks a worker for them, the server one of its threads. Each is a generator that yields its progress, 0–1. */
export const solvers = {
  order: (input: OrderQuestion): Solver<OrderSolution> => solveOrder(input.wines, input.pins, schoolOf(input.school), input.rests),
  schools: (input: OrderQuestion & { order: readonly string[] }): Solver<readonly SchoolView[]> =>
    compareSchools(input.wines, input.order, input.pins, input.rests),
  doubts: (input: OrderQuestion): Solver<readonly Uncertainty[]> => factsThatMatter(input.wines, input.pins, schoolOf(input.school), input.rests),
  evening: (input: { flight: FlightDocument; wines: readonly EveningInput[]; venue: VenueFacts; moment: Moment }): Solver<WholeEvening> =>
    planWhole(input.flight, input.wines, input.venue, input.moment),
  *advice(input: { parts: readonly DishPart[]; wines: readonly PairingWine[] }): Solver<{ readonly advice: Advice; readonly swap: Swap | null }> {
    yield 0;
    const advice = advise(input.parts, input.wines);
    yield 0.6;
    return { advice, swap: smallestSwap(input.parts, input.wines) ?? null };
  },
  menu: (input: { menu: MenuDocument; wines: readonly MenuWine[] }): Solver<MenuAnswer> => planMenu(input),
  *swap(input: { parts: readonly DishPart[]; wines: readonly PairingWine[] }): Solver<Swap | null> {
    yield 0;
    return smallestSwap(input.parts, input.wines) ?? null;
  },
};
export type Solvers = typeof solvers;
export type SolverInput<K extends keyof Solvers> = Parameters<Solvers[K]>[0];
export type SolverOutput<K extends keyof Solvers> = ReturnType<Solvers[K]> extends Solver<infer O> ? O : never;
