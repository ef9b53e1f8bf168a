'use client';
import { useState } from 'react';
import type { NoteView } from '@/contract/answers';
import { contract } from '@/contract/client';
import { call } from '@/ui/api';
import { Button } from '@/ui/button';
import { Trouble } from '@/ui/field';
import { WinePicker } from '@/ui/wine-picker';

type Picked = { readonly id: string; readonly name: string };
const places = ['left', 'right'] as const;

/** Unwraps both glasses of a pair where they stand, once the pair is locked; of bags one marked oneself, one says what each held. */
export function Unwrap({ notes, locked, flush }: { notes: readonly [NoteView, NoteView]; locked: boolean; flush: () => Promise<unknown> }) {
  const [picked, setPicked] = useState<readonly [Picked | undefined, Picked | undefined]>([undefined, undefined]);
  const [trouble, setTrouble] = useState('');
  const covered = notes.map((note) => note.hidden?.mine === true);
  if (!covered.some(Boolean)) return null;
  if (!locked) return <p className="soft">The two are hidden. Lock the pair, and they can be unwrapped here.</p>;
  const asks = notes.map((note, at) => covered[at] === true && note.hidden!.named !== true);
  const ready = asks.every((ask, at) => !ask || picked[at] !== undefined);
  const unwrap = async () => {
    setTrouble('');
    try {
      await flush();
      for (const [at, note] of notes.entries())
        if (covered[at] === true) await call(contract.note.uncover, { id: note.id, ...(asks[at] === true ? { wineId: picked[at]!.id } : {}) });
      window.location.reload();
    } catch (error) {
      setTrouble((error as Error).message);
    }
  };
  return (
    <section aria-label="Unwrap both" style={{ display: 'grid', gap: 8, margin: '12px 0' }}>
      {asks.map((ask, at) =>
        !ask ? null : picked[at] === undefined ? (
          <WinePicker
            key={places[at]}
            label={`Which wine was in the bag on the ${places[at]}?`}
            taken={picked.flatMap((wine) => (wine === undefined ? [] : [wine.id]))}
            onPick={(wine) => setPicked(at === 0 ? [wine, picked[1]] : [picked[0], wine])}
          />
        ) : (
          <p key={places[at]} style={{ margin: 0 }}>
            On the {places[at]}: <strong>{picked[at].name}</strong>{' '}
            <Button
              size="small"
              tone="quiet"
              label={`Another wine on the ${places[at]}`}
              onPress={() => setPicked(at === 0 ? [undefined, picked[1]] : [picked[0], undefined])}
            >
              another
            </Button>
          </p>
        ),
      )}
      <p style={{ margin: 0 }}>
        <Button tone="strong" disabled={!ready} onPress={() => void unwrap()}>
          Unwrap both
        </Button>
      </p>
      <p className="soft" style={{ margin: 0 }}>
        Both notes as they stand now are kept for the calls.
      </p>
      {trouble !== '' && <Trouble role="alert">{trouble}</Trouble>}
    </section>
  );
}
