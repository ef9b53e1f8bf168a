import { sql } from 'drizzle-orm';
import { Client } from 'pg';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { ownDatabase } from '../server/testing/venue';
import { connections } from './client';
import { preparesWhatIsAskedOften } from './prepared';

let drop: () => Promise<void>;
let client: Client;
beforeAll(async () => {
  drop = await ownDatabase();
  client = new Client({ connectionString: process.env['DATABASE_URL']! });
  await client.connect();
  preparesWhatIsAskedOften(client);
});
afterAll(async () => {
  await client.end();
  await drop();
});
const prepared = async (on: Pick<Client, 'query'> = client) => (await on.query<{ statement: string }>('select statement from pg_prepared_statements')).rows;

it('what is asked often is prepared, what is asked seldom or without values is not, and answers stay the same', async () => {
  const twice = { text: 'select $1::int * 2 as is' };
  for (let i = 0; i < 40; i++) {
    expect((await client.query<{ is: number }>(twice, [i])).rows).toEqual([{ is: 2 * i }]);
    if (i === 3) expect(await prepared()).toEqual([]);
    await client.query('select 1');
  }
  await client.query({ text: 'select $1::text' }, ['once']);
  expect((await prepared()).map(({ statement }) => statement)).toEqual([twice.text]);
  await expect(client.query(twice, ['no number'])).rejects.toMatchObject({ code: '22P02' });
  expect((await client.query(twice, [4])).rows).toEqual([{ is: 8 }]);
});
it('however many statements are asked often, a connection keeps a hundred', async () => {
  for (let kind = 0; kind < 130; kind++)
    for (let i = 0; i < 9; i++) expect((await client.query({ text: `select $1::int + ${kind} as is` }, [i])).rows).toEqual([{ is: i + kind }]);
  expect(await prepared()).toHaveLength(100);
});
it('the application’s own connections do, inside a transaction and out of it, and a failed one does not hold a name that is not there', async () => {
  const { db, pool } = connections();
  await db.transaction(async (tx) => {
    for (let i = 0; i < 12; i++) expect((await tx.execute<{ is: number }>(sql`select ${i}::int as is`)).rows).toEqual([{ is: i }]);
    expect((await tx.execute<{ n: number }>(sql`select count(*)::int as n from pg_prepared_statements`)).rows).toEqual([{ n: 1 }]);
  });
  // The eighth time, which prepares, falls into a transaction that fails.
  const one = await pool.connect();
  try {
    for (let i = 0; i < 20; i++) {
      await one.query('begin');
      await one.query({ text: 'select 1 / $1::int as is' }, [i % 8 === 7 ? 0 : 1]).catch(() => undefined);
      await one.query('rollback');
    }
    expect((await one.query({ text: 'select 1 / $1::int as is' }, [1])).rows).toEqual([{ is: 1 }]);
  } finally {
    one.release();
  }
});
