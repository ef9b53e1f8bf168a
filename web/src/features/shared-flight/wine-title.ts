import { placeLetter } from '@rose/core/serving-design/serving-design';
import type { HostState } from './use-led';

/** What a wine is called on a host's page: its place, or in a panel, where it has a place at every seat, its name as far as the host may know it. */
export function wineTitle(state: Pick<HostState, 'panel' | 'identities'>, glass: { readonly id: string; readonly place: number }): string {
  if (!state.panel) return `Wine ${placeLetter(glass.place)}`;
  return state.identities.find((entry) => entry.glassId === glass.id)?.wine?.name ?? `One of the wines, ${glass.place + 1}`;
}
