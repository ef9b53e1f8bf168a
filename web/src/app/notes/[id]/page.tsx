import { Desk } from '@/features/note/desk';
import { me } from '@/server/account/queries';
import { getNote } from '@/server/note/operations';
import { read } from '@/server/page';

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const [who, note] = await Promise.all([read(me), read(getNote, { id })]);
  return <Desk venue={who.venue?.name ?? ''} note={note} />;
}
