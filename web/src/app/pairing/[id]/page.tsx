import { emptyDish } from '@rose/core/pairing/dish-document';
import { DishPage } from '@/features/pairing/dish';
import { listFlights } from '@/server/flight/operations';
import { getDish } from '@/server/pairing/operations';
import { read } from '@/server/page';
import { Here } from '../../here';

export default async function Page({ params, searchParams }: { params: Promise<{ id: string }>; searchParams: Promise<{ new?: string }> }) {
  const { id } = await params;
  const flights = await read(listFlights);
  const shared = {
    flights: flights.flights.map(({ id: flight, name }) => ({ id: flight, name })),
  };
  if ((await searchParams).new !== undefined)
    return (
      <Here>
        <DishPage {...shared} id={id} revision={0} document={emptyDish} />
      </Here>
    );
  const dish = await read(getDish, { id });
  return (
    <Here>
      <DishPage {...shared} id={id} revision={dish.revision} document={dish.document} />
    </Here>
  );
}
