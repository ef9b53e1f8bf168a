'use client';
import { useState } from 'react';
import { doubtSmells, type DoubtSmell } from '@rose/core/tasting/doubts';
import { contract } from '@/contract/client';
import { call } from '@/ui/api';
import { Choice } from '@/ui/choice';
import { Disclosure } from '@/ui/disclosure';

/** Tells the host alone that a glass seems not sound. */
export function DoubtIt({ glassId }: { glassId: string }) {
  const [smells, setSmells] = useState<DoubtSmell>();
  const [said, setSaid] = useState('');
  return (
    <Disclosure says="Not sure this glass is sound? Tell the host alone">
      <Choice
        name={`doubt-${glassId}`}
        label="What is it like?"
        options={doubtSmells}
        value={smells}
        onChange={(value) => {
          setSmells(value);
          call(contract.guest.doubt, { glassId, smells: value ?? null }).then(
            () => setSaid(value === undefined ? 'Taken back.' : 'The host knows. Wait two minutes and smell again; nobody else is told.'),
            () => setSaid('It was not sent: there is no connection just now. Wave to the host.'),
          );
        }}
      />
      <p role="status" className="soft">
        {said}
      </p>
    </Disclosure>
  );
}
