import { and, asc, eq, isNull, sql } from 'drizzle-orm';
import { climbInWords, likedInWords, recall } from '@rose/core/tasting/recap';
import { nameAt } from '@rose/core/tasting/guest';
import { midpoint } from '@rose/core/wine/observables';
import { foodOf } from '@rose/knowledge/pairing/index';
import { chipName } from '@rose/knowledge/smells/index';
import { glassIdentity } from '../../db/identity';
import { course, dish, glass, participant, tasting, wine } from '../../db/schema';
import { contract } from '../../contract';
import { asPairingWine, knownWines } from '../cellar/profiles';
import { serve } from '../command';
import { notFound } from '../problem';
import { blindNotesOf } from './blind-notes';
import { bottlesAside, wineOfPanel } from './panel';

/** An evening looked back on. A wine that is covered still is none here, and no food is told for it. */
export const recapOfEvening = serve(contract.tasting.recap, async (db, actor, { id }) => {
  const { venueId } = actor;
  const [evening] = await db
    .select({ plan: tasting.plan, promised: tasting.promised, opened: tasting.opened, courseId: course.id, courseName: course.name })
    .from(tasting)
    .leftJoin(course, and(eq(course.venueId, tasting.venueId), eq(course.id, tasting.courseId)))
    .where(and(eq(tasting.venueId, venueId), eq(tasting.id, id)));
  if (evening?.plan == null) throw notFound('evening');
  const wines = evening.plan.panel === undefined ? undefined : await wineOfPanel(db, venueId, id);
  const all = await db
    .select({ id: glass.id, place: glass.place, code: glass.code, wineId: wine.id, name: wine.name, producer: wine.producer })
    .from(glass)
    .leftJoin(glassIdentity, and(eq(glassIdentity.venueId, glass.venueId), eq(glassIdentity.glassId, glass.id), sql`${glass.revealedAt} is not null`))
    .leftJoin(wine, and(eq(wine.venueId, glassIdentity.venueId), eq(wine.id, glassIdentity.wineId)))
    .where(and(eq(glass.venueId, venueId), eq(glass.tastingId, id), isNull(glass.rejectedAt)))
    .orderBy(asc(glass.place));
  // In a panel one glass stands for a wine, wherever its glasses stand.
  const glasses =
    wines === undefined
      ? all
      : all
          .flatMap((entry) => (wines.get(entry.id)?.id === entry.id ? [{ ...entry, place: wines.get(entry.id)!.place, code: '' }] : []))
          .toSorted((a, b) => a.place - b.place);
  const notes = (await blindNotesOf(db, venueId, id)).map((entry) => ({ ...entry, glassId: wines?.get(entry.glassId)?.id ?? entry.glassId }));
  const recalled = recall(
    glasses.map(({ id: glassId, place }) => {
      const here = notes.filter((entry) => entry.glassId === glassId).map((entry) => entry.blind);
      return {
        place,
        quality: here.flatMap(({ observed }) => observed.quality ?? []),
        liking: here.flatMap(({ observed }) => (observed.liking === undefined ? [] : [midpoint(observed.liking)])),
        smells: here.map(({ chips }) => chips.map(chipName)),
      };
    }),
  );
  const known = await knownWines(
    db,
    venueId,
    glasses.flatMap((entry) => entry.wineId ?? []),
  );
  const dishes = (
    await db
      .select({ document: dish.document })
      .from(dish)
      .where(and(eq(dish.venueId, venueId), isNull(dish.deletedAt)))
  ).map(({ document: { name, parts } }) => ({ name, parts }));
  const foodWith = (wineId: string | null) => {
    const here = known.find((entry) => entry.id === wineId);
    if (here === undefined) return '';
    const food = foodOf(asPairingWine(here), dishes);
    return food.dishes[0] ?? food.cheese;
  };
  const people = await db
    .select({ seat: participant.seat, name: participant.name })
    .from(participant)
    .where(and(eq(participant.venueId, venueId), eq(participant.tastingId, id), eq(participant.simulated, false)))
    .orderBy(asc(participant.seat));
  const names = await db
    .select({ id: wine.id, name: wine.name })
    .from(wine)
    .innerJoin(glassIdentity, and(eq(glassIdentity.venueId, wine.venueId), eq(glassIdentity.wineId, wine.id)))
    .innerJoin(glass, and(eq(glass.venueId, glassIdentity.venueId), eq(glass.id, glassIdentity.glassId)))
    .where(and(eq(wine.venueId, venueId), eq(glass.tastingId, id)));
  const opened = evening.opened ?? [];
  return {
    panel: wines !== undefined,
    wines: glasses.map((entry) => {
      const told = recalled.find((wineOf) => wineOf.place === entry.place)!;
      return {
        place: entry.place,
        code: entry.code,
        wine: entry.wineId === null ? null : { id: entry.wineId, name: entry.name!, producer: entry.producer! },
        quality: told.quality ?? null,
        liking: told.liking ?? null,
        smells: told.smells.map((smell) => ({ ...smell })),
        food: foodWith(entry.wineId),
      };
    }),
    // A panel has no first and last wine: each seat has its own.
    says: (wines === undefined ? [climbInWords(recalled), likedInWords(recalled)] : []).filter((sentence) => sentence !== ''),
    came: people.map(({ seat, name }) => ({ seat, name: nameAt(name, seat, people) })),
    aside: (await bottlesAside(db, venueId, id)).map(({ id: glassId, place, code, seat }) => {
      const wineOf = glasses.find((entry) => (wines === undefined ? entry.place === place : entry.id === wines.get(glassId)?.id));
      return { glassId, code, place: seat === null ? place : null, name: wineOf?.name ?? null };
    }),
    course: evening.courseId === null ? null : { id: evening.courseId, name: evening.courseName! },
    promised: evening.promised ?? '',
    opened: [...new Map(names.map((entry) => [entry.id, entry.name]))].flatMap(([wineId, name]) => {
      const bottles = opened.find((entry) => entry.wineId === wineId)?.bottles ?? 0;
      return bottles === 0 ? [] : [{ name, bottles }];
    }),
  };
});
