import { v7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { newMember, ownDatabase, run } from '../testing/venue';
import { newWorld, plainSheet, type World } from '../testing/world';
import { getScheme, listSchemes, previewScheme, saveScheme } from './schemes';

let drop: () => Promise<void>;
let world: World;
beforeAll(async () => {
  drop = await ownDatabase();
  world = await newWorld();
});
afterAll(() => drop());
const save = (id: string, baseVersion: number, label: string) => run(saveScheme, world.owner, { id, baseVersion, document: { ...plainSheet, label } });

describe('a venue’s own sheets', () => {
  it('an edit is a new version, the old one stays as it was, and the same again makes none', async () => {
    const id = v7();
    expect(await save(id, 0, 'First')).toEqual({ id, version: 1 });
    expect(await save(id, 1, 'First')).toEqual({ id, version: 1 });
    expect(await save(id, 1, 'Second')).toEqual({ id, version: 2 });
    expect(await run(getScheme, world.owner, { id, version: '1' })).toMatchObject({ document: { label: 'First' } });
    const { schemes } = (await run(listSchemes, world.owner, {})) as { schemes: { id: string; version: number; document: { label: string } }[] };
    expect(schemes.filter((entry) => entry.id === id)).toMatchObject([{ version: 2, document: { label: 'Second' } }]);
  });
  it('two hosts on one sheet: the second is told, and nothing is overwritten', async () => {
    const id = v7();
    await save(id, 0, 'Mine');
    await save(id, 1, 'Mine, changed');
    await expect(save(id, 1, 'Theirs')).rejects.toMatchObject({ status: 409, slug: 'changed' });
    expect(await run(getScheme, world.owner, { id, version: '2' })).toMatchObject({ document: { label: 'Mine, changed' } });
    const both = await Promise.allSettled([save(id, 2, 'A'), save(id, 2, 'B')]);
    expect(both.filter((entry) => entry.status === 'fulfilled')).toHaveLength(1);
  });
  it('nonsense is refused field by field, a helper may not, a stranger sees none', async () => {
    await expect(run(saveScheme, world.owner, { id: v7(), baseVersion: 0, document: { ...plainSheet, criteria: [] } })).rejects.toMatchObject({ status: 422 });
    const helper = await newMember('helper', world.owner.venueId);
    await expect(run(saveScheme, helper, { id: v7(), baseVersion: 0, document: plainSheet })).rejects.toMatchObject({ status: 403 });
    const stranger = await newMember('owner');
    expect(await run(listSchemes, stranger, {})).toEqual({ schemes: [] });
    await expect(run(getScheme, stranger, { id: world.schemeId, version: '1' })).rejects.toMatchObject({ status: 404 });
  });
  it('tried on past notes it shows what it would give beside their own marks, and keeps nothing', async () => {
    const before = await run(listSchemes, world.owner, {});
    const { notes } = (await run(previewScheme, world.owner, { document: plainSheet })) as {
      notes: { own: number | null; low: number; high: number; best: number }[];
    };
    expect(notes[0]).toMatchObject({ own: 84, best: 20 });
    expect(notes[0]!.low).toBeLessThanOrEqual(notes[0]!.high);
    expect(await run(listSchemes, world.owner, {})).toEqual(before);
  });
});
