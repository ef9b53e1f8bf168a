import type { Metadata } from 'next';
import { Schemes } from '@/features/settings/own-sheets';
import { listSchemes } from '@/server/own-designs/schemes';
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
