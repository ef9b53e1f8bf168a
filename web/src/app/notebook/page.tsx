import type { Metadata } from 'next';
import { contract } from '@/contract';
import { Notebook } from '@/features/notebook/notebook';
import { listNotes } from '@/server/notebook/queries';
import { accepts, read } from '@/server/page';
import { Here } from '../here';

export const metadata: Metadata = { title: 'Notebook' };
export default async function Page({ searchParams }: { searchParams: Promise<Record<string, string>> }) {
  const known = ['q', 'colour', 'from', 'to', 'least', 'mine', 'clear', 'wineId'];
  const asked = Object.fromEntries(
    Object.entries(await searchParams).filter(([key, value]) => known.includes(key) && typeof value === 'string' && value !== ''),
  );
  const filters = accepts(contract.note.list.input, asked) ? asked : {};
  const page = await read(listNotes, { ...filters, limit: 30 });
  return (
    <Here>
      <Notebook first={page} filters={filters} />
    </Here>
  );
}
