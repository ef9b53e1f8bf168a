import type { Metadata } from 'next';
import { ProgramsPage } from '@/features/settings/programs';
import { listTokens } from '@/server/account/queries';
import { read } from '@/server/page';
import { Here } from '../../here';

export const metadata: Metadata = { title: 'Settings: programs' };
export default async function Page() {
  const tokens = await read(listTokens);
  return (
    <Here>
      <ProgramsPage tokens={tokens.tokens} />
    </Here>
  );
}
