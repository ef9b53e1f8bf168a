import type { Metadata } from 'next';
import { contract } from '@/contract';
import { Flights } from '@/features/flight/flights';
import { listFlights } from '@/server/flight/operations';
import { accepts, narrowing, read } from '@/server/page';
import { Here } from '../here';

export const metadata: Metadata = { title: 'Flights' };
export default async function Page({ searchParams }: { searchParams: Promise<Record<string, string>> }) {
  const asked = narrowing(contract.flight.list, await searchParams);
  const filters = accepts(contract.flight.list.input, asked) ? asked : {};
  const list = await read(listFlights, filters);
  return (
    <Here>
      <Flights flights={list.flights} filters={filters} />
    </Here>
  );
}
