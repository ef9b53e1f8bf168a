import { and, asc, eq, isNull } from 'drizzle-orm';
import { allergensOf } from '@rose/core/flight/flight-totals';
import type { MenuDocument } from '@rose/core/menu/menu-document';
import type { WineDocument } from '@rose/core/wine/facts';
import { recipeOf } from '@rose/knowledge/dishes/recipe';
import { cooksCard } from '@rose/knowledge/menu/cooks-card';
import { menuStyles, type MenuWine } from '@rose/knowledge/menu/index';
import type { Allergen } from '@rose/knowledge/pairing';
import { contract } from '../../contract';
import type { Reader } from '../../db/client';
import { menu } from '../../db/schema';
import { settingsOf } from '../account/settings';
import { asOrderWine, asPairingWine, knownWines } from '../cellar/profiles';
import { serve, type Member } from '../command';
import { solved } from '../compute/pool';
import { removing, saveDocument, type Store } from '../document';
import { saved } from '../live/announce';
import { cardToPdf } from '../print/cooks-card';
import { notFound, Problem } from '../problem';
import { idsAmong } from './operations';

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
  async update(tx, venueId, id, { document, ...rest }) {
    await tx
      .update(menu)
      .set({ ...rest, writes: [...rest.writes], name: document.name, document, updatedAt: new Date() })
      .where(and(eq(menu.venueId, venueId), eq(menu.id, id)));
  },
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

/** What the EU’s list calls what a wine was fined with. */
const asAllergen: Readonly<Record<string, Allergen>> = { sulphites: 'sulphites', egg: 'eggs', milk: 'milk', fish: 'fish' };
/** The sizes of a wine with the cheapest price on record in the venue’s currency, and how many stand in the cellar. */
function sizesOf({ lots }: WineDocument, currency: string): MenuWine['sizes'] {
  const sizes = new Map<number, { ml: number; price: number; held: number }>();
  for (const { formatMl, priceMinor, currency: of, held } of lots) {
    if (priceMinor === undefined || of !== currency) continue;
    const present = sizes.get(formatMl);
    sizes.set(formatMl, { ml: formatMl, price: Math.min(present?.price ?? Infinity, priceMinor), held: (present?.held ?? 0) + held });
  }
  // What is drunk up can be bought again.
  return [...sizes.values()].map(({ held, ...size }) => (held > 0 ? { ...size, held } : size));
}
async function winesOf(db: Reader, actor: Member, which: string): Promise<{ readonly wines: readonly MenuWine[]; readonly currency: string }> {
  const { currency } = await settingsOf(db, actor.venueId);
  if (which === 'styles') return { wines: menuStyles, currency };
  const known = await knownWines(db, actor.venueId, await idsAmong(db, actor, which));
  return {
    currency,
    wines: known.map((one) => ({
      wine: asPairingWine(one),
      order: asOrderWine(one),
      sizes: sizesOf(one.document, currency),
      allergens: allergensOf(one.document.facts).flatMap((allergen) => asAllergen[allergen] ?? []),
    })),
  };
}
export const menuWines = serve(contract.menu.wines, async (db, actor, input) => {
  const { wines, currency } = await winesOf(db, actor, input.among);
  return { wines: wines.map((one) => ({ ...one, sizes: [...one.sizes], allergens: [...one.allergens] })), currency };
});
export const planOfMenu = serve(contract.menu.plan, async (db, actor, { menu: document }) => {
  const { wines } = await winesOf(db, actor, document.among);
  return solved('menu', { menu: document, wines });
});

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
  const { wines } = await winesOf(db, actor, document.among);
  const plan = await solved('menu', { menu: document, wines });
  if (plan.kind === 'impossible') throw new Problem(409, 'no-plan', plan.why);
  reply.file = { type: 'application/pdf', name: `${name}.pdf`, body: await cardToPdf(document.name, document.guests, cooksCard(plan), new Date()) };
  return document;
});
