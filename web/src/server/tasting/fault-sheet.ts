import { and, desc, eq, isNotNull, sql } from 'drizzle-orm';
import { doubtSmells } from '@rose/core/tasting/doubts';
import { placeLetter } from '@rose/core/serving-design/serving-design';
import { dayIn, dayInWords } from '@rose/core/wine/day';
import { factInWords, facts as factSpecs, type FactId, type FactValue } from '@rose/core/wine/facts';
import { moneyInWords } from '@rose/core/wine/money';
import { counted } from '@rose/core/wine/plural';
import { factOf } from '@rose/core/wine/stated';
import { closureOf } from '@rose/knowledge/closures/index';
import { glassIdentity } from '../../db/identity';
import { glass, glassDoubt, lot, participant, tasting, venue, wine } from '../../db/schema';
import { contract } from '../../contract';
import { serve } from '../command';
import { timeZoneOf } from '../flight/store';
import { noteToPdf } from '../print/note';
import { Problem, notFound } from '../problem';

/** What of a wine a merchant is told, besides its name and maker. */
const told = ['vintage', 'region', 'appellation', 'abv'] as const satisfies readonly FactId[];

/** A sheet about a bottle that was put aside, for its merchant. Nobody at the table is named on it. */
export const faultSheetOf = serve(contract.tasting.faultSheet, async (db, actor, { id, glassId }, reply) => {
  const { venueId } = actor;
  const [row] = await db
    .select({
      place: glass.place,
      code: glass.code,
      rejectedAt: glass.rejectedAt,
      evening: tasting.name,
      plan: tasting.plan,
      closedAt: tasting.closedAt,
      venue: venue.name,
      wineId: wine.id,
      name: wine.name,
      producer: wine.producer,
      document: wine.document,
      known: sql<boolean>`exists (select 1 from glass o where o.venue_id = ${glass.venueId} and o.tasting_id = ${glass.tastingId} and o.place = ${glass.place} and o.seat is not distinct from ${glass.seat} and o.revealed_at is not null)`,
    })
    .from(glass)
    .innerJoin(tasting, and(eq(tasting.venueId, glass.venueId), eq(tasting.id, glass.tastingId)))
    .innerJoin(venue, eq(venue.id, glass.venueId))
    .innerJoin(glassIdentity, and(eq(glassIdentity.venueId, glass.venueId), eq(glassIdentity.glassId, glass.id)))
    .innerJoin(wine, and(eq(wine.venueId, glassIdentity.venueId), eq(wine.id, glassIdentity.wineId)))
    .where(and(eq(glass.venueId, venueId), eq(glass.tastingId, id), eq(glass.id, glassId), isNotNull(glass.rejectedAt)));
  if (row?.rejectedAt == null) throw notFound('bottle put aside');
  if (row.plan?.blind === 'double' && row.closedAt === null && !row.known)
    throw new Problem(409, 'hidden', 'This flight is blind to you too: the sheet is there when the wine is known, or the evening closed.');
  const doubts = await db
    .select({ smells: glassDoubt.smells })
    .from(glassDoubt)
    .innerJoin(participant, and(eq(participant.venueId, glassDoubt.venueId), eq(participant.id, glassDoubt.participantId)))
    .innerJoin(glass, and(eq(glass.venueId, glassDoubt.venueId), eq(glass.id, glassDoubt.glassId)))
    // In a panel the bottle stood in several glasses, which were put aside at one moment.
    .where(and(eq(glassDoubt.venueId, venueId), eq(glass.tastingId, id), eq(glass.rejectedAt, row.rejectedAt), eq(participant.simulated, false)));
  const [bought] = await db
    .select()
    .from(lot)
    .where(and(eq(lot.venueId, venueId), eq(lot.wineId, row.wineId)))
    .orderBy(sql`${lot.bought} desc nulls last`, desc(lot.id))
    .limit(1);
  const { facts } = row.document;
  const said = (fact: FactId): readonly (readonly [string, string])[] => {
    const value = factOf(facts, fact);
    return value === undefined ? [] : [[factSpecs[fact].label, factInWords(fact, value as FactValue<FactId>)]];
  };
  const by = new Map<string, number>();
  for (const { smells } of doubts) by.set(doubtSmells[smells], (by.get(doubtSmells[smells]) ?? 0) + 1);
  const { closure, assumed } = closureOf(facts);
  const day = dayIn(row.rejectedAt, await timeZoneOf(db, venueId));
  reply.file = {
    type: 'application/pdf',
    name: `fault-sheet-${row.code}.pdf`,
    body: await noteToPdf({
      title: `Put aside: ${row.name}`,
      subtitle: `${row.producer === '' ? '' : `${row.producer} · `}${row.venue} · ${dayInWords(day)} · ${row.evening}, wine ${placeLetter(row.place)}, glass ${row.code}`,
      paragraphs: [
        doubts.length === 0
          ? 'The host put this bottle aside at the table.'
          : `${counted(doubts.length, 'taster')} told the host of it, each alone: ${[...by].map(([smell, n]) => `${smell} (${n})`).join(', ')}.`,
        'The bottle was put aside and another poured in its place. Keep it closed with what is left in it, and its closure: a merchant may want both.',
      ],
      petals: [],
      observed: [
        ...told.flatMap(said),
        ['closure', assumed ? `${closure.name}, assumed` : closure.name],
        ...(bought === undefined
          ? []
          : ([
              ['bottle', `${bought.formatMl} mL`],
              ...(bought.merchant === null ? [] : [['bought from', bought.merchant]]),
              ...(bought.bought === null ? [] : [['bought on', dayInWords(bought.bought)]]),
              ...(bought.priceMinor === null ? [] : [['price', moneyInWords(bought.priceMinor, bought.currency!)]]),
            ] as [string, string][])),
      ],
      smells: [],
      remark: '',
      on: new Date(),
    }),
  };
  return {};
});
