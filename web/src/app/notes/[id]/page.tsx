import { asRoutine } from '@rose/core/routine/routine';
import { routines } from '@rose/knowledge/routines/index';
import { Desk } from '@/features/note/note-page';
import { listRoutines } from '@/server/own-designs/routines';
import { getNote } from '@/server/note/operations';
import { read } from '@/server/page';
import { Here } from '../../here';

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const [note, own] = await Promise.all([read(getNote, { id }), read(listRoutines)]);
  return (
    <Here>
      <Desk note={note} routines={[...routines, ...own.versions.map((entry) => asRoutine(entry.id, entry.version, entry.document))]} />
    </Here>
  );
}
