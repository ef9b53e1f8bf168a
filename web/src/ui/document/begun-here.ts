import { keepOnDevice, keptOnDevice } from '../kept-on-device';
import type { Moment } from '@rose/core/wine/note';

/** A note that was begun on this device and may not be on the server yet. */
interface BegunHere {
  readonly glassId: string;
  readonly moment: Moment;
}
const key = (id: string) => `begun/${id}`;
/** Remembers that a note was begun here, so that the first save that gets through begins it there too. */
export const begunHere = (id: string, begun: BegunHere): void => keepOnDevice(key(id), JSON.stringify(begun));
/** What was begun here under an id; undefined for what was not. */
export function wasBegunHere(id: string): BegunHere | undefined {
  const kept = keptOnDevice(key(id));
  return kept === undefined ? undefined : (JSON.parse(kept) as BegunHere);
}
export const isBegunThere = (id: string): void => keepOnDevice(key(id), undefined);
