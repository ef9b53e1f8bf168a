import { and, asc, eq, isNull, sql } from 'drizzle-orm';
import { allergensOf } from '@rose/core/flight/flight-totals';
import { allergiesMet } from '@rose/core/tasting/allergies';
import { doubtInWords, doubtSmells, judgeDoubts } from '@rose/core/tasting/doubts';
import { nameAt, type GuestCard } from '@rose/core/tasting/guest';
import { placeOf, type TastingPlan } from '@rose/core/tasting/program';
import { idsOf, quarters, type Quarter } from '@rose/core/wine/observables';
import type { Reader } from '../../db/client';
import { glassIdentity } from '../../db/identity';
import { glass, glassDoubt, note, participant, poll, pollAnswer, tasting, tastingPart, user, wine } from '../../db/schema';
import { contract } from '../../contract';
import { serve } from '../command';
import { tableStateOf } from '../guest/state';
import { stateSource, type Source } from '../live/feeds';
import { linkKey } from '../join-code';
import { notFound } from '../problem';

const here = (venueId: string, id: string) => and(eq(tasting.venueId, venueId), eq(tasting.id, id));

/** An evening as its hosts see it; undefined for a sitting nobody leads. In a flight that is blind to the host too, the query leaves out what is covered. */
async function hostStateOf(db: Reader, venueId: string, id: string) {
  const table = await tableStateOf(db, venueId, id, 0);
  if (table === undefined) return undefined;
  const [row] = await db
    .select({
      flightId: tasting.flightId,
      plan: tasting.plan,
      run: tasting.run,
      parked: tasting.parked,
      joinCode: tasting.joinCode,
      wheel: user.id,
      wheelName: user.name,
    })
    .from(tasting)
    .leftJoin(user, eq(user.id, tasting.wheel))
    .where(here(venueId, id));
  const { plan, run } = row!;
  const double = plan!.blind === 'double';
  const identities = await db
    .select({ glassId: glass.id, wineId: wine.id, name: wine.name, producer: wine.producer })
    .from(glass)
    .leftJoin(
      glassIdentity,
      and(eq(glassIdentity.venueId, glass.venueId), eq(glassIdentity.glassId, glass.id), double ? sql`${glass.revealedAt} is not null` : undefined),
    )
    .leftJoin(wine, and(eq(wine.venueId, glassIdentity.venueId), eq(wine.id, glassIdentity.wineId)))
    .where(and(eq(glass.venueId, venueId), eq(glass.tastingId, id)))
    .orderBy(asc(glass.place), asc(glass.id));
  const pourers = await db
    .select({ userId: user.id, name: user.name })
    .from(tastingPart)
    .innerJoin(user, eq(user.id, tastingPart.userId))
    .where(and(eq(tastingPart.venueId, venueId), eq(tastingPart.tastingId, id)));
  return {
    ...table,
    id,
    flightId: row!.flightId,
    program: [...plan!.program],
    at: run!.at,
    far: run!.far,
    started: run!.started,
    more: run!.more,
    set: { ...run!.set },
    joinCode: row!.joinCode,
    joinKey: row!.joinCode === null ? null : linkKey(row!.joinCode),
    wheel: row!.wheel === null ? null : { userId: row!.wheel, name: row!.wheelName! },
    pourers,
    identities: identities.map(({ glassId, wineId, name, producer }) => ({
      glassId,
      wine: wineId === null ? null : { id: wineId, name: name!, producer: producer! },
    })),
    abv: [plan!.abv[0], plan!.abv[1]] as [number, number],
    parked: [...(row!.parked ?? [])],
  };
}

/** A device is in touch for so long after it was last heard of, milliseconds. */
const inTouchFor = 50_000;
const compass = quarters.filter((quarter): quarter is Exclude<Quarter, 'verdict'> => quarter !== 'verdict');
/** Observations of a quarter after which it counts as looked at. Own choice. */
const enoughOfAQuarter = 3;

/** Who sits at an evening, and how far each is with the present glass: counts, never what they wrote. */
async function peopleOf(db: Reader, venueId: string, id: string) {
  const [row] = await db.select({ plan: tasting.plan, run: tasting.run, tick: tasting.tick }).from(tasting).where(here(venueId, id));
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
      and(eq(glass.venueId, participant.venueId), eq(glass.tastingId, participant.tastingId), eq(glass.place, place ?? -1), isNull(glass.rejectedAt)),
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
  return {
    doubts: await doubtsAt(db, venueId, id, present),
    warnings: await warningsAt(db, venueId, id, row.plan, rows),
    people: rows.map((entry) => ({
      id: entry.id,
      name: nameAt(entry.name, entry.seat, rows),
      seat: entry.seat,
      here: entry.leftAt === null && entry.hereAt !== null && now - entry.hereAt.getTime() < inTouchFor,
      hereAt: entry.hereAt?.toISOString() ?? null,
      left: entry.leftAt !== null,
      simulated: entry.simulated,
      quarters: compass.map((quarter) => {
        if (entry.document === null) return 0;
        const { observed, chips } = entry.document;
        const made = idsOf(quarter).filter((observable) => observed[observable] !== undefined).length + (quarter === 'aroma' ? chips.length : 0);
        return Math.min(1, made / (quarter === 'finish' ? 1 : enoughOfAQuarter));
      }),
      locked: entry.lockedAt !== null,
      waits: entry.waitsAt === row.tick,
      card: entry.card,
      arrival: entry.arrival,
    })),
    answers: open === undefined ? null : { pollId: open.id, counts: open.options.map((_option, i) => answered.find((entry) => entry.option === i)?.n ?? 0) },
  };
}

/** Glasses somebody doubts that still stand on the table, the latest poured first. */
async function doubtsAt(db: Reader, venueId: string, id: string, present: number) {
  const rows = await db
    .select({ glassId: glass.id, place: glass.place, seat: participant.seat, smells: glassDoubt.smells, rejectedAt: glass.rejectedAt })
    .from(glassDoubt)
    .innerJoin(glass, and(eq(glass.venueId, glassDoubt.venueId), eq(glass.id, glassDoubt.glassId)))
    .innerJoin(participant, and(eq(participant.venueId, glassDoubt.venueId), eq(participant.id, glassDoubt.participantId)))
    .where(and(eq(glassDoubt.venueId, venueId), eq(glass.tastingId, id), eq(participant.simulated, false)))
    .orderBy(asc(participant.seat));
  const standing = [...new Set(rows.filter((row) => row.rejectedAt === null).map((row) => row.glassId))];
  return standing
    .flatMap((glassId) => {
      const here = rows.filter((row) => row.glassId === glassId);
      const { place } = here[0]!;
      const verdict = judgeDoubts(rows, place, present);
      if (verdict === undefined) return [];
      return [
        { glassId, place, suspect: verdict.suspect, ...doubtInWords(verdict, present), smells: [...new Set(here.map((row) => doubtSmells[row.smells]))] },
      ];
    })
    .sort((a, b) => b.place - a.place);
}

/** What shared cards say that a wine holds: by seat and place, or for the flight as a whole where the host may not know which is where. */
async function warningsAt(
  db: Reader,
  venueId: string,
  id: string,
  plan: TastingPlan,
  people: readonly { readonly seat: number; readonly name: string; readonly card: GuestCard | null; readonly leftAt: Date | null }[],
) {
  const told = people.flatMap(({ seat, name, card, leftAt }) =>
    leftAt === null && card?.allergies !== undefined ? [{ seat, name: nameAt(name, seat, people), says: card.allergies }] : [],
  );
  if (told.length === 0) return [];
  if (plan.blind === 'double')
    return told.flatMap(({ seat, name, says }) => {
      const holds = allergiesMet(says, plan.allergens);
      return holds.length === 0 ? [] : [{ seat, name, place: null, holds: [...holds] }];
    });
  const glasses = await db
    .select({ place: glass.place, document: wine.document })
    .from(glass)
    .innerJoin(glassIdentity, and(eq(glassIdentity.venueId, glass.venueId), eq(glassIdentity.glassId, glass.id)))
    .innerJoin(wine, and(eq(wine.venueId, glassIdentity.venueId), eq(wine.id, glassIdentity.wineId)))
    .where(and(eq(glass.venueId, venueId), eq(glass.tastingId, id), isNull(glass.rejectedAt)))
    .orderBy(asc(glass.place));
  return told.flatMap(({ seat, name, says }) =>
    glasses.flatMap(({ place, document }) => {
      const holds = allergiesMet(says, allergensOf(document.facts));
      return holds.length === 0 ? [] : [{ seat, name, place, holds: [...holds] }];
    }),
  );
}

const found = <T>(state: T | undefined): T => {
  if (state === undefined) throw notFound('evening');
  return state;
};
export const getEvening = serve(contract.tasting.get, async (db, actor, { id }) => found(await hostStateOf(db, actor.venueId, id)));
export const wallOf = serve(contract.tasting.wall, async (db, actor, { id }) => {
  const state = found(await tableStateOf(db, actor.venueId, id, 0));
  const [row] = await db.select({ joinCode: tasting.joinCode }).from(tasting).where(here(actor.venueId, id));
  return { state, code: row?.joinCode ?? null };
});
export const eveningPeople = serve(contract.tasting.people, async (db, actor, { id }) => found(await peopleOf(db, actor.venueId, id)));

/** What a host’s page watches of an evening. */
export const hostSources = (db: Reader, venueId: string, id: string): readonly Source[] => [
  stateSource(`host/${venueId}/${id}`, id, () => hostStateOf(db, venueId, id)),
  {
    key: `people/${venueId}/${id}`,
    event: 'people',
    gather: 1000,
    // Who is out of touch shows by time alone.
    every: 15_000,
    hears: (news) => 'tastingId' in news && news.tastingId === id,
    read: async () => {
      const state = await peopleOf(db, venueId, id);
      return state === undefined ? null : { state };
    },
  },
];
/** What a screen for the whole room watches: what every seat sees, from the first wine on. */
export const wallSources = (db: Reader, venueId: string, id: string): readonly Source[] => [
  stateSource(`seat/${venueId}/${id}/0`, id, () => tableStateOf(db, venueId, id, 0)),
];
