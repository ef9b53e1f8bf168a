'use client';
import { useEffect, useState } from 'react';
import styled from 'styled-components';
import { Button } from '@/ui/button';
import { keepOnDevice, keptOnDevice } from '@/ui/kept-on-device';
import { Switch } from '@/ui/switch';

const Line = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: center;
  margin: -4px 0 12px;
`;
/** Where somebody at their own pace is: the glass they look at, and since when they pause. */
export interface OwnPace {
  readonly follows: boolean;
  readonly glass: string | null;
  readonly pausedAt: string | null;
}
const withTheTable: OwnPace = { follows: true, glass: null, pausedAt: null };

/** Somebody's own pace of an evening, kept on their device: a phone that was closed opens where it was. */
export function useOwnPace(evening: string): readonly [OwnPace, (next: Partial<OwnPace>) => void] {
  const key = `own-pace/${evening}`;
  const [pace, setPace] = useState(withTheTable);
  useEffect(() => {
    const kept = keptOnDevice(key);
    if (kept !== undefined) setPace({ ...withTheTable, ...(JSON.parse(kept) as Partial<OwnPace>) });
  }, [key]);
  const change = (next: Partial<OwnPace>) => {
    const changed = { ...pace, ...next };
    setPace(changed);
    keepOnDevice(key, JSON.stringify(changed));
  };
  return [pace, change];
}
/** Follow the table, or go at one’s own pace; pause here, and go on where one was. */
export function PaceBar({
  pace,
  change,
  place,
  next,
}: {
  pace: OwnPace;
  change: (next: Partial<OwnPace>) => void;
  /** The glass one looks at. */
  place: number | undefined;
  /** What comes after it for who is at their own pace: the next glass that is theirs, or a word of who holds it. */
  next: { readonly says: string; readonly glass: string | undefined };
}) {
  return (
    <Line>
      <Switch on={pace.follows} onChange={(follows) => change({ follows, glass: null, pausedAt: null })}>
        Follow the table’s steps
      </Switch>
      {!pace.follows && place !== undefined && pace.pausedAt === null && (
        <>
          <Button size="small" onPress={() => change({ pausedAt: new Date().toISOString() })}>
            Pause here
          </Button>
          {next.glass === undefined ? (
            <span className="soft">{next.says}</span>
          ) : (
            <Button size="small" onPress={() => change({ glass: next.glass ?? null })}>
              {next.says}
            </Button>
          )}
        </>
      )}
    </Line>
  );
}
/** What stands on the screen of who pauses: where they are, and the way on. */
export function Paused({ at, goOn }: { at: string; goOn: () => void }) {
  return (
    <section aria-label="You pause" style={{ display: 'grid', gap: 14, justifyItems: 'start' }}>
      <h2>You pause at {at}</h2>
      <p>All you wrote is kept. Cover the glass with a saucer, and put a white or a rosé back into the cold if it will be long.</p>
      <Button tone="strong" onPress={goOn}>
        Go on
      </Button>
    </section>
  );
}
