import { z } from 'zod';
import { ownRoutine, routineToKeep } from '@rose/core/routine/routine-schema';
import { ownScheme } from '@rose/core/score/scheme-schema';
import { act, nothing, read, whole } from './contract';

/** What a venue designs for itself by version: listing, one version, and a new one, of which more may be asked than of those kept before. */
const versions = <const N extends string, D extends z.ZodType>(noun: N, said: string, document: D, toKeep: D = document) => {
  const version = z.object({ id: z.string(), version: z.number(), document });
  return {
    list: read({
      name: `${noun}.list`,
      method: 'GET',
      path: `/${noun}s`,
      summary: `The venue’s own ${said}s, each in its latest version`,
      allow: 'read',
      input: nothing,
      output: z.object({ versions: z.array(version) }),
    }),
    get: read({
      name: `${noun}.get`,
      method: 'GET',
      path: `/${noun}s/{id}/{version}`,
      summary: `One version of an own ${said}, as it was when it was made`,
      allow: 'read',
      input: z.strictObject({ id: z.uuid(), version: whole(1, 999_999_999) }),
      output: version,
    }),
    save: act({
      name: `${noun}.save`,
      method: 'PUT',
      path: `/${noun}s/{id}`,
      summary: `Makes a new version of an own ${said}; earlier versions stay for the notes that follow them, and the same again makes none`,
      allow: 'design.edit',
      input: z.strictObject({ id: z.uuid(), baseVersion: z.number().int().min(0), document: toKeep }),
      output: z.object({ id: z.string(), version: z.number() }),
    }),
  };
};

export const routine = versions('routine', 'routine', ownRoutine, routineToKeep);
export const scheme = {
  ...versions('scheme', 'sheet', ownScheme),
  preview: read({
    name: 'scheme.preview',
    method: 'POST',
    path: '/schemes/previews',
    summary: 'What a sheet would give the latest twenty notes the caller may read, beside the taster’s own marks; stores nothing',
    allow: 'design.edit',
    input: z.strictObject({ document: ownScheme }),
    output: z.object({
      notes: z.array(
        z.object({
          id: z.string(),
          name: z.string(),
          own: z.number().nullable(),
          low: z.number(),
          high: z.number(),
          best: z.number(),
          word: z.string().nullable(),
        }),
      ),
    }),
  }),
};
