'use client';
import { placeLetter } from '@rose/core/serving-design/serving-design';
import { Switch } from '@/ui/switch';
import type { Led } from '../shared-flight/use-led';

/** Something in sight gave a covered wine away: its calls are marked, and left out of the results unless they are asked for. */
export function Clue({ led, place }: { led: Led; place: number }) {
  return (
    <div>
      <h2>Given away?</h2>
      <p style={{ paddingTop: 6 }}>
        <Switch on={led.state.clues.includes(place)} disabled={!led.leads} onChange={(is) => void led.act('clue', { place, is })}>
          A label, a bottle or a word gave wine {placeLetter(place)} away
        </Switch>
      </p>
    </div>
  );
}
