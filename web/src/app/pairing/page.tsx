import type { Metadata } from 'next';
import { Dishes } from '@/features/pairing/dishes';
import { listDishes } from '@/server/pairing/operations';
import { read } from '@/server/page';
import { Here } from '../here';

export const metadata: Metadata = { title: 'Table' };
export default async function Page() {
  const list = await read(listDishes);
  return (
    <Here>
      <Dishes dishes={list.dishes} />
    </Here>
  );
}
