import { openDB, type IDBPDatabase } from 'idb';
import { v4 } from 'uuid';
import { keepInTab, keptInTab } from '../kept-on-device';
import type { Device } from '@rose/core/document/protocol';

/** Drafts on this device. Each tab keeps its own, so that two tabs never overwrite each other's unsent changes. */
export interface Draft<D> {
  readonly key: string;
  readonly tab: string;
  readonly device: Device<D>;
  /** The last tick of an evening that was in sight when it was written. */
  readonly seen?: number | undefined;
}
let database: Promise<IDBPDatabase> | undefined;
const open = () => (database ??= openDB('rose-compass', 1, { upgrade: (db) => db.createObjectStore('drafts', { keyPath: ['key', 'tab'] }) }));

let ownTab: string | undefined;
/** The id of this tab: survives a reload, not the tab; where the browser keeps nothing, as long as the page. */
export function tabId(): string {
  ownTab ??= keptInTab('tab') ?? v4();
  keepInTab('tab', ownTab);
  return ownTab;
}

export async function readDrafts<D>(key: string): Promise<readonly Draft<D>[]> {
  const db = await open();
  return (await db.getAll('drafts', IDBKeyRange.bound([key], [key, []]))) as Draft<D>[];
}
export async function keepDraft<D>(draft: Draft<D>): Promise<void> {
  await (await open()).put('drafts', draft);
}
export async function dropDraft(key: string, tab: string): Promise<void> {
  await (await open()).delete('drafts', [key, tab]);
}
/** Forgets all drafts of the device: at signing out. */
export async function dropAllDrafts(): Promise<void> {
  await (await open()).clear('drafts');
}
