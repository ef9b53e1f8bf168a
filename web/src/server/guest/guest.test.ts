import { v4, v7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { eq } from 'drizzle-orm';
import { emptyNote } from '@rose/core/wine/note';
import { contract } from '../../contract';
import { guest as said } from '../../contract/guest';
import { connections } from '../../db/client';
import { participant } from '../../db/schema';
import { serve } from '../command';
import { handle, perform } from '../http';
import { begin } from '../note/store';
import { operations } from '../registry';
import { newCode } from '../secret-code';
import * as acts from '../tasting/acts';
import { ownDatabase } from '../testing/venue';
import { exampleInputs, newWorld, type World } from '../testing/world';
import { guestCookie, whoIs } from '../actor-of-request';

let drop: () => Promise<void>;
let world: World;
beforeAll(async () => {
  drop = await ownDatabase();
  world = await newWorld();
});
afterAll(() => drop());

/** An evening of two guests with two hidden glasses, and a note of each on the first. */
async function evening() {
  const { venueId } = world.owner;
  const tastingId = acts.newTasting();
  const on = { venueId, tastingId, basedOn: 'now' as const };
  const glasses = [world.wineId, world.otherWineId].map((wineId, place) => ({ glassId: v4(), place, code: String(417 + place), wineId }));
  const seats = [1, 2].map((seat) => ({ participantId: v7(), name: `Guest ${seat}`, seat, ...newCode(), noteId: v7() }));
  const { db } = connections();
  await db.transaction(async (tx) => {
    await acts.open(tx, { venueId, tastingId, kind: 'table', name: 'An evening' });
    for (const { participantId, name, seat } of seats) await acts.join(tx, on, { participantId, name, seat });
    await acts.pour(tx, on, glasses, false);
    for (const { participantId, noteId } of seats)
      await begin(tx, venueId, { noteId, glassId: glasses[0]!.glassId, participantId, moment: 'first', tastedAt: new Date(), document: emptyNote });
  });
  for (const { participantId, hash } of seats) await db.update(participant).set({ tokenHash: hash }).where(eq(participant.id, participantId));
  return { on, glasses, seats };
}
const asGuest = (code: string) => async (method: string, path: string, body?: unknown) => {
  const response = await handle(
    new Request(`http://127.0.0.1:4747/api/v1${path}`, {
      method,
      headers: { cookie: `${guestCookie}=${code}`, origin: 'http://127.0.0.1:4747', host: '127.0.0.1:4747' },
      ...(body === undefined ? {} : { body: JSON.stringify(body) }),
    }),
    path,
  );
  return { status: response.status, text: await response.text() };
};
const secrets = /Caldera|Ledge|Lamplighter|Mikri|Assyrtiko|Xinomavro|volcanic/;

describe('a guest', () => {
  it('sees places and codes, and the wine of a glass once it is uncovered: not a byte of it before', async () => {
    const { on, glasses, seats } = await evening();
    const ask = asGuest(seats[0]!.code);
    const before = await ask('GET', '/guest/tasting');
    expect(before.status).toBe(200);
    expect(before.text).not.toMatch(secrets);
    for (const id of [world.wineId, world.otherWineId]) expect(before.text).not.toContain(id);
    await connections().db.transaction((tx) => acts.uncover(tx, on, [glasses[1]!.glassId]));
    const after = JSON.parse((await ask('GET', '/guest/tasting')).text) as { tick: number; glasses: { wine: unknown }[] };
    expect(after.glasses.map((glass) => glass.wine)).toEqual([null, { name: 'Lamplighter', producer: 'Trís Péfka' }]);
  });
  it('writes their own note and no other’s, and is told a revision or a refusal', async () => {
    const { seats } = await evening();
    const write = { writeId: 'w', baseRevision: 1, document: { ...emptyNote, remark: 'mine' } };
    const ask = asGuest(seats[0]!.code);
    expect(JSON.parse((await ask('PUT', `/guest/notes/${seats[0]!.noteId}`, write)).text)).toEqual({ id: seats[0]!.noteId, revision: 2 });
    expect((await ask('PUT', `/guest/notes/${seats[1]!.noteId}`, write)).status).toBe(404);
    const stale = await ask('PUT', `/guest/notes/${seats[0]!.noteId}`, { ...write, writeId: 'w2', document: emptyNote });
    expect(stale.status).toBe(409);
    expect(stale.text).not.toMatch(secrets);
  });
  it('may call nothing else: every operation of members refuses them, and tells nothing', async () => {
    const { seats } = await evening();
    const actor = await whoIs(new Headers({ cookie: `${guestCookie}=${seats[0]!.code}` }));
    expect(actor).toMatchObject({ kind: 'guest', name: 'Guest 1' });
    const inputs = exampleInputs(world);
    for (const operation of operations.filter(({ contract: { allow } }) => allow !== 'anyone' && allow !== 'guest')) {
      const answer = await perform(operation, actor, inputs[operation.contract.name], { cookies: [] }).then(JSON.stringify, (error: unknown) => error);
      expect(answer, operation.contract.name).toMatchObject({ status: 403 });
      expect(JSON.stringify(answer)).not.toMatch(secrets);
    }
  });
  it('is sent what the contract says and not a field more, in production too', async () => {
    const { seats } = await evening();
    const actor = await whoIs(new Headers({ cookie: `${guestCookie}=${seats[0]!.code}` }));
    const leaky = serve(said.tasting, async () => ({ name: 'n', tick: 1, guest: 'g', seat: 1, closed: false, glasses: [], wineIds: [world.wineId] }) as never);
    const mode = process.env['NODE_ENV'];
    Object.assign(process.env, { NODE_ENV: 'production' });
    try {
      expect(await perform(leaky, actor, {}, { cookies: [] })).toEqual({ name: 'n', tick: 1, guest: 'g', seat: 1, closed: false, glasses: [] });
    } finally {
      Object.assign(process.env, { NODE_ENV: mode });
    }
    expect(contract.guest).toBe(said);
  });
  it('is nobody once the tasting is closed', async () => {
    const { on, seats } = await evening();
    await connections().db.transaction((tx) => acts.close(tx, on));
    expect((await asGuest(seats[0]!.code)('GET', '/guest/tasting')).status).toBe(401);
  });
});
