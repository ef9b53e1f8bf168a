import { sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { emptyNote } from '@rose/core/wine/note';
import { v4 } from 'uuid';
import { connections } from '../../db/client';
import { perform } from '../http';
import { operations } from '../registry';
import type { Reply } from '../command';
import { Host, coveredFlight, glassAt, withoutIds, type Device } from '../testing/evening';
import { eventsOf, type SentEvent } from '../testing/events';
import { act } from '../tasting/act';
import { ownDatabase } from '../testing/venue';
import { newWorld, type World } from '../testing/world';
import { announce, type News } from './announce';
import { stateSource, streamOf } from './feeds';

let drop: () => Promise<void>;
let world: World;
beforeAll(async () => {
  drop = await ownDatabase();
  world = await newWorld();
});
afterAll(() => drop());

const open = async () => Host.open(world.owner, await coveredFlight(world.owner, [world.otherWineId, world.wineId]));
/** What a stream has sent so far; ended by `end`. */
class Watching {
  readonly events: SentEvent[] = [];
  private readonly controller = new AbortController();
  ended = false;
  constructor(body: ReadableStream<Uint8Array>) {
    const reader = body.getReader();
    this.controller.signal.addEventListener('abort', () => void reader.cancel());
    const source = new ReadableStream<Uint8Array>({
      pull: async (to) => {
        const { done, value } = await reader.read();
        if (done) to.close();
        else to.enqueue(value);
      },
    });
    void (async () => {
      for await (const event of eventsOf(source)) this.events.push(event);
      this.ended = true;
    })();
  }
  readonly of = (event: string) => this.events.filter((entry) => entry.event === event);
  readonly last = (event: string) => this.of(event).at(-1);
  end(): void {
    this.controller.abort();
  }
  async until(what: () => boolean): Promise<void> {
    for (let tries = 0; tries < 200 && !what(); tries++) await new Promise((resolve) => setTimeout(resolve, 25));
    expect(what()).toBe(true);
  }
}
const asGuest = async (guest: Device) => new Watching((await guest.ask('GET', '/guest/stream')).response.body!);
async function asHost(host: Host) {
  const reply: Reply = { cookies: [] };
  await perform(
    operations.find((entry) => entry.contract.name === 'document.stream')!,
    host.member,
    { watch: `host.${host.id}` },
    reply,
  );
  return new Watching(reply.stream!);
}
const tickOf = (watching: Watching) => Number(watching.last('state')?.id ?? -1);

/** An act of another process, which tells of it by the database alone. */
const elsewhere = (host: Host) =>
  connections().db.transaction((tx) => act(tx, { venueId: host.member.venueId, tastingId: host.id, basedOn: 'now' }, 'paused', {}, async () => undefined));

describe('a stream', () => {
  it('sends the whole state at every tick, the same bytes to all seats, ticks rising; who connects anew is sent the present one', async () => {
    const host = await open();
    const guests = await host.seat('Ana', 'Bram');
    const watching = [await asGuest(guests[0]!), await asGuest(guests[1]!)];
    for (const one of watching) await one.until(() => tickOf(one) === host.tick);
    const program = (await host.state()).program;
    for (let to = 1; to < Math.min(12, program.length); to++) {
      await host.act('move', { to });
      // One of the two is cut and comes back at moments of no meaning.
      if (to % 3 === 0) {
        watching[1]!.end();
        watching[1] = await asGuest(guests[1]!);
      }
    }
    for (const one of watching) await one.until(() => tickOf(one) === host.tick);
    for (const one of watching) {
      const ticks = one.of('state').map(({ id }) => Number(id));
      expect(ticks).toEqual([...ticks].sort((a, b) => a - b));
    }
    const byTick = new Map<string, Set<string>>();
    for (const one of watching) for (const { id, data } of one.of('state')) byTick.set(id!, (byTick.get(id!) ?? new Set()).add(data));
    for (const [tick, said] of byTick) expect(said.size, `tick ${tick}`).toBe(1);
    expect(JSON.parse(watching[0]!.last('state')!.data)).toEqual(await guests[0]!.state());
    expect(watching[0]!.last('clock')).toBeDefined();
    for (const one of watching) one.end();
  });
  it('sends a guest the same bytes whichever wine is in which glass, tick by tick until something is uncovered', async () => {
    const bytes = async (order: readonly string[]) => {
      const host = await Host.open(world.owner, await coveredFlight(world.owner, order));
      const guests = await host.seat('Ana', 'Bram');
      const watching = [await asGuest(guests[0]!), await asGuest(guests[1]!)];
      const heard = async () => {
        for (const one of watching) await one.until(() => tickOf(one) === host.tick);
      };
      await heard();
      const last = (await host.state()).program.findIndex((stop) => stop.kind === 'pour' && stop.place === 1) + 2;
      for (let to = 1; to <= last; to++) {
        await host.act('move', { to });
        await heard();
        if (to % 4 === 2) {
          await host.act('ask', { pollId: v4(), place: 0, question: 'Sweet?', options: ['yes', 'no'], forecast: 1 });
          await heard();
        }
      }
      await host.act('letGoOn', { to: 1 });
      await heard();
      for (const one of watching) one.end();
      return watching.map((one) =>
        withoutIds(
          one
            .of('state')
            .map(({ id, data }) => `${id ?? ''} ${data}`)
            .join('\n'),
        ),
      );
    };
    const [one, other] = [await bytes([world.wineId, world.otherWineId]), await bytes([world.otherWineId, world.wineId])];
    expect(one[0]!.length).toBeGreaterThan(5_000);
    expect(one).toEqual(other);
  });
  it('tells a host of people once a second at most, and a guest of nobody but themselves', async () => {
    const host = await open();
    const guests = await host.seat('Ana', 'Bram');
    await host.pour(0);
    const [hosts, ana, bram] = [await asHost(host), await asGuest(guests[0]!), await asGuest(guests[1]!)];
    await ana.until(() => tickOf(ana) === host.tick);
    await hosts.until(() => hosts.of(`people/host.${host.id}`).length > 0);
    const before = hosts.of(`people/host.${host.id}`).length;
    const glass = glassAt(await guests[0]!.state(), 0);
    const id = v4();
    await guests[0]!.ask('POST', '/guest/notes', { noteId: id, glassId: glass.id });
    for (let revision = 1; revision <= 20; revision++)
      await guests[0]!.ask('PUT', `/guest/notes/${id}`, { writeId: v4(), baseRevision: revision, document: { ...emptyNote, observed: { acidity: revision } } });
    await hosts.until(() => (hosts.last(`people/host.${host.id}`)?.data ?? '').includes('"quarters":[0,0,0.3'));
    expect(hosts.of(`people/host.${host.id}`).length - before).toBeLessThan(5);
    await ana.until(() => ana.of('document').length === 20);
    expect(bram.of('document')).toEqual([]);
    expect(ana.of('people')).toEqual([]);
    for (const one of [hosts, ana, bram]) one.end();
  });
  it('goes on after the connection that listens was lost: what was said meanwhile is read anew', async () => {
    const host = await open();
    const [guest] = await host.seat('Ana');
    const ana = await asGuest(guest!);
    await ana.until(() => tickOf(ana) === host.tick);
    await connections().db.execute(sql`select pg_terminate_backend(pid) from pg_stat_activity where query like 'listen %' and datname = current_database()`);
    // As another process does it: this one hears of it by the database alone.
    const { tick } = await elsewhere(host);
    await ana.until(() => tickOf(ana) === tick);
    ana.end();
  });
  it('reads a tick once, though the process that raised it says it and the database says it again; a tick of another process too', async () => {
    const host = await open();
    let [reads, tick] = [0, host.tick];
    const body = streamOf([stateSource(`counted/${host.id}`, host.id, async () => (reads++, { tick }))]);
    const counted = new Watching(body);
    await counted.until(() => tickOf(counted) === tick);
    const first = reads;
    tick += 1;
    await host.act('pause', { paused: true });
    expect(reads, 'read before the answer is out').toBe(first + 1);
    await new Promise((resolve) => setTimeout(resolve, 300));
    expect(reads).toBe(first + 1);
    tick += 1;
    await elsewhere(host);
    await counted.until(() => tickOf(counted) === tick);
    expect(reads).toBe(first + 2);
    counted.end();
  });
  it('that is piped hands on what was pushed before and after in order and at once, and ends with its sink', async () => {
    const host = await open();
    const taken: string[] = [];
    const news = (value: number) => ({ what: 'document', venueId: host.member.venueId, kind: 'dish', id: v4(), revision: value }) as const;
    const source = { event: 'document', says: (said: News) => (said.what === 'document' && said.venueId === host.member.venueId ? said.revision : undefined) };
    let ended = 0;
    const body = streamOf([source], () => ended++);
    const tell = (value: number) => connections().db.transaction((tx) => announce(tx, news(value)));
    await tell(1);
    await tell(2);
    await new Promise((resolve) => setTimeout(resolve, 200));
    const away = new AbortController();
    const piped = body.pipeTo(new WritableStream<Uint8Array>({ write: (bytes) => void taken.push(new TextDecoder().decode(bytes)) }), { signal: away.signal });
    await tell(3);
    const numbers = () => taken.flatMap((text) => (text.startsWith('event: document') ? Number(/data: (.*)/.exec(text)![1]) : []));
    for (let tries = 0; tries < 100 && numbers().length < 3; tries++) await new Promise((resolve) => setTimeout(resolve, 20));
    expect(taken[0]).toBe('retry: 1000\n\n');
    expect(numbers()).toEqual([1, 2, 3]);
    away.abort();
    await expect(piped).rejects.toMatchObject({ name: 'AbortError' });
    expect(ended).toBe(1);
  });
  it('lets go of a sink that takes nothing any more, and one that ended before it was piped ends its sink', async () => {
    const host = await open();
    const source = { event: 'people', says: (said: News) => (said.what === 'people' && said.tastingId === host.id ? 1 : undefined) };
    let ended = 0;
    const stuck = streamOf([source], () => ended++);
    void stuck.pipeTo(new WritableStream<Uint8Array>({ write: () => new Promise(() => undefined) })).catch(() => undefined);
    for (let i = 0; i < 120; i++)
      await connections().db.transaction((tx) => announce(tx, { what: 'people', venueId: host.member.venueId, tastingId: host.id }));
    for (let tries = 0; tries < 100 && ended === 0; tries++) await new Promise((resolve) => setTimeout(resolve, 20));
    expect(ended).toBe(1);
    let closed = false;
    const over = streamOf([stateSource(`over/${host.id}`, host.id, async () => undefined)]);
    await new Promise((resolve) => setTimeout(resolve, 100));
    await over.pipeTo(new WritableStream<Uint8Array>({ close: () => void (closed = true) }));
    expect(closed).toBe(true);
    const gone = streamOf([source], () => ended++);
    await expect(gone.pipeTo(new WritableStream(), { signal: AbortSignal.abort() })).rejects.toMatchObject({ name: 'AbortError' });
    expect(ended, 'who had gone before it was piped holds nothing').toBe(2);
  });
  it('is over for who was asked to leave', async () => {
    const host = await open();
    const [guest] = await host.seat('Ana');
    const ana = await asGuest(guest!);
    await ana.until(() => tickOf(ana) === host.tick);
    const { people } = await host.ask<{ people: { id: string }[] }>('people');
    await host.act('remove', { participantId: people[0]!.id });
    await ana.until(() => ana.ended);
  });
});
