import { fork, type ChildProcess } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { pathToFileURL } from 'node:url';
import { Client } from 'pg';
import { end, prepare, serve } from '../e2e/application';
import { covered } from '../e2e/covered-flight';
import { freePort, startCluster } from '../web/src/server/testing/throwaway';
import type { Figure } from './measure';

/** Seconds of a rung, between two taps of the host, and what the ratio may be. */
const seconds = Number(process.env['ROSE_LIVE_SECONDS'] ?? 120);
const everyMs = 2_500;
const most = 3;
const rungs = [
  { guests: 50, processes: 1 },
  { guests: 100, processes: 1 },
  { guests: 200, processes: 1 },
  { guests: 200, processes: 2 },
  { guests: 350, processes: 1 },
  { guests: 500, processes: 1 },
];
/** Only these numbers of guests, for a look at one rung. */
const only = (process.env['ROSE_LIVE_GUESTS'] ?? '').split(',').filter(Boolean).map(Number);
const goal = 200;
const p95 = (taken: readonly number[]) => [...taken].sort((a, b) => a - b)[Math.floor(taken.length * 0.95)] ?? Infinity;
const now = () => performance.timeOrigin + performance.now();
const sleep = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

/** Ticks of all processors so far, and of them those that were taken by others on the same host; nothing where the system does not tell. */
function ticks(): { readonly all: number; readonly taken: number } | undefined {
  try {
    const counted = /^cpu +(.*)$/m.exec(readFileSync('/proc/stat', 'utf8'))![1]!.split(' ').map(Number);
    return { all: counted.slice(0, 8).reduce((sum, one) => sum + one, 0), taken: counted[7]! };
  } catch {
    return undefined;
  }
}

const takenBetween = (first: ReturnType<typeof ticks>, last: ReturnType<typeof ticks>) =>
  first === undefined || last === undefined ? undefined : (last.taken - first.taken) / (last.all - first.all);
const percent = (share: number | undefined) => (share === undefined ? '?' : (100 * share).toFixed(1));

const child = (file: string): ChildProcess =>
  fork(path.join(import.meta.dirname, file), { execArgv: ['--import', 'tsx'], stdio: ['ignore', 'inherit', 'inherit', 'ipc'] });
const told = <T>(from: ChildProcess): Promise<T> =>
  new Promise((resolve, reject) => {
    from.once('message', (message: T & { failed?: string }) => (message.failed === undefined ? resolve(message) : reject(new Error(message.failed))));
    from.once('exit', (code) => reject(new Error(`a child ended with ${code}`)));
  });

interface Rung {
  readonly guests: number;
  readonly processes: number;
  readonly app: number;
  readonly bare: number;
  readonly lost: number;
  readonly doubled: number;
  /** Saves that were not answered as kept. */
  readonly refused: number;
  readonly heap: number;
  /** Share of one core the generator took: near 1 it would measure itself. */
  readonly generator: number;
  /** Share of the machine’s processors that others on its host took meanwhile: a tap is longer under way than a bare push, and meets more of it. */
  readonly taken: number | undefined;
  /** The same minute by minute: a neighbour’s minute is told from one of ours. */
  readonly minutes: readonly { readonly app: number; readonly bare: number; readonly taken: number | undefined }[];
}

/** One rung: so many guests, a save each every ten seconds, every step fanned out to all, beside a bare server that pushes the same bytes to as many sockets. */
async function climb(guests: number, processes: number): Promise<Rung> {
  const cluster = await startCluster();
  const data = mkdtempSync(path.join(tmpdir(), 'rose-bench-'));
  const database = cluster.url('rose');
  const port = await freePort();
  await prepare(cluster.url('postgres'), database, data, port);
  const heapPort = await freePort();
  const hook = { NODE_OPTIONS: `--import ${pathToFileURL(path.join(import.meta.dirname, 'heap-hook.mjs')).href}`, ROSE_HEAP_PORT: String(heapPort) };
  const servers = [await serve(database, data, port, hook)];
  const ports = [port];
  for (let i = 1; i < processes; i++) {
    ports.push(await freePort());
    servers.push(await serve(database, data, ports[i]!));
  }
  const bare = child('bare-push.ts');
  const { port: barePort } = await told<{ port: number }>(bare);
  const bareAt = `http://127.0.0.1:${barePort}`;
  const base = `http://127.0.0.1:${port}`;
  const generators: ChildProcess[] = [];
  try {
    let cookie = '';
    const ask = async <T>(address: string, method = 'GET', body?: unknown): Promise<T> => {
      const answer = await fetch(`${base}/api/v1${address}`, {
        method,
        headers: { cookie, origin: base, ...(body === undefined ? {} : { 'content-type': 'application/json' }) },
        ...(body === undefined ? {} : { body: JSON.stringify(body) }),
      });
      const cookies = answer.headers.getSetCookie().map((one) => one.split(';')[0]!);
      if (cookies.length > 0) cookie = cookies.join('; ');
      if (!answer.ok) throw new Error(`${method} ${address} answered ${answer.status}: ${(await answer.text()).slice(0, 200)}`);
      return (await answer.json()) as T;
    };
    await ask('/demo/session', 'POST', {});
    const { flights } = await ask<{ flights: { id: string }[] }>('/flights');
    const { document } = await ask<{ document: { wines: { id: string; buy?: unknown }[] } & Record<string, unknown> }>(`/flights/${flights[0]!.id}`);
    const flightId = randomUUID();
    await ask(`/flights/${flightId}`, 'PUT', {
      writeId: 'made',
      baseRevision: 0,
      document: covered(document, 'A full house'),
    });
    const tastingId = randomUUID();
    await ask(`/flights/${flightId}/tastings`, 'POST', { tastingId });
    interface State {
      tick: number;
      at: number;
      joinCode: string;
      joinKey: string;
      glasses: { id: string }[];
      program: { kind: string }[];
    }
    const state = () => ask<State>(`/tastings/${tastingId}`);
    let { tick } = await state();
    const move = async (to: number) => {
      ({ tick } = await ask<{ tick: number }>(`/tastings/${tastingId}/moves`, 'POST', { basedOn: tick, actId: randomUUID(), to }));
    };
    await move(1);
    const { joinCode, joinKey, glasses } = await state();
    const share = Math.ceil(guests / processes);
    for (const [i, at] of ports.entries()) {
      const generator = child('live-guests.ts');
      generators.push(generator);
      const ready = told(generator);
      generator.send({
        start: {
          base: `http://127.0.0.1:${at}`,
          code: joinCode,
          key: joinKey,
          glassId: glasses[0]!.id,
          bare: bareAt,
          guests: i === 0 ? share : guests - share,
        },
      });
      await ready;
    }
    await sleep(2_000);
    const collect = async () =>
      Promise.all(
        generators.map((generator) => {
          const answer = told<{ arrivals: ['app' | 'bare', string, number][]; cpuMs: number }>(generator);
          generator.send({ collect: true });
          return answer;
        }),
      );
    const before = await collect();
    const heap = async () => Number(await (await fetch(`http://127.0.0.1:${heapPort}`)).text());
    const tapped = new Map<string, number>();
    const pushed = new Map<string, number>();
    const from = now();
    const counted = [ticks()];
    const heaps: number[] = [];
    // The bytes a guest is sent, for the bare server to push as well.
    const sample = JSON.stringify(await ask(`/tastings/${tastingId}/wall`));
    for (let tap = 0; now() - from < seconds * 1000; tap++) {
      const due = from + tap * everyMs;
      if (due > now()) await sleep(due - now());
      tapped.set(String(tick + 1), now());
      await move(2 + (tap % 4));
      await sleep(everyMs / 2);
      const id = `b${tap}`;
      pushed.set(id, now());
      await fetch(bareAt, { method: 'POST', body: `event: state\nid: ${id}\ndata: ${sample}\n\n` });
      const minute = Math.floor((now() - from) / 60_000);
      if (heaps.length <= minute) {
        if (minute > 0) counted.push(ticks());
        heaps.push(await heap());
      }
    }
    await sleep(1_500);
    heaps.push(await heap());
    const after = await collect();
    const elapsed = now() - from;
    counted.push(ticks());
    const took = (channel: 'app' | 'bare', sent: ReadonlyMap<string, number>, minute?: number) =>
      after.flatMap(({ arrivals }) =>
        arrivals.flatMap(([of, id, at]) => {
          const begun = of === channel ? sent.get(id) : undefined;
          return begun === undefined || (minute !== undefined && Math.floor((begun - from) / 60_000) !== minute) ? [] : [at - begun];
        }),
      );
    const [app, plain] = [took('app', tapped), took('bare', pushed)];
    const minutes = Array.from({ length: Math.floor(elapsed / 60_000) }, (_, minute) => ({
      app: p95(took('app', tapped, minute)),
      bare: p95(took('bare', pushed, minute)),
      taken: takenBetween(counted[minute], counted[minute + 1]),
    }));
    if (app.length < guests * tapped.size * 0.98) throw new Error(`only ${app.length} of ${guests * tapped.size} states came to the sockets`);
    const ended = await Promise.all(
      generators.map((generator) => {
        const answer = told<{ kept: { noteId: string; revision: number; sent: number; acked: number; refused: number }[] }>(generator);
        generator.send({ stop: true });
        return answer;
      }),
    );
    const kept = ended.flatMap((entry) => entry.kept);
    const client = new Client({ connectionString: database });
    await client.connect();
    const { rows } = await client.query<{ id: string; revision: number; acidity: number | null }>(
      "select id, revision, (document->'observed'->>'acidity')::int as acidity from note where id = any($1)",
      [kept.map(({ noteId }) => noteId)],
    );
    await client.end();
    const byId = new Map(rows.map((row) => [row.id, row]));
    // What was kept is there, or something that was sent after it.
    const lost = kept.filter(({ noteId, revision, sent, acked }) => {
      const row = byId.get(noteId);
      if (row === undefined || row.revision < revision) return true;
      return acked > 0 && ((row.acidity ?? -1) - ((acked - 1) % 100) + 100) % 100 > sent - acked;
    }).length;
    const refused = kept.reduce((sum, entry) => sum + entry.refused, 0);
    const doubled = kept.filter(({ noteId, sent, refused }) => (byId.get(noteId)?.revision ?? 0) > 1 + sent - refused).length;
    const generator = Math.max(...after.map(({ cpuMs }, i) => (cpuMs - before[i]!.cpuMs) / elapsed));
    const early = heaps[Math.min(1, heaps.length - 1)]!;
    return {
      guests,
      processes,
      app: p95(app),
      bare: p95(plain),
      lost,
      doubled,
      refused,
      heap: heaps.at(-1)! / early - 1,
      generator,
      taken: takenBetween(counted[0], counted.at(-1)),
      minutes,
    };
  } finally {
    for (const generator of generators) generator.kill();
    bare.kill();
    for (const server of servers) await end(server);
    cluster.stop();
    rmSync(data, { recursive: true, force: true });
  }
}

/** A rung in one line. */
function inWords({ guests, processes, app, bare, lost, doubled, refused, heap, generator, taken, minutes }: Rung): string {
  const byMinutes = minutes.map((one) => `${one.app.toFixed(0)}/${one.bare.toFixed(0)} (${percent(one.taken)})`).join(', ');
  return [
    `${guests} guests, ${processes === 1 ? 'one process' : `${processes} processes`}: bare ${bare.toFixed(1)} ms, ratio ${(app / bare).toFixed(2)}`,
    `${lost} lost, ${doubled} doubled, ${refused} refused`,
    `heap ${(100 * heap).toFixed(0)} %`,
    `generator ${(100 * generator).toFixed(0)} % of a core`,
    `others took ${percent(taken)} % of the machine`,
    ...(minutes.length > 2 ? [`by minutes, app/bare ms (% taken): ${byMinutes}`] : []),
  ].join('; ');
}

/** How many guests one evening carries: the highest rung at which a tap of the host is at all sockets as soon as it may, with nothing lost and nothing doubled. */
export async function live(): Promise<Figure[]> {
  const done: Rung[] = [];
  for (const { guests, processes } of rungs.filter((rung) => only.length === 0 || only.includes(rung.guests))) {
    const rung = await climb(guests, processes);
    done.push(rung);
    // A run takes a quarter of an hour and more: each rung is told when it is done.
    console.error(`  ${rung.app.toFixed(1)} ms  ${inWords(rung)}`);
  }
  const stands = (rung: Rung) => rung.app / rung.bare <= most && rung.lost === 0 && rung.doubled === 0;
  const highest = Math.max(0, ...done.filter((rung) => rung.processes === 1 && stands(rung)).map((rung) => rung.guests));
  const at = done.find((rung) => rung.guests === highest && rung.processes === 1) ?? done[0]!;
  return [
    {
      name: 'live',
      says: `p95 from the host’s tap to the sockets of ${highest} guests, each saving every 10 s for ${seconds} s a rung, against the same bytes from a bare server; the goal is ${goal} guests`,
      figure: at.app,
      reference: at.bare,
      unit: 'ms',
      ratio: at.app / at.bare,
      goal: `≤ ${most} at ${goal} guests, nothing lost, nothing doubled`,
      met: done.some((rung) => rung.guests === goal && rung.processes === 1 && stands(rung)),
      parts: done.map((rung) => ({
        name: inWords(rung),
        figure: Number(rung.app.toFixed(1)),
      })),
    },
  ];
}
