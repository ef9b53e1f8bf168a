'use client';
import { useEffect } from 'react';
import { Button, Key } from '../button';
import { takesLetters } from '../keys';
import { SaveState } from './save-state';
import type { OpenDocument } from './use-document';

/** The way back from what was just changed, by one key. In a field of letters the key is the field's own. */
export function UndoButton({ canUndo, undo }: { canUndo: boolean; undo: () => void }) {
  useEffect(() => {
    if (!canUndo) return;
    const listen = (event: KeyboardEvent) => {
      if (event.key.toLowerCase() !== 'z' || event.shiftKey || event.altKey || !(event.ctrlKey || event.metaKey) || takesLetters(event.target)) return;
      event.preventDefault();
      undo();
    };
    window.addEventListener('keydown', listen);
    return () => window.removeEventListener('keydown', listen);
  });
  return (
    <Button size="small" disabled={!canUndo} onPress={undo} keys="Control+Z">
      Undo <Key>ctrl z</Key>
    </Button>
  );
}

/** How a document is saved, and the way back from what was just changed. */
export const SavedAndUndo = <D,>({ open, mayEdit = true }: { open: OpenDocument<D>; mayEdit?: boolean }) => (
  <>
    <SaveState open={open} />
    {mayEdit && <UndoButton canUndo={open.canUndo} undo={open.undo} />}
  </>
);
