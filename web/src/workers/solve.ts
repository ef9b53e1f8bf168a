import { pace } from '@/ui/pace';
import type { SolverInput, SolverOutput, Solvers } from '@rose/knowledge/solvers/index';

/** In how many ticks the silence is counted after which a worker is taken for dead: a solver tells its progress many times a second. */
const silentTicks = 20;

/** Runs a solver in a worker. Aborting ends the worker: a long solve is never waited for. A worker that breaks or dies is a sentence, not a wait. */
export function solve<K extends keyof Solvers>(
  solver: K,
  input: SolverInput<K>,
  options: { signal?: AbortSignal; onProgress?: (share: number) => void } = {},
): Promise<SolverOutput<K>> {
  return new Promise((resolve, reject) => {
    const worker = new Worker(new URL('./solve.worker.ts', import.meta.url), { type: 'module' });
    const end = (say: () => void) => {
      clearInterval(watch);
      options.signal?.removeEventListener('abort', stop);
      worker.terminate();
      say();
    };
    const stop = () => end(() => reject(new DOMException('stopped', 'AbortError')));
    const broken = () => end(() => reject(new Error('The computation broke off without an answer.')));
    // Counted in ticks: a laptop that slept has not been silent.
    let ticks = 0;
    const watch = setInterval(() => {
      ticks++;
      if (ticks >= silentTicks) broken();
    }, pace.silence / silentTicks);
    options.signal?.addEventListener('abort', stop, { once: true });
    worker.onmessage = ({ data }: MessageEvent<{ progress?: number; output?: SolverOutput<K> }>) => {
      ticks = 0;
      if (data.progress !== undefined) options.onProgress?.(data.progress);
      if ('output' in data) end(() => resolve(data.output as SolverOutput<K>));
    };
    worker.onerror = broken;
    worker.postMessage({ id: 0, solver, input });
  });
}
