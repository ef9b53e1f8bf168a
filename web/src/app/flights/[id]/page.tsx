import { Chart } from '@/features/flight/chart';
import { listDishes } from '@/server/pairing/operations';
import { read } from '@/server/page';
import { loadFlight } from './load';

export default async function Page({ params, searchParams }: { params: Promise<{ id: string }>; searchParams: Promise<{ new?: string }> }) {
  const { id } = await params;
  const [loaded, dishes] = await Promise.all([loadFlight(id, (await searchParams).new !== undefined), read(listDishes)]);
  return <Chart loaded={loaded} dishes={dishes.dishes.map((dish) => ({ id: dish.id, name: dish.name }))} />;
}
