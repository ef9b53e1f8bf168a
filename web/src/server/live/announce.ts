import { sql, type SQLWrapper } from 'drizzle-orm';
import { z } from 'zod';
import type { Tx } from '../../db/client';

/** The one channel of this database on which processes tell each other that something was committed: ids, never what was written. */
export const channel = 'rose_compass';

const id = z.string();
const documentKinds = ['wine', 'flight', 'dish', 'menu', 'note'] as const;
export type AnnouncedKind = (typeof documentKinds)[number];
const news = z.discriminatedUnion('what', [
  /** A tasting has a new tick. */
  z.strictObject({ what: z.literal('tick'), venueId: id, tastingId: id, tick: z.number() }),
  /** People at a tasting did something that raises no tick. */
  z.strictObject({ what: z.literal('people'), venueId: id, tastingId: id }),
  /** Somebody’s seat was taken away, or they left it. */
  z.strictObject({ what: z.literal('left'), venueId: id, tastingId: id, participantId: id }),
  /** A document was saved; of a note only its taster is told. */
  z.strictObject({
    what: z.literal('document'),
    venueId: id,
    kind: z.enum(documentKinds),
    id,
    revision: z.number(),
    userId: id.optional(),
    participantId: id.optional(),
    tastingId: id.optional(),
  }),
]);
export type News = z.infer<typeof news>;

/** Ticks that were announced in a transaction. */
const ticks = new WeakMap<object, News[]>();
export const ticksIn = (tx: object): readonly News[] => ticks.get(tx) ?? [];

/** Tells all processes, once this transaction is committed and only then; with what else is written by statements of its own in the same one. */
export function announce(tx: Tx, said: News, written: readonly SQLWrapper[] = []) {
  if (said.what === 'tick') ticks.set(tx, [...ticksIn(tx), said]);
  return tx.execute(sql`${withWritten(written)}select pg_notify(${channel}, ${JSON.stringify(said)})`);
}
/** Statements that are run with the one they stand before. */
const withWritten = (written: readonly SQLWrapper[]) =>
  written.length === 0
    ? sql.empty()
    : sql`with ${sql.join(
        written.map((statement, i) => sql`${sql.identifier(`w${i}`)} as ${statement}`),
        sql`, `,
      )} `;
/** {@link announce} of what a query selects: columns of the news by their names, those that are null left out. */
export const announceSelected = (
  tx: Tx,
  said: Partial<News>,
  selected: Readonly<Record<string, SQLWrapper>>,
  from: SQLWrapper,
  written: readonly SQLWrapper[] = [],
) =>
  tx.execute(
    sql`${withWritten(written)}select pg_notify(${channel}, jsonb_strip_nulls(${JSON.stringify(said)}::jsonb || jsonb_build_object(${sql.join(
      Object.entries(selected).flatMap(([name, column]) => [sql`${name}::text`, sql`${column}`]),
      sql`, `,
    )}))::text) ${from}`,
  );

/** {@link announce} of a document that everybody in a venue may read. */
export const saved =
  (kind: Exclude<AnnouncedKind, 'note'>) =>
  (tx: Tx, venueId: string, id: string, revision: number, written: readonly SQLWrapper[] = []) =>
    announce(tx, { what: 'document', venueId, kind, id, revision }, written);

export function newsOf(payload: string | undefined): News | undefined {
  try {
    return news.safeParse(JSON.parse(payload ?? '')).data;
  } catch {
    return undefined;
  }
}
