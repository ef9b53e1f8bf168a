'use client';
import Link from 'next/link';
import { useState } from 'react';
import { v7 } from 'uuid';
import { blindKinds, revealKinds } from '@rose/core/flight/flight';
import { counted } from '@rose/core/wine/plural';
import { contract } from '@/contract/client';
import { useAct } from '@/ui/act';
import { call } from '@/ui/api';
import { Button } from '@/ui/button';
import { Frame, Page } from '@/ui/frame';
import { Trouble } from '@/ui/field';
import { useDays } from '@/ui/here';
import { FlightTabs } from '../shared-flight/flight-tabs';

export interface ToBegin {
  readonly flightId: string;
  readonly name: string;
  readonly wines: number;
  readonly guests: number;
  readonly blind: keyof typeof blindKinds;
  readonly reveal: keyof typeof revealKinds;
  readonly routine: string;
  readonly past: readonly { readonly id: string; readonly startedAt: string; readonly closedAt: string | null }[];
}
/** Before an evening: what it will be, and the one press that opens it. */
export function BeginEvening({ flightId, name, wines, guests, blind, reveal, routine, past }: ToBegin) {
  const act = useAct();
  const days = useDays();
  // One evening, however often it is pressed.
  const [tastingId] = useState(() => v7());
  const open = () =>
    void act.run(async () => {
      await call(contract.tasting.open, { id: flightId, tastingId });
      window.location.assign(`/flights/${flightId}/pour`);
    });
  return (
    <Frame>
      <Page>
        <div className="title">
          <div>
            <h1>{name || 'A flight'}</h1>
            <div className="soft">
              {counted(wines, 'wine')} · {counted(guests, 'guest')} expected · {blindKinds[blind]} ·{' '}
              {blind === 'open' ? 'labels in sight' : `uncovered ${revealKinds[reveal]}`} · {routine}
            </div>
          </div>
          <div className="actions">
            <FlightTabs id={flightId} />
          </div>
        </div>
        <p style={{ maxWidth: 640 }}>
          Opening the evening fixes the order, gives every glass a code, and makes a code for guests to join by. You lead; another host may take over at any
          time. Guests see places and codes{blind === 'open' ? ' and the labels' : ', and of a wine nothing before you uncover it'}.
        </p>
        {blind === 'double' && (
          <p style={{ maxWidth: 640, marginTop: 10 }}>
            This flight is blind to you too: the wines change places among the orders that may be poured, and no page of yours tells which is where. Somebody
            else takes the pourer’s part before the first glass; without a second person it does not begin.
          </p>
        )}
        <p style={{ margin: '18px 0' }}>
          <Button tone="strong" disabled={act.busy || wines === 0} onPress={open}>
            {act.busy ? 'One moment' : 'Open the evening'}
          </Button>
        </p>
        {wines === 0 && (
          <p>
            There is no wine in this flight yet. <Link href={`/flights/${flightId}`}>Choose some in Chart.</Link>
          </p>
        )}
        {act.problem !== null && <Trouble role="alert">{act.problem.message}</Trouble>}
        {past.length > 0 && (
          <>
            <h2>Evenings of this flight</h2>
            <ul>
              {past.map((entry) => (
                <li key={entry.id}>
                  {days.said(entry.startedAt)}
                  {entry.closedAt === null ? ', not closed' : ', closed'} · <Link href={`/flights/${flightId}/unmask?evening=${entry.id}`}>its calls</Link> ·{' '}
                  <Link href={`/flights/${flightId}/after?evening=${entry.id}`}>looked back on</Link> ·{' '}
                  <Link href={`/flights/${flightId}/paper?evening=${entry.id}`}>from paper</Link>
                </li>
              ))}
            </ul>
          </>
        )}
      </Page>
    </Frame>
  );
}
