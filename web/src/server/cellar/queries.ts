import { toldReasons } from '../because';
import { and, asc, eq, gt, isNotNull, isNull, like, or, sql, type SQL } from 'drizzle-orm';
import { loadsOf } from '@rose/core/wine/profile';
import { fold } from '@rose/core/wine/search-folding';
import { formatName } from '@rose/core/quantity/quantity';
import { bandAt, usualRuler } from '@rose/core/finish/finish';
import { kaplanMeier } from '@rose/core/statistics/survival';
import { settingsOf } from '../account/settings';
import { servingView } from './serving';
import { moneyInWords } from '@rose/core/wine/money';
import { formatOf } from '@rose/knowledge/evening/evening';
import { windowOf } from '@rose/knowledge/window/index';
import { factInWords, type FactId, type FactValue } from '@rose/core/wine/facts';
import { factOf } from '@rose/core/wine/stated';
import { flight, flightWine, glass, glassIdentity, lot, note, wine } from '../../db/schema';
import { contract } from '../../contract';
import type { WineSummary } from '../../contract/answers';
import { serve, decodeCursor, encodeCursor } from '../command';
import { notFound, badField } from '../problem';
import { knownWines, wineDocuments } from './profiles';
import { writeList } from './wine-list-file';
import { expectedColour, lawOf, missingFacts, styleNameOf } from './view';

const sorts = { name: wine.name, producer: wine.producer, vintage: wine.vintage, alcohol: wine.abvPermille, changed: wine.updatedAt } as const;

export const listWines = serve(contract.wine.list, async (db, actor, input) => {
  const column = sorts[input.sort];
  // Names sort by the language, not by code points.
  const by = input.sort === 'name' || input.sort === 'producer' ? sql`lower(${column})` : sql`${column}`;
  const words = fold(input.q)
    .split(' ')
    .filter((word) => word !== '');
  const stock = sql`exists (select 1 from ${lot} where ${lot.venueId} = ${wine.venueId} and ${lot.wineId} = ${wine.id} and ${lot.held} > 0)`;
  const filters: (SQL | undefined)[] = [
    eq(wine.venueId, actor.venueId),
    input.deleted === 'yes' ? isNotNull(wine.deletedAt) : isNull(wine.deletedAt),
    ...words.map((word) => like(wine.search, `%${word}%`)),
    input.colour === undefined ? undefined : eq(wine.colour, input.colour),
    input.bubbles === undefined ? undefined : eq(wine.bubbles, input.bubbles),
    input.country === undefined ? undefined : eq(wine.country, input.country.toUpperCase()),
    input.held === 'yes' ? stock : input.held === 'no' ? sql`not ${stock}` : undefined,
  ];
  const after = decodeCursor(input.cursor);
  if (input.cursor !== undefined && after === undefined) throw badField('cursor', 'is not one of ours');
  const up = input.direction === 'up';
  const [key, id] = after ?? [];
  const typed = input.sort === 'changed' ? sql`${key}::timestamptz` : sql`${key}`;
  const beyond =
    after === undefined
      ? undefined
      : key === null
        ? and(sql`${by} is null`, gt(wine.id, String(id)))
        : or(up ? sql`${by} > ${typed}` : sql`${by} < ${typed}`, and(sql`${by} = ${typed}`, gt(wine.id, String(id))), sql`${by} is null`);
  const rows = await db
    .select({ id: wine.id, key: sql<string | number | null>`${by}` })
    .from(wine)
    .where(and(...filters, beyond))
    .orderBy(up ? sql`${by} asc nulls last` : sql`${by} desc nulls last`, asc(wine.id))
    .limit(input.limit + 1);
  const [counted] = await db
    .select({ n: sql<number>`count(*)::int` })
    .from(wine)
    .where(and(...filters));
  const shown = rows.slice(0, input.limit);
  const known = new Map(
    (
      await knownWines(
        db,
        actor.venueId,
        shown.map((row) => row.id),
        input.deleted === 'yes',
      )
    ).map((entry) => [entry.id, entry]),
  );
  const items = shown.flatMap((row): WineSummary[] => {
    const entry = known.get(row.id);
    return entry === undefined ? [] : [summarise(entry)];
  });
  const lastRow = shown.at(-1);
  const cursorKey = lastRow === undefined ? null : (lastRow.key as unknown) instanceof Date ? (lastRow.key as unknown as Date).toISOString() : lastRow.key;
  return {
    items,
    next: rows.length > input.limit && lastRow !== undefined ? encodeCursor([cursorKey, lastRow.id]) : null,
    count: counted!.n,
    countIsExact: true,
  };
});

type Known = Awaited<ReturnType<typeof knownWines>>[number];
export function summarise(entry: Known): WineSummary {
  const { document } = entry;
  const say = (id: FactId) => {
    const value = factOf(document.facts, id);
    return value === undefined ? '' : factInWords(id, value as FactValue<FactId>);
  };
  const priced = document.lots.find((one) => one.priceMinor !== undefined);
  return {
    id: entry.id,
    revision: entry.revision,
    name: document.name,
    producer: document.producer,
    styleName: styleNameOf(entry),
    grapes: (factOf(document.facts, 'grapes') ?? []).map((grape) => grape.grape).join(', '),
    vintage: say('vintage'),
    region: say('region') || say('country'),
    abv: factOf(document.facts, 'abv') ?? null,
    colour: factOf(document.facts, 'colour') ?? null,
    held: document.lots.reduce((sum, one) => sum + one.held, 0),
    formatMl: formatOf(document.lots),
    price: priced === undefined ? '' : moneyInWords(priced.priceMinor!, priced.currency!),
    notes: entry.notes,
    loads: loadsOf(entry.profile),
    stops: [...expectedColour(entry)],
    missing: missingFacts(entry).length,
  };
}
/** The drinking window with its reasons, ready to read; null while nothing is known of the year. */
function windowView(entry: Known) {
  const found = windowOf(entry.document.facts, entry.profile, entry.day);
  if (found === undefined) return null;
  return {
    from: [...found.from] as [number, number],
    until: [...found.until] as [number, number],
    doubt: found.doubt,
    because: toldReasons(found.reasons, (reason) => reason.text),
  };
}
/** How long its finish lasts over the sound notes, broken-off ones as lower bounds; null without a timed note. */
function finishView(entry: Known) {
  if (entry.finishes.length === 0) return null;
  const { median, notes, brokenOff } = kaplanMeier(entry.finishes);
  return { median: median ?? null, notes, brokenOff, word: median === undefined ? '' : bandAt(usualRuler, median).word };
}
export const getWine = serve(contract.wine.get, async (db, actor, input, reply) => {
  const [entry] = await knownWines(db, actor.venueId, [input.id]);
  if (entry === undefined) throw notFound('wine');
  reply.etag = `"${entry.revision}"`;
  return {
    id: entry.id,
    revision: entry.revision,
    document: entry.document,
    styleName: styleNameOf(entry),
    style: { id: entry.style.style.id, name: entry.style.style.name, why: entry.style.why },
    law: lawOf(entry).map((item) => ({ ...item, because: [...item.because] })),
    profile: { ...entry.profile },
    expected: entry.style.style.loads,
    stops: [...expectedColour(entry)],
    missing: [...missingFacts(entry)],
    notes: entry.notes,
    age: entry.age ?? null,
    lots: entry.document.lots.map((item) => formatName(item.formatMl)),
    serving: servingView(entry, (await settingsOf(db, actor.venueId)).temperature),
    finish: finishView(entry),
    window: windowView(entry),
  };
});

export const hangsOn = serve(contract.wine.hangsOn, async (db, actor, input) => {
  const here = and(eq(wine.venueId, actor.venueId), eq(wine.id, input.id));
  const [found] = await db.select({ id: wine.id }).from(wine).where(here);
  if (found === undefined) throw notFound('wine');
  const [notes] = await db
    .select({ n: sql<number>`count(*)::int` })
    .from(note)
    .innerJoin(glass, and(eq(glass.venueId, note.venueId), eq(glass.id, note.glassId)))
    .innerJoin(glassIdentity, and(eq(glassIdentity.venueId, glass.venueId), eq(glassIdentity.glassId, glass.id)))
    .where(and(eq(note.venueId, actor.venueId), eq(glassIdentity.wineId, input.id), isNull(note.deletedAt), isNotNull(glass.revealedAt)));
  const flights = await db
    .select({ name: flight.name })
    .from(flightWine)
    .innerJoin(flight, and(eq(flight.venueId, flightWine.venueId), eq(flight.id, flightWine.flightId)))
    .where(and(eq(flightWine.venueId, actor.venueId), eq(flightWine.wineId, input.id), isNull(flight.deletedAt)));
  const [held] = await db
    .select({ n: sql<number>`coalesce(sum(${lot.held}), 0)::int` })
    .from(lot)
    .where(and(eq(lot.venueId, actor.venueId), eq(lot.wineId, input.id)));
  return { notes: notes!.n, flights: flights.map((row) => row.name), bottles: held!.n };
});

export const exportWines = serve(contract.wine.export, async (db, actor, input, reply) => {
  const wines = await wineDocuments(db, actor.venueId);
  reply.file =
    input.format === 'csv'
      ? { type: 'text/csv; charset=utf-8', name: 'cellar.csv', body: writeList(wines) }
      : { type: 'application/json', name: 'cellar.json', body: JSON.stringify(wines, null, 2) };
  return wines;
});

export const countries = serve(contract.wine.countries, async (db, actor) => {
  const rows = await db
    .selectDistinct({ country: wine.country })
    .from(wine)
    .where(and(eq(wine.venueId, actor.venueId), isNull(wine.deletedAt), isNotNull(wine.country)))
    .orderBy(wine.country);
  return { countries: rows.map((row) => row.country!) };
});
