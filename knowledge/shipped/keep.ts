import { readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { shipped } from './tables';

/** Where the ids that were ever shipped are kept; lines are added, never taken out. */
export const kept = path.join(import.meta.dirname, 'ids.json');
export const everShipped = (): Readonly<Record<string, readonly string[]>> => JSON.parse(readFileSync(kept, 'utf8')) as Record<string, string[]>;

if (process.argv[1] === import.meta.filename) {
  const before = everShipped();
  const now = Object.fromEntries(Object.entries(shipped).map(([of, ids]) => [of, [...new Set([...(before[of] ?? []), ...ids])].sort()]));
  writeFileSync(kept, `${JSON.stringify({ ...before, ...now }, null, 1)}\n`);
  console.log(`${Object.values(now).reduce((sum, ids) => sum + ids.length, 0)} ids are kept in ${path.relative(process.cwd(), kept)}`);
}
