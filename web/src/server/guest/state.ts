import { and, asc, between, eq, isNull, or } from 'drizzle-orm';
import type { z } from 'zod';
import type { Frozen } from '@rose/core/document/frozen';
import { inReach, minutesAt } from '@rose/core/tasting/run';
import type { tableState } from '../../contract/live';
import type { Reader } from '../../db/client';
import { publicEvening, publicFact, publicGlass, publicPoll } from '../../db/public';

export type TableState = Frozen<z.output<typeof tableState>>;

/**
 * An evening as a seat sees it that was taken when `from` was the first place still to be poured: what was poured before is not theirs, and in a panel no glass of
 * another seat is; `seat` null is who has none. Read from the public
 * views alone; undefined for a sitting nobody leads.
 */
export async function tableStateOf(db: Reader, venueId: string, tastingId: string, from: number, seat: number | null): Promise<TableState | undefined> {
  const [row] = await db
    .select()
    .from(publicEvening)
    .where(and(eq(publicEvening.venueId, venueId), eq(publicEvening.id, tastingId)));
  if (row?.plan == null || row.run === null) return undefined;
  const { plan, run } = row;
  const { program } = plan;
  const poured = inReach(program, run);
  const mine = <T extends { venueId: unknown; tastingId: unknown; place: unknown; seat: unknown }>(of: T) =>
    and(
      eq(of.venueId as never, venueId),
      eq(of.tastingId as never, tastingId),
      between(of.place as never, from as never, poured as never),
      or(isNull(of.seat as never), seat === null ? undefined : eq(of.seat as never, seat as never)),
    );
  const [glasses, facts, [poll]] = await Promise.all([
    db.select().from(publicGlass).where(mine(publicGlass)).orderBy(asc(publicGlass.place), asc(publicGlass.rejectedAt), asc(publicGlass.id)),
    db.select().from(publicFact).where(mine(publicFact)),
    db
      .select()
      .from(publicPoll)
      .where(and(eq(publicPoll.venueId, venueId), eq(publicPoll.tastingId, tastingId), isNull(publicPoll.closedTick))),
  ]);
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
      facts: facts.filter((fact) => fact.glassId === glass.id).map(({ fact, says }) => ({ fact, says })),
    })),
    poll: poll === undefined ? null : { id: poll.id, place: poll.place, question: poll.question, options: [...poll.options], ranked: poll.ranked },
    allergens: [...plan.allergens],
    list: plan.list === undefined ? null : plan.list.map((entry) => ({ ...entry })),
  };
}
