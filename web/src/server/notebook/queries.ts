import { and, asc, desc, eq, gt, gte, isNotNull, isNull, lt, sql, type SQL } from 'drizzle-orm';
import { alias } from 'drizzle-orm/pg-core';
import { stringify } from 'csv-stringify/sync';
import { z } from 'zod';
import { repeatabilityOf } from '@rose/core/statistics/repeatability';
import { asText, composeNote } from '@rose/core/prose/prose';
import { observableIds, observables, valueInWords, type ObservableId, type ValueOf } from '@rose/core/wine/observables';
import { emptyNote, glassTitle, pendingPlans, type Moment } from '@rose/core/wine/note';
import { dayIn, dayInWords } from '@rose/core/wine/day';
import { fold } from '@rose/core/wine/search-folding';
import { chipName } from '@rose/knowledge/smells/index';
import { spoken } from '@rose/knowledge/smells/spoken';
import type { Reader } from '../../db/client';
import { glass, glassIdentity, note, participant, wine } from '../../db/schema';
import { contract } from '../../contract';
import { ownNotes, readableNotes } from '../note/whose';
import { serve, decodeCursor, encodeCursor, type Member } from '../command';
import type { filters } from '../../contract/note';
import type { NotebookItem } from '../../contract/answers';
import { settingsOf } from '../account/settings';
import { asMarkdownText } from '../markdown';
import { badField } from '../problem';
import { dayAfter, instantIn } from '../wall-time';

/** Above this many the count is given as "more than". */
export const countCeiling = 1000;
type Filters = z.output<z.ZodObject<typeof filters>>;

/** Words folded as the notes are, each as a prefix. */
export const searchTerms = (q: string): readonly string[] =>
  fold(q)
    .split(' ')
    .filter((word) => word !== '')
    .map((word) => `'${word}':*`);
/** A word asked is one of the note, or one of its wine where the glass is uncovered: no hidden glass is found by its facts. */
const worded = (venueId: string, term: string, ofWines: boolean): SQL =>
  ofWines
    ? sql`(${inNote(term)} or ${note.glassId} = any(array(select ${glass.id} from ${wine} join ${glassIdentity} on ${glassIdentity.venueId} = ${wine.venueId} and ${glassIdentity.wineId} = ${wine.id} join ${glass} on ${glass.venueId} = ${glassIdentity.venueId} and ${glass.id} = ${glassIdentity.glassId} where ${wine.venueId} = ${venueId} and ${inWine(term)} and ${glass.revealedAt} is not null)))`
    : inNote(term);
const inNote = (term: string): SQL => sql`${note.words} @@ to_tsquery('simple', ${term})`;
const inWine = (term: string): SQL => sql`${wine.words} @@ to_tsquery('simple', ${term})`;
/** Which of the terms any wine of the venue has at all: most are smells, and are looked for in notes only. */
async function termsOfWines(db: Reader, venueId: string, terms: readonly string[]): Promise<ReadonlySet<string>> {
  if (terms.length === 0) return new Set();
  const found = await db.execute<{ term: string }>(
    sql`select term from unnest(${sql.param([...terms])}::text[]) as term where exists (select 1 from ${wine} where ${wine.venueId} = ${venueId} and ${wine.words} @@ to_tsquery('simple', term))`,
  );
  return new Set(found.rows.map((row) => row.term));
}

async function where(db: Reader, actor: Member, input: Filters, timeZone: string): Promise<SQL | undefined> {
  const terms = searchTerms(input.q);
  const ofWines = await termsOfWines(db, actor.venueId, terms);
  const shown = sql`exists (select 1 from ${glass} join ${glassIdentity} on ${glassIdentity.venueId} = ${glass.venueId} and ${glassIdentity.glassId} = ${glass.id} join ${wine} on ${wine.venueId} = ${glassIdentity.venueId} and ${wine.id} = ${glassIdentity.wineId} where ${glass.venueId} = ${note.venueId} and ${glass.id} = ${note.glassId} and ${glass.revealedAt} is not null`;
  return and(
    eq(note.venueId, actor.venueId),
    isNull(note.deletedAt),
    ...terms.map((term) => worded(actor.venueId, term, ofWines.has(term))),
    // A hidden glass is not found by the facts of its wine.
    input.wineId === undefined ? undefined : sql`${shown} and ${glassIdentity.wineId} = ${input.wineId})`,
    input.colour === undefined ? undefined : sql`${shown} and ${wine.colour} = ${input.colour})`,
    input.from === undefined ? undefined : gte(note.tastedAt, instantIn(`${input.from}T00:00`, timeZone)),
    input.to === undefined ? undefined : lt(note.tastedAt, instantIn(`${dayAfter(input.to)}T00:00`, timeZone)),
    input.least === undefined ? undefined : gte(note.quality, input.least),
    input.buy === undefined ? undefined : sql`${note.document}->'observed'->>'buy' = ${input.buy}`,
    input.clear === undefined ? undefined : sql`not coalesce(${note.document}->'circumstances' ?| array['cold', 'toothpaste', 'coffee', 'perfume'], false)`,
    input.mine === 'yes' ? ownNotes(actor) : readableNotes(actor),
  );
}

/** The later moment on the same glass that its taster, the caller, has not finished. */
function unfinished(db: Reader, actor: Member | undefined) {
  const later = alias(note, 'later');
  return db
    .select({ id: later.id, moment: later.moment })
    .from(later)
    .where(
      and(
        eq(later.venueId, note.venueId),
        eq(later.glassId, note.glassId),
        eq(later.participantId, note.participantId),
        actor === undefined ? sql`false` : eq(participant.userId, actor.userId),
        isNull(later.deletedAt),
        gt(later.tastedAt, note.tastedAt),
        sql`not coalesce((${later.document}->>'done')::boolean, false)`,
      ),
    )
    .limit(1)
    .as('unfinished');
}

/** Notes as the notebook lists them; for `actor` an earlier moment is listed without what it says while a later one is being written. An export has all. */
async function read(db: Reader, actor: Member | undefined, condition: SQL | undefined, limit: number, timeZone: string): Promise<NotebookItem[]> {
  // The page of notes is cut first, by its own index; the joins then touch its rows only.
  const chosen = db
    .$with('chosen')
    .as(db.select({ venueId: note.venueId, id: note.id }).from(note).where(condition).orderBy(desc(note.tastedAt), asc(note.id)).limit(limit));
  const later = unfinished(db, actor);
  const rows = await db
    .with(chosen)
    .select({
      laterId: later.id,
      laterMoment: later.moment,
      id: note.id,
      moment: note.moment,
      revision: note.revision,
      tastedAt: note.tastedAt,
      document: note.document,
      quality: note.quality,
      taster: participant.name,
      code: glass.code,
      revealedAt: glass.revealedAt,
      wineId: wine.id,
      name: wine.name,
      producer: wine.producer,
      vintage: wine.vintage,
    })
    .from(chosen)
    .innerJoin(note, and(eq(note.venueId, chosen.venueId), eq(note.id, chosen.id)))
    .innerJoin(participant, and(eq(participant.venueId, note.venueId), eq(participant.id, note.participantId)))
    .innerJoin(glass, and(eq(glass.venueId, note.venueId), eq(glass.id, note.glassId)))
    .leftJoin(glassIdentity, and(eq(glassIdentity.venueId, glass.venueId), eq(glassIdentity.glassId, glass.id)))
    .leftJoin(wine, and(eq(wine.venueId, glassIdentity.venueId), eq(wine.id, glassIdentity.wineId)))
    .leftJoinLateral(later, sql`true`)
    .orderBy(desc(note.tastedAt), asc(note.id));
  return rows.map((row) => ({
    id: row.id,
    revision: row.revision,
    tastedAt: row.tastedAt.toISOString(),
    day: dayIn(row.tastedAt, timeZone),
    taster: row.taster,
    code: row.code,
    moment: row.moment as Moment,
    ...(row.laterId === null
      ? { quality: row.quality, document: row.document, text: asText(composeNote(row.document, spoken)), hiddenFor: null }
      : { quality: null, document: emptyNote, text: '', hiddenFor: { id: row.laterId, moment: row.laterMoment as Moment } }),
    wine: row.revealedAt === null || row.wineId === null ? null : { id: row.wineId, name: row.name!, producer: row.producer!, vintage: row.vintage },
  }));
}

/** So many glasses are looked through for later looks: a taster has a few at a time. */
const plannedAtMost = 50;
export const plannedLooks = serve(contract.note.planned, async (db, actor) => {
  const rows = await db
    .select({
      id: note.id,
      code: glass.code,
      revealedAt: glass.revealedAt,
      name: wine.name,
      document: note.document,
      taken: sql<
        readonly { moment: string }[]
      >`(select coalesce(jsonb_agg(jsonb_build_object('moment', other.moment)), '[]'::jsonb) from ${note} as other where other.venue_id = ${note.venueId} and other.glass_id = ${note.glassId} and other.participant_id = ${note.participantId} and other.deleted_at is null)`,
    })
    .from(note)
    .innerJoin(glass, and(eq(glass.venueId, note.venueId), eq(glass.id, note.glassId)))
    .leftJoin(glassIdentity, and(eq(glassIdentity.venueId, glass.venueId), eq(glassIdentity.glassId, glass.id)))
    .leftJoin(wine, and(eq(wine.venueId, glassIdentity.venueId), eq(wine.id, glassIdentity.wineId)))
    .where(
      and(
        eq(note.venueId, actor.venueId),
        isNull(note.deletedAt),
        ownNotes(actor),
        sql`jsonb_array_length(coalesce(${note.document}->'plans', '[]'::jsonb)) > 0`,
      ),
    )
    .orderBy(desc(note.tastedAt))
    .limit(plannedAtMost);
  const looks = rows.flatMap((row) =>
    pendingPlans(row.document.plans, row.taken).map(({ id, moment, due, food }) => ({
      noteId: row.id,
      planId: id,
      title: glassTitle({ wine: row.revealedAt === null || row.name === null ? null : { name: row.name }, code: row.code }),
      moment,
      food: food ?? null,
      due,
    })),
  );
  return { looks: looks.sort((a, b) => (a.due < b.due ? -1 : 1)) };
});

/** Two notes of one wine by one taster count as looks at the same thing within so many days. */
const sameWithinDays = 60;
const pairsAtMost = 300;
/** Pairs of the caller's own first looks at one wine, uncovered, near each other in time. */
export const repeatability = serve(contract.note.repeatability, async (db, actor) => {
  const mine = await db
    .select({ wineId: glassIdentity.wineId, tastedAt: note.tastedAt, document: note.document })
    .from(note)
    .innerJoin(glass, and(eq(glass.venueId, note.venueId), eq(glass.id, note.glassId)))
    .innerJoin(glassIdentity, and(eq(glassIdentity.venueId, glass.venueId), eq(glassIdentity.glassId, glass.id)))
    .where(and(eq(note.venueId, actor.venueId), isNull(note.deletedAt), ownNotes(actor), eq(note.moment, 'first'), isNotNull(glass.revealedAt)))
    .orderBy(desc(note.tastedAt))
    .limit(2 * pairsAtMost);
  const pairs = mine.flatMap((one, at) => {
    const before = mine
      .slice(at + 1)
      .find((other) => other.wineId === one.wineId && one.tastedAt.getTime() - other.tastedAt.getTime() <= sameWithinDays * 86_400_000);
    return before === undefined ? [] : [[before.document.observed, one.document.observed] as const];
  });
  return repeatabilityOf(pairs.slice(0, pairsAtMost));
});

/** The latest notes a member may read. */
export async function recentNotes(db: Reader, actor: Member, most: number): Promise<NotebookItem[]> {
  const { timeZone } = await settingsOf(db, actor.venueId);
  return read(db, actor, await where(db, actor, { q: '' }, timeZone), most, timeZone);
}

export const listNotes = serve(contract.note.list, async (db, actor, input) => {
  const { timeZone } = await settingsOf(db, actor.venueId);
  const condition = await where(db, actor, input, timeZone);
  const after = decodeCursor(input.cursor);
  if (input.cursor !== undefined && after === undefined) throw badField('cursor', 'is not one of ours');
  const beyond =
    after === undefined
      ? undefined
      : sql`(${note.tastedAt} <= ${String(after[0])}::timestamptz and (${note.tastedAt} < ${String(after[0])}::timestamptz or ${note.id} > ${String(after[1])}::uuid))`;
  const [rows, counted] = await Promise.all([
    read(db, actor, and(condition, beyond), input.limit + 1, timeZone),
    db.execute<{ n: number }>(sql`select count(*)::int as n from (select 1 from ${note} where ${condition} limit ${countCeiling + 1}) as counted`),
  ]);
  const n = counted.rows[0]!.n;
  const shown = rows.slice(0, input.limit);
  const last = shown.at(-1);
  return {
    items: shown,
    next: rows.length > input.limit && last !== undefined ? encodeCursor([last.tastedAt, last.id]) : null,
    count: Math.min(n, countCeiling),
    countIsExact: n <= countCeiling,
  };
});

export const exportNotes = serve(contract.note.export, async (db, actor, input, reply) => {
  const { timeZone } = await settingsOf(db, actor.venueId);
  const notes = await read(db, undefined, await where(db, actor, input, timeZone), 20_000, timeZone);
  if (input.format === 'json') reply.file = { type: 'application/json', name: 'notebook.json', body: JSON.stringify(notes, null, 2) };
  if (input.format === 'csv') reply.file = { type: 'text/csv; charset=utf-8', name: 'notebook.csv', body: asCsv(notes) };
  if (input.format === 'md') reply.file = { type: 'text/markdown; charset=utf-8', name: 'notebook.md', body: asMarkdown(notes) };
  return notes;
});

/** One row a note, one column an observation, in the registry's order. */
function asCsv(notes: readonly NotebookItem[]): string {
  const head = ['id', 'tasted', 'day', 'taster', 'wine', 'producer', 'vintage', ...observableIds, 'buy up to', 'smells', 'text'];
  const rows = notes.map((entry) => [
    entry.id,
    entry.tastedAt,
    entry.day,
    entry.taster,
    entry.wine?.name ?? `glass ${entry.code}`,
    entry.wine?.producer ?? '',
    entry.wine?.vintage ?? '',
    ...observableIds.map((id) => plainValue(entry.document.observed[id])),
    entry.document.buyUpTo === undefined ? '' : `${entry.document.buyUpTo.amount} ${entry.document.buyUpTo.currency}`,
    entry.document.chips.map(chipName).join('; '),
    entry.text,
  ]);
  return stringify([head, ...rows], { bom: true, escape_formulas: true });
}
function plainValue(value: unknown): string {
  if (value === undefined) return '';
  if (Array.isArray(value)) return value.join('–');
  if (typeof value === 'object' && value !== null) return String((value as { seconds: number }).seconds);
  return String(value);
}

function asMarkdown(notes: readonly NotebookItem[]): string {
  return notes
    .map((entry) => {
      const title =
        entry.wine === null
          ? `Glass ${entry.code}`
          : `${asMarkdownText(entry.wine.name)}${entry.wine.vintage === null ? '' : ` ${entry.wine.vintage}`}, ${asMarkdownText(entry.wine.producer)}`;
      const lines = observableIds.flatMap((id) => {
        const value = entry.document.observed[id];
        return value === undefined ? [] : [`- ${observables[id].label}: ${valueInWords(id, value as ValueOf<ObservableId>)}`];
      });
      return `## ${title}\n\n${asMarkdownText(entry.taster)}, ${dayInWords(entry.day)}\n\n${asMarkdownText(entry.text)}\n\n${lines.join('\n')}${entry.document.remark === '' ? '' : `\n\n${asMarkdownText(entry.document.remark)}`}\n`;
    })
    .join('\n');
}
