import type { Metadata } from 'next';
import { asRoutine } from '@rose/core/routine/routine';
import { Chart } from '@/features/flight/chart';
import { listRoutines } from '@/server/own-designs/routines';
import { listDishes } from '@/server/pairing/operations';
import { read } from '@/server/page';
import { loadFlight } from './load';
import { Here } from '../../here';

type Asked = { params: Promise<{ id: string }>; searchParams: Promise<{ new?: string }> };
export async function generateMetadata({ params, searchParams }: Asked): Promise<Metadata> {
  return { title: (await loadFlight((await params).id, (await searchParams).new !== undefined)).document.name || 'A flight' };
}
export default async function Page({ params, searchParams }: Asked) {
  const { id } = await params;
  const [loaded, dishes, own] = await Promise.all([loadFlight(id, (await searchParams).new !== undefined), read(listDishes), read(listRoutines)]);
  return (
    <Here>
      <Chart
        loaded={loaded}
        dishes={dishes.dishes.map((dish) => ({ id: dish.id, name: dish.name }))}
        routines={own.versions.map((entry) => asRoutine(entry.id, entry.version, entry.document))}
      />
    </Here>
  );
}
