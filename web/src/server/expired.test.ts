import { closeSync, existsSync, openSync, readFileSync, writeSync } from 'node:fs';
import path from 'node:path';
import { eq, sql } from 'drizzle-orm';
import { v7 } from 'uuid';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { connections } from '../db/client';
import { mail, participant, rateLimit, session, tasting, user, verification } from '../db/schema';
import { deliverLetters, letterFile } from './account/letters';
import { clearExpired, turnLog } from './expired';
import { newMember, ownDatabase } from './testing/venue';

let drop: () => Promise<void>;
beforeAll(async () => {
  drop = await ownDatabase();
});
afterAll(() => drop());

it('a letter goes after ninety days, with its file', async () => {
  const { db } = connections();
  const now = new Date('2026-11-26T12:00:00Z');
  for (const days of [89, 91])
    await db.insert(mail).values({ id: v7(), to: 'w@example.invalid', subject: String(days), body: '', sentAt: new Date(now.getTime() - days * 86_400_000) });
  await deliverLetters(db);
  const rows = await db.select().from(mail);
  const files = () => rows.filter((row) => existsSync(letterFile(row.id))).map((row) => row.subject);
  expect(files().sort()).toEqual(['89', '91']);
  await clearExpired(db, now);
  expect(files()).toEqual(['89']);
  expect((await db.select().from(mail)).map((row) => row.subject)).toEqual(['89']);
});
it('a log that grew too long begins anew in the same file; what it held stands beside it', () => {
  const file = path.join(process.env['ROSE_DATA']!, 'server.log');
  turnLog(file, 10);
  expect(existsSync(file)).toBe(false);
  const log = openSync(file, 'a');
  writeSync(log, 'a long line\n');
  turnLog(file, 10);
  writeSync(log, 'short\n');
  turnLog(file, 10);
  closeSync(log);
  expect([readFileSync(file, 'utf8'), readFileSync(`${file}.before`, 'utf8')]).toEqual(['short\n', 'a long line\n']);
});
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
it('a guest’s name goes thirty days after the close unless they kept a key; what they said on arrival and shared goes in any case', async () => {
  const { db } = connections();
  const owner = await newMember('owner');
  const now = new Date('2026-11-26T12:00:00Z');
  const seats = [];
  for (const [days, keyHash] of [
    [29, null],
    [31, null],
    [31, 'kept'],
  ] as const) {
    const [tastingId, id] = [v7(), v7()];
    await db
      .insert(tasting)
      .values({ venueId: owner.venueId, id: tastingId, kind: 'table', name: 'An evening', closedAt: new Date(now.getTime() - days * 86_400_000) });
    await db.insert(participant).values({
      venueId: owner.venueId,
      id,
      tastingId,
      name: 'Ana',
      seat: 1,
      tokenHash: id,
      keyHash: keyHash === null ? null : `${keyHash}-${id}`,
      arrival: { cold: true },
      card: { allergies: 'nuts' },
    });
    seats.push(id);
  }
  await clearExpired(db, now);
  const rows = await db.select().from(participant).where(eq(participant.venueId, owner.venueId));
  const of = seats.map((id) => rows.find((row) => row.id === id)!);
  expect(of.map(({ name, arrival, card, tokenHash }) => [name, arrival, card, tokenHash !== null])).toEqual([
    ['Ana', { cold: true }, { allergies: 'nuts' }, true],
    ['A guest', null, null, false],
    ['Ana', null, null, false],
  ]);
});
