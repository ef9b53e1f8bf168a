'use client';
import Link from 'next/link';
import { Frame, Page } from '@/ui/frame';
import { FlightTabs } from '../shared-flight/flight-tabs';

/** Ready while an evening goes on that is blind to its host: the tasks would tell which bottle is where. */
export function BlindToYou({ flightId, name }: { flightId: string; name: string }) {
  return (
    <Frame>
      <Page>
        <div className="title">
          <h1>{name || 'A flight'}</h1>
          <div className="actions">
            <FlightTabs id={flightId} />
          </div>
        </div>
        <p style={{ maxWidth: '62ch' }}>
          This evening is blind to you too. What is done with which bottle, and when, is open to who pours until the evening is closed: the tasks would tell you
          what stands in front of you.
        </p>
        <p style={{ marginTop: 12 }}>
          <Link href={`/flights/${flightId}/pouring`}>I pour: take that part</Link>
        </p>
      </Page>
    </Frame>
  );
}
