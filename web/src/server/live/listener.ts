import { Client } from 'pg';
import { errorText, log } from '../log';
import { channel, newsOf, ticksIn, type News } from './announce';

interface Ear {
  readonly news: (said: News) => void;
  /** Listening again after it was not: what was said meanwhile is lost. */
  readonly back: () => void;
}
interface Listening {
  readonly ears: Set<Ear>;
  stop: () => Promise<void>;
}
const globals = globalThis as { roseListening?: Listening };
const soonest = 200;
const latest = 3000;

/** One connection a process that listens; it is made again whenever it is lost. Needs a session of its own, which a pooler may not give. */
function listen(): Listening {
  const ears = new Set<Ear>();
  let client: Client | undefined;
  let ended = false;
  let wait = soonest;
  const connect = async (): Promise<void> => {
    if (ended) return;
    const made = new Client({ connectionString: process.env['DATABASE_DIRECT_URL'] || process.env['DATABASE_URL'], connectionTimeoutMillis: 5000 });
    client = made;
    let lost = false;
    const again = (error?: unknown) => {
      if (lost || ended) return;
      lost = true;
      if (error !== undefined) log.warn({ listener: errorText(error) });
      void made.end().catch(() => undefined);
      setTimeout(() => void connect(), wait);
      wait = Math.min(latest, wait * 2);
    };
    made.on('error', again);
    made.on('end', () => again());
    made.on('notification', ({ payload }) => {
      const said = newsOf(payload);
      if (said !== undefined) for (const ear of ears) ear.news(said);
    });
    try {
      await made.connect();
      await made.query(`listen ${channel}`);
      wait = soonest;
      for (const ear of ears) ear.back();
    } catch (error) {
      again(error);
    }
  };
  void connect();
  return {
    ears,
    stop: async () => {
      ended = true;
      await client?.end().catch(() => undefined);
    },
  };
}
export function hear(ear: Ear): void {
  globals.roseListening ??= listen();
  globals.roseListening.ears.add(ear);
}
/**
 * Passes on the ticks of a transaction of this process that was committed, before the database says them: a table does not wait for their way there and back.
 * The database says them all the same, to every process; a tick that was read is not read again.
 */
export function passOn(tx: object): void {
  for (const said of ticksIn(tx)) for (const ear of globals.roseListening?.ears ?? []) ear.news(said);
}
/** Ends the listening connection; the next who wants to hear makes another. */
export async function stopListening(): Promise<void> {
  const listening = globals.roseListening;
  delete globals.roseListening;
  delete (globalThis as { roseStreams?: unknown }).roseStreams;
  await listening?.stop();
}
