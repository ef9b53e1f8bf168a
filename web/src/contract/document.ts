import { z } from 'zod';
import { read } from './contract';

/** Kinds of document that are open in pages and may change elsewhere. */
export const documentKinds = ['note', 'wine', 'flight', 'dish'] as const;
const named = z.object({ kind: z.enum(documentKinds), id: z.uuid() });

export const document = {
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
