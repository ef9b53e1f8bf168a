'use client';
import type { NoteDocument } from '@rose/core/wine/note';
import type { ObservableId } from '@rose/core/wine/observables';
import { ChipList, NameSmell } from './smell/aroma';
import { Field } from './fields';
import type { ChangeNote, SetObservation } from './observation';

/** What a quick note asks: sound or not, a smell or two, weight, balance, buy or not. */
const first: readonly ObservableId[] = ['health'];
const then: readonly ObservableId[] = ['body', 'balance', 'buy', 'quality'];

export function Quick({ doc, set, change }: { doc: NoteDocument; set: SetObservation; change: ChangeNote }) {
  return (
    <>
      {first.map((id) => (
        <Field key={id} id={id} observed={doc.observed} set={set} />
      ))}
      <h3 style={{ margin: '16px 0 8px' }}>One or two smells</h3>
      <NameSmell label="Name a smell" layer="first" change={change} />
      <ChipList chips={doc.chips} change={change} withFate={false} />
      {then.map((id) => (
        <Field key={id} id={id} observed={doc.observed} set={set} />
      ))}
    </>
  );
}
