'use client';
import dynamic from 'next/dynamic';
import { v4 } from 'uuid';
import { hasCommitted, type NoteDocument } from '@rose/core/wine/note';
import { Button } from '@/ui/button';
import { Panel } from '../note-layout';
import type { ChangeNote } from '../observation';

const Told = dynamic(() => import('./deduction-told').then((module) => module.Told), { ssr: false });

/** What the record speaks for; only after the taster has committed, so that nobody is led. What is called after it counts as helped. */
export function Deduction({ doc, change }: { doc: NoteDocument; change: ChangeNote }) {
  const committed = hasCommitted(doc);
  if (doc.deduced !== true)
    return (
      <Panel aria-label="What the record speaks for">
        <h3>What the record speaks for</h3>
        <p className="soft">
          {committed
            ? 'You have given your mark and an idea. Ideas left after this count as helped.'
            : `First ${doc.observed.quality === undefined ? 'your own mark, then ' : ''}an idea of your own, or none.`}
        </p>
        {doc.observed.quality !== undefined && !committed && (
          <Button onPress={() => change((d) => ({ ...d, ideas: [...(d.ideas ?? []), { id: v4(), at: 'verdict', certainty: 0 }] }))}>No idea</Button>
        )}
        {committed && <Button onPress={() => change((d) => ({ ...d, deduced: true }))}>Show what it speaks for</Button>}
      </Panel>
    );
  return (
    <Panel aria-label="What the record speaks for">
      <h3>What the record speaks for</h3>
      <Told doc={doc} />
    </Panel>
  );
}
