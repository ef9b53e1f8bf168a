import { spawn } from 'node:child_process';
import path from 'node:path';
import { and, eq } from 'drizzle-orm';
import { tasting } from '../../db/schema';
import { contract } from '../../contract';
import { ok, serve } from '../command';
import { host, isLoopback, port } from '../environment';
import { rehearsalKey } from '../join-code';
import { Problem, notFound } from '../problem';

const script = path.join(process.cwd().endsWith(`${path.sep}web`) ? '..' : '.', 'bin/rehearse');
/** Rehearsals this process began and that still go, by their evening: begun twice they would sit on the same seats twice. */
const going = new Set<string>();

export const rehearse = serve(contract.tasting.rehearse, async (db, actor, { id, guests, seed }) => {
  const [row] = await db
    .select({ code: tasting.joinCode, closedAt: tasting.closedAt })
    .from(tasting)
    .where(and(eq(tasting.venueId, actor.venueId), eq(tasting.id, id)));
  if (row?.code == null) throw notFound('evening');
  if (row.closedAt !== null) throw new Problem(409, 'closed', 'This evening is closed.');
  if (going.has(id)) return ok;
  going.add(id);
  const at = isLoopback(host()) || host() === '0.0.0.0' ? '127.0.0.1' : host();
  const child = spawn(
    'bash',
    [path.resolve(/* turbopackIgnore: true */ script), `http://${at}:${port()}`, row.code, rehearsalKey(row.code), String(guests), String(seed)],
    {
      stdio: 'ignore',
      env: {
        PATH: process.env['PATH'] ?? '',
        HOME: process.env['HOME'] ?? '',
        ROSE_REHEARSAL_MS: process.env['ROSE_REHEARSAL_MS'] ?? '',
      } as unknown as NodeJS.ProcessEnv,
    },
  );
  // It ends by itself when the evening is closed, and with this process.
  child.on('exit', () => going.delete(id)).on('error', () => going.delete(id));
  child.unref();
  return ok;
});
