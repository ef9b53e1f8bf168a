import type { Metadata } from 'next';
import { Routines } from '@/features/settings/routines';
import { me } from '@/server/account/queries';
import { listRoutines } from '@/server/house/routines';
import { read } from '@/server/page';

export const metadata: Metadata = { title: 'Routines' };
export default async function Page() {
  const [who, own] = await Promise.all([read(me), read(listRoutines)]);
  return <Routines venue={who.venue?.name ?? ''} mayEdit={who.role !== 'helper'} first={own.versions} />;
}
