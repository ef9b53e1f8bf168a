import type { Metadata } from 'next';
import { contract } from '@/contract';
import { Notebook } from '@/features/notebook/notebook';
import { listNotes, plannedLooks } from '@/server/notebook/queries';
import { accepts, narrowing, read } from '@/server/page';
import { Here } from '../here';

export const metadata: Metadata = { title: 'Notebook' };
export default async function Page({ searchParams }: { searchParams: Promise<Record<string, string>> }) {
  const asked = narrowing(contract.note.list, await searchParams);
  const filters = accepts(contract.note.list.input, asked) ? asked : {};
  const [page, { looks }] = await Promise.all([read(listNotes, { ...filters, limit: 30 }), read(plannedLooks, {})]);
  return (
    <Here>
      <Notebook first={page} filters={filters} looks={looks} />
    </Here>
  );
}
