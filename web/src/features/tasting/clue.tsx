'use client';
import { placeLetter } from '@rose/core/serving-design/serving-design';
import { Disclosure } from '@/ui/disclosure';
import { Switch } from '@/ui/switch';
import { wineTitle } from '../shared-flight/wine-title';
import type { Led } from '../shared-flight/use-led';

/** Something in sight gave a covered wine away: its calls are marked, and left out of the results unless they are asked for. */
export function Clue({ led, glassId }: { led: Led; glassId: string }) {
  const { state } = led;
  const glass = state.glasses.find((entry) => entry.id === glassId)!;
  return (
    <p style={{ paddingTop: 6 }}>
      <Switch on={state.clues.includes(glassId)} disabled={!led.leads} onChange={(is) => void led.act('clue', { glassId, is })}>
        {state.panel ? wineTitle(state, glass) : `A label, a bottle or a word gave wine ${placeLetter(glass.place)} away`}
      </Switch>
    </p>
  );
}
/** In a panel every wine is before somebody: whichever was given away is chosen by its name, where the host may know it. */
export function CluesOfPanel({ led }: { led: Led }) {
  const { state } = led;
  const known = state.glasses.filter(
    (glass) => !glass.rejected && !glass.revealed && state.identities.some((entry) => entry.glassId === glass.id && entry.wine),
  );
  if (known.length === 0) return null;
  return (
    <Disclosure says="Given away?">
      <p className="soft">By a label, a bottle or a word; its calls are marked at every seat.</p>
      {known.map((glass) => (
        <Clue key={glass.id} led={led} glassId={glass.id} />
      ))}
    </Disclosure>
  );
}
