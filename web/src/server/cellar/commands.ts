import { and, eq, inArray, isNull } from 'drizzle-orm';
import { v7 } from 'uuid';
import { z } from 'zod';
import { wineDocument } from '@rose/core/wine/facts-schema';
import type { WineDocument } from '@rose/core/wine/facts';
import { wine } from '../../db/schema';
import { settingsOf } from '../account/settings';
import { command } from '../command';
import { removal, savedOutput, saveDocument, writeInput } from '../document';
import { Problem, notFound } from '../problem';
import { sameKey, wineStore } from './store';
import { readList } from './list';

export const saveWine = command({
  name: 'wine.save',
  method: 'PUT',
  path: '/wines/{id}',
  summary: 'Saves a wine, its facts with their origins and its lots',
  allow: 'cellar.edit',
  input: writeInput(wineDocument),
  output: savedOutput,
  run: (tx, actor, input, reply) => saveDocument(tx, wineStore, actor.venueId, input.id, input, reply),
});
export const { remove: deleteWine, restore: restoreWine } = removal('wine', 'cellar.edit', '/wines', wine);

const decision = z.enum(['ask', 'skip', 'add', 'merge']);
export const importWines = command({
  name: 'wine.import',
  method: 'POST',
  path: '/wines/imports',
  summary: 'Imports a wine list from CSV, or only previews it: all rows or none',
  allow: 'cellar.edit',
  input: z.strictObject({
    csv: z.string().min(1, 'the file is empty').max(3_500_000),
    /** Column of the file → field of the cellar; a column that is not named is left out. */
    mapping: z.record(z.string().max(200), z.string().max(60)).default({}),
    preview: z.boolean().default(true),
    /** What to do with a row that is a wine already here: leave it out, add it as another wine, or add its bottles to that wine. */
    same: decision.default('ask'),
  }),
  output: z.object({
    columns: z.array(z.string()),
    mapping: z.record(z.string(), z.string()),
    rows: z.number(),
    ready: z.number(),
    added: z.number(),
    merged: z.number(),
    skipped: z.number(),
    errors: z.array(z.object({ row: z.number(), field: z.string(), message: z.string() })),
    errorCount: z.number(),
    same: z.array(z.object({ row: z.number(), name: z.string(), id: z.string() })),
    sameCount: z.number(),
    sample: z.array(z.object({ row: z.number(), name: z.string(), producer: z.string(), says: z.string() })),
  }),
  async run(tx, actor, input) {
    const { currency } = await settingsOf(tx, actor.venueId);
    const list = readList(input.csv, input.mapping, currency);
    const keys = list.rows.map((row) => sameKey(row.document));
    const present = new Map<string, string>();
    for (let at = 0; at < keys.length; at += 500) {
      const found = await tx
        .select({ id: wine.id, key: wine.sameKey })
        .from(wine)
        .where(and(eq(wine.venueId, actor.venueId), isNull(wine.deletedAt), inArray(wine.sameKey, keys.slice(at, at + 500))));
      for (const row of found) present.set(row.key, row.id);
    }
    // A wine that stands twice in the file itself is asked about as well.
    const seen = new Map<string, number>();
    const same = list.rows.flatMap((row, i) => {
      const id = present.get(keys[i]!);
      if (id !== undefined) return [{ row: row.row, name: row.document.name, id }];
      const earlier = seen.get(keys[i]!);
      seen.set(keys[i]!, row.row);
      return earlier === undefined ? [] : [{ row: row.row, name: row.document.name, id: '' }];
    });
    const sameRows = new Map(same.map((entry) => [entry.row, entry.id]));
    const report = {
      columns: list.columns,
      mapping: list.mapping,
      rows: list.total,
      ready: list.rows.length,
      added: 0,
      merged: 0,
      skipped: 0,
      errors: list.errors.slice(0, 200),
      errorCount: list.errors.length,
      same: same.slice(0, 200),
      sameCount: same.length,
      sample: list.rows.slice(0, 20).map((row) => ({ row: row.row, name: row.document.name, producer: row.document.producer, says: row.says })),
    };
    if (input.preview) return report;
    if (list.errors.length > 0)
      throw new Problem(422, 'import', `${list.errors.length === 1 ? 'One field' : `${list.errors.length} fields`} could not be read. Nothing was imported.`, {
        errors: list.errors.slice(0, 200).map((entry) => ({ field: `row ${entry.row}, ${entry.field}`, message: entry.message })),
      });
    if (same.length > 0 && input.same === 'ask')
      throw new Problem(
        409,
        'same-wine',
        `${same.length === 1 ? 'One row is a wine' : `${same.length} rows are wines`} already here. Say what to do with them. Nothing was imported.`,
        { same: report.same },
      );
    for (const row of list.rows) {
      const here = sameRows.get(row.row);
      if (here !== undefined && input.same === 'skip') {
        report.skipped += 1;
        continue;
      }
      if (here !== undefined && here !== '' && input.same === 'merge') {
        await mergeLots(tx as never, actor.venueId, here, row.document);
        report.merged += 1;
        continue;
      }
      await wineStore.insert(tx, actor.venueId, v7(), { revision: 1, writes: [], document: row.document });
      report.added += 1;
    }
    return report;
  },
});

async function mergeLots(tx: Parameters<typeof wineStore.lock>[0], venueId: string, id: string, document: WineDocument): Promise<void> {
  const row = await wineStore.lock(tx, venueId, id);
  if (row === undefined) throw notFound('wine');
  const { deleted: _deleted, ...kept } = row;
  await wineStore.update(tx, venueId, id, {
    ...kept,
    revision: kept.revision + 1,
    document: { ...kept.document, lots: [...kept.document.lots, ...document.lots] },
  });
}
