import type { Metadata } from 'next';
import { EveningSettingsPage } from '@/features/settings/evening';
import { me } from '@/server/account/queries';
import { read } from '@/server/page';
import { Here } from '../../here';

export const metadata: Metadata = { title: 'Settings: an evening' };
export default async function Page() {
  const who = await read(me);
  return (
    <Here>
      <EveningSettingsPage who={who} />
    </Here>
  );
}
