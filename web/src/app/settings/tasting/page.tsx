import type { Metadata } from 'next';
import { TastingSettingsPage } from '@/features/settings/tasting';
import { me } from '@/server/account/queries';
import { listRoutines } from '@/server/own-designs/routines';
import { read } from '@/server/page';
import { Here } from '../../here';

export const metadata: Metadata = { title: 'Settings: ways of tasting' };
export default async function Page() {
  const [who, own] = await Promise.all([read(me), read(listRoutines)]);
  return (
    <Here>
      <TastingSettingsPage who={who} own={own.versions} />
    </Here>
  );
}
