import { WinePage } from '@/features/cellar/wine';
import { me } from '@/server/account/queries';
import { getWine } from '@/server/cellar/queries';
import { listFlights } from '@/server/flight/operations';
import { listNotes } from '@/server/notebook/queries';
import { read } from '@/server/page';

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const [who, wine, notes, flights] = await Promise.all([read(me), read(getWine, { id }), read(listNotes, { wineId: id, limit: 6 }), read(listFlights)]);
  return <WinePage venue={who.venue?.name ?? ''} mayEdit={who.role !== 'helper'} wine={wine} notes={notes.items} flights={flights.flights} />;
}
