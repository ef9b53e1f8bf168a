import { customType } from 'drizzle-orm/pg-core';
import type { z } from 'zod';
import type { Frozen } from '@rose/core/document/frozen';

const column = <T>(name: string, read: (stored: unknown) => T) =>
  customType<{ data: T; driverData: string }>({
    dataType: () => 'jsonb',
    toDriver: (value) => JSON.stringify(value),
    fromDriver: (value) => read(typeof value === 'string' ? JSON.parse(value) : value),
  })(name);

/** A JSON column of our own bookkeeping: written and read whole. */
export const json = <T>(name: string) => column(name, (stored) => stored as T);

/**
 * A JSON column that holds a document people wrote: parsed by its schema when it is read, an old one lifted to the present shape. What was accepted once and
 * would be refused today is given as it stands: a rule that grew stricter takes nothing away.
 */
export const document = <S extends z.ZodType>(name: string, schema: S) =>
  column(name, (stored) => {
    const read = schema.safeParse(stored);
    return (read.success ? read.data : stored) as Frozen<z.output<S>>;
  });

/** Words for full-text search. */
export const tsvector = customType<{ data: string }>({ dataType: () => 'tsvector' });
