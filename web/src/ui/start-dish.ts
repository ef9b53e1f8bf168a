'use client';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { v4, v7 } from 'uuid';
import type { DishDocument } from '@rose/core/pairing/dish-document';
import { everydayDish, type EverydayDish } from '@rose/knowledge/dishes/index';
import { contract } from '@/contract/client';
import { call } from './api';

const documentOf = ({ name, parts }: EverydayDish): DishDocument => ({
  schema: 1,
  name: name.replace(/^./, (letter) => letter.toUpperCase()),
  parts: parts.map(({ part, grams, cooked }) => ({
    id: v4(),
    part,
    ...(grams === undefined ? {} : { grams }),
    ...(cooked === undefined ? {} : { cooked: [...cooked] }),
  })),
  remark: '',
});
/** Makes an everyday dish one of the venue's own, and opens it. */
export function useStartFrom(): { readonly start: (id: string) => void; readonly trouble: string } {
  const router = useRouter();
  const [trouble, setTrouble] = useState('');
  const start = (from: string) => {
    const dish = everydayDish(from);
    if (dish === undefined) return;
    const id = v7();
    setTrouble('');
    call(contract.dish.save, { id, writeId: v4(), baseRevision: 0, document: documentOf(dish) }).then(
      () => router.push(`/pairing/${id}`),
      (error: Error) => setTrouble(error.message),
    );
  };
  return { start, trouble };
}
