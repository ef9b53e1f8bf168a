import { isSparkling, type Loads } from '../wine/profile';
import type { ColourClass } from '../wine/observables';
import { totalPush, type Reason } from '../wine/reason';
import { clamp } from '../wine/units';
import { listed } from '../wine/plural';
import type { Dish, DishFlag, Echo } from './dish';

/** A wine as pairing sees it: its ten loads, its class and the smells it can share with food. */
export interface PairingWine {
  readonly id: string;
  readonly name: string;
  readonly loads: Loads;
  readonly colour: ColourClass;
  readonly echoes: readonly Echo[];
}

export const fitRules = [
  'weight',
  'acid',
  'acid-short',
  'sweet',
  'sweet-short',
  'sweet-alone',
  'rich-sweet',
  'grip-bound',
  'grip-unbound',
  'grip-oily',
  'grip-heat',
  'grip-egg',
  'grip-mild',
  'grip-bitter',
  'grip-savour',
  'grip-sweet',
  'burn',
  'sugar-heat',
  'scrub',
  'acid-fat',
  'salt-softens',
  'oak-smoke',
  'oak-delicate',
  'blue-sweet',
  'blue-dry',
  'awkward',
  'awkward-fresh',
  'vinegar-soft',
  'chocolate-dry',
  'char-grip',
  'echo',
  'place',
] as const;
export type FitReasonId = 'start' | (typeof fitRules)[number];
export interface Fit {
  readonly wine: string;
  /** 50 plus the pushes, unclipped. */
  readonly fit: number;
  readonly reasons: readonly Reason<FitReasonId>[];
  /** The hardest clash, when a single push costs 12 or more. */
  readonly clash: Reason<FitReasonId> | undefined;
}

const common = 'common practice';
/** Loudness of a wine on the plate's own scale of weight. */
export const wineWeight = (loads: Loads) => 0.5 * loads.body + 0.22 * loads.intensity + 0.16 * loads.alcohol + 0.12 * loads.tannin;

/**
 * How well a wine and a dish fit: 50 plus the pushes of the rules, each with its reason.
 * @param samePlace the dish belongs to the wine's region
 */
export function fitOf(dish: Dish, wine: PairingWine, samePlace = false): Fit {
  const reasons: Reason<FitReasonId>[] = [{ id: 'start', push: 50, unit: 'fit', args: {} }];
  const push = (id: FitReasonId, amount: number, args: Record<string, string | number> = {}, source = common) => {
    if (Math.abs(amount) >= 0.05) reasons.push({ id, push: amount, unit: 'fit', args, source });
  };
  pushes(dish, wine, samePlace, push);
  const ordered = [reasons[0]!, ...reasons.slice(1).sort((a, b) => Math.abs(b.push) - Math.abs(a.push))];
  return { wine: wine.id, fit: totalPush(reasons), reasons: ordered, clash: ordered.slice(1).find((reason) => reason.push <= -12) };
}

/** The total alone, without building reasons: for long lists, and as the yardstick of the speed measurement. */
export function fitNumber(dish: Dish, wine: PairingWine, samePlace = false): number {
  let total = 50;
  pushes(dish, wine, samePlace, (_, amount) => {
    if (Math.abs(amount) >= 0.05) total += amount;
  });
  return total;
}

type Push = (id: FitReasonId, amount: number, args?: Record<string, string | number>, source?: string) => void;

function pushes(dish: Dish, wine: PairingWine, samePlace: boolean, push: Push): void {
  const d = dish.taste;
  const w = wine.loads;
  const has = (flag: DishFlag) => dish.flags.includes(flag);
  const round = Math.round;

  // Weight meets weight; a wine that drowns a light dish costs more than one that is a little light.
  const weight = wineWeight(w);
  const gap = weight - d.weight;
  const steep = gap > 0 ? 0.62 : 0.5;
  push('weight', Math.max(-20, 13 - steep * Math.max(0, Math.abs(gap) - 4)), {
    wine: round(weight),
    dish: round(d.weight),
    heavier: gap > 0 ? 'wine' : 'dish',
  });

  // The wine at least as sharp as the dish.
  if (d.acid > 20) {
    const margin = w.acidity - d.acid;
    const matter = clamp((d.acid - 20) / 30, 0, 1);
    if (margin >= 0) push('acid', matter * Math.min(11, 3 + 0.25 * margin), { wine: round(w.acidity), dish: round(d.acid) });
    else push('acid-short', matter * Math.max(-22, 0.7 * margin), { wine: round(w.acidity), dish: round(d.acid) });
  }

  // The wine at least as sweet as the dish. A sweet wine beside a dry dish needs salt, heat or richness to lean on.
  if (d.sweetness > 22) {
    const margin = w.sweetness - d.sweetness;
    const matter = clamp((d.sweetness - 22) / 22, 0, 1);
    if (margin >= -4) push('sweet', matter * 13, { wine: round(w.sweetness), dish: round(d.sweetness) });
    else push('sweet-short', matter * Math.max(-34, 0.62 * (margin + 4)), { wine: round(w.sweetness), dish: round(d.sweetness) });
  }
  const lean = Math.max(
    has('blueMould') ? 100 : 0,
    d.heat * 1.3,
    1.8 * Math.max(0, d.sweetness - 12),
    d.fat > 70 ? 80 : 0,
    has('chocolate') ? 90 : 0,
    d.salt > 60 && d.fat > 45 ? 45 : 0,
  );
  const alone = Math.max(0, w.sweetness - 27 - lean);
  push('sweet-alone', -(0.42 + d.savour / 300) * alone, { wine: round(w.sweetness) });
  if (w.sweetness > 45)
    push('rich-sweet', (Math.max(0, d.fat - 65) / 30) * Math.min(1, (w.sweetness - 45) / 30) * 20, { wine: round(w.sweetness), fat: round(d.fat) });

  // Tannin wants fat and protein. Iron and iodine make it metallic.
  const grip = Math.max(0, w.tannin - 22) / 78;
  const cushion = clamp(
    0.5 * d.protein + 0.85 * Math.min(d.fat, 55) + 0.1 * d.salt + (has('redMeat') ? 14 : 0) - (has('seafood') || has('oilyFish') ? 30 : 0),
    0,
    100,
  );
  if (!has('blueMould'))
    push(
      'grip-bound',
      grip * Math.max(0, cushion - 36) * 0.34 * Math.min(1, d.protein / 55),
      { tannin: round(w.tannin) },
      'Peyrot des Gachons et al. 2012, Curr. Biol. 22:R829; Lesschaeve & Noble 2005',
    );
  push('grip-unbound', -grip * Math.max(0, 58 - cushion) * 0.5, { tannin: round(w.tannin) });
  if (has('oilyFish')) push('grip-oily', -grip * 26 - (wine.colour === 'red' ? 3 : 0), { tannin: round(w.tannin) }, 'Tamura et al. 2009, JAFC 57:8550');
  else if (has('seafood')) push('grip-oily', -grip * 20 - (wine.colour === 'red' ? 4 : 0), { tannin: round(w.tannin) }, 'Tamura et al. 2009, JAFC 57:8550');
  if (has('whiteMeat')) push('grip-mild', -Math.max(0, grip - 0.4) * 22, { tannin: round(w.tannin) });
  if (has('egg')) push('grip-egg', -grip * 18, { tannin: round(w.tannin) });
  push('grip-heat', -grip * d.heat * 0.32, { tannin: round(w.tannin), heat: round(d.heat) });
  push('grip-bitter', -grip * Math.max(0, d.bitterness - 15) * 0.3, { tannin: round(w.tannin), bitterness: round(d.bitterness) });
  push('grip-savour', -grip * Math.max(0, d.savour - d.salt - 15) * 0.08, { tannin: round(w.tannin), savour: round(d.savour) });
  if (d.sweetness > 25 && w.sweetness < d.sweetness)
    push('grip-sweet', -grip * (d.sweetness - 25) * 0.2, { tannin: round(w.tannin), dish: round(d.sweetness) });

  // Chilli burns more with alcohol, less with sugar.
  push('burn', ((-d.heat * Math.max(0, w.alcohol - 18)) / 100) * 0.42, { heat: round(d.heat) }, 'Trevisani et al. 2002, Nat. Neurosci. 5:546');
  push('sugar-heat', (d.heat / 100) * Math.min(w.sweetness, 60) * 0.42, { heat: round(d.heat), wine: round(w.sweetness) }, 'Nasrawi & Pangborn 1990');

  // Bubbles and acid scrub fat; salt softens acid.
  const coat = Math.max(d.fat, has('fried') ? 65 : 0, has('egg') ? 60 : 0, has('cream') ? 60 : 0, d.salt * 0.7);
  push('scrub', (w.bubbles / 100) * Math.max(0, coat - 18) * 0.2, { fat: round(d.fat) });
  push('acid-fat', (Math.max(0, w.acidity - 38) / 62) * Math.max(0, d.fat - 22) * 0.15, { wine: round(w.acidity), fat: round(d.fat) });
  push(
    'salt-softens',
    (Math.max(0, w.acidity - 30) / 70) * Math.max(0, d.salt - 18) * 0.16,
    { salt: round(d.salt) },
    'Breslin & Beauchamp 1997, Nature 387:563',
  );

  // Oak likes smoke, char and cream; it smothers what is raw, delicate or sharp.
  const toast = Math.max(d.smoke, has('cream') ? 40 : 0);
  push('oak-smoke', (w.oak / 100) * Math.max(0, toast - 12) * 0.3, { oak: round(w.oak) });
  if (has('raw') || has('delicate') || has('vinegar') || d.acid > 48) push('oak-delicate', -(w.oak / 100) * 24, { oak: round(w.oak) });
  push('char-grip', (clamp(w.tannin, 0, 60) / 100) * Math.max(0, d.smoke - 25) * 0.14 * (has('oilyFish') || has('seafood') ? 0.3 : 1), {
    smoke: round(d.smoke),
  });

  if (has('blueMould')) {
    if (w.sweetness >= 50) push('blue-sweet', 10 + 0.18 * (w.sweetness - 50), { wine: round(w.sweetness) });
    else push('blue-dry', -8 - grip * 26, { tannin: round(w.tannin) });
  }
  if (has('artichoke') || has('asparagus')) {
    push('awkward', -grip * 24 - (w.oak / 100) * 20, { what: has('artichoke') ? 'artichoke' : 'asparagus' });
    push('awkward-fresh', (Math.max(0, w.acidity - 40) / 60) * 9 * (1 - w.oak / 100), { what: has('artichoke') ? 'artichoke' : 'asparagus' });
  }
  if (has('vinegar')) push('vinegar-soft', -Math.max(0, 58 - w.acidity) * 0.4, { wine: round(w.acidity) });
  if (has('chocolate') && w.sweetness < 55) push('chocolate-dry', -16 - grip * 6, {});

  const shared = wine.echoes.filter((echo) => dish.echoes.includes(echo));
  push('echo', Math.min(10, 3.5 * shared.length), { what: listed(shared.map((echo) => echo.replace('-', ' '))) });
  if (samePlace) push('place', 3, {});
}

/** The class of a wine in advice: sweetness and bubbles come before colour. */
export type FitClass = ColourClass | 'bubbles' | 'sweet';
export function fitClass(wine: PairingWine): FitClass {
  if (wine.loads.sweetness >= 58) return 'sweet';
  if (isSparkling(wine.loads)) return 'bubbles';
  return wine.colour;
}

/** The best fits first; ties by name. */
export function rankFits(dish: Dish, wines: readonly PairingWine[]): readonly Fit[] {
  const names = new Map(wines.map((wine) => [wine.id, wine.name]));
  return wines.map((wine) => fitOf(dish, wine)).sort((a, b) => b.fit - a.fit || (names.get(a.wine)! < names.get(b.wine)! ? -1 : 1));
}
