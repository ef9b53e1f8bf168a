import { and, desc, eq, isNull, sql } from 'drizzle-orm';
import { allergensOf } from '@rose/core/flight/flight-totals';
import type { WineDocument } from '@rose/core/wine/facts';
import type { ServedDish } from '@rose/knowledge/evening/evening';
import { menuStyles, type MenuWine } from '@rose/knowledge/menu/index';
import { servedDishes } from '@rose/knowledge/menu/served';
import type { Allergen } from '@rose/knowledge/pairing';
import type { Reader } from '../../db/client';
import { menu } from '../../db/schema';
import { settingsOf } from '../account/settings';
import { asOrderWine, asPairingWine, knownWines } from '../cellar/profiles';
import { solvedOnce } from '../compute/pool';
import { idsAmong } from './among';

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
/** The wines a menu is chosen from, with prices, sizes and allergens. */
export async function menuWinesOf(db: Reader, venueId: string, which: string): Promise<{ readonly wines: readonly MenuWine[]; readonly currency: string }> {
  const { currency } = await settingsOf(db, venueId);
  if (which === 'styles') return { wines: menuStyles, currency };
  const known = await knownWines(db, venueId, await idsAmong(db, venueId, which));
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

/** The menu that stands beside a flight: of those planned round its wines, the one that was changed last. */
export async function menuBeside(db: Reader, venueId: string, flightId: string) {
  const [row] = await db
    .select({ id: menu.id, document: menu.document })
    .from(menu)
    .where(and(eq(menu.venueId, venueId), isNull(menu.deletedAt), sql`${menu.document}->>'among' = ${`flight:${flightId}`}`))
    .orderBy(desc(menu.updatedAt))
    .limit(1);
  return row;
}
/** The dishes that go out with the wines of a flight, by wine: of {@link menuBeside}. Two courses with one wine are one. */
export async function dishesBeside(db: Reader, venueId: string, flightId: string): Promise<ReadonlyMap<string, ServedDish>> {
  const row = await menuBeside(db, venueId, flightId);
  if (row === undefined || row.document.courses.length === 0) return new Map();
  const { wines } = await menuWinesOf(db, venueId, row.document.among);
  const plan = await solvedOnce('menu', { menu: row.document, wines });
  return plan.kind === 'impossible' ? new Map() : servedDishes(plan, row.document.name);
}
