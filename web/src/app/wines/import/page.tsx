import type { Metadata } from 'next';
import { ImportList } from '@/features/cellar/import';
import { listFields } from '@/server/cellar/list';
import { me } from '@/server/account/queries';
import { read } from '@/server/page';

export const metadata: Metadata = { title: 'Import a list' };
export default async function Page() {
  const who = await read(me);
  return <ImportList venue={who.venue?.name ?? ''} fields={listFields} />;
}
