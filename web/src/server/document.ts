import { sql, type SQLWrapper } from 'drizzle-orm';
import { receive, type Answer, type Stored, type Write } from '@rose/core/document/protocol';
import type { Tx } from '../db/client';
import { Problem, badField, notFound } from './problem';
import type { Member, Reply } from './command';

/** How a kind of document is kept. */
export interface Store<D> {
  /** Reads and locks the row; undefined when there is none. `deleted` rows take no writes. */
  lock(tx: Tx, venueId: string, id: string): Promise<(Stored<D> & { readonly deleted: boolean }) | undefined>;
  /** Inserts unless the id is taken; says whether it did. */
  insert(tx: Tx, venueId: string, id: string, stored: Stored<D>): Promise<boolean>;
  /** Writes what is stored now; `tell` says so, in one statement with those it is given. */
  update(tx: Tx, venueId: string, id: string, stored: Stored<D>, tell: (written: readonly SQLWrapper[]) => Promise<unknown>): Promise<unknown>;
  /** Tells whoever has it open that it stands at another revision, with what else is written in the same statement. */
  tell(tx: Tx, venueId: string, id: string, revision: number, written?: readonly SQLWrapper[]): Promise<unknown>;
}

/** Keeps what a document that exists is now, and tells whoever has it open. */
export const keep = <D>(tx: Tx, store: Store<D>, venueId: string, id: string, stored: Stored<D>): Promise<unknown> =>
  store.update(tx, venueId, id, stored, (written) => store.tell(tx, venueId, id, stored.revision, written));

/** Applies a write under a row lock by the save protocol's own rule, and answers 409 with the present document when the write is stale. */
export async function saveDocument<D>(
  tx: Tx,
  store: Store<D>,
  venueId: string,
  id: string,
  write: Write<D>,
  reply: Reply,
): Promise<{ id: string; revision: number }> {
  let row = await store.lock(tx, venueId, id);
  if (row === undefined) {
    if (write.baseRevision !== 0) throw new Problem(404, 'not-found', 'There is nothing of that id here to change.');
    const first = { revision: 1, document: write.document, writes: [write.writeId] };
    if (await store.insert(tx, venueId, id, first)) {
      await store.tell(tx, venueId, id, first.revision);
      return finish(id, { kind: 'saved', writeId: write.writeId, revision: 1 }, reply);
    }
    row = await store.lock(tx, venueId, id);
    if (row === undefined) throw badField('id', 'this id is taken elsewhere');
  }
  if (row.deleted) throw new Problem(410, 'deleted', 'This was deleted. Bring it back before you change it.');
  const { stored, answer } = receive(row, write);
  if (stored !== row) await keep(tx, store, venueId, id, stored);
  return finish(id, answer, reply);
}

function finish<D>(id: string, answer: Answer<D>, reply: Reply): { id: string; revision: number } {
  reply.etag = `"${answer.revision}"`;
  if (answer.kind === 'stale') {
    throw new Problem(
      409,
      'stale',
      'Somebody else changed this meanwhile.',
      { revision: answer.revision, document: answer.document, applied: answer.applied, writeId: answer.writeId },
      { etag: `"${answer.revision}"` },
    );
  }
  return { id, revision: answer.revision };
}

/** Deletes a document of a venue, or brings it back. The row stays; what hangs on it stays. */
const mark = (table: SQLWrapper, what: string, deleted: boolean) => async (tx: Tx, actor: Member, input: { readonly id: string }) => {
  const changed = await tx.execute(
    sql`update ${table} set deleted_at = ${deleted ? sql`now()` : sql`null`} where venue_id = ${actor.venueId} and id = ${input.id} ${deleted ? sql`and deleted_at is null` : sql``}`,
  );
  if (changed.rowCount === 0) throw notFound(what);
  return { ok: true } as const;
};
/** What serves the two contracts of a removal. */
export const removing = (what: string, table: SQLWrapper) => ({ remove: mark(table, what, true), restore: mark(table, what, false) });
