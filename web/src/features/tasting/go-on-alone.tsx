'use client';
import { placeInWords } from '@rose/core/tasting/program';
import { inReach } from '@rose/core/tasting/run';
import { Button } from '@/ui/button';
import type { Led } from '../shared-flight/use-led';

/** Lets guests go on by themselves: to the next wine, through all, or no further than the table. */
export function GoOnAlone({ led }: { led: Led }) {
  const { state, act } = led;
  const reach = inReach(state.program, state);
  const last = state.wines - 1;
  const alone = state.letTo > -1;
  return (
    <div>
      <h2>At their own pace</h2>
      <p className="soft">
        {!alone
          ? 'Guests taste with the table; what was poured stays open to them.'
          : reach >= last
            ? 'Guests may go through all by themselves.'
            : `Guests may go on by themselves up to ${placeInWords(Math.max(0, reach), state.panel)}; you hold the next.`}
      </p>
      <p style={{ display: 'flex', flexWrap: 'wrap', gap: 8, paddingTop: 6 }}>
        {reach < last && (
          <>
            <Button size="small" disabled={!led.leads} onPress={() => void act('letGoOn', { to: reach + 1 })}>
              Let them go on to {placeInWords(reach + 1, state.panel)}
            </Button>
            <Button size="small" disabled={!led.leads} onPress={() => void act('letGoOn', { to: last })}>
              Through all
            </Button>
          </>
        )}
        {alone && (
          <Button size="small" disabled={!led.leads} onPress={() => void act('letGoOn', { to: -1 })}>
            Hold them at the table
          </Button>
        )}
      </p>
    </div>
  );
}
