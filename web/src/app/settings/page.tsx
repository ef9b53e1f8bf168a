import type { Metadata } from 'next';
import { VenueSettingsPage } from '@/features/settings/venue';
import { me } from '@/server/account/queries';
import { read } from '@/server/page';
import { Here } from '../here';

export const metadata: Metadata = { title: 'Settings' };
export default async function Page() {
  const who = await read(me);
  return (
    <Here>
      <VenueSettingsPage who={who} />
    </Here>
  );
}
