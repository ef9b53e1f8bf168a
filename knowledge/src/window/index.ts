import type { WineFacts } from '@rose/core/wine/facts';
import { factOf } from '@rose/core/wine/stated';
import { isSparkling, loadsOf, profileKeys, type Profile } from '@rose/core/wine/profile';
import { drinkingWindow, windowFromPurchase, type DrinkingWindow } from '@rose/core/window/window';
import { styleOf } from '../styles/index';
import { keepingOf, packed } from './keeping';

/**
 * The drinking window of a wine: from its year, the latest of several; a bottle without one is counted from its purchase.
 * @param day ISO date it is asked on
 * @returns undefined while nothing is known of the year, not even that there is none
 */
export function windowOf(facts: WineFacts, profile: Profile, day: string): DrinkingWindow | undefined {
  const vintage = factOf(facts, 'vintage');
  if (vintage === undefined) return undefined;
  const { style } = styleOf(facts);
  const keeping = keepingOf(style);
  const now = Number(day.slice(0, 4));
  const closure = factOf(facts, 'closure');
  const soft = closure === 'can' || closure === 'bag';
  if (vintage.kind === 'none') return windowFromPurchase(now, soft ? packed : keeping.shelf, style.name);
  const loads = loadsOf(profile);
  const month = 1 / 12;
  const ripened = Math.max(factOf(facts, 'woodMonths') ?? 0, factOf(facts, 'leesMonths') ?? 0, factOf(facts, 'totalMonths') ?? 0) * month;
  return drinkingWindow({
    loads,
    known: profileKeys.filter((key) => profile[key].from !== 'style'),
    year: vintage.kind === 'year' ? vintage.year : vintage.to,
    fortified: factOf(facts, 'fortified') === true,
    heated: factOf(facts, 'heated') === true,
    sparkling: isSparkling(loads),
    closure,
    clearGlass: factOf(facts, 'glass') === undefined ? undefined : factOf(facts, 'glass') === 'clear',
    storage: factOf(facts, 'storage'),
    times: keeping.times,
    most: soft ? packed[1] + 1 : keeping.most,
    ripened: Math.floor(ripened),
    kind: soft ? 'a can or a bag' : style.name,
  });
}
