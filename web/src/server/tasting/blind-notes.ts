import { and, asc, eq, inArray, isNull, or, sql } from 'drizzle-orm';
import type { NoteDocument } from '@rose/core/wine/note';
import type { Reader } from '../../db/client';
import { glass, note, ownBottle, participant, tasting, tastingPart } from '../../db/schema';

import { glassesOfWine } from './panel';

/** A note as what an evening says of a wine counts it. */
export interface BlindNote {
  readonly glassId: string;
  readonly place: number;
  readonly blind: NoteDocument;
  readonly locked: boolean;
  /** Its taster asked for the host's hint, or something in sight gave the wine away. */
  readonly helped: boolean;
}
/**
 * What the table wrote of the glasses that stand, as it was before anything of them was uncovered. Left out: who poured and knew, who began after the first
 * fact, whose bottle at home was another, and simulated people, who count for themselves alone and only when they are asked for. Nobody is named.
 */
export async function blindNotesOf(
  db: Reader,
  venueId: string,
  tastingId: string,
  { glassId, simulated = false }: { readonly glassId?: string; readonly simulated?: boolean } = {},
): Promise<readonly BlindNote[]> {
  const closed = sql`coalesce(${glass.firstFactTick}, ${glass.revealedTick})`;
  const rows = await db
    .select({
      glassId: glass.id,
      place: glass.place,
      blind: sql<NoteDocument>`coalesce(${note.blindDocument}, ${note.document})`,
      lockedAt: note.lockedAt,
      hintedTick: note.hintedTick,
      givenAway: glass.givenAway,
    })
    .from(note)
    .innerJoin(glass, and(eq(glass.venueId, note.venueId), eq(glass.id, note.glassId)))
    .innerJoin(tasting, and(eq(tasting.venueId, glass.venueId), eq(tasting.id, glass.tastingId)))
    .innerJoin(participant, and(eq(participant.venueId, note.venueId), eq(participant.id, note.participantId)))
    .leftJoin(
      tastingPart,
      and(eq(tastingPart.venueId, participant.venueId), eq(tastingPart.tastingId, participant.tastingId), eq(tastingPart.userId, participant.userId)),
    )
    .leftJoin(ownBottle, and(eq(ownBottle.venueId, note.venueId), eq(ownBottle.glassId, note.glassId), eq(ownBottle.participantId, note.participantId)))
    .where(
      and(
        eq(note.venueId, venueId),
        eq(glass.tastingId, tastingId),
        isNull(glass.rejectedAt),
        glassId === undefined ? undefined : inArray(glass.id, [...(await glassesOfWine(db, venueId, tastingId, glassId))]),
        eq(participant.simulated, simulated),
        eq(note.moment, 'first'),
        isNull(note.deletedAt),
        isNull(tastingPart.userId),
        isNull(ownBottle.says),
        // Where the labels are in sight from the start there is nothing to be blind to.
        or(sql`${tasting.plan} ->> 'blind' = 'open'`, sql`${closed} is null`, sql`${note.begunTick} < ${closed}`),
      ),
    )
    .orderBy(asc(glass.place));
  return rows.map(({ lockedAt, hintedTick, givenAway, ...row }) => ({ ...row, locked: lockedAt !== null, helped: hintedTick !== null || givenAway }));
}
