import { readFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { drizzle } from 'drizzle-orm/node-postgres';
import { migrate as apply } from 'drizzle-orm/node-postgres/migrator';
import { Client } from 'pg';

import { deliverLetters } from '../server/account/letters';
import { rewriteDerived } from '../server/derived';
import { clearExpired } from '../server/expired';

const folder = path.join(path.dirname(fileURLToPath(import.meta.url)), 'migrations');
/** Any number that is ours: two starters wait for each other. */
const lockKey = 7_031_977;
const oldest = 150_000;

/** Brings the database up to this version, one starter at a time. Refuses a PostgreSQL that is too old and a database that is newer than this program. */
export async function migrate(connectionString: string): Promise<void> {
  const client = new Client({ connectionString, connectionTimeoutMillis: 10_000 });
  await client.connect();
  try {
    const version = Number((await client.query<{ server_version_num: string }>('show server_version_num')).rows[0]!.server_version_num);
    if (version < oldest) throw new Error(`PostgreSQL ${Math.floor(version / 10_000)} is too old: Rose Compass needs 15 or newer.`);
    await client.query('select pg_advisory_lock($1)', [lockKey]);
    const journal = JSON.parse(readFileSync(path.join(folder, 'meta', '_journal.json'), 'utf8')) as { entries: { when: number }[] };
    const newest = Math.max(...journal.entries.map((entry) => entry.when));
    const applied = await client.query<{ at: string | null }>(
      "select case when to_regclass('drizzle.__drizzle_migrations') is null then null else (xpath('/row/m/text()', query_to_xml('select max(created_at) as m from drizzle.__drizzle_migrations', true, true, '')))[1]::text end as at",
    );
    if (Number(applied.rows[0]?.at ?? 0) > newest)
      throw new Error('This database was made by a newer version of Rose Compass: start that version, or restore an older backup.');
    await apply(drizzle(client), { migrationsFolder: folder });
    await rewriteDerived(connectionString, console.log);
    await clearExpired(drizzle(client));
    await deliverLetters(drizzle(client));
  } finally {
    await client.end();
  }
}

if (process.argv[1] === fileURLToPath(import.meta.url)) {
  migrate(process.env['DATABASE_URL'] ?? '').catch((error: Error) => {
    console.error(error.message);
    process.exit(1);
  });
}
