import { searchOf } from './search';

/** The one client of our own API. A refusal becomes an ApiProblem in the user's words; no answer at all becomes an Unreachable. */
export class ApiProblem extends Error {
  constructor(
    readonly status: number,
    title: string,
    readonly more: { errors?: { field: string; message: string }[] } & Record<string, unknown>,
  ) {
    super(title);
  }
  /** The message of a field, by its last name. */
  of(field: string): string | undefined {
    return this.byField()[field];
  }
  /** The first message of every field, by its last name. */
  byField(): Readonly<Record<string, string>> {
    const named = (this.more.errors ?? []).map(({ field, message }) => [field.slice(field.lastIndexOf('.') + 1), message] as const);
    return Object.fromEntries(named.reverse());
  }
}
export class Unreachable extends Error {
  constructor() {
    super('There is no connection just now.');
  }
}

interface Options {
  /** Lets the request outlive the page. */
  readonly keepalive?: boolean;
  readonly signal?: AbortSignal;
}
/** What of an address a call needs to know; its types are the contract's. */
interface Callable {
  readonly method: string;
  readonly path: string;
  readonly takes?: object;
  readonly answers?: unknown;
}
type Takes<A extends Callable> = NonNullable<A['takes']>;
type Answers<A extends Callable> = Exclude<A['answers'], undefined>;

/** The address with the names of its path filled in, and what is left of the input. */
function filled(path: string, input: object): { readonly at: string; readonly rest: Readonly<Record<string, unknown>> } {
  const rest: Record<string, unknown> = { ...input };
  const at = path.replace(/\{(\w+)\}/g, (_whole, name: string) => {
    const value = rest[name];
    delete rest[name];
    return encodeURIComponent(String(value));
  });
  return { at: `/api/v1${at}`, rest };
}
async function ask(address: Callable, input: object, { keepalive, signal }: Options, patience: number): Promise<Response> {
  const { at, rest } = filled(address.path, input);
  const inAddress = address.method === 'GET' || address.method === 'DELETE';
  const search = searchOf(inAddress ? rest : {});
  const body = inAddress ? undefined : JSON.stringify(rest);
  const limit = AbortSignal.timeout(patience);
  try {
    return await fetch(search.size > 0 ? `${at}?${search}` : at, {
      method: address.method,
      credentials: 'same-origin',
      cache: 'no-store',
      signal: signal ?? limit,
      ...(body === undefined ? {} : { body, headers: { 'content-type': 'application/json' } }),
      // A browser refuses keepalive bodies above 64 KiB.
      ...(keepalive === true && (body?.length ?? 0) < 60_000 ? { keepalive: true } : {}),
    });
  } catch {
    throw new Unreachable();
  }
}
async function refusalOf(response: Response): Promise<ApiProblem | Unreachable> {
  try {
    const problem = await response.json();
    return new ApiProblem(response.status, problem.title ?? 'Something went wrong.', problem);
  } catch {
    return new Unreachable();
  }
}

/** Calls a command or a query of the contract: what it takes and what it answers are the contract's own types. */
export async function call<A extends Callable>(address: A, input: Takes<A>, options: Options = {}): Promise<Answers<A>> {
  const response = await ask(address, input, options, 15_000);
  if (!response.ok) throw await refusalOf(response);
  const text = await response.text().catch(() => {
    throw new Unreachable();
  });
  try {
    return JSON.parse(text === '' ? '{}' : text);
  } catch {
    throw new Unreachable();
  }
}

/** Calls what makes a file, and hands the file to the browser to keep. */
export async function download<A extends Callable & { readonly files?: readonly string[] }>(address: A, input: Takes<A>): Promise<void> {
  const response = await ask(address, input, {}, 60_000);
  if (!response.ok) throw await refusalOf(response);
  const link = document.createElement('a');
  link.href = URL.createObjectURL(await response.blob());
  link.download = /filename="([^"]+)"/.exec(response.headers.get('content-disposition') ?? '')?.[1] ?? 'file';
  link.click();
  URL.revokeObjectURL(link.href);
}
