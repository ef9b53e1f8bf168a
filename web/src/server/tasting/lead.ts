import { and, desc, eq, inArray, isNotNull, isNull, ne, sql } from 'drizzle-orm';
import { v4 } from 'uuid';
import { rankable } from '@rose/core/call/sets';
import { priceAmong, type Truth } from '@rose/core/call/call';
import { uncovered, type Label } from '@rose/core/tasting/uncover';
import * as runs from '@rose/core/tasting/run';
import type { Run } from '@rose/core/tasting/run';
import { onList, type Program, type Uncoverable } from '@rose/core/tasting/program';
import { dayIn } from '@rose/core/wine/day';
import { ageOn, factOf, isSouthern } from '@rose/core/wine/stated';
import { truthOf } from '@rose/knowledge/calls/index';
import type { Tx } from '../../db/client';
import { lot, wine } from '../../db/cellar';
import { glassIdentity } from '../../db/identity';
import { glass, participant, poll, tastingPart, uncoveredFact } from '../../db/tasting';
import { contract } from '../../contract';
import { serve, type Member } from '../command';
import { timeZoneOf } from '../flight/store';
import { announce } from '../live/announce';
import { glassCode } from '../note/glasses';
import { Problem, notFound } from '../problem';
import { act, type On, type Standing } from './act';
import * as acts from './acts';
import { closeEveningWith } from './bottles';
import { glassesOfWine } from './panel';

interface Based {
  readonly id: string;
  readonly basedOn: number;
  readonly actId: string;
}
/** An act of the host at the wheel. */
const on = ({ venueId, userId }: Member, { id, basedOn, actId }: Based): On => ({ venueId, tastingId: id, basedOn, actId, by: userId });

/** How far an evening has come, changed. */
function ran({ plan, run }: Standing, next: (run: Run, program: Program) => Run): { readonly run: Run } {
  if (plan === null || run === null) throw notFound('evening');
  return { run: next(run, plan.program) };
}
/** A flight that is blind to the host too is poured by somebody else, who took that part. */
async function mustBePoured(tx: Tx, where: On, { plan }: Standing, leads: string): Promise<void> {
  if (plan?.blind !== 'double') return;
  const [pours] = await tx
    .select({ userId: tastingPart.userId })
    .from(tastingPart)
    .where(and(eq(tastingPart.venueId, where.venueId), eq(tastingPart.tastingId, where.tastingId), ne(tastingPart.userId, leads)));
  if (pours === undefined)
    throw new Problem(
      409,
      'no-pourer',
      'This flight is blind to you too, so somebody else pours it. Ask them to open the pourer’s page of this flight and take that part; then it begins.',
    );
}

export const moveEvening = serve(contract.tasting.move, async (tx, actor, input) => {
  const where = on(actor, input);
  return act(tx, where, 'moved', { to: String(input.to) }, async (_tick, at, row) => {
    if (input.to > 0) await mustBePoured(tx, where, row, actor.userId);
    return ran(row, (run, program) => runs.goTo(run, program, input.to, at));
  });
});
export const pauseEvening = serve(contract.tasting.pause, async (tx, actor, input) =>
  act(tx, on(actor, input), input.paused ? 'paused' : 'went-on', {}, async (_tick, at, row) =>
    ran(row, (run) => (input.paused ? runs.pause(run, at) : runs.goOn(run, at))),
  ),
);
export const grantMinutes = serve(contract.tasting.grant, async (tx, actor, input) => {
  const { stop, minutes } = input;
  return act(tx, on(actor, input), stop === undefined ? 'granted' : 'shortened', { minutes: String(minutes) }, async (_tick, _at, row) =>
    ran(row, (run) => (stop === undefined ? runs.grant(run, minutes) : runs.shorten(run, stop, minutes))),
  );
});
export const roomFound = serve(contract.tasting.room, async (tx, actor, input) =>
  act(tx, on(actor, input), 'room', {}, async (_tick, _at, row) => ran(row, (run) => runs.foundRoom(run, { light: input.light, air: input.air }))),
);
export const clueSeen = serve(contract.tasting.clue, async (tx, actor, input) =>
  act(tx, on(actor, input), 'clue', { glass: input.glassId }, async () => {
    const { glassId, is } = input;
    const all = await glassesOfWine(tx, actor.venueId, input.id, glassId);
    const marked = await tx
      .update(glass)
      .set({ givenAway: is })
      .where(and(eq(glass.venueId, actor.venueId), eq(glass.tastingId, input.id), inArray(glass.id, [...all])))
      .returning({ id: glass.id });
    if (marked.length === 0) throw notFound('glass');
  }),
);
export const letGuestsGoOn = serve(contract.tasting.letGoOn, async (tx, actor, input) => {
  const where = on(actor, input);
  return act(tx, where, 'let', { to: String(input.to) }, async (_tick, _at, row) => {
    if (input.to >= 0) await mustBePoured(tx, where, row, actor.userId);
    return ran(row, (run, program) => runs.letGoOn(run, program, input.to));
  });
});
export const takeWheel = serve(contract.tasting.takeWheel, async (tx, actor, { id, actId }) =>
  act(tx, { venueId: actor.venueId, tastingId: id, basedOn: 'now', actId, by: actor.userId }, 'led', {}, async () => ({ wheel: actor.userId })),
);

const ofGlass = ({ venueId }: On, glassId: string) => and(eq(glass.venueId, venueId), eq(glass.id, glassId));
/** What is known of the bottle in a glass. Read by the host's side alone, at the moment it is uncovered. */
async function labelIn(tx: Tx, where: On, glassId: string) {
  const [row] = await tx
    .select({ name: wine.name, producer: wine.producer, document: wine.document, wineId: wine.id, revealed: glass.revealedTick, rejected: glass.rejectedAt })
    .from(glass)
    .innerJoin(glassIdentity, and(eq(glassIdentity.venueId, glass.venueId), eq(glassIdentity.glassId, glass.id)))
    .innerJoin(wine, and(eq(wine.venueId, glassIdentity.venueId), eq(wine.id, glassIdentity.wineId)))
    .where(and(ofGlass(where, glassId), eq(glass.tastingId, where.tastingId)));
  if (row === undefined || row.rejected !== null) throw notFound('glass');
  const [priced] = await tx
    .select({ minor: lot.priceMinor, currency: lot.currency })
    .from(lot)
    .where(and(eq(lot.venueId, where.venueId), eq(lot.wineId, row.wineId), isNotNull(lot.priceMinor)))
    .orderBy(sql`${lot.bought} desc nulls last`, desc(lot.id))
    .limit(1);
  return {
    revealed: row.revealed !== null,
    label: {
      name: row.name,
      producer: row.producer,
      facts: row.document.facts,
      price: priced === undefined ? undefined : { minor: priced.minor!, currency: priced.currency! },
    },
  };
}
/** What calls of a fact are held against; a price stands among those of its evening. */
async function truthIn(tx: Tx, where: On, fact: Uncoverable, label: Label, day: string): Promise<Truth> {
  const { facts, price } = label;
  const years = ageOn(day, factOf(facts, 'vintage'), isSouthern(factOf(facts, 'country')));
  if (fact !== 'price') return truthOf(fact, facts, years, null, onList(label));
  const { rows } = await tx.execute<{ minor: number; currency: string }>(sql`
    select distinct on (i.wine_id) l.price_minor as minor, l.currency from ${glass} g
    join ${glassIdentity} i on i.venue_id = g.venue_id and i.glass_id = g.id join ${lot} l on l.venue_id = i.venue_id and l.wine_id = i.wine_id
    where g.venue_id = ${where.venueId} and g.tasting_id = ${where.tastingId} and l.price_minor is not null
    order by i.wine_id, l.bought desc nulls last, l.id desc`);
  const comparable = rows.every((row) => row.currency === rows[0]?.currency);
  return truthOf(
    fact,
    facts,
    years,
    comparable
      ? priceAmong(
          price?.minor,
          rows.map((row) => row.minor),
        )
      : null,
  );
}
/** In a panel a wine is before somebody until everybody has tasted everything: nothing is uncovered before. */
function mustBeTasted({ plan, run }: Standing): void {
  if (plan?.panel === undefined || run === null) return;
  const reveal = plan.program.findIndex((stop) => stop.kind === 'reveal');
  if (run.far < reveal) throw new Problem(409, 'panel-first', 'In a panel everything is tasted first: the wines are uncovered at the end.');
}
export const uncoverFact = serve(contract.tasting.uncover, async (tx, actor, input) => {
  const where = on(actor, input);
  const { glassId, fact } = input;
  const { label } = await labelIn(tx, where, glassId);
  const day = dayIn(new Date(), await timeZoneOf(tx, actor.venueId));
  const all = await glassesOfWine(tx, where.venueId, where.tastingId, glassId);
  const these = and(eq(glass.venueId, where.venueId), inArray(glass.id, [...all]));
  return act(tx, where, 'uncovered-fact', { glass: glassId, fact }, async (tick, at, row) => {
    mustBeTasted(row);
    const told = { venueId: where.venueId, fact, tick, says: uncovered(fact, label, day), truth: await truthIn(tx, where, fact, label, day) };
    await tx
      .insert(uncoveredFact)
      .values(all.map((id) => ({ ...told, glassId: id })))
      .onConflictDoNothing();
    await tx
      .update(glass)
      .set({ firstFactTick: tick })
      .where(and(these, isNull(glass.firstFactTick)));
    if (fact === 'name')
      await tx
        .update(glass)
        .set({ revealedAt: at, revealedTick: tick })
        .where(and(these, isNull(glass.revealedAt)));
  });
});
export const coverFact = serve(contract.tasting.cover, async (tx, actor, input) => {
  const where = on(actor, input);
  const { glassId, fact } = input;
  if (fact === 'name') throw new Problem(409, 'seen', 'A name cannot be taken back: the wine is known now.');
  await labelIn(tx, where, glassId);
  const all = await glassesOfWine(tx, where.venueId, where.tastingId, glassId);
  return act(tx, where, 'covered-fact', { glass: glassId, fact }, async () => {
    await tx.delete(uncoveredFact).where(and(eq(uncoveredFact.venueId, where.venueId), inArray(uncoveredFact.glassId, [...all]), eq(uncoveredFact.fact, fact)));
  });
});

/** Puts a bottle aside. In a panel that is every glass of its wine which is poured; what is still to be poured comes from the next bottle under the code it has. */
export const rejectGlass = serve(contract.tasting.reject, async (tx, actor, input) => {
  const where = on(actor, input);
  const all = await glassesOfWine(tx, where.venueId, where.tastingId, input.glassId);
  return acts.reject(tx, where, all, () => ({ glassId: v4(), code: glassCode() }));
});

const openPolls = (where: On) => and(eq(poll.venueId, where.venueId), eq(poll.tastingId, where.tastingId), isNull(poll.closedTick));
export const askTable = serve(contract.tasting.ask, async (tx, actor, input) => {
  const where = on(actor, input);
  const { pollId, place, question, options, forecast, places, ranked } = input;
  return act(tx, where, 'asked', { poll: pollId }, async (tick, _at, { plan }) => {
    if (places !== undefined && (plan?.panel === undefined || places.length !== options.length || (places.length > 3 && ranked !== true)))
      throw new Problem(422, 'no-set', 'A set of glasses is asked about in a panel, with an option for each of its glasses; more than three are put in order.');
    if (ranked === true && (places === undefined || places.length < rankable.least))
      throw new Problem(422, 'no-set', 'Three glasses or more of a panel are put in order; of two the better is asked for.');
    await tx.update(poll).set({ closedTick: tick }).where(openPolls(where));
    await tx.insert(poll).values({
      venueId: where.venueId,
      id: pollId,
      tastingId: where.tastingId,
      place,
      question,
      options,
      forecast,
      places: places ?? null,
      ranked: ranked === true,
      askedTick: tick,
    });
  });
});
export const countTable = serve(contract.tasting.count, async (tx, actor, input) => {
  const where = on(actor, input);
  return act(tx, where, 'counted', {}, async (tick) => void (await tx.update(poll).set({ closedTick: tick }).where(openPolls(where))));
});
/** As many questions as wait at once; who parks more has another evening. Own choice. */
const mostParked = 50;
export const parkQuestion = serve(contract.tasting.park, async (tx, actor, input) =>
  act(tx, on(actor, input), 'parked', {}, async (_tick, _at, row) => {
    const left = (row.parked ?? []).filter((entry) => entry.id !== input.away);
    return { parked: input.text === undefined ? left : [...left, { id: input.actId, text: input.text }].slice(-mostParked) };
  }),
);
export const removeGuest = serve(contract.tasting.remove, async (tx, actor, input) => {
  const where = on(actor, input);
  return act(tx, where, 'removed', { participant: input.participantId }, async (_tick, at) => {
    await tx
      .update(participant)
      .set({ leftAt: at, tokenHash: null, keyHash: null })
      .where(and(eq(participant.venueId, where.venueId), eq(participant.tastingId, where.tastingId), eq(participant.id, input.participantId)));
    await announce(tx, { what: 'left', venueId: where.venueId, tastingId: where.tastingId, participantId: input.participantId });
  });
});
export const closeEvening = serve(contract.tasting.close, (tx, actor, input) => closeEveningWith(tx, on(actor, input), input.opened ?? []));
