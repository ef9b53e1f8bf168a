import { v7 } from 'uuid';
import { emptyNote, type NoteDocument } from '@rose/core/wine/note';
import type { Routine } from '@rose/core/routine/routine';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { newMember, ownDatabase, run } from '../testing/venue';
import { newWorld, plainRoutine, plainSheet, type World } from '../testing/world';
import { saveVenue } from '../account/venue-commands';
import { usualChoices } from '../account/settings';
import { openNote, dealGlasses } from '../note/glasses';
import { getNote, saveNote } from '../note/operations';
import { scores } from '../note/judgements';
import { saveRoutine } from './routines';
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
    const { versions } = (await run(listSchemes, world.owner, {})) as { versions: { id: string; version: number; document: { label: string } }[] };
    expect(versions.filter((entry) => entry.id === id)).toMatchObject([{ version: 2, document: { label: 'Second' } }]);
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
    expect(await run(listSchemes, stranger, {})).toEqual({ versions: [] });
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

describe('a venue’s own routines', () => {
  const read = async (id: string) => (await run(getNote, world.owner, { id })) as { revision: number; document: NoteDocument; routine: Routine };
  it('a new glass begins with the standing routine, keeps its version, and may take another', async () => {
    const before = v7();
    await run(openNote, world.owner, { id: before, wineId: world.wineId });
    expect((await read(before)).document).toEqual(emptyNote);
    expect((await read(before)).routine.id).toBe('four');

    await run(saveVenue, world.owner, { name: 'A venue', settings: { ...usualChoices, routine: world.routineId } });
    const [id, left, right] = [v7(), v7(), v7()];
    await run(openNote, world.owner, { id, wineId: world.wineId });
    await run(dealGlasses, world.owner, { notes: [left, right], wineIds: [world.wineId, world.otherWineId] });
    for (const each of [id, left, right]) expect((await read(each)).routine).toMatchObject({ id: `${world.routineId}@1`, name: plainRoutine.name });

    await run(saveRoutine, world.owner, { id: world.routineId, baseVersion: 1, document: { ...plainRoutine, name: 'Two sips' } });
    expect((await read(id)).routine.name).toBe(plainRoutine.name);
    const later = v7();
    await run(openNote, world.owner, { id: later, wineId: world.wineId });
    expect((await read(later)).routine).toMatchObject({ id: `${world.routineId}@2`, name: 'Two sips' });

    const { document } = await read(id);
    await run(saveNote, world.owner, { id, writeId: v7(), baseRevision: 1, document: { ...document, routine: 'three', sips: 2 } });
    expect((await read(id)).routine.id).toBe('three');
    await run(saveVenue, world.owner, { name: 'A venue', settings: usualChoices });
  });
  it('a routine nobody has is the usual one, and a stranger’s is not read', async () => {
    const id = v7();
    await run(openNote, world.owner, { id, wineId: world.wineId });
    const stranger = await newMember('owner');
    const theirs = v7();
    await run(saveRoutine, stranger, { id: theirs, baseVersion: 0, document: { ...plainRoutine, name: 'Theirs' } });
    let revision = 1;
    for (const routine of [
      'nonsense',
      '-'.repeat(36),
      `${'-'.repeat(36)}@1`,
      `${world.routineId}@1@2`,
      `${world.routineId}@x`,
      v7(),
      `${v7()}@3`,
      `${theirs}@1`,
      theirs,
      `${world.routineId}@999999999`,
    ]) {
      await run(saveNote, world.owner, { id, writeId: v7(), baseRevision: revision++, document: { ...emptyNote, routine } });
      expect((await read(id)).routine.id, routine).toBe('four');
    }
  });
});

describe('marks in two schemes', () => {
  it('a note marked by an own sheet is drafted by the version it had', async () => {
    const id = v7();
    await run(openNote, world.owner, { id, wineId: world.wineId });
    const document = { ...emptyNote, observed: { quality: 80, balance: 90 }, sheets: [`${world.schemeId}@1`, `${'-'.repeat(36)}@1`] };
    await run(saveNote, world.owner, { id, writeId: v7(), baseRevision: 1, document });
    await run(saveScheme, world.owner, { id: world.schemeId, baseVersion: 1, document: { ...plainSheet, label: 'Other marks' } });
    const drafted = (await run(scores, world.owner, { id })) as { schemes: { id: string; label: string; best: number }[] };
    expect(drafted.schemes.filter((entry) => entry.id.includes('@'))).toMatchObject([{ id: `${world.schemeId}@1`, label: plainSheet.label, best: 20 }]);
  });
});
