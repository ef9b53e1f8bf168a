import { spawn } from 'node:child_process';
import path from 'node:path';
import { freePort } from '../web/src/server/testing/throwaway';
import { below, type Figure } from './measure';

const root = path.join(import.meta.dirname, '..');
/** Milliseconds from the command to the first page. */
async function firstPage(
  command: string,
  args: readonly string[],
  cwd: string,
  env: Readonly<Record<string, string>>,
  port: number,
  patience = 60_000,
): Promise<number> {
  const from = performance.now();
  const child = spawn(command, [...args], { cwd, env: { ...process.env, ...env }, stdio: 'ignore', detached: true });
  try {
    for (;;) {
      const page = await fetch(`http://127.0.0.1:${port}/come-in`).then(
        async (response) => (response.ok ? response.text() : false),
        () => false as const,
      );
      if (page !== false) return performance.now() - from;
      if (performance.now() - from > patience) throw new Error(`no page after ${patience / 1000} s`);
      await new Promise((resolve) => setTimeout(resolve, 10));
    }
  } finally {
    if (child.exitCode === null && child.signalCode === null) {
      const gone = new Promise((resolve) => child.on('exit', resolve));
      child.kill('SIGTERM');
      await gone;
    }
  }
}

/** The second npm start, database and all, against bare next start on the same build. */
export async function start(): Promise<Figure[]> {
  const port = await freePort();
  const own = (patience?: number) => firstPage('bash', ['bin/start'], root, { PORT: String(port) }, port, patience);
  const bare = () =>
    firstPage(
      process.execPath,
      ['../node_modules/next/dist/bin/next', 'start', '-p', String(port), '-H', '127.0.0.1'],
      path.join(root, 'web'),
      { NODE_ENV: 'production', DATABASE_URL: 'postgres://nobody@127.0.0.1:1/none' },
      port,
    );
  // The first start of a clone makes the database, fills the demo and may build: it is not measured.
  await own(600_000);
  const taken: [number[], number[]] = [[], []];
  for (let i = 0; i < 3; i++) {
    taken[0].push(await own());
    taken[1].push(await bare());
  }
  const median = (list: number[]) => list.sort((a, b) => a - b)[1]!;
  return [below('start', 'the second npm start to the first page against bare next start', median(taken[0]), median(taken[1]), 2)];
}
