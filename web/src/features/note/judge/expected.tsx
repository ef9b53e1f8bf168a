'use client';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import type { WineFacts } from '@rose/core/wine/facts';
import type { NoteDocument } from '@rose/core/wine/note';
import { Button } from '@/ui/button';
import { Panel } from '../note-layout';

const Compared = dynamic(() => import('./expected-told').then((module) => module.Compared), { ssr: false });

/** What the label let one expect beside what the glass gave; offered only after the taster's own mark, so that it leads nobody. */
export function Expected({ facts, doc, day }: { facts: WineFacts; doc: NoteDocument; day: string }) {
  const [open, setOpen] = useState(false);
  return (
    <Panel aria-label="Expected, found and missing">
      <h3>Expected, found, missing</h3>
      {open ? <Compared facts={facts} doc={doc} day={day} /> : <Button onPress={() => setOpen(true)}>Set it against the label</Button>}
    </Panel>
  );
}
