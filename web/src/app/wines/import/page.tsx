import type { Metadata } from 'next';
import { ImportList } from '@/features/cellar/import';
import { listFields } from '@/server/cellar/wine-list-file';
import { mustBeAbleTo } from '@/server/page';
import { Here } from '../../here';

export const metadata: Metadata = { title: 'Import a list' };
export default async function Page() {
  await mustBeAbleTo('cellar.edit');
  return (
    <Here>
      <ImportList fields={listFields} />
    </Here>
  );
}
