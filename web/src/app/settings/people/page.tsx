import type { Metadata } from 'next';
import { may } from '@/contract/roles';
import { PeoplePage } from '@/features/settings/people';
import { listMail, listMembers, me } from '@/server/account/queries';
import { demoOpen } from '@/server/environment';
import { read } from '@/server/page';
import { Here } from '../../here';

export const metadata: Metadata = { title: 'Settings: people' };
export default async function Page() {
  const who = await read(me);
  const [people, letters] = await Promise.all([read(listMembers), may(who, 'letters.read') && demoOpen() ? read(listMail) : { letters: [] }]);
  return (
    <Here>
      <PeoplePage people={people} letters={letters.letters} />
    </Here>
  );
}
