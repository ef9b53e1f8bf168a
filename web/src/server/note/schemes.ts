import { and, asc, desc, eq } from 'drizzle-orm';
import { z } from 'zod';
import { asScheme } from '@rose/core/score/own-scheme';
import { ownScheme } from '@rose/core/score/scheme-schema';
import { draftScore } from '@rose/core/score/scheme';
import { scheme } from '../../db/schema';
import { command, everyRole, hosts, query } from '../command';
import { Problem, notFound } from '../problem';
import { recentNotes } from '../notebook/queries';

const version = z.object({ id: z.string(), version: z.number(), document: ownScheme });

export const listSchemes = query({
  name: 'scheme.list',
  method: 'GET',
  path: '/schemes',
  summary: 'The venue’s own ways of giving marks, each in its latest version',
  allow: everyRole,
  input: z.strictObject({}),
  output: z.object({ schemes: z.array(version) }),
  async run(db, actor) {
    const rows = await db
      .selectDistinctOn([scheme.id], { id: scheme.id, version: scheme.version, document: scheme.document })
      .from(scheme)
      .where(eq(scheme.venueId, actor.venueId))
      .orderBy(asc(scheme.id), desc(scheme.version));
    return { schemes: rows };
  },
});

export const getScheme = query({
  name: 'scheme.get',
  method: 'GET',
  path: '/schemes/{id}/{version}',
  summary: 'One version of an own way of giving marks, as it was when it was made',
  allow: everyRole,
  input: z.strictObject({ id: z.uuid(), version: z.coerce.number().int().min(1) }),
  output: version,
  async run(db, actor, input) {
    const [row] = await db
      .select({ id: scheme.id, version: scheme.version, document: scheme.document })
      .from(scheme)
      .where(and(eq(scheme.venueId, actor.venueId), eq(scheme.id, input.id), eq(scheme.version, input.version)));
    if (row === undefined) throw notFound('scheme');
    return row;
  },
});

export const saveScheme = command({
  name: 'scheme.save',
  method: 'PUT',
  path: '/schemes/{id}',
  summary: 'Makes a new version of an own way of giving marks; earlier versions stay for the notes that were marked by them, and the same again makes none',
  allow: hosts,
  input: z.strictObject({ id: z.uuid(), baseVersion: z.number().int().min(0), document: ownScheme }),
  output: z.object({ id: z.string(), version: z.number() }),
  async run(tx, actor, input) {
    const [latest] = await tx
      .select({ version: scheme.version, document: scheme.document })
      .from(scheme)
      .where(and(eq(scheme.venueId, actor.venueId), eq(scheme.id, input.id)))
      .orderBy(desc(scheme.version))
      .limit(1)
      .for('update');
    const now = latest?.version ?? 0;
    if (latest !== undefined && JSON.stringify(ownScheme.parse(latest.document)) === JSON.stringify(input.document)) return { id: input.id, version: now };
    if (input.baseVersion !== now)
      throw new Problem(409, 'changed', `Somebody made version ${now} of this sheet meanwhile. Look at it first; nothing was changed.`, { version: now });
    const made = await tx
      .insert(scheme)
      .values({ venueId: actor.venueId, id: input.id, version: now + 1, document: input.document, madeBy: actor.name })
      .onConflictDoNothing()
      .returning({ version: scheme.version });
    if (made.length === 0) throw new Problem(409, 'changed', 'Somebody changed this sheet at the same moment. Look at it first; nothing was changed.');
    return { id: input.id, version: now + 1 };
  },
});

export const previewScheme = query({
  name: 'scheme.preview',
  method: 'POST',
  path: '/schemes/previews',
  summary: 'What a sheet would give the latest twenty notes the caller may read, beside the taster’s own marks; stores nothing',
  allow: hosts,
  input: z.strictObject({ document: ownScheme }),
  output: z.object({
    notes: z.array(
      z.object({
        id: z.string(),
        name: z.string(),
        own: z.number().nullable(),
        low: z.number(),
        high: z.number(),
        best: z.number(),
        word: z.string().nullable(),
      }),
    ),
  }),
  async run(db, actor, input) {
    const notes = await recentNotes(db, actor, 20);
    const sheet = asScheme('preview', 0, input.document);
    return {
      notes: notes.map((note) => {
        const { low, high, best, word } = draftScore(sheet, note.document.observed, note.document.chips);
        return { id: note.id, name: note.wine?.name ?? `Glass ${note.code}`, own: note.quality, low, high, best, word };
      }),
    };
  },
});
