import type { Metadata } from 'next';
import { cache } from 'react';
import { glassTitle } from '@rose/core/wine/note';
import { asRoutine } from '@rose/core/routine/routine';
import { routines } from '@rose/knowledge/routines/index';
import { Desk } from '@/features/note/note-page';
import { listRoutines } from '@/server/own-designs/routines';
import { getNote } from '@/server/note/operations';
import { read } from '@/server/page';
import { Here } from '../../here';

const load = cache((id: string) => read(getNote, { id }));
/** Named as the note names its glass: a covered one by its letter. */
export async function generateMetadata({ params }: { params: Promise<{ id: string }> }): Promise<Metadata> {
  return { title: glassTitle(await load((await params).id)) };
}
export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const [note, own] = await Promise.all([load(id), read(listRoutines)]);
  return (
    <Here>
      <Desk note={note} routines={[...routines, ...own.versions.map((entry) => asRoutine(entry.id, entry.version, entry.document))]} />
    </Here>
  );
}
