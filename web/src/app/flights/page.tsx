import type { Metadata } from 'next';
import { Flights } from '@/features/flight/flights';
import { me } from '@/server/account/queries';
import { listFlights } from '@/server/flight/operations';
import { read } from '@/server/page';

export const metadata: Metadata = { title: 'Flights' };
export default async function Page() {
  const [who, list] = await Promise.all([read(me), read(listFlights)]);
  return <Flights venue={who.venue?.name ?? ''} mayEdit={who.role !== 'helper'} flights={list.flights} />;
}
