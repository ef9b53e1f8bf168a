import { and, asc, between, eq, isNull, or, sql } from 'drizzle-orm';
import type { z } from 'zod';
import type { Frozen } from '@rose/core/document/frozen';
import { inReach, minutesAt } from '@rose/core/tasting/run';
import type { tableState } from '../../contract/live';
import { built } from '../../db/built';
import type { Reader } from '../../db/client';
import { publicEvening, publicFact, publicGlass, publicPoll } from '../../db/public';

export type TableState = Frozen<z.output<typeof tableState>>;

const asked = { venueId: sql.placeholder('venueId'), tastingId: sql.placeholder('tastingId') };
const eveningOf = built((db) =>
  db
    .select({
      tick: publicEvening.tick,
      name: publicEvening.name,
      plan: publicEvening.plan,
      run: publicEvening.run,
      closedAt: publicEvening.closedAt,
      poll: { id: publicPoll.id, place: publicPoll.place, question: publicPoll.question, options: publicPoll.options, ranked: publicPoll.ranked },
    })
    .from(publicEvening)
    .leftJoin(publicPoll, and(eq(publicPoll.venueId, publicEvening.venueId), eq(publicPoll.tastingId, publicEvening.id), isNull(publicPoll.closedTick)))
    .where(and(eq(publicEvening.venueId, asked.venueId), eq(publicEvening.id, asked.tastingId)))
    .prepare('table-evening'),
);
/** The glasses of places in reach, with what was uncovered of them. A seat that is null is nobody's: it equals none. */
const glassesOf = built((db) =>
  db
    .select({
      id: publicGlass.id,
      place: publicGlass.place,
      code: publicGlass.code,
      rejectedAt: publicGlass.rejectedAt,
      revealedTick: publicGlass.revealedTick,
      firstFactTick: publicGlass.firstFactTick,
      fact: { fact: publicFact.fact, says: publicFact.says },
    })
    .from(publicGlass)
    .leftJoin(publicFact, and(eq(publicFact.venueId, publicGlass.venueId), eq(publicFact.glassId, publicGlass.id)))
    .where(
      and(
        eq(publicGlass.venueId, asked.venueId),
        eq(publicGlass.tastingId, asked.tastingId),
        between(publicGlass.place, sql.placeholder('from'), sql.placeholder('to')),
        or(isNull(publicGlass.seat), eq(publicGlass.seat, sql.placeholder('seat'))),
      ),
    )
    .orderBy(asc(publicGlass.place), asc(publicGlass.rejectedAt), asc(publicGlass.id))
    .prepare('table-glasses'),
);

/**
 * An evening as a seat sees it that was taken when `from` was the first place still to be poured: what was poured before is not theirs, and in a panel no glass of
 * another seat is; `seat` null is who has none. Read from the public
 * views alone; undefined for a sitting nobody leads.
 */
export async function tableStateOf(db: Reader, venueId: string, tastingId: string, from: number, seat: number | null): Promise<TableState | undefined> {
  const [row] = await eveningOf(db).execute({ venueId, tastingId });
  if (row?.plan == null || row.run === null) return undefined;
  const { plan, run, poll } = row;
  const { program } = plan;
  // Two queries: the whole table waits for them at every act.
  const rows = await glassesOf(db).execute({ venueId, tastingId, from, to: inReach(program, run), seat });
  const glasses = [...new Map(rows.map((glass) => [glass.id, glass])).values()];
  return {
    tick: row.tick,
    name: row.name,
    blind: plan.blind,
    over: row.closedAt !== null,
    wines: program.filter((stop) => stop.kind === 'pour').length,
    panel: plan.panel !== undefined,
    stop: program[run.at]!,
    next: program[run.at + 1] ?? null,
    since: run.since,
    paused: run.paused,
    rested: run.rested,
    minutes: minutesAt(program, run, run.at) + run.more,
    glasses: glasses.map((glass) => ({
      id: glass.id,
      place: glass.place,
      code: glass.code,
      rejected: glass.rejectedAt !== null,
      closed: glass.firstFactTick !== null || glass.revealedTick !== null,
      revealed: glass.revealedTick !== null,
      facts: rows.flatMap(({ id, fact }) => (id === glass.id && fact !== null ? [fact] : [])),
    })),
    poll: poll === null ? null : { id: poll.id, place: poll.place, question: poll.question, options: [...poll.options], ranked: poll.ranked },
    allergens: [...plan.allergens],
    list: plan.list === undefined ? null : plan.list.map((entry) => ({ ...entry })),
  };
}
