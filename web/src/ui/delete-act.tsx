'use client';
import { useState } from 'react';
import { useAct } from './act';
import { Button } from './button';
import { Trouble } from './field';

const usual = { asks: 'Delete', does: 'Delete it', keeps: 'Keep it' } as const;
/** Deletes something after saying what hangs on it; what stands in its place afterwards is the caller's. */
export function DeleteAct({
  hangsOn,
  remove,
  onDeleted,
  words = usual,
}: {
  /** What hangs on it, in a sentence. */
  hangsOn: () => Promise<string>;
  remove: () => Promise<unknown>;
  onDeleted: () => void;
  words?: { readonly asks: string; readonly does: string; readonly keeps: string };
}) {
  const act = useAct();
  const [hanging, setHanging] = useState<string | null>(null);
  return (
    <>
      {hanging === null ? (
        <Button tone="quiet" size="small" disabled={act.busy} onPress={() => void act.run(async () => setHanging(await hangsOn()))}>
          {words.asks}
        </Button>
      ) : (
        <span role="alert">
          {hanging}{' '}
          <Button
            tone="danger"
            size="small"
            disabled={act.busy}
            onPress={() =>
              void act.run(async () => {
                await remove();
                setHanging(null);
                onDeleted();
              })
            }
          >
            {words.does}
          </Button>{' '}
          <Button size="small" onPress={() => setHanging(null)}>
            {words.keeps}
          </Button>
        </span>
      )}
      {act.problem !== null && <Trouble role="alert">{act.problem.message}</Trouble>}
    </>
  );
}
