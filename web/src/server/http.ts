import { z } from 'zod';
import { same } from '@rose/core/document/merge';
import { may } from '../contract/roles';
import { connections } from '../db/client';
import type { Contract } from '../contract/contract';
import { guarded } from '../guarded-headers';
import { atOnce } from './at-once';
import { keepTidy } from './expired';
import type { Actor, AnyOperation, Reply } from './command';
import { count, spend } from './limits';
import { passOn } from './live/listener';
import { errorText, log } from './log';
import { Problem, forbidden, unknownActor } from './problem';
import { operations } from './registry';
import { behindProxy, ownOrigin } from './environment';
import { guestOfRequest, whoIs } from './actor-of-request';

/** Whether an actor may call; `table` for a test of other roles than ours. */
export function permits({ allow }: Pick<Contract, 'allow'>, actor: Actor, table?: Parameters<typeof may>[2]): boolean {
  if (allow === 'anyone') return true;
  if (allow === 'guest') return actor.kind === 'guest';
  if (allow === 'user') return actor.kind === 'user' || actor.kind === 'member';
  return actor.kind === 'member' && may(actor, allow, table);
}

/** Guests’ writes at once: a full table writes all the time, and a host’s act waits for no more than these. Own choice, by the bench. */
const guestsWrite = atOnce(2);

/** Runs an operation for an actor: rights, input, limit, transaction. The one way in, for requests, pages and the demo alike. */
export async function perform(operation: AnyOperation, actor: Actor, rawInput: unknown, reply: Reply, cookies: string | null = null): Promise<unknown> {
  const { contract } = operation;
  if (!permits(contract, actor)) throw actor.kind === 'anyone' ? unknownActor() : forbidden();
  const parsed = contract.input.safeParse(rawInput);
  if (!parsed.success) throw invalid(parsed.error);
  const wentWell = await spend(contract, parsed.data, actor, cookies);
  const { db } = connections();
  // The registry's operations are typed where they are served; here each gets what its own contract parsed.
  const run = (on: unknown) => operation.run(on as never, actor as never, parsed.data as never, reply);
  const write = async () => {
    let within: object = {};
    const answer = await db.transaction((tx) => run((within = tx)));
    passOn(within);
    return answer;
  };
  const once = () => (contract.kind === 'query' || contract.transaction === false ? run(db) : actor.kind === 'guest' ? guestsWrite(write) : write());
  // Sent twice at the very same moment, the second finds what the first made and answers as done.
  const answer = await once().catch((error: unknown) => (contract.kind === 'command' && codesOf(error).includes('23505') ? once() : Promise.reject(error)));
  await wentWell();
  await reply.afterwards?.();
  if (process.env['NODE_ENV'] !== 'production') declared(contract, answer);
  // What a guest is sent holds what the contract says and not a field more, whatever was selected.
  return contract.allow === 'guest' || contract.allow === 'anyone' ? contract.output.parse(answer) : answer;
}

/** Refuses an answer that holds what its contract does not say: in tests and development. What members are sent in production is what the queries select. */
function declared(contract: Contract, answer: unknown): void {
  const sent: unknown = JSON.parse(JSON.stringify(answer));
  const said = contract.output.safeParse(sent);
  if (!said.success) throw new Error(`${contract.name} answers otherwise than its contract says: ${JSON.stringify(said.error.issues).slice(0, 400)}`);
  if (!same(JSON.parse(JSON.stringify(said.data)), sent))
    throw new Error(`${contract.name} answers more than its contract says: ${firstMore(sent, said.data, '')}`);
}
/** Where the first undeclared field stands. */
function firstMore(sent: unknown, said: unknown, at: string): string {
  if (typeof sent !== 'object' || sent === null || typeof said !== 'object' || said === null) return at;
  for (const [key, value] of Object.entries(sent)) {
    if (!Object.hasOwn(said, key)) return `${at}/${key}`;
    const inner = Object.entries(said).find(([name]) => name === key)?.[1] as unknown;
    if (!same(JSON.parse(JSON.stringify(inner ?? null)), value)) return firstMore(value, inner, `${at}/${key}`);
  }
  return at;
}

function invalid(error: z.ZodError): Problem {
  const errors = error.issues.flatMap((issue) => {
    const keys = issue.code === 'unrecognized_keys' ? issue.keys : [''];
    return keys.map((key) => ({
      field: [...issue.path.map(String), ...(key === '' ? [] : [key])].join('.') || 'body',
      message: issue.code === 'unrecognized_keys' ? 'is not a field here' : issue.message,
    }));
  });
  return new Problem(422, 'invalid', `${errors[0]!.field}: ${errors[0]!.message}`, { errors });
}

/** How many parts an address has: only operations of as many are tried for it. */
const partsOf = (path: string): number => path.split('/').length;
// Addresses with fewer names in them are tried first: /wines/countries before /wines/{id}.
const compiled = [...operations]
  .sort((a, b) => a.contract.path.split('{').length - b.contract.path.split('{').length)
  .map((operation) => ({
    operation,
    parts: partsOf(operation.contract.path),
    pattern: new RegExp(`^${operation.contract.path.replace(/[.]/g, '\\.').replace(/\{(\w+)\}/g, '(?<$1>[^/]+)')}$`),
  }));
const biggestBody = 4_000_000;

/** Answers a request to /api/v1. `path` is what follows it, such as "/notes/…". */
export async function handle(request: Request, path: string): Promise<Response> {
  const started = performance.now();
  let name = 'unknown';
  try {
    const inAddress = partsOf(path);
    const matches = compiled.flatMap(({ operation, parts, pattern }) => {
      const match = parts === inAddress ? pattern.exec(path) : null;
      return match === null ? [] : [{ operation, params: match.groups ?? {} }];
    });
    const found = matches.find((match) => match.operation.contract.method === request.method);
    if (found === undefined) {
      if (matches.length === 0) throw new Problem(404, 'not-found', 'There is nothing at this address.');
      throw new Problem(
        405,
        'method',
        `This address answers ${matches.map((match) => match.operation.contract.method).join(', ')}.`,
        {},
        { allow: matches.map((match) => match.operation.contract.method).join(', ') },
      );
    }
    name = found.operation.contract.name;
    const byToken = /^Bearer /.test(request.headers.get('authorization') ?? '');
    if (
      request.method !== 'GET' &&
      !byToken &&
      !ownOrigin(request.headers.get('origin'), (behindProxy() ? request.headers.get('x-forwarded-host') : null) ?? request.headers.get('host'))
    )
      throw new Problem(403, 'origin', 'This write did not come from one of our own pages.');
    const actor = await (found.operation.contract.allow === 'guest' && !byToken ? guestOfRequest(request.headers) : whoIs(request.headers));
    keepTidy(connections().db);
    const input = {
      ...(await readInput(request)),
      ...Object.fromEntries(Object.entries(found.params).map(([key, value]) => [key, decodeURIComponent(value)])),
    };
    const ifMatch = request.headers.get('if-match')?.match(/^"?(\d+)"?$/)?.[1];
    if (ifMatch !== undefined && 'document' in input) input['baseRevision'] = Number(ifMatch);
    if (byToken && found.operation.contract.browserOnly === true) throw forbidden();
    if (byToken && actor.kind === 'member') await count('token', 600, 60, request.headers.get('authorization')!);
    const reply: Reply = { cookies: [], from: request.headers.get('x-forwarded-for')?.split(',').at(-1)?.trim() ?? '' };
    const output = await perform(found.operation, actor, input, reply, request.headers.get('cookie'));
    log.info({ op: name, ms: Math.round(performance.now() - started), status: reply.status ?? 200 });
    return respond(output, reply);
  } catch (error) {
    const problem = error instanceof Problem ? error : unexpected(error);
    log[problem.status >= 500 ? 'error' : 'info']({ op: name, ms: Math.round(performance.now() - started), status: problem.status, problem: problem.slug });
    return new Response(JSON.stringify(problem), {
      status: problem.status,
      headers: { ...guarded(), 'content-type': 'application/problem+json', 'cache-control': 'no-store', ...problem.headers },
    });
  }
}

/** An error with what caused it. */
function causes(error: unknown): readonly unknown[] {
  const chain: unknown[] = [];
  for (let at: unknown = error; at !== undefined && at !== null && chain.length < 5; at = (at as { cause?: unknown }).cause) chain.push(at);
  return chain;
}
const codesOf = (error: unknown): readonly unknown[] => causes(error).map((entry) => (entry as { code?: unknown }).code);

/** What is not a Problem: a database that is away, or a bug. Neither shows its details. */
function unexpected(error: unknown): Problem {
  const chain = causes(error);
  const codes = codesOf(error);
  const text = chain.map((entry) => (entry instanceof Error ? entry.message : '')).join(' ');
  if (
    codes.some((code) =>
      ['ECONNREFUSED', 'ECONNRESET', 'ENOTFOUND', '57P01', '57P03', '08006', '08003', '08001', 'EPIPE', 'ETIMEDOUT'].includes(String(code)),
    ) ||
    /timeout|Connection terminated/i.test(text)
  ) {
    log.warn({ database: errorText(error) });
    return new Problem(
      503,
      'database-away',
      'The database does not answer. What you wrote is kept on this device and will be sent when it is back.',
      {},
      { 'retry-after': '5' },
    );
  }
  if (codes.includes('23505')) return new Problem(409, 'taken', 'Something with this id or name exists already.');
  if (codes.includes('23503'))
    return new Problem(422, 'invalid', 'Something this refers to does not exist here.', {
      errors: [{ field: 'body', message: 'refers to something that does not exist here' }],
    });
  // A number, a date or an id that passed the contract and that the database cannot read.
  if (codes.some((code) => ['22P02', '22003', '22007', '22008'].includes(String(code))))
    return new Problem(422, 'invalid', 'A value is not one that can be stored or looked for.', {
      errors: [{ field: 'body', message: 'holds a value out of range, or of another kind' }],
    });
  if (codes.includes('22021') || codes.includes('22P05'))
    return new Problem(422, 'invalid', 'A text holds a character that cannot be stored.', {
      errors: [{ field: 'body', message: 'holds a character that cannot be stored' }],
    });
  log.error({ bug: errorText(error) });
  return new Problem(500, 'unexpected', 'Something went wrong here. Nothing was changed; try again.');
}

/** Half of a letter that takes two code units, as a field with a length limit may leave behind, becomes the sign for a letter that is lost. */
const wholeLetters = (_key: string, value: unknown) => (typeof value === 'string' ? value.toWellFormed() : value);

async function readInput(request: Request): Promise<Record<string, unknown>> {
  const url = new URL(request.url);
  const fromQuery = Object.fromEntries(url.searchParams);
  if (request.method === 'GET' || request.method === 'DELETE') return fromQuery;
  const text = await request.text();
  if (text.length > biggestBody) throw new Problem(413, 'too-large', 'This is more than four megabytes: send it in parts.');
  if (text === '') return fromQuery;
  try {
    const body: unknown = JSON.parse(text, wholeLetters);
    if (typeof body === 'object' && body !== null && !Array.isArray(body)) return { ...fromQuery, ...body };
  } catch {
    // Falls through to the sentence below.
  }
  throw new Problem(400, 'not-json', 'The body must be a JSON object.');
}

function respond(output: unknown, reply: Reply): Response {
  const headers = new Headers({ ...guarded(), 'cache-control': 'no-store' });
  for (const cookie of reply.cookies) headers.append('set-cookie', cookie);
  if (reply.etag !== undefined) headers.set('etag', reply.etag);
  if (reply.stream !== undefined) {
    headers.set('content-type', 'text/event-stream; charset=utf-8');
    headers.set('cache-control', 'no-cache, no-store, no-transform');
    headers.set('x-accel-buffering', 'no');
    // A stream that ended is not followed by another on the same connection: a server that stops closes when its streams do.
    headers.set('connection', 'close');
    return new Response(reply.stream, { status: 200, headers });
  }
  if (reply.file !== undefined) {
    headers.set('content-type', reply.file.type);
    headers.set('content-disposition', `attachment; filename="${reply.file.name}"`);
    return new Response(reply.file.body as BodyInit, { status: 200, headers });
  }
  headers.set('content-type', 'application/json');
  return new Response(JSON.stringify(output ?? {}), { status: reply.status ?? 200, headers });
}
