import { and, asc, eq, isNotNull } from 'drizzle-orm';
import { nameless } from '@rose/core/tasting/guest';
import { fold } from '@rose/core/wine/search-folding';
import { course, participant, tasting } from '../../db/schema';
import { contract } from '../../contract';
import { ok, serve } from '../command';
import { notFound } from '../problem';

/** The courses of a venue. Somebody who kept a key is known by it from evening to evening, whatever name they gave; others by their name. */
export const listCourses = serve(contract.course.list, async (db, actor) => {
  const { venueId } = actor;
  const rows = await db.select().from(course).where(eq(course.venueId, venueId)).orderBy(asc(course.beganAt), asc(course.id));
  const evenings = await db
    .select({
      id: tasting.id,
      courseId: tasting.courseId,
      flightId: tasting.flightId,
      name: tasting.name,
      startedAt: tasting.startedAt,
      promised: tasting.promised,
    })
    .from(tasting)
    .where(and(eq(tasting.venueId, venueId), isNotNull(tasting.courseId)))
    .orderBy(asc(tasting.startedAt));
  const came = await db
    .select({ tastingId: participant.tastingId, name: participant.name, keyHash: participant.keyHash })
    .from(participant)
    .innerJoin(tasting, and(eq(tasting.venueId, participant.venueId), eq(tasting.id, participant.tastingId)))
    .where(and(eq(participant.venueId, venueId), isNotNull(tasting.courseId), eq(participant.simulated, false)))
    .orderBy(asc(tasting.startedAt), asc(participant.seat));
  return {
    courses: rows.map(({ id, name }) => {
      const own = evenings.filter((entry) => entry.courseId === id);
      const people = new Map<string, { name: string; at: Set<number> }>();
      for (const entry of came) {
        const at = own.findIndex((evening) => evening.id === entry.tastingId);
        if (at < 0 || (entry.keyHash === null && entry.name === nameless)) continue;
        const who = entry.keyHash ?? `name ${fold(entry.name)}`;
        const person = people.get(who) ?? { name: entry.name, at: new Set<number>() };
        person.name = entry.name;
        person.at.add(at);
        people.set(who, person);
      }
      return {
        id,
        name,
        evenings: own.map((entry) => ({
          id: entry.id,
          flightId: entry.flightId,
          name: entry.name,
          startedAt: entry.startedAt.toISOString(),
          promised: entry.promised ?? '',
        })),
        people: [...people.values()]
          .map((person) => ({ name: person.name, at: [...person.at] }))
          .sort((a, b) => b.at.length - a.at.length || a.name.localeCompare(b.name)),
      };
    }),
  };
});
export const saveCourse = serve(contract.course.save, async (tx, actor, { id, name }) => {
  await tx
    .insert(course)
    .values({ venueId: actor.venueId, id, name })
    .onConflictDoUpdate({ target: [course.venueId, course.id], set: { name } });
  return ok;
});
/** An evening joins a course, before or after its close: it changes nothing of the evening itself. */
export const belongsToCourse = serve(contract.tasting.belongs, async (tx, actor, { id, courseId, promised }) => {
  const { venueId } = actor;
  if (courseId !== null) {
    const [there] = await tx
      .select({ id: course.id })
      .from(course)
      .where(and(eq(course.venueId, venueId), eq(course.id, courseId)));
    if (there === undefined) throw notFound('course');
  }
  const changed = await tx
    .update(tasting)
    .set({ courseId, promised: promised === '' ? null : promised })
    .where(and(eq(tasting.venueId, venueId), eq(tasting.id, id), eq(tasting.kind, 'table')))
    .returning({ id: tasting.id });
  if (changed.length === 0) throw notFound('evening');
  return ok;
});
