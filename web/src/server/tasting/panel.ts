import { and, asc, eq, inArray, isNotNull, isNull } from 'drizzle-orm';
import type { Reader } from '../../db/client';
import { glassIdentity } from '../../db/identity';
import { glass, uncoveredFact } from '../../db/schema';
import type { TableState } from '../guest/state';

type Shown = TableState['glasses'][number];
/**
 * In a panel a wine stands before every seat at another place and under another code. One of its glasses stands for all of them where a wine is spoken of: the
 * first by its id, which is random, so that the order of the wines here tells nothing.
 */
export async function wineOfPanel(
  db: Reader,
  venueId: string,
  tastingId: string,
): Promise<ReadonlyMap<string, { readonly id: string; readonly place: number }>> {
  const rows = await db
    .select({ id: glass.id, wineId: glassIdentity.wineId })
    .from(glass)
    .innerJoin(glassIdentity, and(eq(glassIdentity.venueId, glass.venueId), eq(glassIdentity.glassId, glass.id)))
    .where(and(eq(glass.venueId, venueId), eq(glass.tastingId, tastingId), isNotNull(glass.seat)))
    .orderBy(asc(glass.id));
  const first = new Map<string, { id: string; place: number }>();
  for (const row of rows) if (!first.has(row.wineId)) first.set(row.wineId, { id: row.id, place: first.size });
  return new Map(rows.map((row) => [row.id, first.get(row.wineId)!]));
}
/** The wines of a panel as glasses without a code, one for each. */
export async function winesAsGlasses(db: Reader, venueId: string, tastingId: string): Promise<Shown[]> {
  const wines = [...new Map([...(await wineOfPanel(db, venueId, tastingId)).values()].map((wine) => [wine.id, wine.place]))];
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
  return wines.map(([id, place]) => {
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
