'use client';
import { UndoButton } from '@/ui/document/saved-and-undo';
import { StateLine } from '@/ui/document/save-state';
import type { EditedVenue } from './use-venue';

/** How what is edited on a settings page is saved. */
export function VenueState({ edited, mayEdit }: { edited: EditedVenue; mayEdit: boolean }) {
  const says = {
    saved: 'Saved as you edit',
    waiting: 'Sending',
    device: 'Not sent yet: there is no connection. Keep this page open.',
    refused: edited.problem,
  }[edited.state];
  if (!mayEdit) return <span className="soft">Only an owner changes these.</span>;
  return (
    <>
      <StateLine data-state={edited.state} role="status">
        {says}
      </StateLine>
      <UndoButton canUndo={edited.canUndo} undo={edited.undo} />
    </>
  );
}
