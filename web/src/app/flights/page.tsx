import type { Metadata } from 'next';
import { Flights } from '@/features/flight/flights';
import { listFlights } from '@/server/flight/operations';
import { read } from '@/server/page';
import { Here } from '../here';

export const metadata: Metadata = { title: 'Flights' };
export default async function Page() {
  const list = await read(listFlights);
  return (
    <Here>
      <Flights flights={list.flights} />
    </Here>
  );
}
