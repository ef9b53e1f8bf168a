'use client';
import type { Quarter } from '@rose/core/wine/observables';
import type { NoteDocument } from '@rose/core/wine/note';
import type { NoteView } from '@/contract/answers';
import { Consistency } from '../judge/contradictions';
import { Expected } from '../judge/expected';
import { Keep } from './note-tools';
import type { ChangeNote } from '../observation';
import { Written } from './written-note';

/** What stands beside the record on a desk and after it on a phone: what pulls apart, the note so far, what comes of it, and the ways to keep it. */
export function After({
  note,
  doc,
  change,
  go,
  flush,
}: {
  note: NoteView;
  doc: NoteDocument;
  change: ChangeNote;
  go: (quarter: Quarter) => void;
  flush: () => Promise<void>;
}) {
  return (
    <>
      <Consistency doc={doc} facts={note.wine?.facts} change={change} go={go} />
      <Written doc={doc} change={change} note={note} flush={flush} />
      {note.wine !== null && doc.observed.quality !== undefined && <Expected facts={note.wine.facts} doc={doc} day={note.day} />}
      <Keep note={note} doc={doc} change={change} flush={flush} />
    </>
  );
}
