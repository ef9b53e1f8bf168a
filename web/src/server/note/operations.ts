import { and, asc, eq, isNull, ne } from 'drizzle-orm';
import { same } from '@rose/core/document/merge';
import { dayIn } from '@rose/core/wine/day';
import { type Moment } from '@rose/core/wine/note';
import { usualRoutine } from '@rose/knowledge/routines/index';
import type { Reader } from '../../db/client';
import { glass, glassIdentity, member, note, participant, tasting, venue, wine } from '../../db/schema';
import { contract } from '../../contract';
import { ok, serve, type Member } from '../command';
import { saveDocument } from '../document';
import { forbidden, notFound } from '../problem';
import { completed, settingsOf } from '../account/settings';
import { knownWines } from '../cellar/profiles';
import { servingView } from '../cellar/serving';
import { readRoutine } from '../own-designs/routines';
import { noteStore } from './store';
import { mayChangeNote, mayReadNote } from './whose';

export async function ownNote(db: Reader, actor: Member, id: string): Promise<void> {
  const [row] = await db
    .select({ userId: participant.userId, plan: tasting.plan })
    .from(note)
    .innerJoin(participant, and(eq(participant.venueId, note.venueId), eq(participant.id, note.participantId)))
    .innerJoin(tasting, and(eq(tasting.venueId, participant.venueId), eq(tasting.id, participant.tastingId)))
    .where(and(eq(note.venueId, actor.venueId), eq(note.id, id)));
  if (row === undefined) throw notFound('note');
  if (!mayChangeNote(actor, row.userId, row.plan !== null)) throw forbidden();
}

export const saveNote = serve(contract.note.save, async (tx, actor, input, reply) => {
  await ownNote(tx, actor, input.id);
  return saveDocument(tx, noteStore, actor.venueId, input.id, input, reply);
});
export const deleteNote = serve(contract.note.delete, async (tx, actor, input) => {
  await ownNote(tx, actor, input.id);
  await tx
    .update(note)
    .set({ deletedAt: new Date() })
    .where(and(eq(note.venueId, actor.venueId), eq(note.id, input.id)));
  return ok;
});
export const restoreNote = serve(contract.note.restore, async (tx, actor, input) => {
  await ownNote(tx, actor, input.id);
  await tx
    .update(note)
    .set({ deletedAt: null })
    .where(and(eq(note.venueId, actor.venueId), eq(note.id, input.id)));
  return ok;
});

export type NoteView = Awaited<ReturnType<typeof readNote>>;
/** Reads a note with what a member may know of its glass. Its taster reads it; hosts do when it is shared, or belongs to a guest without an account. */
export async function readNote(db: Reader, actor: Member, id: string) {
  const [row] = await db
    .select({
      note,
      participant: { name: participant.name, userId: participant.userId },
      glass: { code: glass.code, revealedAt: glass.revealedAt },
      tasting: { id: tasting.id, name: tasting.name, kind: tasting.kind },
      plan: tasting.plan,
      wineId: glassIdentity.wineId,
      wineName: wine.name,
      wineDocument: wine.document,
      producer: wine.producer,
      taster: member.role,
      settings: venue.settings,
    })
    .from(note)
    .innerJoin(participant, and(eq(participant.venueId, note.venueId), eq(participant.id, note.participantId)))
    .innerJoin(glass, and(eq(glass.venueId, note.venueId), eq(glass.id, note.glassId)))
    .innerJoin(tasting, and(eq(tasting.venueId, glass.venueId), eq(tasting.id, glass.tastingId)))
    .innerJoin(venue, eq(venue.id, note.venueId))
    .leftJoin(glassIdentity, and(eq(glassIdentity.venueId, glass.venueId), eq(glassIdentity.glassId, glass.id)))
    .leftJoin(wine, and(eq(wine.venueId, glassIdentity.venueId), eq(wine.id, glassIdentity.wineId)))
    .leftJoin(member, and(eq(member.venueId, note.venueId), eq(member.userId, participant.userId)))
    .where(and(eq(note.venueId, actor.venueId), eq(note.id, id)));
  if (row === undefined || row.note.deletedAt !== null) throw notFound('note');
  const mine = row.participant.userId === actor.userId;
  if (!mayReadNote(actor, row.participant.userId, row.note.shared, row.plan !== null)) throw forbidden();
  const revealed = row.glass.revealedAt !== null;
  const others = await db
    .select({ id: note.id, moment: note.moment, tastedAt: note.tastedAt, document: note.document })
    .from(note)
    .where(
      and(
        eq(note.venueId, actor.venueId),
        eq(note.glassId, row.note.glassId),
        eq(note.participantId, row.note.participantId),
        ne(note.id, id),
        isNull(note.deletedAt),
      ),
    )
    .orderBy(asc(note.tastedAt));
  return {
    id: row.note.id,
    revision: row.note.revision,
    document: row.note.document,
    /** The routine of this note, in the version it has. */
    routine: await readRoutine(db, actor, row.note.document.routine ?? usualRoutine.id),
    mine,
    mayEdit: mayChangeNote(actor, row.participant.userId, row.plan !== null),
    taster: row.participant.name,
    tastedAt: row.note.tastedAt.toISOString(),
    day: dayIn(row.note.tastedAt, completed(row.settings).timeZone),
    tasting: row.tasting,
    code: row.glass.code,
    moment: row.note.moment as Moment,
    shared: row.note.shared,
    /** Other moments of this taster on this glass: that they exist, never what they say. */
    moments: others.map((other) => ({
      id: other.id,
      moment: other.moment as Moment,
      tastedAt: other.tastedAt.toISOString(),
      done: other.document.done === true,
    })),
    secondVersion: row.note.blindDocument !== null && !same(row.note.blindDocument, row.note.document),
    /** Hidden and the taster's own to uncover; `named` when the wine behind it is known to the venue. */
    hidden: revealed ? null : { mine: mine && row.tasting.kind === 'solo', named: row.wineId !== null },
    wine: revealed && row.wineId !== null ? { id: row.wineId, name: row.wineName!, producer: row.producer!, facts: row.wineDocument!.facts } : null,
  };
}
export const getNote = serve(contract.note.get, async (db, actor, input, reply) => {
  const found = await readNote(db, actor, input.id);
  reply.etag = `"${found.revision}"`;
  if (found.wine === null) return { ...found, wine: null };
  const [known] = await knownWines(db, actor.venueId, [found.wine.id]);
  const { temperature } = await settingsOf(db, actor.venueId);
  return { ...found, wine: { ...found.wine, serve: known === undefined ? '' : servingView(known, temperature).band } };
});
