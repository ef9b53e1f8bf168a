import { and, eq, isNull } from 'drizzle-orm';
import { v7 } from 'uuid';
import { pouringOrder } from '@rose/core/flight/flight';
import { dayIn } from '@rose/core/wine/day';
import type { Reader } from '../../db/client';
import { dish, flightPrint } from '../../db/schema';
import { asPairingWine, knownWines } from '../cellar/profiles';
import { contract } from '../../contract';
import { serve } from '../command';
import { printKind } from '../../contract/prepare';
import { printKinds } from '../../contract/prints';
import { drawn } from '../compute/pool';
import { hashFacts } from '../print/hash';
import { partWord, printFacts } from '../print/kinds';
import type { PrintSource } from '../print/source';
import { firstPourOf, readEvening, timetableView, wholeOf } from './afternoon';
import { mustNotBeBlind } from './blind-to-host';
import { issuePlan } from './plan-number';
export async function sourceOf(db: Reader, venueId: string, id: string): Promise<PrintSource & { view: Awaited<ReturnType<typeof readEvening>>['view'] }> {
  const { view, flight, venue, evening } = await readEvening(db, venueId, id);
  const whole = await wholeOf(flight, evening, venue.facts);
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

export const print = serve(contract.flight.print, async (db, actor, input, reply) => {
  await mustNotBeBlind(db, actor, input.id);
  const on = new Date();
  // What is drawn is settled in a transaction; the drawing holds none.
  const { facts, plan, timeZone } = await db.transaction(async (tx) => {
    const source = await sourceOf(tx, actor.venueId, input.id);
    const settled = printFacts(input.kind, source);
    const { hash, parts } = hashFacts(settled);
    const row = { paper: input.paper, plan: await issuePlan(tx, actor.venueId, source.view), hash, parts, printedAt: on };
    await tx
      .insert(flightPrint)
      .values({ venueId: actor.venueId, flightId: input.id, kind: input.kind, ...row })
      .onConflictDoUpdate({ target: [flightPrint.venueId, flightPrint.flightId, flightPrint.kind], set: row });
    return { facts: settled, plan: row.plan, timeZone: source.timeZone };
  });
  reply.file = {
    type: 'application/pdf',
    name: `${input.kind}-plan-${plan}.pdf`,
    body: await drawn({ kind: input.kind, facts, paper: input.paper, foot: { plan, on, day: dayIn(on, timeZone), id: v7().slice(0, 13) } }),
  };
  return {};
});

export const printsOf = serve(contract.flight.prints, async (db, actor, input) => {
  await mustNotBeBlind(db, actor, input.id);
  const source = await sourceOf(db, actor.venueId, input.id);
  const made = await db
    .select()
    .from(flightPrint)
    .where(and(eq(flightPrint.venueId, actor.venueId), eq(flightPrint.flightId, input.id)));
  return {
    plan: source.view.plan,
    prints: printKind.options.map((kind) => {
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
                changed: [...new Set(changed.map((part) => partWord(kind, part)))],
              },
      };
    }),
  };
});
