import type { Metadata } from 'next';
import { cache } from 'react';
import { WinePage } from '@/features/cellar/wine';
import { getWine } from '@/server/cellar/queries';
import { listFlights } from '@/server/flight/operations';
import { listNotes } from '@/server/notebook/queries';
import { foodForWine } from '@/server/pairing/operations';
import { read } from '@/server/page';
import { Here } from '../../here';

const load = cache((id: string) => read(getWine, { id }));
export async function generateMetadata({ params }: { params: Promise<{ id: string }> }): Promise<Metadata> {
  return { title: (await load((await params).id)).document.name };
}
export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const [wine, notes, flights, food] = await Promise.all([load(id), read(listNotes, { wineId: id, limit: 6 }), read(listFlights), read(foodForWine, { id })]);
  return (
    <Here>
      <WinePage wine={wine} notes={notes.items} flights={flights.flights} food={food} />
    </Here>
  );
}
