import type { Metadata } from 'next';
import { redirect } from 'next/navigation';
import { Pair } from '@/features/note/pair';
import { me } from '@/server/account/queries';
import { getNote } from '@/server/note/operations';
import { read } from '@/server/page';

export const metadata: Metadata = { title: 'Left and right' };
export default async function Page({ searchParams }: { searchParams: Promise<{ left?: string; right?: string }> }) {
  const { left, right } = await searchParams;
  if (left === undefined || right === undefined || left === right) redirect('/notebook');
  const [who, a, b] = await Promise.all([read(me), read(getNote, { id: left }), read(getNote, { id: right })]);
  return <Pair key={`${left}/${right}`} venue={who.venue?.name ?? ''} left={a} right={b} />;
}
