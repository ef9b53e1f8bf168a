import { randomUUID } from 'node:crypto';
import { comeIn } from '../e2e/browser';
import { below, type Figure } from './measure';
import { served } from './served';

const requests = 300;
const wines = 16;
const seats = 50;
const sorted = (taken: readonly number[]) => [...taken].sort((a, b) => a - b);
const median = (taken: readonly number[]) => sorted(taken)[taken.length >> 1]!;
const p95 = (taken: readonly number[]) => sorted(taken)[Math.floor(taken.length * 0.95)]!;

/** A page and the heartbeat while an evening of 50 seats is printed and orders of 16 wines are solved, against the same page with nothing else to do. */
export async function load(): Promise<Figure[]> {
  return served(async ({ base, browser }) => {
    const page = await browser.newPage();
    await comeIn(page, base);
    const cookie = (await page.cookies()).map(({ name, value }) => `${name}=${value}`).join('; ');
    const ask = async (path: string, method = 'GET', body?: unknown): Promise<Response> => {
      const answer = await fetch(`${base}${path}`, {
        method,
        headers: { cookie, origin: base, ...(body === undefined ? {} : { 'content-type': 'application/json' }) },
        ...(body === undefined ? {} : { body: JSON.stringify(body) }),
      });
      if (!answer.ok) throw new Error(`${method} ${path} answered ${answer.status}: ${(await answer.text()).slice(0, 200)}`);
      return answer;
    };
    const json = async <T>(path: string) => (await (await ask(path)).json()) as T;

    // The flight: a copy of one of the demo's, with sixteen wines and fifty seats.
    const { flights } = await json<{ flights: { id: string }[] }>('/api/v1/flights');
    const { document } = await json<{ document: Record<string, unknown> }>(`/api/v1/flights/${flights[0]!.id}`);
    const { items } = await json<{ items: { id: string }[] }>(`/api/v1/wines?limit=${wines}`);
    const id = randomUUID();
    await ask(`/api/v1/flights/${id}`, 'PUT', {
      writeId: randomUUID(),
      baseRevision: 0,
      document: {
        ...document,
        name: 'A large panel',
        evening: 'panel',
        guests: seats,
        wines: items.map((entry) => ({ id: entry.id })),
        order: items.map((entry) => entry.id),
        pins: [],
        rests: [],
        done: {},
      },
    });

    const taken = async (path: string) => {
      const from = performance.now();
      await (await ask(path)).text();
      return performance.now() - from;
    };
    const asked = async (path: string, count: number) => {
      const all: number[] = [];
      for (let i = 0; i < count; i++) all.push(await taken(path));
      return all;
    };
    /** The heartbeat beside it, one after the other, until told to stop. */
    const beside = async <T>(run: () => Promise<T>): Promise<readonly [T, number[]]> => {
      let going = true;
      const beats: number[] = [];
      const beating = (async () => {
        while (going) {
          beats.push(await taken('/api/health'));
          await new Promise((resolve) => setTimeout(resolve, 20));
        }
      })();
      // Told when it is awaited, below.
      beating.catch(() => undefined);
      try {
        const result = await run();
        return [result, beats];
      } finally {
        going = false;
        await beating;
      }
    };
    await asked('/cellar', 20);
    const [quiet, quietBeats] = await beside(() => asked('/cellar', requests));
    let [prints, orders] = [0, 0];
    const [busy, busyBeats] = await beside(async () => {
      let going = true;
      const until = async (work: () => Promise<void>) => {
        while (going) await work();
      };
      const working = Promise.all([
        until(async () => {
          await (await ask(`/api/v1/flights/${id}/prints`, 'POST', { kind: 'sheet' })).arrayBuffer();
          prints++;
        }),
        // The schools: an order of sixteen wines by each of the five.
        until(async () => {
          await (await ask(`/api/v1/flights/${id}/schools`)).text();
          orders++;
        }),
      ]);
      working.catch(() => undefined);
      // A worker that cannot go on ends the measuring at once.
      const result = await Promise.race([asked('/cellar', requests), working.then(() => [])]);
      going = false;
      await working;
      return result;
    });
    return [
      below(
        'load',
        `median of ${requests} pages while ${seats} seats are printed (${prints} times) and five orders of ${wines} wines solved (${orders} times), against quiet`,
        median(busy),
        median(quiet),
        2,
      ),
      below('silence', 'longest wait for /health meanwhile, against its quiet p95', Math.max(...busyBeats), p95(quietBeats), 10),
    ];
  });
}
