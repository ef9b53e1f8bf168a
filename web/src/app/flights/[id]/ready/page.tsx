import type { Metadata } from 'next';
import { BlindToYou } from '@/features/prepare/blind-to-you';
import { Ready } from '@/features/prepare/ready';
import { read } from '@/server/page';
import { eveningsOfFlight } from '@/server/tasting/open-evening';
import { instantIn } from '@/server/wall-time';
import { loadFlight } from '../load';
import { Here } from '../../../here';

export async function generateMetadata({ params }: { params: Promise<{ id: string }> }): Promise<Metadata> {
  return { title: `Ready: ${(await loadFlight((await params).id, false)).document.name || 'a flight'}` };
}
export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const [{ blindToMe }, evening] = await Promise.all([read(eveningsOfFlight, { id }), loadFlight(id, false)]);
  if (blindToMe)
    return (
      <Here>
        <BlindToYou flightId={id} name={evening.document.name} />
      </Here>
    );
  const loaded = await loadFlight(id, false);
  const { starts } = loaded.document;
  return (
    <Here>
      <Ready loaded={loaded} firstPour={starts === '' ? null : instantIn(starts, loaded.timeZone).toISOString()} />
    </Here>
  );
}
