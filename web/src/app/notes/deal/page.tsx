import type { Metadata } from 'next';
import { Deal } from '@/features/note/deal';
import { me } from '@/server/account/queries';
import { listWines } from '@/server/cellar/queries';
import { read } from '@/server/page';

export const metadata: Metadata = { title: 'Deal hidden glasses' };
export default async function Page() {
  const [who, wines] = await Promise.all([read(me), read(listWines, { limit: 500 })]);
  return <Deal venue={who.venue?.name ?? ''} wines={wines.items.map(({ id, name, producer }) => ({ id, name, producer }))} />;
}
