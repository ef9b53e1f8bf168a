'use client';
import { Button } from '@/ui/button';
import type { Led } from '../shared-flight/use-led';

/** The room before the first pour: light at every place, and nothing that smells. What is not well marks the notes that are begun from then on. */
export function RoomCheck({ led }: { led: Led }) {
  const { room } = led.state;
  const found = (light: boolean, air: boolean) => void led.act('room', { light, air });
  return (
    <div>
      <h2>Light and smells</h2>
      <p className="soft">
        {room === null
          ? 'Look along the table: white or neutral light at every place, no flowers, candles, perfume or cooking.'
          : room.light && room.air
            ? 'Found well.'
            : 'Notes begun from now on are marked by what you found.'}
      </p>
      <p style={{ display: 'flex', flexWrap: 'wrap', gap: 8, paddingTop: 6 }}>
        <Button size="small" pressed={room !== null && room.light && room.air} disabled={!led.leads} onPress={() => found(true, true)}>
          All is well
        </Button>
        <Button size="small" pressed={room?.light === false} disabled={!led.leads} onPress={() => found(room?.light === false, room?.air ?? true)}>
          The light is poor
        </Button>
        <Button size="small" pressed={room?.air === false} disabled={!led.leads} onPress={() => found(room?.light ?? true, room?.air === false)}>
          Something smells
        </Button>
      </p>
    </div>
  );
}
