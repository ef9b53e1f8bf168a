import { randomBytes } from 'node:crypto';
import { betterAuth } from 'better-auth';
import { drizzleAdapter } from 'better-auth/adapters/drizzle';
import { argon2id, argon2Verify } from 'hash-wasm';
import { connections } from '../db/client';
import * as schema from '../db/schema';
import { origin, secret } from './environment';
import { deliverLetters, writeLetter } from './account/letters';

/** Parameters of argon2id: OWASP's second choice, 19 MiB and two passes. */
const hash = (password: string) =>
  argon2id({
    password: password.normalize('NFKC'),
    salt: randomBytes(16),
    parallelism: 1,
    iterations: 2,
    memorySize: 19_456,
    hashLength: 32,
    outputType: 'encoded',
  });

function make() {
  return betterAuth({
    appName: 'Rose Compass',
    baseURL: origin(),
    secret: secret('accounts'),
    telemetry: { enabled: false },
    // Its messages hold tokens and addresses; what goes wrong reaches our own log without them.
    logger: { disabled: true },
    rateLimit: { enabled: false },
    database: drizzleAdapter(connections().accounts, {
      provider: 'pg',
      schema: { user: schema.user, session: schema.session, account: schema.account, verification: schema.verification },
    }),
    emailAndPassword: {
      enabled: true,
      minPasswordLength: 10,
      maxPasswordLength: 200,
      password: { hash, verify: ({ hash: kept, password }) => argon2Verify({ password: password.normalize('NFKC'), hash: kept }) },
      resetPasswordTokenExpiresIn: 3600,
      revokeSessionsOnPasswordReset: true,
      sendResetPassword: async ({ user, token }) => {
        const db = connections().accounts;
        await writeLetter(
          db,
          user.email,
          'A new password',
          `Somebody asked for a new password for your account.\n\nSet it within the hour: ${origin()}/reset/${token}\n\nIf it was not you, do nothing: your password stays as it is.`,
        );
        await deliverLetters(db);
      },
    },
    session: { expiresIn: 60 * 60 * 24 * 30, updateAge: 60 * 60 * 24 },
    advanced: { cookiePrefix: 'rose', useSecureCookies: origin().startsWith('https:'), defaultCookieAttributes: { sameSite: 'lax', httpOnly: true } },
  });
}
const globals = globalThis as { roseAccounts?: ReturnType<typeof make> };
/** The account library, configured once a process. */
export const accounts = () => (globals.roseAccounts ??= make());
/** For tests: the next call is configured for the database of the next file. */
export const forgetAccounts = () => delete globals.roseAccounts;
