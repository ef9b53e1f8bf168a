import type { Metadata } from 'next';
import { cache } from 'react';
import { pouredAfter } from '@rose/core/flight/flight';
import { glassTitle } from '@rose/core/wine/note';
import { asRoutine } from '@rose/core/routine/routine';
import { routines } from '@rose/knowledge/routines/index';
import { Desk } from '@/features/note/note-page';
import { listRoutines } from '@/server/own-designs/routines';
import { getFlight } from '@/server/flight/operations';
import { getNote } from '@/server/note/operations';
import { read } from '@/server/page';
import { Here } from '../../here';

const load = cache((id: string) => read(getNote, { id }));
/** Named as the note names its glass: a covered one by its letter. */
export async function generateMetadata({ params }: { params: Promise<{ id: string }> }): Promise<Metadata> {
  return { title: glassTitle(await load((await params).id)) };
}
/** The wine that is poured after this one in the flight somebody assesses glass by glass; undefined after the last. */
async function nextOf(flightId: string, wineId: string | undefined) {
  const { document, wines } = await read(getFlight, { id: flightId });
  const next = wineId === undefined ? undefined : pouredAfter(document, wineId);
  const name = wines.find(({ summary }) => summary.id === next)?.summary.name;
  return next === undefined || name === undefined ? undefined : { flightId, wineId: next, name };
}
export default async function Page({ params, searchParams }: { params: Promise<{ id: string }>; searchParams: Promise<{ flight?: string }> }) {
  const [{ id }, { flight }] = await Promise.all([params, searchParams]);
  const [note, own] = await Promise.all([load(id), read(listRoutines)]);
  const next = flight === undefined ? undefined : await nextOf(flight, note.wine?.id);
  return (
    <Here>
      <Desk note={note} nextGlass={next} routines={[...routines, ...own.versions.map((entry) => asRoutine(entry.id, entry.version, entry.document))]} />
    </Here>
  );
}
