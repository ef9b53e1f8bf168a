import { and, eq, isNull } from 'drizzle-orm';
import { v7 } from 'uuid';
import { z } from 'zod';
import { pouringOrder } from '@rose/core/flight/flight';
import { dayIn } from '@rose/core/wine/day';
import { wholeEvening } from '@rose/knowledge/evening/whole';
import type { Reader } from '../../db/client';
import { dish, flightPrint } from '../../db/schema';
import { asPairingWine, knownWines } from '../cellar/profiles';
import { command, query } from '../command';
import { drawPrint } from '../print/draw';
import { hashFacts, partWords, printFacts, printKinds, type PrintKind, type PrintSource } from '../print/facts';
import { papers, type PaperId } from '../print/paper';
import { firstPourOf, readEvening, timetableView } from './evening';
import { issuePlan } from './plan-number';

const kinds = z.enum(Object.keys(printKinds) as [PrintKind, ...PrintKind[]]);
export async function sourceOf(db: Reader, venueId: string, id: string): Promise<PrintSource & { view: Awaited<ReturnType<typeof readEvening>>['view'] }> {
  const { view, flight, venue, evening } = await readEvening(db, venueId, id);
  const whole = wholeEvening(flight, evening, venue.facts);
  const dishes = await db
    .select({ document: dish.document })
    .from(dish)
    .where(and(eq(dish.venueId, venueId), isNull(dish.deletedAt)));
  const inCellar = flight.wines.filter((entry) => entry.buy === undefined).map((entry) => entry.id);
  return {
    view,
    flight: { ...flight, order: pouringOrder(flight) },
    whole,
    timetable: timetableView(flight, whole, firstPourOf(flight.starts, venue.settings.timeZone)),
    venueName: venue.name,
    venue: venue.facts,
    timeZone: venue.settings.timeZone,
    dishes: dishes.map((row) => ({ name: row.document.name, parts: row.document.parts })),
    pairing: (await knownWines(db, venueId, inCellar)).map(asPairingWine),
  };
}

export const print = command({
  name: 'flight.print',
  method: 'POST',
  path: '/flights/{id}/prints',
  summary: 'Draws a print as PDF and remembers which facts it was drawn from',
  allow: 'flight.edit',
  input: z.strictObject({ id: z.uuid(), kind: kinds, paper: z.enum(Object.keys(papers) as [PaperId, ...PaperId[]]).default('a4') }),
  output: z.object({}),
  async run(tx, actor, input, reply) {
    const source = await sourceOf(tx, actor.venueId, input.id);
    const facts = printFacts(input.kind, source);
    const { hash, parts } = hashFacts(facts);
    const plan = await issuePlan(tx, actor.venueId, source.view);
    const on = new Date();
    const row = { paper: input.paper, plan, hash, parts, printedAt: on };
    await tx
      .insert(flightPrint)
      .values({ venueId: actor.venueId, flightId: input.id, kind: input.kind, ...row })
      .onConflictDoUpdate({ target: [flightPrint.venueId, flightPrint.flightId, flightPrint.kind], set: row });
    reply.file = {
      type: 'application/pdf',
      name: `${input.kind}-plan-${plan}.pdf`,
      body: await drawPrint(input.kind, facts, input.paper, { plan, on, day: dayIn(on, source.timeZone), id: v7().slice(0, 13) }),
    };
    return {};
  },
});

export const printsOf = query({
  name: 'flight.prints',
  method: 'GET',
  path: '/flights/{id}/prints',
  summary: 'The prints of a flight: which were made, of which plan, and what has changed since',
  allow: 'read',
  input: z.strictObject({ id: z.uuid() }),
  output: z.object({
    plan: z.number(),
    prints: z.array(
      z.object({
        kind: kinds,
        label: z.string(),
        guests: z.boolean(),
        made: z.object({ plan: z.number(), paper: z.string(), at: z.string(), outOfDate: z.boolean(), changed: z.array(z.string()) }).nullable(),
      }),
    ),
  }),
  async run(db, actor, input) {
    const source = await sourceOf(db, actor.venueId, input.id);
    const made = await db
      .select()
      .from(flightPrint)
      .where(and(eq(flightPrint.venueId, actor.venueId), eq(flightPrint.flightId, input.id)));
    return {
      plan: source.view.plan,
      prints: kinds.options.map((kind) => {
        const row = made.find((entry) => entry.kind === kind);
        const now = hashFacts(printFacts(kind, source));
        const changed =
          row === undefined ? [] : [...new Set([...Object.keys(now.parts), ...Object.keys(row.parts)])].filter((part) => now.parts[part] !== row.parts[part]);
        return {
          kind,
          ...printKinds[kind],
          made:
            row === undefined
              ? null
              : {
                  plan: row.plan,
                  paper: row.paper,
                  at: row.printedAt.toISOString(),
                  outOfDate: row.hash !== now.hash,
                  changed: [...new Set(changed.map((part) => partWords[part] ?? part))],
                },
        };
      }),
    };
  },
});
