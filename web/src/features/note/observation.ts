import type { NoteDocument } from '@rose/core/wine/note';
import type { ObservableId, ValueOf } from '@rose/core/wine/observables';

/** Sets one observation of the open note, or clears it. */
export type SetObservation = <Id extends ObservableId>(id: Id, value: ValueOf<Id> | undefined) => void;
export type ChangeNote = (change: (document: NoteDocument) => NoteDocument) => void;
