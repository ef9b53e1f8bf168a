import { createHash, randomBytes } from 'node:crypto';

/** A secret for a link or a token, and the hash that is kept of it. */
export function newCode(prefix = ''): { readonly code: string; readonly hash: string } {
  const code = prefix + randomBytes(24).toString('base64url');
  return { code, hash: hashCode(code) };
}
export const hashCode = (code: string): string => createHash('sha256').update(code).digest('hex');
