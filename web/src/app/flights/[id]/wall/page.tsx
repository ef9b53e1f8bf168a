import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { Wall } from '@/features/reveal/wall';
import { read } from '@/server/page';
import { wallOf } from '@/server/tasting/wall';
import { eveningsOfFlight } from '@/server/tasting/open-evening';
import { Here } from '../../../here';

export const metadata: Metadata = { title: 'For the room' };
export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const { tastings } = await read(eveningsOfFlight, { id: (await params).id });
  const open = tastings.find((entry) => entry.closedAt === null);
  if (open === undefined) notFound();
  const { state, code } = await read(wallOf, { id: open.id });
  return (
    <Here>
      <Wall id={open.id} first={state} code={code} />
    </Here>
  );
}
