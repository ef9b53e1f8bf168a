'use client';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { v4, v7 } from 'uuid';
import type { DishDocument } from '@rose/core/pairing/dish-document';
import { everydayDish } from '@rose/knowledge/dishes/index';
import type { DishPart } from '@rose/knowledge/pairing/index';
import { contract } from '@/contract/client';
import { call } from './api';

/** A part as a row of a dish document. */
export const partRow = ({ part, grams, cooked }: DishPart): DishDocument['parts'][number] => ({
  id: v4(),
  part,
  ...(grams === undefined ? {} : { grams }),
  ...(cooked === undefined ? {} : { cooked: [...cooked] }),
});
/** A name as it stands over a page. */
export const capital = (name: string): string => name.replace(/^./u, (letter) => letter.toUpperCase());
/** A name and parts as a dish of the venue. */
export const dishOfParts = (name: string, parts: readonly DishPart[], remark = ''): DishDocument => ({
  schema: 1,
  name: capital(name),
  parts: parts.slice(0, mostParts).map(partRow),
  remark,
});
/** The most parts a dish holds. */
const mostParts = 40;

/** Makes dishes the venue’s own, all of them or none told as made. */
export function useMakeDishes(): {
  readonly make: (documents: readonly DishDocument[], done: (ids: readonly string[]) => void) => void;
  readonly trouble: string;
  readonly making: boolean;
} {
  const [trouble, setTrouble] = useState('');
  const [making, setMaking] = useState(false);
  const make = (documents: readonly DishDocument[], done: (ids: readonly string[]) => void) => {
    setTrouble('');
    setMaking(true);
    const ids = documents.map(() => v7());
    Promise.all(documents.map((document, i) => call(contract.dish.save, { id: ids[i]!, writeId: v4(), baseRevision: 0, document })))
      .then(
        () => done(ids),
        (error: Error) => setTrouble(error.message),
      )
      .finally(() => setMaking(false));
  };
  return { make, trouble, making };
}
/** Makes an everyday dish one of the venue's own, and opens it. */
export function useStartFrom(): { readonly start: (id: string) => void; readonly trouble: string } {
  const router = useRouter();
  const { make, trouble } = useMakeDishes();
  const start = (from: string) => {
    const dish = everydayDish(from);
    if (dish !== undefined) make([dishOfParts(dish.name, dish.parts)], ([id]) => router.push(`/pairing/${id}`));
  };
  return { start, trouble };
}
