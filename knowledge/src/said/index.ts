import type { WineFacts } from '@rose/core/wine/facts';
import { fold } from '@rose/core/wine/search-folding';
import { factOf } from '@rose/core/wine/stated';
import { grapeContext, grapeNamed } from '../grapes/index';
import { said } from './data';

const byName = new Map(Object.entries(said).map(([name, how]) => [fold(name), how]));

/** How a name is said, respelled; undefined where we do not know, and then nothing is said of it. */
export const howSaid = (name: string): string | undefined => byName.get(fold(name));

/** The names of a wine that are told how to say: its own, where somebody wrote it down, its grapes and places, each once, in the order they stand on a label. */
export function namesSaid(facts: WineFacts, name = 'its name'): readonly { readonly name: string; readonly said: string }[] {
  const context = grapeContext(facts);
  const names = [
    ...(factOf(facts, 'grapes') ?? []).flatMap(({ grape }) => [grape, grapeNamed(grape, context)?.name ?? grape]),
    ...(['appellation', 'region', 'site'] as const).flatMap((id) => factOf(facts, id) ?? []),
  ];
  const told = new Map<string, { readonly name: string; readonly said: string }>();
  const own = factOf(facts, 'said');
  if (own !== undefined) told.set(own, { name, said: own });
  for (const written of names) {
    const how = howSaid(written);
    if (how !== undefined && !told.has(how)) told.set(how, { name: written, said: how });
  }
  return [...told.values()];
}
