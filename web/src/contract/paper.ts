import { z } from 'zod';
import { paperRow } from '@rose/core/tasting/paper-schema';
import { act, done, one, read } from './contract';

/** Guests who write on paper, and what a host types in for them. */
export const paper = {
  sheet: read({
    name: 'paper.sheet',
    method: 'GET',
    path: '/tastings/{id}/paper',
    summary: 'Guests who write on paper, with what was typed in for them, glass by glass',
    allow: 'tasting.lead',
    input: one,
    output: z.object({
      places: z.array(z.object({ place: z.number(), closed: z.boolean() })),
      /** Each with the glasses of their seat: in a panel those of an order and codes of its own. */
      guests: z.array(
        z.object({
          id: z.string(),
          seat: z.number(),
          name: z.string(),
          glasses: z.array(z.object({ id: z.string(), place: z.number(), code: z.string() })),
        }),
      ),
      rows: z.array(
        z.object({
          participantId: z.string(),
          glassId: z.string(),
          row: paperRow,
          typedBy: z.string(),
          /** Typed in when something of the wine was uncovered already: left out where only what is blind counts. */
          after: z.boolean(),
        }),
      ),
    }),
  }),
  seat: act({
    name: 'paper.seat',
    method: 'POST',
    path: '/tastings/{id}/paper-guests',
    summary: 'Gives a guest who writes on paper a seat; the same id again changes nothing',
    allow: 'note.others',
    input: z.strictObject({ id: z.uuid(), participantId: z.uuid(), name: z.string().trim().min(1, 'give a name').max(40) }),
    output: z.object({ seat: z.number() }),
  }),
  type: act({
    name: 'paper.type',
    method: 'PUT',
    path: '/tastings/{id}/paper-notes',
    summary: 'Types in what a guest wrote on paper of a glass; who typed it, and whether before the reveal, is kept',
    allow: 'note.others',
    input: z.strictObject({ id: z.uuid(), participantId: z.uuid(), glassId: z.uuid(), row: paperRow }),
    output: done,
  }),
};
