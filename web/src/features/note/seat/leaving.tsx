'use client';
import { useState } from 'react';
import { contract } from '@/contract/client';
import { useAct } from '@/ui/act';
import { call } from '@/ui/api';
import { Button } from '@/ui/button';
import { Trouble } from '@/ui/field';

/** The end of the evening: what is kept, and the way to be forgotten. */
export function Leaving() {
  const [gone, setGone] = useState<'left' | 'forgotten'>();
  const act = useAct();
  const leave = (forget: boolean) =>
    void act.run(async () => {
      await call(contract.guest.leave, { forget });
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
      <h2>Thank you</h2>
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
