import { drizzle, type NodePgDatabase } from 'drizzle-orm/node-postgres';
import type { PgTransaction } from 'drizzle-orm/pg-core';
import type { NodePgQueryResultHKT } from 'drizzle-orm/node-postgres';
import type { ExtractTablesWithRelations } from 'drizzle-orm';
import { Pool } from 'pg';
import { preparesWhatIsAskedOften } from './prepared';
import * as schema from './schema';

export type Database = NodePgDatabase<typeof schema>;
export type Tx = PgTransaction<NodePgQueryResultHKT, typeof schema, ExtractTablesWithRelations<typeof schema>>;
/** Anything a query can run on. */
export type Reader = Database | Tx;

interface Connections {
  readonly pool: Pool;
  readonly accountsPool: Pool;
  readonly db: Database;
  /** The account library's own connections, so that it never waits for ours. */
  readonly accounts: Database;
}
const globals = globalThis as { roseConnections?: Connections };

/** One set of connections a process, opened at the first use. */
export function connections(): Connections {
  if (globals.roseConnections === undefined) {
    const connectionString = process.env['DATABASE_URL'];
    if (connectionString === undefined || connectionString === '') throw new Error('DATABASE_URL is not set: start Rose Compass with npm start');
    const open = (max: number) => {
      const pool = new Pool({ connectionString, max, connectionTimeoutMillis: 10_000, idleTimeoutMillis: 30_000 });
      // A connection that dies while idle is replaced at its next use; without a listener it would end the process.
      pool.on('error', () => undefined);
      // One that dies between two statements of a transaction fails the next of them; nobody needs to hear of it twice.
      pool.on('connect', (client) => {
        client.on('error', () => undefined);
        preparesWhatIsAskedOften(client);
      });
      return pool;
    };
    const pool = open(10);
    const accountsPool = open(4);
    globals.roseConnections = { pool, accountsPool, db: drizzle(pool, { schema }), accounts: drizzle(accountsPool, { schema }) };
  }
  return globals.roseConnections;
}

export async function closeConnections(): Promise<void> {
  const open = globals.roseConnections;
  delete globals.roseConnections;
  if (open !== undefined) await Promise.all([open.pool.end(), open.accountsPool.end()]);
}
