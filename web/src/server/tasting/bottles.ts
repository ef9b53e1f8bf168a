import { and, asc, eq } from 'drizzle-orm';
import { probablyOpened } from '@rose/core/quantity/opened';
import { takeBottles } from '@rose/core/wine/lots';
import { inReach } from '@rose/core/tasting/run';
import { formatOf } from '@rose/knowledge/evening/evening';
import type { Reader, Tx } from '../../db/client';
import { glassIdentity } from '../../db/identity';
import { glass, participant, tasting, wine, type OpenedBottles } from '../../db/schema';
import { contract } from '../../contract';
import { readLots, wineStore } from '../cellar/store';
import { serve } from '../command';
import { keep } from '../document';
import { readFlight } from '../flight/store';
import { Problem, notFound } from '../problem';
import { act, type On, type Ticked } from './act';
import { found } from './found';

/** The wines of an evening, with what stands of each on the table. Where a flight is blind to its host, a glass that is covered counts as poured and as sound. */
async function winesOf(db: Reader, venueId: string, id: string) {
  const [row] = await db
    .select({ plan: tasting.plan, run: tasting.run, flightId: tasting.flightId })
    .from(tasting)
    .where(and(eq(tasting.venueId, venueId), eq(tasting.id, id)));
  if (row?.plan == null || row.run === null) return undefined;
  const glasses = await db
    .select({ wineId: wine.id, name: wine.name, place: glass.place, seat: glass.seat, rejectedAt: glass.rejectedAt, revealedAt: glass.revealedAt })
    .from(glass)
    .innerJoin(glassIdentity, and(eq(glassIdentity.venueId, glass.venueId), eq(glassIdentity.glassId, glass.id)))
    .innerJoin(wine, and(eq(wine.venueId, glassIdentity.venueId), eq(wine.id, glassIdentity.wineId)))
    .where(and(eq(glass.venueId, venueId), eq(glass.tastingId, id)))
    .orderBy(asc(wine.name), asc(wine.id));
  return { plan: row.plan, flightId: row.flightId, poured: inReach(row.plan.program, row.run), glasses };
}

export const bottlesOfEvening = serve(contract.tasting.bottles, async (db, actor, { id }) => {
  const { venueId } = actor;
  const { plan, flightId, poured, glasses } = found(await winesOf(db, venueId, id));
  const flight = flightId === null ? undefined : (await readFlight(db, venueId, flightId)).document;
  const people = await db
    .select({ from: participant.fromPlace, seat: participant.seat })
    .from(participant)
    .where(and(eq(participant.venueId, venueId), eq(participant.tastingId, id), eq(participant.simulated, false)));
  const lots = await readLots(
    db,
    venueId,
    glasses.map((entry) => entry.wineId),
  );
  const wines = [...new Map(glasses.map((entry) => [entry.wineId, entry.name]))];
  return {
    wines: wines.map(([wineId, name]) => {
      const here = glasses.filter((entry) => entry.wineId === wineId);
      const hidden = plan.blind === 'double' && here.every((entry) => entry.revealedAt === null);
      const there = hidden && plan.panel === undefined ? [here[0]!] : here.filter((entry) => entry.place <= poured);
      // What stands on the table was poured from bottles that hold; the glasses of one that was put aside went at one moment.
      const standing = there.filter((entry) => entry.rejectedAt === null);
      const aside = hidden ? 0 : new Set(there.flatMap((entry) => entry.rejectedAt?.getTime() ?? [])).size;
      const own = lots.get(wineId) ?? [];
      const formatMl = formatOf(own);
      // A glass for each who came in time; in a panel the glasses that stand at seats somebody sits at.
      const tasters =
        plan.panel !== undefined
          ? standing.filter((entry) => people.some((who) => who.seat === entry.seat)).length
          : hidden
            ? people.length
            : people.filter((entry) => there.some(({ place }) => entry.from <= place)).length;
      return {
        wineId,
        name,
        held: own.reduce((sum, lot) => sum + lot.held, 0),
        formatMl,
        ...probablyOpened({
          poured: there.length > 0,
          tasters,
          hostPour: flight?.hostPour !== false,
          aside,
          pourMl: flight?.wines.find((entry) => entry.id === wineId)?.pourMl ?? plan.pourMl,
          formatMl,
          loss: (flight?.lossPercent ?? 0) / 100,
        }),
      };
    }),
  };
});

/** Bottles leave the cellar; fewer than were opened stand there where it was not kept up, and none is no fewer. */
async function leaveCellar(tx: Tx, venueId: string, { wineId, bottles }: OpenedBottles): Promise<void> {
  const row = await wineStore.lock(tx, venueId, wineId);
  if (row === undefined) throw notFound('wine');
  const { lots } = takeBottles(row.document.lots, bottles, formatOf(row.document.lots));
  await keep(tx, wineStore, venueId, wineId, { revision: row.revision + 1, writes: row.writes, document: { ...row.document, lots } });
}
/** Closes an evening; what was opened for it is kept with it and leaves the cellar in the same act. */
export function closeEveningWith(tx: Tx, on: On, opened: readonly OpenedBottles[]): Promise<Ticked> {
  const gone = opened.filter((entry) => entry.bottles > 0).sort((a, b) => a.wineId.localeCompare(b.wineId));
  return act(tx, on, 'closed', {}, async (_tick, at) => {
    const here = await winesOf(tx, on.venueId, on.tastingId);
    if (gone.some((entry) => here?.glasses.every((glassOf) => glassOf.wineId !== entry.wineId) ?? true))
      throw new Problem(422, 'another-wine', 'A bottle of a wine that is not in this evening cannot be opened for it.');
    for (const entry of gone) await leaveCellar(tx, on.venueId, entry);
    return { closedAt: at, opened: gone };
  });
}
