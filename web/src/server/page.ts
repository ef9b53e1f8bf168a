import { headers } from 'next/headers';
import { notFound, redirect, unstable_rethrow } from 'next/navigation';
import { cache } from 'react';
import type { z } from 'zod';
import type { Frozen } from '@rose/core/document/frozen';
import type { Contract } from '../contract/contract';
import { may, type Right } from '../contract/roles';
import type { Operation } from './command';
import { perform } from './http';
import { errorText, log } from './log';
import { Problem } from './problem';
import { guestOfRequest, whoIs } from './actor-of-request';

/** Who asks for this page; found once, however many queries it reads through. */
const reader = cache(async () => whoIs(await headers()));

/** Reads for a page, through the same query as the API. Sends somebody who is not signed in to the door, and answers a missing thing with the page for it. */
export async function read<C extends Contract>({ contract, run }: Operation<C>, input: Record<string, unknown> = {}): Promise<Frozen<z.output<C['output']>>> {
  const actor = await reader().catch((error: unknown) => {
    // The framework's own signals, such as that a page is not the same for everybody, are its own business.
    unstable_rethrow(error);
    log.error({ page: contract.name, bug: errorText(error) });
    throw new Error('The page could not be read.');
  });
  if ((actor.kind === 'anyone' || actor.kind === 'guest') && contract.allow !== 'anyone') redirect('/come-in');
  if (actor.kind === 'user' && contract.allow !== 'anyone' && contract.allow !== 'user') redirect('/venues/new');
  try {
    // What comes back is what the operation's own type says it answers.
    return (await perform({ contract, run }, actor, input, { cookies: [] })) as Frozen<z.output<C['output']>>;
  } catch (error) {
    if (error instanceof Problem && [404, 403, 422].includes(error.status)) notFound();
    if (error instanceof Problem) throw error;
    // The framework would print the query with its values.
    log.error({ page: contract.name, bug: errorText(error) });
    throw new Error('The page could not be read.');
  }
}
/** Reads for a guest's page. Who holds no seat is sent to where one sits down. */
export async function readAtSeat<C extends Contract>({ contract, run }: Operation<C>): Promise<Frozen<z.output<C['output']>>> {
  const actor = await guestOfRequest(await headers());
  if (actor.kind !== 'guest') redirect('/join');
  return (await perform({ contract, run }, actor, {}, { cookies: [] })) as Frozen<z.output<C['output']>>;
}
/** For a page that is nothing but a change: whoever may not make it does not find it. */
export async function mustBeAbleTo(right: Right): Promise<void> {
  const actor = await reader();
  if (actor.kind === 'anyone' || actor.kind === 'guest') redirect('/come-in');
  if (actor.kind === 'user') redirect('/venues/new');
  if (!may(actor, right)) notFound();
}

const paging: ReadonlySet<string> = new Set(['cursor', 'limit']);
/** What of the parameters of an address a list may be narrowed by. */
export const narrowing = ({ input }: { readonly input: z.ZodObject }, asked: Readonly<Record<string, unknown>>): Record<string, string> =>
  Object.fromEntries(
    Object.keys(input.shape).flatMap((key) => {
      const value = asked[key];
      return typeof value === 'string' && value !== '' && !paging.has(key) ? [[key, value]] : [];
    }),
  );
/** Whether the parameters of an address are what a contract takes: nonsense there narrows nothing. */
export const accepts = <S extends z.ZodType>(schema: S, sent: unknown): sent is z.input<S> => schema.safeParse(sent).success;
