import type { Metadata } from 'next';
import { NothingToPour, Pourer } from '@/features/tasting/pourer';
import { read } from '@/server/page';
import { eveningsOfFlight } from '@/server/tasting/open-evening';
import { Here } from '../../../here';

export const metadata: Metadata = { title: 'Pouring' };
export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const { tastings } = await read(eveningsOfFlight, { id: (await params).id });
  const open = tastings.find((entry) => entry.closedAt === null);
  return <Here>{open === undefined ? <NothingToPour /> : <Pourer id={open.id} blind={open.blind} />}</Here>;
}
