import { asRoutine } from '@rose/core/routine/routine';
import { routines } from '@rose/knowledge/routines/index';
import { Desk } from '@/features/note/desk';
import { me } from '@/server/account/queries';
import { listRoutines } from '@/server/house/routines';
import { getNote } from '@/server/note/operations';
import { read } from '@/server/page';

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const [who, note, own] = await Promise.all([read(me), read(getNote, { id }), read(listRoutines)]);
  return (
    <Desk
      venue={who.venue?.name ?? ''}
      note={note}
      routines={[...routines, ...own.versions.map((entry) => asRoutine(entry.id, entry.version, entry.document))]}
    />
  );
}
