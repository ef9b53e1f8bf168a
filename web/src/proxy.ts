import { NextResponse, type NextRequest } from 'next/server';
import { guarded } from './guarded-headers';
import { Problem } from './server/problem';

/** Whether an address can be read at all: a percent sign that stands for no letter breaks the framework's own router. */
function readable(address: string): boolean {
  try {
    decodeURIComponent(address);
    return true;
  } catch {
    return false;
  }
}
const unreadable = new Problem(400, 'address', 'This address cannot be read: it holds a % that stands for no letter.');

/** Sets the content security policy, with a nonce of its own for every page, and the other security headers. */
export function proxy(request: NextRequest): NextResponse {
  if (!readable(request.nextUrl.pathname))
    return request.nextUrl.pathname.startsWith('/api/')
      ? NextResponse.json(unreadable, { status: 400, headers: { 'content-type': 'application/problem+json', 'cache-control': 'no-store' } })
      : NextResponse.redirect(new URL('/nothing-here', request.url));
  const nonce = Buffer.from(crypto.getRandomValues(new Uint8Array(16))).toString('base64');
  const development = process.env.NODE_ENV === 'development';
  const policy = [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'${development ? " 'unsafe-eval'" : ''}`,
    `style-src 'self' ${development ? "'unsafe-inline'" : `'nonce-${nonce}'`}`,
    "style-src-attr 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self'",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ');
  const headers = new Headers(request.headers);
  headers.set('x-nonce', nonce);
  headers.set('content-security-policy', policy);
  const response = NextResponse.next({ request: { headers } });
  response.headers.set('content-security-policy', policy);
  for (const [name, value] of Object.entries(guarded())) response.headers.set(name, value);
  return response;
}

// The API sets its own headers; of its addresses only those come here that may not be readable.
export const config = { matcher: ['/((?!api/v1/|_next/static|_next/image|icon.svg|favicon.ico).*)', '/api/v1/(.*%.*)'] };
