import { and, asc, eq, isNull, lt, max } from 'drizzle-orm';
import { v4 } from 'uuid';
import { nameAt } from '@rose/core/tasting/guest';
import { noteOfPaper, rowOfNote } from '@rose/core/tasting/paper';
import { reached } from '@rose/core/tasting/program';
import { chipName, completions } from '@rose/knowledge/smells/index';
import { glass, note, participant, tasting, user } from '../../db/schema';
import { contract } from '../../contract';
import { ok, serve } from '../command';
import { begin, saveOwn } from '../note/store';
import { Problem, notFound } from '../problem';
import { doing } from './act';
import { found } from './found';

/** The id of a smell by a name or a synonym of it, whole; a beginning is no name. */
const termOf = (word: string): string | undefined => {
  const [best] = completions(word, 1);
  return best?.match === 'whole' ? best.descriptor.id : undefined;
};
const ofTasting = (venueId: string, id: string) => and(eq(participant.venueId, venueId), eq(participant.tastingId, id), eq(participant.paper, true));

export const paperSheet = serve(contract.paper.sheet, async (db, actor, { id }) => {
  const { venueId } = actor;
  const [evening] = await db
    .select({ plan: tasting.plan, run: tasting.run })
    .from(tasting)
    .where(and(eq(tasting.venueId, venueId), eq(tasting.id, id)));
  const { plan, run } = found(evening);
  if (plan === null || run === null) throw notFound('evening');
  const guests = await db
    .select({ id: participant.id, seat: participant.seat, name: participant.name })
    .from(participant)
    .where(ofTasting(venueId, id))
    .orderBy(asc(participant.seat));
  const glasses = await db
    .select({ id: glass.id, place: glass.place, seat: glass.seat, code: glass.code, firstFactTick: glass.firstFactTick, revealedTick: glass.revealedTick })
    .from(glass)
    .where(and(eq(glass.venueId, venueId), eq(glass.tastingId, id), isNull(glass.rejectedAt), lt(glass.place, reached(plan.program, run.far) + 1)))
    .orderBy(asc(glass.place));
  const notes = await db
    .select({ participantId: note.participantId, glassId: note.glassId, document: note.document, begun: note.begunTick, typedBy: user.name })
    .from(note)
    .innerJoin(participant, and(eq(participant.venueId, note.venueId), eq(participant.id, note.participantId)))
    .leftJoin(user, eq(user.id, note.typedBy))
    .where(and(eq(note.venueId, venueId), ofTasting(venueId, id), eq(note.moment, 'first'), isNull(note.deletedAt)));
  const closedAt = (glassId: string) => {
    const here = glasses.find((entry) => entry.id === glassId);
    return plan.blind === 'open' ? null : (here?.firstFactTick ?? here?.revealedTick ?? null);
  };
  return {
    guests: guests.map((entry) => ({
      ...entry,
      name: nameAt(entry.name, entry.seat, guests),
      glasses: glasses.flatMap(({ id: glassId, place, seat, code }) => (seat === null || seat === entry.seat ? [{ id: glassId, place, code }] : [])),
    })),
    places: [...new Set(glasses.map((entry) => entry.place))].map((place) => ({
      place,
      closed: glasses.some((entry) => entry.place === place && closedAt(entry.id) !== null),
    })),
    rows: notes.map((entry) => {
      const closed = closedAt(entry.glassId);
      return {
        participantId: entry.participantId,
        glassId: entry.glassId,
        row: rowOfNote(entry.document, chipName),
        typedBy: entry.typedBy ?? '',
        after: closed !== null && entry.begun >= closed,
      };
    }),
  };
});

export const seatOnPaper = serve(contract.paper.seat, async (tx, actor, { id, participantId, name }) => {
  const { venueId } = actor;
  let seat = 0;
  await doing(
    tx,
    { venueId, tastingId: id },
    async (tick, at) => {
      const here = and(eq(participant.venueId, venueId), eq(participant.tastingId, id));
      const [known] = await tx
        .select({ seat: participant.seat })
        .from(participant)
        .where(and(here, eq(participant.id, participantId)));
      if (known !== undefined) {
        seat = known.seat;
        return;
      }
      const [last] = await tx
        .select({ seat: max(participant.seat) })
        .from(participant)
        .where(here);
      seat = (last?.seat ?? 0) + 1;
      const [evening] = await tx
        .select({ plan: tasting.plan })
        .from(tasting)
        .where(and(eq(tasting.venueId, venueId), eq(tasting.id, id)));
      const most = evening?.plan?.panel?.seats;
      if (most !== undefined && seat > most) throw new Problem(409, 'full', `This panel has its ${most} seats: each has glasses of its own.`);
      await tx.insert(participant).values({ venueId, tastingId: id, id: participantId, name, seat, paper: true, joinedTick: tick, hereAt: at });
    },
    true,
  );
  return { seat };
});

/** A sheet of paper is typed in when there is time, after the close too: what it says was written at the table. */
export const typeIn = serve(contract.paper.type, async (tx, actor, { id, participantId, glassId, row }, reply) => {
  const { venueId, userId } = actor;
  const [who] = await tx
    .select({ id: participant.id, seat: participant.seat })
    .from(participant)
    .where(and(ofTasting(venueId, id), eq(participant.id, participantId)));
  const [on] = await tx
    .select({ id: glass.id, seat: glass.seat })
    .from(glass)
    .where(and(eq(glass.venueId, venueId), eq(glass.tastingId, id), eq(glass.id, glassId)));
  if (who === undefined) throw notFound('guest');
  if (on === undefined || (on.seat !== null && on.seat !== who.seat)) throw notFound('glass');
  const here = and(eq(note.venueId, venueId), eq(note.participantId, participantId), eq(note.glassId, glassId), eq(note.moment, 'first'));
  const [present] = await tx.select({ id: note.id, revision: note.revision, deletedAt: note.deletedAt }).from(note).where(here).for('update');
  if (present?.deletedAt != null) throw new Problem(410, 'deleted', 'This note was deleted. Bring it back before you change it.');
  const document = noteOfPaper(row, termOf);
  if (present === undefined) await begin(tx, venueId, { noteId: v4(), glassId, participantId, moment: 'first', tastedAt: new Date(), document });
  else await saveOwn(tx, { venueId, participantId }, { id: present.id, baseRevision: present.revision, writeId: v4(), document }, reply);
  await tx.update(note).set({ typedBy: userId }).where(here);
  return ok;
});
