import { z } from 'zod';
import { act, done, nothing, read } from './contract';

/** Evenings that belong together, with who came to which. */
export const course = {
  list: read({
    name: 'course.list',
    method: 'GET',
    path: '/courses',
    summary: 'The courses of the venue: their evenings by date, who came to which by their key or their name, and what was promised',
    allow: 'tasting.lead',
    input: nothing,
    output: z.object({
      courses: z.array(
        z.object({
          id: z.string(),
          name: z.string(),
          evenings: z.array(z.object({ id: z.string(), flightId: z.string().nullable(), name: z.string(), startedAt: z.string(), promised: z.string() })),
          /** Who came, the most faithful first: the evenings they were at, by their place in the list above. */
          people: z.array(z.object({ name: z.string(), at: z.array(z.number()) })),
        }),
      ),
    }),
  }),
  save: act({
    name: 'course.save',
    method: 'PUT',
    path: '/courses/{id}',
    summary: 'Begins a course, or gives it another name',
    allow: 'tasting.lead',
    input: z.strictObject({ id: z.uuid(), name: z.string().trim().min(1, 'give the course a name').max(200) }),
    output: done,
  }),
};
