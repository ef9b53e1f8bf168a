'use client';
import { useState } from 'react';
import { v7 } from 'uuid';
import { contract } from '@/contract/client';
import { call } from '@/ui/api';
import { useAct } from '@/ui/act';
import { Button } from '@/ui/button';
import { Trouble } from '@/ui/field';
import { useMay } from '@/ui/here';

/** Assesses a flight glass by glass: each note leads on to the next wine. */
export function InTurn({ flightId, wineId }: { flightId: string; wineId: string | undefined }) {
  const act = useAct();
  // One note however often it is pressed.
  const [noteId] = useState(() => v7());
  if (!useMay('note.write') || wineId === undefined) return null;
  const begin = () =>
    act.run(async () => {
      const { id } = await call(contract.note.open, { id: noteId, wineId });
      window.location.assign(`/notes/${id}?flight=${flightId}`);
    });
  return (
    <p>
      <Button size="small" disabled={act.busy} onPress={() => void begin()}>
        Assess its glasses in turn
      </Button>
      {act.problem !== null && <Trouble role="alert">{act.problem.message}</Trouble>}
    </p>
  );
}
