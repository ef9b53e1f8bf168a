import pino from 'pino';

/** An error and its causes as text, without the values of its query: those are people's words and tokens. */
export function errorText(error: unknown): string {
  const chain: string[] = [];
  for (let at: unknown = error; at !== undefined && at !== null && chain.length < 5; at = (at as { cause?: unknown }).cause)
    chain.push(at instanceof Error ? (at.stack ?? at.message) : typeof at);
  return chain.join('\n caused by ').replace(/^params: .*$/gm, 'params: …');
}

/** Logs hold what happened and how long it took; never a name, an address, a token or a word of a note. */
const to = pino.destination({ dest: 1, sync: true });
// A full disk loses lines of the log, never an answer.
to.on('error', () => undefined);
export const log = pino({ level: process.env['ROSE_LOG'] ?? 'info', base: null }, to);
