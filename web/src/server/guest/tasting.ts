import { and, asc, eq } from 'drizzle-orm';
import { guest as said } from '../../contract/guest';
import { guestSeat, publicGlass, revealedWine } from '../../db/public';
import { serve } from '../command';
import { unknownActor } from '../problem';
import { saveOwn } from '../note/store';

/** Behind the fence: this room reads the public views alone, and acts through the doors of the tasting and the note. */
export const guestTasting = serve(said.tasting, async (db, actor) => {
  const [here] = await db
    .select()
    .from(guestSeat)
    .where(and(eq(guestSeat.venueId, actor.venueId), eq(guestSeat.participantId, actor.participantId)));
  if (here === undefined) throw unknownActor();
  const glasses = await db
    .select({
      id: publicGlass.id,
      place: publicGlass.place,
      code: publicGlass.code,
      rejectedAt: publicGlass.rejectedAt,
      wine: revealedWine.name,
      producer: revealedWine.producer,
    })
    .from(publicGlass)
    .leftJoin(revealedWine, and(eq(revealedWine.venueId, publicGlass.venueId), eq(revealedWine.glassId, publicGlass.id)))
    .where(and(eq(publicGlass.venueId, actor.venueId), eq(publicGlass.tastingId, here.tastingId)))
    .orderBy(asc(publicGlass.place), asc(publicGlass.id));
  return {
    name: here.tasting,
    tick: here.tick,
    guest: here.guest,
    seat: here.seat,
    closed: here.closedAt !== null,
    glasses: glasses.map(({ rejectedAt, wine, producer, ...glass }) => ({
      ...glass,
      rejected: rejectedAt !== null,
      wine: wine === null ? null : { name: wine, producer: producer ?? '' },
    })),
  };
});

export const guestSaveNote = serve(said.saveNote, (tx, actor, input, reply) => saveOwn(tx, actor, input, reply));
