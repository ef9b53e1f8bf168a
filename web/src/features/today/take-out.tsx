'use client';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { AnswerOf } from '@/contract/answers';
import { contract } from '@/contract/client';
import { useAct } from '@/ui/act';
import { call } from '@/ui/api';
import { Button } from '@/ui/button';
import { Trouble } from '@/ui/field';
import { say } from '@/ui/say';
import { counted, listed } from '@rose/core/wine/plural';

/** Takes the invented wines out: what hangs on them is said first, and they can be brought back. */
export function TakeOut({ present, bringBack }: { present: number; bringBack: () => Promise<unknown> }) {
  const router = useRouter();
  const act = useAct();
  const [hanging, setHanging] = useState<AnswerOf<'sample', 'hangsOn'> | null>(null);
  const takeOut = () =>
    act.run(async () => {
      await call(contract.sample.takeOut, {});
      setHanging(null);
      say({ says: 'The invented wines are out of the cellar.', act: { says: 'Bring them back', does: () => void bringBack() } });
      router.refresh();
    });
  return (
    <>
      {hanging === null ? (
        <>
          <span>
            {counted(present, 'invented wine')} to play with {present === 1 ? 'is' : 'are'} in your cellar.
          </span>
          <Button size="small" disabled={act.busy} onPress={() => void act.run(async () => setHanging(await call(contract.sample.hangsOn, {})))}>
            Take them out
          </Button>
        </>
      ) : (
        <div role="alert">
          <p>
            {hanging.notes === 0 && hanging.flights.length === 0
              ? 'Nothing hangs on them.'
              : `On them ${hanging.notes === 1 ? 'hangs' : 'hang'} ${[counted(hanging.notes, 'note'), hanging.flights.length === 0 ? '' : `the flight${hanging.flights.length === 1 ? '' : 's'} ${listed(hanging.flights)}`].filter((part) => part !== '').join(' and ')}. Notes stay; the flights lose these wines.`}
          </p>
          <Button size="small" tone="danger" disabled={act.busy} onPress={() => void takeOut()}>
            Take them out
          </Button>{' '}
          <Button size="small" onPress={() => setHanging(null)}>
            Keep them
          </Button>
        </div>
      )}
      {act.problem !== null && <Trouble role="alert">{act.problem.message}</Trouble>}
    </>
  );
}
