import { sql } from 'drizzle-orm';
import { contract } from '../contract';
import { ok, serve } from './command';

export const health = serve(contract.health.ask, async (db) => {
  await db.execute(sql`select 1`);
  return ok;
});
