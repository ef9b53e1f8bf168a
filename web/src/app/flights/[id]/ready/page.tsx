import type { Metadata } from 'next';
import { Ready } from '@/features/prepare/ready';
import { instantIn } from '@/server/wall-time';
import { loadFlight } from '../load';
import { Here } from '../../../here';

export async function generateMetadata({ params }: { params: Promise<{ id: string }> }): Promise<Metadata> {
  return { title: `Ready: ${(await loadFlight((await params).id, false)).document.name || 'a flight'}` };
}
export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const loaded = await loadFlight(id, false);
  const { starts } = loaded.document;
  return (
    <Here>
      <Ready loaded={loaded} firstPour={starts === '' ? null : instantIn(starts, loaded.timeZone).toISOString()} />
    </Here>
  );
}
