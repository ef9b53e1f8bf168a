import { and, eq, isNull } from 'drizzle-orm';
import { drinkingAge } from '@rose/knowledge/drinks/ages';
import { guest as said } from '../../contract/guest';
import type { Reader } from '../../db/client';
import { publicEvening } from '../../db/public';
import { serve } from '../command';
import { seatCookie } from '../guest-device';
import { isLinkKey, isRehearsalKey, readJoinCode, wrongCodes } from '../join-code';
import { guarded } from '../limits';
import { Problem } from '../problem';
import { hashCode } from '../secret-code';
import { sitDown } from '../tasting/seat-acts';

const look = async (db: Reader, code: string) =>
  (
    await db
      .select({
        venueId: publicEvening.venueId,
        id: publicEvening.id,
        name: publicEvening.name,
        plan: publicEvening.plan,
        run: publicEvening.run,
        venue: publicEvening.venue,
        country: publicEvening.country,
      })
      .from(publicEvening)
      .where(and(eq(publicEvening.joinCode, code), isNull(publicEvening.closedAt)))
  )[0];

/** The evening a code leads to. A code that was typed is counted when it is wrong; a link's own key guesses nothing. */
async function evening(db: Reader, typed: string, key: string | undefined, from: string | undefined) {
  const code = readJoinCode(typed);
  const found =
    key !== undefined && (isLinkKey(code, key) || isRehearsalKey(code, key))
      ? await look(db, code)
      : await guarded(
          'join',
          wrongCodes.seconds,
          [
            { key: `from ${from ?? ''}`, points: wrongCodes.anAddress },
            { key: 'together', points: wrongCodes.together },
          ],
          (tx) => look(tx, code),
        );
  if (found === undefined) throw new Problem(404, 'no-evening', 'No evening has this code just now. Look at it again, or ask the host.');
  return found;
}

export const findEvening = serve(said.find, async (db, _actor, { code, key }, reply) => {
  const found = await evening(db, code, key, reply.from);
  return {
    name: found.name,
    venue: found.venue,
    allergens: [...(found.plan?.allergens ?? [])],
    started: (found.run?.at ?? 0) > 0,
    invitation: (found.run?.at ?? 0) > 0 ? null : (found.plan?.invitation ?? null),
    drinkingAge: found.country === null ? null : (drinkingAge(found.country) ?? null),
  };
});

export const joinEvening = serve(said.join, async (db, _actor, { code, key, seat, name, own }, reply) => {
  const found = await evening(db, code, key, reply.from);
  const seated = await db.transaction((tx) =>
    sitDown(
      tx,
      { venueId: found.venueId, tastingId: found.id },
      {
        name,
        simulated: key !== undefined && isRehearsalKey(readJoinCode(code), key),
        tokenHash: hashCode(seat),
        keyHash: own === undefined ? undefined : hashCode(own),
      },
    ),
  );
  reply.cookies.push(seatCookie(seat));
  return { seat: seated.seat, name: seated.name };
});
