import type { FlightDocument } from '@rose/core/flight/flight';
import { compareSchools, factsThatMatter, type SchoolView, type Uncertainty } from '@rose/core/order/advice';
import type { OrderWine } from '@rose/core/order/judge';
import type { Pin } from '@rose/core/order/pins';
import { schoolOf } from '@rose/core/order/school';
import { solveOrder, type OrderSolution, type Rests } from '@rose/core/order/solve';
import type { PairingWine } from '@rose/core/pairing/fit';
import type { Solver } from '@rose/core/solver/solver';
import type { EveningInput, VenueFacts } from '@rose/knowledge/evening/evening';
import { planWhole, type Moment, type WholeEvening } from '@rose/knowledge/evening/whole';
import { smallestSwap, type DishPart, type Swap } from '@rose/knowledge/pairing';

interface OrderQuestion {
  readonly wines: readonly OrderWine[];
  readonly pins: readonly Pin[];
  readonly school: string;
  readonly rests: Rests;
}
/** The solvers a page can ask for. Each is a pure function or a generator that yields its progress, 0–1. */
const solvers = {
  order: (input: OrderQuestion): Solver<OrderSolution> => solveOrder(input.wines, input.pins, schoolOf(input.school), input.rests),
  schools: (input: OrderQuestion & { order: readonly string[] }): Solver<readonly SchoolView[]> =>
    compareSchools(input.wines, input.order, input.pins, input.rests),
  doubts: (input: OrderQuestion): Solver<readonly Uncertainty[]> => factsThatMatter(input.wines, input.pins, schoolOf(input.school), input.rests),
  evening: (input: { flight: FlightDocument; wines: readonly EveningInput[]; venue: VenueFacts; moment: Moment }): Solver<WholeEvening> =>
    planWhole(input.flight, input.wines, input.venue, input.moment),
  *swap(input: { parts: readonly DishPart[]; wines: readonly PairingWine[] }): Solver<Swap | null> {
    yield 0;
    return smallestSwap(input.parts, input.wines) ?? null;
  },
};
export type Solvers = typeof solvers;
export type SolverInput<K extends keyof Solvers> = Parameters<Solvers[K]>[0];
export type SolverOutput<K extends keyof Solvers> = ReturnType<Solvers[K]> extends Solver<infer O> ? O : never;

self.onmessage = ({ data }: MessageEvent<{ id: number; solver: keyof Solvers; input: never }>) => {
  const running = solvers[data.solver](data.input) as Solver<unknown>;
  for (let step = running.next(); ; step = running.next()) {
    if (step.done) {
      self.postMessage({ id: data.id, output: step.value });
      return;
    }
    self.postMessage({ id: data.id, progress: step.value });
  }
};
