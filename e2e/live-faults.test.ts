import { randomUUID } from 'node:crypto';
import { request, type IncomingMessage } from 'node:http';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import type { ChildProcess } from 'node:child_process';
import { Client } from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { freePort, startCluster, type Cluster } from '../web/src/server/testing/throwaway';
import { end, prepare, serve } from './application';
import { covered } from './covered-flight';

/** An application and a database of its own, which this file kills; guests are raw requests, as a phone's page sends them. */
let cluster: Cluster;
let data: string;
let port: number;
let server: ChildProcess;
beforeAll(async () => {
  cluster = await startCluster();
  data = mkdtempSync(path.join(tmpdir(), 'rose-faults-'));
  port = await freePort();
  await prepare(cluster.url('postgres'), cluster.url('rose'), data, port);
  server = await serve(cluster.url('rose'), data, port);
});
afterAll(async () => {
  await end(server);
  cluster.stop();
  rmSync(data, { recursive: true, force: true });
});

/** npm run test:long: a thousand reconnects, and a database that is away for five minutes. */
const long = process.env['ROSE_LONG'] === '1';
const cutMs = long ? 300_000 : 1_500;
const sleep = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));
const base = () => `http://127.0.0.1:${port}`;
/** One request; status 0 where no answer came. */
async function ask(method: string, address: string, cookie: string, body?: unknown): Promise<{ status: number; text: string; cookies: string[] }> {
  try {
    const answer = await fetch(`${base()}/api/v1${address}`, {
      method,
      headers: { origin: base(), cookie, ...(body === undefined ? {} : { 'content-type': 'application/json' }) },
      ...(body === undefined ? {} : { body: JSON.stringify(body) }),
      signal: AbortSignal.timeout(8_000),
    });
    return { status: answer.status, text: await answer.text(), cookies: answer.headers.getSetCookie().map((one) => one.split(';')[0]!) };
  } catch {
    return { status: 0, text: '', cookies: [] };
  }
}
/** Asks again, unchanged, until there is an answer that is one. */
async function surely(method: string, address: string, cookie: string, body?: unknown) {
  for (let tries = 0; tries < (long ? 2_000 : 120); tries++) {
    const answer = await ask(method, address, cookie, body);
    if (answer.status !== 0 && answer.status < 500) return answer;
    await sleep(250);
  }
  throw new Error(`${method} ${address} was never answered`);
}
/** A stream that is cut by itself every second and comes back at once; what it heard, in the order it was heard. */
class Ears {
  readonly heard: { tick: number; data: string }[] = [];
  /** How often it was cut. */
  cuts = 0;
  private going = true;
  private open: ReturnType<typeof request> | undefined;
  constructor(private readonly cookie: string) {
    void this.go();
  }
  private async go(): Promise<void> {
    while (this.going) {
      await new Promise<void>((resolve) => {
        const timer = setTimeout(
          () => {
            this.cuts += 1;
            this.open?.destroy();
          },
          700 + Math.random() * 600,
        );
        const done = () => {
          clearTimeout(timer);
          resolve();
        };
        this.open = request(`${base()}/api/v1/guest/stream`, { headers: { cookie: this.cookie }, agent: false }, (answer: IncomingMessage) => {
          let text = '';
          answer.setEncoding('utf8').on('data', (chunk: string) => {
            text += chunk;
            for (let at = text.indexOf('\n\n'); at >= 0; at = text.indexOf('\n\n')) {
              const event = text.slice(0, at);
              text = text.slice(at + 2);
              const id = /^id: (\d+)$/m.exec(event)?.[1];
              if (id !== undefined) this.heard.push({ tick: Number(id), data: /^data: (.*)$/m.exec(event)![1]! });
            }
          });
          answer.on('error', done).on('close', done);
        });
        this.open.on('error', done).end();
      });
      await sleep(60);
    }
  }
  stop(): void {
    this.going = false;
    this.open?.destroy();
  }
}

describe('an evening while things break', () => {
  it(
    'loses nothing, doubles nothing and comes together again: the application killed, the database restarted, streams cut every second, requests replayed',
    async () => {
      const host = (await surely('POST', '/demo/session', '', {})).cookies.join('; ');
      const { flights } = JSON.parse((await surely('GET', '/flights', host)).text) as { flights: { id: string }[] };
      const { document } = JSON.parse((await surely('GET', `/flights/${flights[0]!.id}`, host)).text) as {
        document: { wines: { id: string; buy?: unknown }[] };
      };
      const [flightId, tastingId] = [randomUUID(), randomUUID()];
      await surely('PUT', `/flights/${flightId}`, host, {
        writeId: 'made',
        baseRevision: 0,
        document: covered(document, 'A rough night'),
      });
      await surely('POST', `/flights/${flightId}/tastings`, host, { tastingId });
      interface State {
        tick: number;
        joinCode: string;
        joinKey: string;
        glasses: { id: string }[];
        program: unknown[];
      }
      const state = async () => JSON.parse((await surely('GET', `/tastings/${tastingId}`, host)).text) as State;
      /** An act is sent again with its id until it is answered: killed before or after it was done, it is done once. */
      const move = async (to: number) => {
        const body = { basedOn: (await state()).tick, actId: randomUUID(), to };
        return surely('POST', `/tastings/${tastingId}/moves`, host, body);
      };
      await move(1);
      const { joinCode, joinKey, glasses, program } = await state();
      const guests = await Promise.all(
        Array.from({ length: 12 }, async (_, i) => {
          const seat = randomUUID().replaceAll('-', '');
          const join = () => surely('POST', '/joins', '', { code: joinCode, key: joinKey, seat, name: `Guest ${i}` });
          const cookie = (await join()).cookies[0]!;
          // The same phone asks twice, as one does whose first answer was lost.
          expect((await join()).status).toBe(200);
          const noteId = randomUUID();
          expect((await surely('POST', '/guest/notes', cookie, { noteId, glassId: glasses[0]!.id })).status).toBe(200);
          return { cookie, noteId, ears: new Ears(cookie) };
        }),
      );
      const saves = long ? 240 : 14;
      const moves = long ? 120 : 10;
      const writing = guests.map(async ({ cookie, noteId }) => {
        let revision = 1;
        for (let n = 1; n <= saves; n++) {
          const write = {
            writeId: randomUUID(),
            baseRevision: revision,
            document: { schema: 1, observed: { acidity: n % 100 }, chips: [], deck: {}, markBeforeDraft: null, rewritten: {}, remark: `${n}` },
          };
          const answer = await surely('PUT', `/guest/notes/${noteId}`, cookie, write);
          expect(answer.status, answer.text).toBe(200);
          revision = (JSON.parse(answer.text) as { revision: number }).revision;
          // Replayed later, it changes nothing.
          if (n % 5 === 0) expect((await surely('PUT', `/guest/notes/${noteId}`, cookie, write)).status).toBe(200);
          await sleep(350 + Math.random() * 300);
        }
        return revision;
      });
      const leading = (async () => {
        for (let step = 2; step < 2 + moves; step++) {
          expect((await move(2 + (step % (program.length - 2)))).status).toBe(200);
          await sleep(500);
        }
      })();
      await sleep(1_200);
      server.kill('SIGKILL');
      await sleep(600);
      server = await serve(cluster.url('rose'), data, port);
      await sleep(1_200);
      cluster.power(false);
      await sleep(cutMs);
      cluster.power(true);
      const revisions = await Promise.all(writing);
      await leading;
      // Everybody converges on the last tick.
      const last = (await state()).tick;
      for (let tries = 0; tries < 60 && !guests.every(({ ears }) => ears.heard.at(-1)?.tick === last); tries++) await sleep(250);
      for (const { ears } of guests) ears.stop();
      const byTick = new Map<number, string>();
      for (const { ears } of guests) {
        expect(ears.heard.at(-1)?.tick).toBe(last);
        const ticks = ears.heard.map(({ tick }) => tick);
        expect(ticks).toEqual([...ticks].sort((a, b) => a - b));
        for (const { tick, data: said } of ears.heard) {
          expect(said, `tick ${tick}`).toBe(byTick.get(tick) ?? said);
          byTick.set(tick, said);
        }
      }
      const client = new Client({ connectionString: cluster.url('rose') });
      await client.connect();
      const { rows } = await client.query<{ id: string; revision: number; remark: string }>(
        "select id, revision, document->>'remark' as remark from note where id = any($1)",
        [guests.map(({ noteId }) => noteId)],
      );
      const seats = await client.query<{ n: number }>('select count(*)::int as n from participant where tasting_id = $1', [tastingId]);
      const ticks = await client.query<{ n: number; most: number }>('select count(*)::int as n, max(tick) as most from tasting_log where tasting_id = $1', [
        tastingId,
      ]);
      await client.end();
      expect(revisions).toEqual(guests.map(() => 1 + saves));
      expect(rows.map(({ revision, remark }) => [revision, remark])).toEqual(guests.map(() => [1 + saves, String(saves)]));
      expect(seats.rows[0]!.n).toBe(guests.length);
      // One row of the log for every tick, none twice: opened, poured, and each move once.
      expect(ticks.rows[0]).toEqual({ n: last, most: last });
      expect(last).toBe(2 + 1 + moves);
      expect(guests.reduce((sum, { ears }) => sum + ears.cuts, 0)).toBeGreaterThanOrEqual(long ? 1_000 : 20);
    },
    long ? 1_800_000 : 180_000,
  );
});
