import { is, sql } from 'drizzle-orm';
import { getTableConfig, PgTable } from 'drizzle-orm/pg-core';
import { v4, v7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { connections } from '../db/client';
import * as schema from '../db/schema';
import { openNote } from './note/glasses';
import { operations } from './registry';
import { Problem } from './problem';
import { exampleInputs } from './testing/example-inputs';
import { newWorld, type World } from './testing/world';
import { newMember, ownDatabase, run } from './testing/venue';

let drop: () => Promise<void>;
let world: World;
beforeAll(async () => {
  drop = await ownDatabase();
  world = await newWorld();
});
afterAll(() => drop());

/** The tables whose rows belong to a venue, told by the schema itself. */
const ofVenues = Object.values(schema).flatMap((entry) => {
  if (!is(entry, PgTable)) return [];
  const { name, columns } = getTableConfig(entry);
  return columns.some((column) => column.name === 'venue_id') ? [name] : [];
});
/** Everything a venue has, as text: to see that nothing of it moved. */
async function everything(venueId: string): Promise<string> {
  const { db } = connections();
  const parts: unknown[] = [];
  for (const table of ofVenues) {
    parts.push((await db.execute(sql.raw(`select * from "${table}" where venue_id = '${venueId}' order by 1, 2`))).rows);
  }
  parts.push((await db.execute(sql.raw(`select * from venue where id = '${venueId}'`))).rows);
  return JSON.stringify(parts);
}
const secrets = ['Caldera', 'Lamplighter', 'Octopus', 'Fire and salt', 'zebra', 'somebody@example.invalid'];

it('looks at every table of a venue', () => {
  for (const table of ['wine', 'note', 'scheme', 'routine', 'tasting_log', 'glass_identity']) expect(ofVenues).toContain(table);
});

describe('a stranger with the ids of another venue', () => {
  it('reads nothing and changes nothing, by any command or query', async () => {
    const stranger = await newMember('owner');
    const before = await everything(world.owner.venueId);
    const inputs = exampleInputs(world);
    expect(Object.keys(inputs).sort()).toEqual(operations.map((operation) => operation.contract.name).sort());
    for (const operation of operations) {
      if (operation.contract.name.startsWith('account.') || operation.contract.name.startsWith('demo.')) continue;
      const answer = await run(operation, stranger, inputs[operation.contract.name]).then(
        (value: unknown) => JSON.stringify(value),
        (error: unknown) => {
          expect(error, operation.contract.name).toBeInstanceOf(Problem);
          return JSON.stringify(error);
        },
      );
      for (const secret of secrets) expect(answer.includes(secret), `${operation.contract.name} tells ${secret}`).toBe(false);
      for (const id of [world.wineId, world.noteId, world.dishId, world.menuId, world.flightId, world.glassId])
        if (!JSON.stringify(inputs[operation.contract.name]).includes(id)) expect(answer.includes(id), operation.contract.name).toBe(false);
    }
    expect(await everything(world.owner.venueId)).toBe(before);
  });
  it('cannot hang a thing of its own on a thing of another venue, even past the queries', async () => {
    const stranger = await newMember('owner');
    const { db } = connections();
    await expect(
      db.execute(sql`insert into flight_wine (venue_id, flight_id, wine_id, place) values (${stranger.venueId}, ${world.flightId}, ${world.wineId}, 0)`),
    ).rejects.toThrow();
    await expect(
      db.execute(sql`insert into glass_identity (venue_id, glass_id, wine_id) values (${stranger.venueId}, ${world.glassId}, ${world.wineId})`),
    ).rejects.toThrow();
    await expect(
      db.execute(sql`insert into lot (venue_id, id, wine_id, format_ml, held) values (${stranger.venueId}, ${v7()}, ${world.wineId}, 750, 1)`),
    ).rejects.toThrow();
  });
});
describe('inside a venue', () => {
  it('a helper reads their own notes only, and a host those that are shared', async () => {
    const helper = await newMember('helper', world.owner.venueId);
    const byName = (name: string) => operations.find((operation) => operation.contract.name === name)!;
    await expect(run(byName('note.get'), helper, { id: world.noteId })).rejects.toMatchObject({ status: 403 });
    expect(await run(byName('note.list'), helper, {})).toMatchObject({ items: [], count: 0 });
    const id = v7();
    await run(openNote, helper, { id, wineId: world.wineId });
    expect(await run(byName('note.list'), helper, {})).toMatchObject({ count: 1 });
    const host = await newMember('host', world.owner.venueId);
    await expect(run(byName('note.get'), host, { id })).rejects.toMatchObject({ status: 403 });
    expect(await run(byName('note.list'), host, {})).toMatchObject({ items: [], count: 0 });
    await expect(run(byName('note.share'), host, { id, shared: true })).rejects.toMatchObject({ status: 403 });
    await run(byName('note.share'), helper, { id, shared: true });
    expect(await run(byName('note.list'), host, {})).toMatchObject({ count: 1 });
    expect((await run(byName('note.get'), host, { id })) as { mayEdit: boolean }).toMatchObject({ mayEdit: false });
    await expect(run(byName('note.save'), host, { ...exampleInputs(world)['note.save'], id, writeId: v4(), baseRevision: 1 })).rejects.toMatchObject({
      status: 403,
    });
    await expect(run(byName('wine.delete'), helper, { id: world.wineId })).rejects.toMatchObject({ status: 403 });
  });
  it('the database refuses stock below nothing and a price without its currency', async () => {
    const { db } = connections();
    const lot = (held: number, price: number | null) =>
      db.execute(
        sql`insert into lot (venue_id, id, wine_id, format_ml, held, price_minor) values (${world.owner.venueId}, ${v7()}, ${world.wineId}, 750, ${held}, ${price})`,
      );
    await expect(lot(-1, null)).rejects.toThrow();
    await expect(lot(1, 100)).rejects.toThrow();
  });
});
