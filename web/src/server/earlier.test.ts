import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { eq, sql } from 'drizzle-orm';
import { Client } from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { same } from '@rose/core/document/merge';
import { shapeOf } from '@rose/core/document/merge-marks';
import { answered, sending, type Device } from '@rose/core/document/protocol';
import { usualTasteLead } from '@rose/core/flight/flight';
import type { NoteDocument } from '@rose/core/wine/note';
import { noteDocument } from '@rose/core/wine/note-schema';
import type { NoteView } from '../contract/answers';
import { connections } from '../db/client';
import { migrate } from '../db/migrate';
import { member, user } from '../db/schema';
import { demoEmail } from './account/demo';
import { me } from './account/queries';
import { getWine } from './cellar/queries';
import type { Member } from './command';
import { getFlight } from './flight/operations';
import { listRoutines } from './own-designs/routines';
import { listSchemes } from './own-designs/schemes';
import { getNote, saveNote } from './note/operations';
import { exportNotes } from './notebook/queries';
import { getDish } from './pairing/operations';
import { emptyDatabase, run } from './testing/venue';
import { postgresBin } from './testing/throwaway';

/** A backup of the demo with more in it, and what a device had not sent, made by the version before the contract stood. */
const earlier = path.join(import.meta.dirname, 'testing/earlier');
let drop: () => Promise<void>;
let owner: Member;
/** Every document as it stood in the tables of that version. */
let before: Record<string, { id: string; version?: number; document: unknown }[]>;

beforeAll(async () => {
  drop = await emptyDatabase();
  const url = process.env['DATABASE_URL']!;
  execFileSync(`${postgresBin()}/pg_restore`, ['--no-owner', '--no-privileges', '--dbname', url, path.join(earlier, 'backup.dump')], { stdio: 'pipe' });
  const raw = new Client({ connectionString: url });
  await raw.connect();
  before = {};
  for (const table of ['note', 'wine', 'flight', 'dish', 'scheme', 'routine'])
    before[table] = (await raw.query<{ id: string; version?: number; document: unknown; deleted_at: Date | null }>(`select * from "${table}"`)).rows.filter(
      (row) => row.deleted_at === null || row.deleted_at === undefined,
    );
  await raw.end();
  await migrate(url);
  const { db } = connections();
  const [found] = await db
    .select({ userId: user.id, name: user.name, venueId: member.venueId })
    .from(user)
    .innerJoin(member, eq(member.userId, user.id))
    .where(eq(user.email, demoEmail));
  owner = { kind: 'member', ...found!, email: demoEmail, role: 'owner', via: 'session' };
});
afterAll(() => drop());

const documentOf = async (operation: Parameters<typeof run>[0], id: string) => ((await run(operation, owner, { id })) as { document: unknown }).document;

describe('a backup of an earlier version', () => {
  it('holds what it should, so that what follows means something', () => {
    expect(Object.fromEntries(Object.entries(before).map(([table, rows]) => [table, rows.length]))).toEqual({
      note: 47,
      wine: 26,
      flight: 3,
      dish: 12,
      scheme: 1,
      routine: 2,
    });
  });
  it('opens with every document equal by value', async () => {
    for (const { id, document } of before['wine']!) {
      const { lots: _lots, ...stored } = (await documentOf(getWine, id)) as { lots: unknown };
      expect(stored, id).toEqual(document);
    }
    for (const { id, document } of before['flight']!) expect(await documentOf(getFlight, id)).toEqual({ tasteLead: usualTasteLead, ...(document as object) });
    for (const { id, document } of before['dish']!) expect(await documentOf(getDish, id)).toEqual(document);
    const notes = (await run(exportNotes, owner, { format: 'json' })) as readonly { id: string; document: unknown }[];
    const byId = new Map(notes.map((entry) => [entry.id, entry.document]));
    for (const { id, document } of before['note']!) expect(byId.get(id), id).toEqual(document);
    const latest = (await run(listRoutines, owner, {})) as { versions: readonly { id: string; version: number; document: unknown }[] };
    expect(latest.versions).toMatchObject([{ version: 2, document: before['routine']!.find((entry) => entry.version === 2)!.document }]);
    expect(await run(listSchemes, owner, {})).toMatchObject({ versions: [{ document: before['scheme']![0]!.document }] });
  });
  it('keeps its members, its settings and its hidden glasses hidden', async () => {
    const who = (await run(me, owner, {})) as { role: string; venue: { settings: { country: string; probes: unknown[] } } };
    expect(who).toMatchObject({ role: 'owner', venue: { settings: { country: 'GR' } } });
    expect(who.venue.settings.probes).toHaveLength(1);
    const { rows } = await connections().db.execute<{ id: string }>(
      sql`select note.id from note join glass on glass.venue_id = note.venue_id and glass.id = note.glass_id where glass.revealed_at is null and note.deleted_at is null`,
    );
    expect(rows.length).toBe(3);
    for (const { id } of rows) expect((await run(getNote, owner, { id })) as NoteView).toMatchObject({ wine: null });
  });
  it('takes what a device of that version had not sent: the write on its way, then the rest, and nothing is lost or doubled', async () => {
    const kept = JSON.parse(readFileSync(path.join(earlier, 'draft.json'), 'utf8')) as { key: string; device: Device<NoteDocument> };
    const id = kept.key.split('/')[1]!;
    const draft = kept.device.draft;
    let device = kept.device;
    for (let sent = 0; sent < 5; sent++) {
      const next = sending(device, `now-${sent}`);
      if (next.write === null) break;
      const saved = (await run(saveNote, owner, { id, ...next.write })) as { revision: number };
      device = answered(next.device, { kind: 'saved', writeId: next.write.writeId, revision: saved.revision }, shapeOf(noteDocument));
    }
    expect(device.clashes).toEqual([]);
    expect(same(device.draft, draft)).toBe(true);
    expect(await documentOf(getNote, id)).toEqual(draft);
  });
});
