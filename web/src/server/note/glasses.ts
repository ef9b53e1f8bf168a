import { and, eq, inArray, isNull } from 'drizzle-orm';
import { randomInt } from 'node:crypto';
import { v4, v7 } from 'uuid';
import { emptyNote, type Moment, type NoteDocument } from '@rose/core/wine/note';
import type { Tx } from '../../db/client';
import { glass, glassIdentity, member, note, participant, tasting, user, wine } from '../../db/schema';
import { contract } from '../../contract';
import { ok, serve, type Member } from '../command';
import { standingRoutine } from '../own-designs/routines';
import { Problem, badField, forbidden, notFound } from '../problem';
import { ownNote } from './operations';
import * as acts from '../tasting/acts';
import { begin } from './store';

/** A code that tells nothing of the wine: three digits, none of the patterns people read meaning into. */
export function glassCode(): string {
  for (;;) {
    const code = String(randomInt(101, 1000));
    if (new Set(code).size === 3 && code !== '123' && code !== '321') return code;
  }
}

export const openNote = serve(contract.note.open, async (tx, actor, input) => {
  const [found] = await tx
    .select({ id: wine.id })
    .from(wine)
    .where(and(eq(wine.venueId, actor.venueId), eq(wine.id, input.wineId), isNull(wine.deletedAt)));
  if (found === undefined) throw notFound('wine');
  const [present] = await tx
    .select({ id: note.id, revision: note.revision })
    .from(note)
    .where(and(eq(note.venueId, actor.venueId), eq(note.id, input.id)));
  if (present !== undefined) return present;
  // The label is in sight of somebody who assesses a wine from its own page: the glass is revealed from the start.
  await sitDown(tx, actor, actor, 'A glass alone', null, [{ noteId: input.id, wineId: input.wineId, code: glassCode(), revealed: true }]);
  return { id: input.id, revision: 1 };
});

interface Poured {
  readonly noteId: string;
  /** Undefined while nobody knows: the bottle stands in a bag the taster marked. */
  readonly wineId: string | undefined;
  readonly code: string;
  readonly revealed: boolean;
  /** A note that was written elsewhere; else an empty one begins now. */
  readonly written?: { readonly document: NoteDocument; readonly moment: Moment; readonly tastedAt: Date };
}
/** A sitting of one person: its glasses, what is in them as far as that is known, and a note on each. */
export async function sitDown(
  tx: Tx,
  actor: Member,
  taster: { readonly userId: string; readonly name: string },
  name: string,
  /** Who dealt hidden glasses; null where the labels are in sight, or a note was written elsewhere. */
  dealtBy: string | null,
  poured: readonly Poured[],
): Promise<void> {
  const { venueId } = actor;
  const now = new Date();
  const begins: NoteDocument = { ...emptyNote, ...(await standingRoutine(tx, actor)) };
  const [tastingId, participantId] = [acts.newTasting(), v7()];
  const on = { venueId, tastingId, basedOn: 'now' as const, at: now };
  await acts.open(tx, { venueId, tastingId, kind: 'solo', name, at: now, ...(dealtBy === null ? {} : { dealtBy }) });
  await acts.join(tx, on, { participantId, name: taster.name, seat: 1, userId: taster.userId });
  const glasses = poured.map(({ wineId, code }, place) => ({ glassId: v4(), place, code, ...(wineId === undefined ? {} : { wineId }) }));
  const inSight = poured.every((entry) => entry.revealed);
  await (inSight ? acts.pour(tx, on, glasses, true) : acts.deal(tx, on, glasses));
  for (const [place, { noteId, written }] of poured.entries()) {
    const begun = written ?? { document: begins, moment: 'first' as const, tastedAt: now };
    await begin(tx, venueId, { noteId, glassId: glasses[place]!.glassId, participantId, ...begun });
  }
}

/** Where a glass stands, from the taster's left. */
const placeInWords = (place: number, of: number) => (of === 2 ? (place === 0 ? 'left' : 'right') : `place ${place + 1}, from the left`);

/** A random order of 0 … n − 1 (Fisher–Yates, from the system's own source of chance). */
function shuffled(n: number): number[] {
  const order = Array.from({ length: n }, (_, i) => i);
  for (let i = n - 1; i > 0; i--) {
    const j = randomInt(i + 1);
    [order[i], order[j]] = [order[j]!, order[i]!];
  }
  return order;
}

/** What a deal was answered, read back for who dealt it and nobody else: a lost answer is asked for again. Undefined when all of these notes are new. */
async function alreadyDealt(tx: Tx, { venueId, userId }: Member, notes: readonly string[]) {
  const rows = await tx
    .select({
      noteId: note.id,
      tastingId: glass.tastingId,
      place: glass.place,
      code: glass.code,
      wine: wine.name,
      dealer: tasting.dealtBy,
      taster: participant.userId,
    })
    .from(note)
    .innerJoin(glass, and(eq(glass.venueId, note.venueId), eq(glass.id, note.glassId)))
    .innerJoin(tasting, and(eq(tasting.venueId, glass.venueId), eq(tasting.id, glass.tastingId)))
    .innerJoin(participant, and(eq(participant.venueId, note.venueId), eq(participant.id, note.participantId)))
    .leftJoin(glassIdentity, and(eq(glassIdentity.venueId, glass.venueId), eq(glassIdentity.glassId, glass.id)))
    .leftJoin(wine, and(eq(wine.venueId, glassIdentity.venueId), eq(wine.id, glassIdentity.wineId)))
    .where(and(eq(note.venueId, venueId), inArray(note.id, [...notes])))
    .orderBy(glass.place);
  if (rows.length === 0) return undefined;
  if (rows.some((row) => row.dealer !== userId || row.tastingId !== rows[0]!.tastingId)) throw forbidden();
  if (rows.length !== notes.length) throw badField('notes', 'names a note that is there already');
  const own = rows.every((row) => row.taster === userId);
  return {
    places: rows.map((row) => ({ place: placeInWords(row.place, rows.length), bag: row.code, noteId: row.noteId })),
    bags: own ? null : rows.map((row) => ({ bag: row.code, wine: row.wine ?? '' })).sort((a, b) => a.bag.localeCompare(b.bag)),
  };
}

interface Deal {
  readonly notes: readonly string[];
  readonly wineIds: readonly string[];
  readonly taster?: string | undefined;
}
/** @param firstBag the number of the first bag: over several deals of one act bags are counted through */
async function deal(tx: Tx, actor: Member, input: Deal, name: string, firstBag: number) {
  const n = input.wineIds.length;
  if (input.notes.length !== n) throw badField('notes', 'must be as many as the wines');
  if (new Set(input.wineIds).size !== n || new Set(input.notes).size !== n) throw badField('wineIds', 'names a wine twice');
  const dealt = await alreadyDealt(tx, actor, input.notes);
  if (dealt !== undefined) return dealt;
  const names: string[] = [];
  for (const wineId of input.wineIds) {
    const [found] = await tx
      .select({ name: wine.name })
      .from(wine)
      .where(and(eq(wine.venueId, actor.venueId), eq(wine.id, wineId), isNull(wine.deletedAt)));
    if (found === undefined) throw notFound('wine');
    names.push(found.name);
  }
  const [other] =
    input.taster === undefined
      ? []
      : await tx
          .select({ userId: user.id, name: user.name })
          .from(member)
          .innerJoin(user, eq(user.id, member.userId))
          .where(and(eq(member.venueId, actor.venueId), eq(user.email, input.taster.toLowerCase())));
  if (input.taster !== undefined && other === undefined) throw badField('taster', 'is no member of this venue');
  const byHelper = other !== undefined && other.userId !== actor.userId;
  // Bag b holds wine bags[b]; place p is poured from bag order[p]. Of one's own bags only the places are dealt.
  const bags = shuffled(n);
  const order = shuffled(n);
  await sitDown(
    tx,
    actor,
    byHelper ? other : actor,
    name,
    actor.userId,
    order.map((bag, place) => ({
      noteId: input.notes[place]!,
      wineId: byHelper ? input.wineIds[bags[bag]!] : undefined,
      code: String(firstBag + bag),
      revealed: false,
    })),
  );
  return {
    places: order.map((bag, place) => ({ place: placeInWords(place, n), bag: String(firstBag + bag), noteId: input.notes[place]! })),
    bags: byHelper ? bags.map((wineAt, bag) => ({ bag: String(firstBag + bag), wine: names[wineAt]! })) : null,
  };
}
export const dealGlasses = serve(contract.note.deal, (tx, actor, input) =>
  deal(tx, actor, input, input.wineIds.length === 2 ? 'A hidden pair' : `${input.wineIds.length} hidden glasses`, 1),
);
export const dealPairs = serve(contract.note.dealPairs, async (tx, actor, { pairs, taster }) => {
  const ids = pairs.flatMap(({ notes }) => notes);
  if (new Set(ids).size !== ids.length) throw badField('pairs', 'name a note twice');
  const dealt = [];
  for (const [at, pair] of pairs.entries())
    dealt.push(await deal(tx, actor, { ...pair, taster }, pairs.length === 1 ? 'A hidden pair' : `Hidden pair ${at + 1} of ${pairs.length}`, 2 * at + 1));
  return { pairs: dealt };
});

export const uncover = serve(contract.note.uncover, async (tx, actor, input) => {
  await ownNote(tx, actor, input.id);
  const { venueId } = actor;
  const [row] = await tx
    .select({ glassId: note.glassId, tastingId: glass.tastingId, revealedAt: glass.revealedAt, kind: tasting.kind, wineId: glassIdentity.wineId })
    .from(note)
    .innerJoin(glass, and(eq(glass.venueId, note.venueId), eq(glass.id, note.glassId)))
    .innerJoin(tasting, and(eq(tasting.venueId, glass.venueId), eq(tasting.id, glass.tastingId)))
    .leftJoin(glassIdentity, and(eq(glassIdentity.venueId, glass.venueId), eq(glassIdentity.glassId, glass.id)))
    .where(and(eq(note.venueId, venueId), eq(note.id, input.id)));
  if (row === undefined) throw notFound('note');
  if (row.kind !== 'solo') throw forbidden();
  if (row.revealedAt !== null) return ok;
  // Of a dealt glass no wine is named, right or wrong: the answer to a guess would tell.
  if (row.wineId !== null && input.wineId !== undefined) throw new Problem(409, 'dealt', 'A helper dealt this glass: uncover it without naming a wine.');
  if (row.wineId === null) {
    if (input.wineId === undefined) throw badField('wineId', 'say which wine was in the bag');
    const [found] = await tx
      .select({ id: wine.id })
      .from(wine)
      .where(and(eq(wine.venueId, venueId), eq(wine.id, input.wineId), isNull(wine.deletedAt)));
    if (found === undefined) throw notFound('wine');
  }
  await acts.uncover(
    tx,
    { venueId, tastingId: row.tastingId, basedOn: 'now' },
    [row.glassId],
    row.wineId === null ? { glassId: row.glassId, wineId: input.wineId! } : undefined,
  );
  return ok;
});

export const newMoment = serve(contract.note.moment, async (tx, actor, input) => {
  await ownNote(tx, actor, input.id);
  const { venueId } = actor;
  const [earlier] = await tx
    .select({ glassId: note.glassId, participantId: note.participantId, document: note.document })
    .from(note)
    .where(and(eq(note.venueId, venueId), eq(note.id, input.id)));
  const { document: written, ...from } = earlier!;
  const [present] = await tx
    .select({ id: note.id, revision: note.revision, deletedAt: note.deletedAt })
    .from(note)
    .where(and(eq(note.venueId, venueId), eq(note.glassId, from.glassId), eq(note.participantId, from.participantId), eq(note.moment, input.moment)));
  if (present !== undefined) {
    // A moment is one note: a deleted one comes back as it was.
    if (present.deletedAt !== null)
      await tx
        .update(note)
        .set({ deletedAt: null })
        .where(and(eq(note.venueId, venueId), eq(note.id, present.id)));
    return { id: present.id, revision: present.revision };
  }
  // The same way through the glass, and nothing else of what was written before.
  const document: NoteDocument = {
    ...emptyNote,
    ...(written.routine === undefined ? {} : { routine: written.routine }),
    ...(written.ruler === undefined ? {} : { ruler: written.ruler }),
    ...(input.moment === 'food' && input.food !== undefined && input.food !== '' ? { food: input.food } : {}),
  };
  await begin(tx, venueId, { noteId: input.noteId, ...from, moment: input.moment, tastedAt: new Date(), document });
  return { id: input.noteId, revision: 1 };
});

export const shareNote = serve(contract.note.share, async (tx, actor, input) => {
  await ownNote(tx, actor, input.id);
  await tx
    .update(note)
    .set({ shared: input.shared })
    .where(and(eq(note.venueId, actor.venueId), eq(note.id, input.id)));
  return { shared: input.shared };
});
