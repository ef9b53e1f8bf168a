import { countryName } from '../wine/country';
import { normalBelow } from '../statistics/normal';
import { isSparkling } from '../wine/profile';
import type { ColourClass } from '../wine/observables';
import { totalPush, type Told } from '../wine/reason';
import type { Dish } from './dish';
import { fitRules } from './rules/index';
import { pairOf, type PairingWine } from './rules/pair';
import { factorOf, noLeaning, placePush, tastePushes, type Leaning } from './leaning';
import type { FitRuleId } from './weights';

export type { PairingWine } from './rules/pair';
export { wineWeight } from './rules/weight';

export { fitRules } from './rules/index';
export type FitReasonId = 'start' | 'rest' | 'taste' | 'place' | FitRuleId;
/** A short name of each reason. */
export const fitTitle = {
  start: 'where every pair starts',
  rest: 'smaller things together',
  taste: 'the guest’s own taste',
  place: 'of one place',
  ...Object.fromEntries(fitRules.map((rule) => [rule.id, rule.title])),
} as Readonly<Record<FitReasonId, string>>;

export interface Fit {
  readonly wine: string;
  /** The score: 50 plus the pushes, unclipped. It ranks; {@link shownFit} shows it. */
  readonly fit: number;
  readonly reasons: readonly Told<FitReasonId>[];
  /** The hardest clash, when a single push costs 12 or more. */
  readonly clash: Told<FitReasonId> | undefined;
}
const start: Told<'start'> = { id: 'start', push: 50, unit: 'fit', args: {}, text: 'Every pair starts at 50' };
/** A reason that moves a fit by less is not said by itself. */
const floor = 0.5;
const clashFrom = -12;

/**
 * How well a wine and a dish fit: 50 plus the pushes of the rules, each with its reason; what is below half a point is one reason together. A leaning weighs the
 * rules by its school and adds what a guest likes.
 */
export function fitOf(dish: Dish, wine: PairingWine, leaning: Leaning = noLeaning): Fit {
  const pair = pairOf(dish, wine);
  const told: Told<FitRuleId | 'taste' | 'place'>[] = [];
  let rest = 0;
  for (const rule of fitRules) {
    const args = rule.when(pair);
    if (args === undefined) continue;
    const push = rule.push(args) * factorOf(leaning, rule.id);
    if (Math.abs(push) < floor) rest += push;
    else told.push({ id: rule.id, push, unit: rule.unit, args, source: rule.source, text: rule.says(args) });
  }
  for (const { name, push } of tastePushes(leaning, wine.loads))
    told.push({ id: 'taste', push, unit: 'fit', args: {}, source: 'said of the guest', text: `The guest ${name}` });
  const together = placePush(leaning, wine.homes);
  if (together !== undefined)
    told.push({
      id: 'place',
      push: together.push,
      unit: 'fit',
      args: {},
      source: 'common practice',
      text: `Wine and dish are both at home in ${countryName(together.place)}`,
    });
  told.sort((a, b) => Math.abs(b.push) - Math.abs(a.push));
  const reasons: Told<FitReasonId>[] = [start, ...told];
  if (rest !== 0) reasons.push({ id: 'rest', push: rest, unit: 'fit', args: {}, text: 'Each of them moves it by less than half a point' });
  return { wine: wine.id, fit: totalPush(reasons), reasons, clash: told.find((reason) => reason.push <= clashFrom) };
}

/** The score alone, without building reasons: for long lists, and as the yardstick of the speed measurement. */
export function fitNumber(dish: Dish, wine: PairingWine, leaning: Leaning = noLeaning): number {
  const pair = pairOf(dish, wine);
  const straight = leaning === noLeaning;
  const liked = straight ? 0 : tastePushes(leaning, wine.loads).reduce((sum, { push }) => sum + push, placePush(leaning, wine.homes)?.push ?? 0);
  return fitRules.reduce((total, rule) => {
    const args = rule.when(pair);
    return args === undefined ? total : total + rule.push(args) * (straight ? 1 : factorOf(leaning, rule.id));
  }, start.push + liked);
}

/** A score as it is shown, 0–100 and never at either end: half of all pairs one meets stand within 17 points of the start. Own choice of the spread. */
export const shownFit = (score: number): number => 100 * normalBelow((score - start.push) / 25);
/** What a score is called: the best band whose least score it reaches. */
export const fitBands = [
  { id: 'made', least: 80, name: 'made for it' },
  { id: 'good', least: 64, name: 'goes well' },
  { id: 'fair', least: 52, name: 'goes' },
  { id: 'poor', least: 38, name: 'hardly goes' },
  { id: 'clash', least: -Infinity, name: 'does not go' },
] as const;
export const bandOf = (score: number): (typeof fitBands)[number] => fitBands.find(({ least }) => score >= least)!;
/** The band of a score as it is said of something: "it goes well", "it is made for it". */
export const saysOf = (score: number): string => {
  const { id, name } = bandOf(score);
  return id === 'made' ? `is ${name}` : name;
};
/** The same of a figure as it is shown, 0–100, such as a mean over plates. */
export const bandOfShown = (shown: number): (typeof fitBands)[number] => fitBands.find(({ least }) => shown >= shownFit(least))!;

/** The class of a wine in advice: sweetness, spirit and bubbles come before colour. */
export type FitClass = ColourClass | 'bubbles' | 'sweet';
export function fitClass(wine: PairingWine): FitClass {
  if (wine.loads.sweetness >= 58 || wine.fortified === true) return 'sweet';
  if (isSparkling(wine.loads)) return 'bubbles';
  return wine.colour;
}

/** The best fits first; ties by name. */
export function rankFits(dish: Dish, wines: readonly PairingWine[], leaning: Leaning = noLeaning): readonly Fit[] {
  const names = new Map(wines.map((wine) => [wine.id, wine.name]));
  return wines.map((wine) => fitOf(dish, wine, leaning)).sort((a, b) => b.fit - a.fit || (names.get(a.wine)! < names.get(b.wine)! ? -1 : 1));
}
