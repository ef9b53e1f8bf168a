import type { Shape } from '@rose/core/document/merge';
import type { Write } from '@rose/core/document/protocol';
import type { MenuDocument } from '@rose/core/menu/menu-document';
import type { DishDocument } from '@rose/core/pairing/dish-document';
import type { FlightDocument } from '@rose/core/flight/flight';
import type { NoteDocument } from '@rose/core/wine/note';
import type { WineDocument } from '@rose/core/wine/facts';
import { contract, shapes } from '@/contract/client';
import { call } from '../api';
import { isBegunThere, wasBegunHere } from './begun-here';

/** How a kind of document is sent, read again and merged. */
export interface Kind<D> {
  readonly shape: Shape;
  /** `seen`: the last tick of an evening that was in sight when it was written. */
  readonly save: (id: string, write: Write<D>, keepalive: boolean, seen: number | undefined) => Promise<{ readonly revision: number }>;
  readonly read: (id: string) => Promise<{ readonly revision: number; readonly document: D }>;
}
/** What each kind of document is. */
export interface Documents {
  readonly note: NoteDocument;
  /** A note as its guest has it: from their own seat. */
  readonly guestNote: NoteDocument;
  readonly wine: WineDocument;
  readonly flight: FlightDocument;
  readonly dish: DishDocument;
  readonly menu: MenuDocument;
}
export const kinds: { readonly [K in keyof Documents]: Kind<Documents[K]> } = {
  note: {
    shape: shapes.note,
    save: (id, write, keepalive) => call(contract.note.save, { id, ...write }, { keepalive }),
    read: (id) => call(contract.note.get, { id }),
  },
  guestNote: {
    shape: shapes.note,
    async save(id, write, keepalive, seen) {
      const save = () => call(contract.guest.saveNote, { id, ...write, ...(seen === undefined ? {} : { seen }) }, { keepalive });
      const begun = wasBegunHere(id);
      if (begun === undefined) return save();
      // Begun without a network: it is begun on the server by the first save that gets through. Sent twice, it is begun once.
      await call(contract.guest.begin, { noteId: id, ...begun });
      isBegunThere(id);
      return save();
    },
    read: (id) => call(contract.guest.note, { id }),
  },
  wine: {
    shape: shapes.wine,
    save: (id, write, keepalive) => call(contract.wine.save, { id, ...write }, { keepalive }),
    read: (id) => call(contract.wine.get, { id }),
  },
  flight: {
    shape: shapes.flight,
    save: (id, write, keepalive) => call(contract.flight.save, { id, ...write }, { keepalive }),
    read: (id) => call(contract.flight.get, { id }),
  },
  dish: {
    shape: shapes.dish,
    save: (id, write, keepalive) => call(contract.dish.save, { id, ...write }, { keepalive }),
    read: (id) => call(contract.dish.get, { id }),
  },
  menu: {
    shape: shapes.menu,
    save: (id, write, keepalive) => call(contract.menu.save, { id, ...write }, { keepalive }),
    read: (id) => call(contract.menu.get, { id }),
  },
};
