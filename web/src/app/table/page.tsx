import type { Metadata } from 'next';
import { Dishes } from '@/features/pairing/dishes';
import { me } from '@/server/account/queries';
import { listDishes } from '@/server/pairing/operations';
import { read } from '@/server/page';

export const metadata: Metadata = { title: 'Table' };
export default async function Page() {
  const [who, list] = await Promise.all([read(me), read(listDishes)]);
  return <Dishes venue={who.venue?.name ?? ''} mayEdit={who.role !== 'helper'} dishes={list.dishes} />;
}
