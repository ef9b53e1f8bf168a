import { createHash } from 'node:crypto';
import { log } from '../log';
import { Problem } from '../problem';
import type { News } from './announce';
import { hear } from './listener';

/** A state that is read whole once for all who watch it, whenever something it hears of was committed. */
export interface StateSource {
  /** Who watches the same key is sent the same bytes. */
  readonly key: string;
  readonly event: string;
  readonly hears: (news: News) => boolean;
  /** Milliseconds within which several changes are one; 0 for at once. */
  readonly gather: number;
  /** Milliseconds after which it is read though nothing was heard: time alone changes it. */
  readonly every?: number;
  /** The state as it stands committed; null when it is over for those who watch. */
  readonly read: () => Promise<{ readonly tick?: number; readonly state: unknown } | null>;
}
/** News that is passed on as it is. */
export interface NewsSource {
  readonly event: string;
  readonly says: (news: News) => unknown;
}
export type Source = StateSource | NewsSource;
type Send = (bytes: Uint8Array | null) => void;

const text = new TextEncoder();
const framed = (event: string, data: string, id?: number) => text.encode(`event: ${event}\n${id === undefined ? '' : `id: ${id}\n`}data: ${data}\n\n`);

/** One state with those who watch it. Reads never overlap: what changes during one is read once after it. */
class Feed {
  readonly watchers = new Set<Send>();
  private last: Uint8Array | null | undefined;
  private said = '';
  private reading = false;
  /** The tick that must be read next; past every tick where a state has none. */
  private wanted = -1;
  /** The tick that was read last. */
  private tick = -1;
  private at = 0;
  constructor(readonly source: StateSource) {}

  /** What a new watcher is sent first: the state as it stands now, never an older one. */
  first(send: Send): void {
    if (this.last !== undefined && this.last !== null && !this.reading && this.source.gather > 0) send(this.last);
    this.stir();
  }
  /** Something was committed; with its tick, where it is known: what was read with it or after it is not read again. */
  stir(tick = Infinity): void {
    if (tick <= this.tick) return;
    this.wanted = Math.max(this.wanted, tick);
    if (this.reading) return;
    this.reading = true;
    const wait = Math.max(0, this.at + this.source.gather - Date.now());
    if (wait === 0) void this.read();
    else setTimeout(() => void this.read(), wait);
  }
  private async read(): Promise<void> {
    this.wanted = -1;
    this.at = Date.now();
    try {
      const found = await this.source.read();
      this.tick = found?.tick ?? -1;
      this.publish(found);
    } catch {
      // The database is away: who watches keeps what they have, and it is read again when it is back.
      setTimeout(() => this.stir(), 1000);
    } finally {
      this.reading = false;
    }
    if (this.wanted > this.tick) this.stir(this.wanted);
  }
  private readonly served = new WeakSet<Send>();
  private publish(found: { readonly tick?: number; readonly state: unknown } | null): void {
    const data = found === null ? '' : JSON.stringify(found.state);
    const changed = this.last === undefined || data !== this.said;
    if (changed) {
      this.said = data;
      this.last = found === null ? null : framed(this.source.event, data, found.tick);
      if (found?.tick !== undefined) log.debug({ feed: this.source.key, tick: found.tick, hash: createHash('sha256').update(data).digest('hex').slice(0, 16) });
    }
    for (const send of this.watchers)
      if (changed || !this.served.has(send)) {
        this.served.add(send);
        send(this.last!);
      }
  }
}

interface Streams {
  readonly feeds: Map<string, Feed>;
  readonly passing: Set<{ readonly source: NewsSource; readonly send: Send }>;
  readonly open: Set<() => void>;
  /** The process is asked to go: nobody begins to listen any more. */
  ending: boolean;
}
const globals = globalThis as { roseStreams?: Streams };
/** One set a process, whatever part of the application asks for it. */
function streams(): Streams {
  if (globals.roseStreams === undefined) {
    const made: Streams = { feeds: new Map(), passing: new Set(), open: new Set(), ending: false };
    globals.roseStreams = made;
    hear({
      news: (said) => {
        for (const feed of made.feeds.values()) if (feed.source.hears(said)) feed.stir(said.what === 'tick' ? said.tick : undefined);
        for (const { source, send } of made.passing) {
          const says = source.says(said);
          if (says !== undefined) send(framed(source.event, JSON.stringify(says)));
        }
      },
      // What was said while nobody listened is not said again: everything is read anew.
      back: () => {
        for (const feed of made.feeds.values()) feed.stir();
      },
    });
  }
  return globals.roseStreams;
}

/** The whole state of an evening for a role, read at every tick. */
export const stateSource = (key: string, tastingId: string, read: () => Promise<{ readonly tick: number } | undefined>, event = 'state'): StateSource => ({
  key,
  event,
  gather: 0,
  hears: (news) => news.what === 'tick' && news.tastingId === tastingId,
  read: async () => {
    const state = await read();
    return state === undefined ? null : { tick: state.tick, state };
  },
});

/** Milliseconds between signs of life; they also carry the server's clock, which a phone shows time by. */
const beat = 15_000;
/** Milliseconds after which a stream ends by itself, so that who may hear it is asked anew: a browser comes back at once, and is sent the whole state. */
const longest = 5 * 60_000;
/** Chunks a device may leave unread; then it is let go, and is sent the whole state when it comes back. */
const mostUnread = 100;

/**
 * Bytes as they are pushed, to whoever reads them. Piped, they go to the sink at once, in the very call that pushes them: a full table is told in one sweep, and
 * not by a chain of promises for each of its phones.
 */
class PushStream extends ReadableStream<Uint8Array> {
  private readonly pushed: { readonly early: Uint8Array[]; sink: WritableStreamDefaultWriter<Uint8Array> | undefined; over: boolean; end: () => void };
  /** @param open begins to push by its first argument, and may end the stream by its second; gives what stops it */
  constructor(open: (push: (bytes: Uint8Array) => boolean, end: () => void) => () => void) {
    let controller: ReadableStreamDefaultController<Uint8Array>;
    let stop = () => undefined as void;
    super({ start: (one) => void (controller = one), cancel: () => stop() }, new CountQueuingStrategy({ highWaterMark: 16 }));
    const pushed: PushStream['pushed'] = { early: [], sink: undefined, over: false, end: () => undefined };
    this.pushed = pushed;
    stop = open(
      (bytes) => {
        if (pushed.sink === undefined) {
          if ((controller.desiredSize ?? 0) < -mostUnread) return false;
          if (!this.locked) pushed.early.push(bytes);
          controller.enqueue(bytes);
          return true;
        }
        if ((pushed.sink.desiredSize ?? 0) < -mostUnread) return false;
        pushed.sink.write(bytes).catch(() => stop());
        return true;
      },
      () => {
        pushed.over = true;
        pushed.end();
        try {
          controller.close();
        } catch {
          // The reader went first.
        }
      },
    );
  }
  override async pipeTo(destination: WritableStream<Uint8Array>, { signal }: StreamPipeOptions = {}): Promise<void> {
    const sink = destination.getWriter();
    const { pushed } = this;
    pushed.sink = sink;
    for (const bytes of pushed.early.splice(0)) void sink.write(bytes).catch(() => undefined);
    if (pushed.over) return sink.close();
    if (signal?.aborted === true) {
      await this.cancel();
      throw signal.reason;
    }
    await new Promise<void>((resolve, reject) => {
      pushed.end = () => void sink.close().then(resolve, resolve);
      signal?.addEventListener('abort', () => {
        void this.cancel().catch(() => undefined);
        sink.abort(signal.reason).catch(() => undefined);
        reject(signal.reason as Error);
      });
    });
  }
}

/** Server-sent events of some sources, until the reader goes or a state is over. `ended` is called once. */
export function streamOf(sources: readonly Source[], ended: () => void = () => undefined): ReadableStream<Uint8Array> {
  const { feeds, passing, open, ending } = streams();
  if (ending) throw new Problem(503, 'ending', 'The application is being stopped. Try again in a moment.', {}, { 'retry-after': '3', connection: 'close' });
  return new PushStream((push, end) => {
    let running = true;
    const leave: (() => void)[] = [];
    const stop = () => {
      if (!running) return;
      running = false;
      for (const go of leave) go();
      open.delete(stop);
      end();
      ended();
    };
    const send: Send = (bytes) => {
      if (running && (bytes === null || !push(bytes))) stop();
    };
    open.add(stop);
    const clock = () => send(framed('clock', JSON.stringify(new Date().toISOString())));
    // A browser whose stream ended comes back after a second.
    send(text.encode('retry: 1000\n\n'));
    clock();
    const timer = setInterval(clock, beat);
    // Not all at once: a room that came together would come back together.
    const over = setTimeout(stop, longest * (0.8 + 0.4 * Math.random()));
    leave.push(
      () => clearInterval(timer),
      () => clearTimeout(over),
    );
    for (const source of sources) {
      if ('says' in source) {
        const entry = { source, send };
        passing.add(entry);
        leave.push(() => passing.delete(entry));
        continue;
      }
      const feed = feeds.get(source.key) ?? new Feed(source);
      feeds.set(source.key, feed);
      if (source.every !== undefined) {
        const timer = setInterval(() => feed.stir(), source.every);
        leave.push(() => clearInterval(timer));
      }
      const watcher: Send = (bytes) => send(bytes);
      feed.watchers.add(watcher);
      feed.first(watcher);
      leave.push(() => {
        feed.watchers.delete(watcher);
        if (feed.watchers.size === 0) feeds.delete(source.key);
      });
    }
    return stop;
  });
}
/** Ends every stream of this process, and begins none: a shutdown does not wait for them. */
export function endStreams(): void {
  if (globals.roseStreams !== undefined) globals.roseStreams.ending = true;
  for (const stop of [...(globals.roseStreams?.open ?? [])]) stop();
}
