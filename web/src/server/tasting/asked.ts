import { and, asc, eq, isNotNull, sql } from 'drizzle-orm';
import { rankingInWords, setInWords } from '@rose/core/call/sets';
import { tallyInWords } from '@rose/core/call/call';
import type { Reader } from '../../db/client';
import { glassIdentity } from '../../db/identity';
import { glass, participant, poll, pollAnswer, tasting, wine } from '../../db/schema';
import { contract } from '../../contract';
import { serve } from '../command';

/** What was put to the table, with the host's own expectations beside the answers. Simulated people do not count. */
export const askedOfTable = serve(contract.tasting.asked, async (db, actor, { id }) => {
  const { venueId } = actor;
  const polls = await db
    .select()
    .from(poll)
    .where(and(eq(poll.venueId, venueId), eq(poll.tastingId, id)))
    .orderBy(asc(poll.askedTick));
  const answers = await db
    .select({ pollId: pollAnswer.pollId, option: pollAnswer.option, n: sql<number>`count(*)::int` })
    .from(pollAnswer)
    .innerJoin(poll, and(eq(poll.venueId, pollAnswer.venueId), eq(poll.id, pollAnswer.pollId)))
    .innerJoin(participant, and(eq(participant.venueId, pollAnswer.venueId), eq(participant.id, pollAnswer.participantId)))
    .where(and(eq(pollAnswer.venueId, venueId), eq(poll.tastingId, id), eq(participant.simulated, false)))
    .groupBy(pollAnswer.pollId, pollAnswer.option);
  const results = await resultsOfSets(
    db,
    venueId,
    id,
    polls.filter((entry) => entry.places !== null && entry.closedTick !== null),
  );
  const told = polls.map((entry) => {
    const counts = entry.options.map((_option, i) => answers.find((answer) => answer.pollId === entry.id && answer.option === i)?.n ?? 0);
    const most = Math.max(...counts);
    const decided = most > 0 && counts.filter((n) => n === most).length === 1;
    const open = entry.closedTick === null;
    return {
      id: entry.id,
      place: entry.place,
      question: entry.question,
      options: [...entry.options],
      ranked: entry.ranked,
      counts,
      forecast: entry.forecast,
      right: open || entry.forecast === null || !decided ? null : counts[entry.forecast] === most,
      open,
      result: results.get(entry.id) ?? '',
    };
  });
  return { polls: told, tally: tallyInWords(told.filter((entry) => entry.options.length === 2).flatMap(({ right }) => (right === null ? [] : [right]))) };
});

/** How sets of a panel came out, wherever each seat's glasses stood; nothing before the wines are uncovered. */
async function resultsOfSets(db: Reader, venueId: string, id: string, sets: readonly (typeof poll.$inferSelect)[]): Promise<ReadonlyMap<string, string>> {
  if (sets.length === 0) return new Map();
  const [row] = await db
    .select({ plan: tasting.plan, run: tasting.run })
    .from(tasting)
    .where(and(eq(tasting.venueId, venueId), eq(tasting.id, id)));
  const reveal = row?.plan?.program.findIndex((stop) => stop.kind === 'reveal') ?? -1;
  if (row?.run == null || reveal < 0 || row.run.far < reveal) return new Map();
  const glasses = await db
    .select({ seat: glass.seat, place: glass.place, id: wine.id, name: wine.name })
    .from(glass)
    .innerJoin(glassIdentity, and(eq(glassIdentity.venueId, glass.venueId), eq(glassIdentity.glassId, glass.id)))
    .innerJoin(wine, and(eq(wine.venueId, glassIdentity.venueId), eq(wine.id, glassIdentity.wineId)))
    .where(and(eq(glass.venueId, venueId), eq(glass.tastingId, id), isNotNull(glass.seat)));
  const answered = await db
    .select({ pollId: pollAnswer.pollId, option: pollAnswer.option, ranking: pollAnswer.ranking, seat: participant.seat })
    .from(pollAnswer)
    .innerJoin(participant, and(eq(participant.venueId, pollAnswer.venueId), eq(participant.id, pollAnswer.participantId)))
    .where(and(eq(pollAnswer.venueId, venueId), eq(participant.tastingId, id), eq(participant.simulated, false)));
  return new Map(
    sets.map((set) => {
      const places = set.places!;
      const answers = answered
        .filter((entry) => entry.pollId === set.id)
        .map(({ option, ranking, seat }) => ({
          option,
          ranking: ranking ?? [option],
          wines: places.map((place) => glasses.find((entry) => entry.seat === seat && entry.place === place)),
        }));
      return [set.id, set.ranked ? rankingInWords(answers) : setInWords(places.length, answers)] as const;
    }),
  );
}
