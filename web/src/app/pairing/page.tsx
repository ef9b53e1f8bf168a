import type { Metadata } from 'next';
import { contract } from '@/contract';
import { Dishes } from '@/features/pairing/dishes';
import { listMenus } from '@/server/pairing/menus';
import { listDishes } from '@/server/pairing/operations';
import { accepts, narrowing, read } from '@/server/page';
import { Here } from '../here';

export const metadata: Metadata = { title: 'Table' };
export default async function Page({ searchParams }: { searchParams: Promise<Record<string, string>> }) {
  const asked = narrowing(contract.dish.list, await searchParams);
  const filters = accepts(contract.dish.list.input, asked) ? asked : {};
  const [list, { menus }] = await Promise.all([read(listDishes, filters), read(listMenus)]);
  return (
    <Here>
      <Dishes dishes={list.dishes} menus={menus} filters={filters} />
    </Here>
  );
}
