import type { Metadata } from 'next';
import { routineOf } from '@rose/knowledge/routines/index';
import { BeginEvening } from '@/features/tasting/begin-evening';
import { Console } from '@/features/tasting/console';
import { reachableAt } from '@/server/environment';
import { loadEvening } from '../evening';
import { Here } from '../../../here';

type Asked = { params: Promise<{ id: string }> };
export async function generateMetadata({ params }: Asked): Promise<Metadata> {
  return { title: `Pour: ${(await loadEvening((await params).id, undefined)).flight.document.name || 'a flight'}` };
}
export default async function Page({ params }: Asked) {
  const { id } = await params;
  const { flight, evening, userId, past } = await loadEvening(id, undefined);
  const { document } = flight;
  return (
    <Here>
      {evening === undefined ? (
        <BeginEvening
          flightId={id}
          name={document.name}
          wines={document.wines.length}
          guests={document.guests}
          blind={document.blind}
          reveal={document.reveal}
          routine={routineOf(document).name}
          past={past}
        />
      ) : (
        <Console first={evening} userId={userId} flightId={id} addresses={reachableAt()} />
      )}
    </Here>
  );
}
