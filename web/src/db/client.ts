import { drizzle, type NodePgDatabase } from 'drizzle-orm/node-postgres';
import { Pool } from 'pg';
import { preparesWhatIsAskedOften } from './prepared';

export type Database = NodePgDatabase;
export type Tx = Parameters<Parameters<Database['transaction']>[0]>[0];
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
      // Half of them are kept though idle: who acts in a full room waits for no connection that has first to be made.
      const pool = new Pool({ connectionString, max, min: Math.ceil(max / 2), connectionTimeoutMillis: 10_000, idleTimeoutMillis: 30_000 });
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
    globals.roseConnections = { pool, accountsPool, db: drizzle(pool), accounts: drizzle(accountsPool) };
  }
  return globals.roseConnections;
}

export async function closeConnections(): Promise<void> {
  const open = globals.roseConnections;
  delete globals.roseConnections;
  if (open !== undefined) await Promise.all([open.pool.end(), open.accountsPool.end()]);
}
