import type { Metadata } from 'next';
import { Courses } from '@/features/notebook/courses';
import { mustBeAbleTo, read } from '@/server/page';
import { listCourses } from '@/server/tasting/courses';
import { Here } from '../../here';

export const metadata: Metadata = { title: 'Courses' };
export default async function Page() {
  await mustBeAbleTo('tasting.lead');
  const { courses } = await read(listCourses);
  return (
    <Here>
      <Courses courses={courses} />
    </Here>
  );
}
