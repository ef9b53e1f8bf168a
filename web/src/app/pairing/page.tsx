import type { Metadata } from 'next';
import { contract } from '@/contract';
import { Dishes } from '@/features/pairing/dishes';
import { listFlights } from '@/server/flight/operations';
import { listMenus } from '@/server/pairing/menus';
import { listDishes } from '@/server/pairing/operations';
import { accepts, narrowing, read } from '@/server/page';
import { Here } from '../here';

export const metadata: Metadata = { title: 'Table' };
export default async function Page({ searchParams }: { searchParams: Promise<Record<string, string>> }) {
  const asked = narrowing(contract.dish.list, await searchParams);
  const filters = accepts(contract.dish.list.input, asked) ? asked : {};
  const [list, { menus }, { flights }] = await Promise.all([read(listDishes, filters), read(listMenus), read(listFlights)]);
  return (
    <Here>
      <Dishes
        dishes={list.dishes}
        menus={menus}
        flights={flights.filter((flight) => flight.wines > 0).map(({ id, name }) => ({ id, name }))}
        filters={filters}
      />
    </Here>
  );
}
