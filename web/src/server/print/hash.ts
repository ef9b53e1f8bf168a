import { createHash } from 'node:crypto';

const stable = (value: unknown): string =>
  Array.isArray(value)
    ? `[${value.map(stable).join(',')}]`
    : typeof value === 'object' && value !== null
      ? `{${Object.entries(value)
          .filter(([, entry]) => entry !== undefined)
          .sort(([a], [b]) => (a < b ? -1 : 1))
          .map(([key, entry]) => `${JSON.stringify(key)}:${stable(entry)}`)
          .join(',')}}`
      : JSON.stringify(value ?? null);
/** A hash of exactly the facts drawn, and a short one of each part, so that what changed can be named. */
export function hashFacts(facts: object): { readonly hash: string; readonly parts: Readonly<Record<string, string>> } {
  const hash = (value: unknown) => createHash('sha256').update(stable(value)).digest('hex');
  return { hash: hash(facts), parts: Object.fromEntries(Object.entries(facts).map(([key, value]) => [key, hash(value).slice(0, 12)])) };
}
