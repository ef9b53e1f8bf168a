import { randomUUID } from 'node:crypto';
import { Agent, request, type IncomingMessage } from 'node:http';

/**
 * Guests of an evening, in a process of their own: each sits down, holds a stream, and saves its note every ten seconds. It says when each state came to each
 * socket, and what was answered to each save. Sockets to a bare server beside it hear the same bytes.
 */
interface Start {
  readonly base: string;
  readonly code: string;
  readonly key: string;
  readonly glassId: string;
  readonly bare: string;
  readonly guests: number;
}
/** What a guest sent and was answered. */
interface Kept {
  readonly noteId: string;
  revision: number;
  sent: number;
  /** How many had been sent when the last one that was kept was. */
  acked: number;
  refused: number;
}
const now = () => performance.timeOrigin + performance.now();
const agent = new Agent({ keepAlive: true, maxSockets: 64 });

function ask(base: string, method: string, path: string, cookie: string, body?: unknown): Promise<{ status: number; text: string; cookie: string }> {
  const text = body === undefined ? undefined : JSON.stringify(body);
  return new Promise((resolve, reject) => {
    const sent = request(
      `${base}${path}`,
      {
        method,
        agent,
        headers: { origin: base, cookie, ...(text === undefined ? {} : { 'content-type': 'application/json', 'content-length': Buffer.byteLength(text) }) },
      },
      (answer) => {
        let said = '';
        answer.setEncoding('utf8').on('data', (chunk: string) => (said += chunk));
        answer.on('end', () =>
          resolve({ status: answer.statusCode ?? 0, text: said, cookie: (answer.headers['set-cookie'] ?? []).map((one) => one.split(';')[0]).join('; ') }),
        );
      },
    );
    sent.on('error', reject);
    sent.end(text);
  });
}
/** Milliseconds after which a browser comes back to a stream that ended, as the stream asks it to. */
const comesBack = 1_000;
/** Holds a stream and tells each id that comes, the first time it does; a stream that ends by itself, as ours do after some minutes, is taken up again. */
function listen(url: string, cookie: string, heard: (id: string, at: number) => void, known = new Set<string>()): void {
  request(url, { headers: { cookie }, agent: false }, (answer: IncomingMessage) => {
    let text = '';
    answer.on('end', () => {
      if (saving) setTimeout(() => listen(url, cookie, heard, known), comesBack);
    });
    answer.setEncoding('utf8').on('data', (chunk: string) => {
      const at = now();
      text += chunk;
      for (let end = text.indexOf('\n\n'); end >= 0; end = text.indexOf('\n\n')) {
        const id = /^id: (.*)$/m.exec(text.slice(0, end))?.[1];
        text = text.slice(end + 2);
        if (id === undefined || known.has(id)) continue;
        known.add(id);
        heard(id, at);
      }
    });
  }).end();
}

let arrivals: [channel: 'app' | 'bare', id: string, at: number][] = [];
const kept: Kept[] = [];
let saving = true;

async function guest(start: Start, i: number): Promise<void> {
  const joined = await ask(start.base, 'POST', '/api/v1/joins', '', {
    code: start.code,
    key: start.key,
    seat: randomUUID().replaceAll('-', ''),
    name: `Guest ${i}`,
  });
  if (joined.status !== 200) throw new Error(`joining answered ${joined.status}: ${joined.text}`);
  const { cookie } = joined;
  const noteId = randomUUID();
  const begun = await ask(start.base, 'POST', '/api/v1/guest/notes', cookie, { noteId, glassId: start.glassId });
  if (begun.status !== 200) throw new Error(`beginning answered ${begun.status}: ${begun.text}`);
  listen(`${start.base}/api/v1/guest/stream`, cookie, (id, at) => arrivals.push(['app', id, at]));
  listen(start.bare, '', (id, at) => arrivals.push(['bare', id, at]));
  const mine: Kept = { noteId, revision: 1, sent: 0, acked: 0, refused: 0 };
  kept.push(mine);
  const save = async () => {
    if (!saving) return;
    const document = {
      schema: 1,
      observed: { acidity: mine.sent % 100 },
      chips: [],
      deck: {},
      markBeforeDraft: null,
      rewritten: {},
      remark: 'a few words of an evening '.repeat(8),
    };
    mine.sent += 1;
    const at = mine.sent;
    const answer = await ask(start.base, 'PUT', `/api/v1/guest/notes/${noteId}`, cookie, {
      writeId: randomUUID(),
      baseRevision: mine.revision,
      document,
      seen: 1,
    }).catch(() => undefined);
    if (answer?.status === 200) {
      mine.revision = (JSON.parse(answer.text) as { revision: number }).revision;
      mine.acked = at;
    } else mine.refused += 1;
    setTimeout(() => void save(), 9_000 + Math.random() * 2_000);
  };
  setTimeout(() => void save(), Math.random() * 10_000);
}

process.on('message', (message: { start?: Start; collect?: true; stop?: true }) => {
  void (async () => {
    if (message.start !== undefined) {
      const { start } = message;
      try {
        for (let i = 0; i < start.guests; i += 20) await Promise.all(Array.from({ length: Math.min(20, start.guests - i) }, (_, k) => guest(start, i + k)));
        process.send!({ ready: true });
      } catch (error) {
        process.send!({ failed: String(error) });
      }
    }
    if (message.collect === true) {
      const { user, system } = process.cpuUsage();
      process.send!({ arrivals, cpuMs: (user + system) / 1000 });
      arrivals = [];
    }
    if (message.stop === true) {
      saving = false;
      // What is on its way is answered first.
      await new Promise((resolve) => setTimeout(resolve, 3_000));
      process.send!({ kept }, () => process.exit(0));
    }
  })();
});
