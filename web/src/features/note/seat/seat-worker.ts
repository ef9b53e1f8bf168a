'use client';
import { useEffect, useState } from 'react';
import { rest } from './rest';

/** Where there are service workers, the seat opens without a network too; over plain http in a local network there are none. */
const there = (): boolean => 'serviceWorker' in navigator;
const files = () => performance.getEntriesByType('resource').map((entry) => entry.name);
/** Milliseconds after which a seat that is kept already is kept anew. */
const anew = 1_500;
/** Milliseconds after what the page is made of was loaded: on a slow network a question goes before what is only for later. */
const settles = { waiting: 4_000, asked: 12_000 };
/** The seat as it is now, with its files: only where it was kept before, since the first time is the slow one. */
async function keepAnew(): Promise<void> {
  const registered = await navigator.serviceWorker.getRegistration('/seat');
  registered?.active?.postMessage({ keep: true, files: files() });
}
async function keepFirst(): Promise<void> {
  const parts = rest();
  if (!there()) return;
  await navigator.serviceWorker.register('/seat-worker.js', { scope: '/seat' });
  await parts;
  (await navigator.serviceWorker.ready).active?.postMessage({ keep: true, files: files() });
}

/**
 * Keeps the seat on the device as it stands, anew whenever `mark` changes.
 * @param asked a glass is before them: their question comes first
 * @returns whether it opens without a network; undefined before that is known
 */
export function useSeatWorker(mark: string, asked: boolean): boolean | undefined {
  const [opens, setOpens] = useState<boolean>();
  useEffect(() => {
    setOpens(there());
    if (!there()) return;
    const timer = setTimeout(() => void keepAnew().catch(() => undefined), anew);
    return () => clearTimeout(timer);
  }, [mark]);
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout> | undefined;
    const later = () => {
      timer = setTimeout(() => void keepFirst().catch(() => setOpens(false)), settles[asked ? 'asked' : 'waiting']);
    };
    if (document.readyState === 'complete') later();
    else window.addEventListener('load', later, { once: true });
    return () => {
      clearTimeout(timer);
      window.removeEventListener('load', later);
    };
  }, [asked]);
  return opens;
}
