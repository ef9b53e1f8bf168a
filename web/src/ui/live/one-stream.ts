import { v4 } from 'uuid';

/** One server-sent event of a topic; of none in particular where it is null. */
export interface Heard {
  readonly event: string;
  readonly data: string;
}
type Message =
  | { readonly kind: 'who'; readonly tab: string; readonly topics: readonly string[] }
  | { readonly kind: 'bye'; readonly tab: string }
  | { readonly kind: 'lead'; readonly tab: string }
  | { readonly kind: 'resign'; readonly tab: string }
  | { readonly kind: 'heard'; readonly topic: string | null; readonly heard: Heard };

/** Milliseconds: the leading tab shows that it lives; after so long without a sign another takes over. */
const beat = 1_000;
const silence = 3_500;
const soon = 150;
/** Milliseconds after which a stream that says nothing, not even the clock, is taken for dead. */
const deaf = 40_000;

/**
 * One stream for all tabs of a browser, which may have six connections to a server and no more. A tab that is seen leads: it holds the stream and tells the others
 * what it hears; a hidden one gives it up. Nothing is lost by a change of leader: whoever connects is sent the whole state.
 */
export class OneStream {
  private readonly tab = v4();
  private readonly listeners = new Map<(heard: Heard) => void, string | null>();
  private readonly others = new Map<string, readonly string[]>();
  private readonly last = new Map<string, Heard>();
  private channel: BroadcastChannel | undefined;
  private source: EventSource | undefined;
  private address = '';
  private leads = false;
  private lead = 0;
  private heardAt = 0;
  private failures = 0;
  private timer: ReturnType<typeof setInterval> | undefined;
  private again: ReturnType<typeof setTimeout> | undefined;

  /** @param addressOf where the stream is that tells of these topics too */
  constructor(
    private readonly name: string,
    private readonly addressOf: (topics: readonly string[]) => string,
  ) {}

  /** Whether something was heard lately: what polls need not. */
  readonly alive = () => Date.now() - this.heardAt < deaf;

  listen(topic: string | null, on: (heard: Heard) => void): () => void {
    this.listeners.set(on, topic);
    if (this.listeners.size === 1) this.begin();
    else this.tell({ kind: 'who', tab: this.tab, topics: this.topics() });
    // What is known already is said at once.
    for (const [key, heard] of this.last) if (key.startsWith(`${topic ?? ''} `)) queueMicrotask(() => this.listeners.has(on) && on(heard));
    this.follow();
    return () => {
      this.listeners.delete(on);
      if (this.listeners.size === 0) this.end();
      else this.follow();
    };
  }

  private begin(): void {
    if (typeof BroadcastChannel !== 'undefined') {
      this.channel = new BroadcastChannel(`rose-compass/stream/${this.name}`);
      this.channel.onmessage = ({ data }: MessageEvent<Message>) => this.take(data);
    }
    document.addEventListener('visibilitychange', this.turned);
    window.addEventListener('pagehide', this.gone);
    this.timer = setInterval(() => this.tick(), beat);
    this.lead = Date.now() - silence + soon + Math.random() * soon;
    this.tell({ kind: 'who', tab: this.tab, topics: this.topics() });
    if (this.channel === undefined) this.claim();
    else setTimeout(() => this.tick(), 2 * soon);
  }
  private end(): void {
    this.gone();
    clearInterval(this.timer);
    document.removeEventListener('visibilitychange', this.turned);
    window.removeEventListener('pagehide', this.gone);
    this.channel?.close();
    this.channel = undefined;
    this.last.clear();
  }
  private readonly gone = () => {
    this.tell({ kind: 'bye', tab: this.tab });
    this.resign();
  };
  private readonly turned = () => {
    if (document.visibilityState === 'hidden') this.resign();
    else {
      this.tell({ kind: 'who', tab: this.tab, topics: this.topics() });
      setTimeout(() => this.tick(), 2 * soon);
    }
  };
  private tell(message: Message): void {
    this.channel?.postMessage(message);
  }
  private take(message: Message): void {
    switch (message.kind) {
      case 'who':
        this.others.set(message.tab, message.topics);
        if (this.leads) {
          this.tell({ kind: 'lead', tab: this.tab });
          this.follow();
          for (const [key, heard] of this.last) this.tell({ kind: 'heard', topic: key.split(' ')[0] || null, heard });
        }
        return;
      case 'bye':
        this.others.delete(message.tab);
        this.follow();
        return;
      case 'lead':
        this.lead = Date.now();
        if (this.leads && message.tab < this.tab) this.resign(false);
        return;
      case 'resign':
        this.lead = Date.now() - silence + Math.random() * soon;
        setTimeout(() => this.tick(), soon * (1 + Math.random()));
        return;
      case 'heard':
        this.lead = Date.now();
        if (!this.leads) this.hear(message.topic, message.heard);
    }
  }
  private tick(): void {
    if (this.listeners.size === 0) return;
    if (this.leads) {
      this.tell({ kind: 'lead', tab: this.tab });
      if (this.source !== undefined && this.heardAt > 0 && !this.alive()) this.open();
    } else if (document.visibilityState !== 'hidden' && Date.now() - this.lead >= silence) this.claim();
  }
  private claim(): void {
    this.leads = true;
    this.tell({ kind: 'lead', tab: this.tab });
    this.open();
  }
  private resign(said = true): void {
    if (!this.leads) return;
    this.leads = false;
    this.close();
    if (said) this.tell({ kind: 'resign', tab: this.tab });
  }
  /** The topics of this tab. */
  private topics(): readonly string[] {
    return [...new Set([...this.listeners.values()].filter((topic) => topic !== null))];
  }
  /** The topics of all tabs. */
  private wanted(): readonly string[] {
    return [...new Set([...this.topics(), ...[...this.others.values()].flat()])].sort();
  }
  private follow(): void {
    if (this.leads && this.addressOf(this.wanted()) !== this.address) this.open();
  }
  private close(): void {
    clearTimeout(this.again);
    this.source?.close();
    this.source = undefined;
    this.address = '';
  }
  private open(): void {
    this.close();
    const topics = this.wanted();
    this.address = this.addressOf(topics);
    const source = new EventSource(this.address);
    this.source = source;
    this.heardAt = Date.now();
    const on = (name: string, event: string, topic: string | null) =>
      source.addEventListener(name, ({ data }: MessageEvent<string>) => {
        this.failures = 0;
        this.heardAt = Date.now();
        const heard = { event, data };
        this.tell({ kind: 'heard', topic, heard });
        this.hear(topic, heard);
      });
    for (const event of ['state', 'document', 'clock']) on(event, event, null);
    for (const topic of topics) for (const event of ['state', 'people']) on(`${event}/${topic}`, event, topic);
    source.addEventListener('error', () => {
      // A browser tries again by itself, but not after an answer that is no stream.
      if (source.readyState !== EventSource.CLOSED || this.source !== source) return;
      this.failures += 1;
      this.again = setTimeout(() => this.leads && this.open(), Math.min(10_000, 500 * 2 ** this.failures));
    });
  }
  private hear(topic: string | null, heard: Heard): void {
    this.heardAt = Date.now();
    if (heard.event === 'state' || heard.event === 'people') this.last.set(`${topic ?? ''} ${heard.event}`, heard);
    for (const [on, wants] of this.listeners) if (wants === topic || heard.event === 'document' || heard.event === 'clock') on(heard);
  }
}
