import { z } from 'zod';
import type { Frozen } from '@rose/core/document/frozen';
import type { Right, Role } from './roles';

/** Who is calling. `venueId` names the tenant of everything a member reads and writes. */
export type Actor =
  | { readonly kind: 'anyone' }
  | { readonly kind: 'guest'; readonly venueId: string; readonly tastingId: string; readonly participantId: string; readonly name: string }
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
/** Somebody at a tasting, known by a name and a secret of their device: no account, no venue but through that tasting. */
export type Guest = Extract<Actor, { kind: 'guest' }>;

/** Who may call: anyone at all, a guest of a tasting, anyone signed in, or the members of a venue whose role has this right. */
export type Allow = 'anyone' | 'guest' | 'user' | Right;
/** What a call makes beside JSON: files to keep. */
export type FileType = 'application/pdf' | 'application/json' | 'text/csv' | 'text/markdown' | 'text/calendar' | 'text/event-stream';

export interface Limit<I> {
  /** Calls allowed for a key in a span. */
  readonly points: number;
  readonly seconds: number;
  /** What is counted: an account, a code, a token; never an address. */
  readonly key: (input: I, actor: Actor) => string;
  /** Only what was refused counts: who gets it right is not kept waiting. */
  readonly failuresOnly?: true;
  /** A device the key was let in from before is counted by itself: the wrong tries of others do not lock its owner out. */
  readonly byDevice?: true;
}
/** What several commands draw from together: the way in, which anybody may try and which costs the server a hash each time, or a member's long computations. */
export type Budget = 'way in' | 'long work';
interface Said<W extends Allow, N extends string, M extends string, P extends string, I extends z.ZodType, O extends z.ZodType> {
  /** Activity and verb, such as "note.save". */
  readonly name: N;
  readonly method: M;
  /** Template under /api/v1, such as "/notes/{id}"; its names are fields of the input. */
  readonly path: P;
  readonly summary: string;
  readonly allow: W;
  readonly input: I;
  readonly output: O;
  /** What a caller might send, without what stands in the path; the OpenAPI document shows it. */
  readonly example?: NoInfer<Frozen<Partial<z.input<I>>>>;
  /** The answer is a file of one of these types. With 'application/json' among them that file is as `output` says; without, `output` is empty. */
  readonly files?: readonly FileType[];
  /** Not for programs: it sets cookies or belongs to the demo. */
  readonly browserOnly?: boolean;
  readonly limit?: Limit<z.output<I>>;
  readonly budget?: Budget;
  /** False for a command that holds no transaction while it works: the account library has connections of its own, a print is drawn after its facts are settled. */
  readonly transaction?: false;
}
type Reads = 'GET' | 'POST';
type Writes = 'POST' | 'PUT' | 'DELETE';

/** Says a query: it changes nothing. One that computes from a body uses POST. */
export const read = <
  const W extends Allow,
  const N extends string,
  const M extends Reads,
  const P extends `/${string}`,
  I extends z.ZodType,
  O extends z.ZodType,
>(
  said: Said<W, N, M, P, I, O>,
) => ({ ...said, kind: 'query' as const });
/** Says a command: it runs in a transaction of its own. */
export const act = <
  const W extends Allow,
  const N extends string,
  const M extends Writes,
  const P extends `/${string}`,
  I extends z.ZodType,
  O extends z.ZodType,
>(
  said: Said<W, N, M, P, I, O>,
) => ({ ...said, kind: 'command' as const });

/** Any command or query, as the router, the OpenAPI document, the rights and the tests fold over it. */
export interface Contract {
  readonly kind: 'command' | 'query';
  readonly name: string;
  readonly method: Reads | Writes;
  readonly path: string;
  readonly summary: string;
  readonly allow: Allow;
  readonly input: z.ZodType;
  readonly output: z.ZodType;
  readonly files?: readonly FileType[];
  readonly example?: unknown;
  readonly browserOnly?: boolean;
  // Contravariant in its input: what folds over contracts hands it what the input made.
  readonly limit?: Omit<Limit<unknown>, 'key'> & { key(input: unknown, actor: Actor): string };
  readonly budget?: Budget;
  readonly transaction?: false;
}

/** Fields that many contracts take. */
export const one = z.strictObject({ id: z.uuid() });
export const nothing = z.strictObject({});
export const done = z.object({ ok: z.literal(true) });
/** A whole number that may come as text, in an address. */
export const whole = (least: number, most: number) =>
  z
    .union([z.number(), z.string().regex(/^-?\d{1,9}$/, 'a whole number')])
    .transform(Number)
    .pipe(z.number().int().min(least).max(most));

/** A page of a list. */
export const page = <T extends z.ZodType>(item: T) =>
  z.object({ items: z.array(item), next: z.string().nullable(), count: z.number(), countIsExact: z.boolean() });
export const pageInput = { cursor: z.string().max(500).optional(), limit: whole(1, 500).default(50) };

/** What a document command takes: the write of the save protocol. A document that is new has base revision 0. */
export const writeInput = <D extends z.ZodType>(document: D) =>
  z.strictObject({ id: z.uuid(), writeId: z.string().min(1).max(64), baseRevision: z.number().int().min(0), document });
export const savedOutput = z.object({ id: z.string(), revision: z.number() });

/** The two commands that delete a document of a venue and bring it back. The row stays; what hangs on it stays. */
export const removal = <const S extends string, const P extends string, const W extends Allow>(noun: S, path: P, allow: W) => ({
  delete: act({
    name: `${noun}.delete`,
    method: 'DELETE',
    path: `/${path}/{id}`,
    summary: `Deletes a ${noun}; it can be brought back`,
    allow,
    input: one,
    output: done,
  }),
  restore: act({
    name: `${noun}.restore`,
    method: 'POST',
    path: `/${path}/{id}/returns`,
    summary: `Brings a deleted ${noun} back`,
    allow,
    input: one,
    output: done,
  }),
});
