import { and, asc, eq, gte } from 'drizzle-orm';
import { v4 } from 'uuid';
import { emptyNote, type Moment, type NoteDocument } from '@rose/core/wine/note';
import { guest as said } from '../../contract/guest';
import type { Guest } from '../../contract/contract';
import type { Reader } from '../../db/client';
import { guestBottle, guestNote, guestSeat, hiddenHint, publicAnswer, publicEvening, publicGlass, revealedWine } from '../../db/public';
import { ok, serve } from '../command';
import { noSeatCookie } from '../guest-device';
import { stateSource, streamOf } from '../live/feeds';
import { inTouch } from '../live/presence';
import { begin, saveOwn } from '../note/store';
import { Problem, notFound, unknownActor } from '../problem';
import * as acts from '../tasting/seat-acts';
import { tableStateOf } from './state';

/** Behind the fence: this room reads the public views alone, and acts through the doors of the seat and the note. */
async function seatOf(db: Reader, { venueId, participantId }: Guest) {
  const [here] = await db
    .select()
    .from(guestSeat)
    .where(and(eq(guestSeat.venueId, venueId), eq(guestSeat.participantId, participantId)));
  if (here === undefined) throw unknownActor();
  return here;
}
async function stateAt(db: Reader, actor: Guest, { fromPlace, seat }: { readonly fromPlace: number; readonly seat: number }) {
  const state = await tableStateOf(db, actor.venueId, actor.tastingId, fromPlace, seat);
  if (state === undefined) throw notFound('evening');
  return state;
}
/** Whether a guest still sits at the table. */
const sits = async (db: Reader, { venueId, participantId }: Guest) =>
  (
    await db
      .select({ left: guestSeat.leftAt })
      .from(guestSeat)
      .where(and(eq(guestSeat.venueId, venueId), eq(guestSeat.participantId, participantId)))
  )[0]?.left === null;
const notesOf = (db: Reader, { venueId, participantId }: Guest) =>
  db
    .select()
    .from(guestNote)
    .where(and(eq(guestNote.venueId, venueId), eq(guestNote.participantId, participantId)))
    .orderBy(asc(guestNote.id));

export const guestTasting = serve(said.tasting, async (db, actor) => {
  const here = await seatOf(db, actor);
  const state = await stateAt(db, actor, here);
  const [evening] = await db
    .select({ plan: publicEvening.plan })
    .from(publicEvening)
    .where(and(eq(publicEvening.venueId, actor.venueId), eq(publicEvening.id, here.tastingId)));
  const [answered] =
    state.poll === null
      ? []
      : await db
          .select({ pollId: publicAnswer.pollId, option: publicAnswer.option, ranking: publicAnswer.ranking })
          .from(publicAnswer)
          .where(and(eq(publicAnswer.venueId, actor.venueId), eq(publicAnswer.pollId, state.poll.id), eq(publicAnswer.participantId, actor.participantId)));
  return {
    evening: here.tastingId,
    state,
    routine: evening!.plan!.routine,
    guest: here.guest,
    seat: here.seat,
    arrival: here.arrival,
    card: here.card,
    keeps: here.keeps,
    notes: (await notesOf(db, actor)).map(({ id, glassId, moment, revision, lockedAt }) => ({
      id,
      glassId,
      moment: moment as Moment,
      revision,
      locked: lockedAt !== null,
    })),
    answered: answered === undefined ? null : { ...answered, ranking: answered.ranking === null ? null : [...answered.ranking] },
    bottles: await db
      .select({ glassId: guestBottle.glassId, says: guestBottle.says })
      .from(guestBottle)
      .where(and(eq(guestBottle.venueId, actor.venueId), eq(guestBottle.participantId, actor.participantId))),
    hints: evening!.plan!.hints === true,
    takeawayUntil: here.takeawayUntil?.toISOString() ?? null,
  };
});

export const guestStream = serve(said.stream, async (db, actor, _input, reply) => {
  const { fromPlace, seat } = await seatOf(db, actor);
  const { venueId, tastingId, participantId } = actor;
  const [evening] = await db
    .select({ plan: publicEvening.plan })
    .from(publicEvening)
    .where(and(eq(publicEvening.venueId, venueId), eq(publicEvening.id, tastingId)));
  // Who sees the same is sent the same bytes; in a panel nobody does.
  const own = evening?.plan?.panel === undefined ? '' : `/${seat}`;
  const away = inTouch(venueId, participantId);
  reply.stream = streamOf(
    [
      stateSource(`seat/${venueId}/${tastingId}/${fromPlace}${own}`, tastingId, () => tableStateOf(db, venueId, tastingId, fromPlace, seat)),
      {
        // Whose seat is taken away is sent nothing more.
        key: `own/${venueId}/${participantId}/${v4()}`,
        event: 'seat',
        gather: 0,
        hears: (news) => news.what === 'left' && news.participantId === participantId,
        read: async () => ((await sits(db, actor)) ? { state: {} } : null),
      },
      {
        event: 'document',
        says: (news) =>
          news.what === 'document' && news.participantId === participantId ? { kind: 'guestNote', id: news.id, revision: news.revision } : undefined,
      },
    ],
    away,
  );
  return {};
});

/** What a note begins with: the routine of the evening, its ruler, and what the room does to it. What the guest said on arrival stays with the seat, which forgets it. */
async function empty(db: Reader, actor: Guest, place: number, moment: Moment): Promise<NoteDocument> {
  const [evening] = await db
    .select({ plan: publicEvening.plan, run: publicEvening.run })
    .from(publicEvening)
    .where(and(eq(publicEvening.venueId, actor.venueId), eq(publicEvening.id, actor.tastingId)));
  const routine = evening?.plan?.routine;
  const room = evening?.run?.room;
  const bite = evening?.plan?.program.find((stop) => stop.kind === 'again' && stop.place === place && stop.after === 'bite');
  const bent = { ...(room?.light === false ? { light: true } : {}), ...(room?.air === false ? { perfume: true } : {}) };
  return {
    ...emptyNote,
    ...(routine === undefined ? {} : { routine: routine.id }),
    ...(routine?.ruler === undefined ? {} : { ruler: routine.ruler }),
    ...(moment === 'food' && bite?.kind === 'again' && bite.food !== undefined ? { food: bite.food } : {}),
    ...(Object.keys(bent).length === 0 ? {} : { circumstances: bent }),
  };
}
export const guestBegin = serve(said.begin, async (tx, actor, { noteId, glassId, moment }) => {
  const here = await seatOf(tx, actor);
  const { glasses, over, tick } = await stateAt(tx, actor, here);
  const glass = glasses.find(({ id }) => id === glassId);
  if (glass === undefined) throw notFound('glass');
  const begunBefore = (await notesOf(tx, actor)).find((note) => note.glassId === glassId && note.moment === moment);
  if (begunBefore !== undefined) return { id: begunBefore.id, revision: begunBefore.revision };
  if (over) throw new Problem(409, 'closed', 'This tasting is closed: no note is begun any more.', { tick });
  await begin(tx, actor.venueId, {
    noteId,
    glassId,
    participantId: actor.participantId,
    moment,
    tastedAt: new Date(),
    document: await empty(tx, actor, glass.place, moment),
  });
  return { id: noteId, revision: 1 };
});
export const guestNoteOf = serve(said.note, async (db, actor, { id }) => {
  const note = (await notesOf(db, actor)).find((entry) => entry.id === id);
  if (note === undefined) throw notFound('note');
  return { id, glassId: note.glassId, moment: note.moment as Moment, revision: note.revision, document: note.document, locked: note.lockedAt !== null };
});
export const guestSaveNote = serve(said.saveNote, (tx, actor, input, reply) => saveOwn(tx, actor, input, reply));
export const guestLock = serve(said.lock, async (tx, actor, { glassId, locked }) => ({ locked: await acts.setLock(tx, actor, glassId, locked) }));
export const guestArrive = serve(said.arrive, async (tx, actor, { arrival }) => {
  await acts.arrive(tx, actor, arrival);
  return ok;
});
export const guestShare = serve(said.share, async (tx, actor, { card }) => {
  await acts.share(tx, actor, card);
  return ok;
});
export const guestAnswer = serve(said.answer, async (tx, actor, { id, option, ranking }) => {
  await acts.answer(tx, actor, id, { option, ranking });
  return ok;
});
export const guestDoubt = serve(said.doubt, async (tx, actor, { glassId, smells }) => {
  const here = await seatOf(tx, actor);
  const { glasses } = await stateAt(tx, actor, here);
  if (!glasses.some(({ id }) => id === glassId)) throw notFound('glass');
  await acts.doubt(tx, actor, glassId, smells);
  return ok;
});
/** Wines whose name is known, as far as they were poured for this seat. */
export const guestTold = serve(said.told, async (db, actor) => {
  const here = await seatOf(db, actor);
  const rows = await db
    .select({ glassId: publicGlass.id, name: revealedWine.name, producer: revealedWine.producer, told: revealedWine.told })
    .from(publicGlass)
    .innerJoin(revealedWine, and(eq(revealedWine.venueId, publicGlass.venueId), eq(revealedWine.glassId, publicGlass.id)))
    .where(and(eq(publicGlass.venueId, actor.venueId), eq(publicGlass.tastingId, actor.tastingId), gte(publicGlass.place, here.fromPlace)))
    .orderBy(asc(publicGlass.place));
  const { glasses } = await stateAt(db, actor, here);
  return {
    told: rows
      .filter((row) => glasses.some((entry) => entry.id === row.glassId))
      .map(({ told, ...row }) => ({ ...row, text: told?.text ?? '', link: told?.link ?? '' })),
  };
});
export const guestHint = serve(said.hint, async (tx, actor, { glassId }) => {
  const here = await seatOf(tx, actor);
  const { glasses } = await stateAt(tx, actor, here);
  if (!glasses.some(({ id }) => id === glassId)) throw notFound('glass');
  const own = (await notesOf(tx, actor)).find((entry) => entry.glassId === glassId && entry.moment === 'first');
  if (own === undefined || own.document.chips.length === 0)
    throw new Problem(409, 'name-first', 'Name one thing you smell or taste first; then the hint is yours.');
  const [row] = await tx
    .select({ hint: hiddenHint.hint })
    .from(hiddenHint)
    .where(and(eq(hiddenHint.venueId, actor.venueId), eq(hiddenHint.tastingId, actor.tastingId), eq(hiddenHint.glassId, glassId)));
  if (row !== undefined) await acts.tookHint(tx, actor, glassId);
  return { hint: row?.hint ?? null };
});
export const guestBottleOf = serve(said.bottle, async (tx, actor, { glassId, says }) => {
  const here = await seatOf(tx, actor);
  const { glasses } = await stateAt(tx, actor, here);
  if (!glasses.some(({ id }) => id === glassId)) throw notFound('glass');
  await acts.ownBottleIs(tx, actor, glassId, says);
  return ok;
});
export const guestWait = serve(said.wait, async (tx, actor) => {
  await acts.wait(tx, actor);
  return ok;
});
export const guestLeave = serve(said.leave, async (tx, actor, { forget }, reply) => {
  await acts.leave(tx, actor, forget);
  reply.cookies.push(noSeatCookie());
  return ok;
});
