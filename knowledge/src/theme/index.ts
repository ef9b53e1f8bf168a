import { plainSweetness } from '@rose/core/style/style';
import type { ThemeWine } from '@rose/core/theme/theme';
import type { Lot, WineFacts } from '@rose/core/wine/facts';
import { factOf, narrowedShares } from '@rose/core/wine/stated';
import { loadsOf, type Profile } from '@rose/core/wine/profile';
import { grapeContext, grapeNamed } from '../grapes/index';

/** Grapes most guests have met by name. Common practice. */
export const familiarGrapes: ReadonlySet<string> = new Set([
  'cabernet-sauvignon',
  'chardonnay',
  'chenin',
  'gewurztraminer',
  'grenache',
  'malbec',
  'merlot',
  'muscat',
  'nebbiolo',
  'pinot-gris',
  'pinot-noir',
  'riesling',
  'sangiovese',
  'sauvignon',
  'syrah',
  'tempranillo',
  'viognier',
  'primitivo',
]);
/** From this share on a wine counts as one of a single grape (Regulation (EU) 2019/33 art. 50: 85 %). */
const oneGrape = 85;

/** A cellar wine as themes take it: its one grape, place, year and kinds, each undefined when it is not known. */
export function themeWine(
  wine: {
    readonly id: string;
    readonly name: string;
    readonly producer: string;
    readonly facts: WineFacts;
    readonly lots: readonly Lot[];
    readonly profile: Profile;
  },
  fit?: { readonly fit: number; readonly clashes: boolean },
): ThemeWine {
  const { facts } = wine;
  const grapes = factOf(facts, 'grapes') ?? [];
  const main = narrowedShares(grapes).find((share) => share.low >= oneGrape) ?? (grapes.length === 1 ? { grape: grapes[0]!.grape } : undefined);
  const known = main === undefined ? undefined : grapeNamed(main.grape, grapeContext(facts));
  const vintage = factOf(facts, 'vintage');
  const sugar = factOf(facts, 'sugar');
  const months = factOf(facts, 'woodMonths');
  return {
    id: wine.id,
    name: wine.name,
    producer: wine.producer,
    grape: known?.name ?? main?.grape,
    familiar: known !== undefined && familiarGrapes.has(known.id),
    country: factOf(facts, 'country')?.toUpperCase(),
    region: factOf(facts, 'region'),
    vintage: vintage?.kind === 'year' ? vintage.year : undefined,
    colour: factOf(facts, 'colour'),
    bubbles: factOf(facts, 'bubbles'),
    sweetness: sugar === undefined && wine.profile.sweetness.from === 'style' ? undefined : plainSweetness(wine.profile.sweetness.value),
    oak: factOf(facts, 'oak') ?? (months === 0 ? 'none' : undefined),
    loads: loadsOf(wine.profile),
    held: wine.lots.reduce((sum, lot) => sum + lot.held, 0),
    fit: fit?.fit,
    clashes: fit?.clashes,
  };
}
