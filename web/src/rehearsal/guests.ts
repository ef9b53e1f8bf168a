import { createHash } from 'node:crypto';
import { quarters, type Quarter } from '@rose/core/wine/observables';
import { habitOf, simulatedNote } from '@rose/knowledge/rehearsal/index';

/**
 * Simulated guests for a rehearsal, in a process of their own. It knows what a guest knows: the address, the code and the public paths. Killed and started again with the
 * same seed it goes on where it was: a seat's secret is made of the seed, and what was written is read back.
 */
const [base = '', code = '', key = '', many = '20', seeded = '1'] = process.argv.slice(2);
const seed = Number(seeded);
const pace = Number(process.env['ROSE_REHEARSAL_MS'] || 3_000);
/** What each note was sent as last: the same words are not sent again. */
const sent = new Map<string, string>();
const sleep = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));
const names = [
  'Wren',
  'Rowan',
  'Hazel',
  'Linden',
  'Sorrel',
  'Ash',
  'Briar',
  'Fern',
  'Juniper',
  'Laurel',
  'Moss',
  'Reed',
  'Sage',
  'Tansy',
  'Willow',
  'Alder',
  'Clover',
  'Heath',
  'Ivy',
  'Maple',
];

interface Table {
  readonly state: {
    readonly over: boolean;
    readonly stop: { readonly kind: string; readonly place?: number; readonly quarter?: Quarter };
    readonly glasses: readonly { readonly id: string; readonly place: number; readonly rejected: boolean; readonly closed: boolean }[];
    readonly poll: { readonly id: string; readonly options: readonly string[] } | null;
    readonly tick: number;
  };
  readonly notes: readonly { readonly id: string; readonly glassId: string; readonly moment: string; readonly revision: number; readonly locked: boolean }[];
  readonly answered: { readonly pollId: string } | null;
}
/** Milliseconds without any answer after which the house is taken to be gone. */
const patience = 60_000;
let answeredAt = Date.now();
async function ask<T>(method: string, path: string, cookie: string, body?: unknown): Promise<{ status: number; said: T | undefined; cookie: string }> {
  const answer = await fetch(`${base}/api/v1${path}`, {
    method,
    headers: { origin: base, cookie, ...(body === undefined ? {} : { 'content-type': 'application/json' }) },
    ...(body === undefined ? {} : { body: JSON.stringify(body) }),
    signal: AbortSignal.timeout(10_000),
  });
  answeredAt = Date.now();
  const text = await answer.text();
  return {
    status: answer.status,
    said: answer.ok ? (JSON.parse(text) as T) : undefined,
    cookie: (answer.headers.getSetCookie()[0] ?? '').split(';')[0]!,
  };
}
const secretOf = (guest: number) => createHash('sha256').update(`${code} ${key} ${seed} ${guest}`).digest('base64url').slice(0, 32);
const idOf = (...of: readonly unknown[]) => {
  const hex = createHash('sha256').update(of.join(' ')).digest('hex');
  return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-4${hex.slice(13, 16)}-8${hex.slice(17, 20)}-${hex.slice(20, 32)}`;
};

/** What a phone without a network knows of the table, and what it has written meanwhile, with the last tick it had seen. */
const known = new Map<number, Table>();
const kept = new Map<number, { readonly noteId: string; readonly body: object }>();
/** Writes on in the glass it knows; the words stay on the phone. */
function keepHere(guest: number): true {
  const table = known.get(guest);
  const glass = table?.state.glasses.findLast((entry) => !entry.rejected && !entry.closed);
  const note = table?.notes.find((entry) => entry.glassId === glass?.id && entry.moment === 'first');
  if (table === undefined || glass === undefined || note === undefined || note.locked) return true;
  const document = simulatedNote(seed, glass.place, guest, quarters);
  const writeId = idOf(JSON.stringify(document), note.id).slice(0, 36);
  kept.set(guest, { noteId: note.id, body: { writeId, baseRevision: note.revision, document, seen: table.state.tick } });
  return true;
}
/** Back in the network, what was kept goes up first. */
async function sendKept(guest: number, cookie: string): Promise<void> {
  const own = kept.get(guest);
  if (own === undefined) return;
  await ask('PUT', `/guest/notes/${own.noteId}`, cookie, own.body);
  kept.delete(guest);
}
/** One look of a guest at the table, and what they do then. Answers whether the evening goes on for them. */
async function look(guest: number, cookie: string, turn: number): Promise<boolean> {
  const habit = habitOf(guest);
  // Half of the time this phone has no network: it writes on with what it knows, and sends it when it is back.
  if (habit === 'offline' && Math.floor(turn / 4) % 2 === 1) return keepHere(guest);
  await sendKept(guest, cookie);
  const { status, said: table } = await ask<Table>('GET', '/guest/tasting', cookie);
  if (status === 401) return false;
  if (table === undefined) return true;
  known.set(guest, table);
  const { state, notes } = table;
  if (state.over) return false;
  if (state.poll !== null && table.answered?.pollId !== state.poll.id)
    await ask('PUT', `/guest/answers/${state.poll.id}`, cookie, { option: (guest * 7 + seed) % state.poll.options.length });
  for (const glass of state.glasses.filter((entry) => !entry.rejected && !entry.closed)) {
    const here = state.stop.place === glass.place && state.stop.kind === 'step';
    const at = here
      ? quarters.indexOf(state.stop.quarter ?? 'appearance')
      : state.stop.kind === 'pour' && state.stop.place === glass.place
        ? -1
        : quarters.length;
    const through = quarters.slice(0, Math.max(0, Math.min(quarters.length, at + 1 - (habit === 'late' ? 1 : 0))));
    const finished = through.includes('finish');
    const document = simulatedNote(seed, glass.place, guest, finished ? quarters : through);
    const note = notes.find((entry) => entry.glassId === glass.id && entry.moment === 'first');
    if (note === undefined) await ask('POST', '/guest/notes', cookie, { noteId: idOf(seed, guest, glass.id), glassId: glass.id });
    else if (!note.locked) {
      // The same words are the same write: sent again after a restart, they change nothing.
      const words = JSON.stringify(document);
      const writeId = idOf(words, note.id).slice(0, 36);
      if (sent.get(note.id) === words) continue;
      const kept = await ask('PUT', `/guest/notes/${note.id}`, cookie, { writeId, baseRevision: note.revision, document, seen: state.tick });
      if (kept.status === 200) sent.set(note.id, words);
      if (finished && habit !== 'late') await ask('POST', '/guest/locks', cookie, { glassId: glass.id, locked: true });
    }
  }
  return true;
}
async function live(guest: number): Promise<void> {
  let cookie = '';
  await sleep((guest * pace) / 10);
  if (habitOf(guest) === 'late') await sleep(3 * pace);
  for (let turn = 0; ; turn++) {
    try {
      if (cookie === '') {
        const joined = await ask('POST', '/joins', '', {
          code,
          key,
          seat: secretOf(guest),
          name: names[guest % names.length]! + (guest < names.length ? '' : ` ${Math.floor(guest / names.length) + 1}`),
        });
        if (joined.status === 404) return;
        cookie = joined.cookie;
      } else if (!(await look(guest, cookie, turn))) return;
    } catch {
      // The house does not answer just now; it is asked again, but not for ever: it may be gone for good.
      if (Date.now() - answeredAt > patience) process.exit(0);
    }
    await sleep(pace * (0.7 + (0.6 * ((guest * 31 + turn * 17) % 10)) / 10));
  }
}
await Promise.all(Array.from({ length: Number(many) }, (_, guest) => live(guest)));
