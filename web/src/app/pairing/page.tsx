import type { Metadata } from 'next';
import { contract } from '@/contract';
import { Dishes } from '@/features/pairing/dishes';
import { listDishes } from '@/server/pairing/operations';
import { accepts, narrowing, read } from '@/server/page';
import { Here } from '../here';

export const metadata: Metadata = { title: 'Table' };
export default async function Page({ searchParams }: { searchParams: Promise<Record<string, string>> }) {
  const asked = narrowing(contract.dish.list, await searchParams);
  const filters = accepts(contract.dish.list.input, asked) ? asked : {};
  const list = await read(listDishes, filters);
  return (
    <Here>
      <Dishes dishes={list.dishes} filters={filters} />
    </Here>
  );
}
