import { and, eq, isNull, sql } from 'drizzle-orm';
import type { Reader } from '../../db/client';
import { tasting, tastingPart } from '../../db/schema';
import type { Member } from '../command';
import { Problem } from '../problem';

/** Whether an evening of this flight goes on that is blind to its host, and the caller has not taken the pourer's part in it. */
export async function isBlindTo(db: Reader, { venueId, userId }: Member, flightId: string): Promise<boolean> {
  const [row] = await db
    .select({ id: tasting.id })
    .from(tasting)
    .leftJoin(tastingPart, and(eq(tastingPart.venueId, tasting.venueId), eq(tastingPart.tastingId, tasting.id), eq(tastingPart.userId, userId)))
    .where(
      and(
        eq(tasting.venueId, venueId),
        eq(tasting.flightId, flightId),
        isNull(tasting.closedAt),
        sql`${tasting.plan} ->> 'blind' = 'double'`,
        isNull(tastingPart.userId),
      ),
    );
  return row !== undefined;
}
/** What is done with which bottle, and when, is for who pours while such an evening goes on: a host would read it off the tasks. */
export async function mustNotBeBlind(db: Reader, actor: Member, flightId: string): Promise<void> {
  if (await isBlindTo(db, actor, flightId))
    throw new Problem(409, 'blind-to-you', 'This evening is blind to you too: what is done with the bottles is open to who pours, until it is closed.');
}
