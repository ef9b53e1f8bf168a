import { and, eq, isNull } from 'drizzle-orm';
import { z } from 'zod';
import { pouringOrder } from '@rose/core/flight/flight';
import { bestMove } from '@rose/core/order/advice';
import { judgeOrder, type OrderJudgement } from '@rose/core/order/judge';
import { schoolOf } from '@rose/core/order/ordering-rules';
import { propose, themeWording } from '@rose/core/theme/theme';
import { profileLabels } from '@rose/core/wine/profile';
import { fitOf } from '@rose/core/pairing/dish-fit';
import { dishOf } from '@rose/knowledge/pairing/index';
import { themeWine } from '@rose/knowledge/theme/index';
import type { Reader } from '../../db/client';
import { dish } from '../../db/schema';
import { asPairingWine, knownWines } from '../cellar/profiles';
import { contract } from '../../contract';
import { serve } from '../command';
import { judgement } from '../../contract/flight';
import { toldReasons } from '../because';
import { notFound } from '../problem';
import { solved } from '../compute/pool';
import { readVenue, winesOf } from './read';
import { readFlight } from './store';
function inWords(judged: OrderJudgement): z.infer<typeof judgement> {
  return {
    order: [...judged.order],
    rests: judged.rests.map((rest) => ({ ...rest })),
    strain: judged.strain,
    steps: judged.steps.map((step) => ({
      wine: step.wine,
      height: step.height,
      strain: step.strain,
      because: toldReasons(step.reasons, (reason) => reason.text),
    })),
  };
}

async function asked(db: Reader, venueId: string, id: string) {
  const { document } = await readFlight(db, venueId, id);
  const venue = await readVenue(db, venueId);
  const wines = (await winesOf(db, venueId, document, venue.facts.currency)).map((entry) => entry.order);
  return {
    document,
    wines,
    order: pouringOrder(document).filter((wine) => wines.some((entry) => entry.id === wine)),
    rests: { most: document.mostRests, cheese: document.cheese },
  };
}

export const orderOf = serve(contract.flight.order, async (db, actor, input) => {
  const flight = await asked(db, actor.venueId, input.id);
  const school = schoolOf(input.school ?? flight.document.school);
  const rests = { ...flight.rests, most: input.rests ?? flight.rests.most };
  const order = input.order === undefined ? flight.order : input.order.split(',').filter((id) => flight.order.includes(id));
  const solution = await solved('order', { wines: flight.wines, pins: flight.document.pins, school: school.id, rests });
  const move = bestMove(flight.wines, order, flight.document.rests, flight.document.pins, school);
  return {
    school: school.id,
    now: inWords(judgeOrder(flight.wines, order, school, flight.document.rests)),
    best: solution.kind === 'best' ? inWords(solution.judgement) : null,
    sections: solution.kind === 'best' ? (solution.sections ?? []).map((section) => [...section]) : [],
    move: move === undefined ? null : { ...move, order: [...move.order], rests: move.rests.map((rest) => ({ ...rest })) },
    impossible: solution.kind === 'impossible',
    contradicting: solution.kind === 'impossible' ? [...solution.pins] : [],
  };
});

export const schoolsOf = serve(contract.flight.schools, async (db, actor, input) => {
  const flight = await asked(db, actor.venueId, input.id);
  const views = await solved('schools', {
    wines: flight.wines,
    order: flight.order,
    pins: flight.document.pins,
    school: flight.document.school,
    rests: flight.rests,
  });
  return {
    schools: views.map((view) => ({
      school: view.school,
      order: view.solution.kind === 'best' ? [...view.solution.judgement.order] : [],
      strain: view.solution.kind === 'best' ? view.solution.judgement.strain : null,
      moves: view.moves.map((move) => ({ ...move })),
    })),
  };
});

/** Above this many wines each solve takes too long to ask two for every missing fact in one call. */
const mostForDoubts = 11;
export const doubtsOf = serve(contract.flight.doubts, async (db, actor, input) => {
  const flight = await asked(db, actor.venueId, input.id);
  if (flight.wines.length > mostForDoubts) return { tooMany: true, doubts: [] };
  const found = await solved('doubts', { wines: flight.wines, pins: flight.document.pins, school: flight.document.school, rests: flight.rests });
  return {
    tooMany: false,
    doubts: found.map((doubt) => ({
      wine: doubt.wine,
      fact: profileLabels[doubt.key],
      assumedFrom: doubt.why,
      best: [...doubt.best],
      low: { ...doubt.low, order: [...doubt.low.order] },
      high: { ...doubt.high, order: [...doubt.high.order] },
    })),
  };
});

export const proposeWines = serve(contract.flight.propose, async (db, actor, input) => {
  let taste: ReturnType<typeof dishOf> | undefined;
  if (input.theme === 'dish') {
    if (input.dish === null) return { proposals: [], more: 0, nearest: { wines: [], because: 'choose the dish first' } };
    const [row] = await db
      .select()
      .from(dish)
      .where(and(eq(dish.venueId, actor.venueId), eq(dish.id, input.dish), isNull(dish.deletedAt)));
    if (row === undefined) throw notFound('dish');
    taste = dishOf(row.document.parts);
  }
  const known = await knownWines(db, actor.venueId);
  const names = new Map(known.map((entry) => [entry.id, entry.document.name]));
  const wines = known
    .map((entry) => {
      const fit = taste === undefined ? undefined : fitOf(taste, asPairingWine(entry));
      return themeWine(
        { id: entry.id, ...entry.document, profile: entry.profile },
        fit === undefined ? undefined : { fit: fit.fit, clashes: fit.clash !== undefined },
      );
    })
    .filter((wine) => !input.held || wine.held > 0);
  const { proposals, nearest } = propose(input.theme, wines, input.most);
  const view = (entry: (typeof proposals)[number]) => ({
    wines: entry.wines.map((id) => ({ id, name: names.get(id) ?? '' })),
    because: themeWording[entry.why.id](entry.why.args),
  });
  const shown = 24;
  return {
    proposals: proposals.slice(0, shown).map(view),
    more: Math.max(0, proposals.length - shown),
    nearest: nearest === undefined ? null : view(nearest),
  };
});
