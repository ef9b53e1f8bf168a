import { and, asc, eq, gt, inArray } from 'drizzle-orm';
import { composeNote } from '@rose/core/prose/prose';
import { dayIn } from '@rose/core/wine/day';
import { bothBands } from '@rose/core/wine/measure';
import { loadsOf, resolveProfile } from '@rose/core/wine/profile';
import { wineInALine } from '@rose/core/wine/in-a-line';
import { capital } from '@rose/core/wine/plural';
import { factOf } from '@rose/core/wine/stated';
import type { WineFacts } from '@rose/core/wine/facts';
import { uncoverable, type Uncoverable } from '@rose/core/tasting/program';
import { keysOf } from '@rose/core/wine/keys';
import { costReasons } from '@rose/knowledge/costs/index';
import { foodOf } from '@rose/knowledge/pairing/index';
import { bandOf } from '@rose/knowledge/serving-temperatures/index';
import { spoken } from '@rose/knowledge/smells/spoken';
import { styleOf } from '@rose/knowledge/styles/index';
import { guest as said } from '../../contract/guest';
import type { Reader } from '../../db/client';
import { guestNote, publicEvening, publicGlass, revealedWine, takeawayLink } from '../../db/public';
import { ok, serve } from '../command';
import { notFound } from '../problem';
import { hashCode } from '../secret-code';
import { endTakeaway, takeaway } from '../tasting/seat-acts';
import { marksOf } from './marks';

export const guestKeep = serve(said.keep, async (tx, actor, { on }) => {
  const { code, until } = await takeaway(tx, actor, on);
  return { code, until: until?.toISOString() ?? null };
});
export const guestEndTakeaway = serve(said.endTakeaway, async (tx, _actor, { code }) => {
  await endTakeaway(tx, hashCode(code));
  return ok;
});

/** How a wine is served, and a cheese with it, from what is stated of it and what is usual for its kind. */
function atHome(facts: WineFacts): { readonly serve: string; readonly food: string } {
  const { style } = styleOf(facts);
  const loads = loadsOf(resolveProfile(facts, style, undefined, dayIn(new Date(), 'UTC')));
  const { cheese } = foodOf({ id: 'wine', name: '', loads, colour: factOf(facts, 'colour') ?? style.colour, echoes: style.echoes }, []);
  return { serve: bothBands(bandOf(facts, loads), 'C'), food: cheese };
}

/** What somebody takes home, by the secret of their link: what is theirs, and what was uncovered for everybody. */
export const guestTakeaway = serve(said.takeaway, async (db, _actor, { code }) => {
  const [link] = await db
    .select()
    .from(takeawayLink)
    .where(and(eq(takeawayLink.hash, hashCode(code)), gt(takeawayLink.until, new Date())));
  if (link === undefined) throw notFound('page');
  return takenHome(db, link);
});
/** Facts as they are usually uncovered, the name last. */
const inOrder = <T extends { readonly fact: Uncoverable }>(marks: readonly T[]): readonly T[] => {
  const order = keysOf(uncoverable);
  return [...marks].sort((a, b) => order.indexOf(a.fact) - order.indexOf(b.fact));
};
async function takenHome(
  db: Reader,
  link: { readonly venueId: string; readonly tastingId: string; readonly participantId: string; readonly guest: string; readonly until: Date | null },
) {
  const { venueId, tastingId, participantId } = link;
  const [evening] = await db
    .select({ name: publicEvening.name, venue: publicEvening.venue })
    .from(publicEvening)
    .where(and(eq(publicEvening.venueId, venueId), eq(publicEvening.id, tastingId)));
  const rows = await db
    .select({
      glassId: publicGlass.id,
      place: publicGlass.place,
      code: publicGlass.code,
      rejectedAt: publicGlass.rejectedAt,
      document: guestNote.document,
    })
    .from(guestNote)
    .innerJoin(publicGlass, and(eq(publicGlass.venueId, guestNote.venueId), eq(publicGlass.id, guestNote.glassId)))
    .where(and(eq(guestNote.venueId, venueId), eq(guestNote.participantId, participantId), eq(guestNote.moment, 'first')))
    .orderBy(asc(publicGlass.place), asc(publicGlass.id));
  const wines = await db
    .select()
    .from(revealedWine)
    .where(
      and(
        eq(revealedWine.venueId, venueId),
        inArray(
          revealedWine.glassId,
          rows.map((row) => row.glassId),
        ),
      ),
    );
  const marks = await marksOf(db, link);
  return {
    evening: evening!.name,
    venue: evening!.venue,
    guest: link.guest,
    until: link.until!.toISOString(),
    wines: rows.map((row) => {
      const known = wines.find((entry) => entry.glassId === row.glassId);
      const told = known?.told;
      return {
        place: row.place,
        code: row.code,
        rejected: row.rejectedAt !== null,
        wine: known === undefined ? null : { name: known.name, producer: known.producer, about: wineInALine(known.document.facts) },
        note: composeNote(row.document, spoken)
          .map((statement) => statement.text)
          .join(' '),
        calls: inOrder(marks).flatMap(({ glassId, fact, truth, call }) =>
          glassId !== row.glassId || call === null ? [] : [{ fact: uncoverable[fact], truth, says: call.says, why: call.why }],
        ),
        costs: known === undefined ? [] : costReasons(known.document.facts).map(({ says, because }) => `${capital(because)}: ${says}`),
        ...(known === undefined ? { serve: '', food: '' } : atHome(known.document.facts)),
        told: (told?.text ?? told?.link ?? '') === '' ? null : { text: told!.text ?? '', link: told!.link ?? '' },
      };
    }),
  };
}
