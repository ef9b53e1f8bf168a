import { eq, sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { newMember, ownDatabase } from '../server/testing/venue';
import { built } from './built';
import { connections, type Reader } from './client';
import { venue } from './schema';

let drop: () => Promise<void>;
beforeAll(async () => {
  drop = await ownDatabase();
});
afterAll(() => drop());

describe('a query that is asked all the time', () => {
  it('is built once for what it runs on, asked with other values each time, and within a transaction sees what that one wrote', async () => {
    let times = 0;
    const nameOf = built((db) => {
      times += 1;
      return db
        .select({ name: venue.name })
        .from(venue)
        .where(eq(venue.id, sql.placeholder('id')))
        .prepare('name-of-a-venue');
    });
    const { db } = connections();
    const [one, other] = [await newMember('owner'), await newMember('owner')];
    await db.update(venue).set({ name: 'The other one' }).where(eq(venue.id, other.venueId));
    const names = async (on: Reader) => [...(await nameOf(on).execute({ id: one.venueId })), ...(await nameOf(on).execute({ id: other.venueId }))];
    const [first, second] = await names(db);
    expect(second).toEqual({ name: 'The other one' });
    expect(first).not.toEqual(second);
    expect(times).toBe(1);
    await db.transaction(async (tx) => {
      await tx.update(venue).set({ name: 'Renamed' }).where(eq(venue.id, one.venueId));
      expect(await names(tx)).toEqual([{ name: 'Renamed' }, second]);
      expect(times).toBe(2);
      expect(await names(db), 'not yet committed').toEqual([first, second]);
    });
    expect((await names(db))[0]).toEqual({ name: 'Renamed' });
    expect(times).toBe(2);
  });
});
