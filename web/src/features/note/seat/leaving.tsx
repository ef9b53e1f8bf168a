'use client';
import { useState } from 'react';
import { contract } from '@/contract/client';
import { useAct } from '@/ui/act';
import { forgetSeat } from './forget-seat';
import { call } from '@/ui/api';
import { Button } from '@/ui/button';
import { useDays } from '@/ui/here';
import { Trouble } from '@/ui/field';

/** The end of the evening: what is kept, what one takes home, and the way to be forgotten. */
export function Leaving({ until, changed }: { until: string | null; changed: () => void }) {
  const [gone, setGone] = useState<'left' | 'forgotten'>();
  const act = useAct();
  const leave = (forget: boolean) =>
    void act.run(async () => {
      await call(contract.guest.leave, { forget });
      await forgetSeat();
      setGone(forget ? 'forgotten' : 'left');
    });
  if (gone !== undefined)
    return (
      <p role="status">
        {gone === 'forgotten' ? 'Your name and your card are deleted. Thank you for tasting with us.' : 'You left the table. Thank you for tasting with us.'}
      </p>
    );
  return (
    <section aria-label="The end" style={{ marginTop: 18, display: 'grid', gap: 10 }}>
      <h2>To take home</h2>
      <TakeHome until={until} changed={changed} />
      <p>Your notes stay readable here with this phone. Your name goes after 30 days, unless you kept a key.</p>
      <div style={{ display: 'flex', gap: 10, flexWrap: 'wrap' }}>
        <Button onPress={() => leave(true)} disabled={act.busy}>
          Delete my name and card
        </Button>
        <Button onPress={() => leave(false)} disabled={act.busy}>
          Leave the table
        </Button>
      </div>
      {act.problem !== null && <Trouble role="alert">{act.problem.message}</Trouble>}
    </section>
  );
}

/** A page of one's own to keep, by a link that nobody can guess; whoever has the link can read it. */
function TakeHome({ until, changed }: { until: string | null; changed: () => void }) {
  const [link, setLink] = useState<string>();
  const [copied, setCopied] = useState(false);
  const act = useAct();
  const days = useDays();
  const make = (on: boolean) =>
    void act.run(async () => {
      const { code } = await call(contract.guest.keep, { on });
      setLink(code === null ? undefined : `${window.location.origin}/takeaway/${code}`);
      setCopied(false);
      changed();
    });
  // Over plain http a page may not write to the clipboard; the link can always be marked and copied by hand.
  const copy = () =>
    navigator.clipboard?.writeText(link ?? '').then(
      () => setCopied(true),
      () => undefined,
    );
  return (
    <div style={{ display: 'grid', gap: 10 }}>
      <p>
        Your own notes and calls, the wines as far as they were uncovered, how to serve them and what to eat with them, on a page of your own. It opens for 90
        days; whoever has the link can read it.
      </p>
      {link !== undefined && (
        <p>
          <a href={link} style={{ overflowWrap: 'anywhere' }}>
            {link}
          </a>
        </p>
      )}
      <div style={{ display: 'flex', gap: 10, flexWrap: 'wrap' }}>
        {link !== undefined && 'clipboard' in navigator && <Button onPress={() => void copy()}>{copied ? 'Copied' : 'Copy the link'}</Button>}
        {link === undefined && (
          <Button tone="strong" onPress={() => make(true)} disabled={act.busy}>
            {until === null ? 'Make my page' : 'Make a new link'}
          </Button>
        )}
        {until !== null && (
          <Button onPress={() => make(false)} disabled={act.busy}>
            End the link
          </Button>
        )}
      </div>
      {until !== null && link === undefined && (
        <p className="soft">A link you made opens until {days.said(until)}. It is shown once, when it is made; a new one ends it.</p>
      )}
      {act.problem !== null && <Trouble role="alert">{act.problem.message}</Trouble>}
    </div>
  );
}
