import { createHash } from 'node:crypto';
import type { ClientBase } from 'pg';

/** Times a connection is asked the same before it prepares it. */
const often = 8;
/** Statements a connection keeps prepared: each has its plan in the memory of the database. */
const most = 100;
/** Texts a connection counts; lists of many lengths make many. */
const mostCounted = 1_000;

/**
 * Lets a connection prepare by itself what it is asked often, so that the database neither reads nor plans it anew: our statements name their columns and
 * bind their values, so the text alone says which it is. Statements without values, such as those that begin and end a transaction, stay as they are.
 */
export function preparesWhatIsAskedOften(client: ClientBase): void {
  const plain = client.query.bind(client) as (config: unknown, ...rest: readonly unknown[]) => unknown;
  const asked = new Map<string, number>();
  const names = new Map<string, string>();
  const nameOf = (text: string): string | undefined => {
    const name = names.get(text);
    if (name !== undefined || names.size >= most) return name;
    const times = (asked.get(text) ?? 0) + 1;
    if (times < often) {
      if (asked.size >= mostCounted) asked.clear();
      asked.set(text, times);
      return undefined;
    }
    asked.delete(text);
    names.set(text, createHash('sha256').update(text).digest('hex').slice(0, 32));
    return names.get(text);
  };
  client.query = ((config: unknown, ...rest: readonly unknown[]) => {
    if (typeof config !== 'object' || config === null || !('text' in config) || typeof config.text !== 'string') return plain(config, ...rest);
    const [values] = rest;
    if (!Array.isArray(values) || values.length === 0 || ('name' in config && config.name !== undefined)) return plain(config, ...rest);
    return plain({ ...config, name: nameOf(config.text) }, ...rest);
  }) as typeof client.query;
}
