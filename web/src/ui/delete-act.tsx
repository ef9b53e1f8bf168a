'use client';
import { useState } from 'react';
import { useAct } from './act';
import { Button } from './button';
import { Trouble } from './field';

/** Deletes something after saying what hangs on it; what stands in its place afterwards is the caller's. */
export function DeleteAct({ hangsOn, remove, onDeleted }: { hangsOn: () => Promise<string>; remove: () => Promise<unknown>; onDeleted: () => void }) {
  const act = useAct();
  const [hanging, setHanging] = useState<string | null>(null);
  return (
    <>
      {hanging === null ? (
        <Button tone="quiet" size="small" disabled={act.busy} onPress={() => void act.run(async () => setHanging(await hangsOn()))}>
          Delete
        </Button>
      ) : (
        <span role="alert">
          {hanging}{' '}
          <Button tone="danger" size="small" disabled={act.busy} onPress={() => void act.run(() => remove().then(onDeleted))}>
            Delete it
          </Button>{' '}
          <Button size="small" onPress={() => setHanging(null)}>
            Keep it
          </Button>
        </span>
      )}
      {act.problem !== null && <Trouble role="alert">{act.problem.message}</Trouble>}
    </>
  );
}
