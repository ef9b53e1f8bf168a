import { createHmac, randomBytes } from 'node:crypto';
import { hashCode, sameSecret } from './secret-code';
import { secret, secureMark } from './environment';

/**
 * A device an account came in from before holds a sign of it, which lets nobody in: it only has its wrong tries counted apart, so that a stranger who
 * guesses at the account cannot lock its owner out. The method is that of "device cookies" in OWASP's page on slowing down online guessing (from memory).
 */
const nameFor = (email: string) => `rose_device_${hashCode(email).replace(/\W/g, '').slice(0, 12)}`;
const signed = (email: string, device: string) => createHmac('sha256', secret('devices')).update(`${device} ${email}`).digest('base64url');

/** The cookie for a device that this account has just come in from. */
export function deviceCookie(email: string): string {
  const device = randomBytes(12).toString('base64url');
  return `${nameFor(email)}=${device}.${signed(email, device)}; Path=/api/v1; HttpOnly; SameSite=Lax; Max-Age=31536000${secureMark()}`;
}

/** Which device of this account a request comes from; undefined for one it never came in from. */
export function deviceOf(cookies: string | null, email: string): string | undefined {
  const [device, sign] = (
    cookies
      ?.split('; ')
      .find((one) => one.startsWith(`${nameFor(email)}=`))
      ?.split('=')[1] ?? ''
  ).split('.');
  if (device === undefined || sign === undefined) return undefined;
  return sameSecret(sign, signed(email, device)) ? device : undefined;
}
