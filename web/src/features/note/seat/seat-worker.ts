'use client';
import { useEffect, useState } from 'react';
import { rest } from './rest';

/** Where there are service workers, the seat opens without a network too; over plain http in a local network there are none. */
const there = (): boolean => 'serviceWorker' in navigator;
const files = () => performance.getEntriesByType('resource').map((entry) => entry.name);
/** Milliseconds after what the page is made of was loaded: on a slow network a question goes before what is only for later. */
const settles = { waiting: 4_000, asked: 12_000 };

/**
 * Keeps the seat on the device as it stands, anew whenever `mark` changes.
 * @param asked a glass is before them: their question comes first
 * @returns whether it opens without a network; undefined before that is known
 */
export function useSeatWorker(mark: string, asked: boolean): boolean | undefined {
  const [opens, setOpens] = useState<boolean>();
  useEffect(() => {
    setOpens(there());
    let over = false;
    let timer: ReturnType<typeof setTimeout> | undefined;
    const keep = () => {
      timer = setTimeout(
        () => {
          const parts = rest();
          if (!there()) return;
          navigator.serviceWorker
            .register('/seat-worker.js', { scope: '/seat' })
            .then(() => parts)
            .then(() => navigator.serviceWorker.ready)
            .then((registered) => over || registered.active?.postMessage({ keep: true, files: files() }))
            .catch(() => setOpens(false));
        },
        settles[asked ? 'asked' : 'waiting'],
      );
    };
    if (document.readyState === 'complete') keep();
    else window.addEventListener('load', keep, { once: true });
    return () => {
      over = true;
      clearTimeout(timer);
      window.removeEventListener('load', keep);
    };
  }, [mark, asked]);
  return opens;
}
/** Forgets the seat on this device. */
export async function forgetSeat(): Promise<void> {
  if (!there()) return;
  const registered = await navigator.serviceWorker.getRegistration('/seat');
  registered?.active?.postMessage({ keep: false });
}
