import { v4 } from 'uuid';
import { choose, merge, same, type Clash } from '@rose/core/document/merge';
import { answered, edited, opened, reread, sending, unsaved, type Answer, type Device } from '@rose/core/document/protocol';
import { ApiProblem, Unreachable } from '../api';
import type { Documents, Kind } from './kinds';
import { lookForChanges, watch } from './watch';
import { lastTickSeen } from '../live/use-live';
import { pace } from '../pace';
import { dropDraft, keepDraft, readDrafts, tabId } from './unsaved-writing';

export type SaveState = 'saved' | 'waiting' | 'sending' | 'device' | 'refused' | 'unkept';
export interface Snapshot<D> {
  readonly document: D;
  readonly revision: number;
  readonly state: SaveState;
  /** What the server said when it refused. */
  readonly refusal: string | null;
  readonly clashes: readonly Clash[];
  readonly canUndo: boolean;
  readonly savedAt: Date | null;
}
export interface Source<D> {
  /** With the id, the key of the draft. */
  readonly name: keyof Documents;
  readonly kind: Kind<D>;
  readonly id: string;
  readonly document: D;
  readonly revision: number;
  /** What a new document begins with; it is sent like any other change. */
  readonly draft?: D;
}

/**
 * One open document: the device's side of the save protocol, with its timers. An edit is on screen at once, on the device a moment later, on the server after four quiet
 * seconds or at once when the page is left. The draft is dropped only when the server has confirmed it.
 */
export class DocumentSession<D> {
  private device: Device<D>;
  private readonly listeners = new Set<() => void>();
  private readonly key: string;
  private tab = '';
  private timer: ReturnType<typeof setTimeout> | undefined;
  private busy = false;
  private failures = 0;
  private refusal: string | null = null;
  private kept = true;
  private offline = false;
  private savedAt: Date | null = null;
  /** The last tick of an evening that was in sight at the last edit. */
  private seen: number | undefined;
  private past: { document: D; at: number; field: string }[] = [];
  private channel: BroadcastChannel | undefined;
  private snap: Snapshot<D>;

  constructor(private readonly source: Source<D>) {
    const device = opened(source.document, source.revision);
    this.device = source.draft === undefined ? device : edited(device, source.draft);
    this.key = `${source.name}/${source.id}`;
    this.snap = this.take();
  }

  readonly snapshot = () => this.snap;
  readonly subscribe = (listener: () => void) => {
    this.listeners.add(listener);
    return () => void this.listeners.delete(listener);
  };

  /** Begins to live in a page; returns what ends it. */
  start(): () => void {
    this.tab = tabId();
    void this.adopt();
    const leave = () => void this.send(true);
    const hide = () => (document.visibilityState === 'hidden' ? leave() : void lookForChanges());
    const focus = () => {
      void lookForChanges();
      if (unsaved(this.device)) void this.send();
    };
    document.addEventListener('visibilitychange', hide);
    window.addEventListener('pagehide', leave);
    window.addEventListener('blur', leave);
    window.addEventListener('focus', focus);
    window.addEventListener('online', focus);
    const unwatch = watch({
      kind: this.source.name,
      id: this.source.id,
      revision: () => (this.busy || this.device.inFlight !== null || this.device.baseRevision === 0 ? undefined : this.device.baseRevision),
      onChanged: () => void this.read(),
    });
    return () => {
      document.removeEventListener('visibilitychange', hide);
      window.removeEventListener('pagehide', leave);
      window.removeEventListener('blur', leave);
      window.removeEventListener('focus', focus);
      window.removeEventListener('online', focus);
      unwatch();
      clearTimeout(this.timer);
      this.channel?.close();
      leave();
    };
  }

  /** Changes the document. Changes of one field within a second are one step of undo. */
  change(next: (document: D) => D, field = ''): void {
    const before = this.device.draft;
    const after = next(before);
    if (same(before, after)) return;
    const last = this.past.at(-1);
    const now = Date.now();
    if (last === undefined || field === '' || last.field !== field || now - last.at > 1000)
      this.past = [...this.past.slice(-99), { document: before, at: now, field }];
    else last.at = now;
    this.seen = lastTickSeen();
    this.apply(edited(this.device, after));
  }
  undo(): void {
    const last = this.past.pop();
    if (last !== undefined) this.apply(edited(this.device, last.document));
  }
  /** Settles a clash: the server's value stands, or mine is put back. */
  settle(clash: Clash, side: 'mine' | 'theirs'): void {
    const left = this.device.clashes.filter((entry) => entry !== clash);
    const draft = side === 'mine' ? choose(this.device.draft, clash.path, clash.mine) : this.device.draft;
    this.apply({ ...this.device, draft, clashes: left });
  }

  private apply(device: Device<D>): void {
    this.device = device;
    this.refusal = null;
    this.keep();
    this.publish();
    this.schedule(pace.quiet * (1 + Math.random() / 10));
  }
  private schedule(wait: number): void {
    clearTimeout(this.timer);
    if (unsaved(this.device)) this.timer = setTimeout(() => void this.send(), wait);
  }

  private keep(): void {
    if (this.tab === '') return;
    const done =
      unsaved(this.device) || this.device.clashes.length > 0
        ? keepDraft({ key: this.key, tab: this.tab, device: this.device, seen: this.seen })
        : dropDraft(this.key, this.tab);
    done.then(
      () => this.markKept(true),
      () => this.markKept(false),
    );
  }
  private markKept(kept: boolean): void {
    if (kept === this.kept) return;
    this.kept = kept;
    this.publish();
  }

  /** Takes up this tab's own draft after a reload, and drafts of tabs that are gone. */
  private async adopt(): Promise<void> {
    let drafts;
    try {
      drafts = await readDrafts<D>(this.key);
    } catch {
      this.markKept(false);
      return;
    }
    const alive = await this.livingTabs(drafts.some((draft) => draft.tab !== this.tab));
    for (const draft of drafts.filter((entry) => entry.tab === this.tab || !alive.has(entry.tab))) {
      const mine = this.device;
      if (!unsaved(mine)) this.device = reread(draft.device, mine.base, mine.baseRevision, this.source.kind.shape);
      else {
        const merged = merge(draft.device.base, mine.draft, draft.device.draft, this.source.kind.shape);
        this.device = { ...mine, draft: merged.document, clashes: [...mine.clashes, ...merged.clashes] };
      }
      this.seen ??= draft.seen;
      if (draft.tab !== this.tab) void dropDraft(this.key, draft.tab);
    }
    if (unsaved(this.device)) {
      this.keep();
      this.schedule(200);
    }
    this.publish();
  }
  /** Asks which tabs are open on this document; they have a third of a second to answer. */
  private async livingTabs(ask: boolean): Promise<ReadonlySet<string>> {
    const alive = new Set<string>();
    if (typeof BroadcastChannel === 'undefined') return alive;
    this.channel = new BroadcastChannel(`rose-compass/${this.key}`);
    this.channel.onmessage = ({ data }: MessageEvent<{ who?: string; here?: string; changed?: boolean }>) => {
      if (data.here !== undefined) alive.add(data.here);
      if (data.who !== undefined) this.channel?.postMessage({ here: this.tab });
      if (data.changed === true) void this.read();
    };
    if (!ask) return alive;
    this.channel.postMessage({ who: this.tab });
    await new Promise((resolve) => setTimeout(resolve, 350));
    return alive;
  }

  /** Sends what is unsaved. `leaving` lets the request outlive the page. */
  async send(leaving = false): Promise<void> {
    clearTimeout(this.timer);
    if (this.busy) return;
    const { device, write } = sending(this.device, v4());
    if (write === null) return;
    this.device = device;
    this.keep();
    this.busy = true;
    this.publish();
    let again = 0;
    try {
      const saved = await this.source.kind.save(this.source.id, write, leaving, this.seen);
      this.answer({ kind: 'saved', writeId: write.writeId, revision: saved.revision });
      this.channel?.postMessage({ changed: true });
    } catch (error) {
      if (error instanceof ApiProblem && error.status === 409 && 'document' in error.more) {
        const { revision, document, applied } = error.more as unknown as { revision: number; document: D; applied: boolean };
        this.answer({ kind: 'stale', writeId: write.writeId, revision, document, applied });
      } else if (error instanceof ApiProblem && error.status < 500 && error.status !== 429) {
        // Refused for what it says: nothing of it was stored, so the next edit makes a new write.
        this.device = { ...this.device, inFlight: null };
        this.refusal = error.status === 401 ? 'You are signed out. Sign in again in another tab; what you wrote is safe on this device.' : error.message;
        this.failures = 0;
      } else {
        this.failures += 1;
        this.offline = error instanceof Unreachable || error instanceof ApiProblem;
        again = Math.min(15_000, 800 * 2 ** Math.min(this.failures, 5)) * (0.8 + 0.4 * Math.random());
      }
    } finally {
      this.busy = false;
    }
    this.keep();
    this.publish();
    if (again > 0) this.schedule(again);
    else if (this.refusal === null && unsaved(this.device)) this.schedule(leaving ? 0 : 300);
  }
  private answer(answer: Answer<D>): void {
    this.device = answered(this.device, answer, this.source.kind.shape);
    this.failures = 0;
    this.offline = false;
    this.savedAt = new Date();
  }

  /** Reads the document again; what others changed meanwhile is merged in. */
  private async read(): Promise<void> {
    if (this.busy || this.device.inFlight !== null || this.device.baseRevision === 0) return;
    try {
      const found = await this.source.kind.read(this.source.id);
      const before = this.device;
      this.device = reread(this.device, found.document, found.revision, this.source.kind.shape);
      if (this.device !== before) {
        this.keep();
        this.publish();
      }
    } catch {
      // A read that fails changes nothing; the next send tells the state.
    }
  }

  private take(): Snapshot<D> {
    const dirty = unsaved(this.device);
    const state: SaveState =
      !this.kept && dirty ? 'unkept' : this.refusal !== null ? 'refused' : this.busy ? 'sending' : !dirty ? 'saved' : this.offline ? 'device' : 'waiting';
    return {
      document: this.device.draft,
      revision: this.device.baseRevision,
      state,
      refusal: this.refusal,
      clashes: this.device.clashes,
      canUndo: this.past.length > 0,
      savedAt: this.savedAt,
    };
  }
  private publish(): void {
    this.snap = this.take();
    for (const listener of this.listeners) listener();
  }
}
