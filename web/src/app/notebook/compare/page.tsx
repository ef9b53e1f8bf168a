import type { Metadata } from 'next';
import { redirect } from 'next/navigation';
import { Compare } from '@/features/notebook/compare';
import { getNote } from '@/server/note/operations';
import { repeatability } from '@/server/notebook/queries';
import { read } from '@/server/page';
import { Here } from '../../here';

export const metadata: Metadata = { title: 'Left and right' };
export default async function Page({ searchParams }: { searchParams: Promise<{ left?: string; right?: string }> }) {
  const { left, right } = await searchParams;
  if (left === undefined || right === undefined) redirect('/notebook');
  const [a, b] = await Promise.all([read(getNote, { id: left }), read(getNote, { id: right })]);
  // Whose hand it is that moved is known of one's own notes alone.
  const own = a.mine && b.mine ? await read(repeatability, {}) : undefined;
  return (
    <Here>
      <Compare left={a} right={b} own={own} />
    </Here>
  );
}
