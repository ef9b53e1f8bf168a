import { headers } from 'next/headers';
import { notFound, redirect } from 'next/navigation';
import type { Operation } from './command';
import { perform } from './http';
import { errorText, log } from './log';
import { Problem } from './problem';
import { whoIs } from './who';

/** Reads for a page, through the same query as the API. Sends somebody who is not signed in to the door, and answers a missing thing with the page for it. */
export async function read<O>(
  operation: Operation & { call(db: never, actor: never, input: never): Promise<O> },
  input: Record<string, unknown> = {},
): Promise<O> {
  const actor = await whoIs(await headers()).catch((error: unknown) => {
    log.error({ page: operation.name, bug: errorText(error) });
    throw new Error('The page could not be read.');
  });
  if (actor.kind === 'anyone' && operation.allow !== 'anyone') redirect('/come-in');
  if (actor.kind === 'user' && Array.isArray(operation.allow)) redirect('/venues/new');
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
