import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { randomBytes } from 'node:crypto';
import { hostname, networkInterfaces } from 'node:os';
import path from 'node:path';

/** What the environment says, read once a call so that tests can change it. */
const env = (name: string) => process.env[name] ?? '';

export const dataFolder = (): string => env('ROSE_DATA') || path.join(process.cwd(), '.rose');
export const host = (): string => env('HOST') || '127.0.0.1';
export const port = (): string => env('PORT') || '4747';
export const isLoopback = (name: string): boolean => name === 'localhost' || name === '::1' || name === '[::1]' || /^127\./.test(name);
/** Where links in letters lead. */
export const origin = (): string =>
  (env('ROSE_ORIGIN') || `http://${isLoopback(host()) ? host() : (lanAddresses()[0] ?? host())}:${port()}`).replace(/\/$/, '');
/** Forwarded headers are believed only behind a proxy that the operator declared. */
export const behindProxy = (): boolean => env('ROSE_PROXY') === '1';
/** The demo's way in exists only in demo mode while nobody but this machine can reach the server: bound to loopback, behind no proxy, and known by no other name. */
export const demoOpen = (): boolean => env('ROSE_DEMO') === '1' && isLoopback(host()) && !behindProxy() && isLoopback(hostOf(origin()));
const hostOf = (address: string): string => {
  try {
    return new URL(address).hostname;
  } catch {
    return '';
  }
};

export function lanAddresses(): readonly string[] {
  return Object.values(networkInterfaces()).flatMap((list) =>
    (list ?? []).filter((entry) => entry.family === 'IPv4' && !entry.internal).map((entry) => entry.address),
  );
}

/** Addresses a link to join may have: what the operator said, else those this machine has on its network. None where only this machine reaches the server. */
export function reachableAt(): readonly string[] {
  if (env('ROSE_ORIGIN') !== '') return [origin()];
  if (isLoopback(host())) return [];
  return (host() === '0.0.0.0' || host() === '::' ? lanAddresses() : [host()]).map((address) => `http://${address}:${port()}`);
}

/** What a cookie ends with where people come over https. */
export const secureMark = (): string => (origin().startsWith('https:') ? '; Secure' : '');

/** A secret of this installation, made once, readable by its owner only. */
export function secret(name: string): string {
  const file = path.join(dataFolder(), `${name}.secret`);
  try {
    return readFileSync(file, 'utf8');
  } catch {
    mkdirSync(dataFolder(), { recursive: true, mode: 0o700 });
    const made = randomBytes(32).toString('base64url');
    try {
      writeFileSync(file, made, { mode: 0o600, flag: 'wx' });
      return made;
    } catch {
      return readFileSync(file, 'utf8');
    }
  }
}

/**
 * Whether a browser's write comes from our own pages. The Origin must name the host the request was sent to, and that host must be ROSE_ORIGIN's, an IP
 * address, localhost, this machine's own name or a name of the local network (.local): a foreign name that was made to point here (DNS rebinding) is refused.
 */
export function ownOrigin(originHeader: string | null, hostHeader: string | null): boolean {
  if (originHeader === null) return false;
  if (env('ROSE_ORIGIN') !== '' && originHeader === origin()) return true;
  let from: URL;
  try {
    from = new URL(originHeader);
  } catch {
    return false;
  }
  if (from.host !== hostHeader) return false;
  return (
    isLoopback(from.hostname) ||
    /^\d+\.\d+\.\d+\.\d+$/.test(from.hostname) ||
    from.hostname.startsWith('[') ||
    /^[a-z0-9-]+\.local$/i.test(from.hostname) ||
    from.hostname === hostname().toLowerCase()
  );
}
