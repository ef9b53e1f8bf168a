import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { end, prepare, serve } from '../e2e/application';
import { openBrowser } from '../e2e/browser';
import { freePort, startCluster } from '../web/src/server/testing/throwaway';

export type Browser = Awaited<ReturnType<typeof openBrowser>>['browser'];
export type Page = Awaited<ReturnType<Browser['newPage']>>;

/** Runs something against the built application with the demo, on a database of its own, in a browser; both are gone afterwards. */
export async function served<T>(run: (at: { readonly base: string; readonly database: string; readonly browser: Browser }) => Promise<T>): Promise<T> {
  const cluster = await startCluster();
  const data = mkdtempSync(path.join(tmpdir(), 'rose-bench-'));
  const port = await freePort();
  const database = cluster.url('rose');
  await prepare(cluster.url('postgres'), database, data, port);
  const server = await serve(database, data, port);
  const { browser, close } = await openBrowser();
  try {
    return await run({ base: `http://127.0.0.1:${port}`, database, browser });
  } finally {
    await close();
    await end(server);
    cluster.stop();
    rmSync(data, { recursive: true, force: true });
  }
}
