import { and, eq, inArray } from 'drizzle-orm';
import { connections } from '../../db/client';
import { participant } from '../../db/tasting';
import { errorText, log } from '../log';

/** Milliseconds between two times the devices of this process are written down as in touch: one statement for all of them. */
const every = 20_000;
const globals = globalThis as {
  rosePresent?: { readonly at: Map<string, { readonly venueId: string; n: number }>; timer: ReturnType<typeof setInterval> | undefined };
};
const state = () => (globals.rosePresent ??= { at: new Map(), timer: undefined });

async function write(ids: readonly string[], venueId: string): Promise<void> {
  await connections()
    .db.update(participant)
    .set({ hereAt: new Date() })
    .where(and(eq(participant.venueId, venueId), inArray(participant.id, [...ids])));
}
function tell(): void {
  const byVenue = new Map<string, string[]>();
  for (const [id, { venueId }] of state().at) byVenue.set(venueId, [...(byVenue.get(venueId) ?? []), id]);
  for (const [venueId, ids] of byVenue) write(ids, venueId).catch((error: unknown) => log.warn({ presence: errorText(error) }));
}
/** A guest's device holds a stream to this process; what it returns is called when it does no more. */
export function inTouch(venueId: string, participantId: string): () => void {
  const { at } = state();
  const present = at.get(participantId) ?? { venueId, n: 0 };
  present.n += 1;
  at.set(participantId, present);
  state().timer ??= setInterval(tell, every).unref();
  void write([participantId], venueId).catch(() => undefined);
  return () => {
    present.n -= 1;
    if (present.n <= 0) at.delete(participantId);
    if (at.size === 0) {
      clearInterval(state().timer);
      state().timer = undefined;
    }
  };
}
