import type { Metadata } from 'next';
import { Routines } from '@/features/settings/own-routines';
import { listRoutines } from '@/server/own-designs/routines';
import { read } from '@/server/page';
import { Here } from '../../here';

export const metadata: Metadata = { title: 'Routines' };
export default async function Page() {
  const own = await read(listRoutines);
  return (
    <Here>
      <Routines first={own.versions} />
    </Here>
  );
}
