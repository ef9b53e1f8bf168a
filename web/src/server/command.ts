import { z } from 'zod';
import type { Frozen } from '@rose/core/document/frozen';
import type { Actor, Contract, Guest, Member } from '../contract/contract';
import type { Database, Tx } from '../db/client';

export type { Actor, Member };

/** What a command may add to its answer. */
export interface Reply {
  readonly cookies: string[];
  status?: number;
  etag?: string;
  /** Done once everything is committed; it must not fail the call. */
  afterwards?: () => Promise<void>;
  /** The file this contract makes. */
  file?: { readonly type: string; readonly name: string; readonly body: string | Uint8Array };
  /** The server-sent events this contract goes on sending. */
  stream?: ReadableStream<Uint8Array>;
  /** Where the request came from, as far as that can be believed. */
  readonly from?: string;
}

type ActorFor<W> = W extends 'anyone' ? Actor : W extends 'guest' ? Guest : W extends 'user' ? Extract<Actor, { kind: 'user' | 'member' }> : Member;
/** A command has a transaction of its own; a query reads. */
type RunsOn<C extends Contract> = C['kind'] extends 'command' ? Tx : Database | Tx;
type Run<C extends Contract> = (db: RunsOn<C>, actor: ActorFor<C['allow']>, input: z.output<C['input']>, reply: Reply) => Promise<Frozen<z.input<C['output']>>>;

/** A contract with what serves it. */
export interface Operation<C extends Contract = Contract> {
  readonly contract: C;
  readonly run: Run<C>;
}
/** The answer of what has nothing else to say. */
export const ok = { ok: true } as const;

/** The one door: what a contract says, this does. */
export const serve = <C extends Contract>(contract: C, run: Run<C>): Operation<C> => ({ contract, run });
/** Any operation, as the router folds over them: it hands each what its own contract parsed. */
export type AnyOperation = { readonly contract: Contract; readonly run: (db: never, actor: never, input: never, reply: Reply) => Promise<unknown> };

/** Where a page of a list ends: what it is sorted by, and the id of the last row. */
const cursorShape = z.tuple([z.union([z.string(), z.number(), z.null()]), z.uuid()]);
export const encodeCursor = (values: readonly (string | number | null)[]) => Buffer.from(JSON.stringify(values)).toString('base64url');
export function decodeCursor(cursor: string | undefined): readonly (string | number | null)[] | undefined {
  if (cursor === undefined) return undefined;
  try {
    return cursorShape.safeParse(JSON.parse(Buffer.from(cursor, 'base64url').toString())).data;
  } catch {
    return undefined;
  }
}
