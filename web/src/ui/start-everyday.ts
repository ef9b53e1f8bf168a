'use client';
import { useRouter } from 'next/navigation';
import { everydayDish } from '@rose/knowledge/dishes/index';
import { dishOfParts, useMakeDishes } from './start-dish';

/** Makes an everyday dish one of the venue's own, and opens it. */
export function useStartFrom(): { readonly start: (id: string) => void; readonly trouble: string } {
  const router = useRouter();
  const { make, trouble } = useMakeDishes();
  const start = (from: string) => {
    const dish = everydayDish(from);
    if (dish !== undefined) make([dishOfParts(dish.name, dish.parts, '', dish.cuisine)], ([id]) => router.push(`/pairing/${id}`));
  };
  return { start, trouble };
}
