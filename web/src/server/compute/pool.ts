import { createHash } from 'node:crypto';
import { cpus } from 'node:os';
import path from 'node:path';
import { Worker } from 'node:worker_threads';
import type { SolverInput, SolverOutput, Solvers } from '@rose/knowledge/solvers/index';
import { Problem } from '../problem';
import { perform, type Asked, type Tasks } from './tasks';

interface Waiting {
  readonly asked: Asked;
  readonly resolve: (output: unknown) => void;
  readonly reject: (error: Error) => void;
}
interface Thread {
  readonly worker: Worker;
  doing: Waiting | undefined;
}
/** Tasks that wait while every thread is at work; one more is refused, and told when to come back. */
const longestQueue = 8;
const retryAfter = 5;
const source = path.join(process.cwd().endsWith(`${path.sep}web`) ? '.' : 'web', 'src/server/compute/thread.mjs');

/** Threads for what would hold up everybody else's requests: as many as there are cores but one, at least one. Started when first needed. */
class Pool {
  private readonly threads: Thread[] = [];
  private readonly queue: Waiting[] = [];
  constructor(private readonly size: number) {}

  run(asked: Asked): Promise<unknown> {
    return new Promise((resolve, reject) => {
      const waiting = { asked, resolve, reject };
      const free = this.threads.find((thread) => thread.doing === undefined) ?? (this.threads.length < this.size ? this.start() : undefined);
      if (free !== undefined) return this.give(free, waiting);
      if (this.queue.length >= longestQueue)
        return reject(
          new Problem(503, 'busy', `Much is being computed just now. Try again in ${retryAfter} seconds.`, {}, { 'retry-after': String(retryAfter) }),
        );
      this.queue.push(waiting);
    });
  }
  private start(): Thread {
    // Run from its source, as the scripts are; the bundle of the application has no part in it.
    const worker = new Worker(path.resolve(/* turbopackIgnore: true */ source), { execArgv: [] });
    const thread: Thread = { worker, doing: undefined };
    worker.unref();
    worker.on('message', ({ output, error }: { output?: unknown; error?: string }) => {
      const done = thread.doing;
      thread.doing = undefined;
      if (error === undefined) done?.resolve(output);
      else done?.reject(new Error(error));
      this.next(thread);
    });
    const gone = (error: Error) => {
      const at = this.threads.indexOf(thread);
      if (at >= 0) this.threads.splice(at, 1);
      thread.doing?.reject(error);
      thread.doing = undefined;
      // What waits goes to a new thread: one that died takes nothing with it but its own task.
      if (this.queue.length > 0 && this.threads.length < this.size) this.next(this.start());
    };
    worker.on('error', gone);
    worker.on('exit', (code) => gone(new Error(`a computing thread ended with ${code}`)));
    this.threads.push(thread);
    return thread;
  }
  private give(thread: Thread, waiting: Waiting): void {
    thread.doing = waiting;
    thread.worker.postMessage({ id: 0, asked: waiting.asked });
  }
  private next(thread: Thread): void {
    const waiting = this.queue.shift();
    if (waiting !== undefined) this.give(thread, waiting);
  }
  /** For tests: ends every thread. */
  async end(): Promise<void> {
    await Promise.all(this.threads.map(({ worker }) => worker.terminate()));
  }
}
const globals = globalThis as { rosePool?: Pool };
const pool = () => (globals.rosePool ??= new Pool(Math.max(1, cpus().length - 1)));
export const endPool = () => globals.rosePool?.end();

/** In tests a task is done on the spot unless a test is about the pool: a thread takes a second to start. */
const run = (asked: Asked): Promise<unknown> => (process.env['ROSE_COMPUTE'] === 'here' ? perform(asked) : pool().run(asked));

/** A solver's answer, from a thread. */
export const solved = <K extends keyof Solvers>(solver: K, input: SolverInput<K>): Promise<SolverOutput<K>> =>
  run({ kind: 'solve', solver, input }) as Promise<SolverOutput<K>>;
/** Answers a process keeps, the ones asked for last. */
const mostKept = 64;
const kept = new Map<string, Promise<unknown>>();
/** {@link solved} for what is asked again and again and seldom changes: a solver answers the same to the same, so the same is not solved twice in a row. */
export function solvedOnce<K extends keyof Solvers>(solver: K, input: SolverInput<K>): Promise<SolverOutput<K>> {
  const key = createHash('sha256')
    .update(JSON.stringify([solver, input]))
    .digest('base64');
  const known = kept.get(key) as Promise<SolverOutput<K>> | undefined;
  const answer = known ?? solved(solver, input);
  // Asked for last, it goes last.
  kept.delete(key);
  kept.set(key, answer);
  if (known === undefined)
    // What failed is asked anew the next time.
    answer.catch(() => kept.get(key) === answer && kept.delete(key));
  for (const oldest of kept.keys()) {
    if (kept.size <= mostKept) break;
    kept.delete(oldest);
  }
  return answer;
}
/** A print as PDF, drawn in a thread. */
export const drawn = (input: Tasks['print']['input']): Promise<Uint8Array> => run({ kind: 'print', input }) as Promise<Uint8Array>;
