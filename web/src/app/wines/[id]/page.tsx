import { WinePage } from '@/features/cellar/wine';
import { getWine } from '@/server/cellar/queries';
import { listFlights } from '@/server/flight/operations';
import { listNotes } from '@/server/notebook/queries';
import { read } from '@/server/page';
import { Here } from '../../here';

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const [wine, notes, flights] = await Promise.all([read(getWine, { id }), read(listNotes, { wineId: id, limit: 6 }), read(listFlights)]);
  return (
    <Here>
      <WinePage wine={wine} notes={notes.items} flights={flights.flights} />
    </Here>
  );
}
