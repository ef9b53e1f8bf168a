import { and, eq, isNotNull } from 'drizzle-orm';
import { median } from '@rose/core/statistics/median';
import { observables, observableIds, midpoint, valueInWords, type ObservableId, type ValueOf } from '@rose/core/wine/observables';
import type { NoteDocument } from '@rose/core/wine/note';
import { matchedList } from '@rose/knowledge/calls/index';
import { chipName } from '@rose/knowledge/smells/index';
import { guest as said } from '../../contract/guest';
import { guestNote, publicEvening } from '../../db/public';
import { serve } from '../command';
import { sees } from '../tasting/seat-acts';
import { marksOf } from './marks';

/** People besides oneself from whom on a middle is shown: of fewer it would tell what one person wrote. */
const leastOthers = 2;

/** What the table found in a glass: the middle of what others locked, nobody named. Only after one's own lock, and from then on one's own note is led. */
export const guestTable = serve(said.table, async (tx, actor, { glassId }) => {
  await sees(tx, actor, glassId);
  const rows = await tx
    .select({ participantId: guestNote.participantId, blind: guestNote.blind })
    .from(guestNote)
    .where(
      and(
        eq(guestNote.venueId, actor.venueId),
        eq(guestNote.tastingId, actor.tastingId),
        eq(guestNote.glassId, glassId),
        eq(guestNote.moment, 'first'),
        eq(guestNote.simulated, false),
        eq(guestNote.differs, false),
        isNotNull(guestNote.lockedAt),
      ),
    );
  const mine = rows.find((row) => row.participantId === actor.participantId)?.blind;
  const others = rows.filter((row) => row.participantId !== actor.participantId).map((row) => row.blind);
  if (others.length < leastOthers) return { people: others.length, readings: [], smells: [] };
  return { people: others.length, readings: scales.flatMap((id) => middle(id, mine, others) ?? []), smells: named(others) };
});
const scales = observableIds.filter((id) => observables[id].kind === 'scale');
function middle(id: ObservableId, mine: NoteDocument | undefined, others: readonly NoteDocument[]) {
  const values = others.flatMap(({ observed }) => (observed[id] === undefined ? [] : [midpoint(observed[id] as number)]));
  const own = mine?.observed[id];
  if (values.length < leastOthers || own === undefined) return undefined;
  return [{ label: observables[id].label, mine: valueInWords(id, own as ValueOf<ObservableId>), table: valueInWords(id, Math.round(median(values))) }];
}
/** Smells at least two others named, most named first. */
function named(others: readonly NoteDocument[]): string[] {
  const counts = new Map<string, number>();
  for (const { chips } of others) for (const name of new Set(chips.map(chipName))) counts.set(name, (counts.get(name) ?? 0) + 1);
  return [...counts]
    .filter(([, n]) => n >= leastOthers)
    .sort((a, b) => b[1] - a[1] || a[0].localeCompare(b[0]))
    .slice(0, 8)
    .map(([name, n]) => `${name} (${n} of ${others.length})`);
}

/** How one's own calls did, fact by fact as they are uncovered. */
export const guestMarks = serve(said.marks, async (db, actor) => {
  const marks = await marksOf(db, actor);
  const [evening] = await db
    .select({ plan: publicEvening.plan })
    .from(publicEvening)
    .where(and(eq(publicEvening.venueId, actor.venueId), eq(publicEvening.id, actor.tastingId)));
  const named = marks.flatMap(({ fact, truth, call }) => (fact === 'name' && call !== null ? [{ called: call.says, truth }] : []));
  return { marks, matched: matchedList(named, evening?.plan?.list?.length ?? 0) ?? null };
});
