import { and, asc, eq, isNull, or, sql } from 'drizzle-orm';
import { allergensOf } from '@rose/core/flight/flight-totals';
import { allergiesMet } from '@rose/core/tasting/allergies';
import { doubtInWords, doubtSmells, judgeDoubts } from '@rose/core/tasting/doubts';
import { nameAt, type GuestCard } from '@rose/core/tasting/guest';
import { placeOf, type TastingPlan } from '@rose/core/tasting/program';
import { quarterShares } from '@rose/core/tasting/progress';
import type { Reader } from '../../db/client';
import { glassIdentity } from '../../db/identity';
import { wineOfPanel } from './panel';
import { glass, glassDoubt, note, participant, poll, pollAnswer, tasting, wine } from '../../db/schema';

/** A device is in touch for so long after it was last heard of, milliseconds. */
const inTouchFor = 50_000;

/** Who sits at an evening, and how far each is with the present glass: counts, never what they wrote. */
export async function peopleOf(db: Reader, venueId: string, id: string) {
  const [row] = await db
    .select({ plan: tasting.plan, run: tasting.run, tick: tasting.tick })
    .from(tasting)
    .where(and(eq(tasting.venueId, venueId), eq(tasting.id, id)));
  if (row?.plan == null || row.run === null) return undefined;
  const place = placeOf(row.plan.program[row.run.at]!);
  const rows = await db
    .select({
      id: participant.id,
      name: participant.name,
      seat: participant.seat,
      hereAt: participant.hereAt,
      leftAt: participant.leftAt,
      simulated: participant.simulated,
      waitsAt: participant.waitsAt,
      card: participant.card,
      arrival: participant.arrival,
      document: note.document,
      lockedAt: note.lockedAt,
    })
    .from(participant)
    .leftJoin(
      glass,
      and(
        eq(glass.venueId, participant.venueId),
        eq(glass.tastingId, participant.tastingId),
        eq(glass.place, place ?? -1),
        isNull(glass.rejectedAt),
        or(isNull(glass.seat), eq(glass.seat, participant.seat)),
      ),
    )
    .leftJoin(note, and(eq(note.venueId, glass.venueId), eq(note.glassId, glass.id), eq(note.participantId, participant.id), eq(note.moment, 'first')))
    .where(and(eq(participant.venueId, venueId), eq(participant.tastingId, id)))
    .orderBy(asc(participant.seat));
  const now = Date.now();
  const [open] = await db
    .select({ id: poll.id, options: poll.options })
    .from(poll)
    .where(and(eq(poll.venueId, venueId), eq(poll.tastingId, id)))
    .orderBy(sql`${poll.askedTick} desc`)
    .limit(1);
  const answered =
    open === undefined
      ? []
      : await db
          .select({ option: pollAnswer.option, n: sql<number>`count(*)::int` })
          .from(pollAnswer)
          .where(and(eq(pollAnswer.venueId, venueId), eq(pollAnswer.pollId, open.id)))
          .groupBy(pollAnswer.option);
  const present = rows.filter((entry) => entry.leftAt === null).length;
  const [doubts, warnings] = await Promise.all([
    doubtsAt(db, venueId, id, present, row.plan.panel === undefined ? undefined : await wineOfPanel(db, venueId, id)),
    warningsAt(db, venueId, id, row.plan.blind === 'double' ? row.plan : undefined, rows),
  ]);
  return {
    doubts,
    warnings,
    people: rows.map((entry) => ({
      id: entry.id,
      name: nameAt(entry.name, entry.seat, rows),
      seat: entry.seat,
      here: entry.leftAt === null && entry.hereAt !== null && now - entry.hereAt.getTime() < inTouchFor,
      hereAt: entry.hereAt?.toISOString() ?? null,
      left: entry.leftAt !== null,
      simulated: entry.simulated,
      quarters: entry.document === null ? [0, 0, 0, 0] : [...quarterShares(entry.document)],
      locked: entry.lockedAt !== null,
      waits: entry.waitsAt === row.tick,
      card: entry.card,
      arrival: entry.arrival,
    })),
    answers: open === undefined ? null : { pollId: open.id, counts: open.options.map((_option, i) => answered.find((entry) => entry.option === i)?.n ?? 0) },
  };
}

/** Glasses somebody doubts that still stand on the table, the latest poured first. */
async function doubtsAt(db: Reader, venueId: string, id: string, present: number, wines?: Awaited<ReturnType<typeof wineOfPanel>>) {
  const told = await db
    .select({ glassId: glass.id, place: glass.place, seat: participant.seat, smells: glassDoubt.smells, rejectedAt: glass.rejectedAt })
    .from(glassDoubt)
    .innerJoin(glass, and(eq(glass.venueId, glassDoubt.venueId), eq(glass.id, glassDoubt.glassId)))
    .innerJoin(participant, and(eq(participant.venueId, glassDoubt.venueId), eq(participant.id, glassDoubt.participantId)))
    .where(and(eq(glassDoubt.venueId, venueId), eq(glass.tastingId, id), eq(participant.simulated, false)))
    .orderBy(asc(participant.seat));
  // In a panel a doubt is about a wine, wherever its glass stands.
  const rows = told.map((entry) => {
    const wine = wines?.get(entry.glassId);
    return wine === undefined ? entry : { ...entry, glassId: wine.id, place: wine.place };
  });
  const onTable = rows.filter((row) => row.rejectedAt === null);
  const standing = [...new Set(onTable.map((row) => row.glassId))];
  return standing
    .flatMap((glassId) => {
      const here = onTable.filter((row) => row.glassId === glassId);
      const { place } = here[0]!;
      const verdict = judgeDoubts(rows, place, present);
      if (verdict === undefined) return [];
      return [
        { glassId, place, suspect: verdict.suspect, ...doubtInWords(verdict, present), smells: [...new Set(here.map((row) => doubtSmells[row.smells]))] },
      ];
    })
    .sort((a, b) => b.place - a.place);
}

/** Who sits at an evening, with the card they share. */
interface Carded {
  readonly seat: number;
  readonly name: string;
  readonly card: GuestCard | null;
  readonly leftAt: Date | null;
}
/**
 * What shared cards say that a wine holds, by seat and place.
 * @param hidden the plan of a flight of which the reader may not know which wine is where: then for the flight as a whole
 */
export async function warningsAt(db: Reader, venueId: string, id: string, hidden: TastingPlan | undefined, people: readonly Carded[]) {
  const told = people.flatMap(({ seat, name, card, leftAt }) =>
    leftAt === null && card?.allergies !== undefined ? [{ seat, name: nameAt(name, seat, people), says: card.allergies }] : [],
  );
  if (told.length === 0) return [];
  if (hidden !== undefined)
    return told.flatMap(({ seat, name, says }) => {
      const holds = allergiesMet(says, hidden.allergens);
      return holds.length === 0 ? [] : [{ seat, name, place: null, holds: [...holds] }];
    });
  const glasses = await db
    .select({ place: glass.place, seat: glass.seat, document: wine.document })
    .from(glass)
    .innerJoin(glassIdentity, and(eq(glassIdentity.venueId, glass.venueId), eq(glassIdentity.glassId, glass.id)))
    .innerJoin(wine, and(eq(wine.venueId, glassIdentity.venueId), eq(wine.id, glassIdentity.wineId)))
    .where(and(eq(glass.venueId, venueId), eq(glass.tastingId, id), isNull(glass.rejectedAt)))
    .orderBy(asc(glass.place));
  return told.flatMap(({ seat, name, says }) =>
    glasses.flatMap(({ place, seat: at, document }) => {
      if (at !== null && at !== seat) return [];
      const holds = allergiesMet(says, allergensOf(document.facts));
      return holds.length === 0 ? [] : [{ seat, name, place, holds: [...holds] }];
    }),
  );
}
