import { emptyDish } from '@rose/core/pairing/document';
import { DishPage } from '@/features/pairing/dish';
import { me } from '@/server/account/queries';
import { listFlights } from '@/server/flight/operations';
import { getDish } from '@/server/pairing/operations';
import { read } from '@/server/page';

export default async function Page({ params, searchParams }: { params: Promise<{ id: string }>; searchParams: Promise<{ new?: string }> }) {
  const { id } = await params;
  const [who, flights] = await Promise.all([read(me), read(listFlights)]);
  const shared = {
    venue: who.venue?.name ?? '',
    mayEdit: who.role !== 'helper',
    flights: flights.flights.map(({ id: flight, name }) => ({ id: flight, name })),
  };
  if ((await searchParams).new !== undefined) return <DishPage {...shared} id={id} revision={0} document={emptyDish} />;
  const dish = await read(getDish, { id });
  return <DishPage {...shared} id={id} revision={dish.revision} document={dish.document} />;
}
