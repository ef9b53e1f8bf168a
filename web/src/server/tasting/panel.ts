import { createHash } from 'node:crypto';
import { and, asc, eq, inArray, isNotNull, isNull } from 'drizzle-orm';
import type { Reader } from '../../db/client';
import { glassIdentity } from '../../db/identity';
import { glass, uncoveredFact } from '../../db/schema';
import type { TableState } from '../guest/state';

type Shown = TableState['glasses'][number];
/** Wines in an order that tells nothing and stays as it is, whatever becomes of their glasses. */
const inNoOrder = (tastingId: string, wineId: string) => createHash('sha256').update(`${tastingId}/${wineId}`).digest('hex');
/**
 * In a panel a wine stands before every seat at another place and under another code. One of its glasses stands for all of them where a wine is spoken of: the
 * first by its random id of those that were not put aside.
 */
export async function wineOfPanel(
  db: Reader,
  venueId: string,
  tastingId: string,
): Promise<ReadonlyMap<string, { readonly id: string; readonly place: number }>> {
  const rows = await db
    .select({ id: glass.id, wineId: glassIdentity.wineId, rejectedAt: glass.rejectedAt })
    .from(glass)
    .innerJoin(glassIdentity, and(eq(glassIdentity.venueId, glass.venueId), eq(glassIdentity.glassId, glass.id)))
    .where(and(eq(glass.venueId, venueId), eq(glass.tastingId, tastingId), isNotNull(glass.seat)))
    .orderBy(asc(glass.id));
  const wines = [...new Map(rows.map((row) => [row.wineId, inNoOrder(tastingId, row.wineId)]))].sort(([, a], [, b]) => a.localeCompare(b));
  const standing = rows.filter((row) => row.rejectedAt === null);
  const first = new Map(wines.map(([wineId], place) => [wineId, { id: standing.find((row) => row.wineId === wineId)!.id, place }]));
  return new Map(rows.map((row) => [row.id, first.get(row.wineId)!]));
}
/** Bottles that were put aside, a glass for each: in a panel all glasses of one were put aside at once. */
export async function bottlesAside(db: Reader, venueId: string, tastingId: string) {
  const rows = await db
    .select({ id: glass.id, place: glass.place, code: glass.code, seat: glass.seat, rejectedAt: glass.rejectedAt })
    .from(glass)
    .where(and(eq(glass.venueId, venueId), eq(glass.tastingId, tastingId), isNotNull(glass.rejectedAt)))
    .orderBy(asc(glass.place), asc(glass.id));
  return [...new Map(rows.toReversed().map((row) => [row.rejectedAt!.getTime(), row])).values()].reverse();
}
/** The wines of a panel as glasses without a code, one for each; those of bottles that were put aside after them. */
export async function winesAsGlasses(db: Reader, venueId: string, tastingId: string): Promise<Shown[]> {
  const of = await wineOfPanel(db, venueId, tastingId);
  const wines = [...new Map([...of.values()].map((wine) => [wine.id, wine.place]))];
  const aside = (await bottlesAside(db, venueId, tastingId)).map(({ id }) => ({
    id,
    place: of.get(id)!.place,
    code: '',
    rejected: true,
    closed: false,
    revealed: false,
    facts: [],
  }));
  if (wines.length === 0) return [];
  const ids = wines.map(([id]) => id);
  const rows = await db
    .select({ id: glass.id, firstFactTick: glass.firstFactTick, revealedTick: glass.revealedTick })
    .from(glass)
    .where(and(eq(glass.venueId, venueId), inArray(glass.id, ids)));
  const facts = await db
    .select({ glassId: uncoveredFact.glassId, fact: uncoveredFact.fact, says: uncoveredFact.says })
    .from(uncoveredFact)
    .where(and(eq(uncoveredFact.venueId, venueId), inArray(uncoveredFact.glassId, ids)));
  const standing = wines.map(([id, place]) => {
    const row = rows.find((entry) => entry.id === id)!;
    return {
      id,
      place,
      code: '',
      rejected: false,
      closed: row.firstFactTick !== null || row.revealedTick !== null,
      revealed: row.revealedTick !== null,
      facts: facts.filter((fact) => fact.glassId === id).map(({ fact, says }) => ({ fact, says })),
    };
  });
  return [...standing, ...aside];
}
/** All glasses of the wine in a glass, where that is a panel's; of a table the glass alone. */
export async function glassesOfWine(db: Reader, venueId: string, tastingId: string, glassId: string): Promise<readonly string[]> {
  const [row] = await db
    .select({ seat: glass.seat, wineId: glassIdentity.wineId })
    .from(glass)
    .innerJoin(glassIdentity, and(eq(glassIdentity.venueId, glass.venueId), eq(glassIdentity.glassId, glass.id)))
    .where(and(eq(glass.venueId, venueId), eq(glass.tastingId, tastingId), eq(glass.id, glassId)));
  if (row?.seat == null) return [glassId];
  const all = await db
    .select({ id: glass.id })
    .from(glass)
    .innerJoin(glassIdentity, and(eq(glassIdentity.venueId, glass.venueId), eq(glassIdentity.glassId, glass.id)))
    .where(
      and(eq(glass.venueId, venueId), eq(glass.tastingId, tastingId), eq(glassIdentity.wineId, row.wineId), isNotNull(glass.seat), isNull(glass.rejectedAt)),
    );
  return all.map(({ id }) => id);
}
