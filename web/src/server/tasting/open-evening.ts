import { and, desc, eq, isNull } from 'drizzle-orm';
import { randomInt } from 'node:crypto';
import { v4 } from 'uuid';
import { schoolOf } from '@rose/core/order/ordering-rules';
import { dealtOrder } from '@rose/core/tasting/dealt-order';
import { pouringOrder, type FlightDocument, type Told } from '@rose/core/flight/flight';
import { panelPours } from '@rose/core/serving-design/serving-design';
import { flightStrip } from '@rose/core/flight/flight-totals';
import { programOf, type Invited, type TastingPlan } from '@rose/core/tasting/program';
import { begun } from '@rose/core/tasting/run';
import { listed } from '@rose/core/wine/plural';
import { factOf } from '@rose/core/wine/stated';
import { minutesOf } from '@rose/core/routine/routine';
import { minutesAWine } from '@rose/knowledge/evening/evening';
import { routineOf } from '@rose/knowledge/routines/index';
import type { Tx } from '../../db/client';
import { tasting } from '../../db/tasting';
import { contract } from '../../contract';
import { serve, type Member } from '../command';
import { isBlindTo } from '../flight/blind-to-host';
import { sourceOf } from '../flight/prints';
import { readVenue, winesOf } from '../flight/read';
import { readFlight } from '../flight/store';
import { newJoinCode } from '../join-code';
import { glassCode } from '../note/glasses';
import { printFacts } from '../print/kinds';
import type { PrintSource } from '../print/source';
import { Problem } from '../problem';
import * as acts from './acts';

/** Codes for the glasses of an evening, no two alike. */
function codes(n: number): string[] {
  const made = new Set<string>();
  while (made.size < n) made.add(glassCode());
  return [...made];
}

/** A glass as it is laid: in a panel for one seat. */
interface Laid {
  readonly wineId: string;
  readonly place: number;
  readonly code: string;
  readonly seat?: number;
}
/** The glasses of a panel by its design: each seat's own order and codes, as its sheets are printed. */
function panelOf(flight: FlightDocument, poured: readonly string[]) {
  const twice = flight.panel.twice.map((wine) => pouringOrder(flight).indexOf(wine)).filter((at) => at >= 0 && at < poured.length);
  const { seats } = panelPours(poured.length, flight.guests, flight.panel.seed, twice, flight.panel.aSeat > 0 ? flight.panel.aSeat : undefined);
  if (seats.length === 0) throw new Problem(409, 'no-seats', 'A panel needs its seats: say in Chart how many guests it has.');
  return {
    seats: seats.length,
    aSeat: Math.max(...seats.map((seat) => seat.glasses.length)),
    laid: seats.flatMap((seat) => seat.glasses.map((glass, place): Laid => ({ wineId: poured[glass.wine]!, place, code: glass.code, seat: seat.seat + 1 }))),
  };
}
/** What a wine of no stated strength may have, % vol. Common practice. */
const unstated: readonly [number, number] = [11, 15];

/** What an evening of a flight goes through, and the wines in the order they are poured. */
async function planned(
  tx: Tx,
  actor: Member,
  flightId: string,
): Promise<{ readonly name: string; readonly plan: TastingPlan; readonly laid: readonly Laid[]; readonly told: ReadonlyMap<string, Told> }> {
  const { document: flight } = await readFlight(tx, actor.venueId, flightId);
  const { facts: venue } = await readVenue(tx, actor.venueId);
  const wines = await winesOf(tx, actor.venueId, flight, venue.currency);
  const order = pouringOrder(flight).filter((id) => wines.some(({ summary }) => summary.id === id));
  const toBuy = flight.wines.flatMap((entry) => (entry.buy !== undefined && order.includes(entry.id) ? [entry.buy.name] : []));
  if (order.length === 0) throw new Problem(409, 'no-wines', 'This flight has no wine yet. Choose some in Chart first.');
  if (toBuy.length > 0)
    throw new Problem(
      409,
      'to-buy',
      `${listed(toBuy)} ${toBuy.length === 1 ? 'is' : 'are'} still to buy: put what you bought into the cellar, and into this flight.`,
    );
  const routine = routineOf(flight);
  const hidden = flight.blind === 'double' || flight.blind === 'half';
  // Whoever planned the order must not know it: the wines change places among the orders that may be poured.
  const poured = hidden
    ? dealtOrder(
        wines.map((entry) => entry.order),
        order,
        flight.pins,
        schoolOf(flight.school),
        flight.rests,
        () => randomInt(2 ** 32) / 2 ** 32,
      )
    : order;
  const places = new Map(order.map((id, place) => [id, place]));
  const strengths = wines.flatMap(({ evening }) => factOf(evening.facts, 'abv') ?? unstated);
  const strip = flightStrip(
    wines.map(({ evening, order: { loads } }) => ({ facts: evening.facts, loads, age: undefined, priceMinor: undefined, merchant: undefined })),
  );
  const panel = flight.evening === 'panel' ? panelOf(flight, poured) : undefined;
  const made = codes(poured.length);
  const laid = panel?.laid ?? poured.map((wineId, place): Laid => ({ wineId, place, code: made[place]! }));
  const glasses = panel?.aSeat ?? poured.length;
  const program = programOf({
    wines: glasses,
    steps: routine.steps,
    pourMinutes: Math.max(1, minutesAWine(flight, venue) - Math.round(minutesOf(routine))),
    rests:
      panel !== undefined
        ? []
        : flight.rests.flatMap(({ after, kind }) => {
            const place = places.get(after);
            return place === undefined ? [] : [{ after: place, kind }];
          }),
    // A panel uncovers at the end only: until then some seat has every wine still before it.
    reveal: panel === undefined ? flight.reveal : 'end',
    open: flight.blind === 'open' && panel === undefined,
    returns: flight.returns > 0 && panel === undefined,
    // By its place in the plan, not by its wine: of a flight that is dealt anew a bite tells nothing of what is in the glass.
    bites:
      panel !== undefined
        ? []
        : flight.wines.flatMap(({ id: wine, bite }) => {
            const place = places.get(wine);
            return bite === undefined || place === undefined ? [] : [{ place, ...bite }];
          }),
  });
  const told = new Map(flight.wines.flatMap((entry) => (entry.told === undefined ? [] : [[entry.id, entry.told] as const])));
  return {
    name: flight.name,
    laid,
    told,
    plan: {
      invitation: invitedTo(await sourceOf(tx, actor.venueId, flightId)),
      // A hint belongs to a wine: asked for in a flight that is blind to its host, it would tell them which glass that is.
      hints: flight.blind !== 'double' && [...told.values()].some((entry) => (entry.hint ?? '') !== ''),
      program: panel === undefined ? program : program.map((stop) => (stop.kind === 'reveal' ? { ...stop, places: poured.map((_wine, at) => at) } : stop)),
      // Codes of its own for each seat are a cover: a panel is never open.
      blind: panel !== undefined && flight.blind === 'open' ? 'single' : flight.blind,
      reveal: panel === undefined ? flight.reveal : 'end',
      ...(panel === undefined ? {} : { panel: { seats: panel.seats, wines: poured.length } }),
      routine,
      pourMl: flight.pourMl,
      abv: strengths.length === 0 ? unstated : [Math.min(...strengths), Math.max(...strengths)],
      allergens: strip.allergens,
      ...(flight.blind === 'half'
        ? {
            list: wines
              .map(({ summary }) => ({ name: summary.name, producer: summary.producer }))
              .sort((a, b) => `${a.name} ${a.producer}`.localeCompare(`${b.name} ${b.producer}`)),
          }
        : {}),
    },
  };
}

const tellable = (plan: TastingPlan, told: Told | undefined): Told | undefined =>
  told === undefined || plan.hints === true ? told : { text: told.text, link: told.link };
/** The invitation of a flight, as it is printed. */
function invitedTo(source: PrintSource): Invited {
  const { when, evening, glasses, pours, ready, temperatures, wines, caution } = printFacts('invitation', source);
  return { when, starts: evening.starts, ends: evening.ends, glasses, pours, ready, temperatures, wines, caution };
}

/** One evening of a flight at a time: a second one would share its bottles and its guests' codes. */
async function mustBeAlone(tx: Tx, venueId: string, flightId: string): Promise<void> {
  const [open] = await tx
    .select({ id: tasting.id })
    .from(tasting)
    .where(and(eq(tasting.venueId, venueId), eq(tasting.flightId, flightId), isNull(tasting.closedAt)));
  if (open !== undefined) throw new Problem(409, 'open-already', 'An evening of this flight is open already. Close it first, or lead it on.', { id: open.id });
}

export const openEvening = serve(contract.tasting.open, async (tx, actor, { id, tastingId }) => {
  const { venueId, userId } = actor;
  const [present] = await tx
    .select({ tick: tasting.tick })
    .from(tasting)
    .where(and(eq(tasting.venueId, venueId), eq(tasting.id, tastingId)));
  if (present !== undefined) return { id: tastingId, tick: present.tick };
  await mustBeAlone(tx, venueId, id);
  const { name, plan, laid, told } = await planned(tx, actor, id);
  const at = new Date();
  await acts.open(tx, { venueId, tastingId, kind: 'table', name, flightId: id, plan, run: begun(at), joinCode: newJoinCode(), wheel: userId, at });
  const { tick } = await acts.pour(
    tx,
    { venueId, tastingId, basedOn: 'now', at },
    laid.map(({ wineId, ...rest }) => ({ glassId: v4(), wineId, told: tellable(plan, told.get(wineId)), ...rest })),
    plan.blind === 'open',
  );
  return { id: tastingId, tick };
});

export const eveningsOfFlight = serve(contract.tasting.ofFlight, async (db, actor, { id }) => {
  const rows = await db
    .select({ id: tasting.id, startedAt: tasting.startedAt, closedAt: tasting.closedAt, plan: tasting.plan })
    .from(tasting)
    .where(and(eq(tasting.venueId, actor.venueId), eq(tasting.flightId, id)))
    .orderBy(desc(tasting.startedAt));
  return {
    blindToMe: await isBlindTo(db, actor, id),
    tastings: rows.map((row) => ({
      id: row.id,
      startedAt: row.startedAt.toISOString(),
      closedAt: row.closedAt?.toISOString() ?? null,
      blind: row.plan?.blind ?? 'open',
    })),
  };
});
