import { and, asc, desc, eq } from 'drizzle-orm';
import { validate } from 'uuid';
import type { z } from 'zod';
import type { Frozen } from '@rose/core/document/frozen';
import { same } from '@rose/core/document/merge';
import type { Reader, Tx } from '../../db/client';
import type { routine, scheme } from '../../db/schema';
import type { Member } from '../command';
import { Problem, notFound } from '../problem';

interface House<D> {
  /** One of them in the registry and the path, such as "scheme" under "/schemes". */
  readonly noun: string;
  /** What a person calls it. */
  readonly said: string;
  readonly table: typeof scheme | typeof routine;
  readonly document: z.ZodType<D>;
}

/** One version of what a venue designed for itself; undefined when there is none. */
async function versionOf<D>(db: Reader, { venueId }: Member, { table, document }: House<D>, id: string, version?: number) {
  const [row] = await db
    .select({ id: table.id, version: table.version, document: table.document })
    .from(table)
    .where(and(eq(table.venueId, venueId), eq(table.id, id), version === undefined ? undefined : eq(table.version, version)))
    .orderBy(desc(table.version))
    .limit(1);
  return row === undefined ? undefined : { ...row, document: document.parse(row.document) };
}

/** What a note names as "id" (the latest version) or "id@version"; undefined for whatever else it may hold. */
export async function versionNamed<D>(db: Reader, actor: Member, house: House<D>, name: string) {
  const [id, version, ...more] = name.split('@');
  if (!validate(id) || more.length > 0 || (version !== undefined && !/^\d{1,9}$/.test(version))) return undefined;
  return versionOf(db, actor, house, id!, version === undefined ? undefined : Number(version));
}

/** Listing, reading and saving of what a venue designs for itself: an edit is a new version, and nobody's edit is lost to another's. */
export function versions<D>(house: House<D>) {
  const { noun, said, table, document } = house;
  const list = async (db: Reader, actor: Member) => {
    const rows = await db
      .selectDistinctOn([table.id], { id: table.id, version: table.version, document: table.document })
      .from(table)
      .where(eq(table.venueId, actor.venueId))
      .orderBy(asc(table.id), desc(table.version));
    return { versions: rows.map((row) => ({ ...row, document: document.parse(row.document) })) };
  };
  const get = async (db: Reader, actor: Member, input: { readonly id: string; readonly version: number }) => {
    const found = await versionOf(db, actor, house, input.id, input.version);
    if (found === undefined) throw notFound(noun);
    return found;
  };
  const save = async (tx: Tx, actor: Member, input: { readonly id: string; readonly baseVersion: number; readonly document: Frozen<D> }) => {
    const [latest] = await tx
      .select({ version: table.version, document: table.document })
      .from(table)
      .where(and(eq(table.venueId, actor.venueId), eq(table.id, input.id)))
      .orderBy(desc(table.version))
      .limit(1)
      .for('update');
    const now = latest?.version ?? 0;
    if (latest !== undefined && same(document.parse(latest.document), input.document)) return { id: input.id, version: now };
    if (input.baseVersion !== now)
      throw new Problem(409, 'changed', `Somebody made version ${now} of this ${said} meanwhile. Look at it first; nothing was changed.`, { version: now });
    const made = await tx
      .insert(table)
      .values({ venueId: actor.venueId, id: input.id, version: now + 1, document: input.document as never, madeBy: actor.name })
      .onConflictDoNothing()
      .returning({ version: table.version });
    if (made.length === 0) throw new Problem(409, 'changed', `Somebody changed this ${said} at the same moment. Look at it first; nothing was changed.`);
    return { id: input.id, version: now + 1 };
  };
  return { list, get, save };
}
