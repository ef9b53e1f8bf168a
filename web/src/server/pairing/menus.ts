import { and, asc, eq, isNull } from 'drizzle-orm';
import { pouringOrder } from '@rose/core/flight/flight';
import { emptyMenu, mostCourses, type MenuDocument } from '@rose/core/menu/menu-document';
import { shownFit } from '@rose/core/pairing/dish-fit';
import { capital } from '@rose/core/wine/plural';
import { foodForFlight } from '@rose/knowledge/dishes/for-flight';
import { speaksFor } from '@rose/knowledge/pairing/choices';
import { recipeOf } from '@rose/knowledge/dishes/recipe';
import { cooksCard } from '@rose/knowledge/menu/cooks-card';
import { contract } from '../../contract';
import type { Reader } from '../../db/client';
import { menu } from '../../db/schema';
import { serve, type Member } from '../command';
import { solved } from '../compute/pool';
import { removing, saveDocument, type Store } from '../document';
import { pourTimes } from '@rose/knowledge/evening/evening';
import { firstPourOf } from '../flight/afternoon';
import { readVenue } from '../flight/read';
import { readFlight } from '../flight/store';
import { saved } from '../live/announce';
import { cardToPdf } from '../print/cooks-card';
import { notFound, Problem } from '../problem';
import { flightAmong } from './among';
import { menuBeside, menuWinesOf } from './menu-wines';

const menuStore: Store<MenuDocument> = {
  tell: saved('menu'),
  async lock(tx, venueId, id) {
    const [row] = await tx
      .select()
      .from(menu)
      .where(and(eq(menu.venueId, venueId), eq(menu.id, id)))
      .for('update');
    return row === undefined ? undefined : { revision: row.revision, writes: row.writes, document: row.document, deleted: row.deletedAt !== null };
  },
  async insert(tx, venueId, id, { document, ...rest }) {
    const made = await tx
      .insert(menu)
      .values({ venueId, id, ...rest, writes: [...rest.writes], name: document.name, document })
      .onConflictDoNothing()
      .returning({ id: menu.id });
    return made.length > 0;
  },
  update: (tx, venueId, id, { document, ...rest }, tell) =>
    tell([
      tx
        .update(menu)
        .set({ ...rest, writes: [...rest.writes], name: document.name, document, updatedAt: new Date() })
        .where(and(eq(menu.venueId, venueId), eq(menu.id, id))),
    ]),
};
export const saveMenu = serve(contract.menu.save, (tx, actor, input, reply) => saveDocument(tx, menuStore, actor.venueId, input.id, input, reply));
const { remove, restore } = removing('menu', menu);
export const deleteMenu = serve(contract.menu.delete, remove);
export const restoreMenu = serve(contract.menu.restore, restore);
export const listMenus = serve(contract.menu.list, async (db, actor) => {
  const rows = await db
    .select({ id: menu.id, document: menu.document })
    .from(menu)
    .where(and(eq(menu.venueId, actor.venueId), isNull(menu.deletedAt)))
    .orderBy(asc(menu.name));
  return { menus: rows.map(({ id, document }) => ({ id, name: document.name, courses: document.courses.map(({ name }) => name), guests: document.guests })) };
});
async function readMenu(db: Reader, actor: Member, id: string) {
  const [row] = await db
    .select()
    .from(menu)
    .where(and(eq(menu.venueId, actor.venueId), eq(menu.id, id), isNull(menu.deletedAt)));
  if (row === undefined) throw notFound('menu');
  return row;
}
export const getMenu = serve(contract.menu.get, async (db, actor, input, reply) => {
  const { id, revision, document } = await readMenu(db, actor, input.id);
  reply.etag = `"${revision}"`;
  return { id, revision, document };
});

export const menuWines = serve(contract.menu.wines, async (db, actor, input) => {
  const { wines, currency } = await menuWinesOf(db, actor.venueId, input.among);
  const flightId = flightAmong(input.among);
  const beside = flightId === undefined ? undefined : await menuBeside(db, actor.venueId, flightId);
  return {
    wines: wines.map((one) => ({ ...one, sizes: [...one.sizes], allergens: [...one.allergens] })),
    currency,
    beside: beside === undefined ? null : { id: beside.id, name: beside.document.name },
  };
});
/** Wines beyond the most courses of a menu go without a dish of their own. */
export const menuForFlight = serve(contract.menu.forFlight, async (db, actor, { id }) => {
  const { document: flight } = await readFlight(db, actor.venueId, id);
  const among = `flight:${id}`;
  const { wines } = await menuWinesOf(db, actor.venueId, among);
  const byId = new Map(wines.map(({ wine }) => [wine.id, wine]));
  const food = foodForFlight(
    pouringOrder(flight)
      .flatMap((wine) => byId.get(wine) ?? [])
      .slice(0, mostCourses),
  );
  return {
    document: {
      ...emptyMenu,
      name: `Food for ${flight.name}`.slice(0, 200),
      courses: food.map(({ wine, dish, parts }, i) => ({
        id: `c${i}`,
        name: capital(dish.name),
        pin: wine,
        parts: parts.map((part, j) => ({ ...part, id: `c${i}p${j}`, cooked: part.cooked === undefined ? undefined : [...part.cooked] })),
      })),
      seats: [],
      guests: Math.min(200, Math.max(1, flight.guests)),
      among,
      most: Math.max(1, food.length),
      pourMl: Math.min(300, Math.max(20, flight.pourMl)),
    },
    because: food.map(({ wine, dish, fit }) => ({
      course: capital(dish.name),
      wine: byId.get(wine)!.name,
      shown: shownFit(fit.fit),
      text: speaksFor(fit).text,
    })),
  };
});
export const planOfMenu = serve(contract.menu.plan, async (db, actor, { menu: document }) => {
  const { wines } = await menuWinesOf(db, actor.venueId, document.among);
  return solved('menu', { menu: document, wines });
});

/** The flight a menu goes out with: when each of its wines is poured. One that is blind to its host too is dealt anew: no wine has its time before. */
async function flightBeside(db: Reader, venueId: string, among: string) {
  if (!among.startsWith('flight:')) return undefined;
  const { document: flight } = await readFlight(db, venueId, among.slice('flight:'.length));
  if (flight.blind === 'double') return undefined;
  const { facts, settings } = await readVenue(db, venueId);
  return {
    flight: flight.name,
    timeZone: settings.timeZone,
    firstPour: firstPourOf(flight.starts, settings.timeZone),
    pours: pourTimes(flight, facts).at,
  };
}
export const menuFile = serve(contract.menu.file, async (db, actor, { id, format }, reply) => {
  const { document } = await readMenu(db, actor, id);
  const name = `menu-${id.slice(-6)}`;
  if (format === 'json') {
    reply.file = { type: 'application/json', name: `${name}.json`, body: JSON.stringify(document, null, 2) };
    return document;
  }
  if (format === 'jsonld') {
    const linked = {
      '@context': 'https://schema.org',
      '@type': 'Menu' as const,
      name: document.name,
      hasMenuItem: document.courses.map((course) => ({
        '@type': 'MenuItem' as const,
        name: course.name,
        subjectOf: recipeOf({ name: course.name, parts: course.parts }),
      })),
    };
    reply.file = { type: 'application/json', name: `${name}-schema.json`, body: JSON.stringify(linked, null, 2) };
    return linked;
  }
  const { wines } = await menuWinesOf(db, actor.venueId, document.among);
  const plan = await solved('menu', { menu: document, wines });
  if (plan.kind === 'impossible') throw new Problem(409, 'no-plan', plan.why);
  const beside = await flightBeside(db, actor.venueId, document.among);
  const card = cooksCard(plan, beside?.pours);
  reply.file = { type: 'application/pdf', name: `${name}.pdf`, body: await cardToPdf(document.name, document.guests, card, new Date(), beside) };
  return document;
});
