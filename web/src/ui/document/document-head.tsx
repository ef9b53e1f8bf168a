'use client';
import type { ComponentProps } from 'react';
import { DeleteAct } from '../delete-act';
import { WayBack } from '../way-back';
import { SavedAndUndo } from './saved-and-undo';
import type { OpenDocument } from './use-document';

/** The head of a page that edits one document: the way back, its name, whether it is saved, undo, and how it is deleted once it is there. */
export function DocumentHead<D>({
  steps,
  name,
  open,
  mayEdit,
  ...deleting
}: { name: string; open: OpenDocument<D>; mayEdit: boolean } & ComponentProps<typeof WayBack> & ComponentProps<typeof DeleteAct>) {
  return (
    <>
      <WayBack steps={steps} />
      <h1>{name}</h1>
      <div style={{ display: 'flex', gap: 12, alignItems: 'center', flexWrap: 'wrap' }}>
        <SavedAndUndo open={open} mayEdit={mayEdit} />
        {mayEdit && open.revision > 0 && <DeleteAct {...deleting} />}
      </div>
    </>
  );
}
