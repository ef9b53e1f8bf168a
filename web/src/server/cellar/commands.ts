import { and, eq, inArray, isNull } from 'drizzle-orm';
import { v7 } from 'uuid';
import type { WineDocument } from '@rose/core/wine/facts';
import { wine } from '../../db/schema';
import { settingsOf } from '../account/settings';
import { contract } from '../../contract';
import { serve } from '../command';
import { keep, removing, saveDocument } from '../document';
import { Problem, notFound } from '../problem';
import { sameKey, wineStore } from './store';
import { readList } from './wine-list-file';

export const saveWine = serve(contract.wine.save, (tx, actor, input, reply) => saveDocument(tx, wineStore, actor.venueId, input.id, input, reply));
const { remove, restore } = removing('wine', wine);
export const deleteWine = serve(contract.wine.delete, remove);
export const restoreWine = serve(contract.wine.restore, restore);
export const importWines = serve(contract.wine.import, async (tx, actor, input) => {
  const { currency } = await settingsOf(tx, actor.venueId);
  const list = readList(input.csv, input.mapping, currency, { all: input.origin, columns: input.origins });
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
});

async function mergeLots(tx: Parameters<typeof wineStore.lock>[0], venueId: string, id: string, document: WineDocument): Promise<void> {
  const row = await wineStore.lock(tx, venueId, id);
  if (row === undefined) throw notFound('wine');
  const { deleted: _deleted, ...kept } = row;
  await keep(tx, wineStore, venueId, id, {
    ...kept,
    revision: kept.revision + 1,
    document: { ...kept.document, lots: [...kept.document.lots, ...document.lots] },
  });
}
