import { fitClass, fitNumber, fitOf, type Fit, type FitClass, type PairingWine } from '@rose/core/pairing/dish-fit';
import { inContrast, inKind, noLeaning, type Leaning } from '@rose/core/pairing/leaning';
import { profileKeys, type ProfileKey } from '@rose/core/wine/profile';
import { dishAxes, type Dish } from '@rose/core/pairing/dish';
import { dishOf, ingredient, swappable, worthOffering, type Advice, type DishPart } from './index';

/** The reason that speaks most for a fit, weight by weight last: most good pairs have that. */
export function speaksFor({ reasons }: Fit): Fit['reasons'][number] {
  const [told, weight] = [reasons.filter(({ id, push }) => id !== 'start' && id !== 'weight' && push >= 2), reasons.find(({ id }) => id === 'weight')];
  return told.reduce((best, reason) => (reason.push > best.push ? reason : best), told[0] ?? weight ?? reasons[0]!);
}

/** How two wines differ, 0–100: root mean square over their loads. */
const apart = (a: PairingWine, b: PairingWine): number =>
  Math.sqrt(profileKeys.reduce((sum, key) => sum + (a.loads[key] - b.loads[key]) ** 2, 0) / profileKeys.length);

/** Nobody weighs a plate: each part may be half or twice what was written. */
const unsure = [0.5, 2] as const;
export interface Safe {
  readonly fit: Fit;
  /** The fit at its worst when any one part is half or twice as much. */
  readonly least: number;
}
/** The wine that loses least when the cook's hand slips: of those at the top, the best at its worst. None where none is worth offering at its worst. */
export function safeChoice(parts: readonly DishPart[], { ranked }: Advice, wines: readonly PairingWine[], leaning: Leaning = noLeaning): Safe | undefined {
  const byId = new Map(wines.map((wine) => [wine.id, wine]));
  const plates = parts.flatMap((entry, at) => {
    const row = ingredient(entry.part);
    return row === undefined
      ? []
      : unsure.map((share) => dishOf(parts.map((one, i) => (i === at ? { ...one, grams: (entry.grams ?? row.portion) * share } : one))));
  });
  const tried = ranked
    .slice(0, mostTried)
    .map((fit) => ({ fit, least: Math.min(fit.fit, ...plates.map((plate) => fitNumber(plate, byId.get(fit.wine)!, leaning))) }));
  const best = tried.reduce<Safe | undefined>((top, one) => (top === undefined || one.least > top.least ? one : top), undefined);
  return best === undefined || best.least < worthOffering ? undefined : best;
}
const mostTried = 12;

/** From here on a wine is offered as a surprise: it goes, and nearly well. Own choice. */
const goesWellEnough = 60;
/** The wine that goes and is least like the best ones: of another class than the first three, and farthest from them. It never clashes. */
export function surprise({ ranked }: Advice, wines: readonly PairingWine[]): Fit | undefined {
  const byId = new Map(wines.map((wine) => [wine.id, wine]));
  const first = ranked.slice(0, 3).map((fit) => byId.get(fit.wine)!);
  const classes = new Set<FitClass>(first.map(fitClass));
  const others = ranked.slice(3).filter((fit) => fit.fit >= goesWellEnough && fit.clash === undefined && !classes.has(fitClass(byId.get(fit.wine)!)));
  const far = (fit: Fit) => Math.min(...first.map((wine) => apart(wine, byId.get(fit.wine)!)));
  return others.reduce<Fit | undefined>((best, one) => (best === undefined || far(one) > far(best) ? one : best), undefined);
}

/** By how much a change must better a pair to be proposed. */
const leastGain = 5;
const words: Readonly<Record<ProfileKey, readonly [more: string, less: string]>> = {
  acidity: ['sharper', 'softer'],
  sweetness: ['sweeter', 'drier'],
  bubbles: ['with more bubbles', 'with fewer bubbles'],
  tannin: ['with more grip', 'with less grip'],
  alcohol: ['stronger', 'lighter in alcohol'],
  body: ['fuller', 'lighter'],
  intensity: ['louder', 'quieter'],
  length: ['longer', 'shorter'],
  oak: ['with more wood', 'with less wood'],
  fragility: ['more fragile', 'sturdier'],
};
export interface NearerWine {
  readonly fit: Fit;
  /** What it is beside the other: "sharper, with less grip". */
  readonly how: string;
}
/** The smallest change of the wine for this dish: the wine most like the one chosen that fits better by enough to matter. */
export function nearerWine(chosen: Fit, { ranked }: Advice, wines: readonly PairingWine[]): NearerWine | undefined {
  const byId = new Map(wines.map((wine) => [wine.id, wine]));
  const own = byId.get(chosen.wine);
  if (own === undefined) return undefined;
  const better = ranked.filter((fit) => fit.fit >= chosen.fit + leastGain);
  if (better.length === 0) return undefined;
  const near = better.reduce((best, one) => (apart(own, byId.get(one.wine)!) < apart(own, byId.get(best.wine)!) ? one : best));
  const moved = profileKeys
    .filter((key) => key !== 'fragility' && key !== 'length')
    .map((key) => ({ key, by: byId.get(near.wine)!.loads[key] - own.loads[key] }))
    .filter(({ by }) => Math.abs(by) >= 6)
    .sort((a, b) => Math.abs(b.by) - Math.abs(a.by))
    .slice(0, 2);
  return { fit: near, how: moved.map(({ key, by }) => words[key][by > 0 ? 0 : 1]).join(' and ') };
}

export interface DishSwap {
  /** The row that is swapped, and the part that goes; undefined where something is added. */
  readonly at: number | undefined;
  readonly out: string | undefined;
  readonly into: string;
  readonly fit: Fit;
}
/** What a cook adds to a plate that is done, on what is not sweet and on what is. Common practice. */
const added = {
  savoury: ['lemon-juice', 'butter', 'olive-oil', 'cream', 'grated-cheese', 'black-pepper', 'toasted-nuts'],
  sweet: ['whipped-cream', 'toasted-nuts', 'citrus-zest', 'berries'],
} as const;
const sweetFrom = 40;
/** No cheese on fish, no lemon on cheese. */
const goesOn = (part: string, { marks }: Dish): boolean =>
  part === 'grated-cheese' ? marks.seafood + marks.oilyFish === 0 : part === 'lemon-juice' ? marks.cheese < 0.4 : true;
/**
 * The smallest change of the dish for a wine: one sauce, side, fat or way over the fire for another, or one thing added; the plate moved least, the fit better by
 * enough to matter.
 */
export function swapFor(parts: readonly DishPart[], wine: PairingWine, leaning: Leaning = noLeaning): DishSwap | undefined {
  const before = dishOf(parts);
  if (before.empty) return undefined;
  const now = fitNumber(before, wine, leaning);
  let found: (DishSwap & { readonly moved: number }) | undefined;
  const changes = [
    ...parts.flatMap((entry, at) =>
      swappable(entry.part).map((into) => ({ at, out: entry.part, into, made: parts.map((one, i) => (i === at ? { part: into } : one)) })),
    ),
    ...added[before.taste.sweetness < sweetFrom ? 'savoury' : 'sweet'].map((into) => ({
      at: undefined,
      out: undefined,
      into,
      made: [...parts, { part: into }],
    })),
  ];
  for (const { made, ...change } of changes) {
    if (parts.some(({ part }) => part === change.into) || !goesOn(change.into, before)) continue;
    const after = dishOf(made);
    const moved = dishAxes.reduce((sum, axis) => sum + (before.taste[axis] - after.taste[axis]) ** 2, 0);
    if ((found !== undefined && moved >= found.moved) || fitNumber(after, wine, leaning) < now + leastGain) continue;
    found = { ...change, fit: fitOf(after, wine, leaning), moved };
  }
  return found;
}

/** Kinds of wine as somebody speaks of them. */
const kinds: readonly { readonly name: string; readonly of: (wine: PairingWine) => boolean }[] = [
  { name: 'sharp whites', of: (wine) => fitClass(wine) === 'white' && wine.loads.acidity >= 62 },
  { name: 'soft whites', of: (wine) => fitClass(wine) === 'white' && wine.loads.acidity < 52 },
  { name: 'rosés', of: (wine) => fitClass(wine) === 'rose' },
  { name: 'amber wines', of: (wine) => fitClass(wine) === 'amber' },
  { name: 'gentle reds', of: (wine) => fitClass(wine) === 'red' && wine.loads.tannin < 40 },
  { name: 'reds with grip', of: (wine) => fitClass(wine) === 'red' && wine.loads.tannin >= 55 },
  { name: 'bubbles', of: (wine) => fitClass(wine) === 'bubbles' },
  { name: 'sweet and fortified wines', of: (wine) => fitClass(wine) === 'sweet' },
];
/** A kind of wine that is told to have moved, by how many points of the score. */
export interface Moved {
  readonly kind: string;
  readonly by: number;
}
/** Less than this is no news. */
const leastMoved = 1.5;
/** What a change of the dish did: the kind of wine that lost most and the one that gained most, each by its mean over the list. */
export function whatChanged(before: Advice, after: Advice, wines: readonly PairingWine[]): readonly Moved[] {
  if (before.dish.empty || after.dish.empty) return [];
  const was = new Map(before.ranked.map(({ wine, fit }) => [wine, fit]));
  const now = new Map(after.ranked.map(({ wine, fit }) => [wine, fit]));
  const moved = kinds.flatMap(({ name, of }) => {
    const own = wines.filter((wine) => of(wine) && was.has(wine.id) && now.has(wine.id));
    return own.length === 0 ? [] : [{ kind: name, by: own.reduce((sum, { id }) => sum + now.get(id)! - was.get(id)!, 0) / own.length }];
  });
  const [down, up] = [moved.toSorted((a, b) => a.by - b.by)[0], moved.toSorted((a, b) => b.by - a.by)[0]];
  return [...(down !== undefined && down.by <= -leastMoved ? [down] : []), ...(up !== undefined && up.by >= leastMoved ? [up] : [])];
}

export interface Answer {
  readonly by: 'likeness' | 'contrast' | 'surprise';
  readonly fit: Fit;
  readonly because: string;
}
/** Up to three wines that answer one dish in different ways: by likeness, by contrast, and one that surprises; each goes, none clashes, no two are one. */
export function answersTo(advice: Advice, wines: readonly PairingWine[]): readonly Answer[] {
  const going = advice.ranked.filter(({ fit, clash }) => fit >= worthOffering && clash === undefined);
  const pushes = ({ reasons }: Fit, of: ReadonlySet<string>) => reasons.filter(({ id, push }) => of.has(id) && push > 0);
  const sum = (reasons: Fit['reasons']) => reasons.reduce((total, { push }) => total + push, 0);
  const by = (way: Answer['by'], of: ReadonlySet<string>, taken: readonly string[]): readonly Answer[] => {
    const found = going
      .filter(({ wine }) => !taken.includes(wine))
      .map((fit) => ({ fit, own: pushes(fit, of) }))
      .filter(({ own }) => own.length > 0)
      .reduce<{ fit: Fit; own: Fit['reasons'] } | undefined>(
        (best, one) => (best === undefined || one.fit.fit + sum(one.own) > best.fit.fit + sum(best.own) ? one : best),
        undefined,
      );
    if (found === undefined) return [];
    const told = found.own.reduce((most, one) => (one.push > most.push ? one : most));
    return [{ by: way, fit: found.fit, because: told.text }];
  };
  const like = by('likeness', inKind, []);
  const unlike = by(
    'contrast',
    inContrast,
    like.map(({ fit }) => fit.wine),
  );
  const odd = surprise(advice, wines);
  const taken = [...like, ...unlike].map(({ fit }) => fit.wine);
  return [...like, ...unlike, ...(odd === undefined || taken.includes(odd.wine) ? [] : [{ by: 'surprise' as const, fit: odd, because: speaksFor(odd).text }])];
}
