import { sql } from 'drizzle-orm';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { connections } from '../db/client';
import { rateLimit, session, user, verification } from '../db/schema';
import { clearExpired } from './expired';
import { ownDatabase } from './testing/venue';

let drop: () => Promise<void>;
beforeAll(async () => {
  drop = await ownDatabase();
});
afterAll(() => drop());

it('what is over goes, what still holds stays', async () => {
  const { db } = connections();
  const now = new Date('2026-11-26T12:00:00Z');
  await db.insert(user).values({ id: 'u', name: 'Wren', email: 'wren@example.invalid' });
  for (const [id, minutes] of [
    ['over', -1],
    ['holds', 1],
  ] as const) {
    const expiresAt = new Date(now.getTime() + minutes * 60_000);
    await db.insert(session).values({ id, expiresAt, token: id, userId: 'u' });
    await db.insert(verification).values({ id, identifier: id, value: id, expiresAt });
    await db.insert(rateLimit).values({ key: id, expire: expiresAt.getTime() });
  }
  await clearExpired(db, now);
  for (const [table, column] of [
    ['session', 'id'],
    ['verification', 'id'],
    ['rate_limit', 'key'],
  ] as const)
    expect((await db.execute(sql.raw(`select "${column}" as id from "${table}"`))).rows, table).toEqual([{ id: 'holds' }]);
});
