import { seededRandom } from '@rose/core/chance/seeded-random';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { Client } from 'pg';
import { emptyNote } from '@rose/core/wine/note';
import { v7 } from 'uuid';
import { startCluster } from '../web/src/server/testing/throwaway';
import { below, type Figure } from './measure';

/** 100,000 notes; 200 searches, a third each of words in over half, about 5 % and under 0.1 % of them, with two filters, newest first: through the interface for programs, against the bare SQL. */
export async function notebook(): Promise<Figure[]> {
  const cluster = await startCluster();
  // What is measured next has an environment of its own.
  const before = { ...process.env };
  try {
    const admin = new Client({ connectionString: cluster.url('postgres') });
    await admin.connect();
    await admin.query('create database rose');
    await admin.end();
    process.env['DATABASE_URL'] = cluster.url('rose');
    process.env['ROSE_DATA'] = mkdtempSync(path.join(tmpdir(), 'rose-bench-'));
    process.env['ROSE_LOG'] = 'silent';
    // As it is served: without the check of every answer that tests and development have.
    Object.assign(process.env, { NODE_ENV: 'production' });
    const { migrate } = await import('../web/src/db/migrate');
    await migrate(cluster.url('rose'));
    const { handle } = await import('../web/src/server/http');
    const { closeConnections } = await import('../web/src/db/client');
    const { hashCode } = await import('../web/src/server/secret-code');
    const db = new Client({ connectionString: cluster.url('rose') });
    await db.connect();
    const venue = v7();
    await fill(db, venue, hashCode('rose_bench'));
    const random = seededRandom(9);
    const common = ['lemon', 'fresh'];
    const middle = Array.from({ length: 14 }, (_, i) => `middle${i}`);
    const rare = Array.from({ length: 900 }, (_, i) => `rare${i}`);
    const words = Array.from({ length: 200 }, (_, i) =>
      i % 3 === 0 ? common[i % 2]! : i % 3 === 1 ? middle[Math.floor(random() * middle.length)]! : rare[Math.floor(random() * rare.length)]!,
    );
    const ask = async (q: string) => {
      const response = await handle(
        new Request(`http://127.0.0.1/api/v1/notes?q=${q}&from=2020-01-01&least=60&limit=20`, { headers: { authorization: 'Bearer rose_bench' } }),
        '/notes',
      );
      if (response.status !== 200) throw new Error(await response.text());
      return response.json();
    };
    const filter = `note.venue_id = $1 and note.deleted_at is null and note.words @@ to_tsquery('simple', $2) and note.tasted_at >= '2020-01-01' and note.quality >= 60`;
    const bare = async (q: string) => {
      const terms = `'${q}':*`;
      const rows = await db.query(
        `with chosen as (select venue_id, id from note where ${filter} order by tasted_at desc, id limit 21) select note.id, note.document, note.tasted_at, participant.name, glass.code, wine.name from chosen join note on note.venue_id = chosen.venue_id and note.id = chosen.id join participant on participant.venue_id = note.venue_id and participant.id = note.participant_id join glass on glass.venue_id = note.venue_id and glass.id = note.glass_id left join glass_identity on glass_identity.venue_id = glass.venue_id and glass_identity.glass_id = glass.id left join wine on wine.venue_id = glass_identity.venue_id and wine.id = glass_identity.wine_id order by note.tasted_at desc, note.id`,
        [venue, terms],
      );
      const counted = await db.query(`select count(*) from (select 1 from note where ${filter} limit 1001) as counted`, [venue, terms]);
      return [rows.rows, counted.rows];
    };
    for (const q of words.slice(0, 9)) {
      await ask(q);
      await bare(q);
    }
    let [own, plain] = [0, 0];
    for (const q of words) {
      let from = performance.now();
      await ask(q);
      own += performance.now() - from;
      from = performance.now();
      await bare(q);
      plain += performance.now() - from;
    }
    await db.end();
    await closeConnections();
    return [below('notebook', '200 searches over 100,000 notes through the API against the bare SQL', own, plain, 1.5)];
  } finally {
    process.env = before;
    cluster.stop();
  }
}

async function fill(db: Client, venue: string, tokenHash: string): Promise<void> {
  const [tasting, participant, wine] = [v7(), v7(), v7()];
  const document = JSON.stringify({
    ...emptyNote,
    observed: {
      clarity: 'clear',
      hue: 'lemon',
      depth: 30,
      noseSwirled: 60,
      acidity: 70,
      sweetness: 10,
      body: 40,
      finish: { seconds: 25 },
      balance: 60,
      quality: 80,
    },
    chips: [
      { id: 'a', term: 'lemon', layer: 'first', strength: 2 },
      { id: 'b', term: 'pear', layer: 'swirled', strength: 2 },
    ],
  });
  await db.query(`insert into "user" (id, name, email) values ('u', 'Bench', 'bench@example.invalid')`);
  await db.query(`insert into venue (id, name, settings) values ($1, 'Bench', '{}')`, [venue]);
  await db.query(`insert into member (venue_id, user_id, role) values ($1, 'u', 'owner')`, [venue]);
  await db.query(`insert into api_token (venue_id, id, user_id, name, token_hash) values ($1, $2, 'u', 'bench', $3)`, [venue, v7(), tokenHash]);
  await db.query(
    `insert into wine (venue_id, id, revision, writes, name, producer, document, search, same_key) values ($1, $2, 1, '{}', 'Wine', 'Maker', '{"schema":1,"name":"Wine","producer":"Maker","facts":{},"remark":""}', 'wine maker', '')`,
    [venue, wine],
  );
  await db.query(`insert into tasting (venue_id, id, kind, name) values ($1, $2, 'table', 'Bench')`, [venue, tasting]);
  await db.query(`insert into participant (venue_id, id, tasting_id, user_id, name, seat) values ($1, $2, $3, 'u', 'Bench', 1)`, [venue, participant, tasting]);
  await db.query(
    `insert into glass (venue_id, id, tasting_id, place, code, revealed_at) select $1, gen_random_uuid(), $2, n, 'g' || n, now() from generate_series(1, 100000) n`,
    [venue, tasting],
  );
  await db.query(`insert into glass_identity (venue_id, glass_id, wine_id) select venue_id, id, $2 from glass where venue_id = $1`, [venue, wine]);
  await db.query(
    `insert into note (venue_id, id, revision, writes, glass_id, participant_id, moment, tasted_at, quality, document, evidence, search)
     select $1, gen_random_uuid(), 1, '{}', id, $2, 'first', timestamptz '2018-01-01' + place * interval '40 minutes', 50 + (place * 7919) % 50, $3::jsonb, jsonb_build_object('observed', $3::jsonb->'observed', 'chips', $3::jsonb->'chips'),
       concat_ws(' ', case when place % 10 < 6 then 'lemon fresh clear' else 'plum soft deep' end, 'middle' || (place * 31 % 20), 'rare' || (place * 17 % 1500), 'the pleasure lasts seconds')
     from glass where venue_id = $1`,
    [venue, participant, document],
  );
  await db.query('vacuum analyze');
}
