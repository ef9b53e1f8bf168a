import { and, eq, isNull } from 'drizzle-orm';
import { randomInt } from 'node:crypto';
import { v4, v7 } from 'uuid';
import { z } from 'zod';
import { composeNote } from '@rose/core/prose/prose';
import { draftScore, schemes } from '@rose/core/score/scheme';
import { scoreWording } from '@rose/core/score/wording';
import { emptyNote } from '@rose/core/wine/note';
import { noteDocument } from '@rose/core/wine/note-schema';
import { contradictions, pullingApart } from '@rose/core/consistency/consistency';
import { faultWording } from '@rose/core/fault/fault';
import { wineFacts } from '@rose/core/wine/facts-schema';
import { sentence } from '@rose/core/wine/reason';
import { chipOrigins, readChips } from '@rose/knowledge/descriptors/reading';
import { faultContext, triageGlass } from '@rose/knowledge/faults/index';
import { chipName } from '@rose/knowledge/descriptors/index';
import type { Reader } from '../../db/client';
import { glass, glassIdentity, member, note, participant, tasting, tastingKind, wine } from '../../db/schema';
import { command, everyRole, hosts, query, type Member } from '../command';
import { savedOutput, saveDocument, writeInput } from '../document';
import { Problem, forbidden, notFound } from '../problem';
import { noteStore } from './store';
import { rewriteSearch } from './search';

const one = z.strictObject({ id: z.uuid() });
const done = z.object({ ok: z.literal(true) });

/** A code that tells nothing of the wine: three digits, none of the patterns people read meaning into. */
export function glassCode(): string {
  for (;;) {
    const code = String(randomInt(101, 1000));
    if (new Set(code).size === 3 && code !== '123' && code !== '321') return code;
  }
}

export const openNote = command({
  name: 'note.open',
  method: 'POST',
  path: '/notes',
  summary: 'Opens a glass of a wine for the caller alone, with an empty note; the same id again changes nothing',
  allow: everyRole,
  input: z.strictObject({ id: z.uuid(), wineId: z.uuid() }),
  output: z.object({ id: z.string(), revision: z.number() }),
  async run(tx, actor, input) {
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
    const now = new Date();
    const [tastingId, glassId, participantId] = [v7(), v4(), v7()];
    const { venueId } = actor;
    await tx.insert(tasting).values({ venueId, id: tastingId, kind: 'solo', name: 'A glass alone', startedAt: now });
    // The label is in sight of somebody who assesses a wine from its own page: the glass is revealed from the start.
    await tx.insert(glass).values({ venueId, id: glassId, tastingId, place: 0, code: glassCode(), revealedAt: now });
    await tx.insert(glassIdentity).values({ venueId, glassId, wineId: input.wineId });
    await tx.insert(participant).values({ venueId, id: participantId, tastingId, userId: actor.userId, name: actor.name, seat: 1 });
    await tx
      .insert(note)
      .values({ venueId, id: input.id, revision: 1, writes: [], glassId, participantId, moment: 'first', tastedAt: now, document: emptyNote, search: '' });
    await rewriteSearch(tx, venueId, [input.id]);
    return { id: input.id, revision: 1 };
  },
});

/** A note may be changed by its taster; a host may also type in for a participant without an account. */
async function ownNote(db: Reader, actor: Member, id: string): Promise<void> {
  const [row] = await db
    .select({ userId: participant.userId })
    .from(note)
    .innerJoin(participant, and(eq(participant.venueId, note.venueId), eq(participant.id, note.participantId)))
    .where(and(eq(note.venueId, actor.venueId), eq(note.id, id)));
  if (row === undefined) throw notFound('note');
  if (row.userId !== actor.userId && !(row.userId === null && hosts.includes(actor.role))) throw forbidden();
}

export const saveNote = command({
  name: 'note.save',
  method: 'PUT',
  path: '/notes/{id}',
  summary: 'Saves a note under its revision; a repeated write is answered as done',
  allow: everyRole,
  input: writeInput(noteDocument),
  output: savedOutput,
  async run(tx, actor, input, reply) {
    await ownNote(tx, actor, input.id);
    return saveDocument(tx, noteStore, actor.venueId, input.id, input, reply);
  },
});
export const deleteNote = command({
  name: 'note.delete',
  method: 'DELETE',
  path: '/notes/{id}',
  summary: 'Deletes a note; it can be brought back',
  allow: everyRole,
  input: one,
  output: done,
  async run(tx, actor, input) {
    await ownNote(tx, actor, input.id);
    await tx
      .update(note)
      .set({ deletedAt: new Date() })
      .where(and(eq(note.venueId, actor.venueId), eq(note.id, input.id)));
    return { ok: true };
  },
});
export const restoreNote = command({
  name: 'note.restore',
  method: 'POST',
  path: '/notes/{id}/returns',
  summary: 'Brings a deleted note back',
  allow: everyRole,
  input: one,
  output: done,
  async run(tx, actor, input) {
    await ownNote(tx, actor, input.id);
    await tx
      .update(note)
      .set({ deletedAt: null })
      .where(and(eq(note.venueId, actor.venueId), eq(note.id, input.id)));
    return { ok: true };
  },
});

export type NoteView = Awaited<ReturnType<typeof readNote>>;
/** Reads a note with what a member may know of its glass. A host reads every note, a helper only their own. */
export async function readNote(db: Reader, actor: Member, id: string) {
  const [row] = await db
    .select({
      note,
      participant: { name: participant.name, userId: participant.userId },
      glass: { code: glass.code, revealedAt: glass.revealedAt },
      tasting: { id: tasting.id, name: tasting.name, kind: tasting.kind },
      wineId: glassIdentity.wineId,
      wineName: wine.name,
      wineDocument: wine.document,
      producer: wine.producer,
      taster: member.role,
    })
    .from(note)
    .innerJoin(participant, and(eq(participant.venueId, note.venueId), eq(participant.id, note.participantId)))
    .innerJoin(glass, and(eq(glass.venueId, note.venueId), eq(glass.id, note.glassId)))
    .innerJoin(tasting, and(eq(tasting.venueId, glass.venueId), eq(tasting.id, glass.tastingId)))
    .leftJoin(glassIdentity, and(eq(glassIdentity.venueId, glass.venueId), eq(glassIdentity.glassId, glass.id)))
    .leftJoin(wine, and(eq(wine.venueId, glassIdentity.venueId), eq(wine.id, glassIdentity.wineId)))
    .leftJoin(member, and(eq(member.venueId, note.venueId), eq(member.userId, participant.userId)))
    .where(and(eq(note.venueId, actor.venueId), eq(note.id, id)));
  if (row === undefined || row.note.deletedAt !== null) throw notFound('note');
  const mine = row.participant.userId === actor.userId;
  if (!mine && !hosts.includes(actor.role)) throw forbidden();
  const revealed = row.glass.revealedAt !== null;
  return {
    id: row.note.id,
    revision: row.note.revision,
    document: row.note.document,
    mine,
    mayEdit: mine || (row.participant.userId === null && hosts.includes(actor.role)),
    taster: row.participant.name,
    tastedAt: row.note.tastedAt.toISOString(),
    tasting: row.tasting,
    code: row.glass.code,
    wine: revealed && row.wineId !== null ? { id: row.wineId, name: row.wineName!, producer: row.producer!, facts: row.wineDocument!.facts } : null,
  };
}
export const getNote = query({
  name: 'note.get',
  method: 'GET',
  path: '/notes/{id}',
  summary: 'A note with its glass; the wine only once it is revealed',
  allow: everyRole,
  input: one,
  output: z.object({
    id: z.string(),
    revision: z.number(),
    document: noteDocument,
    mine: z.boolean(),
    mayEdit: z.boolean(),
    taster: z.string(),
    tastedAt: z.string(),
    code: z.string(),
    tasting: z.object({ id: z.string(), name: z.string(), kind: z.enum(tastingKind.enumValues) }),
    wine: z.object({ id: z.string(), name: z.string(), producer: z.string(), facts: wineFacts }).nullable(),
  }),
  async run(db, actor, input, reply) {
    const found = await readNote(db, actor, input.id);
    reply.etag = `"${found.revision}"`;
    return found;
  },
});

export const composed = query({
  name: 'note.text',
  method: 'GET',
  path: '/notes/{id}/text',
  summary: 'The written note, statement by statement',
  allow: everyRole,
  input: one,
  output: z.object({ statements: z.array(z.object({ id: z.string(), text: z.string(), rewritten: z.boolean(), outdated: z.boolean() })) }),
  async run(db, actor, input) {
    const { document } = await readNote(db, actor, input.id);
    return { statements: composeNote(document, chipName).map(({ id, text, rewritten, outdated }) => ({ id, text, rewritten, outdated })) };
  },
});

const criterion = z.object({
  id: z.string(),
  label: z.string(),
  section: z.string(),
  mark: z.number().nullable(),
  best: z.number(),
  least: z.number(),
  because: z.array(z.object({ push: z.number(), text: z.string() })),
});
export const scores = query({
  name: 'note.scores',
  method: 'GET',
  path: '/notes/{id}/scores',
  summary: 'The draft mark by each scheme, once the taster’s own mark is set',
  allow: everyRole,
  input: one,
  output: z.object({
    own: z.number(),
    schemes: z.array(
      z.object({
        id: z.string(),
        label: z.string(),
        source: z.string(),
        low: z.number(),
        high: z.number(),
        best: z.number(),
        word: z.string().nullable(),
        criteria: z.array(criterion),
      }),
    ),
  }),
  async run(db, actor, input) {
    const { document } = await readNote(db, actor, input.id);
    const own = document.observed.quality;
    if (own === undefined) throw new Problem(409, 'own-mark-first', 'The draft shows after the taster’s own mark.');
    return {
      own,
      schemes: schemes.map((scheme) => {
        const draft = draftScore(scheme, document.observed, document.chips);
        return {
          id: scheme.id,
          label: scheme.label,
          source: scheme.source,
          low: draft.low,
          high: draft.high,
          best: draft.best,
          word: draft.word,
          criteria: draft.criteria.map(({ reasons, level: _level, ...rest }) => ({
            ...rest,
            because: reasons.map((reason) => ({ push: reason.push, text: sentence(scoreWording, reason) })),
          })),
        };
      }),
    };
  },
});

export const triageOf = query({
  name: 'note.triage',
  method: 'GET',
  path: '/notes/{id}/triage',
  summary:
    'What may be wrong with a glass: faults with their chances and reasons, false alarms that fit, and what to look for next; of a hidden glass without its wine',
  allow: everyRole,
  input: one,
  output: z.object({
    verdict: z.string(),
    faults: z.array(
      z.object({
        id: z.string(),
        name: z.string(),
        chance: z.number(),
        because: z.array(z.object({ bits: z.number(), text: z.string() })),
        now: z.array(z.object({ says: z.string(), wait: z.number().optional(), last: z.boolean().optional() })),
        tellTable: z.boolean(),
      }),
    ),
    alarms: z.array(z.object({ id: z.string(), looks: z.string(), really: z.string(), sure: z.boolean() })),
    next: z.object({ id: z.string(), ask: z.string() }).nullable(),
  }),
  async run(db, actor, input) {
    const { document, wine: revealed, tastedAt } = await readNote(db, actor, input.id);
    const found = triageGlass(document, document.triage ?? {}, revealed === null ? {} : faultContext(revealed.facts, tastedAt.slice(0, 10)));
    return {
      verdict: found.verdict,
      faults: found.faults
        .filter((entry) => entry.chance >= 0.02)
        .slice(0, 6)
        .map((entry) => ({
          id: entry.fault.id,
          name: entry.fault.name,
          chance: entry.chance,
          because: entry.reasons.map((reason) => ({ bits: reason.push, text: sentence(faultWording, reason) })),
          now: entry.fault.now.map((act) => ({ ...act })),
          tellTable: entry.fault.tellTable,
        })),
      alarms: found.alarms.map(({ alarm, sure }) => ({ id: alarm.id, looks: alarm.looks, really: alarm.really, sure })),
      next: found.next === undefined ? null : { id: found.next.id, ask: found.next.ask },
    };
  },
});

const passage = z.object({ of: z.string(), says: z.string() });
export const consistencyOf = query({
  name: 'note.consistency',
  method: 'GET',
  path: '/notes/{id}/consistency',
  summary: 'Statements of a note that pull apart, both passages side by side, and cues of age that do',
  allow: everyRole,
  input: one,
  output: z.object({
    contradictions: z.array(z.object({ rule: z.string(), severity: z.string(), a: passage, b: passage, because: z.string(), kept: z.boolean() })),
    pulling: z.object({ young: z.array(z.string()), old: z.array(z.string()), next: z.string() }).nullable(),
  }),
  async run(db, actor, input) {
    const { document, wine: revealed } = await readNote(db, actor, input.id);
    const pulling = pullingApart(document, chipOrigins(document.chips));
    return {
      contradictions: contradictions(document, readChips(document.chips), revealed?.facts).map((entry) => ({
        ...entry,
        a: { ...entry.a },
        b: { ...entry.b },
        kept: document.kept?.[entry.rule] === true,
      })),
      pulling: pulling === undefined ? null : { young: [...pulling.young], old: [...pulling.old], next: pulling.next },
    };
  },
});
