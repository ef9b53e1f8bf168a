import { z } from 'zod';
import type { Database, Tx } from '../db/client';
import type { Right, Role } from '../contract/roles';

/** Who is calling. `venueId` names the tenant of everything a member reads and writes. */
export type Actor =
  | { readonly kind: 'anyone' }
  | { readonly kind: 'user'; readonly userId: string; readonly name: string; readonly email: string }
  | {
      readonly kind: 'member';
      readonly userId: string;
      readonly name: string;
      readonly email: string;
      readonly venueId: string;
      readonly role: Role;
      readonly via: 'session' | 'token';
    };
export type Member = Extract<Actor, { kind: 'member' }>;

/** Who may call: anyone at all, anyone signed in, or the members of a venue whose role has this right. */
export type Allow = 'anyone' | 'user' | Right;

/** What a command may add to its answer. */
export interface Reply {
  readonly cookies: string[];
  status?: number;
  etag?: string;
  /** A body that is not JSON: a file to download. */
  file?: { readonly type: string; readonly name: string; readonly body: string | Uint8Array };
}
export interface Limit<I> {
  /** Calls allowed for a key in a span. */
  readonly points: number;
  readonly seconds: number;
  /** What is counted: an account, a code, a token; never an address. */
  readonly key: (input: I, actor: Actor) => string;
}

interface Spec<A, I, O, D> {
  readonly name: string;
  readonly method: 'GET' | 'POST' | 'PUT' | 'DELETE';
  /** Template under /api/v1, such as "/notes/{id}"; its names are fields of the input. */
  readonly path: string;
  readonly summary: string;
  readonly input: z.ZodType<I>;
  readonly output: z.ZodType<O>;
  readonly allow: Allow;
  readonly limit?: Limit<I>;
  /** Not for programs: it sets cookies or belongs to the demo. */
  readonly browserOnly?: boolean;
  /** False for a command whose work is done by the account library on connections of its own: it holds none of ours meanwhile. */
  readonly transaction?: false;
  run(db: D, actor: A, input: I, reply: Reply): Promise<O>;
}
export interface Operation {
  readonly kind: 'command' | 'query';
  readonly name: string;
  readonly method: 'GET' | 'POST' | 'PUT' | 'DELETE';
  readonly path: string;
  readonly summary: string;
  readonly input: z.ZodType;
  readonly output: z.ZodType;
  readonly allow: Allow;
  readonly limit?: Limit<unknown>;
  readonly browserOnly?: boolean;
  readonly transaction?: false;
  run(db: Database | Tx, actor: Actor, input: unknown, reply: Reply): Promise<unknown>;
}
type ActorFor<W extends Allow> = W extends 'anyone' ? Actor : W extends 'user' ? Exclude<Actor, { kind: 'anyone' }> : Member;
type Typed<A, I, O, D> = Operation & { call(db: D, actor: A, input: I): Promise<O> };

/** The one door for writing: runs in a transaction of its own. */
export function command<const W extends Allow, I, O>(spec: Omit<Spec<ActorFor<W>, I, O, Tx>, 'allow'> & { allow: W }): Typed<ActorFor<W>, I, O, Tx> {
  return operation('command', spec as never);
}

/** The one door for reading. A query that computes from a body uses POST and changes nothing. */
export function query<const W extends Allow, I, O>(
  spec: Omit<Spec<ActorFor<W>, I, O, Database | Tx>, 'allow'> & { allow: W },
): Typed<ActorFor<W>, I, O, Database | Tx> {
  return operation('query', spec as never);
}

function operation(kind: 'command' | 'query', spec: Spec<Actor, unknown, unknown, Tx>) {
  const made = { ...spec, kind, run: spec.run.bind(spec) };
  return { ...made, call: (db: Tx, actor: Actor, input: unknown) => made.run(db, actor, made.input.parse(input), { cookies: [] }) } as never;
}

/** A page of a list. */
export const page = <T extends z.ZodType>(item: T) =>
  z.object({ items: z.array(item), next: z.string().nullable(), count: z.number(), countIsExact: z.boolean() });
export const pageInput = { cursor: z.string().max(500).optional(), limit: z.coerce.number().int().min(1).max(500).default(50) };

export const encodeCursor = (values: readonly (string | number | null)[]) => Buffer.from(JSON.stringify(values)).toString('base64url');
export function decodeCursor(cursor: string | undefined): readonly (string | number | null)[] | undefined {
  if (cursor === undefined) return undefined;
  try {
    const values: unknown = JSON.parse(Buffer.from(cursor, 'base64url').toString());
    return Array.isArray(values) && values.every((v) => v === null || typeof v === 'string' || typeof v === 'number')
      ? (values as (string | number | null)[])
      : undefined;
  } catch {
    return undefined;
  }
}
