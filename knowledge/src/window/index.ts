import type { WineFacts } from '@rose/core/wine/facts';
import { factOf } from '@rose/core/wine/stated';
import { loadsOf, profileKeys, type Profile } from '@rose/core/wine/profile';
import { drinkingWindow, type DrinkingWindow } from '@rose/core/window/window';

/** The drinking window of a wine with a year; a wine of several years is read from the latest, one without a year has none. */
export function windowOf(facts: WineFacts, profile: Profile): DrinkingWindow | undefined {
  const vintage = factOf(facts, 'vintage');
  if (vintage === undefined || vintage.kind === 'none') return undefined;
  const loads = loadsOf(profile);
  return drinkingWindow({
    loads,
    known: profileKeys.filter((key) => profile[key].from !== 'style'),
    year: vintage.kind === 'year' ? vintage.year : vintage.to,
    fortified: factOf(facts, 'fortified') === true,
    heated: factOf(facts, 'heated') === true,
    sparkling: loads.bubbles >= 40,
    closure: factOf(facts, 'closure'),
    clearGlass: factOf(facts, 'glass') === undefined ? undefined : factOf(facts, 'glass') === 'clear',
    storage: factOf(facts, 'storage'),
  });
}
