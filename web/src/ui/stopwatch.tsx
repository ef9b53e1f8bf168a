'use client';
import { useEffect, useState } from 'react';
import styled from 'styled-components';
import { asClock } from '@rose/core/wine/clock';
import { Key } from './button';

/** A watch in the browser's storage: it goes on running through a reload. Times are wall-clock milliseconds; only differences are used. */
export interface Running {
  readonly id: string;
  readonly startedAt: number;
  readonly pleasantAt?: number;
}
const key = (id: string) => `watch/${id}`;
export function readWatch(id: string): Running | null {
  try {
    return JSON.parse(localStorage.getItem(key(id)) ?? 'null') as Running | null;
  } catch {
    return null;
  }
}
function keepWatch(id: string, running: Running | null): void {
  try {
    if (running === null) localStorage.removeItem(key(id));
    else localStorage.setItem(key(id), JSON.stringify(running));
  } catch {
    // Without storage the watch still runs in this page.
  }
}

/** The watch of one note: begins at the swallow, stops first for the pleasant flavour, then for what is left. */
export function useWatch(id: string, onStop: (which: 'finish' | 'after', seconds: number) => void) {
  const [running, setRunning] = useState<Running | null>(null);
  const [now, setNow] = useState(0);
  useEffect(() => setRunning(readWatch(id)), [id]);
  useEffect(() => {
    if (running === null) return;
    const tick = () => setNow(Date.now());
    tick();
    const timer = setInterval(tick, 200);
    return () => clearInterval(timer);
  }, [running]);
  const set = (next: Running | null) => {
    keepWatch(id, next);
    setRunning(next);
  };
  const elapsed = (from: number) => Math.min(3600, Math.max(0, Math.round((Date.now() - from) / 100) / 10));
  const press = () => {
    if (running === null) set({ id, startedAt: Date.now() });
    else if (running.pleasantAt === undefined) {
      onStop('finish', elapsed(running.startedAt));
      set({ ...running, pleasantAt: Date.now() });
    } else {
      onStop('after', elapsed(running.startedAt));
      set(null);
    }
  };
  return {
    stage: running === null ? ('ready' as const) : running.pleasantAt === undefined ? ('pleasant' as const) : ('after' as const),
    seconds: running === null ? 0 : Math.max(0, Math.floor((now - running.startedAt) / 1000)),
    press,
    drop: () => set(null),
  };
}
export type WatchControl = ReturnType<typeof useWatch>;

const Face = styled.button`
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 2px 16px;
  align-items: center;
  width: 100%;
  text-align: left;
  border: 0;
  border-radius: 14px;
  padding: 14px 18px;
  background: var(--strong);
  color: var(--on-strong);
  cursor: pointer;
  .time {
    font: 500 2.125rem/1 var(--serif);
    font-variant-numeric: lining-nums tabular-nums;
  }
  .ask {
    font-size: 0.875rem;
    opacity: 0.85;
  }
  .do {
    font-weight: 650;
    grid-row: 1 / 3;
    grid-column: 2;
    text-align: right;
  }
  &[data-size='large'] {
    min-height: 168px;
    padding: 26px 28px;
    .time {
      font-size: 4.25rem;
    }
    .ask {
      font-size: 1rem;
    }
    .do {
      font-size: 1.25rem;
    }
  }
  @media (max-width: 18em) {
    grid-template-columns: 1fr;
    .do,
    &[data-size='large'] .do {
      grid-row: auto;
      grid-column: 1;
      text-align: left;
    }
    kbd {
      display: none;
    }
  }
  kbd {
    background: transparent;
    color: inherit;
    border-color: currentColor;
    opacity: 0.7;
  }
`;

export function Watch({ watch, size = 'small' }: { watch: WatchControl; size?: 'small' | 'large' }) {
  const ask = { ready: 'From the swallow', pleasant: 'Pleasant flavour still there?', after: 'Acid, bitterness or heat still there?' }[watch.stage];
  const act = { ready: 'Swallowed', pleasant: 'It has gone', after: 'That has gone too' }[watch.stage];
  return (
    <Face type="button" data-size={size} data-stage={watch.stage} onClick={watch.press} aria-keyshortcuts="Space">
      <span className="ask">{ask}</span>
      <span className="time">{asClock(watch.seconds)}</span>
      <span className="do">
        {act} <Key>space</Key>
      </span>
    </Face>
  );
}
