import { parentPort } from 'node:worker_threads';
import { perform, type Asked } from './tasks';

/** A thread of the pool: one task at a time, answered with what it made or with why it did not. */
parentPort!.on('message', ({ id, asked }: { id: number; asked: Asked }) => {
  perform(asked).then(
    (output) => parentPort!.postMessage({ id, output }),
    (error: unknown) => parentPort!.postMessage({ id, error: error instanceof Error ? (error.stack ?? error.message) : String(error) }),
  );
});
