import type { OrderWine } from '@rose/core/order/judge';
import type { Pin } from '@rose/core/order/pins';
import { schoolOf } from '@rose/core/order/school';
import { solveOrder, type OrderSolution } from '@rose/core/order/solve';
import type { PairingWine } from '@rose/core/pairing/fit';
import { smallestSwap, type DishPart, type Swap } from '@rose/knowledge/pairing';

/** The solvers a page can ask for. Each is a pure function or a generator that yields its progress, 0–1. */
const solvers = {
  order: (input: { wines: readonly OrderWine[]; pins: readonly Pin[]; school: string }): Generator<number, OrderSolution> =>
    solveOrder(input.wines, input.pins, schoolOf(input.school)),
  *swap(input: { parts: readonly DishPart[]; wines: readonly PairingWine[] }): Generator<number, Swap | undefined> {
    yield 0;
    return smallestSwap(input.parts, input.wines);
  },
};
export type Solvers = typeof solvers;
export type SolverInput<K extends keyof Solvers> = Parameters<Solvers[K]>[0];
export type SolverOutput<K extends keyof Solvers> = ReturnType<Solvers[K]> extends Generator<number, infer O> ? O : never;

self.onmessage = ({ data }: MessageEvent<{ id: number; solver: keyof Solvers; input: never }>) => {
  const running = solvers[data.solver](data.input) as Generator<number, unknown>;
  for (let step = running.next(); ; step = running.next()) {
    if (step.done) {
      self.postMessage({ id: data.id, output: step.value });
      return;
    }
    self.postMessage({ id: data.id, progress: step.value });
  }
};
