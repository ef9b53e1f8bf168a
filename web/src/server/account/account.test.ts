import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import PostalMime from 'postal-mime';
import { afterAll, afterEach, beforeAll, describe, expect, it } from 'vitest';
import { and, eq, like } from 'drizzle-orm';
import { connections } from '../../db/client';
import { rateLimit } from '../../db/auth';
import { account, member, session, user } from '../../db/schema';
import { handle } from '../http';
import { demoEmail, demoPassword } from './demo';
import { deliverLetters, writeLetter } from './letters';
import { deviceCookie, deviceOf } from '../device';
import { ownOrigin } from '../environment';
import type { Member } from '../command';
import { newMember, ownDatabase, run } from '../testing/venue';
import { removeMember, setRole } from './venue-commands';

let drop: () => Promise<void>;
beforeAll(async () => {
  drop = await ownDatabase();
  process.env['HOST'] = '127.0.0.1';
  process.env['PORT'] = '4747';
});
afterEach(() => {
  process.env['HOST'] = '127.0.0.1';
  delete process.env['ROSE_DEMO'];
});
afterAll(() => drop());

/** A browser of a kind: keeps cookies between requests. */
function person() {
  const jar = new Map<string, string>();
  return async (method: string, address: string, body?: unknown, headers: Record<string, string> = {}) => {
    const url = `http://127.0.0.1:4747/api/v1${address}`;
    const response = await handle(
      new Request(url, {
        method,
        headers: {
          origin: 'http://127.0.0.1:4747',
          host: '127.0.0.1:4747',
          cookie: [...jar].map(([name, value]) => `${name}=${value}`).join('; '),
          ...headers,
        },
        ...(body === undefined ? {} : { body: JSON.stringify(body) }),
      }),
      address,
    );
    for (const cookie of response.headers.getSetCookie()) {
      const [pair] = cookie.split(';');
      const at = pair!.indexOf('=');
      if (/max-age=0/i.test(cookie)) jar.delete(pair!.slice(0, at));
      else jar.set(pair!.slice(0, at), pair!.slice(at + 1));
    }
    return { status: response.status, cookies: response.headers.getSetCookie(), json: (await response.json()) as Record<string, never> };
  };
}
/** The last letter to somebody, as a mail program reads it. */
async function lastLetter(to: string) {
  const folder = path.join(process.env['ROSE_DATA']!, 'mail');
  const letters = await Promise.all(
    readdirSync(folder)
      .sort()
      .map((file) => PostalMime.parse(readFileSync(path.join(folder, file)))),
  );
  return letters.filter((letter) => letter.to?.some((reader) => reader.address === to)).at(-1);
}
const textTo = async (to: string) => (await lastLetter(to))?.text ?? '';

describe('accounts', () => {
  it('sign-up founds a venue, the password is kept as argon2id, cookies are same-site and not for scripts', async () => {
    const ask = person();
    const made = await ask('POST', '/account', { name: 'Mira', email: 'Mira@Example.invalid', password: 'a long pass phrase', venue: 'Mole' });
    expect(made.status).toBe(200);
    for (const cookie of made.cookies) expect(cookie).toMatch(/HttpOnly.*SameSite=Lax|SameSite=Lax.*HttpOnly/i);
    expect((await ask('GET', '/me')).json).toMatchObject({ name: 'Mira', email: 'mira@example.invalid', role: 'owner', venue: { name: 'Mole' } });
    const [row] = await connections()
      .db.select({ password: account.password })
      .from(account)
      .innerJoin(user, eq(user.id, account.userId))
      .where(eq(user.email, 'mira@example.invalid'));
    expect(row!.password).toMatch(/^\$argon2id\$v=19\$m=19456,t=2,p=1\$/);
    expect((await ask('POST', '/account', { name: 'Mira', email: 'mira@example.invalid', password: 'a long pass phrase', venue: 'Mole' })).status).toBe(422);
    expect((await ask('DELETE', '/session')).status).toBe(200);
    expect((await ask('GET', '/me')).status).toBe(401);
  });
  it('a session that is ended, has run out, or whose venue is left counts no more from the very next request, and a forged cookie never', async () => {
    const ask = person();
    await ask('POST', '/account', { name: 'Noor', email: 'noor@example.invalid', password: 'a long pass phrase', venue: 'Pier' });
    const me = async () => (await ask('GET', '/me')).status;
    expect([await me(), await me()]).toEqual([200, 200]);
    const { db } = connections();
    const [noor] = await db.select({ id: user.id }).from(user).where(eq(user.email, 'noor@example.invalid'));
    const mine = eq(session.userId, noor!.id);
    const [kept] = await db.select().from(session).where(mine);
    await db
      .update(session)
      .set({ expiresAt: new Date(Date.now() - 1000) })
      .where(mine);
    expect(await me()).toBe(401);
    await db.update(session).set({ expiresAt: kept!.expiresAt }).where(mine);
    expect((await ask('GET', '/me')).json).toMatchObject({ role: 'owner' });
    await db.delete(member).where(eq(member.userId, noor!.id));
    expect((await ask('GET', '/me')).json).toMatchObject({ venue: null, role: null });
    const forged = await ask('GET', '/me', undefined, { cookie: `rose.session_token=${kept!.token}.bm90IG91ciBzaWduYXR1cmU%3D` });
    expect(forged.status).toBe(401);
    await db.delete(session).where(mine);
    expect(await me()).toBe(401);
  });
  it('a wrong password is refused without telling whether the account exists, and tries are counted by account', async () => {
    const ask = person();
    const wrong = await ask('POST', '/session', { email: 'mira@example.invalid', password: 'wrong' });
    const nobody = await ask('POST', '/session', { email: 'nobody@example.invalid', password: 'wrong' });
    expect([wrong.status, nobody.status]).toEqual([422, 422]);
    expect(wrong.json['title']).toBe(nobody.json['title']);
    let last = 0;
    for (let i = 0; i < 11; i++)
      last = (await ask('POST', '/session', { email: 'counted@example.invalid', password: 'x' }, { 'x-forwarded-for': `10.0.0.${i}` })).status;
    expect(last).toBe(429);
    expect((await ask('POST', '/session', { email: 'mira@example.invalid', password: 'a long pass phrase' })).status).toBe(200);
  });
  it('whoever is right is never counted, and the wrong tries of strangers do not lock an owner out of a device they came in from', async () => {
    const owner = person();
    const mine = { email: 'locked@example.invalid', password: 'a long pass phrase' };
    await owner('POST', '/account', { name: 'Owner', ...mine, venue: 'Pier' });
    for (let i = 0; i < 15; i++) expect((await person()('POST', '/session', mine)).status, `right for the ${i}th time`).toBe(200);
    const stranger = person();
    const tries = [];
    for (let i = 0; i < 12; i++) tries.push((await stranger('POST', '/session', { ...mine, password: 'a guess' })).status);
    expect(tries).toEqual([...Array<number>(10).fill(422), 429, 429]);
    expect((await stranger('POST', '/session', mine)).status, 'a new device waits').toBe(429);
    expect((await owner('POST', '/session', mine)).status).toBe(200);
    // A known device has tries of its own, and no endless ones; a sign made up or taken from another account is none.
    const wrong = [];
    for (let i = 0; i < 12; i++) wrong.push((await owner('POST', '/session', { ...mine, password: 'a guess' })).status);
    expect(wrong).toEqual([...Array<number>(10).fill(422), 429, 429]);
    const device = /rose_device_\w+=([^;]+)/.exec(deviceCookie('mira@example.invalid'))!;
    const borrowed = deviceCookie(mine.email).replace(/=[^;]+/, `=${device[1]}`);
    expect(deviceOf(borrowed.split(';')[0]!, mine.email)).toBeUndefined();
    expect(deviceOf(deviceCookie(mine.email).split(';')[0]!, mine.email)).toMatch(/^[\w-]{16}$/);
  });
  it('everybody together has a budget for the way in; a known device passes it', async () => {
    const owner = person();
    const mine = { email: 'busy@example.invalid', password: 'a long pass phrase' };
    await owner('POST', '/account', { name: 'Owner', ...mine, venue: 'Pier' });
    await connections().db.update(rateLimit).set({ points: 120 }).where(like(rateLimit.key, 'way in:%'));
    expect((await person()('POST', '/session', mine)).status).toBe(429);
    expect((await person()('POST', '/account', { name: 'One more', ...mine, email: 'more@example.invalid', venue: 'Pier' })).status).toBe(429);
    expect((await owner('POST', '/session', mine)).status).toBe(200);
    await connections().db.delete(rateLimit);
  });
  it('a new password comes by a letter of the simulated post, once', async () => {
    const ask = person();
    expect((await ask('POST', '/account/reset-requests', { email: 'nobody@example.invalid' })).status).toBe(200);
    expect((await ask('POST', '/account/reset-requests', { email: 'mira@example.invalid' })).status).toBe(200);
    const code = /\/reset\/(\S+)/.exec(await textTo('mira@example.invalid'))![1]!;
    expect((await ask('POST', '/account/resets', { code, password: 'short' })).status).toBe(422);
    expect((await ask('POST', '/account/resets', { code, password: 'another long phrase' })).status).toBe(200);
    expect((await ask('POST', '/account/resets', { code, password: 'yet another phrase' })).status).toBe(422);
    expect((await ask('POST', '/session', { email: 'mira@example.invalid', password: 'another long phrase' })).status).toBe(200);
  });
  it('an invitation is for its address, once; the last owner stays', async () => {
    const owner = person();
    await owner('POST', '/session', { email: 'mira@example.invalid', password: 'another long phrase' });
    await owner('POST', '/invitations', { email: 'bram@example.invalid', role: 'helper' });
    const code = /\/invitation\/(\S+)/.exec(await textTo('bram@example.invalid'))![1]!;
    const stranger = person();
    expect((await stranger('POST', '/account', { name: 'Eve', email: 'eve@example.invalid', password: 'a long pass phrase', invitation: code })).status).toBe(
      403,
    );
    expect(await connections().db.select().from(user).where(eq(user.email, 'eve@example.invalid'))).toEqual([]);
    const bram = person();
    expect((await bram('POST', '/account', { name: 'Bram', email: 'bram@example.invalid', password: 'a long pass phrase', invitation: code })).status).toBe(
      200,
    );
    expect((await bram('GET', '/me')).json).toMatchObject({ role: 'helper', venue: { name: 'Mole' } });
    expect(
      (await stranger('POST', '/account', { name: 'Again', email: 'again@example.invalid', password: 'a long pass phrase', invitation: code })).status,
    ).toBe(410);
    const [mira] = ((await owner('GET', '/members')).json['members'] as unknown as { userId: string; role: string }[]).filter(
      (member) => member.role === 'owner',
    );
    expect((await owner('PUT', `/members/${mira!.userId}`, { role: 'host' })).status).toBe(409);
    expect((await bram('GET', '/members')).json['members']).toMatchObject([{ email: '' }, { email: 'bram@example.invalid' }]);
  });
});
describe('two owners', () => {
  it('who demote or remove each other at the same moment leave one owner', async () => {
    for (let i = 0; i < 12; i++) {
      const one = await newMember('owner');
      const two = await newMember('owner', one.venueId);
      const act = (by: Member, to: Member) =>
        i % 2 === 0 ? run(setRole, by, { userId: to.userId, role: 'helper' }) : run(removeMember, by, { userId: to.userId });
      await Promise.allSettled([act(one, two), act(two, one)]);
      const left = await connections()
        .db.select({ role: member.role })
        .from(member)
        .where(and(eq(member.venueId, one.venueId), eq(member.role, 'owner')));
      expect(left, `try ${i}`).toHaveLength(1);
    }
  });
});
describe('a new password', () => {
  it('shuts every other way in: tokens of programs and older letters', async () => {
    const ask = person();
    await ask('POST', '/account', { name: 'Tess', email: 'tess@example.invalid', password: 'a long pass phrase', venue: 'Tess' });
    const { token } = (await ask('POST', '/tokens', { name: 'a program' })).json as unknown as { token: string };
    const program = person();
    expect((await program('GET', '/me', undefined, { authorization: `Bearer ${token}` })).status).toBe(200);
    const codes: string[] = [];
    for (let i = 0; i < 2; i++) {
      await ask('POST', '/account/reset-requests', { email: 'tess@example.invalid' });
      codes.push(/\/reset\/(\S+)/.exec(await textTo('tess@example.invalid'))![1]!);
    }
    expect((await person()('POST', '/account/resets', { code: codes[1], password: 'another long phrase' })).status).toBe(200);
    expect((await program('GET', '/me', undefined, { authorization: `Bearer ${token}` })).status).toBe(401);
    expect((await person()('POST', '/account/resets', { code: codes[0], password: 'a third long phrase' })).status).toBe(422);
  });
});
describe('a name', () => {
  it('is one line: no letter gets a heading of a stranger’s through it', async () => {
    const ask = person();
    const made = await ask('POST', '/account', { name: 'V', email: 'v@example.invalid', password: 'a long pass phrase', venue: 'V\r\nX-Evil: 1\r\n\r\nbody' });
    expect(made.status).toBe(422);
    expect((await ask('POST', '/account', { name: 'V\nBcc: x', email: 'v@example.invalid', password: 'a long pass phrase', venue: 'V' })).status).toBe(422);
  });
});
describe('the simulated post', () => {
  it('makes whole letters: who from, when, an id, and every letter of the alphabet', async () => {
    const ask = person();
    await ask('POST', '/account', { name: 'Zoë', email: 'zoe@example.invalid', password: 'a long pass phrase', venue: 'Mýli na skále, ο μύλος' });
    expect((await ask('POST', '/invitations', { email: 'nikos@example.invalid', role: 'host' })).status).toBe(200);
    const letter = (await lastLetter('nikos@example.invalid'))!;
    expect(letter).toMatchObject({ subject: 'An invitation to Mýli na skále, ο μύλος', from: { name: 'Rose Compass', address: 'post@127.0.0.1' } });
    expect(letter.messageId).toMatch(/^<[0-9a-f-]{36}@127\.0\.0\.1>$/);
    expect(Math.abs(Date.now() - Date.parse(letter.date!))).toBeLessThan(60_000);
    expect(letter.text).toMatch(
      /^Zoë invites you to Mýli na skále, ο μύλος on Rose Compass, as host\.\n\nCome in within two weeks: http:\S+\/invitation\/\S+\s*$/,
    );
  });
  it('sends nothing of a call that is taken back, and at the next call or start what a killed one left', async () => {
    const { db } = connections();
    const taken = db.transaction(async (tx) => {
      await writeLetter(tx, 'back@example.invalid', 'Taken back', 'Nothing.');
      throw new Error('taken back');
    });
    await expect(taken).rejects.toThrow('taken back');
    await db.transaction((tx) => writeLetter(tx, 'left@example.invalid', 'Left', 'Still here.'));
    expect(await lastLetter('left@example.invalid')).toBeUndefined();
    await deliverLetters(db);
    expect(await textTo('left@example.invalid')).toContain('Still here.');
    expect(await lastLetter('back@example.invalid')).toBeUndefined();
  });
});
describe('a header that names no token', () => {
  it('does not stand for the Origin, and one that does is not helped by a cookie', async () => {
    const ask = person();
    await ask('POST', '/account', { name: 'Una', email: 'una@example.invalid', password: 'a long pass phrase', venue: 'Una' });
    const foreign = { origin: 'http://evil.example' };
    expect((await ask('POST', '/tokens', { name: 'x' }, { ...foreign, authorization: 'Basic eDp5' })).status).toBe(403);
    expect((await ask('POST', '/dishes', {}, { ...foreign, authorization: 'Bearer rose_invented' })).status).not.toBe(200);
    expect((await ask('GET', '/me', undefined, { authorization: 'Bearer rose_invented' })).status).toBe(401);
  });
});
describe('the demo’s door', () => {
  it('is closed unless this is the demo and the server listens on a loopback address', async () => {
    expect((await person()('POST', '/demo/session', {})).status).toBe(404);
    process.env['ROSE_DEMO'] = '1';
    process.env['HOST'] = '0.0.0.0';
    expect((await person()('POST', '/demo/session', {})).status).toBe(404);
    process.env['HOST'] = '127.0.0.1';
    expect((await person()('POST', '/demo/session', {})).json['title']).toContain('demo:reset');
  });
});
describe('behind a proxy, or known by a name', () => {
  const reached: readonly Record<string, string>[] = [
    { ROSE_PROXY: '1' },
    { ROSE_ORIGIN: 'https://tastings.example' },
    { ROSE_PROXY: '1', ROSE_ORIGIN: 'https://tastings.example' },
    { HOST: '0.0.0.0' },
  ];
  it('the demo’s door is shut and no letter is shown, though the server listens on loopback', async () => {
    const owner = person();
    expect((await owner('POST', '/session', { email: 'mira@example.invalid', password: 'another long phrase' })).status).toBe(200);
    for (const more of reached) {
      Object.assign(process.env, { ROSE_DEMO: '1', ...more });
      expect((await person()('POST', '/demo/session', {})).status, JSON.stringify(more)).toBe(404);
      expect((await owner('GET', '/mail')).json['letters'], JSON.stringify(more)).toEqual([]);
      for (const name of ['ROSE_PROXY', 'ROSE_ORIGIN']) delete process.env[name];
      process.env['HOST'] = '127.0.0.1';
    }
    process.env['ROSE_ORIGIN'] = 'http://localhost:4747';
    process.env['ROSE_DEMO'] = '1';
    expect((await person()('POST', '/demo/session', {})).json['title']).toContain('demo:reset');
    delete process.env['ROSE_ORIGIN'];
  });
  it('in the demo, its owner reads the letters of the demo and nobody else’s; another owner reads none', async () => {
    process.env['ROSE_DEMO'] = '1';
    const other = person();
    await other('POST', '/session', { email: 'mira@example.invalid', password: 'another long phrase' });
    await other('POST', '/account/reset-requests', { email: 'mira@example.invalid' });
    expect((await other('GET', '/mail')).json['letters']).toEqual([]);
    const demo = person();
    await demo('POST', '/account', { name: 'Ines', email: demoEmail, password: demoPassword, venue: 'Lantern Quay' });
    await demo('POST', '/invitations', { email: 'odile@lantern-quay.invalid', role: 'helper' });
    await demo('POST', '/account/reset-requests', { email: demoEmail });
    const letters = (await demo('GET', '/mail')).json['letters'] as unknown as { to: string }[];
    expect(letters.map((letter) => letter.to)).toEqual([demoEmail, 'odile@lantern-quay.invalid']);
  });
});
describe('many who forgot their password at once', () => {
  it('each gets a letter, and the others’ requests go on meanwhile', async () => {
    const { db } = connections();
    const addresses = Array.from({ length: 14 }, (_, i) => `forgot${i}@example.invalid`);
    await db.insert(user).values(addresses.map((email, i) => ({ id: `forgot${i}`, name: 'F', email })));
    const asked = await Promise.all(addresses.map((email) => person()('POST', '/account/reset-requests', { email })));
    expect(asked.map((answer) => answer.status)).toEqual(addresses.map(() => 200));
    for (const address of addresses) expect(await textTo(address), address).toContain('/reset/');
  });
});
describe('our own origin', () => {
  it('is the host that was asked, when it is an address; never a foreign name that points here', () => {
    expect(ownOrigin('http://192.168.1.20:4747', '192.168.1.20:4747')).toBe(true);
    expect(ownOrigin('http://127.0.0.1:4747', '127.0.0.1:4747')).toBe(true);
    expect(ownOrigin('http://cellar.local:4747', 'cellar.local:4747')).toBe(true);
    expect(ownOrigin('http://rebound.example:4747', 'rebound.example:4747')).toBe(false);
    expect(ownOrigin('http://127.0.0.1:9999', '127.0.0.1:4747')).toBe(false);
    expect(ownOrigin(null, '127.0.0.1:4747')).toBe(false);
    expect(ownOrigin('null', '127.0.0.1:4747')).toBe(false);
  });
});
