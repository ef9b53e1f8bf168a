import { eq } from 'drizzle-orm';
import { v4 } from 'uuid';
import { parse } from 'csv-parse/sync';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { published } from '@rose/core/testing/published';
import { noteDocument } from '@rose/core/wine/note-schema';
import { connections } from '../../db/client';
import { glass, note, revealedWine } from '../../db/schema';
import { usualChoices } from '../account/settings';
import { saveVenue } from '../account/venue-commands';
import { saveWine } from '../cellar/commands';
import { getNote, saveNote } from '../note/operations';
import type { Reply } from '../command';
import { perform } from '../http';
import { noteFileOf } from '../note/files';
import { newWorld, assyrtiko, type World } from '../testing/world';
import { ownDatabase, run } from '../testing/venue';
import { exportNotes, listNotes, searchTerms } from './queries';

let drop: () => Promise<void>;
let world: World;
beforeAll(async () => {
  drop = await ownDatabase();
  world = await newWorld();
});
afterAll(() => drop());

const found = async (input: object) => ((await run(listNotes, world.owner, input)) as { items: { id: string }[] }).items.length;

describe('the notebook', () => {
  it('finds a note by its smells, its words, its remark and its wine, without accents, by the start of a word', async () => {
    for (const q of ['lemon', 'LEM', 'zebra', 'lively', 'assyrtiko', 'caldera lemon', 'Mikri Vigla', '84']) expect(await found({ q }), q).toBe(1);
    for (const q of ['strawberry', 'lemon strawberry']) expect(await found({ q }), q).toBe(0);
    for (const q of ["'", '!!!', "a' | 'b", ':*', '\\', '   ', '<->']) expect(await found({ q }), q).toBeGreaterThanOrEqual(0);
    expect(searchTerms("L'été & co")).toEqual(["'l':*", "'ete':*", "'co':*"]);
  });
  it('leaves out, when asked, notes whose taster was not in a state to judge', async () => {
    const { document, revision } = (await run(getNote, world.owner, { id: world.noteId })) as { document: object; revision: number };
    const save = (circumstances: object, baseRevision: number) =>
      run(saveNote, world.owner, { id: world.noteId, writeId: v4(), baseRevision, document: { ...document, circumstances } });
    expect(await found({ clear: 'yes' })).toBe(1);
    await save({ eaten: true, glassC: 9 }, revision);
    expect(await found({ clear: 'yes' })).toBe(1);
    await save({ coffee: true }, revision + 1);
    expect(await found({ clear: 'yes' })).toBe(0);
    expect(await found({})).toBe(1);
    await save({}, revision + 2);
  });
  it('filters by wine, colour, mark, date and person', async () => {
    expect(await found({ wineId: world.wineId, colour: 'white', least: 80, mine: 'yes' })).toBe(1);
    expect(await found({ least: 85 })).toBe(0);
    expect(await found({ colour: 'red' })).toBe(0);
    expect(await found({ from: '2199-01-01' })).toBe(0);
  });
  for (const [zone, day, before] of [
    ['Pacific/Pitcairn', '2026-11-26', '2026-11-25'],
    ['Pacific/Auckland', '2026-11-27', '2026-11-26'],
  ] as const)
    published('IANA time zone database', `in ${zone} a note of the evening stands on the venue’s day: in lists, filters, the note and its file`, async () => {
      const { db } = connections();
      const evening = new Date('2026-11-27T07:17:00Z');
      await db.update(note).set({ tastedAt: evening }).where(eq(note.id, world.noteId));
      await run(saveVenue, world.owner, { name: 'A venue', settings: { ...usualChoices, timeZone: zone } });
      expect(await found({ from: day, to: day })).toBe(1);
      expect(await found({ from: before, to: before })).toBe(0);
      expect(((await run(listNotes, world.owner, {})) as { items: { day: string }[] }).items[0]!.day).toBe(day);
      expect((await run(getNote, world.owner, { id: world.noteId })) as { day: string }).toMatchObject({ day });
      const reply: Reply = { cookies: [] };
      await perform(noteFileOf, world.owner, { id: world.noteId, format: 'md' }, reply);
      expect(reply.file!.name).toContain(day);
      expect(reply.file!.body).toContain(`${Number(day.slice(-2))} November 2026`);
    });
  it('a change of the wine reaches the search', async () => {
    await run(saveWine, world.owner, { id: world.wineId, writeId: v4(), baseRevision: 1, document: { ...assyrtiko, name: 'Renamed Ledge', lots: [] } });
    expect(await found({ q: 'renamed' })).toBe(1);
  });
  it('a hidden glass is found by what the taster wrote, never by the facts of its wine, and the view shows nothing', async () => {
    const { db } = connections();
    const hide = async (revealedAt: Date | null) => {
      await db.update(glass).set({ revealedAt }).where(eq(glass.id, world.glassId));
    };
    await hide(null);
    expect(await found({ q: 'assyrtiko' })).toBe(0);
    expect(await found({ wineId: world.wineId })).toBe(0);
    expect(await found({ colour: 'white' })).toBe(0);
    expect(await found({ q: 'lemon' })).toBe(1);
    expect(JSON.stringify(await run(listNotes, world.owner, { q: 'lemon' }))).not.toMatch(/Ledge|Mikri|Assyrtiko/);
    expect(JSON.stringify(await run(getNote, world.owner, { id: world.noteId }))).not.toMatch(/Ledge|Mikri|Assyrtiko/);
    expect(await db.select().from(revealedWine)).toEqual([]);
    await hide(new Date());
    expect(await db.select({ glassId: revealedWine.glassId, name: revealedWine.name }).from(revealedWine)).toEqual([
      { glassId: world.glassId, name: 'Renamed Ledge' },
    ]);
  });
  it('exports JSON that its own schema reads back, CSV with a column an observation, and Markdown', async () => {
    const file = async (format: string) => {
      const reply: Reply = { cookies: [] };
      await exportNotes.run(connections().db, world.owner, exportNotes.contract.input.parse({ format }), reply);
      return String(reply.file!.body);
    };
    const json = JSON.parse(await file('json')) as { document: unknown }[];
    expect(json).toHaveLength(1);
    expect(noteDocument.parse(json[0]!.document)).toEqual(json[0]!.document);
    const [row] = parse(await file('csv'), { columns: true, bom: true }) as Record<string, string>[];
    expect(row).toMatchObject({ wine: 'Renamed Ledge', acidity: '82', finish: '30', depth: '20–40', quality: '84', smells: 'lemon' });
    expect(await file('md')).toMatch(/^## Renamed Ledge 2023, Mikri Vigla\n\nThe owner, \d{1,2} [A-Z][a-z]+ \d{4}\n/);
  });
});
