import type { Metadata } from 'next';
import { Deal } from '@/features/note/deal';
import { me } from '@/server/account/queries';
import { read } from '@/server/page';

export const metadata: Metadata = { title: 'Deal hidden glasses' };
export default async function Page() {
  const who = await read(me);
  return <Deal venue={who.venue?.name ?? ''} />;
}
