'use client';
import { useEffect, useState, useSyncExternalStore } from 'react';
import type { Clash } from '@rose/core/document/merge';
import { kinds, type Documents } from './kinds';
import { DocumentSession, type Snapshot } from './document-sync';

export interface OpenDocument<D> extends Snapshot<D> {
  /** Changes the document; name the field so that quick changes of it are one step of undo. */
  readonly change: (next: (document: D) => D, field?: string) => void;
  readonly undo: () => void;
  readonly settle: (clash: Clash, side: 'mine' | 'theirs') => void;
  /** Sends at once. */
  readonly flush: () => Promise<void>;
}

/** The one way to save a document. */
export function useDocument<K extends keyof Documents>(
  name: K,
  opened: { readonly id: string; readonly document: Documents[K]; readonly revision: number; readonly draft?: Documents[K] },
): OpenDocument<Documents[K]> {
  const [session] = useState(() => new DocumentSession<Documents[K]>({ ...opened, name, kind: kinds[name] }));
  useEffect(() => session.start(), [session]);
  const snapshot = useSyncExternalStore(session.subscribe, session.snapshot, session.snapshot);
  return {
    ...snapshot,
    change: (next, field) => session.change(next, field),
    undo: () => session.undo(),
    settle: (clash, side) => session.settle(clash, side),
    flush: () => session.send(),
  };
}
