'use client';
import { useRef, useState } from 'react';
import { v4, v7 } from 'uuid';
import type { DishDocument } from '@rose/core/pairing/dish-document';
import { capital } from '@rose/core/wine/plural';
import type { DishPart } from '@rose/knowledge/pairing/index';
import { contract } from '@/contract/client';
import { call } from './api';

/** A part as a row of a dish document. */
const partRow = ({ part, grams, cooked }: DishPart): DishDocument['parts'][number] => ({
  id: v4(),
  part,
  ...(grams === undefined ? {} : { grams }),
  ...(cooked === undefined ? {} : { cooked: [...cooked] }),
});
/** The most parts a dish holds. */
export const mostParts = 40;
export const partRows = (parts: readonly DishPart[]): DishDocument['parts'][number][] => parts.slice(0, mostParts).map(partRow);
/** A name and parts as a dish of the venue. */
export const dishOfParts = (name: string, parts: readonly DishPart[], remark = '', cuisine?: string): DishDocument => ({
  schema: 1,
  name: capital(name),
  parts: partRows(parts),
  remark,
  ...(cuisine === undefined ? {} : { cuisine }),
});

/** Makes dishes the venue’s own: all of them, or told why not, and asked again then. */
export function useMakeDishes(): {
  readonly make: (documents: readonly DishDocument[], done: (ids: readonly string[]) => void) => void;
  readonly trouble: string;
  readonly making: boolean;
} {
  const [trouble, setTrouble] = useState('');
  const [making, setMaking] = useState(false);
  // Asked again after a failure, what was made the first time is not made twice.
  const begun = useRef(new Map<string, { readonly id: string; readonly writeId: string }>());
  const make = (documents: readonly DishDocument[], done: (ids: readonly string[]) => void) => {
    setTrouble('');
    setMaking(true);
    const writes = documents.map((document, i) => {
      const key = `${i} ${document.name}`;
      const write = begun.current.get(key) ?? { id: v7(), writeId: v4() };
      begun.current.set(key, write);
      return { ...write, document };
    });
    Promise.all(writes.map((write) => call(contract.dish.save, { ...write, baseRevision: 0 })))
      .then(
        () => {
          begun.current.clear();
          done(writes.map(({ id }) => id));
        },
        (error: Error) => setTrouble(error.message),
      )
      .finally(() => setMaking(false));
  };
  return { make, trouble, making };
}
