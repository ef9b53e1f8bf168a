import { z } from 'zod';
import { nothing, read } from './contract';

/** Kinds of document that are open in pages and may change elsewhere. */
export const documentKinds = ['note', 'wine', 'flight', 'dish', 'menu'] as const;
const named = z.object({ kind: z.enum(documentKinds), id: z.uuid() });

export const document = {
  stream: read({
    name: 'document.stream',
    method: 'GET',
    path: '/live',
    summary:
      'What changes, as server-sent events: documents the caller may read by their ids; of evenings that are named, for who leads them or for a wall, the whole state at every tick',
    allow: 'read',
    browserOnly: true,
    files: ['text/event-stream'],
    input: z.strictObject({
      /** Evenings to watch, each as "host.ID" or "wall.ID", with commas between. */
      watch: z
        .string()
        .max(300)
        .regex(/^((host|wall)\.[0-9a-f-]{36}(,|$))*$/, 'is a list of host.ID and wall.ID')
        .default(''),
    }),
    output: nothing,
  }),
  changed: read({
    name: 'document.changed',
    method: 'POST',
    path: '/document-changes',
    summary: 'Which of these documents stand at another revision than the one named; asked once for all that a page has open',
    allow: 'read',
    input: z.strictObject({ open: z.array(z.strictObject({ ...named.shape, revision: z.number().int().min(0) })).max(50) }),
    output: z.object({ changed: z.array(named) }),
  }),
};
