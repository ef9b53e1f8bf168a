/** A long computation: it yields the share done, 0–1, and returns its answer. Whoever runs it may stop between two steps. */
export type Solver<T> = Generator<number, T>;

/** Runs a solver to its end. */
export function drained<T>(solver: Solver<T>): T {
  for (let step = solver.next(); ; step = solver.next()) if (step.done) return step.value;
}

/** The same solver as part of a longer one: its progress runs from `from` over `share`. */
export function* partOf<T>(solver: Solver<T>, from: number, share: number): Solver<T> {
  for (let step = solver.next(); ; step = solver.next()) {
    if (step.done) return step.value;
    yield from + step.value * share;
  }
}
