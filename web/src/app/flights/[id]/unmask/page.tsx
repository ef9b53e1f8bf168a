import type { Metadata } from 'next';
import { redirect } from 'next/navigation';
import { Unmask } from '@/features/reveal/unmask';
import { loadEvening } from '../evening';
import { Here } from '../../../here';

type Asked = { params: Promise<{ id: string }>; searchParams: Promise<{ evening?: string }> };
export async function generateMetadata({ params, searchParams }: Asked): Promise<Metadata> {
  return { title: `Unmask: ${(await loadEvening((await params).id, (await searchParams).evening)).flight.document.name || 'a flight'}` };
}
export default async function Page({ params, searchParams }: Asked) {
  const { id } = await params;
  const asked = (await searchParams).evening;
  const { evening, past, userId } = await loadEvening(id, asked);
  if (evening === undefined) {
    // Without an open evening the last one that was closed is looked back on.
    if (asked === undefined && past[0] !== undefined) redirect(`/flights/${id}/unmask?evening=${past[0].id}`);
    redirect(`/flights/${id}/pour`);
  }
  return (
    <Here>
      <Unmask first={evening} userId={userId} flightId={id} />
    </Here>
  );
}
