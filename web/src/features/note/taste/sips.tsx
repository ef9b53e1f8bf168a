'use client';
import type { ReactNode } from 'react';
import { sipsToCome } from '@rose/core/routine/guided';
import { sipTask, sipTasks, sipsOf, type Routine } from '@rose/core/routine/routine';
import type { NoteDocument } from '@rose/core/wine/note';
import { capital, inWords } from '@rose/core/wine/plural';
import { Button } from '@/ui/button';
import type { ChangeNote } from '../observation';

const short = { clear: 'rinse', work: 'work', judge: 'judge', all: 'everything' } as const;

/** The sips of the routine, each with its task; a press says it was taken, a second press takes that back. */
export function Sips({ routine, doc, change }: { routine: Routine; doc: NoteDocument; change: ChangeNote }) {
  const total = sipsOf(routine);
  if (total === 0) return null;
  // A timed finish or a mark shows that the last sip was had.
  const taken = doc.observed.finish !== undefined || doc.observed.quality !== undefined ? total : (doc.sips ?? 0);
  return (
    <div role="group" aria-label="Sips" style={{ display: 'flex', flexWrap: 'wrap', gap: 8, alignItems: 'center', margin: '2px 0 10px' }}>
      {Array.from({ length: total }, (_, i) => i + 1).map((n) => (
        <Button
          key={n}
          size="small"
          pressed={n <= taken}
          label={`Sip ${n} of ${total}: ${sipTasks[sipTask(n, routine)]}`}
          onPress={() => change((d) => ({ ...d, sips: n === taken ? n - 1 : n }))}
        >
          {n} {short[sipTask(n, routine)]}
        </Button>
      ))}
      <span className="soft" aria-live="polite" style={{ fontSize: '0.875rem' }}>
        {taken < total ? `Sip ${taken + 1}: ${sipTasks[sipTask(taken + 1, routine)]}.` : 'All sips had.'}
      </span>
    </div>
  );
}

/** No verdict before the last sip: it asks, and the taster has the last word. The questions themselves when no sip is outstanding. */
export function BeforeVerdict({
  routine,
  doc,
  change,
  children,
}: {
  routine: Routine;
  doc: NoteDocument;
  change: ChangeNote | undefined;
  children: ReactNode;
}) {
  const left = sipsToCome(doc, routine);
  // Who only reads is not asked.
  if (left === 0 || change === undefined) return children;
  const total = sipsOf(routine);
  return (
    <div style={{ borderLeft: '3px solid var(--madder)', paddingLeft: 14, margin: '10px 0' }}>
      <p style={{ margin: '0 0 8px' }}>
        {left === total
          ? `The routine “${routine.name}” has ${inWords(total)} ${total === 1 ? 'sip' : 'sips'}, and none is noted.`
          : `${left === 1 ? 'The last sip is' : `${capital(inWords(left))} sips are`} still to come.`}{' '}
        A verdict before the last sip leaves out how the wine ends.
      </p>
      <span style={{ display: 'flex', flexWrap: 'wrap', gap: 8 }}>
        <Button onPress={() => change((d) => ({ ...d, sips: total }))}>I have had them</Button>
        <Button onPress={() => change((d) => ({ ...d, judgedEarly: true }))}>Judge all the same</Button>
      </span>
    </div>
  );
}
