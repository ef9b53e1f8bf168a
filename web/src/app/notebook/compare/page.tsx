import { redirect } from 'next/navigation';
import { Compare } from '@/features/notebook/compare';
import { me } from '@/server/account/queries';
import { getNote } from '@/server/note/operations';
import { read } from '@/server/page';

export default async function Page({ searchParams }: { searchParams: Promise<{ left?: string; right?: string }> }) {
  const { left, right } = await searchParams;
  if (left === undefined || right === undefined) redirect('/notebook');
  const [who, a, b] = await Promise.all([read(me), read(getNote, { id: left }), read(getNote, { id: right })]);
  return <Compare venue={who.venue?.name ?? ''} left={a} right={b} />;
}
