import type { Metadata } from 'next';
import { redirect } from 'next/navigation';
import { Pair } from '@/features/note/pair/pair';
import { getNote } from '@/server/note/operations';
import { read } from '@/server/page';
import { Here } from '../../here';

export const metadata: Metadata = { title: 'Left and right' };
export default async function Page({ searchParams }: { searchParams: Promise<{ left?: string; right?: string; series?: string }> }) {
  const { left, right, series } = await searchParams;
  if (left === undefined || right === undefined || left === right) redirect('/notebook');
  const [a, b] = await Promise.all([read(getNote, { id: left }), read(getNote, { id: right })]);
  return (
    <Here>
      <Pair key={`${left}/${right}`} left={a} right={b} series={series} />
    </Here>
  );
}
