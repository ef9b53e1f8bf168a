import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { After } from '@/features/after/after';
import { read } from '@/server/page';
import { listCourses } from '@/server/tasting/courses';
import { recapOfEvening } from '@/server/tasting/recap';
import { loadEvening } from '../evening';
import { Here } from '../../../here';

export const metadata: Metadata = { title: 'Looking back' };
export default async function Page({ params, searchParams }: { params: Promise<{ id: string }>; searchParams: Promise<{ evening?: string }> }) {
  const [{ id }, { evening: asked }] = await Promise.all([params, searchParams]);
  const { flight, past, evening } = await loadEvening(id, asked);
  if (evening === undefined) notFound();
  const [recap, { courses }] = await Promise.all([read(recapOfEvening, { id: evening.id }), read(listCourses)]);
  return (
    <Here>
      <After
        id={evening.id}
        flightId={id}
        name={flight.document.name}
        startedAt={past.find((entry) => entry.id === evening.id)!.startedAt}
        recap={recap}
        courses={courses.map((course) => ({ id: course.id, name: course.name }))}
      />
    </Here>
  );
}
