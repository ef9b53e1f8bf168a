import { sql } from 'drizzle-orm';
import { z } from 'zod';
import { query } from './command';

export const health = query({
  name: 'health',
  method: 'GET',
  path: '/health',
  summary: 'Whether the application and its database answer',
  allow: 'anyone',
  input: z.strictObject({}),
  output: z.object({ ok: z.literal(true) }),
  async run(db) {
    await db.execute(sql`select 1`);
    return { ok: true };
  },
});
