import path from 'node:path';
import type { NextConfig } from 'next';

const root = path.join(import.meta.dirname, '..');

const config: NextConfig = {
  transpilePackages: ['@rose/core', '@rose/knowledge'],
  turbopack: {
    root,
    rules: Object.fromEntries(
      ['react-aria/dist/private/*', 'react-aria-components/dist/private', 'react-stately/dist/private/*'].map((room) => [
        `**/${room}/intlStrings.mjs`,
        { loaders: [path.join(import.meta.dirname, 'english-only.cjs')], as: '*.mjs' },
      ]),
    ),
  },
  outputFileTracingRoot: root,
  poweredByHeader: false,
  reactStrictMode: true,
  compiler: { styledComponents: true },
  // Types are checked by npm test; a start only builds.
  typescript: { ignoreBuildErrors: true },
  serverExternalPackages: [
    '@pdf-lib/fontkit',
    'better-auth',
    'csv-parse',
    'csv-stringify',
    'drizzle-orm',
    'hash-wasm',
    'ics',
    'nodemailer',
    'pdf-lib',
    'pg',
    'pino',
    'rate-limiter-flexible',
  ],
  devIndicators: false,
  // Addresses people may have kept.
  redirects: async () => [{ source: '/table/:path*', destination: '/pairing/:path*', permanent: true }],
};
export default config;
