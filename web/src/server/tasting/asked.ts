import { and, asc, eq, sql } from 'drizzle-orm';
import { tallyInWords } from '@rose/core/call/call';
import { poll, pollAnswer, participant } from '../../db/schema';
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
      counts,
      forecast: entry.forecast,
      right: open || entry.forecast === null || !decided ? null : counts[entry.forecast] === most,
      open,
    };
  });
  return { polls: told, tally: tallyInWords(told.filter((entry) => entry.options.length === 2).flatMap(({ right }) => (right === null ? [] : [right]))) };
});
