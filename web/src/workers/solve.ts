import type { SolverInput, SolverOutput, Solvers } from './solve.worker';

/** Runs a solver in a worker. Aborting ends the worker: a long solve is never waited for. */
export function solve<K extends keyof Solvers>(
  solver: K,
  input: SolverInput<K>,
  options: { signal?: AbortSignal; onProgress?: (share: number) => void } = {},
): Promise<SolverOutput<K>> {
  return new Promise((resolve, reject) => {
    const worker = new Worker(new URL('./solve.worker.ts', import.meta.url), { type: 'module' });
    const stop = () => {
      worker.terminate();
      reject(new DOMException('stopped', 'AbortError'));
    };
    options.signal?.addEventListener('abort', stop, { once: true });
    worker.onmessage = ({ data }: MessageEvent<{ progress?: number; output?: SolverOutput<K> }>) => {
      if (data.progress !== undefined) options.onProgress?.(data.progress);
      if (!('output' in data)) return;
      options.signal?.removeEventListener('abort', stop);
      worker.terminate();
      resolve(data.output as SolverOutput<K>);
    };
    worker.onerror = () => {
      worker.terminate();
      reject(new Error('The computation stopped.'));
    };
    worker.postMessage({ id: 0, solver, input });
  });
}
