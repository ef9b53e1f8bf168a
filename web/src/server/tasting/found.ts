import { notFound } from '../problem';

/** An evening that is led; a sitting nobody leads is not found. */
export function found<T>(state: T | undefined): T {
  if (state === undefined) throw notFound('evening');
  return state;
}
