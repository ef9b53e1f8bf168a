import { and, asc, eq } from 'drizzle-orm';
import { placeOf } from '@rose/core/tasting/program';
import { glassIdentity } from '../../db/identity';
import { glass, participant, tasting, tastingPart, wine } from '../../db/schema';
import { contract } from '../../contract';
import { ok, serve } from '../command';
import { Problem, notFound } from '../problem';
import { act } from './act';
import { warningsAt } from './people';

/** Takes the pourer's part. It is written down: from this tick on they know, and what they call is not counted with the others'. */
export const becomePourer = serve(contract.tasting.pour, async (tx, actor, { id, actId }) => {
  const { venueId, userId } = actor;
  await act(tx, { venueId, tastingId: id, basedOn: 'now', actId }, 'knows', { user: userId }, async (tick) => {
    await tx.insert(tastingPart).values({ venueId, tastingId: id, userId, part: 'pourer', sinceTick: tick }).onConflictDoNothing();
  });
  return ok;
});

/** What is poured into which glass: for who took the part, and nobody else. */
export const pourList = serve(contract.tasting.pourList, async (db, actor, { id }) => {
  const { venueId, userId } = actor;
  const [row] = await db
    .select({ name: tasting.name, tick: tasting.tick, plan: tasting.plan, run: tasting.run })
    .from(tasting)
    .where(and(eq(tasting.venueId, venueId), eq(tasting.id, id)));
  if (row?.plan == null || row.run === null) throw notFound('evening');
  const [part] = await db
    .select({ since: tastingPart.sinceTick })
    .from(tastingPart)
    .where(and(eq(tastingPart.venueId, venueId), eq(tastingPart.tastingId, id), eq(tastingPart.userId, userId)));
  if (part === undefined) throw new Problem(403, 'not-pouring', 'Take the pourer’s part first: who reads this list knows what is in the glasses.');
  const people = await db
    .select({ seat: participant.seat, name: participant.name, card: participant.card, leftAt: participant.leftAt })
    .from(participant)
    .where(and(eq(participant.venueId, venueId), eq(participant.tastingId, id)));
  const warnings = await warningsAt(db, venueId, id, undefined, people);
  const glasses = await db
    .select({ place: glass.place, seat: glass.seat, code: glass.code, wine: wine.name, producer: wine.producer, rejectedAt: glass.rejectedAt })
    .from(glass)
    .innerJoin(glassIdentity, and(eq(glassIdentity.venueId, glass.venueId), eq(glassIdentity.glassId, glass.id)))
    .innerJoin(wine, and(eq(wine.venueId, glassIdentity.venueId), eq(wine.id, glassIdentity.wineId)))
    .where(and(eq(glass.venueId, venueId), eq(glass.tastingId, id)))
    .orderBy(asc(glass.place), asc(glass.seat), asc(glass.id));
  return {
    name: row.name,
    tick: row.tick,
    at: placeOf(row.plan.program[row.run.at]!) ?? null,
    pourMl: row.plan.pourMl,
    seats: people.filter((entry) => entry.leftAt === null).length,
    glasses: glasses.map(({ rejectedAt, ...entry }) => ({
      ...entry,
      rejected: rejectedAt !== null,
      warnings: warnings.flatMap(({ seat, name, place, holds }) =>
        place === entry.place && (entry.seat === null || entry.seat === seat) && rejectedAt === null ? [{ seat, name, holds }] : [],
      ),
    })),
  };
});
