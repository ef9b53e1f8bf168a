import type { Metadata } from 'next';
import { Schemes } from '@/features/settings/schemes';
import { me } from '@/server/account/queries';
import { listSchemes } from '@/server/house/schemes';
import { read } from '@/server/page';

export const metadata: Metadata = { title: 'Ways of giving marks' };
export default async function Page() {
  const [who, own] = await Promise.all([read(me), read(listSchemes)]);
  return <Schemes venue={who.venue?.name ?? ''} mayEdit={who.role !== 'helper'} first={own.versions} />;
}
