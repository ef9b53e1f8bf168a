'use client';
import dynamic from 'next/dynamic';
import type { NoteDocument } from '@rose/core/wine/note';
import { Button } from '@/ui/button';
import { Panel } from '../note-layout';
import type { ChangeNote } from '../observation';

const Sheet = dynamic(() => import('./draft-sheet').then((module) => module.Sheet), { ssr: false });

/** The draft mark, after the taster's own: the mark as it stood when the draft was first shown is kept. */
export function Draft({ doc, change }: { doc: NoteDocument; change: ChangeNote }) {
  const mark = doc.observed.quality;
  const shown = doc.markBeforeDraft !== null;
  if (mark === undefined && !shown)
    return (
      <Panel>
        <p className="soft">The draft mark shows after your own mark, under Judgement.</p>
      </Panel>
    );
  if (!shown)
    return (
      <Panel>
        <p className="soft">Your mark is {mark}.</p>
        <p style={{ marginTop: 8 }}>
          <Button onPress={() => change((d) => ({ ...d, markBeforeDraft: mark! }))}>Show the draft mark</Button>
        </p>
      </Panel>
    );
  return (
    <Panel aria-label="Draft mark">
      <Sheet doc={doc} change={change} />
    </Panel>
  );
}
