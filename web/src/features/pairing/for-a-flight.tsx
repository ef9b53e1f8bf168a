'use client';
import { useRouter } from 'next/navigation';
import { useRef, useState } from 'react';
import { v4, v7 } from 'uuid';
import { contract } from '@/contract/client';
import { call } from '@/ui/api';
import { Button } from '@/ui/button';
import { SelectField } from '@/ui/select-field';

/** Food for a flight by one press: a menu with a dish for each of its wines, in their order. */
export function ForAFlight({ flights }: { flights: readonly { readonly id: string; readonly name: string }[] }) {
  const router = useRouter();
  const [flight, setFlight] = useState(flights[0]?.id ?? '');
  const [making, setMaking] = useState(false);
  const [trouble, setTrouble] = useState('');
  // Pressed again after a failure, one menu is made.
  const asked = useRef({ id: v7(), writeId: v4() });
  const plan = () => {
    setMaking(true);
    setTrouble('');
    call(contract.menu.forFlight, { id: flight })
      .then(({ document }) => call(contract.menu.save, { ...asked.current, baseRevision: 0, document }))
      .then(
        () => router.push(`/pairing/menus/${asked.current.id}`),
        (error: Error) => {
          setTrouble(error.message);
          setMaking(false);
        },
      );
  };
  if (flights.length === 0) return null;
  return (
    <div>
      <div style={{ display: 'flex', flexWrap: 'wrap', gap: 10, alignItems: 'end' }}>
        <div style={{ flex: '1 1 180px' }}>
          <SelectField<string>
            label="Food for a flight"
            value={flight}
            onChange={(id) => {
              asked.current = { id: v7(), writeId: v4() };
              setFlight(id);
            }}
            options={Object.fromEntries(flights.map(({ id, name }) => [id, name]))}
          />
        </div>
        <Button disabled={making} onPress={plan}>
          A dish for each wine
        </Button>
      </div>
      {trouble !== '' && <p role="alert">{trouble}</p>}
    </div>
  );
}
