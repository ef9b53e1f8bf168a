import fc from 'fast-check';
import { v4 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { emptyNote } from '@rose/core/wine/note';
import { guest as contracts } from '../../contract/guest';
import { contract } from '../../contract';
import { connections } from '../../db/client';
import { rateLimit } from '../../db/auth';
import { linkKey } from '../join-code';
import { Device, Host, coveredFlight, glassAt } from '../testing/evening';
import { ownDatabase } from '../testing/venue';
import { newWorld, type World } from '../testing/world';

let drop: () => Promise<void>;
let world: World;
let host: Host;
let ana: Device;
let noteId: string;
let glassId: string;
beforeAll(async () => {
  drop = await ownDatabase();
  world = await newWorld();
  host = await Host.open(world.owner, await coveredFlight(world.owner, [world.otherWineId, world.wineId]));
  ana = (await host.seat('Ana'))[0]!;
  await host.pour(0);
  glassId = glassAt(await ana.state(), 0).id;
  noteId = v4();
  await ana.ask('POST', '/guest/notes', { noteId, glassId });
});
afterAll(() => drop());
const secrets = /Caldera|Ledge|Lamplighter|Mikri|Péfka|Assyrtiko|Xinomavro|volcanic|\.ts:\d|node_modules/;

const nonsense = fc.oneof(
  fc.constantFrom<unknown>(
    '',
    null,
    true,
    -1,
    1e300,
    [],
    {},
    [[[]]],
    'a\u0000b',
    '\ud800',
    '<script>alert(1)</script>',
    "'; drop table note; --",
    'x'.repeat(5000),
    '🍷'.repeat(500),
  ),
  fc.constantFrom<unknown>('constructor', '__proto__', 'toString'),
  fc.jsonValue(),
  fc.uuid(),
);
/** What of nonsense can stand in an address; an object that cannot be said is an x. */
function inWords(value: unknown): string {
  try {
    return String(value);
  } catch {
    return 'x';
  }
}
const paths = Object.values(contracts).filter(({ name }) => name !== 'guest.stream' && name !== 'guest.leave');
/** A body a little like what is taken: right names, some of them with nonsense. */
const bodies = fc.record({
  contract: fc.constantFrom(...paths),
  values: fc.array(nonsense, { minLength: 8, maxLength: 8 }),
  real: fc.array(fc.boolean(), { minLength: 8, maxLength: 8 }),
  more: fc.option(fc.dictionary(fc.string({ maxLength: 12 }), nonsense, { maxKeys: 3 })),
});

/** npm run test:long tries ten thousand inputs a command. */
const long = process.env['ROSE_LONG'] === '1';
const inputs = long ? 10_000 * paths.length : 2000;

describe('a guest who means harm', () => {
  it(
    'gets no fault of the server and nothing of a wine out of thousands of inputs to every command',
    async () => {
      const known: Readonly<Record<string, unknown>> = {
        id: noteId,
        noteId,
        glassId,
        locked: true,
        code: 'AAAAAAA',
        name: 'Ana',
        seat: 's'.repeat(24),
        moment: 'first',
        writeId: 'w',
        baseRevision: 1,
        document: emptyNote,
        arrival: { cold: true },
        card: { allergies: 'x' },
        option: 0,
        smells: 'cellar',
        seen: 1,
      };
      await fc.assert(
        fc.asyncProperty(bodies, async ({ contract, values, real, more }) => {
          const names = 'shape' in contract.input ? Object.keys(contract.input.shape as object) : [];
          const input = Object.fromEntries(names.map((name, i) => [name, real[i % 8] === true && name in known ? known[name] : values[i % 8]]));
          const path = contract.path.replace(/\{(\w+)\}/g, (_all, name: string) => encodeURIComponent(inWords(input[name]).slice(0, 60).toWellFormed()) || 'x');
          const body = Object.fromEntries(Object.entries(input).filter(([name]) => !contract.path.includes(`{${name}}`)));
          const answer = await ana.ask(contract.method, path, contract.method === 'GET' ? undefined : { ...body, ...more });
          expect(answer.status, `${contract.name} ${JSON.stringify(body).slice(0, 300)}: ${answer.text}`).toBeLessThan(500);
          expect(answer.text).not.toMatch(secrets);
        }),
        { numRuns: inputs, seed: 12 },
      );
      // So many wrong codes hold up codes for a minute, and links not at all. A long run may have begun to forget them: once more as many as are counted.
      const code = await host.code();
      for (let wrong = 0; wrong < 60; wrong++)
        await new Device().join(
          code.replace(/./, (sign) => (sign === '2' ? '3' : '2')),
          'By guess',
        );
      expect((await new Device().join(code, 'By code')).status).toBe(429);
      expect((await new Device().join(code, 'By link', { key: linkKey(code) })).status).toBe(200);
      await connections().db.delete(rateLimit);
    },
    long ? 3_600_000 : 120_000,
  );
  it('calls no act of a host, by any address of theirs', async () => {
    const before = host.tick;
    for (const { method, path } of Object.values(contract.tasting)) {
      const at = path.replace('{id}', host.id).replace('{glassId}', glassId);
      const answer = await ana.ask(
        method,
        at,
        method === 'GET' ? undefined : { basedOn: before, actId: v4(), to: 3, glassId, fact: 'name', paused: true, minutes: 5 },
      );
      expect([401, 403], `${method} ${at} answered ${answer.status}`).toContain(answer.status);
      expect(answer.text).not.toMatch(secrets);
    }
    expect((await host.state()).tick).toBe(before);
  });
  it('reads and writes nothing of another table: its glasses, its questions, its notes', async () => {
    const other = await Host.open(world.owner, await coveredFlight(world.owner, [world.wineId, world.otherWineId]));
    const [bram] = await other.seat('Bram');
    await other.pour(0);
    const theirs = glassAt(await bram!.state(), 0).id;
    const pollId = v4();
    await other.act('ask', { pollId, place: 0, question: 'Sweet?', options: ['yes', 'no'], forecast: null });
    const theirNote = v4();
    await bram!.ask('POST', '/guest/notes', { noteId: theirNote, glassId: theirs });
    for (const [method, path, body] of [
      ['POST', '/guest/notes', { noteId: v4(), glassId: theirs }],
      ['POST', '/guest/tables', { glassId: theirs }],
      ['PUT', '/guest/doubts', { glassId: theirs, smells: 'cellar' }],
      ['PUT', `/guest/answers/${pollId}`, { option: 0 }],
      ['GET', `/guest/notes/${theirNote}`, undefined],
      ['PUT', `/guest/notes/${theirNote}`, { writeId: 'x', baseRevision: 1, document: emptyNote }],
    ] as const)
      expect([404, 409], `${method} ${path}`).toContain((await ana.ask(method, path, body)).status);
    // A note id that is taken elsewhere begins nothing there.
    expect((await ana.ask('POST', '/guest/notes', { noteId: theirNote, glassId })).text).not.toContain(theirNote);
  });
  it('sends more than a body holds, and is refused before it is read', async () => {
    const huge = { writeId: 'x', baseRevision: 1, document: { ...emptyNote, remark: 'x'.repeat(4_100_000) } };
    expect((await ana.ask('PUT', `/guest/notes/${noteId}`, huge)).status).toBe(413);
  });
  it('a name and a note that are script stay text, to the letter', async () => {
    const script = '<img src=x onerror=alert(1)>';
    const device = new Device();
    expect(JSON.parse((await device.join(await host.code(), script)).text)).toMatchObject({ name: script });
    const { people } = await host.ask<{ people: { name: string }[] }>('people');
    expect(people.map(({ name }) => name)).toContain(script);
  });
});
