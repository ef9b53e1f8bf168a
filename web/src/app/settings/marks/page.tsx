import type { Metadata } from 'next';
import { Schemes } from '@/features/settings/schemes';
import { listSchemes } from '@/server/house/schemes';
import { read } from '@/server/page';
import { Here } from '../../here';

export const metadata: Metadata = { title: 'Ways of giving marks' };
export default async function Page() {
  const own = await read(listSchemes);
  return (
    <Here>
      <Schemes first={own.versions} />
    </Here>
  );
}
