import { createHash, randomBytes, timingSafeEqual } from 'node:crypto';

/** A secret for a link or a token, and the hash that is kept of it. */
export function newCode(prefix = ''): { readonly code: string; readonly hash: string } {
  const code = prefix + randomBytes(24).toString('base64url');
  return { code, hash: hashCode(code) };
}
export const hashCode = (code: string): string => createHash('sha256').update(code).digest('hex');
/** Whether two texts are the same, told in a time that says nothing of how much of them is. */
export function sameSecret(a: string, b: string): boolean {
  const [given, right] = [Buffer.from(a), Buffer.from(b)];
  return given.length === right.length && timingSafeEqual(given, right);
}
