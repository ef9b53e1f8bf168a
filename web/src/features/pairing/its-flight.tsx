'use client';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { v4, v7 } from 'uuid';
import { emptyFlight } from '@rose/core/flight/flight';
import { shownFit, type PairingWine } from '@rose/core/pairing/dish-fit';
import { counted } from '@rose/core/wine/plural';
import type { Advice } from '@rose/knowledge/pairing';
import { answersTo } from '@rose/knowledge/pairing/choices';
import { contract } from '@/contract/client';
import { call } from '@/ui/api';
import { Button } from '@/ui/button';

const ways = { likeness: 'by likeness', contrast: 'by contrast', surprise: 'by surprise' } as const;
/** Wines of the list that answer the dish in different ways, and the flight of them by one press. */
export function ItsFlight({
  dishId,
  name,
  advice,
  wines,
  wineName,
  mayPlan,
}: {
  dishId: string;
  name: string;
  advice: Advice;
  wines: readonly PairingWine[];
  wineName: (wine: string) => string;
  mayPlan: boolean;
}) {
  const router = useRouter();
  const [trouble, setTrouble] = useState('');
  const answers = answersTo(advice, wines);
  if (answers.length < 2) return null;
  const plan = () => {
    const id = v7();
    const entries = answers.map(({ fit }) => ({ id: fit.wine }));
    call(contract.flight.save, {
      id,
      writeId: v4(),
      baseRevision: 0,
      document: { ...emptyFlight, name: `For ${name}`.slice(0, 200), theme: 'dish', dish: dishId, wines: entries, order: entries.map((entry) => entry.id) },
    }).then(
      () => router.push(`/flights/${id}`),
      (error: Error) => setTrouble(error.message),
    );
  };
  return (
    <>
      <h3 style={{ margin: '22px 0 4px' }}>A flight for this dish</h3>
      <ul style={{ margin: '4px 0 8px', paddingLeft: 18 }}>
        {answers.map(({ by, fit, because }) => (
          <li key={fit.wine}>
            <strong>{wineName(fit.wine)}</strong>, {ways[by]}, {Math.round(shownFit(fit.fit))} of 100: {because}.
          </li>
        ))}
      </ul>
      {mayPlan && (
        <Button size="small" onPress={plan}>
          Plan a flight of {counted(answers.length, 'wine')}
        </Button>
      )}
      {trouble !== '' && <p role="alert">{trouble}</p>}
    </>
  );
}
