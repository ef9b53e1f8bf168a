import type { Solver } from '@rose/core/solver/solver';
import { solvers, type Solvers } from '@rose/knowledge/solvers/index';

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
