import { asRoutine } from '@rose/core/routine/routine';
import { Chart } from '@/features/flight/chart';
import { listRoutines } from '@/server/own-designs/routines';
import { listDishes } from '@/server/pairing/operations';
import { read } from '@/server/page';
import { loadFlight } from './load';
import { Here } from '../../here';

export default async function Page({ params, searchParams }: { params: Promise<{ id: string }>; searchParams: Promise<{ new?: string }> }) {
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
