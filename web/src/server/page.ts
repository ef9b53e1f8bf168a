import { headers } from 'next/headers';
import { notFound, redirect } from 'next/navigation';
import { cache } from 'react';
import { may, type Right } from '../contract/roles';
import type { Operation } from './command';
import { perform } from './http';
import { errorText, log } from './log';
import { Problem } from './problem';
import { whoIs } from './who';

/** Who asks for this page; found once, however many queries it reads through. */
const reader = cache(async () => whoIs(await headers()));

/** Reads for a page, through the same query as the API. Sends somebody who is not signed in to the door, and answers a missing thing with the page for it. */
export async function read<O>(
  operation: Operation & { call(db: never, actor: never, input: never): Promise<O> },
  input: Record<string, unknown> = {},
): Promise<O> {
  const actor = await reader().catch((error: unknown) => {
    log.error({ page: operation.name, bug: errorText(error) });
    throw new Error('The page could not be read.');
  });
  if (actor.kind === 'anyone' && operation.allow !== 'anyone') redirect('/come-in');
  if (actor.kind === 'user' && operation.allow !== 'anyone' && operation.allow !== 'user') redirect('/venues/new');
  try {
    return (await perform(operation, actor, input, { cookies: [] })) as O;
  } catch (error) {
    if (error instanceof Problem && [404, 403, 422].includes(error.status)) notFound();
    if (error instanceof Problem) throw error;
    // The framework would print the query with its values.
    log.error({ page: operation.name, bug: errorText(error) });
    throw new Error('The page could not be read.');
  }
}

/** For a page that is nothing but a change: whoever may not make it does not find it. */
export async function mustBeAbleTo(right: Right): Promise<void> {
  const actor = await reader();
  if (actor.kind === 'anyone') redirect('/come-in');
  if (actor.kind === 'user') redirect('/venues/new');
  if (!may(actor, right)) notFound();
}
