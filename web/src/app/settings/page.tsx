import type { Metadata } from 'next';
import { may } from '@/contract/roles';
import { Settings } from '@/features/settings/settings';
import { listMail, listMembers, listTokens, me } from '@/server/account/queries';
import { listRoutines } from '@/server/own-designs/routines';
import { read } from '@/server/page';
import { demoOpen } from '@/server/environment';
import { Here } from '../here';

export const metadata: Metadata = { title: 'Settings' };
export default async function Page() {
  const who = await read(me);
  const [people, tokens, own, letters] = await Promise.all([
    read(listMembers),
    read(listTokens),
    read(listRoutines),
    may(who, 'letters.read') && demoOpen() ? read(listMail) : { letters: [] },
  ]);
  return (
    <Here>
      <Settings who={who} people={people} tokens={tokens.tokens} letters={letters.letters} own={own.versions} />
    </Here>
  );
}
