'use client';
import { useEffect, useState } from 'react';
import type { OneStream } from './one-stream';

/** The last tick of an evening this page has drawn; an edit is stamped with it. */
let drawn: number | undefined;
export const lastTickSeen = (): number | undefined => drawn;
const saw = (tick: number) => (drawn = Math.max(drawn ?? 0, tick));

/** How far this device's clock is behind the server's, milliseconds. Nothing is decided by it: times are shown by it. */
let behind = 0;
export const serverNow = (): number => Date.now() + behind;

/**
 * The state of an evening as it goes: what the page was made with, then whatever the stream says. An older tick never replaces a newer one.
 * @param topic of the stream; null for a guest's own
 */
export function useEvening<S extends { readonly tick: number }>(stream: OneStream, topic: string | null, first: S): S {
  const [state, setState] = useState(first);
  useEffect(() => void saw(first.tick), [first.tick]);
  useEffect(
    () =>
      stream.listen(topic, ({ event, data }) => {
        if (event === 'clock') behind = Date.parse(JSON.parse(data) as string) - Date.now();
        if (event !== 'state') return;
        const next = JSON.parse(data) as S;
        setState((now) => (next.tick >= now.tick ? next : now));
      }),
    [stream, topic],
  );
  useEffect(() => {
    saw(state.tick);
    // Whoever wants to know what was drawn, and when, leaves a list here before the page begins.
    (globalThis as { roseDrawn?: unknown[] }).roseDrawn?.push({ tick: state.tick, state });
  }, [state]);
  return state;
}
/** Whatever else the stream says of one event. */
export function useHeard(stream: OneStream, topic: string | null, event: string, on: (data: string) => void): void {
  useEffect(() => stream.listen(topic, (heard) => heard.event === event && on(heard.data)), [stream, topic, event, on]);
}
/** The server's time, anew every second while something runs. */
export function useSeconds(runs: boolean): number {
  const [now, setNow] = useState<number | undefined>(undefined);
  useEffect(() => {
    setNow(serverNow());
    if (!runs) return;
    const timer = setInterval(() => setNow(serverNow()), 1000);
    return () => clearInterval(timer);
  }, [runs]);
  return now ?? 0;
}
