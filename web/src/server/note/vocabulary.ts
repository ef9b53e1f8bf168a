import { z } from 'zod';
import { descriptorOrigins, descriptors, families } from '@rose/knowledge/descriptors/data';
import { explained } from '@rose/knowledge/descriptors/explained';
import { completions } from '@rose/knowledge/descriptors/index';
import { query } from '../command';

export const listDescriptors = query({
  name: 'descriptor.list',
  method: 'GET',
  path: '/descriptors',
  summary: 'The words for smells, each with its family, where it usually comes from, its synonyms and a plain explanation; with q only what completes it',
  allow: 'read',
  input: z.strictObject({ q: z.string().max(200).default('') }),
  output: z.object({
    descriptors: z.array(
      z.object({ id: z.string(), name: z.string(), family: z.string(), origin: z.string(), synonyms: z.array(z.string()), explained: z.string().nullable() }),
    ),
  }),
  async run(_db, _actor, { q }) {
    const found = q.trim() === '' ? descriptors : completions(q).map((entry) => entry.descriptor);
    return {
      descriptors: found.map(({ id, name, family, origin, synonyms }) => ({
        id,
        name,
        family: families[family].label,
        origin: descriptorOrigins[origin],
        synonyms: [...synonyms],
        explained: explained[id] ?? null,
      })),
    };
  },
});
