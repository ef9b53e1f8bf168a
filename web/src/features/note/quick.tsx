'use client';
import type { NoteDocument } from '@rose/core/wine/note';
import type { KnownGlass, ObservableId } from '@rose/core/wine/observables';
import { ChipList, NameSmell } from './smell/aroma';
import { EyeRow } from './look/eye-row';
import { BuyUpTo } from './judge/buy-up-to';
import { Field } from './fields';
import type { ChangeNote, SetObservation } from './observation';

/** What a quick note asks after one row for the eye: sound or not, a smell or two, weight, balance, another glass, buy or not. */
const first: readonly ObservableId[] = ['health'];
const then: readonly ObservableId[] = ['body', 'balance', 'another', 'buy', 'quality'];

export function Quick({ doc, set, change, known }: { doc: NoteDocument; set: SetObservation; change: ChangeNote; known: KnownGlass }) {
  return (
    <>
      <EyeRow observed={doc.observed} set={set} known={known} />
      {first.map((id) => (
        <Field key={id} id={id} observed={doc.observed} set={set} />
      ))}
      <h3 style={{ margin: '16px 0 8px' }}>One or two smells</h3>
      <NameSmell label="Name a smell" layer="first" change={change} />
      <ChipList chips={doc.chips} change={change} withFate={false} />
      {then.map((id) => (
        <Field key={id} id={id} observed={doc.observed} set={set} />
      ))}
      <BuyUpTo doc={doc} change={change} />
    </>
  );
}
