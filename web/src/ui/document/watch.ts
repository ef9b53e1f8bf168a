import { contract } from '@/contract/client';
import { call } from '../api';
import type { Heard } from '../live/one-stream';
import { memberStream, seatStream } from '../live/streams';
import { pace } from '../pace';
import type { Documents } from './kinds';

/** A document that is open in this tab. */
export interface Open {
  readonly kind: keyof Documents;
  readonly id: string;
  /** The revision that was read last; undefined while it is new, or just being sent. */
  readonly revision: () => number | undefined;
  /** It stands at another revision now. */
  readonly onChanged: () => void;
}
const open = new Set<Open>();
let timer: ReturnType<typeof setTimeout> | undefined;
let quiet: (() => void) | undefined;
/** What the stream says of a document that is open here. */
const heard = ({ event, data }: Heard) => {
  if (event !== 'document') return;
  const { kind, id, revision } = JSON.parse(data) as Pick<Open, 'kind' | 'id'> & { readonly revision: number };
  // What this tab saved itself stands at that revision here already.
  for (const entry of open) if (entry.kind === kind && entry.id === id && (entry.revision() ?? revision) < revision) entry.onChanged();
};

/** Asks once for all documents of this tab which of them changed elsewhere. */
export async function lookForChanges(): Promise<void> {
  const asked = [...open].flatMap((entry) => {
    // A guest’s own notes are told of by the stream of their seat.
    if (entry.kind === 'guestNote') return [];
    const revision = entry.revision();
    return revision === undefined ? [] : [{ entry, kind: entry.kind, id: entry.id, revision }];
  });
  if (asked.length === 0) return;
  // A look that fails changes nothing; the next send tells the state.
  const { changed } = await call(contract.document.changed, { open: asked.map(({ kind, id, revision }) => ({ kind, id, revision })) }).catch(() => ({
    changed: [],
  }));
  for (const { kind, id } of changed) for (const { entry } of asked.filter((one) => one.kind === kind && one.id === id)) entry.onChanged();
}
function schedule(): void {
  clearTimeout(timer);
  if (open.size === 0) return;
  timer = setTimeout(
    () => void lookForChanges().finally(schedule),
    document.visibilityState === 'hidden' || memberStream.alive() ? pace.lookHidden : pace.look,
  );
}
const turned = () => schedule();

/** Watches a document until the function it returns is called. */
export function watch(entry: Open): () => void {
  if (open.size === 0) document.addEventListener('visibilitychange', turned);
  open.add(entry);
  quiet ??= entry.kind === 'guestNote' ? seatStream.listen(null, heard) : memberStream.listen(null, heard);
  schedule();
  return () => {
    open.delete(entry);
    if (open.size === 0) {
      document.removeEventListener('visibilitychange', turned);
      quiet?.();
      quiet = undefined;
    }
    schedule();
  };
}
