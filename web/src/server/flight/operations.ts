import { and, desc, eq, isNull, sql } from 'drizzle-orm';
import { z } from 'zod';
import type { FlightDocument } from '@rose/core/flight/flight';
import { flightDocument } from '@rose/core/flight/flight-schema';
import { judgeOrder, type OrderJudgement, type OrderWine } from '@rose/core/order/judge';
import { schoolOf } from '@rose/core/order/school';
import { bestOrder, type OrderSolution } from '@rose/core/order/solve';
import { orderWording } from '@rose/core/order/wording';
import { flightQuantities } from '@rose/core/quantity/flight';
import { sentence } from '@rose/core/wine/reason';
import { factOf } from '@rose/core/wine/facts';
import type { Reader } from '../../db/client';
import { flight } from '../../db/schema';
import { asOrderWine, knownWines, type KnownWine } from '../cellar/profiles';
import { mainFormat, summarise } from '../cellar/queries';
import { command, everyRole, hosts, query } from '../command';
import { removal, savedOutput, saveDocument, writeInput } from '../document';
import { notFound } from '../problem';
import { flightStore, readWines } from './store';

export const saveFlight = command({
  name: 'flight.save',
  method: 'PUT',
  path: '/flights/{id}',
  summary: 'Saves a flight: its wines in order, pins, school, guests and pour',
  allow: hosts,
  input: writeInput(flightDocument),
  output: savedOutput,
  run: (tx, actor, input, reply) => saveDocument(tx, flightStore, actor.venueId, input.id, input, reply),
});
export const { remove: deleteFlight, restore: restoreFlight } = removal('flight', '/flights', flight);
const one = z.strictObject({ id: z.uuid() });

export const listFlights = query({
  name: 'flight.list',
  method: 'GET',
  path: '/flights',
  summary: 'The flights of the venue',
  allow: everyRole,
  input: z.strictObject({}),
  output: z.object({ flights: z.array(z.object({ id: z.string(), name: z.string(), starts: z.string(), guests: z.number(), wines: z.number() })) }),
  async run(db, actor) {
    const rows = await db
      .select()
      .from(flight)
      .where(and(eq(flight.venueId, actor.venueId), isNull(flight.deletedAt)))
      .orderBy(sql`${flight.startsAt} desc nulls last`, desc(flight.updatedAt))
      .limit(500);
    const wines = await readWines(
      db,
      actor.venueId,
      rows.map((row) => row.id),
    );
    return {
      flights: rows.map((row) => ({
        id: row.id,
        name: row.name,
        starts: row.document.starts,
        guests: row.document.guests,
        wines: wines.get(row.id)?.length ?? 0,
      })),
    };
  },
});

export interface FlightView {
  readonly id: string;
  readonly revision: number;
  readonly document: FlightDocument;
}
export async function readFlight(db: Reader, venueId: string, id: string): Promise<FlightView> {
  const [row] = await db
    .select()
    .from(flight)
    .where(and(eq(flight.venueId, venueId), eq(flight.id, id), isNull(flight.deletedAt)));
  if (row === undefined) throw notFound('flight');
  return { id, revision: row.revision, document: { ...row.document, wines: (await readWines(db, venueId, [id])).get(id) ?? [] } };
}
/** The wines that can stand in a flight, as the order solver takes them, in the flight's order. */
async function winesOf(db: Reader, venueId: string, ids: readonly string[]): Promise<readonly KnownWine[]> {
  const known = new Map((await knownWines(db, venueId, ids)).map((entry) => [entry.id, entry]));
  return ids.flatMap((id) => known.get(id) ?? []);
}

const orderWineSchema = z.custom<OrderWine>();
export const getFlight = query({
  name: 'flight.get',
  method: 'GET',
  path: '/flights/{id}',
  summary: 'A flight with its wines as the order solver takes them',
  allow: everyRole,
  input: one,
  output: z.object({
    id: z.string(),
    revision: z.number(),
    document: flightDocument,
    wines: z.array(z.object({ summary: z.custom<ReturnType<typeof summarise>>(), order: orderWineSchema })),
  }),
  async run(db, actor, input, reply) {
    const found = await readFlight(db, actor.venueId, input.id);
    reply.etag = `"${found.revision}"`;
    const wines = await winesOf(db, actor.venueId, found.document.wines);
    return { ...found, wines: wines.map((entry) => ({ summary: summarise(entry), order: asOrderWine(entry) })) };
  },
});

/** A cellar wine as the order solver takes it, for a page that adds it to a flight. */
export const getOrderWine = query({
  name: 'wine.orderWine',
  method: 'GET',
  path: '/wines/{id}/order-wine',
  summary: 'A wine as the order solver takes it',
  allow: everyRole,
  input: one,
  output: z.object({ summary: z.custom<ReturnType<typeof summarise>>(), order: orderWineSchema }),
  async run(db, actor, input) {
    const [entry] = await knownWines(db, actor.venueId, [input.id]);
    if (entry === undefined) throw notFound('wine');
    return { summary: summarise(entry), order: asOrderWine(entry) };
  },
});

const judgement = z.object({
  order: z.array(z.string()),
  strain: z.number(),
  steps: z.array(
    z.object({
      wine: z.string(),
      height: z.number(),
      strain: z.number(),
      because: z.array(z.object({ id: z.string(), push: z.number(), text: z.string(), source: z.string().optional() })),
    }),
  ),
});
function inWords(judged: OrderJudgement): z.infer<typeof judgement> {
  return {
    order: [...judged.order],
    strain: judged.strain,
    steps: judged.steps.map((step) => ({
      wine: step.wine,
      height: step.height,
      strain: step.strain,
      because: step.reasons.map((reason) => ({
        id: reason.id,
        push: reason.push,
        text: sentence(orderWording, reason),
        ...(reason.source === undefined ? {} : { source: reason.source }),
      })),
    })),
  };
}
export const orderOf = query({
  name: 'flight.order',
  method: 'GET',
  path: '/flights/{id}/order',
  summary: 'Judges the order of a flight and finds the best one, by the chosen school',
  allow: everyRole,
  input: z.strictObject({ id: z.uuid(), school: z.enum(['weight', 'ladder', 'sweet', 'young', 'old']).optional() }),
  output: z.object({ school: z.string(), now: judgement, best: judgement.nullable(), impossible: z.boolean() }),
  async run(db, actor, input) {
    const { document } = await readFlight(db, actor.venueId, input.id);
    const school = schoolOf(input.school ?? document.school);
    const wines = (await winesOf(db, actor.venueId, document.wines)).map(asOrderWine);
    const solution: OrderSolution = bestOrder(wines, document.pins, school);
    return {
      school: school.id,
      now: inWords(judgeOrder(wines, document.wines, school)),
      best: solution.kind === 'best' ? inWords(solution.judgement) : null,
      impossible: solution.kind === 'impossible',
    };
  },
});

const amount = z.object({
  wine: z.string(),
  name: z.string(),
  formatMl: z.number(),
  pours: z.number(),
  byVolume: z.number(),
  byPours: z.number(),
  neededMl: z.number(),
  held: z.number(),
});
export const quantitiesOf = query({
  name: 'flight.quantities',
  method: 'GET',
  path: '/flights/{id}/quantities',
  summary: 'Bottles by volume and by whole pours, and the pure alcohol a head',
  allow: everyRole,
  input: one,
  output: z.object({ wines: z.array(amount), bottles: z.number(), aHeadMl: z.number(), alcoholGrams: z.number(), alcoholIsPartial: z.boolean() }),
  async run(db, actor, input) {
    const { document } = await readFlight(db, actor.venueId, input.id);
    const wines = await winesOf(db, actor.venueId, document.wines);
    const found = flightQuantities(
      document,
      wines.map((entry) => ({
        id: entry.id,
        name: entry.document.name,
        formatMl: mainFormat(entry.document.lots),
        held: entry.document.lots.reduce((sum, lot) => sum + lot.held, 0),
        abv: factOf(entry.document.facts, 'abv'),
      })),
    );
    return { ...found, wines: found.wines.map((entry) => ({ ...entry })) };
  },
});
