import { and, eq } from 'drizzle-orm';
import { dayIn } from '@rose/core/wine/day';
import { tellingWords } from '@rose/knowledge/gives-away/index';
import { namesSaid } from '@rose/knowledge/said/index';
import { talkingPoints } from '@rose/knowledge/talking-points/index';
import { glassIdentity } from '../../db/identity';
import { glass, tasting, wine } from '../../db/schema';
import { contract } from '../../contract';
import { serve } from '../command';
import { timeZoneOf } from '../flight/store';
import { notFound } from '../problem';

/** What a host may say of the wine in a glass. Of a flight that is blind to the host too, nothing is read before the wine is known. */
export const talkOfGlass = serve(contract.tasting.talk, async (db, actor, { id, glassId }) => {
  const { venueId } = actor;
  const here = and(eq(glass.venueId, venueId), eq(glass.tastingId, id), eq(glass.id, glassId));
  const [poured] = await db
    .select({ plan: tasting.plan, revealedAt: glass.revealedAt })
    .from(glass)
    .innerJoin(tasting, and(eq(tasting.venueId, glass.venueId), eq(tasting.id, glass.tastingId)))
    .where(here);
  if (poured?.plan == null) throw notFound('glass');
  if (poured.plan.blind === 'double' && poured.revealedAt === null) return { names: [], points: [], tells: [] };
  const [row] = await db
    .select({ document: wine.document, name: wine.name, producer: wine.producer })
    .from(glass)
    .innerJoin(glassIdentity, and(eq(glassIdentity.venueId, glass.venueId), eq(glassIdentity.glassId, glass.id)))
    .innerJoin(wine, and(eq(wine.venueId, glassIdentity.venueId), eq(wine.id, glassIdentity.wineId)))
    .where(here);
  if (row === undefined) throw notFound('glass');
  const { facts } = row.document;
  return {
    names: [...namesSaid(facts, row.name)],
    tells: tellingWords({ name: row.name, producer: row.producer, facts }).map((entry) => ({ ...entry })),
    points: [...talkingPoints(facts, dayIn(new Date(), await timeZoneOf(db, venueId)))],
  };
});
