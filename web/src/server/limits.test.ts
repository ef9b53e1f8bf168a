import { like } from 'drizzle-orm';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { connections } from '../db/client';
import { rateLimit } from '../db/auth';
import { exportWines, getWine } from './cellar/queries';
import { operations } from './registry';
import { newWorld, type World } from './testing/world';
import { newMember, ownDatabase, run } from './testing/venue';

let drop: () => Promise<void>;
let world: World;
beforeAll(async () => {
  drop = await ownDatabase();
  world = await newWorld();
});
afterAll(() => drop());

it('long work has a budget a person: who has spent it waits for that alone, and nobody else does', async () => {
  const colleague = await newMember('host', world.owner.venueId);
  await run(exportWines, world.owner, { format: 'json' });
  await connections().db.update(rateLimit).set({ points: 300 }).where(like(rateLimit.key, 'long work:%'));
  await expect(run(exportWines, world.owner, { format: 'json' })).rejects.toMatchObject({
    status: 429,
    headers: { 'retry-after': expect.stringMatching(/^\d+$/) },
  });
  expect(await run(getWine, world.owner, { id: world.wineId })).toMatchObject({ id: world.wineId });
  expect(await run(exportWines, colleague, { format: 'json' })).toHaveLength(2);
});
it('everything that solves, draws or reads the whole cellar draws from it', () => {
  const long = operations.filter(({ contract }) => contract.budget === 'long work').map(({ contract }) => contract.name);
  const files = operations
    .filter(({ contract }) => contract.files !== undefined && contract.allow !== 'anyone' && !contract.files.includes('text/event-stream'))
    .map(({ contract }) => contract.name);
  expect(long).toEqual(expect.arrayContaining(['flight.order', 'flight.timetable', 'flight.propose', 'pairing.wines', 'pairing.advise', 'note.deduce']));
  expect(files.filter((name) => !long.includes(name))).toEqual(['flight.sendCalendar']);
});
